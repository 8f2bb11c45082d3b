import type { Cleaner, Touch } from '../knowledge';
import type { TreatedPart } from '../state';

const ranks: Record<Touch, number> = { yes: 0, careful: 1, no: 2 };

/**
 * Whether a cleaner may touch a material. What it does not name is careful.
 * @param cleaner a cleaner of the knowledge
 * @param material id of a material
 * @returns yes, careful or no
 */
export const touch = (cleaner: Pick<Cleaner, 'on'>, material: string): Touch => cleaner.on[material] ?? 'careful';

/** A cleaner as it is offered for a part. */
export interface OfferedCleaner {
  cleaner: Cleaner;
  touch: Touch;
}

/**
 * The cleaners for what is to come off a part, those first that may touch everything that the part is made of; one that must not touch
 * something of it stands at the end, as forbidden.
 * @param cleaners those of the knowledge
 * @param dirt what is to come off, as the knowledge names it; empty for all
 * @param materials everything that the part is made of; where nobody said, every cleaner is careful
 * @returns the worst touch counts
 */
export function cleanersFor(cleaners: readonly Cleaner[], dirt: string, materials: readonly string[]): OfferedCleaner[] {
  return cleaners
    .filter((c) => !dirt || c.for.includes(dirt))
    .map((cleaner) => ({
      cleaner,
      touch: materials
        .map((m) => touch(cleaner, m))
        .reduce<Touch>((worst, t) => (ranks[t] > ranks[worst] ? t : worst), materials.length > 0 ? 'yes' : 'careful'),
    }))
    .sort((a, b) => ranks[a.touch] - ranks[b.touch]);
}

/**
 * How much of a cleaner a bath takes: what a litre takes, times its litres.
 * @param cleaner a cleaner of the knowledge
 * @param litres of water
 * @returns grams or millilitres, null where it is used as it is
 */
export const doseFor = (cleaner: Pick<Cleaner, 'dose'>, litres: number): { amount: number; unit: 'g' | 'ml' } | null =>
  cleaner.dose && litres > 0 ? { amount: Math.round(cleaner.dose.per * litres * 10) / 10, unit: cleaner.dose.unit } : null;

/**
 * How far a part is, in words: "Barrel: away, at the machinist".
 * @param part a part that is being made ready
 * @returns words without an end mark
 */
export const treatedWords = ({ item, state, at }: Pick<TreatedPart, 'item' | 'state' | 'at'>): string =>
  `${item}: ${state}${at ? `, at ${at}` : ''}`;
