import { applicability, type Facts, type Knowledge, type Wear, type WearVerdict, type WornPart } from '../knowledge';
import { namedBy } from './named';

type Worn = Pick<Knowledge, 'wears' | 'wornParts' | 'faults' | 'attributes'>;

/**
 * The part that a name means on this bike, by the words that parts are called by.
 * @param k what ships and the workshop's own knowledge
 * @param name what the part is called: "Second gear dogs"
 * @param facts what is known of the bike
 * @returns the part, or null where the name says nothing or the bike cannot have it
 */
export function wornPart(k: Pick<Worn, 'wornParts' | 'attributes'>, name: string, facts: Facts): WornPart | null {
  const part = namedBy(k.wornParts, name);
  return part && applicability(part.when, facts, k.attributes) > 0 ? part : null;
}

/**
 * The words of wear for a part: its own first, since they say something of it.
 * @param k what ships and the workshop's own knowledge
 * @param part a part, null where it is not known which
 * @returns every word once
 */
export const wearsFor = (k: Pick<Worn, 'wears'>, part: WornPart | null): Wear[] =>
  [...k.wears].sort((a, b) => Number(Boolean(part?.wears[b.id])) - Number(Boolean(part?.wears[a.id])));

/**
 * The fault that a worn part speaks of: the first of its word's that this bike can have.
 * @param k what ships and the workshop's own knowledge
 * @param part a part, null where it is not known which
 * @param wear id of a word of wear
 * @param facts what is known of the bike
 * @returns id of a fault, or null where it says nothing by itself
 */
export function spokenOf(k: Pick<Worn, 'faults' | 'attributes'>, part: WornPart | null, wear: string, facts: Facts): string | null {
  const can = (id: string) => k.faults.some((f) => f.id === id && !f.retired && applicability(f.applies, facts, k.attributes) > 0);
  return part?.wears[wear]?.find(can) ?? null;
}

/**
 * What goes back new with a part that is replaced or mended.
 * @param k what ships and the workshop's own knowledge
 * @param name what the part is called
 * @param facts what is known of the bike
 * @returns names of consumables; none where the part takes none, or is not known
 */
export const renewedWith = (k: Pick<Worn, 'wornParts' | 'attributes'>, name: string, facts: Facts): readonly string[] =>
  wornPart(k, name, facts)?.renews ?? [];

/** How a reading stands to its limit, as far as a verdict minds. */
export type AgainstLimit = 'in' | 'out' | 'unknown';

/**
 * What is usually done with a worn part. The bike's own limit goes before the word: over it the part is not fit whatever it looks like,
 * and within it what is only worn or marked is fit.
 * @param k what ships and the workshop's own knowledge
 * @param part a part, null where it is not known which
 * @param wear id of a word of wear
 * @param against how its reading stands to its limit
 * @returns a verdict, null where the word is not known
 */
export function usualVerdict(
  k: Pick<Worn, 'wears'>,
  part: WornPart | null,
  wear: string,
  against: AgainstLimit,
): WearVerdict | 'fit for use' | null {
  const word = k.wears.find((w) => w.id === wear);
  if (!word) return null;
  const usual = part?.verdicts?.[wear] ?? word.verdict;
  if (against === 'out') return usual === 'repair' ? 'repair' : 'replace';
  return against === 'in' && usual === 'watch' ? 'fit for use' : usual;
}

/** What a finding says of wear and of a fault at a place. */
export interface Spoken {
  wear: string | null;
  faultId: string | null;
  position: string | null;
}

/** The place that is said: "Piston no. 2", "on cylinder 2"; at the end of a part's name a figure alone says it too. */
const placeSaid = /(?:\bno\.?|\bnumber|\bcylinder|\bcyl\.?|#)\s*(\d{1,2})\b/i;
const placeOf = (item: string, seen: string): string | null =>
  placeSaid.exec(item)?.[1] ?? /\b(\d{1,2})\s*$/.exec(item)?.[1] ?? placeSaid.exec(seen)?.[1] ?? null;

/**
 * What a finding speaks of by its words alone: the part it names, the word of wear in what is seen, and the place, where the fault has
 * one. A fault that each cylinder has is not spoken of while nobody says which cylinder.
 * @param k what ships and the workshop's own knowledge
 * @param said the part as it is called, what is seen, and the word of wear where it was picked
 * @param facts what is known of the bike
 * @param positions places of its cylinders
 * @returns the word, and the fault with its place; null where they say nothing
 */
export function spokenBy(
  k: Worn,
  said: { item: string; seen: string; wear?: string | null; position?: string | null },
  facts: Facts,
  positions: readonly string[],
): Spoken {
  const wear = said.wear ?? namedBy(k.wears, said.seen)?.id ?? null;
  const faultId = wear && spokenOf(k, wornPart(k, said.item, facts), wear, facts);
  const fault = k.faults.find((f) => f.id === faultId);
  if (!fault) return { wear, faultId: null, position: null };
  if (fault.per !== 'cylinder') return { wear, faultId: fault.id, position: null };
  const asked = said.position ?? placeOf(said.item, said.seen) ?? (positions.length === 1 ? positions[0] : null);
  const position = asked !== null && positions.includes(asked) ? asked : null;
  return { wear, faultId: position && fault.id, position };
}
