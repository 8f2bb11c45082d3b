import { canTell, coarse, information, weigh, type Coarse, type Weighed } from '../decide';
import type { Beliefs } from './beliefs';

/** Beliefs with the choice worked out as far as the look-ahead goes. */
export interface Weighing {
  bits: Float64Array;
  rough: Coarse;
  weighed: Weighed;
}

/** What every test would tell, and what the acts worth doing are expected to cost. */
export function weighing(b: Beliefs): Weighing {
  const bits = Float64Array.from(b.problem.tests, (t) => (canTell(t) ? information(b.weights, t) : 0));
  const rough = coarse(b.problem, b.start, bits);
  return { bits, rough, weighed: weigh(rough.problem, rough.situation) };
}
