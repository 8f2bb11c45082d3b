export * from './mix';
