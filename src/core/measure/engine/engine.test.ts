import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  chamberCm3,
  compressionRatio,
  crankcaseLeak,
  degreesAt,
  layerMm,
  meanPistonSpeed,
  openShare,
  pistonMm,
  portOpenDegrees,
  portOpensAtMm,
  sweptCm3,
} from '.';

const crank = { strokeMm: 54, rodMm: 110 };
const anyCrank = fc
  .record({ strokeMm: fc.double({ min: 30, max: 110, noNaN: true }), rodMm: fc.double({ min: 60, max: 220, noNaN: true }) })
  .filter((c) => c.rodMm > c.strokeMm * 0.6);

describe('the slider-crank', () => {
  it('stands at the top, at the bottom, and in between where geometry puts it', () => {
    expect(pistonMm(crank, 0)).toBeCloseTo(0, 12);
    expect(pistonMm(crank, 180)).toBeCloseTo(54, 12);
    // At right angles: r + l - sqrt(l² - r²), derived by hand.
    expect(pistonMm(crank, 90)).toBeCloseTo(27 + 110 - Math.sqrt(110 ** 2 - 27 ** 2), 12);
    expect(() => pistonMm({ strokeMm: 60, rodMm: 20 }, 3)).toThrow(RangeError);
    expect(() => degreesAt(crank, 55)).toThrow(RangeError);
  });

  it('goes to degrees and back, and is the same before and after the top', () => {
    fc.assert(
      fc.property(anyCrank, fc.double({ min: 0.5, max: 179.5, noNaN: true }), (c, a) => {
        expect(degreesAt(c, pistonMm(c, a))).toBeCloseTo(a, 6);
        expect(pistonMm(c, -a)).toBeCloseTo(pistonMm(c, a), 9);
      }),
    );
  });

  it('a port that opens later stays open for less, and the height goes back and forth', () => {
    fc.assert(
      fc.property(anyCrank, fc.double({ min: 100, max: 200, noNaN: true }), (c, open) => {
        expect(portOpenDegrees(c, portOpensAtMm(c, open))).toBeCloseTo(open, 6);
        expect(portOpensAtMm(c, open + 1)).toBeLessThan(portOpensAtMm(c, open));
      }),
    );
  });

  it('mean piston speed: 60 mm at 10,000 revs is 20 m/s', () => expect(meanPistonSpeed(60, 10000)).toBeCloseTo(20, 12));
});

describe('volumes', () => {
  it('a bore and stroke of 64 and 54 mm is 173.7 cm³ a cylinder', () =>
    expect(sweptCm3(64, 54)).toBeCloseTo((Math.PI / 4) * 6.4 ** 2 * 5.4, 9));
  it('the ratio is theirs at the bottom to what is left at the top', () => {
    const left = chamberCm3({ boreMm: 64, headCm3: 18, gasketMm: 1, gasketBoreMm: 65, deckMm: 0.5, domeCm3: 1 });
    expect(left).toBeCloseTo(18 + 3.318 + 1.608 - 1, 2);
    expect(compressionRatio(173.7, left)).toBeCloseTo((173.7 + left) / left, 12);
    expect(() => compressionRatio(100, 0)).toThrow(RangeError);
  });
});

describe('a coked exhaust port (geometry)', () => {
  it('a third of the area is 58 % of the diameter, a quarter is 50 %; a third of the diameter leaves 11 %', () => {
    expect((30 - 2 * layerMm(30, 1 / 3)) / 30).toBeCloseTo(0.577, 3);
    expect((30 - 2 * layerMm(30, 1 / 4)) / 30).toBeCloseTo(0.5, 12);
    expect(openShare(30, 10)).toBeCloseTo(1 / 9, 12);
    expect(openShare(30, 11.25)).toBeCloseTo(0.0625, 12);
    expect(() => openShare(30, 16)).toThrow(RangeError);
  });
});

describe('a crankcase under pressure', () => {
  const psi = 6894.757;
  it('six psi that lose half a psi in a minute are tight; that lose three are not (common practice)', () => {
    expect(crankcaseLeak({ startPa: 6 * psi, endPa: 5.5 * psi, seconds: 60 })).toMatchObject({ tight: true });
    expect(crankcaseLeak({ startPa: 6 * psi, endPa: 3 * psi, seconds: 60 })).toMatchObject({ tight: false });
    expect(crankcaseLeak({ startPa: 6 * psi, endPa: 3 * psi, seconds: 60 }).halfLifeS).toBeCloseTo(60, 9);
    expect(crankcaseLeak({ startPa: psi, endPa: psi, seconds: 5 }).halfLifeS).toBe(Infinity);
  });
  it('says the same however long one waited', () => {
    fc.assert(
      fc.property(fc.double({ min: 1e-4, max: 0.05, noNaN: true }), fc.integer({ min: 5, max: 600 }), (k, t) => {
        const at = (seconds: number) => crankcaseLeak({ startPa: 4e4, endPa: 4e4 * Math.exp(-k * seconds), seconds });
        expect(at(t).perMinutePa).toBeCloseTo(at(60).perMinutePa, 4);
      }),
    );
  });
});
