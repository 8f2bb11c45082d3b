export * from './belt';
export * from './chain';
