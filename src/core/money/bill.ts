import type { Part, Repair } from '../state';

/**
 * Sums in hundredths, so that nothing is lost to binary fractions.
 * @param amount a sum with two decimals, as it is kept
 * @returns hundredths, a whole number
 */
export const cents = (amount: string): number => Math.round(Number(amount) * 100);
/**
 * A sum as it is kept, out of hundredths.
 * @param c hundredths, a whole number
 * @returns a sum with two decimals
 */
export const amount = (c: number): string =>
  `${c < 0 ? '-' : ''}${Math.floor(Math.abs(c) / 100)}.${String(Math.abs(c) % 100).padStart(2, '0')}`;

export interface Bill {
  partsCents: number;
  minutes: number;
  labourCents: number;
  totalCents: number;
}

/**
 * Parts + hours × rate, before tax. Time is rounded to the cent once, at the end.
 * @param parts price of one and how many
 * @param repairs minutes and cost of each
 * @param rate money an hour
 * @returns hundredths, and minutes in all
 */
export function billOf(
  parts: readonly Pick<Part, 'price' | 'quantity'>[],
  repairs: readonly Pick<Repair, 'minutes' | 'cost'>[],
  rate: string,
): Bill {
  const partsCents = parts.reduce((s, p) => s + cents(p.price) * p.quantity, 0) + repairs.reduce((s, r) => s + cents(r.cost), 0);
  const minutes = repairs.reduce((s, r) => s + r.minutes, 0);
  const labourCents = Math.round((minutes * cents(rate)) / 60);
  return { partsCents, minutes, labourCents, totalCents: partsCents + labourCents };
}
