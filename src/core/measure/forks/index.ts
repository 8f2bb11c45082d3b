export * from './fork';
