import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shipped } from '../../../test/fixtures/knowledge';
import { toSi } from '../quantity';
import { barGeometry, judge, limitFor, quantityInfo, spread, type Limit } from '.';

const limit: Limit = { low: 100, high: 200, source: 'book', general: false };
const gauge = { relative: 0.01, absolute: 0 };
const exact = (value: number) => ({ kind: 'exact' as const, value });

describe('judging', () => {
  it.each([
    [50, 'low'],
    [150, 'in'],
    [250, 'high'],
    [101, 'borderline'],
    [197, 'borderline'],
  ])('%d is %s', (x, verdict) => expect(judge(exact(x), limit, gauge).verdict).toBe(verdict));

  it('knows one-sided limits, none, service limits, intervals and the end of the scale', () => {
    expect(judge(exact(999), { ...limit, high: null }, gauge).verdict).toBe('in');
    expect(judge(exact(5), { ...limit, low: null }, gauge).verdict).toBe('in');
    expect(judge(exact(5), null, gauge).verdict).toBe('no limit');
    expect(judge(exact(60), { ...limit, serviceLow: 80 }, gauge).verdict).toBe('past service');
    expect(judge({ kind: 'interval', low: 120, high: 160 }, limit, gauge).verdict).toBe('in');
    expect(judge({ kind: 'interval', low: 80, high: 160 }, limit, gauge).verdict).toBe('straddles');
    expect(judge({ kind: 'atLeast', bound: 300 }, limit, gauge).verdict).toBe('high');
    expect(judge({ kind: 'atLeast', bound: 150 }, limit, gauge).verdict).toBe('off the scale');
    expect(judge({ kind: 'atMost', bound: 50 }, limit, gauge).verdict).toBe('low');
    expect(judge({ kind: 'none', reason: 'no adapter' }, limit, gauge).verdict).toBe('no reading');
    expect(judge(exact(150), { ...limit, general: true }, gauge).words).toMatch(/general value/);
  });

  it('with a better gauge nothing leaves the line for the wrong side', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 400, noNaN: true }), (x) => {
        const fine = judge(exact(x), limit, { relative: 0, absolute: 0 }).verdict;
        const coarse = judge(exact(x), limit, gauge).verdict;
        expect(['borderline', fine]).toContain(coarse);
      }),
    );
  });
});

describe('the bar', () => {
  it('always holds the notch, or says that it is off', () => {
    const edge = fc.double({ min: 0.01, max: 1e6, noNaN: true });
    fc.assert(
      fc.property(
        edge,
        edge,
        fc.double({ min: 0, max: 1e7, noNaN: true }),
        fc.constantFrom('both', 'low', 'high', 'none'),
        (a, b, x, which) => {
          const l =
            which === 'none'
              ? null
              : { ...limit, low: which === 'high' ? null : Math.min(a, b), high: which === 'low' ? null : Math.max(a, b) + 1e-6 };
          const g = barGeometry(exact(x), l)!;
          expect(g.notch![0]).toBeGreaterThanOrEqual(0);
          expect(g.notch![1]).toBeLessThanOrEqual(1);
          if (l && g.off === null) {
            // the notch is inside the band exactly when the value is inside the limit
            const inside = (l.low === null || x >= l.low) && (l.high === null || x <= l.high);
            const drawn = g.notch![0] >= g.bandStart - 1e-9 && g.notch![0] <= g.bandEnd + 1e-9;
            expect(drawn).toBe(inside);
          }
        },
      ),
    );
  });
});

describe('limits', () => {
  it('this bike’s book wins over the general value', () => {
    const info = quantityInfo(shipped, 'compression', {})!;
    expect(limitFor(info, [])!.general).toBe(true);
    const own = {
      id: 's',
      bikeId: 'b',
      quantity: 'compression',
      low: 1,
      high: 2,
      unit: 'psi',
      entered: '',
      serviceLow: 0.5,
      serviceHigh: null,
      source: 'book, page 61',
      origin: 'book' as const,
      versions: {},
    };
    expect(limitFor(info, [own])).toMatchObject({ low: 1, high: 2, serviceLow: 0.5, general: false, source: 'book, page 61' });
    expect(limitFor(info, [{ ...own, origin: 'general' }])!.general).toBe(true);
  });
  it('a six-volt system should show about six at the coil (common practice)', () => {
    const six = quantityInfo(shipped, 'coil-supply', { voltage: 6 })!;
    expect(judge(exact(6.1), six.general, six.error).verdict).toBe('in');
    const twelve = quantityInfo(shipped, 'coil-supply', { voltage: 12 })!;
    expect(judge(exact(6.1), twelve.general, twelve.error).verdict).toBe('low');
  });
  it('170 and 180 psi on one small twin: good, spread 5.6 % of the higher (common practice)', () => {
    const info = quantityInfo(shipped, 'compression', {})!;
    for (const psi of [170, 180]) expect(judge(exact(toSi(psi, 'psi')), info.general, info.error).verdict).toBe('in');
    expect(spread([170, 180]) * 100).toBeCloseTo(5.6, 1);
    expect(spread([5])).toBe(0);
  });
});
