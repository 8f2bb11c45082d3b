import { bitsOf, reduceProblem, weigh, type ReducedProblem, type Weighed } from '../decide';
import type { BeliefState } from './beliefs';

/** Beliefs with the choice worked out. */
export interface Weighing {
  bits: Float64Array;
  rough: ReducedProblem;
  weighed: Weighed;
}

/**
 * What every test would tell, and what the acts worth doing are expected to cost.
 * @param b what is believed now
 * @returns bits and money by act
 */
export function weighing(b: BeliefState): Weighing {
  const bits = bitsOf(b.problem.tests, b.weights);
  const rough = reduceProblem(b.problem, b.start, bits);
  return { bits, rough, weighed: weigh(rough.problem, rough.situation) };
}
