export * from './bore';
