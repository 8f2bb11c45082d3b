import type { Consumable } from '../knowledge';
import type { Fact } from '../state';
import { namedBy } from './named';

/**
 * The kind of consumable that a name means.
 * @param of those of the knowledge
 * @param name what goes back new: "Clutch cover gasket"
 * @returns the kind, or null where the name says nothing
 */
export const consumableOf = (of: readonly Consumable[], name: string): Consumable | null => namedBy(of, name);

/**
 * Whether somebody decided that a consumable of a step goes back again.
 * @param facts those of the step
 * @param name what would go back new
 * @returns the note that says so, or null
 */
export const usedAgain = (facts: readonly Fact[], name: string): Fact | null =>
  facts.findLast((f) => f.kind === 'again' && f.says !== null && f.about.toLowerCase() === name.trim().toLowerCase()) ?? null;
