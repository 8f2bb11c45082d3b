import type { Fault, Knowledge } from '../../knowledge';
import type { Experience } from '../../state';

/** The trade's figures weigh as much as this many closed causes of the shop's own. Judgement. */
export const experienceWeight = 200;

/** However often a shop has found something, its odds rise by no more than this. */
const mostTimes = 5;

const sums = new WeakMap<readonly Fault[], number>();

/** All priors together: what one cause's share is measured against. */
function priorSum(k: Knowledge): number {
  let sum = sums.get(k.faults);
  if (sum === undefined) sums.set(k.faults, (sum = k.faults.reduce((s, f) => s + (f.retired ? 0 : f.prior), 0)));
  return sum;
}

/**
 * How many times likelier a fault is for having been found in this shop before. Its share among causes is a Beta variable
 * with mean its prior's share and weight `experienceWeight`; the n times it was found are added to the counts. Against a
 * fault that was never found the posterior mean of the share is greater by (q·w + n) / (q·w).
 *
 * @returns 1 for what was never found; at most 5
 */
export function timesFound(k: Knowledge, fault: Fault, experience: Experience | null | undefined): number {
  const n = experience?.found[fault.id] ?? 0;
  if (n === 0) return 1;
  const own = (fault.prior / priorSum(k)) * experienceWeight;
  return Math.min(mostTimes, (own + n) / own);
}

export const experienceWords = (n: number, { causes }: Experience): string =>
  `Found ${n === 1 ? 'once' : `${n} times`} among the ${causes} ${causes === 1 ? 'cause' : 'causes'} this workshop has closed (the trade's value weighs as ${experienceWeight})`;
