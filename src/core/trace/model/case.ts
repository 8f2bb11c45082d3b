import { fitnessRowsOf, type FitnessRows } from '../../fitness';
import type { Experience, Reading, Spec, State } from '../../record';
import { list } from '../../record';

/** Everything the tracer looks at for one job: plain rows, in any order. */
export interface Case extends FitnessRows {
  readings: Reading[];
  specs: Spec[];
  /** What this shop's closed jobs turned out to be, where it is to count. */
  experience?: Experience | null;
}

/** The case of one job, gathered from a state. */
export function caseOf(state: State, jobId: string): Case {
  const rows = fitnessRowsOf(state, jobId);
  return {
    ...rows,
    readings: list(state, 'reading').filter((r) => r.jobId === jobId),
    specs: list(state, 'spec').filter((s) => s.bikeId === rows.bike.id),
    experience: rows.job.counts === 'no' ? null : state.experience,
  };
}
