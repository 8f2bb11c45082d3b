export * from './missingLimits';
export * from './circumstances';
export * from './fields';
export * from './read';
export * from './rows';
export * from './types';
export * from './file';
