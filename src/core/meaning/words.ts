import type { Knowledge, Vocabulary } from '../knowledge';

/** What has the words by which a text is understood. */
export type Speaking = Pick<Knowledge, 'vocabulary'>;

/** The vocabulary as it is looked up in; made once for each body of knowledge. */
interface Lexicon {
  standsFor: ReadonlyMap<string, string>;
  ignored: ReadonlySet<string>;
  ending: RegExp | null;
  phrases: readonly [RegExp, string][];
  denies: RegExp;
  broken: RegExp;
  intermittent: RegExp;
  doing: ReadonlySet<string>;
  good: ReadonlySet<string>;
  bad: ReadonlySet<string>;
}

const made = new WeakMap<Vocabulary, Lexicon>();

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
const anyOf = (phrases: readonly string[], flags: string) =>
  // Of nothing there is nothing to find: an empty choice would be found everywhere.
  phrases.length ? new RegExp(`\\b(${phrases.map(escaped).join('|')})\\b`, flags) : /(?!)/;

/**
 * The vocabulary of some knowledge as it is looked up in.
 *
 * @param k what has a vocabulary (knowledge/vocabulary.yaml)
 * @returns its sets and patterns, the words in them already compared as {@link wordsOf} compares
 */
export function lexiconOf(k: Speaking): Lexicon {
  const v = k.vocabulary;
  const known = made.get(v);
  if (known) return known;
  const standsFor = new Map(v.alike.flatMap(([first, ...rest]) => [first, ...rest].map((w): [string, string] => [w, first])));
  const ignored = new Set(v.ignored);
  const ending = v.endings.length ? new RegExp(`(${v.endings.map(escaped).join('|')})$`) : null;
  const stems = (words: readonly string[]) => new Set(words.flatMap((w) => split(w, { standsFor, ignored, ending })));
  const lexicon: Lexicon = {
    standsFor,
    ignored,
    ending,
    phrases: v.phrases.map((p) => [anyOf(p.for, 'gi'), p.stands]),
    denies: anyOf(v.denies, 'i'),
    broken: anyOf(v.broken, 'i'),
    intermittent: anyOf(v.intermittent, 'i'),
    doing: stems(v.doing),
    good: stems(v.good),
    bad: stems(v.bad),
  };
  made.set(v, lexicon);
  return lexicon;
}

/** A word without its ending, and without the letter that an ending doubles: swapped and swap are one. */
const stemOf = (w: string, ending: RegExp | null): string => (ending ? w.replace(ending, '') : w).replace(/([bcdfgklmnprtvz])\1$/, '$1');

function split(text: string, { standsFor, ignored, ending }: Pick<Lexicon, 'standsFor' | 'ignored' | 'ending'>): string[] {
  return text
    .toLowerCase()
    .split(/[^a-z0-9-]+/)
    .filter((w) => w.length > 1 && !ignored.has(w))
    .map((w) => standsFor.get(w) ?? stemOf(w, ending));
}

/**
 * Words as they are compared: small letters, one word for all that mean the same, without endings.
 *
 * @param k what has a vocabulary
 * @param text anything that a person wrote
 * @returns its words in their order, those that say nothing left out; a word that stands twice is there twice
 * @example wordsOf(k, 'Petrol, GAS; fuel') // ['fuel', 'fuel', 'fuel']
 */
export const wordsOf = (k: Speaking, text: string): string[] => split(text, lexiconOf(k));

/**
 * Whether one word begins the other and they differ by an ending only: carb and carbon are two words, sprocket and sprockets one.
 *
 * @param a a word as {@link wordsOf} gives it
 * @param b another
 */
export const begun = (a: string, b: string): boolean => {
  const [short, long] = a.length < b.length ? [a, b] : [b, a];
  return short.length > 3 && long.startsWith(short) && (long.length - short.length <= 2 || short.length >= 6);
};
