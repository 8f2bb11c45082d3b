export * from './crankcase';
export * from './port';
export * from './slider';
export * from './volume';
