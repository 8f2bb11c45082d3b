export * from './file';
export * from './template';
