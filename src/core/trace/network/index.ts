export * from './types';
export { usualBudget, type Budget } from './budget';
export { infer, type Posterior } from './infer';
export { credibleExplanations, type CredibleExplanations, type Explanation } from './explanations';
export { product } from './table';
