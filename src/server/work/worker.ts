import { tasks } from './tasks';

// A thread of the pool in pool.ts; built on its own (scripts/workers.ts). Each task is called by its name.
export const { rank, readJob, readOwn } = tasks;
