export * from './types';
export { infer, type Posterior } from './sweep';
export { credibleSets, type CredibleSets, type FaultSet } from './sets';
export { setLogOdds } from './odds';
