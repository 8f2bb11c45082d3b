export * from './balance';
export * from './jets';
