import { describe, expect, it } from 'vitest';
import { shipped } from '../../../test/fixtures/knowledge';
import type { Knowledge, Measure } from '../knowledge';
import type { Spec } from '../state';
import { airDensity, densityAt, standardPressurePa } from './air';
import { airFactor, corrected } from './correct';
import { forBike, limitFor, otherGauge, quantityInfo } from './limits';
import { plausibleFor } from './plausible';

describe('the air', () => {
  // Standard atmosphere, ISO 2533: pressure in Pa and density in kg/m³ by height, quoted from memory.
  it.each([
    [-100, 102532, 1.2366],
    [0, 101325, 1.225],
    [1000, 89874, 1.1117],
    [2000, 79495, 1.0066],
    [5000, 54020, 0.7364],
    [11000, 22632, 0.3639],
  ])('at %i m: %i Pa, %f kg/m³', (heightM, pa, kgM3) => {
    expect(Math.abs(standardPressurePa(heightM) / pa - 1)).toBeLessThan(2e-4);
    expect(Math.abs(densityAt(heightM) / kgM3 - 1)).toBeLessThan(5e-4);
  });
  it('is thinner when it is warmer; nobody rides above 11,000 m', () => {
    expect(airDensity(101325, 303.15)).toBeCloseTo(1.1644, 3);
    expect(densityAt(0, 303.15)).toBeCloseTo(1.1644, 3);
    expect(() => standardPressurePa(11001)).toThrow('higher than 11,000 m');
  });
});

describe('a reading brought to sea level', () => {
  it('only compression goes with the air, only where the height is known', () => {
    for (const q of ['compression', 'compression-first', 'compression-wet'])
      expect(airFactor(q, { altitude: 2000 })).toBeCloseTo(1.2746, 3);
    expect([airFactor('charging-volts', { altitude: 2000 }), airFactor('compression', {})]).toEqual([1, 1]);
    expect(airFactor('compression', { altitude: 0 })).toBe(1);
  });
  it('every kind of reading, each bound of it', () => {
    const f = airFactor('compression', { altitude: 1000 });
    const at = { altitude: 1000 };
    expect(corrected('compression', { kind: 'exact', value: 10 }, at)).toEqual({ kind: 'exact', value: 10 * f });
    expect(corrected('compression', { kind: 'interval', low: 8, high: 9 }, at)).toEqual({ kind: 'interval', low: 8 * f, high: 9 * f });
    expect(corrected('compression', { kind: 'atLeast', bound: 8 }, at)).toEqual({ kind: 'atLeast', bound: 8 * f });
    expect(corrected('compression', { kind: 'atMost', bound: 8 }, at)).toEqual({ kind: 'atMost', bound: 8 * f });
    const none = { kind: 'none', reason: 'no adapter' } as const;
    expect(corrected('compression', none, at)).toBe(none);
    const same = { kind: 'exact', value: 10 } as const;
    expect(corrected('compression', same, {})).toBe(same);
  });
});

