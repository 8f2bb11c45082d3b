export * from './capacity';
