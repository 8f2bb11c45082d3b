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
  /** cumulative level distributions relative to state 0, per dimension; undefined where it does not touch */
  raise: (Float64Array | undefined)[];
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
  for (let round = 0; round < 7; round++) {
    if (sets === null || 1 - sum(sets) < massLeft) break;
    threshold /= 6;
    const more = search.above(threshold, limit);
    if (more === null) break;
    sets = more;
  }
  // Even the coarsest search ran over: take what it has at a higher threshold.
  for (let t = 6e-3; sets === null; t *= 6) sets = search.above(t, limit);
  sets.sort((a, b) => b.probability - a.probability);
  return { sets, leftOut: Math.max(0, 1 - sum(sets)), posterior };
}

const sum = (sets: FaultSet[]) => sets.reduce((s, x) => s + x.probability, 0);

class SetSearch {
  private readonly items: Item[] = [];
  /** ends[i]: the first item of another group after item i */
  private readonly ends: number[] = [];
  /** most[i]: product over the groups of items i.. of the sum of their ratios with 1 */
  private readonly most: number[] = [];
  /** floor[i][d][l]: the smallest cumulative factor that items i.. can bring to dimension d */
  private readonly floor: Float64Array[][] = [];
  private readonly base: number;
  private readonly start: Float64Array[];

  constructor(
    private readonly prepared: Prepared,
    posterior: Posterior,
  ) {
    const { weight, dimensions } = prepared;
    const order = weight.map((_w, g) => g).filter((g) => weight[g].length > 1);
    const doubt = (g: number) => 1 - posterior.probability[g][0];
    order.sort((a, b) => doubt(b) - doubt(a) || a - b);
    this.start = dimensions.map((d) => cumulate(d.leak));
    for (const g of order) {
      const zero = dimensions.map((d) => d.touch[g] && cumulate(d.touch[g][0]));
      zero.forEach((z, k) => z && z.forEach((x, l) => (this.start[k][l] *= x)));
      const first = this.items.length;
      for (let s = 1; s < weight[g].length; s++) {
        if (weight[g][s] === 0) continue;
        const raise = dimensions.map((d, k) => {
          const touch = d.touch[g];
          return touch && cumulate(touch[s]).map((x, l) => x / zero[k]![l]);
        });
        this.items.push({ group: g, state: s, ratio: weight[g][s] / weight[g][0], raise });
      }
      for (let i = first; i < this.items.length; i++) this.ends.push(this.items.length);
    }
    // exp(logScale) of the preparation cancels: probability = weight × value / total with the same scale.
    let logBase = prepared.logScale - posterior.logEvidence;
    for (const g of order) logBase += Math.log(weight[g][0]);
    this.base = Math.exp(logBase);
    const n = this.items.length;
    this.most[n] = 1;
    this.floor[n] = dimensions.map((d) => new Float64Array(d.size).fill(1));
    for (let i = n - 1; i >= 0; i--) {
      const item = this.items[i];
      // either item i is left out, or it is taken and the rest of its group falls away
      this.most[i] = this.most[i + 1] + this.most[this.ends[i]] * item.ratio;
      this.floor[i] = dimensions.map((d, k) => {
        const out = Float64Array.from(this.floor[i + 1][k]);
        const after = this.floor[this.ends[i]][k];
        if (item.raise[k]) for (let l = 0; l < d.size; l++) out[l] = Math.min(out[l], after[l] * item.raise[k]![l]);
        return out;
      });
    }
  }

  /** All sets whose subtree may hold one above the threshold; null if there are more than `limit`. */
  above(threshold: number, limit: number): FaultSet[] | null {
    const found: FaultSet[] = [];
    const chosen: [number, number][] = [];
    const visit = (from: number, ratio: number, cumulative: Float64Array[]): boolean => {
      const probability = this.base * ratio * this.value(cumulative);
      if (probability >= threshold * 1e-3) found.push({ states: [...chosen], probability });
      if (found.length > limit) return false;
      for (let i = from; i < this.items.length; i++) {
        const item = this.items[i];
        const next = this.ends[i];
        const bound = this.base * ratio * item.ratio * this.most[next];
        if (bound * this.maxValue(cumulative, item, next) < threshold) continue;
        const raised = cumulative.map((c, k) => (item.raise[k] ? c.map((x, l) => x * item.raise[k]![l]) : c));
        chosen.push([item.group, item.state]);
        const ok = visit(next, ratio * item.ratio, raised);
        chosen.pop();
        if (!ok) return false;
      }
      return true;
    };
    return visit(0, 1, this.start) ? found : null;
  }

  private value(cumulative: Float64Array[]): number {
    let v = 1;
    this.prepared.dimensions.forEach((d, k) => {
      let x = 0;
      for (let l = 0; l < d.size; l++) x += d.weights[l] * (cumulative[k][l] - (l ? cumulative[k][l - 1] : 0));
      v *= x;
    });
    return v;
  }

  /** An upper bound of the value after `item` and anything from `next` on. */
  private maxValue(cumulative: Float64Array[], item: Item, next: number): number {
    let v = 1;
    this.prepared.dimensions.forEach((d, k) => {
      const raise = item.raise[k];
      const w = d.weights;
      // the mean of the weights, written over the cumulative: w[top] + Σ C[l]·(w[l] − w[l+1])
      let x = w[d.size - 1];
      for (let l = 0; l < d.size - 1; l++) {
        const high = cumulative[k][l] * (raise ? raise[l] : 1);
        const slope = w[l] - w[l + 1];
        x += slope > 0 ? slope * high : slope * high * this.floor[next][k][l];
      }
      v *= x;
    });
    return v;
  }
}
