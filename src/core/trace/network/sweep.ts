import type { Dimension, Prepared } from './prepare';
import { eliminationOrder } from './order';
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

/** Findings of the table and the groups that can bring them. */
export interface SweepPart {
  dimensions: readonly Dimension[];
  groups: readonly number[];
}

/** The findings given with every group that touches one of them. */
export function partOf(dimensions: readonly Dimension[]): SweepPart {
  const groups = new Set<number>();
  for (const d of dimensions) d.touch.forEach((t, g) => t && groups.add(g));
  return { dimensions: [...dimensions].sort((a, b) => a.finding - b.finding), groups: [...groups].sort((a, b) => a - b) };
}

/** Splits the table's findings into parts that share no group; each part is swept alone. */
export function connectedParts({ dimensions }: Prepared): SweepPart[] {
  let parts: SweepPart[] = [];
  for (const d of dimensions) {
    const own = partOf([d]);
    const groups = new Set(own.groups);
    const joined = parts.filter((p) => p.groups.some((g) => groups.has(g)));
    parts = [...parts.filter((p) => !joined.includes(p)), partOf([...joined.flatMap((p) => [...p.dimensions]), d])];
  }
  return parts;
}

/** What one group's states do to a table of this layout. */
export function raisesOf(weight: readonly Float64Array[], dimensions: readonly Dimension[], { axes }: Layout, g: number): Raise[][] {
  const touched = axes.flatMap(({ dimension, stride, size }) => {
    const touch = dimensions[dimension].touch[g];
    return touch ? [{ touch, stride, size }] : [];
  });
  return Array.from(weight[g], (_w, s): Raise[] => {
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

/** The largest table that a sweep over a part needs, in entries. */
export function tableOf(part: SweepPart): number {
  return stepsOf(part).reduce((most, s) => Math.max(most, s.layout.size), 1);
}

function stepsOf({ dimensions, groups }: SweepPart): Step[] {
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

/**
 * One forward and one backward sweep over the groups of a part, carrying a table of which of its findings are explained, to
 * which level. Writes each group's posterior into `probability`; answers the logarithm of the part's share of the evidence.
 */
export function sweepPart(weight: readonly Float64Array[], part: SweepPart, probability: Float64Array[]): number {
  const { dimensions } = part;
  const steps = stepsOf(part);
  const raises = steps.map((s) => raisesOf(weight, dimensions, s.layout, s.group));
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
    const weights = weight[steps[i].group];
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
    const weights = weight[group];
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
  return Math.log(total);
}
