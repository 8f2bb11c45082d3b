import type { Network, Observation } from './types';
import { prepare, type Dimension, type Prepared } from './prepare';

export interface Posterior {
  /** Natural logarithm of the probability of all the evidence. -Infinity if the evidence is impossible. */
  logEvidence: number;
  /** probability[g][s]: each group's modes given the evidence. */
  probability: Float64Array[];
  /** Largest table that was needed, in entries. */
  tableSize: number;
  /** The connected parts of the evidence, each independent of the others. */
  parts: readonly SweptPart[];
}

/** One connected part: the groups and findings in it, and the natural logarithm of its share of the evidence. */
export interface SweptPart {
  groups: readonly number[];
  findings: readonly number[];
  logTotal: number;
}

/**
 * Exact posterior of every group mode. One forward and one backward sweep over the groups of each connected part,
 * carrying a table of which present findings are already explained, to which level. Only sums of positive terms, so
 * no precision is lost however many findings there are. Time: groups × modes × table; the table has 2^m entries for
 * m present findings of one connected part.
 */
export function infer(network: Network, observations: readonly Observation[]): Posterior {
  const prepared = prepare(network, observations);
  const probability = prepared.weight.map((w) => Float64Array.from(w));
  let logEvidence = prepared.logScale;
  let tableSize = 1;
  const parts: SweptPart[] = [];
  if (logEvidence === -Infinity) return { logEvidence, probability, tableSize, parts };
  for (const part of connectedParts(prepared)) {
    const { logTotal, size } = sweepPart(prepared, part, probability);
    logEvidence += logTotal;
    parts.push({ groups: part.groups, findings: part.dimensions.map((d) => d.finding), logTotal });
    tableSize = Math.max(tableSize, size);
  }
  return { logEvidence, probability, tableSize, parts };
}

export interface Part {
  dimensions: Dimension[];
  groups: number[];
}

/** Splits the table's findings into parts that share no group; each part is swept alone. */
export function connectedParts({ dimensions }: Prepared): Part[] {
  const parts: Part[] = [];
  for (const d of dimensions) {
    const groups = new Set<number>();
    d.touch.forEach((t, g) => t && groups.add(g));
    const joined = parts.filter((p) => p.groups.some((g) => groups.has(g)));
    const part: Part = { dimensions: [...joined.flatMap((p) => p.dimensions), d], groups: [] };
    for (const p of joined) {
      parts.splice(parts.indexOf(p), 1);
      p.groups.forEach((g) => groups.add(g));
    }
    part.groups = [...groups].sort((a, b) => a - b);
    // What most groups touch gets the longest stride: the inner loops run over whole stretches of the table.
    const users = (d: Dimension) => d.touch.reduce((n, t) => n + (t ? 1 : 0), 0);
    part.dimensions.sort((a, b) => users(a) - users(b) || a.finding - b.finding);
    parts.push(part);
  }
  return parts;
}

/** One state's work on the table: which dimensions it raises, with stride and level distribution. */
interface Raise {
  stride: number;
  size: number;
  levels: Float64Array;
}

/** How the levels of a part's findings are laid out in its table. */
export interface Layout {
  strides: number[];
  size: number;
}

export function layoutOf(dimensions: readonly Dimension[]): Layout {
  const strides: number[] = [];
  let size = 1;
  for (const d of dimensions) {
    strides.push(size);
    size *= d.size;
  }
  return { strides, size };
}

/** A table whose entries are products of one number a finding. */
function outer(dimensions: readonly Dimension[], { strides, size }: Layout, pick: (d: Dimension) => Float64Array): Float64Array {
  const picked = dimensions.map(pick);
  const table = new Float64Array(size);
  for (let i = 0; i < size; i++) {
    let x = 1;
    for (let k = 0; k < dimensions.length; k++) x *= picked[k][Math.floor(i / strides[k]) % dimensions[k].size];
    table[i] = x;
  }
  return table;
}

const raisesOf = (prepared: Prepared, dimensions: readonly Dimension[], { strides }: Layout, g: number): Raise[][] =>
  Array.from(prepared.weight[g], (_w, s): Raise[] =>
    dimensions.flatMap((d, k) => {
      const levels = d.touch[g]?.[s];
      return levels && levels[0] !== 1 ? [{ stride: strides[k], size: d.size, levels }] : [];
    }),
  );

