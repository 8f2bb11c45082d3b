import { describe, expect, it } from 'vitest';
import type { ReadingValue } from '../state';
import type { Limit } from './judge';
import { barGeometry } from './scale';

const limit = (low: number | null, high: number | null, more: Partial<Limit> = {}): Limit => ({
  low,
  high,
  source: 'page 3',
  general: false,
  ...more,
});
const x = (value: number): ReadingValue => ({ kind: 'exact', value });
const drawn = (v: ReadingValue, l: Limit | null) => {
  const g = barGeometry(v, l);
  if (!g) return null;
  const short = (n: number | null) => (n === null ? null : Number(n.toFixed(4)));
  return {
    scale: [g.from, g.to].map(short),
    band: [g.bandStart, g.bandEnd].map(short),
    service: [g.serviceStart, g.serviceEnd].map(short),
    notch: g.notch?.map(short) ?? null,
    off: g.off,
  };
};

// Arithmetic: the allowed band is a third of the scale, as much again on either side of it.
describe('where the parts of a limit bar lie', () => {
  it('the band takes the middle, the notch its place', () => {
    expect(drawn(x(15), limit(10, 20))).toEqual({
      scale: [0, 30],
      band: [0.3333, 0.6667],
      service: [null, null],
      notch: [0.5, 0.5],
      off: null,
    });
    expect(drawn({ kind: 'interval', low: 12, high: 18 }, limit(10, 20))!.notch).toEqual([0.4, 0.6]);
    expect(drawn(x(-15), limit(-20, -10))).toMatchObject({ scale: [-30, 0], band: [0.3333, 0.6667], notch: [0.5, 0.5] });
  });
  it('a scale of what cannot be less than nothing begins at nothing', () => {
    expect(drawn(x(1.5), limit(1, 3))).toMatchObject({ scale: [0, 5], band: [0.2, 0.6], notch: [0.3, 0.3] });
    expect(drawn(x(0.5), limit(0, 1))).toMatchObject({ scale: [0, 2] });
  });
  it('one-sided limits leave the band open', () => {
    expect(drawn(x(15), limit(10, null))).toMatchObject({ scale: [5, 17.5], band: [0.4, 1], notch: [0.8, 0.8] });
    expect(drawn(x(5), limit(null, 10))).toMatchObject({ scale: [0, 15], band: [0, 0.6667], notch: [0.3333, 0.3333] });
    expect(drawn(x(-5), limit(null, -4))).toMatchObject({ scale: [-8, -2], band: [0, 0.6667], notch: [0.5, 0.5] });
    expect(drawn(x(0), limit(null, 0))).toMatchObject({ scale: [-2, 1], band: [0, 0.6667] });
  });
  it('service limits stand beside it', () => {
    expect(drawn(x(2), limit(1, 3, { serviceLow: 0.5, serviceHigh: 4 }))!.service).toEqual([0.1, 0.8]);
    expect(drawn(x(2), limit(1, 3, { serviceLow: null, serviceHigh: 4 }))!.service).toEqual([null, 0.8]);
  });
  it('a reading a little outside stretches the scale, one far outside is marked at its end', () => {
    expect(drawn(x(32), limit(10, 20))).toMatchObject({ scale: [0, 33.5], off: null, notch: [0.9552, 0.9552] });
    expect(drawn(x(48), limit(10, 20))).toMatchObject({ scale: [0, 30], off: 'high', notch: [1, 1] });
    expect(drawn(x(-25), limit(-10, 10))).toMatchObject({ scale: [-30, 30], off: null });
    expect(drawn(x(-32), limit(-10, 10))).toMatchObject({ scale: [-35, 30], off: null });
    expect(drawn(x(-70), limit(-10, 10))).toMatchObject({ scale: [-30, 30], off: 'low', notch: [0, 0] });
  });
  it('what lies beyond the gauge is off on its side', () => {
    expect(drawn({ kind: 'atLeast', bound: 15 }, limit(10, 20))).toMatchObject({ off: 'high', notch: [0.5, 0.5] });
    expect(drawn({ kind: 'atMost', bound: 15 }, limit(10, 20))).toMatchObject({ off: 'low', notch: [0.5, 0.5] });
    expect(drawn({ kind: 'none', reason: '' }, limit(10, 20))).toMatchObject({ notch: null, off: null });
  });
  it('without a limit the reading stands in the middle; without either there is no bar', () => {
    for (const none of [null, limit(null, null)])
      expect(drawn(x(8), none)).toEqual({ scale: [0, 16], band: [0, 0], service: [null, null], notch: [0.5, 0.5], off: null });
    expect(drawn({ kind: 'interval', low: 6, high: 10 }, null)!.notch).toEqual([0.375, 0.625]);
    expect(drawn(x(0), null)).toMatchObject({ scale: [0, 2], notch: [0, 0] });
    expect(drawn({ kind: 'none', reason: '' }, null)).toBeNull();
  });
});
