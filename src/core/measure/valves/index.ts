export * from './assign';
export * from './clearance';
export * from './position';
export * from './shims';
export * from './timing';
