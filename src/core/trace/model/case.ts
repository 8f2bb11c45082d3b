import { fitnessRowsOf, type FitnessRows } from '../../fitness';
import { limitOfRatio } from '../../measure/compression';
import type { Bike, Experience, Reading, Spec, State, Substitute } from '../../state';
import { list } from '../../state';

/** Everything the tracer looks at for one job: plain rows, in any order. */
export interface Case extends FitnessRows {
  readings: Reading[];
  specs: Spec[];
  /** What on the bike is not as the manual has it. */
  substitutes?: Substitute[];
  /** What this shop's closed jobs turned out to be, where it is to count. */
  experience?: Experience | null;
}

/** The bike's limits, and what it makes one expect where it has none of its own. */
const withExpected = (bike: Bike, specs: Spec[]): Spec[] => {
  const expected = limitOfRatio(bike, specs);
  return expected ? [...specs, expected] : specs;
};

/**
 * The case of one job, gathered from a state.
 * @param state what is known, left as it is
 * @param jobId the job
 * @returns rows of the job, what it asks, and the facts of the bike
 */
export function caseOf(state: State, jobId: string): Case {
  const rows = fitnessRowsOf(state, jobId);
  return {
    ...rows,
    readings: list(state, 'reading').filter((r) => r.jobId === jobId),
    specs: withExpected(
      rows.bike,
      list(state, 'spec').filter((s) => s.bikeId === rows.bike.id),
    ),
    substitutes: list(state, 'substitute').filter((s) => s.bikeId === rows.bike.id),
    experience: rows.job.counts === 'no' ? null : state.experience,
  };
}
