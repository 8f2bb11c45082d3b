export * from './orders';
