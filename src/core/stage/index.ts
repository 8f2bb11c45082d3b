export * from './spine';
export * from './stages';
export * from './next';
export { foundWork, type FoundWork } from './found';
export { dueAt, provisionalOf, stageOfWait } from './waits';
