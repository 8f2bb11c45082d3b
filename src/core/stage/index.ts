export * from './spine';
export * from './next';
export { dueAt, provisionalOf, stageOfWait } from './waits';
