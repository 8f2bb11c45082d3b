export * from './spine';
export * from './stages';
export * from './next';
export { boardLine, type Board, type BoardLine } from './board';
export { foundWork, type FoundWork } from './found';
export { dueAt, provisionalOf, stageOfWait } from './waits';
