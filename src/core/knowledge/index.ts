export * from './types';
export * from './facts';
export { checkKnowledge } from './check';
export { accessOf, expectedBreakage, expectedMinutes, routesOf } from './access';
export { assembleKnowledge, withFigures, type KnowledgeFile } from './assemble';
export { freeId, ownFile, ownProblems, withOwn, type OwnProblem } from './own';
export { surveyKnowledge, type Survey } from './survey';
export { faultById, findingById, foundBy, testById } from './lookup';
export * from './ownDraft';
