export * from './asked';
export * from './circumstances';
export * from './fields';
export * from './read';
export * from './types';
export * from './file';
