export {
  comesAndGoes,
  couldNot,
  engineActs,
  systems,
  type Access,
  type Attribute,
  type EngineAct,
  type FastenerWay,
  type EngineState,
  type Fault,
  type FindingKind,
  type Knowledge,
  type Measure,
  type OwnFigure,
  type Strength,
  type System,
  type Test,
  type TestOutcome,
  type Cleaner,
  type Fluid,
  type Joint,
  type Touch,
  type UsualJob,
  type WireEnd,
  type UsualStep,
  type Vocabulary,
  type PastSign,
  type Consumable,
  type SideEffect,
  type Wear,
  type WearVerdict,
  type When,
  type WornPart,
} from './types';
export { places, type Place } from './places';
export { applicability, cylindersOf, factsOf, isMet, type Facts } from './facts';
export { changedBy, effectsFor, effectsOn, type Fitted } from './effects';
export { checkKnowledge } from './check';
export { comesBefore, nextUsual, usualJobs } from './usual';
export { accessOf, expectedBreakage, expectedMinutes, routesOf } from './access';
export { mergeKnowledge, withFigures, type KnowledgeFile } from './merge';
export { freeId, ownFile, ownProblems, withOwn, type OwnProblem } from './own';
export { coverageOf, nameless } from './coverage';
export { unknownIn, type Unknown } from './known';
export { fitting } from './answers';
export { faultById, findingById, foundBy, gradesIn, headingOf, testById } from './lookup';
export { cautionsHere, hazardsOfDoings, hazardsOfUsual, hazardsOfWork, type Work } from './cautions';
export { actOf, riskPrice } from './doings';
export {
  draftOfFault,
  draftOfFigure,
  draftOfSign,
  draftOfTest,
  faultChanged,
  faultFrom,
  figureFrom,
  freshFault,
  freshFigure,
  freshLook,
  freshSign,
  freshTest,
  gradesOf,
  howCommon,
  howStray,
  howSurely,
  signChanged,
  signFrom,
  testFrom,
  type FaultDraft,
  type FigureDraft,
  type LookDraft,
  type Made,
  type Shown,
  type SignDraft,
  type TestDraft,
  type Wrong,
} from './ownDraft';
