import { list, type State, type TableName, type Tables } from '../../core/state';

/** By the table as it stood: a change makes a new one, so that the same table has the same rows. */
const known = new WeakMap<object, Map<string, unknown>>();

/**
 * Rows of a table that belong to a job, in the order they were made; the same array as long as the table is the same.
 * @param state what is known
 * @param table its name
 * @param jobId the job
 * @returns rows, not to be changed
 */
export function jobRows<T extends TableName>(state: State, table: T, jobId: string): Tables[T][] {
  const of = state.rows[table];
  const byJob = known.get(of) ?? new Map<string, unknown>();
  known.set(of, byJob);
  let rows = byJob.get(jobId) as Tables[T][] | undefined;
  if (!rows) {
    rows = list(state, table).filter((r) => !('jobId' in r) || r.jobId === jobId);
    byJob.set(jobId, rows);
  }
  return rows;
}
