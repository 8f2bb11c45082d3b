import type { Knowledge } from '../knowledge';
import type { Step } from '../state';
import { independence } from './plan';
import { inOrder } from './order';

/** What hangs on what: an edge goes from a step to the one that can go back on once it is back. */
export interface StepGraph {
  /** In the order in which they go back on. */
  steps: Step[];
  /** Pairs of ids, each only where nothing stands in between. */
  edges: [from: string, to: string][];
}

/** More than this many steps make no drawing that anyone reads. */
export const mostDrawn = 150;

/**
 * The steps that are off and what each hangs on, without what follows from the rest (transitive reduction of a graph without circles:
 * Aho, Garey, Ullman 1972, from memory; held against every path in the tests).
 * @param k usual jobs, ways in and kinds of bike
 * @param all steps of one job
 * @param archetype the kind of bike
 * @returns steps and edges; no edges where there are more than `mostDrawn`
 */
export function graphOf(k: Pick<Knowledge, 'strips' | 'access' | 'archetypes'>, all: readonly Step[], archetype: string | null): StepGraph {
  const steps = inOrder(all)
    .filter((s) => !s.refittedAt)
    .reverse();
  if (steps.length > mostDrawn) return { steps, edges: [] };
  const apart = independence(k, archetype);
  const edges: [string, string][] = [];
  /** Of each step all that must be back before it, by their places. */
  const before: Set<number>[] = [];
  for (const [i, step] of steps.entries()) {
    const mine = new Set<number>();
    // The nearest first: what hangs on one that is found already follows from it.
    for (let j = i - 1; j >= 0; j--) {
      if (mine.has(j) || apart(step, steps[j])) continue;
      edges.push([steps[j].id, step.id]);
      mine.add(j);
      for (const x of before[j]) mine.add(x);
    }
    before.push(mine);
  }
  return { steps, edges };
}
