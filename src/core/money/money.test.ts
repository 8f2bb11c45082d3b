import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { emptyState, put, type Part, type State, type TableName } from '../state';
import { agreedLeft, amount, billOf, cents, spentCents } from '.';

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

describe('what a job has cost so far', () => {
  const part = (n: number, p: Partial<Part>): Part => ({ id: `p${n}`, jobId: 'a', quantity: 1, ...p }) as Part;
  const state = (...rows: readonly (readonly [TableName, object])[]): State => {
    const s = emptyState();
    put(s, 'job', { id: 'a', rate: '30.00' } as never);
    for (const [table, row] of rows) put(s, table, row as never);
    return s;
  };
  const repair = { id: 'r', jobId: 'a', minutes: 90, cost: '4.50' };
  const parts = [
    ['part', part(1, { price: '12.00', quantity: 2, status: 'fitted' })],
    ['part', part(2, { price: '5.25', status: 'ordered' })],
    ['part', part(3, { price: '99.00', status: 'needed' })],
    ['part', part(4, { price: '70.00', status: 'fitted', jobId: 'b' })],
    ['repair', repair],
  ] as const;

  it('is parts ordered or fitted, repairs and the work logged; what is only needed and other jobs are left out (arithmetic)', () => {
    expect(spentCents(state(...parts), 'a')).toBe(2400 + 525 + 450 + 4500);
    expect(() => spentCents(emptyState(), 'a')).toThrow('no job a');
  });

  it('is imported from the sum that was agreed last; without one nothing is left to say', () => {
    const agreed = (n: number, upTo: string | null, jobId = 'a') => ['consent', { id: `c${n}`, jobId, upTo }] as const;
    expect(agreedLeft(state(...parts), 'a')).toBeNull();
    expect(agreedLeft(state(...parts, agreed(1, '10.00'), agreed(2, '80.00'), agreed(3, '9.00', 'b')), 'a')).toBe(1.25);
    expect(agreedLeft(state(...parts, agreed(1, '70.00')), 'a')).toBe(-8.75);
    expect(agreedLeft(state(...parts, agreed(1, '80.00'), agreed(2, null)), 'a')).toBeNull();
  });
});
