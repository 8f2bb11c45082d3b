import type { Part, Repair } from '../state';

/** Sums in hundredths, so that nothing is lost to binary fractions. */
export const cents = (amount: string): number => Math.round(Number(amount) * 100);
export const amount = (c: number): string =>
  `${c < 0 ? '-' : ''}${Math.floor(Math.abs(c) / 100)}.${String(Math.abs(c) % 100).padStart(2, '0')}`;

export interface Bill {
  partsCents: number;
  minutes: number;
  labourCents: number;
  totalCents: number;
}

/** Parts + hours × rate, before tax. Time is rounded to the cent once, at the end. */
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
