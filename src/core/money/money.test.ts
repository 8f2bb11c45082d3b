import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { amount, billOf, cents } from '.';

describe('money', () => {
  it('1,300 in parts and 20 hours at 35 is 2,000 before tax (arithmetic)', () => {
    const bill = billOf([{ price: '650.00', quantity: 2 }], [{ minutes: 1200, cost: '0' }], '35.00');
    expect(amount(bill.totalCents)).toBe('2000.00');
  });
  it('loses nothing to binary fractions', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1e9 }), (c) => {
        expect(cents(amount(c))).toBe(c);
      }),
    );
    expect(amount(-5)).toBe('-0.05');
  });
});
