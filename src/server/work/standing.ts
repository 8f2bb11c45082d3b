import { knowledge as shipped } from 'virtual:knowledge';
import { withOwn } from '../../core/knowledge';
import type { State } from '../../core/state';
import { buildModel, inferred, oddsOf, questionOf, standing } from '../../core/trace';
import { keyOf, Lately } from './lately';

const known = new Lately<number>(1000);

/** How many suspects of a job are still worth a look: what its spine says on every stage. */
export function suspectsStanding(shopId: string, state: State, jobId: string): number {
  // What was agreed moves the advice, not the odds.
  const question = { ...questionOf(state, jobId), agreedLeft: null };
  const key = keyOf(shopId, question);
  const there = known.get(key);
  if (there !== undefined) return there;
  const model = buildModel(withOwn(shipped, question.own), question.traced);
  const count = standing(oddsOf(model, inferred(model.network, model.observations).posterior));
  known.set(key, count);
  return count;
}
