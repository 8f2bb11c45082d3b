import type { LineAct, LineContext, Meaning } from '../types';

/** The rows of one table that belong to the job that a line is about. */
export const rowsOf = <T extends 'part' | 'torque' | 'torqueStage' | 'wait' | 'provisional' | 'piece'>(c: LineContext, table: T) =>
  [...c.state.rows[table].values()].filter((r) => r.jobId === c.jobId);

/** The one meaning of a line. */
export const one = (phrase: string, text: string, ...acts: LineAct[]): Meaning[] => [{ phrase, words: text, acts, cost: 0 }];
