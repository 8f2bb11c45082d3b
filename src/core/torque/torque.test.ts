import { describe, expect, it } from 'vitest';
import { fromSi, toSi } from '../quantity';
import {
  crowfootSettingNm,
  parseStages,
  parseThread,
  proofLoadKn,
  proofNmm2,
  queryTorque,
  settingsWithin,
  stressAreaMm2,
  tighteningTorqueNm,
  wrenchDeviation,
} from '.';

describe('threads', () => {
  // ISO 898-1, quoted from memory; each follows from As = π/4·(d − 0.9382·P)².
  it.each([
    ['M5', 14.2],
    ['M6', 20.1],
    ['M8', 36.6],
    ['M10', 58.0],
    ['M12', 84.3],
    ['M8x1', 39.2],
    ['M10x1.25', 61.2],
    ['M12x1.25', 92.1],
  ])('stress area of %s is %f mm²', (text, area) => expect(stressAreaMm2(parseThread(text)!)).toBeCloseTo(area, 1));

  // VDI 2230 part 1 table A1, class 8.8, 90 % of yield, quoted from memory.
  it.each([
    ['M6', 0.12, 10.1],
    ['M8', 0.12, 24.6],
    ['M10', 0.12, 48],
    ['M12', 0.12, 84],
    ['M8', 0.14, 27.3],
    ['M10', 0.14, 54],
  ])('tightening torque of %s at friction %f is %f N·m', (text, friction, nm) => {
    expect(tighteningTorqueNm(parseThread(text)!, friction, 640) / nm).toBeCloseTo(1, 1);
    expect(Math.abs(tighteningTorqueNm(parseThread(text)!, friction, 640) - nm) / nm).toBeLessThan(0.02);
  });

  it('reads lengths as lengths and pitches as pitches', () => {
    expect(parseThread('M6x25')).toEqual({ diameterMm: 6, pitchMm: 1 });
    expect(parseThread('m10 × 1.25')).toEqual({ diameterMm: 10, pitchMm: 1.25 });
    expect(parseThread('9/16 odd')).toBeNull();
    expect(() => tighteningTorqueNm({ diameterMm: 9, pitchMm: 1 }, 0.12, 640)).toThrow(RangeError);
  });
});

describe('inch threads', () => {
  // ASME B1.1 (UNC, UNF), BS 84 (BSW, BSF), BS 811 (cycle thread), quoted from memory: threads to an inch of 1/4, 5/16, 3/8.
  it.each([
    ['UNC', [20, 18, 16]],
    ['UNF', [28, 24, 24]],
    ['BSW', [20, 18, 16]],
    ['BSF', [26, 22, 20]],
    ['cycle', [26, 26, 26]],
  ] as const)('%s', (system, tpi) => {
    for (const [i, size] of ['1/4', '5/16', '3/8'].entries()) {
      const thread = parseThread(`${size} ${system}`)!;
      expect(25.4 / thread.pitchMm).toBeCloseTo(tpi[i], 9);
      expect(thread.diameterMm).toBeCloseTo([6.35, 7.9375, 9.525][i], 9);
    }
  });
  // BS 93, quoted from memory.
  it.each([
    ['0BA', 6.0, 1.0],
    ['2BA', 4.7, 0.81],
    ['4 BA', 3.6, 0.66],
    ['6ba', 2.8, 0.53],
  ])('%s is %f by %f mm', (text, diameterMm, pitchMm) => expect(parseThread(text)).toMatchObject({ diameterMm, pitchMm }));
});

describe('strength', () => {
  // ISO 898-1, quoted from memory: proof stress 5.8, 8.8, 10.9, 12.9 in N/mm²; proof loads in kN.
  it('proof stress by class', () => expect(['5.8', '8.8', '10.9', '12.9'].map((c) => proofNmm2[c])).toEqual([380, 580, 830, 970]));
  it.each([
    ['M8', '8.8', 21.2],
    ['M10', '8.8', 33.7],
    ['M10', '10.9', 48.1],
    ['M12', '10.9', 70.0],
  ])('proof load of %s %s is %f kN', (text, strength, kn) => {
    expect(Math.abs(proofLoadKn(parseThread(text)!, strength) - kn) / kn).toBeLessThan(0.005);
    expect(() => proofLoadKn(parseThread(text)!, '9.9')).toThrow(RangeError);
  });
});

