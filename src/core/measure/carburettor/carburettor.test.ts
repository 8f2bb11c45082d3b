import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { densityAt } from '../air';
import { areaChange, balanceAdvice, holeMm2, jetForDensity, nearestJet, needleAt, needleLiftMm, needleMm2, screwsFor, settled } from '.';

describe('jets', () => {
  it('area goes with the square: 1.00 to 1.05 mm is 10 % more (geometry)', () => {
    expect(areaChange(holeMm2(1), holeMm2(1.05))).toBeCloseTo(0.1025, 9);
    expect(needleMm2(2.6, 2.4)).toBeCloseTo((Math.PI / 4) * (2.6 ** 2 - 2.4 ** 2), 9);
    expect(() => needleMm2(2.4, 2.6)).toThrow(RangeError);
  });
  it('at 1,500 m the air is 0.864 as dense and the jet 0.964 as wide (ISO 2533; derived)', () => {
    expect(jetForDensity(1, densityAt(0), densityAt(1500))).toBeCloseTo(0.8638 ** 0.25, 3);
    const density = fc.double({ min: 0.6, max: 1.4, noNaN: true });
    fc.assert(
      fc.property(density, density, (a, b) => {
        expect(jetForDensity(jetForDensity(1.2, a, b), b, a)).toBeCloseTo(1.2, 9);
      }),
    );
  });
  it('of two jets as near the richer one', () => {
    expect(nearestJet(0.962, 0.025)).toBeCloseTo(0.95, 9);
    expect(nearestJet(0.9625, 0.025)).toBeCloseTo(0.975, 9);
  });
  it('a needle tapers from where its taper starts; a float moves its needle by its lever', () => {
    const needle = { fullMm: 2.5, tipMm: 2, taperStartMm: 20, taperLengthMm: 20 };
    expect(needleAt(needle, 10)).toBe(2.5);
    expect(needleAt(needle, 30)).toBeCloseTo(2.25, 12);
    expect(needleAt(needle, 90)).toBe(2);
    expect(needleLiftMm(2, 40, 10)).toBe(0.5);
  });
});

describe('balance', () => {
  it('pairs first, then pair against pair', () => {
    expect(balanceAdvice([20, 24, 22, 22], 2).screw?.id).toBe('1-2');
    expect(balanceAdvice([22, 22, 20, 24], 2).screw?.id).toBe('3-4');
    expect(balanceAdvice([22, 22, 27, 27], 2).screw?.id).toBe('2-3');
    expect(balanceAdvice([22, 22.5, 23, 22.4], 2)).toMatchObject({ good: true, screw: null });
    expect(() => balanceAdvice([1], 2)).toThrow(RangeError);
  });
  it('a flutter that could hide the rest is not good enough yet', () => expect(balanceAdvice([22, 23.5], 2, 1).good).toBe(false));
  it('doing what it says brings any engine within the limit, in few turns of a screw', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 4 }).chain((n) => fc.array(fc.double({ min: 15, max: 30, noNaN: true }), { minLength: n, maxLength: n })),
        (start) => {
          const vacuum = [...start];
          const mean = (at: readonly number[]) => at.reduce((s, i) => s + vacuum[i], 0) / at.length;
          let turns = 0;
          for (;;) {
            const { good, screw } = balanceAdvice(vacuum, 1);
            if (good) break;
            expect(turns++).toBeLessThan(12);
            const apart = mean(screw!.after) - mean(screw!.before);
            for (const i of screw!.after) vacuum[i] -= apart / 2;
            for (const i of screw!.before) vacuum[i] += apart / 2;
          }
        },
      ),
    );
  });
  it('every carburettor is reached by some screw', () => {
    for (const n of [2, 3, 4]) expect(new Set(screwsFor(n).flatMap((s) => [...s.before, ...s.after])).size).toBe(n);
    expect(screwsFor(1)).toEqual([]);
  });
  it('a column settles to its mean, with its flutter', () => {
    expect(settled([20, 22])).toEqual({ mean: 21, flutter: 1 });
    expect(settled([]).mean).toBeNaN();
  });
});
