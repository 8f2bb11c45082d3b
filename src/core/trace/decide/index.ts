export { AccessStates, type Opening, type Reach } from './access';
export { coarse, type Coarse } from './coarse';
export { canTell, information, leastBits } from './information';
export { best, decide, testOrRepair, weigh, type Depth, type Valued, type Weighed } from './lookAhead';
export { afterOutcome, afterRepair, type Act, type Choice, type Problem, type Situation, type TestAct } from './problem';
export { repairOrder, type RepairOrder } from './repairs';
export { Rows } from './rows';
