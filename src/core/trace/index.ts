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
export { oddsOf, placeName, standing, type Odds, type SuspectView } from './policy/odds';
export { theoryOf, type TheoryView } from './policy/theory';
export { weighing, type Weighing } from './policy/weighing';
export { insteadOf, insteadWords, valueInstead, type Instead } from './policy/instead';
export { explain, resultWords, rowWords, type Reason, type ResultWords } from './policy/explain';
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
