export * from './network';
export * from './model';
export {
  rank,
  standing,
  schoolViews,
  placeName,
  type SchoolView,
  type Ranking,
  type RankOptions,
  type SuspectView,
  type TestView,
  type OutcomeView,
  type NextView,
} from './policy/rank';
export { explain, rowWords, type Reason } from './policy/explain';
export { schoolIds, type SchoolId } from './policy/schools';
export { believe, type Beliefs, engineStates, gateOf, missingAccess } from './policy/beliefs';
export { repairPlan, repairWaste, testWaste, information } from './policy/plan';
export { chanceWords, tooClose } from './policy/words';
