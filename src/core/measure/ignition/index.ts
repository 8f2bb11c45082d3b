export * from './advance';
export * from './coil';
export * from './points';