/**
 * value[i] = for each table entry, the weight of everything that groups i.. can still do to it, ending in `last`: by
 * default the weights of what was seen.
 */
export function backward(
  prepared: Prepared,
  { dimensions, groups }: Part,
  layout: Layout,
  last = outer(dimensions, layout, (d) => d.weights),
): Float64Array[] {
  const value: Float64Array[] = new Array<Float64Array>(groups.length + 1);
  value[groups.length] = last;
  const scratch = new Float64Array(layout.size);
  for (let i = groups.length - 1; i >= 0; i--) {
    const next = value[i + 1];
    const here = new Float64Array(layout.size);
    const weights = prepared.weight[groups[i]];
    const raises = raisesOf(prepared, dimensions, layout, groups[i]);
    for (let s = 0; s < weights.length; s++) {
      if (weights[s] === 0) continue;
      const own = raises[s];
      if (own.length) scratch.set(next);
      for (const r of own) pullBack(scratch, r);
      addScaled(here, own.length ? scratch : next, weights[s]);
    }
    value[i] = here;
  }
  return value;
}

function sweepPart(prepared: Prepared, part: Part, probability: Float64Array[]): { logTotal: number; size: number } {
  const { dimensions, groups } = part;
  const layout = layoutOf(dimensions);
  const { size } = layout;
  const value = backward(prepared, part, layout);
  const scratch = new Float64Array(size);
  let table: Float64Array = outer(dimensions, layout, (d) => d.leak);
  let next: Float64Array = new Float64Array(size);
  const total = product(table, value[0]);
  for (let i = 0; i < groups.length; i++) {
    next.fill(0);
    const posterior = probability[groups[i]];
    const raises = raisesOf(prepared, dimensions, layout, groups[i]);
    const weights = prepared.weight[groups[i]];
    let sum = 0;
    for (let s = 0; s < weights.length; s++) {
      posterior[s] = 0;
      if (weights[s] === 0) continue;
      const own = raises[s];
      if (own.length) scratch.set(table);
      for (const r of own) pushUp(scratch, r);
      const from = own.length ? scratch : table;
      addScaled(next, from, weights[s]);
      posterior[s] = weights[s] * product(from, value[i + 1]);
      sum += posterior[s];
    }
    for (let s = 0; s < posterior.length; s++) posterior[s] = sum > 0 ? posterior[s] / sum : 0;
    [table, next] = [next, table];
  }
  return { logTotal: Math.log(total), size };
}

function addScaled(to: Float64Array, from: Float64Array, factor: number): void {
  for (let t = 0; t < to.length; t++) to[t] += factor * from[t];
}

function product(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let t = 0; t < a.length; t++) sum += a[t] * b[t];
  return sum;
}

/** Raises one dimension of a table of probabilities to the maximum of what it was and what is drawn from `levels`. */
function pushUp(table: Float64Array, { stride, size, levels }: Raise): void {
  const block = stride * size;
  if (size === 2) {
    const [stay, rise] = levels;
    for (let base = 0; base < table.length; base += block) {
      for (let j = base, k = base + stride; j < base + stride; j++, k++) {
        const t = table[j];
        table[j] = t * stay;
        table[k] += t * rise;
      }
    }
    return;
  }
  for (let base = 0; base < table.length; base += block) {
    for (let j = base; j < base + stride; j++) {
      let below = 0;
      let cumulative = 0;
      for (let l = 0; l < size; l++) {
        const at = j + l * stride;
        const t = table[at];
        cumulative += levels[l];
        table[at] = t * cumulative + below * levels[l];
        below += t;
      }
    }
  }
}

/** The same step seen from the other side: the expected value of a table entry after the maximum is taken. */
function pullBack(value: Float64Array, { stride, size, levels }: Raise): void {
  const block = stride * size;
  if (size === 2) {
    const [stay, rise] = levels;
    for (let base = 0; base < value.length; base += block) {
      for (let j = base, k = base + stride; j < base + stride; j++, k++) value[j] = value[j] * stay + value[k] * rise;
    }
    return;
  }
  for (let base = 0; base < value.length; base += block) {
    for (let j = base; j < base + stride; j++) {
      let above = 0;
      let cumulative = 1;
      for (let l = size - 1; l >= 0; l--) {
        const at = j + l * stride;
        const v = value[at];
        value[at] = v * cumulative + above;
        above += v * levels[l];
        cumulative -= levels[l];
      }
    }
  }
}
