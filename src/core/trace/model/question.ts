import { agreedLeft } from '../../money';
import { list, type Own, type State } from '../../state';
import { caseOf, type Case } from './case';

/** Everything that a ranking is worked out from, as plain data: the same question has the same answer, on every device. */
export interface Question {
  traced: Case;
  /** What the shop knows itself. */
  own: readonly Own[];
  /** Money the owner has agreed to and that is not spent yet, in the shop's currency; null if nothing was agreed. */
  agreedLeft: number | null;
}

/**
 * What is to be asked about a job as its state stands.
 * @param state what is known, left as it is
 * @param jobId the job
 * @returns bike, job and rows, as the worker takes them
 * @throws Where there is no such job.
 */
export const questionOf = (state: State, jobId: string): Question => ({
  traced: caseOf(state, jobId),
  own: list(state, 'own'),
  agreedLeft: agreedLeft(state, jobId),
});
