export * from './thread';
export * from './query';
export * from './stages';
export * from './wrench';
