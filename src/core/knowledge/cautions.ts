import { hazardsOf, openingDoes } from './doings';
import { applicability, type Facts } from './facts';
import type { Attribute, Procedure, Hazard, Knowledge, UsualStep } from './types';

/** Work as a mechanic writes it down: a strip step, a torque, a wait, a temporary repair. */
export interface Work {
  /** Its words: title, note, which fasteners. */
  words: readonly (string | null)[];
  /** What it opens the way to. */
  access?: string | null;
  /** The kind of wait, where it is one. */
  wait?: string;
  /** Fasteners are only torqued: nothing is opened. */
  tightening?: boolean;
}

const compiled = new WeakMap<Procedure, { is: RegExp; isNot: RegExp | null } | null>();

function wordsOf(d: Procedure) {
  let known = compiled.get(d);
  if (known === undefined) {
    known = d.work ? { is: new RegExp(d.work, 'i'), isNot: d.notWork ? new RegExp(d.notWork, 'gi') : null } : null;
    compiled.set(d, known);
  }
  return known;
}

/** Whether the words of some work mean a doing; what only sounds like it is left out of hearing. */
function meant(d: Procedure, words: string): boolean {
  const by = wordsOf(d);
  return by !== null && by.is.test(by.isNot ? words.replace(by.isNot, ' ') : words);
}

/**
 * Ids of the cautions that go with some work, by the same doings that tests and repairs follow. Common practice.
 * @param k what ships and the workshop's own knowledge
 * @param work what is said of it: its words, the access it opens, a wait, a tightening
 * @returns ids, each once
 */
export function hazardsOfWork(k: Pick<Knowledge, 'doings' | 'access'>, { words, access, wait, tightening }: Work): string[] {
  const said = words.filter(Boolean).join('. ');
  const done = k.doings
    .filter((d) => (meant(d, said) && (!tightening || d.tightened)) || (wait !== undefined && d.waits?.includes(wait)))
    .map((d) => d.id);
  return hazardsOf([...done, ...openingDoes(access ? [access] : [], k.access)], k.doings);
}

/**
 * Ids of the cautions that go with what is done.
 * @param k what ships and the workshop's own knowledge
 * @param does ids of doings
 * @returns ids, each once
 */
export const hazardsOfDoings = (k: Pick<Knowledge, 'doings'>, does: readonly string[]): string[] => hazardsOf(does, k.doings);

/**
 * Ids of the cautions that go with a step of a usual job: by what it is said to do, by its words and by what it opens the way to.
 * @param k what ships and the workshop's own knowledge
 * @param s a step of a usual job
 * @returns ids, each once
 */
export const hazardsOfUsual = (k: Pick<Knowledge, 'doings' | 'access'>, s: UsualStep): string[] => [
  ...new Set([...hazardsOf(s.does ?? [], k.doings), ...hazardsOfWork(k, { words: [s.part], access: s.access })]),
];

/** Where it is not known whether a bike is so, a caution stands if at least this share of bikes is. */
const worthSaying = 0.2;

/**
 * Those of some cautions that can happen on this bike.
 * @param k what ships and the workshop's own knowledge
 * @param ids ids of cautions
 * @param facts what is known of the bike
 * @returns the ids that stay, in the same order
 */
export const cautionsHere = (
  k: { hazards: readonly Hazard[]; attributes: readonly Attribute[] },
  ids: readonly string[],
  facts: Facts,
): string[] => ids.filter((id) => applicability(k.hazards.find((h) => h.id === id)?.when, facts, k.attributes) >= worthSaying);
