import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { between, propagate, sure } from './uncertain';

describe('uncertainty', () => {
  // JCGM 100 (GUM): for a sum the variances add; for products the relative ones do, to first order.
  it('adds up as squares for sums, as relative squares for products', () => {
    const x = fc.record({ value: fc.double({ min: 10, max: 100, noNaN: true }), error: fc.double({ min: 0, max: 0.5, noNaN: true }) });
    fc.assert(
      fc.property(x, x, (a, b) => {
        expect(propagate((p, q) => p - q, a, b).error).toBeCloseTo(Math.hypot(a.error, b.error), 9);
        const product = propagate((p, q) => p * q, a, b);
        expect(product.error / product.value).toBeCloseTo(Math.hypot(a.error / a.value, b.error / b.value), 9);
      }),
    );
  });
  it('nothing uncertain gives nothing uncertain; bounds give half their width over the root of three', () => {
    expect(propagate((a) => a ** 3, sure(2))).toEqual({ value: 8, error: 0 });
    expect(between(1, 3)).toEqual({ value: 2, error: 1 / Math.sqrt(3) });
    expect(() => between(3, 1)).toThrow(RangeError);
  });
});
