export * from './network';
export * from './model';
export {
  rank,
  schoolViews,
  type SchoolView,
  type Ranking,
  type RankOptions,
  type TestView,
  type OutcomeView,
  type NextView,
} from './policy/rank';
export { atOnce } from './policy/atOnce';
export { oddsOf } from './policy/odds';
export { standing, type Odds, type SuspectView } from './policy/suspects';
export { theoryOf, type TheoryView } from './policy/theory';
export { weighing, type Weighing } from './policy/weighing';
export { insteadOf, valueInstead, type Instead } from './policy/instead';
export { insteadWords } from './policy/insteadWords';
export { explain, type Reason } from './policy/explain';
export { resultWords, rowWords, type ResultWords } from './policy/rowWords';
export { schoolIds, type SchoolId } from './policy/schools';
export { readCase, caseFileOf, type CaseFile, type CaseLine } from './file';
export { believe, type BeliefState } from './policy/beliefs';
export { engineStates, gateOf } from './policy/gates';
export { missingMinutes, stillToOpen, stripOf, type Strip } from './policy/strip';
export { chanceWords, tooClose } from './policy/words';
export { placeOf, places, type Place } from './place';
export { symptomsToAsk, type SymptomAsk } from './policy/asks';
export { disagreements } from './disagree';
export { apart, joined, type ComplaintLink } from './policy/complaintLinks';
