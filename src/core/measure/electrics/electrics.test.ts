import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  batteryState,
  chargingVerdict,
  crankingState,
  daysUntilFlat,
  dropVerdict,
  phasesVerdict,
  segmentsBetween,
  starterVerdict,
} from '.';

describe('a battery at rest', () => {
  // Common practice: a flooded 12 V battery at 12.6 V or more is full, 12.2 V half, under 11.9 V flat.
  it('says how full it is', () => {
    expect(batteryState(12.65, 12, 'flooded', 25).state).toBe('full');
    expect(batteryState(12.22, 12, 'flooded', 25).charge).toBeCloseTo(0.5, 1);
    expect(batteryState(11.8, 12, 'flooded', 25).state).toBe('flat');
    expect(batteryState(6.32, 6, 'flooded', 25).state).toBe('full');
  });
  it('a cell short is a dead cell; fresh from the charger is not full yet', () => {
    expect(batteryState(10.5, 12, 'flooded', 25).state).toBe('dead cell');
    expect(batteryState(13.4, 12, 'flooded', 25).state).toBe('over full');
    expect(() => batteryState(24, 24, 'gel', 20)).toThrow(RangeError);
  });
  it('more voltage is never less charge, whatever it is made of', () => {
    const v = fc.double({ min: 11.6, max: 12.9, noNaN: true });
    fc.assert(
      fc.property(fc.constantFrom('flooded' as const, 'gel' as const, 'glass-mat' as const), v, v, (kind, a, b) => {
        const [low, high] = [Math.min(a, b), Math.max(a, b)];
        expect(batteryState(high, 12, kind, 20).charge).toBeGreaterThanOrEqual(batteryState(low, 12, kind, 20).charge);
      }),
    );
  });
});

describe('cranking', () => {
  const trace = (...v: number[]) => ({ samples: v.map((x, i) => ({ s: i * 0.2, v: x })) });
  it('holds over 9.6 V on 12, and says whether it was charged (common practice)', () => {
    expect(crankingState(trace(12.6, 8.9, 10.2, 10.4, 10.3, 10.4), 12)).toMatchObject({ holds: true, lowestV: 8.9 });
    expect(crankingState(trace(12.6, 7, 8.4, 8.5, 8.3, 8.2), 12).words).toMatch(/worn/);
    expect(crankingState(trace(11.9, 7, 8.4, 8.5, 8.3, 8.2), 12).words).toMatch(/charge it/);
    expect(crankingState(trace(6.3, 4.5, 5.1, 5.2, 5.1, 5.2), 6).holds).toBe(true);
    expect(() => crankingState(trace(12), 12)).toThrow(RangeError);
  });
});

describe('a voltage-drop hunt', () => {
  const points = [
    { name: 'battery', volts: 12.4, kind: 'joint' as const },
    { name: 'fuse', volts: 12.35, kind: 'joint' as const },
    { name: 'switch in', volts: 12.3, kind: 'cable' as const },
    { name: 'switch out', volts: 11.1, kind: 'switch' as const },
    { name: 'coil', volts: 11.0, kind: 'cable' as const },
  ];
  it('names the joint that loses most over what it may, with its resistance and heat', () => {
    const v = dropVerdict(segmentsBetween(points), 4);
    expect(v.bad.map((b) => b.name)).toEqual(['switch in to switch out']);
    expect(v.bad[0].ohm).toBeCloseTo(0.3, 9);
    expect(v.bad[0].watt).toBeCloseTo(4.8, 9);
    expect(v.totalV).toBeCloseTo(1.4, 9);
    expect(v.words).toMatch(/86 %/);
  });
  it('all drops together are what is lost from end to end', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 13, noNaN: true }), { minLength: 2, maxLength: 8 }), (volts) => {
        const all = segmentsBetween(volts.map((v, i) => ({ name: String(i), volts: v, kind: 'joint' as const })));
        expect(dropVerdict(all, null).totalV).toBeCloseTo(volts[0] - volts.at(-1)!, 9);
      }),
    );
    expect(dropVerdict([], null).words).toMatch(/Nothing measured/);
    expect(dropVerdict([{ name: 'a', dropV: 0.08, kind: 'joint' }], null, 6).bad).toHaveLength(1);
  });
});

describe('charging', () => {
  const at = (...v: number[]) => v.map((volts, i) => ({ rpm: 1000 + i * 2000, volts }));
  it('holds 13.8 to 14.8 V, half of it on six (common practice)', () => {
    expect(chargingVerdict(12.5, at(12.9, 14.2), 12).state).toBe('charges');
    expect(chargingVerdict(12.5, at(12.5, 12.6), 12).state).toBe('does not charge');
    expect(chargingVerdict(12.5, at(12.8, 13.3), 12).state).toBe('weak');
    expect(chargingVerdict(12.5, at(14, 15.8), 12).state).toBe('overcharges');
    expect(chargingVerdict(12.5, at(13), 12).state).toBe('too few');
    expect(chargingVerdict(6.2, at(6.5, 7.1), 6).state).toBe('charges');
    expect(chargingVerdict(12, [], 12).state).toBe('too few');
  });
  it('three phases agree, and none leaks', () => {
    expect(phasesVerdict([0.5, 0.52, 0.51], false).even).toBe(true);
    expect(phasesVerdict([0.5, 0.9, 0.5], false).even).toBe(false);
    expect(phasesVerdict([0.5, 0.5, 0.5], true).words).toMatch(/leaks to earth/);
  });
});

describe('what drains and what turns slowly', () => {
  it('50 mA take half of 12 A h in five days (arithmetic)', () => {
    expect(daysUntilFlat(50, 12)).toBeCloseTo(5, 9);
    expect(daysUntilFlat(0, 12)).toBe(Infinity);
    expect(() => daysUntilFlat(-1, 12)).toThrow(RangeError);
  });
  it('leads before starter, engine before starter, bench before verdict (common practice)', () => {
    const none = { crankingA: null, freeA: null, liveDropV: null, earthDropV: null, turnsFreely: null };
    const say = (x: Partial<typeof none> | object) => starterVerdict({ ...none, ...x }, { crankingA: 120, freeA: 30 }).words;
    expect(say({ earthDropV: 0.9 })).toMatch(/earth lead/);
    expect(say({ turnsFreely: false, crankingA: 200 })).toMatch(/engine itself/);
    expect(say({ freeA: 80 })).toMatch(/several positions/);
    expect(say({ freeA: 30 })).toMatch(/on the bike/);
    expect(say({ crankingA: 200 })).toMatch(/bench/);
    expect(say({ crankingA: 40 })).toMatch(/brushes/);
    expect(say({})).toMatch(/Nothing here/);
  });
});
