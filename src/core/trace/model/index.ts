export { experienceWeight } from './experience';
export { caseOf, type Case } from './case';
export { questionOf, type Question } from './question';
export { lastRepairId, repairsInOrder, repairsUpTo } from '../../repairs';
export { buildModel, type Model } from './build';
export { faultsHere, keyOf } from './faultsHere';
export { likeliestOutcome, outcomeWeights } from './outcome';
export { placeName, positionsOf } from './places';
export { faultProbabilities } from './probabilities';
