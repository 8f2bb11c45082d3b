export * from './types';
export * from './facts';
export { checkKnowledge } from './check';
