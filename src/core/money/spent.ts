import { list, type State } from '../state';
import { billOf, cents } from './bill';

const ofJob = <T extends { jobId: string }>(rows: readonly T[], jobId: string): T[] => rows.filter((r) => r.jobId === jobId);

/**
 * What a job has cost so far: parts ordered or fitted, what its repairs cost besides, and the work logged.
 *
 * @param state The record's tables; those of other jobs are left out.
 * @param jobId the job
 * @returns Hundredths of the shop's currency, before tax.
 * @throws Where there is no such job.
 */
export function spentCents(state: State, jobId: string): number {
  const job = state.rows.job.get(jobId);
  if (!job) throw new Error(`no job ${jobId}`);
  const parts = ofJob(list(state, 'part'), jobId).filter((p) => p.status !== 'needed');
  return billOf(parts, ofJob(list(state, 'repair'), jobId), job.rate).totalCents;
}

/**
 * What is left of the sum that the owner last agreed to.
 * @param state what is known, left as it is
 * @param jobId the job
 * @returns Units of the shop's currency, negative once it is overdrawn; null where no sum was agreed.
 * @throws Where there is no such job.
 */
export function agreedLeft(state: State, jobId: string): number | null {
  const upTo = ofJob(list(state, 'consent'), jobId).at(-1)?.upTo;
  return upTo ? (cents(upTo) - spentCents(state, jobId)) / 100 : null;
}
