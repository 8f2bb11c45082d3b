import type { Network, Observation } from './types';
import { prepare, type Prepared } from './prepare';
import { infer, type Posterior } from './sweep';

/** One hypothesis: the groups that are not in state 0, and how likely exactly this is given the evidence. */
export interface FaultSet {
  states: [group: number, state: number][];
  probability: number;
}

export interface CredibleSets {
  sets: FaultSet[];
  /** Probability of everything not listed, known exactly because the total is. */
  leftOut: number;
  posterior: Posterior;
}

interface Item {
  group: number;
  state: number;
  /** weight relative to the group's state 0 */
  ratio: number;
  /** cumulative level factors relative to state 0, all dimensions end to end; 1 where it does not touch */
  raise: Float64Array;
}

const cumulate = (levels: Float64Array) => {
  const out = new Float64Array(levels.length);
  let sum = 0;
  for (let l = 0; l < levels.length; l++) out[l] = sum += levels[l];
  return out;
};

/**
 * The most credible fault sets given the evidence, best first, until the mass left out is under `massLeft` or there
 * are `limit` of them. Depth-first with an upper bound on everything below each node.
 */
export function credibleSets(network: Network, observations: readonly Observation[], { limit = 800, massLeft = 1e-3 } = {}): CredibleSets {
  const prepared = prepare(network, observations);
  const posterior = infer(network, observations);
  if (posterior.logEvidence === -Infinity) return { sets: [], leftOut: 1, posterior };
  const search = new SetSearch(prepared, posterior);
  let threshold = 1e-3;
  let sets = search.above(threshold, limit);
  // Each round looks further down, until what is left out is small enough or there would be too many.
  for (let round = 0; sets !== null && round < 5 && 1 - sum(sets) >= massLeft; round++) {
    threshold /= 10;
    const more = search.above(threshold, limit);
    if (more === null) break;
    sets = more;
  }
  // Even the coarsest search ran over: take what stands above a higher threshold.
  for (let t = 4e-3; sets === null; t *= 4) sets = search.above(t, limit);
  sets.sort((a, b) => b.probability - a.probability);
  return { sets, leftOut: Math.max(0, 1 - sum(sets)), posterior };
}

const sum = (sets: FaultSet[]) => sets.reduce((s, x) => s + x.probability, 0);

class SetSearch {
  private readonly items: Item[] = [];
  /** ends[i]: the first item of another group after item i */
  private readonly ends: number[] = [];
  /** most[i]: the greatest factor that items i.. can bring to the odds, all subsets together */
  private readonly most: Float64Array;
  /** floor[i]: the smallest cumulative factors that items i.. can bring, all dimensions end to end */
  private readonly floor: Float64Array[];
  private readonly base: number;
  /** Levels of every dimension end to end: their weights, and where each dimension begins and ends. */
  private readonly weights: Float64Array;
  private readonly starts: number[];
  private readonly stack: Float64Array[];

