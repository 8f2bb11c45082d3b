import type { Test } from '../knowledge';
import { outcomeFit } from './outcome';
import { begun, lexiconOf, wordsOf, type Speaking } from './words';

const worth = { name: 1, how: 0.35, result: 0.3 };

interface Entry {
  test: Test;
  /** What a word counts for where it stands in this test, and those of its name. */
  words: Map<string, number>;
  name: Set<string>;
}

const known = new WeakMap<readonly Test[], { entries: Entry[]; rarity: (w: string) => number }>();

function entriesOf(k: Speaking, tests: readonly Test[]): { entries: Entry[]; rarity: (w: string) => number } {
  const made = known.get(tests);
  if (made) return made;
  const { doing } = lexiconOf(k);
  const entries = tests.map((test): Entry => {
    const words = new Map<string, number>();
    const add = (text: string | undefined, count: number) => {
      for (const w of wordsOf(k, text ?? '')) if (!doing.has(w)) words.set(w, Math.max(count, words.get(w) ?? 0));
    };
    const name = [test.name, test.id.replace(/-/g, ' '), test.words ?? '', test.measure?.name ?? ''].join(' ');
    for (const o of test.outcomes) add(`${o.says} ${o.words ?? ''}`, worth.result);
    add(`${test.how ?? ''} ${(test.tools ?? []).join(' ')}`, worth.how);
    add(name, worth.name);
    return { test, words, name: new Set(wordsOf(k, `${test.name} ${test.measure?.name ?? ''}`).filter((w) => !doing.has(w))) };
  });
  const have = new Map<string, number>();
  for (const e of entries) for (const [w, c] of e.words) if (c === worth.name) have.set(w, (have.get(w) ?? 0) + 1);
  const rarity = (w: string) => Math.log(1 + entries.length / (1 + (have.get(w) ?? 0)));
  const all = { entries, rarity };
  known.set(tests, all);
  return all;
}

/** What a word counts for in a test: its own weight, or a little less where one is only begun. */
function found({ words }: Entry, w: string): number {
  const own = words.get(w);
  if (own !== undefined) return own;
  let most = 0;
  for (const [x, c] of words) if (begun(w, x)) most = Math.max(most, 0.8 * c);
  return most;
}

/** A test that some words may mean; `covers` is how much of what was said it has, its result counting half. */
export interface TestMeant {
  test: Test;
  score: number;
  covers: number;
}

/** So much of what is said a test has to have to be meant: with less it is only near. */
export const meantFrom = 0.45;

/**
 * Tests that some words may mean.
 *
 * @param k the vocabulary by which words are compared
 * @param tests what may be meant
 * @param said what was done, in anyone's words
 * @param result what came of it; helps to tell tests apart
 * @returns the tests, the best first; one that is called so is the only one
 */
export function testsMeant(k: Speaking, tests: readonly Test[], said: string, result?: string): TestMeant[] {
  const exact = tests.find((t) => t.name.toLowerCase() === said.trim().toLowerCase());
  if (exact) return [{ test: exact, score: 10, covers: 1 }];
  const { entries, rarity } = entriesOf(k, tests);
  const asked = [...new Set(wordsOf(k, said))].filter((w) => !lexiconOf(k).doing.has(w));
  if (asked.length === 0) return [];
  // A word that no test has says little against any of them.
  const all = asked.reduce((sum, w) => sum + Math.min(4, rarity(w)), 0);
  return entries
    .map((e) => {
      let hit = 0;
      let named = 0;
      for (const w of asked) {
        const count = found(e, w);
        hit += count * Math.min(4, rarity(w));
        if (count >= 0.8) named += rarity(w);
      }
      const own = [...e.name].reduce((sum, w) => sum + rarity(w), 0);
      const fits = result ? outcomeFit(k, e.test, result).score : 0;
      return {
        test: e.test,
        covers: hit / all + 0.5 * fits,
        score: hit === 0 ? 0 : hit / all + (0.35 * Math.min(named, own)) / Math.max(1, own) + 0.3 * fits,
      };
    })
    .filter((x) => x.score > 0.3)
    .sort((a, b) => b.score - a.score || (a.test.id < b.test.id ? -1 : 1));
}
