export * from './spine';
export * from './next';
