export { type Group, type Network, type NetworkFinding, type NetworkLink, type Observation } from './types';
export { usualBudget, type Budget } from './budget';
export { infer, type Posterior } from './infer';
export { credibleExplanations, inferred, type CauseSet, type Inferred } from './explanations';
export { product } from './table';
