export { plainWords, tsqueryOf } from './query';
export { stageOfKind } from './kinds';