  constructor(prepared: Prepared, posterior: Posterior) {
    const { weight, dimensions } = prepared;
    const doubt = (g: number) => 1 - posterior.probability[g][0];
    const order = weight.map((_w, g) => g).filter((g) => weight[g].length > 1);
    order.sort((a, b) => doubt(b) - doubt(a) || a - b);
    const flat = (pick: (k: number) => Float64Array) => Float64Array.from(dimensions.flatMap((_d, k) => [...pick(k)]));
    this.starts = [0];
    for (const d of dimensions) this.starts.push(this.starts[this.starts.length - 1] + d.size);
    // Each finding's weights are taken relative to their greatest, which is put back into the scale.
    const greatest = dimensions.map((d) => Math.max(...d.weights));
    this.weights = flat((k) => dimensions[k].weights.map((w) => w / greatest[k]));
    const start = dimensions.map((d) => cumulate(d.leak));
    for (const g of order) {
      const zero = dimensions.map((d) => (d.touch[g] ? cumulate(d.touch[g]![0]) : null));
      zero.forEach((z, k) => z?.forEach((x, l) => (start[k][l] *= x)));
      for (let s = 1; s < weight[g].length; s++) {
        if (weight[g][s] === 0) continue;
        const raise = flat((k) =>
          zero[k] ? cumulate(dimensions[k].touch[g]![s]).map((x, l) => x / zero[k]![l]) : new Float64Array(dimensions[k].size).fill(1),
        );
        this.items.push({ group: g, state: s, ratio: weight[g][s] / weight[g][0], raise });
      }
      while (this.ends.length < this.items.length) this.ends.push(this.items.length);
    }
    // Scale and total meet here, so that what comes out are probabilities.
    let logBase = prepared.logScale - posterior.logEvidence;
    for (const g of order) logBase += Math.log(weight[g][0]);
    for (const w of greatest) logBase += Math.log(w);
    this.base = Math.exp(logBase);
    const n = this.items.length;
    this.most = new Float64Array(n + 1).fill(1);
    this.floor = new Array<Float64Array>(n + 1);
    this.floor[n] = new Float64Array(this.weights.length).fill(1);
    for (let i = n - 1; i >= 0; i--) {
      const { ratio, raise } = this.items[i];
      // either item i is left out, or it is taken and the rest of its group falls away
      this.most[i] = this.most[i + 1] + this.most[this.ends[i]] * ratio;
      const after = this.floor[this.ends[i]];
      this.floor[i] = this.floor[i + 1].map((x, l) => Math.min(x, after[l] * raise[l]));
    }
    this.stack = [flat((k) => start[k])];
  }

  /** All sets whose subtree may hold one above the threshold; null if there are more than `limit`. */
  above(threshold: number, limit: number): FaultSet[] | null {
    const found: FaultSet[] = [];
    const chosen: [number, number][] = [];
    const visit = (from: number, ratio: number, depth: number): boolean => {
      const now = this.stack[depth];
      const probability = this.base * ratio * this.value(now);
      if (probability >= threshold * 1e-2) found.push({ states: chosen.slice(), probability });
      if (found.length > limit) return false;
      const next = (this.stack[depth + 1] ??= new Float64Array(now.length));
      for (let i = from; i < this.items.length; i++) {
        const item = this.items[i];
        const end = this.ends[i];
        const bound = this.base * ratio * item.ratio * this.most[end];
        if (bound < threshold || this.cannotReach(now, item.raise, this.floor[end], threshold / bound)) continue;
        for (let l = 0; l < next.length; l++) next[l] = now[l] * item.raise[l];
        chosen.push([item.group, item.state]);
        const ok = visit(end, ratio * item.ratio, depth + 1);
        chosen.pop();
        if (!ok) return false;
      }
      return true;
    };
    return visit(0, 1, 0) ? found : null;
  }

  /** Mean weight of the levels that these cumulative chances give, over all dimensions. */
  private value(cumulative: Float64Array): number {
    let v = 1;
    for (let k = 0; k + 1 < this.starts.length; k++) {
      let x = 0;
      let below = 0;
      for (let l = this.starts[k]; l < this.starts[k + 1]; l++) {
        x += this.weights[l] * (cumulative[l] - below);
        below = cumulative[l];
      }
      v *= x;
    }
    return v;
  }

  /**
   * True if nothing below can have a value of `least`: an upper bound of the mean weight, written over the cumulative
   * chances, after `raise` and anything that `floor` stands for. Weights are at most 1 here, so it stops early.
   */
  private cannotReach(now: Float64Array, raise: Float64Array, floor: Float64Array, least: number): boolean {
    let v = 1;
    for (let k = 0; k + 1 < this.starts.length; k++) {
      const top = this.starts[k + 1] - 1;
      let x = this.weights[top];
      for (let l = this.starts[k]; l < top; l++) {
        const slope = this.weights[l] - this.weights[l + 1];
        x += slope * now[l] * raise[l] * (slope > 0 ? 1 : floor[l]);
      }
      v *= x;
      if (v < least) return true;
    }
    return v < least;
  }
}
