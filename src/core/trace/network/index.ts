export * from './types';
export { usualBudget, type Budget } from './budget';
export { infer, type Posterior } from './infer';
export { credibleExplanations, inferred, type CredibleExplanations, type CauseSet, type Inferred } from './explanations';
export { product } from './table';
