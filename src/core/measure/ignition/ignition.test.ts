import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  advanceVerdict,
  allowedAt,
  at20,
  atTemperature,
  dwellShare,
  gapFor,
  hotRise,
  primaryA,
  primaryReachedA,
  timingShiftCrank,
  windingC,
} from '.';

describe('windings', () => {
  // IEC 60028: 0.00393 a kelvin.
  it('4.00 ohm at 60 °C is 3.46 ohm at 20 °C', () => expect(at20(4, 60)).toBeCloseTo(4 / 1.1572, 9));
  it('goes there and back, and says how warm it is', () => {
    const ohm = fc.double({ min: 0.1, max: 20000, noNaN: true });
    const celsius = fc.double({ min: -30, max: 180, noNaN: true });
    fc.assert(
      fc.property(ohm, celsius, (r, t) => {
        expect(atTemperature(at20(r, t), t) / r).toBeCloseTo(1, 9);
        expect(windingC(atTemperature(r, t), r)).toBeCloseTo(t, 6);
      }),
    );
    expect(() => at20(1, -300)).toThrow(RangeError);
  });
  it('a coil that rises more than copper does opens when hot', () => {
    expect(hotRise(4, 20, atTemperature(4, 80), 80).suspicious).toBe(false);
    expect(hotRise(4, 20, 7, 80).suspicious).toBe(true);
    expect(hotRise(4, 20, 3.9, 80).suspicious).toBe(true);
  });
  it('primary current is Ohm’s law, and less where the dwell is short', () => {
    expect(primaryA(6, 1.5)).toBeCloseTo(4, 12);
    expect(primaryA(12, 1.5, 1.5)).toBeCloseTo(4, 12);
    expect(primaryReachedA(12, 3, 0.008, 1)).toBeCloseTo(4, 9);
    // One time constant: 63.2 %.
    expect(primaryReachedA(12, 3, 0.009, 0.003)).toBeCloseTo(4 * (1 - Math.exp(-1)), 9);
  });
});

describe('points', () => {
  it('a wider gap dwells less, and two tries give the gap that is wanted', () => {
    expect(gapFor({ gapMm: 0.3, dwellDegrees: 110 }, { gapMm: 0.4, dwellDegrees: 100 }, 105)).toBeCloseTo(0.35, 12);
    expect(() => gapFor({ gapMm: 0.3, dwellDegrees: 100 }, { gapMm: 0.4, dwellDegrees: 110 }, 105)).toThrow(RangeError);
    expect(() => gapFor({ gapMm: 0.3, dwellDegrees: 100 }, { gapMm: 0.3, dwellDegrees: 100 }, 105)).toThrow(RangeError);
  });
  it('less dwell fires earlier, twice as much at the crank where the cam turns at half speed (geometry)', () => {
    expect(timingShiftCrank(-4, false)).toBe(2);
    expect(timingShiftCrank(-4, true)).toBe(4);
    expect(dwellShare(90, 2)).toBe(0.5);
    expect(() => dwellShare(200, 2)).toThrow(RangeError);
  });
});

describe('an advance curve', () => {
  const curve = [
    { rpm: 1100, lowDegrees: 8, highDegrees: 12 },
    { rpm: 3000, lowDegrees: 27, highDegrees: 33 },
    { rpm: 6000, lowDegrees: 33, highDegrees: 37 },
  ];
  const words = (...degrees: number[]) =>
    advanceVerdict(
      curve,
      [1100, 3000, 6000].map((rpm, i) => ({ rpm, degrees: degrees[i] })),
    ).words;
  it('runs straight between the points of the manual, and nowhere else', () => {
    expect(allowedAt(curve, 2050)).toEqual({ low: 17.5, high: 22.5 });
    expect(allowedAt(curve, 900)).toBeNull();
    expect(allowedAt(curve, 7000)).toBeNull();
  });
  it('says whether it is the base, the advance, or stuck', () => {
    expect(words(10, 30, 35)).toMatch(/follows the manual/);
    expect(words(4, 20, 28)).toMatch(/base timing first/);
    expect(words(16, 37, 41)).toMatch(/set the base timing back/);
    expect(words(10, 18, 20)).toMatch(/does not come out fully/);
    expect(words(10, 10, 11)).toMatch(/does not advance at all/);
    expect(words(10, 30, 37.6)).toMatch(/Borderline/);
    expect(advanceVerdict(curve, [{ rpm: 500, degrees: 5 }]).words).toMatch(/No limit to compare with/);
  });
});
