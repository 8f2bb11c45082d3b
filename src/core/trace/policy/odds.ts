import type { Model } from '../model/build';
import { placeName } from '../model/places';
import { faultProbabilities } from '../model/probabilities';
import type { Posterior } from '../network';
import { repairActs, repairCosts } from './repairActs';
import { stripOf } from './strip';
import type { Odds, SuspectView } from './suspects';
import { chanceWords, tooClose } from './words';

/**
 * Probability of each suspect being there now, exact, most likely first. `repairCost` is money, by suspect.
 * @param model the model of the case
 * @param posterior what `infer` gave
 * @param repairCost money, by suspect
 * @returns suspects, the odds of more than one fault, and how full the list is
 */
export function oddsOf(model: Model, posterior: Posterior, repairCost = costsOf(model)): Odds {
  const p = faultProbabilities(model, posterior);
  const bearing = new Set(posterior.parts.flatMap((part) => part.groups.flatMap((g) => model.groups[g].suspects)));
  const suspects = model.suspects
    .map((s, i): SuspectView => {
      const probability = p.get(s.key) ?? 0;
      return {
        key: s.key,
        faultId: s.fault.id,
        position: s.position,
        name: placeName(s.fault.name, s.position, model.positions),
        system: s.fault.system,
        probability,
        words: chanceWords(probability),
        repairCost: repairCost[i],
        remedy: s.fault.remedy.do,
        bears: bearing.has(s.key),
      };
    })
    .sort((x, y) => Number(y.bears) - Number(x.bears) || y.probability - x.probability || (x.key < y.key ? -1 : 1));
  return {
    suspects,
    tooClose: suspects.length > 1 && tooClose(suspects[0].probability, suspects[1].probability),
    impossible: posterior.logEvidence === -Infinity,
    rough: posterior.rough,
  };
}

function costsOf(model: Model): Float64Array {
  const strip = stripOf(model);
  return repairCosts(strip, repairActs(model, strip));
}
