export * from './debris';
export * from './fill';
export * from './mix';
export * from './use';
