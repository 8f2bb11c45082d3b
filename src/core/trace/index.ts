export { infer, inferred } from './network';
export {
  buildModel,
  caseOf,
  experienceWeight,
  faultProbabilities,
  faultsHere,
  keyOf,
  lastRepairId,
  likeliestOutcome,
  outcomeWeights,
  placeName,
  positionsOf,
  questionOf,
  type Case,
  type Model,
  type Question,
} from './model';
export { rank, schoolViews, type Ranking, type SchoolView, type TestView } from './policy/rank';
export { atOnce } from './policy/atOnce';
export { oddsOf } from './policy/odds';
export { standing, type Odds, type SuspectView } from './policy/suspects';
export { theoryOf, type TheoryView } from './policy/theory';
export { weighing, type Weighing } from './policy/weighing';
export { insteadOf, valueInstead, type Instead } from './policy/instead';
export { insteadWords, riskWords, savesWords } from './policy/insteadWords';
export { explain, type Reason } from './policy/explain';
export { resultWords, rowWords, type ResultWords } from './policy/rowWords';
export { schoolIds } from './policy/schools';
export { readCase, type CaseFile, type CaseLine } from './file';
export { believe, type BeliefState } from './policy/beliefs';
export { engineStates } from './policy/gates';
export { stripOf } from './policy/strip';
export { chanceWords, inSentence, separatesWords } from './policy/words';
export { placeOf, places, type Place } from './place';
export { disagreements } from './disagree';
export { apart, joined, type ComplaintLink } from './policy/complaintLinks';
