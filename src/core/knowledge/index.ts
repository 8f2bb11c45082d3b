export * from './types';
export * from './facts';
export { checkKnowledge } from './check';
export { accessOf, expectedBreakage, expectedMinutes, routesOf } from './access';
export { assembleKnowledge, withFigures, type KnowledgeFile, type OwnFigure } from './assemble';
export { surveyKnowledge, type Survey } from './survey';
export { faultById, findingById, foundBy, testById } from './lookup';
