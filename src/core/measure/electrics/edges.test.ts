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
  type BatteryKind,
} from '.';

// What lies on an edge belongs to one side of it. Voltages of rest by cell and the other bounds are common practice, from memory.

describe('a battery by its cells', () => {
  it.each<[BatteryKind, number[]]>([
    ['flooded', [11.88, 12.06, 12.222, 12.45, 12.648]],
    ['gel', [11.802, 12.0, 12.36, 12.63, 12.852]],
    ['glass-mat', [11.802, 12.048, 12.3, 12.552, 12.81]],
    ['lithium', [12.498, 12.882, 13.122, 13.242, 13.398]],
  ])('%s: empty, a quarter, half, three quarters, full at 25 °C', (kind, volts) => {
    const charge = (v: number) => batteryState(v, 12, kind, 25).charge;
    expect(volts.map(charge)).toEqual([0, 0.25, 0.5, 0.75, 1].map((x) => expect.closeTo(x, 6) as number));
    for (let i = 1; i < 5; i++) expect(charge((volts[i - 1] + volts[i]) / 2)).toBeCloseTo((i - 0.5) / 4, 6);
    expect(batteryState(volts[2] / 2, 6, kind, 25).charge).toBeCloseTo(0.5, 6);
    expect(batteryState(volts[2], 12, kind, 25).error).toBe(0.1);
  });
  it('a warm cell of lead reads a little more; one of lithium does not', () => {
    expect(batteryState(12.222 + 6 * 0.0002 * 20, 12, 'flooded', 45).charge).toBeCloseTo(0.5, 6);
    expect(batteryState(12.222 - 6 * 0.0002 * 25, 12, 'flooded', 0).charge).toBeCloseTo(0.5, 6);
    expect(batteryState(13.122, 12, 'lithium', 45).charge).toBeCloseTo(0.5, 6);
  });
  it('says what to do by how full it is', () => {
    const said = (v: number, kind: BatteryKind = 'flooded') => {
      const s = batteryState(v, 12, kind, 25);
      return `${s.state}: ${s.words}`;
    };
    expect(said(12.63)).toBe('full: Full. What it can give is only seen while cranking.');
    expect(said(12.55)).toBe('usable: About 9 in 10 of its charge. Good enough to test with; charge it before a day of cranking.');
    expect(said(12.33)).toBe('usable: About 6 in 10 of its charge. Good enough to test with; charge it before a day of cranking.');
    expect(said(12.3)).toBe('low: About 6 in 10 of its charge. Charge it before anything is judged by it.');
    expect(said(12.03)).toBe('low: About 2 in 10 of its charge. Charge it before anything is judged by it.');
    expect(said(11.95)).toBe('flat: About 1 in 10 of its charge. Charge it before anything is judged by it.');
    expect(said(11.6)).toBe('flat: About 0 in 10 of its charge. Charge it before anything is judged by it.');
    expect(said(11.3)).toBe('flat: Flat. Charge it slowly; one that stood flat for weeks may not take it.');
    expect(said(10.54)).toBe(
      'dead cell: About one cell short. Charge it and let it rest a day, then measure again: only one that falls back has a dead cell.',
    );
    expect(said(8.43)).toMatch(/^dead cell: About 2 cells short\./);
    expect(said(9.5)).toMatch(/^flat: Flat\. Charge it slowly/);
    expect(said(13.0)).toMatch(/^full: /);
    expect(said(13.02)).toMatch(/^over full: More than a battery at rest can have/);
    expect(said(12.1, 'lithium')).toMatch(/^flat: Flat: charge it with a charger made for lithium only/);
    expect(said(10.5, 'lithium')).toMatch(/renew it\.$/);
    expect(batteryState(12.33, 12, 'flooded', 25).charge).toBeGreaterThan(0.6);
    expect(() => batteryState(12, 24, 'gel', 20)).toThrow('a battery of 6 or 12 V');
  });
});

