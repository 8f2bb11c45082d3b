import { begun, wordsOf, type Speaking } from './words';

/** What a word or a line in a file was taken for; `how` tells how it was found. */
export interface NameMatch {
  id: string;
  name: string;
  how: 'id' | 'words';
}

/**
 * The thing that some words mean: its id, or the one whose name shares most with them. Null where nothing does, or two
 * do equally well.
 *
 * @param k the vocabulary by which words are compared
 * @param things what may be meant
 * @param said an id, or words
 */
export function resolveName(
  k: Speaking,
  things: readonly { id: string; name: string; words?: string; more?: string }[],
  said: string,
): NameMatch | null {
  const exact = things.find((t) => t.id === said.trim());
  if (exact) return { id: exact.id, name: exact.name, how: 'id' };
  const asked = [...new Set(wordsOf(k, said))];
  if (asked.length === 0) return null;
  const scored = things
    .map((t) => {
      const own = new Set(wordsOf(k, `${t.name} ${t.id.replace(/-/g, ' ')} ${t.words ?? ''} ${t.more ?? ''}`));
      const shared = asked.filter((w) => own.has(w) || [...own].some((x) => begun(x, w))).length;
      return { t, score: shared / asked.length + (0.2 * shared) / Math.max(1, own.size) };
    })
    .sort((a, b) => b.score - a.score);
  const [first, second] = scored;
  if (!first || first.score < 0.5 || (second && second.score > first.score - 1e-9)) return null;
  return { id: first.t.id, name: first.t.name, how: 'words' };
}
