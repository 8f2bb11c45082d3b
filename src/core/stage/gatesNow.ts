import { fitnessOf } from '../fitness';
import type { Knowledge } from '../knowledge';
import { buildModel, engineStates, type Case } from '../trace';

/**
 * What forbids turning or cranking the engine now, in words.
 * @param k what ships and the workshop's own knowledge
 * @param c the case of the job
 * @returns id of the gate and why it is shut; empty where all may be done
 */
export function gatesNow(k: Knowledge, c: Case): { id: string; hidden: string }[] {
  const stuck = engineStates(buildModel(k, c)).get('turns') === 'no' ? k.states.find((s) => s.id === 'turns') : undefined;
  // An engine that does not turn is not cranked either: that says it all.
  if (stuck) return [{ id: stuck.id, hidden: stuck.hidden }];
  return fitnessOf(k, c).crank.reasons.map((r) => ({ id: r.code, hidden: `Not to be cranked: ${r.because}. ${r.lift}.` }));
}
