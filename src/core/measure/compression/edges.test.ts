import { describe, expect, it } from 'vitest';
import { bikeOf } from '../../../../test/fixtures/case';
import type { Spec } from '../../state';
import { toSi } from '../../quantity';
import {
  compressionVerdict,
  expectedPeakPa,
  gainOf,
  leakLevel,
  leakShare,
  leakWords,
  type CompressionLimits,
  type CylinderPressure,
} from '.';
import { limitOfRatio } from './ofRatio';

// What lies on an edge belongs to one side of it: each edge by its own figure. Shares are common practice, named where they are set.

describe('leak-down', () => {
  it.each([
    [0, 'tight'],
    [0.1, 'tight'],
    [0.101, 'fair'],
    [0.2, 'fair'],
    [0.201, 'worn'],
    [0.3, 'worn'],
    [0.301, 'bad'],
  ])('%f lost is %s', (loss, level) => expect(leakLevel(loss)).toBe(level));
  it('by the manual: half of the most is tight, past the most is bad unless it is still in service', () => {
    const most = { most: 0.1, service: null };
    expect([0.05, 0.06, 0.1, 0.11].map((x) => leakLevel(x, most))).toEqual(['tight', 'fair', 'fair', 'bad']);
    const service = { most: 0.1, service: 0.15 };
    expect([0.12, 0.15, 0.16].map((x) => leakLevel(x, service))).toEqual(['worn', 'worn', 'bad']);
    expect([0.08, 0.16, 0.17].map((x) => leakLevel(x, { most: null, service: 0.16 }))).toEqual(['tight', 'fair', 'bad']);
    expect([0.1, 0.2, 0.21].map((x) => leakLevel(x, { most: null, service: null }))).toEqual(['tight', 'fair', 'bad']);
  });
  it.each([
    ['intake', 'the inlet valve'],
    ['exhaust', 'the exhaust valve'],
    ['breather', 'rings, piston or bore'],
    ['radiator', 'the head gasket or a crack into the coolant'],
    ['next cylinder', 'the head gasket between the two'],
    ['plug', 'the adapter or its washer: seal it and test again'],
  ] as const)('heard at the %s it is %s', (at, what) =>
    expect(leakWords({ cylinder: '1', loss: 0.25, heardAt: [at] })).toBe(`25 % lost: worn. Heard at ${at}: ${what}.`),
  );
  it('some of the air always goes past the rings: alone and little it is not named', () => {
    expect(leakWords({ cylinder: '1', loss: 0.1, heardAt: ['breather'] })).toBe('10 % lost: tight.');
    expect(leakWords({ cylinder: '1', loss: 0.15, heardAt: ['breather'] })).toBe(
      '15 % lost: fair. Heard at breather: rings, piston or bore.',
    );
    expect(leakWords({ cylinder: '1', loss: 0.08, heardAt: ['breather', 'intake'] })).toBe(
      '8 % lost: tight. Heard at breather, intake: rings, piston or bore; the inlet valve.',
    );
    expect(leakWords({ cylinder: '1', loss: 0.15, heardAt: [] })).toBe('15 % lost: fair.');
    expect(leakWords({ cylinder: '1', loss: 0.05, heardAt: ['exhaust'] })).toBe('5 % lost: tight. Heard at exhaust: the exhaust valve.');
  });
  it('takes no gauge that reads more than its supply, nor none at all', () => {
    expect([leakShare(100, 0), leakShare(100, 100), leakShare(80, 60)]).toEqual([1, 0, 0.25]);
    for (const [supply, held] of [
      [0, 0],
      [-1, -2],
      [100, -1],
      [100, 101],
    ])
      expect(() => leakShare(supply, held)).toThrow('the gauge at the cylinder cannot read more than the supply');
  });
});

