export * from './units';
export * from './parse';
