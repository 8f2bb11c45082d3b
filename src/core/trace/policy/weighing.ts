import { bitsOf, coarse, weigh, type Coarse, type Weighed } from '../decide';
import type { Beliefs } from './beliefs';

/** Beliefs with the choice worked out. */
export interface Weighing {
  bits: Float64Array;
  rough: Coarse;
  weighed: Weighed;
}

/** What every test would tell, and what the acts worth doing are expected to cost. */
export function weighing(b: Beliefs): Weighing {
  const bits = bitsOf(b.problem.tests, b.weights);
  const rough = coarse(b.problem, b.start, bits);
  return { bits, rough, weighed: weigh(rough.problem, rough.situation) };
}
