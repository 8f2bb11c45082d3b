import { describe, expect, it } from 'vitest';
import { atClutchNm, capacityNm, meanRadiusMm, plateWords, slipVerdict, stackLoss } from '../clutch';
import { drainAndReplaceMl, freezesAtC, shareFor } from '../coolant';
import { gapAfterMm, legsAlike, oilForGapMl, sagVerdict } from '../forks';
import { matchOrders, turningIn, type Train } from '../noise';
import { sure } from '../uncertain';
import { beltTensionN, chainWear, pitchMm, ratioOf, revsAt, teethWords } from '.';

describe('clutch', () => {
  it('16 faces, 0.12, 1,000 N at 60 mm carry 115 N·m (arithmetic)', () => {
    expect(capacityNm({ faces: 16, friction: 0.12, springN: 1000, meanRadiusMm: 60 })).toBeCloseTo(115.2, 9);
    expect(meanRadiusMm(130, 110)).toBe(60);
    expect(atClutchNm(40, 2.5)).toBe(100);
    expect(slipVerdict(115, 100)).toMatchObject({ slips: false });
    expect(slipVerdict(90, 100).slips).toBe(true);
    expect(() => slipVerdict(90, 0)).toThrow(RangeError);
  });
  it('a worn stack has lost height and pressure', () => {
    expect(
      stackLoss(
        [
          { thicknessMm: 2.8, warpMm: null },
          { thicknessMm: 2.9, warpMm: 0.1 },
        ],
        6,
        50,
      ),
    ).toMatchObject({ lostN: expect.closeTo(15, 6) as number });
  });
  it('never roughens aluminium; names both schools on steel (common practice)', () => {
    expect(plateWords('glazed', 'aluminium', false)).toMatch(/never roughened/);
    expect(plateWords('glazed', 'steel', false)).toMatch(/180 to 220/);
    expect(plateWords('glazed', 'steel', true)).toMatch(/renew/i);
    expect(plateWords('blued', 'steel', false)).toMatch(/warp/);
    expect(plateWords('sound', 'steel', false)).toBe('The plates are sound.');
  });
});

describe('chain and belt', () => {
  // ISO 10190, quoted from memory.
  it.each([
    ['428', 12.7],
    ['520', 15.875],
    ['525', 15.875],
    ['530', 15.875],
  ])('a chain of number %s has a pitch of %f mm', (number, mm) => expect(pitchMm[number]).toBe(mm));
  it('wear is what it has grown over so many pitches (ISO 10190: 520 has 15.875 mm)', () => {
    expect(chainWear('520', 20, 20 * 15.875 * 1.021, 'open')).toMatchObject({ worn: true });
    expect(chainWear('428', 20, 20 * 12.7 * 1.005, 'open').worn).toBe(false);
    expect(chainWear('428', 20, 20 * 12.7 * 1.015, 'in oil').worn).toBe(true);
    expect(chainWear('428', 20, 200, 'open').words).toMatch(/Shorter than new/);
    expect(() => chainWear('999', 20, 300, 'open')).toThrow(RangeError);
    expect(() => chainWear('520', 2, 30, 'open')).toThrow(RangeError);
  });
  it('ratios and revs (arithmetic)', () => {
    expect(ratioOf(45, 15)).toBe(3);
    // 60 km/h are 1 km a minute: 500 turns of a wheel of 2 m.
    expect(revsAt(60, 2000, 3)).toBeCloseTo(1500, 9);
    expect(teethWords('hooked')).toMatch(/goes with its chain/);
  });
  it('10 N·m on an arm of 100 mm pull each run with 50 N (statics)', () => {
    expect(beltTensionN(10, 100)).toBeCloseTo(50, 9);
    expect(() => beltTensionN(10, 0)).toThrow(RangeError);
  });
});

describe('forks', () => {
  it('10 mm of a 36 mm tube are 10.2 ml, there and back (geometry)', () => {
    expect(oilForGapMl(36, 150, 140)).toBeCloseTo(10.18, 2);
    expect(gapAfterMm(36, 150, oilForGapMl(36, 150, 140))).toBeCloseTo(140, 9);
    expect(legsAlike(140, 141, 1).alike).toBe(true);
  });
  it('sag says springs or preload (common practice)', () => {
    const sag = (free: number, ridden: number) =>
      sagVerdict({ hangingMm: 600, freeMm: 600 - free, riddenMm: 600 - ridden, travelMm: 120 }).words;
    expect(sag(20, 36)).toMatch(/usual/);
    expect(sag(15, 55)).toMatch(/too soft/);
    expect(sag(35, 55)).toMatch(/more preload/);
    expect(sag(5, 15)).toMatch(/too little/);
    expect(() => sag(30, 20)).toThrow(RangeError);
  });
});

describe('coolant', () => {
  it('half and half freezes at about -37 °C (handbooks, from memory), and the table goes back and forth', () => {
    expect(freezesAtC(0.5)).toBe(-37);
    expect(shareFor(freezesAtC(0.37))).toBeCloseTo(0.37, 9);
    expect(shareFor(5)).toBe(0);
    expect(() => shareFor(-80)).toThrow(RangeError);
    expect(() => freezesAtC(0.9)).toThrow(RangeError);
  });
  it('draining part and filling concentrate gives the share that was wanted (arithmetic)', () => {
    const drained = drainAndReplaceMl(2000, 0.3, 0.5);
    expect(((2000 - drained) * 0.3 + drained) / 2000).toBeCloseTo(0.5, 12);
    expect(() => drainAndReplaceMl(2000, 0.5, 0.3)).toThrow(RangeError);
  });
});

describe('noises by their rate', () => {
  const train: Train = {
    strokes: 'four',
    cylinders: 2,
    primary: { driving: 20, driven: 60 },
    gear: { driving: 20, driven: 40 },
    final: { driving: 15, driven: 45 },
    camChain: { crankTeeth: 17, links: 102 },
    others: [{ what: 'balancer', order: 2 }],
  };
  it('half of the revs is the cam, once is the crank (common practice)', () => {
    const of = (rate: number) => matchOrders({ value: rate, error: 0.3 }, { value: 1200, error: 20 }, turningIn(train)).matches[0]?.what;
    expect(of(10)).toMatch(/^cam/);
    expect(of(20)).toMatch(/^crank|every firing/);
    expect(of(40)).toBe('balancer');
    expect(of(1200 / 60 / 3)).toMatch(/clutch/);
    expect(of(87)).toBeUndefined();
  });
  it('an exact rate matches what turns exactly so; one that stands matches nothing', () => {
    for (const t of turningIn(train))
      expect(matchOrders(sure((t.order * 3000) / 60), sure(3000), turningIn(train)).matches.map((m) => m.what)).toContain(t.what);
    expect(turningIn({ ...train, strokes: 'two' }).some((t) => t.what.startsWith('cam'))).toBe(false);
    expect(() => matchOrders(sure(1), sure(0), [])).toThrow(RangeError);
  });
});
