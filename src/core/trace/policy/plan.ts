import type { Beliefs, OpenTest } from './beliefs';

/** Repairs in the order that is expected to cost least when each is followed by a retest, and what that costs. */
export interface RepairPlan {
  expected: number;
  /** What of it goes on repairs that were not needed. */
  wasted: number;
  /** Suspect indices, first to do first. */
  order: number[];
}

/**
 * Repairing in probability/cost order with a retest after each, until what is complained of is gone. The order is the
 * optimum for a single fault with independent costs (Kadane and Simon 1977; Heckerman, Breese and Rommelse 1995) and a
 * good one elsewhere; the cost is exact for that order: each hypothesis pays up to its last fault. Suspect `mended` is
 * taken as repaired already.
 */
export function repairPlan({ faults, repairCost }: Beliefs, weights: Float64Array, mended = -1): RepairPlan {
  const p = new Float64Array(repairCost.length);
  let needed = 0;
  for (let h = 0; h < faults.length; h++) {
    const w = weights[h];
    if (w === 0) continue;
    for (const i of faults[h]) {
      if (i === mended) continue;
      p[i] += w;
      needed += w * repairCost[i];
    }
  }
  const order: number[] = [];
  for (let i = 0; i < p.length; i++) if (p[i] > 1e-9) order.push(i);
  order.sort((a, b) => p[b] / repairCost[b] - p[a] / repairCost[a] || a - b);
  const upTo = new Float64Array(p.length);
  let sum = 0;
  for (const i of order) upTo[i] = sum += repairCost[i];
  let expected = 0;
  for (let h = 0; h < faults.length; h++) {
    if (weights[h] === 0) continue;
    let last = 0;
    for (const i of faults[h]) if (upTo[i] > last && i !== mended) last = upTo[i];
    expected += weights[h] * last;
  }
  return { expected, wasted: Math.max(0, expected - needed), order };
}

/** Entropy of some weights in bits; they need not add up to 1. */
function entropy(weights: Float64Array): number {
  let total = 0;
  let sum = 0;
  for (const w of weights) {
    if (w <= 0) continue;
    total += w;
    sum -= w * Math.log2(w);
  }
  return total > 0 ? sum / total + Math.log2(total) : 0;
}

/** Weights after an outcome, and how likely that outcome is. */
export function afterOutcome(weights: Float64Array, likelihood: Float64Array): { chance: number; weights: Float64Array } {
  const out = new Float64Array(weights.length);
  let chance = 0;
  for (let h = 0; h < out.length; h++) chance += out[h] = weights[h] * likelihood[h];
  if (chance > 0) for (let h = 0; h < out.length; h++) out[h] /= chance;
  return { chance, weights: out };
}

/** What a test is expected to tell, in bits: the mutual information of its outcome and the hypothesis. */
export function information(weights: Float64Array, t: OpenTest): number {
  let bits = 0;
  for (const { likelihood, surprise } of t.outcomes) {
    let chance = 0;
    for (let h = 0; h < weights.length; h++) {
      chance += weights[h] * likelihood[h];
      bits += weights[h] * surprise[h];
    }
    if (chance > 0) bits -= chance * Math.log2(chance);
  }
  return Math.max(0, bits);
}

/** A test that tells less than this is not worth anyone's while. */
export const leastBits = 0.02;

/** What each open test would tell from these weights. */
export const toldBy = (b: Beliefs, weights: Float64Array): Map<OpenTest, number> =>
  new Map(b.tests.map((t) => [t, information(weights, t)]));

/** What telling suspects apart costs here: money for a bit, at the rate of the best test that can be done. */
export function costOfBit(told: ReadonlyMap<OpenTest, number>): number {
  let best = Infinity;
  for (const [t, bits] of told) if (!t.gate && bits > leastBits) best = Math.min(best, t.cost / bits);
  // Later tests tell less than the best one now.
  return best * 1.5;
}

/**
 * What is still to be spent in vain from some weights: the lesser of repairing on in the best order and of testing until
 * the cause is known. What the true faults' own repairs cost is the same whatever is done next, so it is left out.
 */
export function wasteToGo(b: Beliefs, weights: Float64Array, perBit: number, mended = -1): number {
  return Math.min(repairPlan(b, weights, mended).wasted, perBit * entropy(weights));
}

/** Expected money spent in vain if this test is done next. */
export function testWaste(b: Beliefs, weights: Float64Array, t: OpenTest, perBit: number): number {
  let waste = t.cost;
  for (const o of t.outcomes) {
    const { chance, weights: w } = afterOutcome(weights, o.likelihood);
    if (chance > 1e-6) waste += chance * wasteToGo(b, w, perBit);
  }
  return waste;
}

/** Expected money spent in vain if this suspect is repaired next and the complaint tried again. */
export function repairWaste(b: Beliefs, weights: Float64Array, suspect: number, perBit: number): number {
  const left = new Float64Array(weights.length);
  let needed = 0;
  let uncured = 0;
  for (let h = 0; h < weights.length; h++) {
    const has = b.faults[h].includes(suspect);
    if (has) needed += weights[h];
    if (b.faults[h].length > (has ? 1 : 0)) uncured += left[h] = weights[h];
  }
  if (uncured > 0) for (let h = 0; h < left.length; h++) left[h] /= uncured;
  return (1 - needed) * b.repairCost[suspect] + uncured * wasteToGo(b, left, perBit, suspect);
}

/** What the true faults' repairs are expected to cost, whatever is done: the part of the bill nobody can avoid. */
export function unavoidable({ faults, repairCost }: Beliefs, weights: Float64Array): number {
  let sum = 0;
  for (let h = 0; h < faults.length; h++) for (const i of faults[h]) sum += weights[h] * repairCost[i];
  return sum;
}
