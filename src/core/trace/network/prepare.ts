import type { Network, Observation } from './types';

/** A finding that stays in the table: its levels after merging, what each group state does to it, its weights. */
export interface Dimension {
  finding: number;
  size: number;
  leak: Float64Array;
  weights: Float64Array;
  /** touch[g]?.[s] = distribution over merged levels; undefined where the group never raises it. */
  touch: (Float64Array[] | undefined)[];
}

/** A network with its evidence folded in as far as it multiplies: what is left is the table of `dimensions`. */
export interface Prepared {
  /** weight[g][s]: prior × every factor that multiplies; each group's weights sum to 1. */
  weight: Float64Array[];
  dimensions: Dimension[];
  /** Natural logarithm of everything that was normalised away. */
  logScale: number;
}

/**
 * Folds the evidence into the network. Levels above the highest one that is possible are cut off (their chance
 * multiplies into the odds, as for any absent finding), and neighbouring levels of equal weight are merged, so a plain
 * present finding costs two table entries and an absent one none.
 */
export function prepare(network: Network, observations: readonly Observation[]): Prepared {
  const weight = network.groups.map((g) => Float64Array.from(g.states, (s) => s.prior));
  let logScale = 0;
  const dimensions: Dimension[] = [];

  // Canonical order: the same evidence gives bit-equal results in whatever order it came.
  const ordered = [...observations].sort((a, b) => (network.findings[a.finding].id < network.findings[b.finding].id ? -1 : 1));
  for (const { finding: f, weights } of ordered) {
    const { leak, links } = network.findings[f];
    let top = weights.length - 1;
    while (top > 0 && weights[top] === 0) top--;
    if (weights.every((w) => w === weights[0])) {
      logScale += Math.log(weights[0]);
      continue;
    }
    const upTo = (levels: readonly number[]) => {
      let sum = 0;
      for (let l = 0; l <= top; l++) sum += levels[l];
      return sum;
    };
    // merged[l] = which table level an original level belongs to
    const merged: number[] = [0];
    for (let l = 1; l <= top; l++) merged.push(merged[l - 1] + (weights[l] === weights[l - 1] ? 0 : 1));
    const size = merged[top] + 1;
    const shrink = (levels: readonly number[], total: number) => {
      const out = new Float64Array(size);
      for (let l = 0; l <= top; l++) out[merged[l]] += levels[l] / total;
      return out;
    };
    const leakTotal = upTo(leak);
    logScale += Math.log(leakTotal);
    const dimension: Dimension = { finding: f, size, leak: shrink(leak, leakTotal), weights: new Float64Array(size), touch: [] };
    for (let l = 0; l <= top; l++) dimension.weights[merged[l]] = weights[l];
    for (const { group, state, levels } of links) {
      const total = upTo(levels);
      weight[group][state] *= total;
      if (total === 0 || size === 1) continue;
      const touch = (dimension.touch[group] ??= network.groups[group].states.map(() => untouched(size)));
      touch[state] = shrink(levels, total);
    }
    if (size === 1) logScale += Math.log(dimension.weights[0]);
    else dimensions.push(dimension);
  }

  for (const w of weight) {
    let sum = 0;
    for (const x of w) sum += x;
    if (!(sum > 0)) return { weight, dimensions, logScale: -Infinity };
    for (let s = 0; s < w.length; s++) w[s] /= sum;
    logScale += Math.log(sum);
  }
  return { weight, dimensions, logScale };
}

function untouched(size: number): Float64Array {
  const d = new Float64Array(size);
  d[0] = 1;
  return d;
}
