import type { Posterior } from '../network';
import type { Model } from './build';

/**
 * Probability of each suspect being there now, by its key; exact.
 * @param model the model of the case
 * @param posterior what `infer` gave
 * @returns 0 to 1, by key
 */
export function faultProbabilities(model: Model, posterior: Posterior): Map<string, number> {
  const p = new Map<string, number>(model.suspects.map((s) => [s.key, 0]));
  model.groups.forEach((g, i) =>
    g.states.forEach((s, k) => s.members.forEach((m) => p.set(m, (p.get(m) ?? 0) + posterior.probability[i][k]))),
  );
  return p;
}
