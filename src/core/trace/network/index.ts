export * from './types';
export { infer, type Posterior } from './sweep';
export { credibleExplanations, type CredibleExplanations, type Explanation } from './explanations';
export { product } from './table';
