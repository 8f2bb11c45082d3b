export { AccessStates, type Opening, type Reach } from './access';
export { reduceProblem, unreduced, type ReducedProblem } from './reduceProblem';
export { asGood, best, decide, testOrRepair, weigh, type Valued, type Weighed } from './improve';
export { bitsOf, canTell, information, leastBits } from './information';
export {
  afterOutcome,
  afterRepair,
  repairThen,
  testThen,
  unlocked,
  type Action as Act,
  type Choice,
  type Continuation,
  type DecisionProblem as Problem,
  type RepairAct,
  type Situation,
  type TestAction as TestAct,
} from './problem';
export { repairOrder, type RepairOrder } from './repairs';
export { Rollout } from './rollout';
export { testThenRepair } from './testThenRepair';
export { RowPool } from './rowPool';
export { twoMoves } from './twoMoves';
export { byGainPerCost, type Gain } from './gainPerCost';
