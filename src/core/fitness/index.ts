export { fitnessOf, reachOf } from './decide';
export { fitnessRowsOf, type FitnessRows } from './rows';
export { longStanding } from './work';
export type { Fitness, FitnessVerdict, FitnessReason, WayView } from './types';
