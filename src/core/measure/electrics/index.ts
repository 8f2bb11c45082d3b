export * from './battery';
export * from './charging';
export * from './drain';
export * from './drop';
