import { describe, expect, it } from 'vitest';
import { toSi } from '../quantity';
import { parseStages, parseThread, queryTorque, stressAreaMm2, tighteningTorqueNm } from '.';

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
    expect(parseThread('1/4 BSF')).toBeNull();
    expect(() => tighteningTorqueNm({ diameterMm: 9, pitchMm: 1 }, 0.12, 640)).toThrow(RangeError);
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
    expect(queryTorque('1/4 BSF', 900, 'N·m')).toBeNull();
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
