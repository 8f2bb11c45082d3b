import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aimMm, camTiming, feeler, layouts, screwTurns, settingPositions, sprocketError } from '.';

describe('a degree wheel', () => {
  it('events to durations, centres and overlap, worked by hand', () => {
    // Inlet 20 before the top to 50 after the bottom; exhaust 55 before the bottom to 15 after the top.
    expect(camTiming({ inletOpens: 20, inletCloses: 50, exhaustOpens: 55, exhaustCloses: 15 })).toEqual({
      inletDuration: 250,
      exhaustDuration: 250,
      inletCentre: 105,
      exhaustCentre: 110,
      overlap: 35,
      separation: 107.5,
    });
  });
  it('a cam set over by teeth is named as that, late or early, inlet or exhaust', () => {
    // 34 teeth: 21.2 crank degrees a tooth.
    expect(sprocketError('inlet', 105 + 720 / 34, 105, 34)).toMatchObject({ wholeTeeth: 1 });
    expect(sprocketError('exhaust', 110 + 720 / 34, 110, 34)).toMatchObject({ wholeTeeth: -1 });
    expect(sprocketError('inlet', 108, 105, 34)).toMatchObject({ wholeTeeth: 0, restDegrees: 3 });
    expect(() => sprocketError('inlet', 1, 1, 3)).toThrow(RangeError);
  });
});

describe('where the crank stands', () => {
  it('a four of 1-2-4-3 is set at half turns in that order', () => {
    const { order, intervals } = layouts['four-1243'];
    expect(settingPositions(order, intervals).map((p) => [p.cylinder, p.crankDegrees])).toEqual([
      ['1', 0],
      ['2', 180],
      ['4', 360],
      ['3', 540],
    ]);
  });
  it('every layout fills two turns and names each cylinder once', () => {
    for (const l of Object.values(layouts)) {
      expect(new Set(settingPositions(l.order, l.intervals).map((p) => p.cylinder)).size).toBe(l.order.length);
    }
    expect(() => settingPositions(['1', '2'], [180, 180])).toThrow(RangeError);
    expect(() => settingPositions(['1', '2'], [720])).toThrow(RangeError);
  });
});

describe('clearances', () => {
  it('a feeler gauge brackets', () => {
    expect(feeler(0.1, 0.15)).toEqual({ kind: 'interval', low: 0.0001, high: 0.15 / 1000 });
    expect(feeler(null, 0.05)).toMatchObject({ kind: 'atMost' });
    expect(feeler(0.3, null)).toMatchObject({ kind: 'atLeast' });
    expect(feeler(null, null).kind).toBe('none');
    expect(feeler(0.1, 0.1).kind).toBe('exact');
    expect(() => feeler(0.2, 0.1)).toThrow(RangeError);
  });
  it('the loose end is looser than the middle, and both are inside', () => {
    const band = { lowMm: 0.1, highMm: 0.2 };
    expect(aimMm(band, 'middle')).toBeCloseTo(0.15, 12);
    expect(aimMm(band, 'loose')).toBeCloseTo(0.175, 12);
  });
  it('a screw of 0.75 mm moves 0.05 mm in a fifteenth of a turn; turning it so gives what was wanted', () => {
    expect(screwTurns({ foundMm: 0.1, wantedMm: 0.15, pitchMm: 0.75 })).toBeCloseTo(1 / 15, 12);
    const x = fc.double({ min: 0, max: 0.5, noNaN: true });
    fc.assert(
      fc.property(
        x,
        x,
        fc.double({ min: 0.5, max: 1.25, noNaN: true }),
        fc.double({ min: 1, max: 1.6, noNaN: true }),
        (foundMm, wantedMm, pitchMm, ratio) => {
          expect(foundMm + screwTurns({ foundMm, wantedMm, pitchMm, ratio }) * pitchMm * ratio).toBeCloseTo(wantedMm, 9);
        },
      ),
    );
    expect(() => screwTurns({ foundMm: 0, wantedMm: 1, pitchMm: 0 })).toThrow(RangeError);
  });
});
