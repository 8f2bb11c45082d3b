import { riskPrice } from '../../knowledge';
import type { RepairAct } from '../decide';
import type { Model } from '../model/build';
import { residual } from '../model/groups';
import { money, type Strip } from './strip';

/** Minutes for trying the complaint once more after a repair. */
export const retestMinutes = 5;

/** By suspect: what repairing it takes besides what has to come off for it. Money. */
export function repairActs(model: Model, strip: Strip): RepairAct[] {
  const rate = Number(model.case.job.rate);
  return model.suspects.map(({ fault: { remedy } }) => ({
    cost: remedy.parts + money(remedy.minutes + retestMinutes, rate) + riskPrice(remedy.does, model.knowledge.doings),
    want: strip.states.want(remedy.access),
    residual: remedy.residual ?? residual,
  }));
}

/** By suspect: money for repairing it (parts, minutes, access still missing) and trying the complaint again. */
export const repairCosts = (strip: Strip, repairs: readonly RepairAct[]): Float64Array =>
  Float64Array.from(repairs, (r) => r.cost + strip.states.reach(strip.now, r.want).cost);
