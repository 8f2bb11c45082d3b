import { describe, expect, it } from 'vitest';
import { toSi } from '../quantity';
import {
  crowfootSettingNm,
  parseStages,
  parseThread,
  proofLoadKn,
  queryTorque,
  settingsWithin,
  stressAreaMm2,
  threadName,
  tighteningTorqueNm,
} from '.';

describe('metric threads', () => {
  // Coarse pitches, ISO 261, quoted from memory.
  it.each([
    [3, 0.5],
    [4, 0.7],
    [5, 0.8],
    [6, 1],
    [7, 1],
    [8, 1.25],
    [10, 1.5],
    [12, 1.75],
    [14, 2],
    [16, 2],
  ])('M%i has a coarse pitch of %f mm', (d, pitchMm) => {
    for (const text of [`M${d}`, ` m ${d} `, `M${d}x60`, `m${d}*${pitchMm}`]) expect(parseThread(text)).toEqual({ diameterMm: d, pitchMm });
    expect(threadName(parseThread(`M${d}`)!)).toBe(`M${d}`);
  });
  it('a pitch is at most a third of the diameter; what is longer is a length; a size that nobody makes is none', () => {
    expect(parseThread('M6x2')).toEqual({ diameterMm: 6, pitchMm: 2 });
    expect(parseThread('M6x3')).toEqual({ diameterMm: 6, pitchMm: 1 });
    expect(parseThread('M8 x 1.25 x 40')).toEqual({ diameterMm: 8, pitchMm: 1.25 });
    expect(parseThread('m4.5x0.75')).toEqual({ diameterMm: 4.5, pitchMm: 0.75 });
    for (const text of ['M9', 'xM6', 'M', '', 'screw M6', 'sump']) expect(parseThread(text)).toBeNull();
  });
  // Stress areas of ISO 898-1 for the sizes between, quoted from memory.
  it.each([
    ['M3', 5.03],
    ['M4', 8.78],
    ['M7', 28.9],
    ['M14', 115],
    ['M16', 157],
  ])('stress area of %s is %f mm²', (text, area) => expect(Math.abs(stressAreaMm2(parseThread(text)!) / area - 1)).toBeLessThan(0.005));

  // VDI 2230 part 1, table A1: class, friction and N·m at 90 % of yield, quoted from memory.
  it.each([
    ['M4', 0.12, 640, 3.0],
    ['M5', 0.12, 640, 5.9],
    ['M7', 0.12, 640, 16.3],
    ['M8', 0.12, 940, 36.1],
    ['M8', 0.12, 1100, 42.2],
    ['M10', 0.1, 640, 43],
    ['M14', 0.12, 640, 133],
    ['M16', 0.12, 640, 206],
    ['M16', 0.14, 940, 338],
  ])('tightening torque of %s at friction %f and yield %i is %f N·m', (text, friction, yieldNmm2, nm) =>
    expect(Math.abs(tighteningTorqueNm(parseThread(text)!, friction, yieldNmm2) / nm - 1)).toBeLessThan(0.025),
  );
  it('says which head or class it does not know', () => {
    expect(() => tighteningTorqueNm({ diameterMm: 4.5, pitchMm: 0.75 }, 0.12, 640)).toThrow('no head sizes for M4.5');
    expect(() => proofLoadKn(parseThread('M8')!, '4.4')).toThrow('no strength class 4.4');
  });
});

describe('inch threads', () => {
  // ASME B1.1, BS 84, BS 811, quoted from memory: threads to an inch of 7/16 and 1/2.
  it.each([
    ['UNC', 14, 13],
    ['UNF', 20, 20],
    ['BSW', 14, 12],
    ['BSF', 18, 16],
    ['cycle', 26, 26],
    ['CEI', 26, 26],
  ])('%s: 7/16 has %i, 1/2 has %i', (system, a, b) => {
    expect(25.4 / parseThread(`7/16 ${system}`)!.pitchMm).toBeCloseTo(a, 9);
    expect(25.4 / parseThread(`1/2 in ${system.toLowerCase()}`)!.pitchMm).toBeCloseTo(b, 9);
  });
  // Stress area in in²: ASME B1.1, At = π/4·(d − 0.9743/n)², quoted from memory.
  it.each([
    ['1/4 UNC', 0.0318],
    ['1/4" UNF', 0.0364],
    ['3/8UNC', 0.0775],
    ['1/2-inch UNC', null],
  ])('stress area of %s is %s in²', (text, area) => {
    const thread = parseThread(text);
    if (area === null) expect(thread).toBeNull();
    else expect(stressAreaMm2(thread!) / 25.4 ** 2 / area).toBeCloseTo(1, 2);
  });
  // The Whitworth form is 0.640327 of the pitch deep, BS 84, so that the mean of pitch and core lies 0.9605 of it under the outer one.
  it('have the stress area of their own form', () => {
    const d = (25.4 * 5) / 16;
    const p = 25.4 / 18;
    expect(stressAreaMm2(parseThread('5/16 BSW')!)).toBeCloseTo((Math.PI / 4) * (d - 1.5 * 0.640327 * p) ** 2, 2);
    expect(stressAreaMm2(parseThread('2BA')!)).toBeCloseTo((Math.PI / 4) * (4.7 - 0.9 * 0.81) ** 2, 9);
  });
  it('are called as they are spoken of', () => {
    const names = ['1/4 unc', '5/16 BSF', '3/8 CEI', '3/8 cycle', ' 2 ba', '0BA'].map((t) => threadName(parseThread(t)!));
    expect(names).toEqual(['1/4 UNC', '5/16 BSF', '3/8 cycle', '3/8 cycle', '2BA', '0BA']);
    for (const text of ['1/4', '9/32 UNC', 'a 1/4 UNC', '7BA', '12BA', 'x2BA', '1/4 UNCLE', '2BAR']) expect(parseThread(text)).toBeNull();
  });
  it('want about what a metric one of their size does', () => {
    const nm = (text: string) => tighteningTorqueNm(parseThread(text)!, 0.12, 640);
    // A 5/16 is an M8 by 0.06 mm: within a tenth, common practice.
    expect(Math.abs(nm('5/16 UNC') / nm('M8') - 1)).toBeLessThan(0.1);
    expect(nm('1/4 UNF')).toBeGreaterThan(nm('1/4 UNC'));
  });
});

