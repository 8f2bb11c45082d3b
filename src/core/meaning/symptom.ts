import type { FindingKind, Knowledge } from '../knowledge';
import { wordsOf } from './words';

/** A symptom that a mechanic's own words may mean, the best first. */
export interface SymptomMatch {
  kind: FindingKind;
  score: number;
}

/**
 * Symptoms that some words may mean. A word counts for more the fewer symptoms have it; one that is only begun counts
 * for a little less.
 *
 * @param k the symptoms, and the vocabulary by which they are understood
 * @param text what was said, in anyone's words
 * @param most how many to give at most
 * @returns the symptoms, the best first; none where nothing fits
 */
export function symptomsMeant(k: Pick<Knowledge, 'findings' | 'vocabulary'>, text: string, most = 6): SymptomMatch[] {
  const asked = [...new Set(wordsOf(k, text))];
  if (asked.length === 0) return [];
  const kinds = k.findings.filter((f) => f.symptom && !f.retired);
  const said = kinds.map((f) => new Set(wordsOf(k, `${f.name} ${f.symptom!.words}`)));
  const rarity = (w: string) => Math.log(1 + kinds.length / (1 + said.filter((s) => s.has(w)).length));
  const score = (own: Set<string>) =>
    asked.reduce((sum, w) => {
      if (own.has(w)) return sum + rarity(w);
      const begun = w.length > 2 && [...own].some((x) => x.startsWith(w) || (x.length > 3 && w.startsWith(x)));
      return sum + (begun ? 0.6 * rarity(w) : 0);
    }, 0);
  const named = (f: FindingKind) => {
    const own = wordsOf(k, f.name);
    return own.filter((w) => asked.includes(w)).length / Math.max(1, own.length);
  };
  return kinds
    .map((kind, i) => ({ kind, score: score(said[i]) / Math.sqrt(4 + said[i].size) + 0.5 * named(kind) ** 2 }))
    .filter((m) => m.score > 0.2)
    .sort((a, b) => b.score - a.score || (a.kind.id < b.kind.id ? -1 : 1))
    .slice(0, most);
}
