export * from './spine';
export * from './stages';
export * from './next';
export { dueAt, provisionalOf, stageOfWait } from './waits';
