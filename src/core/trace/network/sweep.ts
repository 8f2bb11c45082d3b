import type { Network, Observation } from './types';
import { eliminationOrder } from './order';
import { prepare, type Dimension, type Prepared } from './prepare';
import {
  addScaled,
  axisOf,
  bare,
  closed,
  gathered,
  narrowed,
  product,
  pullBack,
  pushUp,
  reopened,
  spread,
  widened,
  type Layout,
  type Raise,
} from './table';

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
 * carrying a table of which present findings are already explained, to which level. A finding is in the table from the
 * first group that can bring it to the last, and the groups are taken in an order that keeps the table small. Only sums
 * of positive terms, so no precision is lost however many findings there are. Time: groups × modes × table; the table
 * has at most 2^m entries for m present findings of one connected part.
 */
export function infer(network: Network, observations: readonly Observation[], prepared = prepare(network, observations)): Posterior {
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

interface Part {
  dimensions: Dimension[];
  groups: number[];
}

/** Splits the table's findings into parts that share no group; each part is swept alone. */
function connectedParts({ dimensions }: Prepared): Part[] {
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
    part.dimensions.sort((a, b) => a.finding - b.finding);
    parts.push(part);
  }
  return parts;
}

/** What one group's states do to a table of this layout. */
export function raisesOf(prepared: Prepared, dimensions: readonly Dimension[], { axes }: Layout, g: number): Raise[][] {
  const touched = axes.flatMap(({ dimension, stride, size }) => {
    const touch = dimensions[dimension].touch[g];
    return touch ? [{ touch, stride, size }] : [];
  });
  return Array.from(prepared.weight[g], (_w, s): Raise[] => {
    const own: Raise[] = [];
    for (const { touch, stride, size } of touched) if (touch[s][0] !== 1) own.push({ stride, size, levels: touch[s] });
    return own;
  });
}

/** One group in its turn: the findings that come into the table before it, and go out of it after. */
interface Step {
  group: number;
  opens: readonly number[];
  layout: Layout;
  /** Findings that go, each with the layout it goes out of. */
  closes: readonly { dimension: number; from: Layout }[];
}

function stepsOf({ dimensions, groups }: Part): Step[] {
  const order = eliminationOrder(dimensions, groups);
  const last = dimensions.map((d) => order.findLastIndex((g) => d.touch[g]));
  const opened = new Set<number>();
  let layout = bare;
  return order.map((group, i): Step => {
    const opens = [...dimensions.keys()].filter((k) => !opened.has(k) && dimensions[k].touch[group]);
    for (const k of opens) {
      opened.add(k);
      layout = widened(layout, k, dimensions[k].size);
    }
    const here = layout;
    const closes = here.axes.flatMap(({ dimension }) => {
      if (last[dimension] !== i) return [];
      const from = layout;
      layout = narrowed(layout, dimension);
      return [{ dimension, from }];
    });
    return { group, opens, layout: here, closes };
  });
}

function sweepPart(prepared: Prepared, part: Part, probability: Float64Array[]): { logTotal: number; size: number } {
  const { dimensions } = part;
  const steps = stepsOf(part);
  const raises = steps.map((s) => raisesOf(prepared, dimensions, s.layout, s.group));
  const size = steps.reduce((most, s) => Math.max(most, s.layout.size), 1);
  const scratch = new Float64Array(size);
  /** A table of `like`'s length with what a state does to it. */
  const moved = (from: Float64Array, own: readonly Raise[], move: (t: Float64Array, r: Raise) => void): Float64Array => {
    if (own.length === 0) return from;
    const t = scratch.subarray(0, from.length);
    t.set(from);
    for (const r of own) move(t, r);
    return t;
  };
  // after[i]: for each entry of the table that step i leaves, the weight of everything still to come.
  const after: Float64Array[] = new Array<Float64Array>(steps.length);
  let value: Float64Array = Float64Array.of(1);
  const within = (i: number): Float64Array =>
    steps[i].closes.reduceRight((v, { dimension, from }) => reopened(v, axisOf(from, dimension), dimensions[dimension].weights), after[i]);
  for (let i = steps.length - 1; i >= 0; i--) {
    after[i] = value;
    const next = within(i);
    const here = new Float64Array(next.length);
    const weights = prepared.weight[steps[i].group];
    for (let s = 0; s < weights.length; s++) if (weights[s] > 0) addScaled(here, moved(next, raises[i][s], pullBack), weights[s]);
    value = [...steps[i].opens].reverse().reduce((v, k) => gathered(v, dimensions[k].leak), here as Float64Array);
  }
  // What no group touches is never in the table: only its leak speaks.
  const aside = dimensions.filter((d) => !d.touch.some(Boolean)).reduce((x, d) => x * product(d.leak, d.weights), 1);
  const total = value[0] * aside;
  let table: Float64Array = Float64Array.of(1);
  for (let i = 0; i < steps.length; i++) {
    const { group, opens, closes } = steps[i];
    for (const k of opens) table = spread(table, dimensions[k].leak);
    const still = within(i);
    const next = new Float64Array(table.length);
    const posterior = probability[group];
    const weights = prepared.weight[group];
    let sum = 0;
    for (let s = 0; s < weights.length; s++) {
      posterior[s] = 0;
      if (weights[s] === 0) continue;
      const from = moved(table, raises[i][s], pushUp);
      addScaled(next, from, weights[s]);
      posterior[s] = weights[s] * product(from, still);
      sum += posterior[s];
    }
    for (let s = 0; s < posterior.length; s++) posterior[s] = sum > 0 ? posterior[s] / sum : 0;
    table = next;
    for (const { dimension, from } of closes) table = closed(table, axisOf(from, dimension), dimensions[dimension].weights);
  }
  return { logTotal: Math.log(total), size };
}
