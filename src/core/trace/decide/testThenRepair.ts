import type { Gain } from './gainPerCost';
import { afterTest, type DecisionProblem, type Situation } from './problem';
import { repairOrder } from './repairs';

/** Expected cost of a test, with what has to come first, where it is repaired on from each outcome. */
export function testThenRepair(p: DecisionProblem, s: Situation, { tells, first }: Pick<Gain, 'tells' | 'first'>): number {
  const { cost, outcomes } = afterTest(p, s, tells);
  return outcomes.reduce((sum, { chance, next }) => sum + chance * repairOrder(p, next).expected, first + cost);
}