describe('while it cranks', () => {
  const trace = (...v: number[]) => ({ samples: v.map((x, i) => ({ s: i, v: x })) });
  it('the median of its second half counts, not the dip', () => {
    expect(crankingState(trace(12.6, 7, 10, 11, 10.5, 9), 12)).toMatchObject({ restV: 12.6, lowestV: 7, turningV: 10.5, holds: true });
    expect(crankingState(trace(12.6, 7, 9.6, 9.6), 12).holds).toBe(true);
    expect(crankingState(trace(12.6, 7, 9.59, 9.59), 12).holds).toBe(false);
    expect(crankingState(trace(6.3, 4, 4.8, 4.8), 6).holds).toBe(true);
    expect(crankingState(trace(6.3, 4, 4.79, 4.79), 6).holds).toBe(false);
    expect(crankingState(trace(12.6, 8, 10, 10), 12, 10.1).holds).toBe(false);
    expect(() => crankingState(trace(12, 10, 10), 12)).toThrow('too few samples to say anything');
  });
  it('says whether it was charged to begin with, on six volts as well', () => {
    const words = (rest: number, system = 12) => crankingState(trace(rest, 3, 3, 3), system).words;
    expect(words(12.2)).toMatch(/^It falls too far though it was charged/);
    expect(words(12.19)).toBe('It falls too far, and was not full to begin with: charge it and crank again.');
    expect(words(6.1, 6)).toMatch(/though it was charged/);
    expect(words(6.05, 6)).toMatch(/not full to begin with/);
    expect(crankingState(trace(12.6, 9, 10, 10), 12).words).toBe('It holds while it cranks.');
  });
});

describe('charging on its edges', () => {
  const at = (...v: number[]) => v.map((volts, i) => ({ rpm: 1000 + i * 2000, volts }));
  const state = (rest: number, v: number[], system = 12, own: { low: number | null; high: number | null } | null = null) =>
    chargingVerdict(rest, at(...v), system, own).state;
  it('holds 13.8 to 15, rises by a fifth of a volt, and half of it on six', () => {
    expect([state(12.5, [13, 13.8]), state(12.5, [13, 15]), state(12.5, [13, 15.01]), state(12.5, [13, 13.79])]).toEqual([
      'charges',
      'charges',
      'overcharges',
      'weak',
    ]);
    expect([state(12.5, [12, 12.69]), state(12.5, [12, 12.7])]).toEqual(['does not charge', 'weak']);
    expect([
      state(6.2, [6, 6.9], 6),
      state(6.2, [6, 7.5], 6),
      state(6.2, [6, 7.51], 6),
      state(6.2, [6, 6.29], 6),
      state(6.2, [6, 6.31], 6),
    ]).toEqual(['charges', 'charges', 'overcharges', 'does not charge', 'weak']);
    expect([state(12.5, [13.5]), state(12.5, [14]), state(12.5, [15.5])]).toEqual(['too few', 'charges', 'overcharges']);
  });
  it('by the bike’s own limits, the general top where it gives none', () => {
    const own = { low: 13, high: 14 };
    expect([state(12, [12.9, 13], 12, own), state(12, [13, 14.1], 12, own), state(12, [12.5, 12.9], 12, own)]).toEqual([
      'charges',
      'overcharges',
      'weak',
    ]);
    expect(state(12, [13, 15.1], 12, { low: 13, high: null })).toBe('overcharges');
    expect(state(12, [13, 15.1], 12, { low: 15.1, high: null })).toBe('charges');
    expect(state(12, [13, 13.8], 12, { low: null, high: 14 })).toBe('charges');
  });
  it('says at which speed, and what comes next', () => {
    expect(chargingVerdict(12.5, at(14.3, 14.1))).toEqual({ state: 'charges', highestV: 14.3, words: 'Charges: 14.3 V at 1000 a minute.' });
    expect(chargingVerdict(12.5, [])).toEqual({ state: 'too few', highestV: NaN, words: 'Nothing measured yet.' });
    expect(chargingVerdict(12.5, at(13)).words).toBe('Under the band at one speed: take it at some revs as well.');
    expect(chargingVerdict(12.5, at(12, 13)).words).toMatch(/^Rises, but stays under the band/);
    expect(chargingVerdict(12.5, at(12, 12)).words).toMatch(/^Does not charge/);
    expect(chargingVerdict(12.5, at(16, 16)).words).toMatch(/^Overcharges/);
  });
  it('phases agree within a tenth', () => {
    const even = (...v: number[]) => phasesVerdict(v, false).even;
    expect([even(1, 0.9, 1), even(1, 0.89, 1), even(1), even(0, 0), even(0.5, 0.5)]).toEqual([true, false, false, true, true]);
    expect(phasesVerdict([1, 0.5, 1], false)).toEqual({
      share: 0.5,
      even: false,
      words: 'The phases differ by 50 %: one is open or shorted, or its plug is burnt.',
    });
    expect(phasesVerdict([1, 1], false).words).toBe('The phases agree, and none leaks.');
    expect(phasesVerdict([0, 0], false).share).toBe(0);
    expect(phasesVerdict([1, 1], true)).toMatchObject({ even: true, words: expect.stringMatching(/^A winding leaks to earth/) as string });
  });
});

