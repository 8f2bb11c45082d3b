import { knowledge as shipped } from 'virtual:knowledge';
import { withOwn } from '../../core/knowledge';
import { list, type State } from '../../core/record';
import { buildModel, caseOf, inferred, oddsOf, standing } from '../../core/trace';

/** How many suspects of a job are still worth a look: what its spine says on every stage. */
export function suspectsStanding(state: State, jobId: string): number {
  const model = buildModel(withOwn(shipped, list(state, 'own')), caseOf(state, jobId));
  return standing(oddsOf(model, inferred(model.network, model.observations).posterior));
}
