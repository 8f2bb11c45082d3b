export * from './types';
export * from './facts';
export { checkKnowledge } from './check';
export { assembleKnowledge, type KnowledgeFile } from './assemble';