describe('a set of readings on its edges', () => {
  const limits: CompressionLimits = { lowPa: 100, highPa: 200, spread: 0.2 };
  const of = (dryPa: number, more: Partial<CylinderPressure> = {}): CylinderPressure => ({ cylinder: '1', dryPa: dryPa * 1e5, ...more });
  const scaled: CompressionLimits = { lowPa: 100e5, highPa: 200e5, spread: 0.2 };
  const kinds = (all: CylinderPressure[], l = scaled) =>
    compressionVerdict(
      all.map((c, i) => ({ ...c, cylinder: String(i + 1) })),
      l,
      {},
    ).findings.map((f) => f.kind);
  it('at its limits it is sound', () => {
    expect(limits.spread).toBe(scaled.spread);
    expect([kinds([of(100)]), kinds([of(200)]), kinds([of(99)]), kinds([of(201)])]).toEqual([['sound'], ['sound'], ['low'], ['high']]);
    expect(kinds([of(150)], { ...scaled, lowPa: null, highPa: null })).toEqual(['sound']);
  });
  it('a fifth apart is allowed, more is not, and then the lower one is looked into', () => {
    expect(kinds([of(200), of(160)])).toEqual(['sound']);
    expect(kinds([of(200), of(159)])).toEqual(['low', 'spread']);
    expect(kinds([of(200), of(199), of(150)])).toEqual(['low', 'spread']);
  });
  it('oil that brings a sixth and more is rings; just under it is not', () => {
    const wet = (share: number) => kinds([of(80, { wetPa: 80e5 * (1 + share) })]);
    expect([wet(0.15), wet(0.149), wet(-0.1)]).toEqual([['rings'], ['valves or gasket'], ['valves or gasket']]);
    expect([gainOf(of(80, { wetPa: 100e5 })), gainOf(of(80)), gainOf(of(0, { wetPa: 1 })), gainOf(of(80, { wetPa: null }))]).toEqual([
      0.25,
      null,
      null,
      null,
    ]);
  });
  it('a first stroke of less than 45 % builds up; a low one that does is low', () => {
    const first = (share: number, dry = 150) => kinds([of(dry, { firstPa: dry * 1e5 * share })]);
    expect([first(0.45), first(0.44), first(0.2, 90)]).toEqual([['sound'], ['builds up slowly'], ['low']]);
  });
  it('under two bar there is none to speak of', () => {
    expect([kinds([{ cylinder: '1', dryPa: 2e5 }]), kinds([{ cylinder: '1', dryPa: 1.99e5 }])]).toEqual([['low'], ['none']]);
  });
  it('all low alike is clearances; a pair of two is never a gasket between; of three it is', () => {
    const low = of(60, { wetPa: 61e5 });
    expect(kinds([low, low])).toEqual(['alike']);
    expect(kinds([low, of(60)])).toEqual(['valves or gasket', 'low']);
    expect(kinds([low, of(60, { wetPa: 90e5 })])).toEqual(['valves or gasket', 'rings']);
    expect(kinds([low, low, of(150)])).toEqual(['gasket between', 'spread']);
    expect(kinds([low, low, of(150)], { ...scaled, inLine: false })).toEqual(['valves or gasket', 'valves or gasket', 'spread']);
    expect(kinds([low, of(60, { wetPa: 90e5 }), of(150)])).toEqual(['valves or gasket', 'rings', 'spread']);
    expect(kinds([of(150), low, low, low])).toEqual(['gasket between', 'gasket between', 'spread']);
    expect(kinds([low])).toEqual(['valves or gasket']);
  });
  it('is judged by its limit and by the others, and says which', () => {
    const words = (all: CylinderPressure[]) => compressionVerdict(all, scaled, {}).words;
    expect(words([of(200), { ...of(150), cylinder: '2' }])).toBe(
      'Cylinder 2 is within its limit, yet far under the highest: a spoonful of oil and a second reading parts rings from valves. They differ by 25 % of the highest.',
    );
    expect(words([of(200), { ...of(100), cylinder: '2', wetPa: 101e5 }])).toMatch(
      /^Cylinder 2 is within its limit, yet far under the highest, and oil/,
    );
    expect(words([of(90)])).toBe('It is low: a spoonful of oil and a second reading parts rings from valves.');
    expect(words([of(150)])).toBe('It pumps as it should.');
    expect(compressionVerdict([], scaled, { battery: 'weak' })).toMatchObject({
      findings: [],
      spoiled: false,
      words: 'Nothing measured yet.',
    });
  });
  it('a good reading is good however it was cranked', () => {
    const v = compressionVerdict([of(150)], scaled, { battery: 'weak', rpm: 149 });
    expect([v.spoiled, v.words, v.warnings.length]).toEqual([false, 'It pumps as it should.', 2]);
    expect(compressionVerdict([of(90)], scaled, { rpm: 150 }).spoiled).toBe(false);
    expect(compressionVerdict([of(90)], scaled, { rpm: 149 }).spoiled).toBe(true);
  });
});

describe('the limit that its own ratio makes', () => {
  it('is what is to be expected at the sea, marked as general', () => {
    const bike = bikeOf({ compressionRatio: 9 });
    const { value, error } = expectedPeakPa(9, 0);
    expect(limitOfRatio(bike, [])).toEqual({
      id: 'expected:compression',
      bikeId: bike.id,
      quantity: 'compression',
      low: value - error,
      high: null,
      serviceLow: null,
      serviceHigh: null,
      unit: 'psi',
      entered: '',
      source: 'expected at a ratio of 9 to 1',
      origin: 'general',
      versions: {},
    });
    expect(error / value).toBeCloseTo(0.12, 12);
    expect(value).toBeLessThan(toSi(180, 'psi'));
  });
  it('is none without a ratio that can be, nor where the manual’s is known', () => {
    for (const compressionRatio of [null, 2, 1]) expect(limitOfRatio(bikeOf({ compressionRatio }), [])).toBeNull();
    const own = (quantity: string) => [{ quantity } as Spec];
    expect(limitOfRatio(bikeOf({ compressionRatio: 9 }), own('compression'))).toBeNull();
    expect(limitOfRatio(bikeOf({ compressionRatio: 9 }), own('points-gap'))).not.toBeNull();
    expect(() => expectedPeakPa(2, 0)).toThrow('a compression ratio is more than 2');
    expect(expectedPeakPa(2.1, 0).value).toBeLessThan(toSi(15, 'psi'));
  });
});
