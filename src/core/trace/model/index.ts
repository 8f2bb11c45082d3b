export { experienceWeight } from './experience';
export * from './case';
export { lastRepairId, repairOf, repairsInOrder, repairsUpTo } from '../../repairs';
export * from './build';
export { keyOf, type Suspect, type TracedGroup } from './groups';
export { comesAndGoes, couldNot, likeliestOutcome, outcomeWeights, worstOutcome } from './outcome';
export { gradesOf } from './strength';
export type { Claim } from './claims';
export { faultProbabilities } from './probabilities';
