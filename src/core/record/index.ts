export * from './rows';
export * from './fields';
export * from './state';
export * from './change';
export * from './enteredBy';
export * from './groupBy';
export * from './place';
export * from './snapshot';
export { freshBike, freshJob } from './fresh';
