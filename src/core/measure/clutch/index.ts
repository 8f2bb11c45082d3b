export * from './capacity';
export * from './order';