describe('drops on their edges', () => {
  const of = (dropV: number, kind: 'joint' | 'cable' | 'switch', name = 'a') => ({ name, dropV, kind });
  it.each([
    ['joint', 0.1],
    ['cable', 0.2],
    ['switch', 0.3],
  ] as const)('a %s may lose %f V on twelve, half of it on six', (kind, most) => {
    expect(dropVerdict([of(most, kind)], null).bad).toEqual([]);
    expect(dropVerdict([of(most + 0.01, kind)], null).bad).toHaveLength(1);
    expect(dropVerdict([of(most / 2, kind)], null, 6).bad).toEqual([]);
    expect(dropVerdict([of(most / 2 + 0.01, kind)], null, 6).bad[0].mostV).toBeCloseTo(most / 2, 12);
  });
  it('the one that is furthest over comes first; ohms and heat where the current is known', () => {
    const v = dropVerdict([of(0.25, 'joint', 'a'), of(0.5, 'switch', 'b'), of(0.05, 'cable', 'c'), of(0.45, 'cable', 'd')], 2);
    expect(v.bad.map((b) => b.name)).toEqual(['d', 'b', 'a']);
    expect(v.words).toBe('d loses 0.45 V, 36 % of all that is lost: bright metal there first, then b, a.');
    expect([v.bad[0].ohm, v.bad[0].watt, v.bad[0].share]).toEqual([0.225, 0.9, expect.closeTo(0.36, 9)]);
    expect(dropVerdict([of(0.3, 'joint')], null).bad[0]).toMatchObject({ ohm: null, watt: null, share: 1 });
    expect(dropVerdict([of(0.3, 'joint')], 0).bad[0].ohm).toBeNull();
    expect(dropVerdict([of(0.3, 'joint'), of(-0.3, 'joint')], null).bad[0].share).toBe(0);
    expect(dropVerdict([of(0.05, 'joint')], null)).toEqual({ totalV: 0.05, bad: [], words: 'No part loses more than it may.' });
    expect(dropVerdict([], null).words).toBe('Nothing measured yet.');
  });
  it('lie between neighbours, named after both', () => {
    const points = [
      { name: 'battery', volts: 12, kind: 'joint' as const },
      { name: 'fuse', volts: 11.5, kind: 'cable' as const },
    ];
    expect(segmentsBetween(points)).toEqual([{ name: 'battery to fuse', dropV: 0.5, kind: 'cable' }]);
    expect(segmentsBetween(points.slice(1))).toEqual([]);
  });
});

describe('drain and starter on their edges', () => {
  it('half of it is used up; another share if that is said', () => {
    expect(daysUntilFlat(100, 24)).toBeCloseTo(5, 12);
    expect(daysUntilFlat(100, 24, 1)).toBeCloseTo(10, 12);
    for (const [ma, ah] of [
      [-1, 12],
      [1, 0],
      [1, -1],
    ])
      expect(() => daysUntilFlat(ma, ah)).toThrow('a drain is not negative, and a battery holds something');
  });
  it('the lead that is furthest over its limit is named first', () => {
    const none = { crankingA: null, freeA: null, liveDropV: null, earthDropV: null, turnsFreely: null };
    const say = (x: object, most?: { live: number; earth: number }) =>
      starterVerdict({ ...none, ...x }, { crankingA: 100, freeA: 50 }, most).words;
    expect(say({ liveDropV: 0.5, earthDropV: 0.5 })).toMatch(/^Nothing here/);
    expect([say({ liveDropV: 0.51 }), say({ earthDropV: 0.51 })].map((w) => w.slice(4, 9))).toEqual(['live ', 'earth']);
    expect(say({ liveDropV: 0.7, earthDropV: 0.7 })).toMatch(/^The live lead/);
    expect(say({ liveDropV: 0.7, earthDropV: 0.6 }, { live: 0.5, earth: 0.3 })).toMatch(/^The earth lead/);
    expect([say({ freeA: 50 }), say({ freeA: 51 })].map((w) => w.slice(0, 12))).toEqual(['It spins fre', 'It draws too']);
    expect(
      [say({ crankingA: 100 }), say({ crankingA: 101 }), say({ crankingA: 45 }), say({ crankingA: 44 })].map((w) => w.slice(0, 13)),
    ).toEqual(['Nothing here ', 'It draws too ', 'Nothing here ', 'It draws litt']);
    expect(say({ turnsFreely: false, freeA: 90 })).toMatch(/^The engine itself/);
    expect(say({ turnsFreely: true, crankingA: 101 })).toMatch(/clamp it and spin it/);
  });
});
