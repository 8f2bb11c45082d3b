export { plainWords, soughtWords, tsqueryOf } from './query';
export { stageOfKind } from './kinds';
export type { FoundLine } from './found';