describe('what a measure allows on this bike', () => {
  const measure: Measure = {
    quantity: 'q',
    unit: 'V',
    bands: [{ outcome: 'low', below: 12 }, { outcome: 'good' }],
    limit: { low: 12, high: 15 },
    variants: [{ when: { battery: 'lithium' }, bands: [{ outcome: 'low', below: 13 }, { outcome: 'good' }], limit: { low: 13 } }],
    error: { relative: 0.01, absolute: 0.02 },
    spread: 0,
  } as unknown as Measure;
  it('is that of its variant, and for its voltage where it is written for twelve', () => {
    expect(forBike(measure, { voltage: 6 })).toBe(measure);
    expect(forBike(measure, { battery: 'lithium' }).limit).toEqual({ low: 13 });
    const scaled = { ...measure, for12V: true };
    expect(forBike(scaled, {})).toBe(scaled);
    expect(forBike(scaled, { voltage: 6 })).toMatchObject({
      limit: { low: 6, high: 7.5 },
      bands: [{ outcome: 'low', below: 6 }, { outcome: 'good' }],
    });
    expect(forBike(scaled, { voltage: 6 }).bands[1]).toEqual({ outcome: 'good' });
    expect(forBike(scaled, { voltage: 24, battery: 'lithium' }).limit).toEqual({ low: 26, high: undefined });
  });
  const k = {
    tests: [
      { id: 'a', name: 'Test A' },
      { id: 'b', name: 'Test B', measure: { ...measure, quantity: 'volts', name: 'Volts', for12V: true } },
      { id: 'c', name: 'Test C', measure: { ...measure, quantity: 'plain', limit: {} } },
    ],
    quantities: [
      { id: 'gap', name: 'Gap', unit: 'mm', limit: { low: 0.3, high: 0.5 }, source: 'usual' },
      { id: 'bare', name: 'Bare', unit: 'mm' },
      { id: 'top', name: 'Top', unit: 'mm', limit: { high: 2 } },
    ],
  } as unknown as Knowledge;
  it('comes from the test that measures it, else from the list of quantities', () => {
    expect(quantityInfo(k, 'volts', {})).toEqual({
      id: 'volts',
      name: 'Volts',
      unit: 'V',
      error: { relative: 0.01, absolute: 0.02 },
      general: { low: 12, high: 15, source: 'general value for a 12 V system', general: true },
    });
    expect(quantityInfo(k, 'volts', { voltage: 6 })!.general).toMatchObject({ low: 6, source: 'general value for a 6 V system' });
    expect(quantityInfo(k, 'plain', {})).toMatchObject({ name: 'Test C', general: { low: null, high: null, source: 'general value' } });
    expect(quantityInfo(k, 'gap', {})).toEqual({
      id: 'gap',
      name: 'Gap',
      unit: 'mm',
      error: otherGauge,
      general: { low: expect.closeTo(3e-4, 12) as number, high: expect.closeTo(5e-4, 12) as number, source: 'usual', general: true },
    });
    expect(quantityInfo(k, 'top', {})!.general).toEqual({
      low: null,
      high: expect.closeTo(2e-3, 12) as number,
      source: 'general value',
      general: true,
    });
    expect(quantityInfo(k, 'bare', {})!.general).toBeNull();
    expect(quantityInfo(k, 'none', {})).toBeNull();
    expect(otherGauge).toEqual({ relative: 0.005, absolute: 0 });
  });
  it('this bike’s own goes before it; an own one that is marked general stays so', () => {
    const info = quantityInfo(k, 'gap', {})!;
    const spec = {
      quantity: 'gap',
      low: 1,
      high: null,
      serviceLow: 0.5,
      serviceHigh: null,
      source: 'page 9',
      origin: 'book',
    } as unknown as Spec;
    expect(limitFor(info, [])).toBe(info.general);
    expect(limitFor(info, [{ ...spec, quantity: 'other' }])).toBe(info.general);
    expect(limitFor(info, [spec])).toEqual({ low: 1, high: null, serviceLow: 0.5, serviceHigh: null, source: 'page 9', general: false });
    expect(limitFor(info, [{ ...spec, origin: 'general' } as Spec])!.general).toBe(true);
  });
});

describe('what can be at all', () => {
  const of = (unit: string, high: number | null = null) =>
    plausibleFor(
      { ...quantityInfo(shipped, 'compression', {})!, unit },
      high === null ? null : { low: null, high, source: '', general: true },
    );
  // Common practice: a petrol engine makes less than 21 bar on a gauge, no system is over 48 V, nobody revs to 18,001.
  it('by unit; lengths by their own limit where there is one', () => {
    expect(of('psi')).toEqual({ low: 0, high: 2.1e6 });
    expect(of('V')).toEqual({ low: 0, high: 60 });
    expect(of('mm')).toEqual({ low: 0, high: 0.4 });
    expect(of('mm', 0.0005)).toEqual({ low: 0, high: 0.01 });
    expect(of('mm', 0.00001)).toEqual({ low: 0, high: 1e-3 });
    expect(of('ohm')).toEqual({ low: 0, high: 1e6 });
    expect(of('kohm')).toEqual({ low: 0, high: 1e7 });
    expect(of('rpm', 5)).toEqual({ low: 0, high: 300 });
    expect(of('°')).toBeUndefined();
  });
});
