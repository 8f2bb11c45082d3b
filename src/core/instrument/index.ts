export * from './line';
export * from './live';
export * from './types';
