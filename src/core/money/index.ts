export * from './bill';