describe('the wrench', () => {
  it('a crowfoot in line lengthens the lever: T·L/(L + E), statics', () => {
    expect(crowfootSettingNm(30, 300, 100)).toBeCloseTo(22.5, 9);
    expect(crowfootSettingNm(30, 300, 0)).toBe(30);
    expect(() => crowfootSettingNm(30, 300, -300)).toThrow(RangeError);
  });
  // ISO 6789 by edition and class, quoted from memory.
  it('setting wrenches ±6 % up to 10 N·m and ±4 % above, beam and screwdriver types ±6 %', () => {
    expect([wrenchDeviation('setting', 8), wrenchDeviation('setting', 10), wrenchDeviation('setting', 40)]).toEqual([0.06, 0.06, 0.04]);
    expect([wrenchDeviation('beam', 40), wrenchDeviation('screwdriver', 4)]).toEqual([0.06, 0.06]);
  });
  // Stud nuts wanted at 13 to 16 lbf·ft under washers that lose 10 to 20 % (common practice, arithmetic).
  it('190 lbf·in is 15.83 lbf·ft and holds 12.67 to 14.25; 16.25 to 17.78 stay in; with ±4 % only 16.93 to 17.09; from 0 to 20 % none', () => {
    const set = fromSi(toSi(190, 'lbf·in'), 'lbf·ft');
    expect(set).toBeCloseTo(15.83, 2);
    expect([set * 0.8, set * 0.9]).toEqual([expect.closeTo(12.67, 2), expect.closeTo(14.25, 2)]);
    const wanted = { low: 13, high: 16 };
    const washers = { low: 0.1, high: 0.2 };
    expect(settingsWithin(wanted, washers)).toEqual({ low: expect.closeTo(16.25, 2) as number, high: expect.closeTo(17.78, 2) as number });
    expect(settingsWithin(wanted, washers, 0.04)).toEqual({
      low: expect.closeTo(16.93, 2) as number,
      high: expect.closeTo(17.09, 2) as number,
    });
    expect(settingsWithin(wanted, { low: 0, high: 0.2 })).toBeNull();
  });
});

describe('asking back', () => {
  it('queries a figure that was spoken in one unit and written in another', () => {
    expect(queryTorque('M6', toSi(90, 'N·m'), 'N·m')).toMatch(/Did you mean 90 lbf·in/);
    expect(queryTorque('M8', 250, 'N·m')).toMatch(/would break/);
    expect(queryTorque('M12', 0.5, 'N·m')).toMatch(/next to nothing/);
  });
  it('lets usual figures pass: 8 lbf·ft on covers, 25 N·m on a sump plug (common practice)', () => {
    expect(queryTorque('M6', toSi(8, 'lbf·ft'), 'lbf·ft')).toBeNull();
    expect(queryTorque('M12x1.25', 25, 'N·m')).toBeNull();
    expect(queryTorque('9/16 odd', 900, 'N·m')).toBeNull();
    expect(queryTorque('1/4 UNC', toSi(8, 'lbf·ft'), 'lbf·ft')).toBeNull();
    expect(queryTorque('1/4 BSF', 900, 'N·m')).toMatch(/would break any 1\/4 BSF/);
    // 14 lbf·ft (19 N·m) on an oil filter housing of M8 (common practice).
    expect(queryTorque('M8', toSi(14, 'lbf·ft'), 'lbf·ft')).toBeNull();
  });
});

describe('stages', () => {
  it('staged head: 20 N·m, then 90°, then 90° (common practice)', () => {
    expect(parseStages('20, 90°, 90 deg', 'N·m', 20)).toEqual({
      ok: true,
      stages: [
        { kind: 'torque', value: 20 },
        { kind: 'angle', value: 90 },
        { kind: 'angle', value: 90 },
      ],
    });
  });
  it('even steps where nothing is said, at once where it is light', () => {
    expect(parseStages('', 'N·m', 25)).toMatchObject({ stages: [{ value: 10 }, { value: 17.5 }, { value: 25 }] });
    expect(parseStages('', 'lbf·ft', toSi(8, 'lbf·ft'))).toMatchObject({ ok: true, stages: [{ kind: 'torque' }] });
  });
  it('refuses a stage over the torque it ends at, and says so', () => {
    expect(parseStages('10, 200', 'N·m', 20)).toMatchObject({
      ok: false,
      message: expect.stringContaining('over the torque it ends at (20.0 N·m)'),
    });
  });
  it.each(['90°', 'x', '20, 400°', '90°, 20'])('refuses %j', (t) => expect(parseStages(t, 'N·m', 20).ok).toBe(false));
});
