import { toSi } from '../quantity';
import { remedyDone, testDone } from './doings';
import type { Knowledge, Measure, OwnFigure, Test, Vocabulary } from './types';

/** Parsed files as they stand in knowledge/, in any order. */
export interface KnowledgeFile {
  name: string;
  content: Record<string, unknown>;
}

const lists = [
  'faults',
  'findings',
  'tests',
  'groups',
  'access',
  'archetypes',
  'families',
  'hazards',
  'doings',
  'states',
  'schools',
  'areas',
  'attributes',
  'quantities',
  'checklists',
  'strips',
  'fastenerWays',
  'wireEnds',
  'joints',
  'materials',
  'afterCleaning',
  'cleaners',
  'fluids',
  'wears',
  'wornParts',
  'past',
  'effects',
  'consumables',
] as const;

/**
 * Figures that name nothing are told in words; the others take the place of what was there.
 * @param k what ships and the workshop's own knowledge
 * @param figures a workshop's own figures for faults and tests that are there
 * @returns the knowledge with them, and what was wrong with the others
 */
export function withFigures(k: Knowledge, figures: readonly OwnFigure[]): { knowledge: Knowledge; problems: string[] } {
  if (figures.length === 0) return { knowledge: k, problems: [] };
  const problems = figures.flatMap(({ fault, test }) => {
    const known = fault !== undefined ? k.faults.some((f) => f.id === fault) : k.tests.some((t) => t.id === test);
    return known ? [] : [`figure ${fault ?? test}: there is no ${fault !== undefined ? `fault '${fault}'` : `test '${test}'`}`];
  });
  const of = (what: 'fault' | 'test', id: string) => Object.assign({}, ...figures.filter((f) => f[what] === id)) as OwnFigure;
  const told = new Set(figures.flatMap(({ fault, test }) => [fault, test]));
  const faults = k.faults.map((f) => {
    if (!told.has(f.id)) return f;
    const { prior = f.prior, minutes = f.remedy.minutes, parts = f.remedy.parts } = of('fault', f.id);
    return { ...f, prior, remedy: { ...f.remedy, minutes, parts } };
  });
  const tests = k.tests.map((t) => (told.has(t.id) ? { ...t, minutes: of('test', t.id).minutes ?? t.minutes } : t));
  return { knowledge: { ...k, faults, tests }, problems };
}

/** A test as it is computed with: its figures in SI. */
export const testInSi = (t: Test): Test => (t.measure ? { ...t, measure: inSi(t.measure) } : t);

function inSi(measure: Measure): Measure {
  const si = (x: number) => toSi(x, measure.unit);
  const bands = (of: Measure['bands']) => of.map((b) => ({ outcome: b.outcome, ...(b.below !== undefined && { below: si(b.below) }) }));
  const limit = ({ low, high }: Measure['limit']) => ({
    ...(low !== undefined && { low: si(low) }),
    ...(high !== undefined && { high: si(high) }),
  });
  return {
    ...measure,
    bands: bands(measure.bands),
    ...(measure.variants && { variants: measure.variants.map((v) => ({ when: v.when, bands: bands(v.bands), limit: limit(v.limit) })) }),
    error: { relative: measure.error.relative, absolute: si(measure.error.absolute) },
    limit: limit(measure.limit),
  };
}

/** Where no file says how words are understood, they are compared as they stand. */
const noWords: Vocabulary = {
  alike: [],
  endings: [],
  ignored: [],
  orders: [],
  doing: [],
  good: [],
  bad: [],
  phrases: [],
  denies: [],
  broken: [],
  intermittent: [],
};

/** A file may add to one list of words alone. */
const withWords = (v: Vocabulary, more: Partial<Vocabulary>): Vocabulary =>
  Object.fromEntries(
    Object.entries(v).map(([list, words]) => [list, [...words, ...(more[list as keyof Vocabulary] ?? [])]]),
  ) as unknown as Vocabulary;

/**
 * One body of knowledge out of several files. Figures with a unit become SI. The hash is the caller's: it names the bytes.
 * @param files what was read, in the order in which later ones win
 * @param hash names the bytes that were read
 * @returns the knowledge; whether it is sound is `checkKnowledge`'s to say
 */
export function mergeKnowledge(files: readonly KnowledgeFile[], hash: string): Knowledge {
  const all = Object.fromEntries(lists.map((l) => [l, [] as unknown[]]));
  let label = '';
  let vocabulary = noWords;
  for (const { content } of files) {
    if (!label && typeof content.label === 'string') label = content.label;
    if (content.vocabulary) vocabulary = withWords(vocabulary, content.vocabulary as Partial<Vocabulary>);
    for (const l of lists) if (Array.isArray(content[l])) all[l].push(...(content[l] as unknown[]));
  }
  const k = all as unknown as Knowledge;
  const tests = k.tests.map((t) => testDone(testInSi(t), k.doings, k.access));
  const faults = k.faults.map((f) => ({ ...f, remedy: remedyDone(f.remedy, k.doings, k.access) }));
  return { ...k, faults, tests, vocabulary, label, hash };
}
