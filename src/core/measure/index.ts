export * from './correct';
export * from './judge';
export * from './scale';
export * from './limits';
export * from './plausible';