describe('a torque that cannot be meant', () => {
  const ask = (thread: string, value: number, unit: string) => queryTorque(thread, toSi(value, unit), unit);
  it('is asked back in words, with the unit that was meant', () => {
    expect(ask('M6', 13, 'N·m')).toBeNull();
    expect(ask('M6', 15, 'N·m')).toBe(
      'This is over what the usual class (8.8) of a M6 takes (about 10 N·m): only a stronger screw in a sound thread stands it. Look at the manual again.',
    );
    expect(ask('M6', 90, 'N·m')).toBe('This would break any M6 (an 8.8 takes about 10 N·m). Did you mean 90 lbf·in?');
    expect(ask('M8', 1, 'N·m')).toBe('This is next to nothing for a M8 (an 8.8 takes about 25 N·m). Did you mean 1 kgf·m?');
    expect(ask('M8', 0.1, 'N·m')).toBe('This is next to nothing for a M8 (an 8.8 takes about 25 N·m). Look at the manual again.');
    expect(ask('M8', 250, 'lbf·ft')).toMatch(/^This would break any M8 .* Did you mean 250 lbf·in\?$/);
    expect(ask('M10', 3000, 'N·m')).toMatch(/Look at the manual again\.$/);
  });
  it('a twentieth of what the class wants passes, and what is just over its tightest friction does not', () => {
    const usual = tighteningTorqueNm(parseThread('M8')!, 0.12, 640);
    const strong = tighteningTorqueNm(parseThread('M8')!, 0.14, 640) * 1.2;
    expect([usual / 20, strong].map((nm) => queryTorque('M8', nm, 'N·m'))).toEqual([null, null]);
    expect([usual / 20 - 0.01, strong + 0.01].map((nm) => queryTorque('M8', nm, 'N·m') !== null)).toEqual([true, true]);
  });
  it('nothing is asked of a thread whose head is not known', () => expect(ask('M4.5x0.75', 900, 'N·m')).toBeNull());
});

describe('stages', () => {
  const said = (text: string, nm = 40) => {
    const r = parseStages(text, 'N·m', nm);
    return r.ok ? r.stages.map((s) => `${s.value}${s.kind === 'angle' ? '°' : ''}`).join() : r.message;
  };
  it.each([
    ['20, 40', '20,40'],
    ['20; 40;', '20,40'],
    ['20 then 40 then 60 degrees', '20,40,60°'],
    ['20, 90 deg', '20,90°'],
    ['20, 1 degree', '20,1°'],
    ['20, 360°', '20,360°'],
    ['20, 90° ', '20,90°'],
    ['  ', '16,28,40'],
    ['40.02', '40.02'],
    ['20, 361°', "'361°' is not an angle between 1 and 360 degrees."],
    ['20, 0°', "'0°' is not an angle between 1 and 360 degrees."],
    ['41', '41 is over the torque it ends at (40.0 N·m): no stage goes past it.'],
    ['90°', 'Begin with a torque: an angle alone has nothing to start from.'],
    [',', 'Begin with a torque: an angle alone has nothing to start from.'],
    ['90°, 20', 'The first stage is a torque; angles come after it.'],
    ['20, x', "'x' is not a number. Write it like 118 or 12.4."],
    ['0.05', '0.05 N·m cannot be right here. Did you mean 0.05 kgf·m?'],
  ])('%j: %s', (text, expected) => expect(said(text)).toBe(expected));
  it('goes at once under 12 N·m, in steps from there', () => {
    expect([said('', 11.9), said('', 12)]).toEqual(['11.9', '4.8,8.4,12']);
    expect(said('', 13.337)).toBe('5.335,9.336,13.337');
  });
});

describe('the wrench', () => {
  it('has a length, and some of it is left', () => {
    for (const [wrench, extension] of [
      [0, 100],
      [-1, 100],
      [300, -300],
      [300, -301],
    ])
      expect(() => crowfootSettingNm(30, wrench, extension)).toThrow('a wrench has a length, and some of it is left');
    expect(crowfootSettingNm(30, 300, -100)).toBeCloseTo(45, 9);
  });
  it('one setting is still a setting', () =>
    expect(settingsWithin({ low: 8, high: 9 }, { low: 0.1, high: 0.2 })).toEqual({ low: 10, high: 10 }));
});
