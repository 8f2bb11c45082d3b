import { testById } from '../../knowledge';
import { leastBits } from '../decide';
import type { BeliefState, OpenTest } from './beliefs';

const most = 4;

/** Tests that tell something, those that tell most for their own minutes first. */
const telling = (b: BeliefState, bits: Float64Array, wanted: (t: OpenTest, i: number) => boolean): OpenTest[] =>
  [...b.tests.keys()]
    .filter((i) => !b.tests[i].gate && bits[i] > leastBits * 2 && wanted(b.tests[i], i))
    .sort((x, y) => bits[y] / (b.tests[y].minutes + 1) - bits[x] / (b.tests[x].minutes + 1) || x - y)
    .slice(0, most)
    .map((i) => b.tests[i]);

/** What became cheap because something is off already: tests that would otherwise need a strip. */
export function whileOpen(b: BeliefState, bits: Float64Array): OpenTest[] {
  return telling(b, bits, (t) => Boolean(t.test.access?.length) && t.accessMinutes === 0);
}

/** Tests that need no further strip once what this act wants is off. */
export function sameStrip(b: BeliefState, bits: Float64Array, wanted: readonly string[] | undefined, besides: string): OpenTest[] {
  const { states, now } = b.strip;
  const { next } = states.reach(now, states.want(wanted));
  if (next === now) return [];
  return telling(b, bits, (t) => t.key !== besides && t.accessMinutes > 0 && states.reach(next, states.want(t.test.access)).cost === 0);
}

/** The three questions of every engine that does not run as it should. */
export const questions = ['compression', 'spark', 'fuel'] as const;

export interface QuestionView {
  system: (typeof questions)[number];
  /** Chance that what is complained of comes from there. */
  chance: number;
  /** How far that is answered: 0 where it is even, 1 where it is certain either way. */
  answered: number;
  /** Whether any test of it was done: a low chance alone is no finding. */
  tested: boolean;
}

export function questionViews(b: BeliefState): QuestionView[] {
  const { knowledge, case: c } = b.model;
  const tested = new Set(
    c.evidence.filter((e) => !e.withdrawn && e.outcome !== 'skipped').flatMap((e) => testById(knowledge, e.testId)?.system ?? []),
  );
  return questions.map((system) => {
    let chance = 0;
    b.faults.forEach((f, h) => {
      if (f.some((i) => b.model.suspects[i].fault.system === system)) chance += b.weights[h];
    });
    const bits = (p: number) => (p > 0 && p < 1 ? -p * Math.log2(p) - (1 - p) * Math.log2(1 - p) : 0);
    return { system, chance: Math.min(1, chance), answered: 1 - bits(Math.min(1, chance)), tested: tested.has(system) };
  });
}
