export { AccessStates, type Opening, type Reach } from './access';
export { coarse, unreduced, type Coarse } from './coarse';
export { asGood, best, decide, testOrRepair, weigh, type Valued, type Weighed } from './improve';
export { bitsOf, canTell, information, leastBits } from './information';
export {
  afterOutcome,
  afterRepair,
  repairThen,
  testThen,
  unlocked,
  type Act,
  type Choice,
  type Continuation,
  type Problem,
  type RepairAct,
  type Situation,
  type TestAct,
} from './problem';
export { repairOrder, type RepairOrder } from './repairs';
export { Rollout } from './rollout';
export { testThenRepair } from './testThenRepair';
export { Rows } from './rows';
export { twoMoves } from './twoMoves';
export { byGainPerCost, type Gain } from './gainPerCost';
