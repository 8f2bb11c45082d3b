import type { Network, Observation } from './types';
import { sweepInBlocks } from './blocks';
import { usualBudget, type Budget } from './budget';
import { infer, type Posterior } from './infer';
import { eliminationOrder } from './order';
import { prepare, type Dimension, type Prepared } from './prepare';
import { partOf, raisesOf, sweepPart } from './sweep';
import { addScaled, bare, pullBack, spread, widened, type Layout } from './table';

/**
 * One way the findings came about: which modes of which groups brought which of them. A mode that is there but brought
 * none of the findings is not in it: it is independent of the rest, and `quiet` says how likely it is.
 */
export interface CauseSet {
  states: [group: number, state: number][];
  /** By entry of `states`: the findings that it brought, by index. */
  raised: (readonly number[])[];
  /** That it was exactly this. */
  probability: number;
  /** That it was this and something more that was not looked into one by one. */
  more: number;
}

export interface CredibleExplanations {
  /** Most likely first. */
  sets: CauseSet[];
  /** Probability of everything that is in none of them, not even with something more. */
  leftOut: number;
  /** Probability that is only known as "this and something more". */
  lumped: number;
  posterior: Posterior;
  /** By group: its modes given that it brought none of the findings, whatever the others did. */
  quiet: Float64Array[];
  /** True if not all findings fitted the budget: the sets explain those that matter most, given what the others say. */
  rough: boolean;
}

/** What the first part of the work comes to: the odds of every group, before any two of them are looked at together. */
export interface Inferred {
  prepared: Prepared;
  posterior: Posterior;
}

/**
 * The posterior, and the list of explanations that the look-ahead works on.
 * @param network groups and findings
 * @param observations what was seen
 * @param budget how large a table may grow
 * @returns the posterior and its most likely explanations
 * @throws never; impossible evidence has a `logEvidence` of -Infinity.
 */
export function inferred(network: Network, observations: readonly Observation[], budget: Budget = usualBudget): Inferred {
  const prepared = prepare(network, observations);
  return { prepared, posterior: infer(network, observations, prepared, budget) };
}

export interface SetOptions {
  /** Of the same network, observations and budget, if it was worked out before. */
  known?: Inferred;
  limit?: number;
  massLeft?: number;
  /**
   * Only the connected parts of the evidence that hold one of these findings; everything else is independent of them
   * and is left to its own posterior. Every part of the evidence if not given.
   */
  about?: ReadonlySet<number>;
  budget?: Budget;
}

/**
 * The most credible explanations of the evidence. Best-first: the sweep's own tables say exactly how much of the
 * probability lies below each choice made so far, so nothing is looked into that does not matter, and what is left out
 * is known. Stops when what is not listed one by one is under `massLeft` or `limit` are found; the rest is lumped with
 * the explanation that it extends.
 */
export function credibleExplanations(
  network: Network,
  observations: readonly Observation[],
  { limit = 450, massLeft = 1e-3, about, budget = usualBudget, known = inferred(network, observations, budget) }: SetOptions = {},
): CredibleExplanations {
  const { prepared, posterior } = known;
  if (posterior.logEvidence === -Infinity) return { sets: [], leftOut: 1, lumped: 0, posterior, quiet: [], rough: false };
  const { weight, dimensions, logTotal, rough } = searched(prepared, posterior, about, budget);
  const groups = searchOrder(partOf(dimensions).groups, dimensions, posterior);
  const search = new Search(weight, dimensions, groups, massLeft / limit, Math.exp(logTotal));
  const quiet = network.groups.map((_g, g) => search.quiet[g] ?? posterior.probability[g]);
  return { ...search.run(limit, massLeft), posterior, quiet, rough: rough || posterior.rough };
}

interface Searched {
  weight: readonly Float64Array[];
  dimensions: readonly Dimension[];
  logTotal: number;
  rough: boolean;
}

/**
 * The findings that the search explains: all of the parts it is about, as far as their tables fit the budget together. Of a part
 * that does not fit, the block that matters most, with what the rest says in the weights of its groups; of what is left then,
 * nothing: it stands by its own posterior.
 */
function searched(prepared: Prepared, posterior: Posterior, about: ReadonlySet<number> | undefined, budget: Budget): Searched {
  const counts = (findings: readonly number[]) => findings.filter((f) => about?.has(f)).length;
  const parts = posterior.parts.filter((p) => !about || counts(p.findings) > 0);
  const sizeOf = (dimensions: readonly Dimension[]) => dimensions.reduce((x, d) => x * d.size, 1);
  const weight = [...prepared.weight];
  const dimensions: Dimension[] = [];
  let logTotal = 0;
  let room = budget.table;
  let rough = false;
  // What fits whole comes first, and of that what it is most about.
  const fits = (p: (typeof parts)[number]) => !p.rough && sizeOf(within(prepared, p.findings)) <= room;
  for (const p of [...parts].sort((a, b) => Number(fits(b)) - Number(fits(a)) || counts(b.findings) - counts(a.findings))) {
    const own = within(prepared, p.findings);
    if (fits(p)) {
      dimensions.push(...own);
      logTotal += p.logTotal;
      room /= sizeOf(own);
      continue;
    }
    rough = true;
    const block = Math.min(budget.block, room);
    if (own.every((d) => d.size > block)) continue;
    const aside = posterior.probability.map((x) => Float64Array.from(x));
    const parted = sweepInBlocks(prepared, partOf(own), aside, { ...budget, block }, (d) => about?.has(d.finding) ?? false);
    if (sizeOf(parted.main.dimensions) > room) continue;
    for (const g of parted.main.groups) weight[g] = parted.weight[g];
    dimensions.push(...parted.main.dimensions);
    logTotal += sweepPart(parted.weight, parted.main, aside);
    room /= sizeOf(parted.main.dimensions);
  }
  return { weight, dimensions: dimensions.sort((a, b) => a.finding - b.finding), logTotal, rough };
}

const within = ({ dimensions }: Prepared, findings: readonly number[]): Dimension[] => {
  const wanted = new Set(findings);
  return dimensions.filter((d) => wanted.has(d.finding));
};

/** So many groups are looked at in the order of how likely they are there. */
const doubtful = 48;

/**
 * The likeliest groups first, so that most of what lies below a choice is that choice itself; the rest, which hardly ever
 * matter, in the order that keeps the tables small.
 */
function searchOrder(groups: readonly number[], dimensions: readonly Dimension[], { probability }: Posterior): number[] {
  const doubt = (g: number) => 1 - probability[g][0];
  const sorted = [...groups].sort((a, b) => doubt(b) - doubt(a) || a - b);
  return [...sorted.slice(0, doubtful), ...eliminationOrder(dimensions, sorted.slice(doubtful))];
}

/** One way in which one mode brings findings: the levels they reach, and how likely that is. */
interface Item {
  state: number;
  weight: number;
  raised: readonly number[];
  /** Levels of the dimensions that it raises. */
  levels: readonly { dimension: number; level: number }[];
}

/** A choice made for the first groups, with what it has explained so far. */
interface Node {
  /** Groups before this one are decided. */
  at: number;
  /** By dimension: the level reached. */
  levels: Uint8Array;
  /** Product of the weights chosen; the rest lies in the tables. */
  weight: number;
  /** Probability of everything below, itself included. */
  mass: number;
  parent: Node | null;
  group: number;
  item: Item | null;
  /** Its entry in the list, once it was looked into. */
  listed: CauseSet | null;
}

/** Items side by side, since they are gone through for every choice that is extended. */
interface Rows {
  weight: Float64Array;
  /** Where the levels of an item begin; one more entry says where the last ones end. */
  from: Int32Array;
  dimension: Int32Array;
  level: Uint8Array;
  /** Stride of the dimension in the table of the groups after. */
  stride: Int32Array;
}

/** What a group in its turn can bring, and what the groups after it can still do. */
interface Turn {
  items: readonly Item[];
  rows: Rows;
  /** For each entry of the table of findings that later groups still touch: the weight of all that they can do. */
  after: Float64Array;
  /** By dimension: its stride in that table, 0 if no later group touches it. */
  strides: Int32Array;
  /** Dimensions that this group is the last to touch. */
  closes: readonly number[];
  /** The most that `after` and the dimensions that close here can come to. */
  peak: number;
}

class Search {
  readonly quiet: (Float64Array | undefined)[] = [];
  private readonly turns: Turn[] = [];
  /** By place of a group: the most that its items, `after` and the dimensions that close there can come to. */
  private readonly most: Float64Array;
  /** silence[i]: product of the chances that groups 0..i-1 bring nothing */
  private readonly silence: Float64Array;
  /** By dimension: the last group that touches it, by its place. */
  private readonly last: number[];
  /** By dimension and level reached: what it is worth when no group adds to it, only the leak. */
  private readonly final: Float64Array[];

  constructor(
    weight: readonly Float64Array[],
    private readonly dimensions: readonly Dimension[],
    private readonly groups: readonly number[],
    private readonly least: number,
    private readonly total: number,
  ) {
    this.final = dimensions.map(finalOf);
    this.last = dimensions.map((d) => groups.findLastIndex((g) => d.touch[g]));
    this.most = new Float64Array(groups.length);
    this.silence = new Float64Array(groups.length + 1).fill(1);
    const items = groups.map((g, i) => {
      const made = itemsOf(weight[g], dimensions, g, (least * total) / 4);
      const nothing = made.quiet.reduce((a, b) => a + b, 0);
      this.quiet[g] = made.quiet.map((x) => x / nothing);
      this.silence[i + 1] = this.silence[i] * nothing;
      return made.items;
    });
    this.turns = this.turnsOf(weight, items);
  }

  private turnsOf(weight: readonly Float64Array[], items: readonly Item[][]): Turn[] {
    const { dimensions, groups, final, last } = this;
    const highest = final.map((f) => f.reduce((a, b) => Math.max(a, b), 0));
    const turns: Turn[] = new Array<Turn>(groups.length);
    let layout: Layout = bare;
    let value: Float64Array = Float64Array.of(1);
    let scratch: Float64Array = new Float64Array(1);
    for (let i = groups.length - 1; i >= 0; i--) {
      const strides = new Int32Array(dimensions.length);
      for (const a of layout.axes) strides[a.dimension] = a.stride;
      const closes = [...dimensions.keys()].filter((k) => last[k] === i);
      let table = 0;
      for (let k = 0; k < value.length; k++) if (value[k] > table) table = value[k];
      const peak = closes.reduce((x, k) => x * highest[k], table);
      this.most[i] = peak * items[i].reduce((x, y) => Math.max(x, y.weight), 0);
      turns[i] = { items: items[i], rows: rowsOf(items[i], strides), after: value, strides, closes, peak };
      let next = value;
      for (const k of closes) {
        next = spread(next, final[k]);
        layout = widened(layout, k, dimensions[k].size);
      }
      const here = new Float64Array(next.length);
      const weights = weight[groups[i]];
      if (scratch.length !== next.length) scratch = new Float64Array(next.length);
      raisesOf(weight, dimensions, layout, groups[i]).forEach((own, s) => {
        if (weights[s] === 0) return;
        if (own.length) scratch.set(next);
        for (const r of own) pullBack(scratch, r);
        addScaled(here, own.length ? scratch : next, weights[s]);
      });
      value = here;
    }
    return turns;
  }

  /** Best first: the node with the most below it is looked into, which lists it and finds what extends it. */
  run(limit: number, massLeft: number): Pick<CredibleExplanations, 'sets' | 'leftOut' | 'lumped'> {
    const { dimensions, final, groups, turns, silence, most } = this;
    const heap = new Heap();
    const root = new Uint8Array(dimensions.length);
    heap.push({ at: 0, levels: root, weight: 1 / this.total, mass: 1, parent: null, group: -1, item: null, listed: null });
    const sets: CauseSet[] = [];
    let found = 0;
    const n = groups.length;
    while (heap.size > 0 && sets.length < limit && 1 - found >= massLeft) {
      const node = heap.pop()!;
      let own = 1;
      for (let k = 0; k < final.length; k++) own *= final[k][node.levels[k]];
      const probability = node.weight * (silence[n] / silence[node.at]) * own;
      found += probability;
      let kept = probability;
      // What can no longer come up before the list is full goes with this one; but what extends nothing stands for itself,
      // and is only left out where very little of it is.
      const enough = node.item ? Math.max(this.least, heap.massOf(limit - sets.length)) : this.least / 16;
      // What the findings are worth that no group from here on touches.
      let settled = 1;
      for (let k = 0; k < final.length; k++) if (this.last[k] < node.at) settled *= final[k][node.levels[k]];
      for (let i = node.at; i < n; i++) {
        if (i > node.at) for (const k of turns[i - 1].closes) settled *= final[k][node.levels[k]];
        const before = node.weight * (silence[i] / silence[node.at]);
        if (before * settled * most[i] < enough) continue;
        kept += this.extend(node, i, { before, settled, enough }, heap);
      }
      node.listed = this.explanation(node, probability, Math.max(0, node.mass - kept));
      sets.push(node.listed);
    }
    // What was not looked into goes with what it extends; what extends nothing stands for itself.
    for (const node of heap.rest()) {
      if (node.parent?.item) node.parent.listed!.more += node.mass;
      else sets.push(this.explanation(node, 0, node.mass));
    }
    const leftOut = sets.find((x) => x.states.length === 0)?.more ?? 0;
    sets.sort((a, b) => b.probability + b.more - a.probability - a.more);
    return { sets, leftOut, lumped: Math.max(0, 1 - found - leftOut) };
  }

  /**
   * Adds to the heap what group `i` can bring on top of a node; returns how much probability that is. `before` is the weight of the
   * node and of silence since then, `settled` what the findings are worth that no group from here on touches.
   */
  private extend(
    node: Node,
    i: number,
    { before, settled, enough }: { before: number; settled: number; enough: number },
    heap: Heap,
  ): number {
    const { after, strides, closes, peak, items, rows } = this.turns[i];
    const { final } = this;
    const { levels } = node;
    let entry = 0;
    for (let k = 0; k < levels.length; k++) entry += levels[k] * strides[k];
    const least = enough / (settled * peak);
    let kept = 0;
    for (let x = 0; x < items.length; x++) {
      const weight = before * rows.weight[x];
      if (weight < least) continue;
      const end = rows.from[x + 1];
      let at = entry;
      for (let r = rows.from[x]; r < end; r++) {
        const up = rows.level[r] - levels[rows.dimension[r]];
        if (up > 0) at += up * rows.stride[r];
      }
      let value = settled;
      for (const k of closes) {
        let reached = levels[k];
        for (let r = rows.from[x]; r < end; r++) if (rows.dimension[r] === k && rows.level[r] > reached) reached = rows.level[r];
        value *= final[k][reached];
      }
      const mass = weight * value * after[at];
      if (mass < enough) continue;
      kept += mass;
      const item = items[x];
      const raised = levels.slice();
      for (const { dimension: k, level } of item.levels) if (level > raised[k]) raised[k] = level;
      heap.push({ at: i + 1, levels: raised, weight, mass, parent: node, group: this.groups[i], item, listed: null });
    }
    return kept;
  }

  private explanation(node: Node, probability: number, more: number): CauseSet {
    const states: [number, number][] = [];
    const raised: (readonly number[])[] = [];
    for (let x: Node | null = node; x?.item; x = x.parent) {
      states.unshift([x.group, x.item.state]);
      raised.unshift(x.item.raised);
    }
    return { states, raised, probability, more };
  }
}

function rowsOf(items: readonly Item[], strides: Int32Array): Rows {
  const from = new Int32Array(items.length + 1);
  for (let i = 0; i < items.length; i++) from[i + 1] = from[i] + items[i].levels.length;
  const all = from[items.length];
  const rows: Rows = {
    weight: new Float64Array(items.length),
    from,
    dimension: new Int32Array(all),
    level: new Uint8Array(all),
    stride: new Int32Array(all),
  };
  let r = 0;
  for (let i = 0; i < items.length; i++) {
    rows.weight[i] = items[i].weight;
    for (const { dimension, level } of items[i].levels) {
      rows.dimension[r] = dimension;
      rows.level[r] = level;
      rows.stride[r++] = strides[dimension];
    }
  }
  return rows;
}

/** What the levels reached by groups are worth when only the leak adds to them. */
function finalOf(d: Dimension): Float64Array {
  const out = new Float64Array(d.size);
  let up = 0;
  for (let l = 0; l < d.size; l++) up += d.leak[l];
  let below = 0;
  for (let reached = 0; reached < d.size; reached++) {
    below += d.leak[reached];
    out[reached] = below * d.weights[reached];
    for (let l = reached + 1; l < d.size; l++) out[reached] += d.leak[l] * d.weights[l];
  }
  return up > 0 ? out : d.weights;
}

/** Every way in which one group brings findings, and the weight of each mode bringing nothing. */
function itemsOf(weight: Float64Array, dimensions: readonly Dimension[], g: number, least: number): { items: Item[]; quiet: Float64Array } {
  const quiet = new Float64Array(weight.length);
  const items: Item[] = [];
  for (let state = 0; state < weight.length; state++) {
    if (weight[state] === 0) continue;
    const touched = dimensions.flatMap((d, k) => (d.touch[g] && d.touch[g]![state][0] !== 1 ? [k] : []));
    const choose = (i: number, chance: number, levels: Item['levels']) => {
      if (i === touched.length) {
        if (levels.length === 0) quiet[state] = chance;
        else items.push({ state, weight: chance, levels, raised: levels.map((l) => dimensions[l.dimension].finding) });
        return;
      }
      const dimension = touched[i];
      dimensions[dimension].touch[g]![state].forEach((p, level) => {
        // What is too unlikely to matter counts as left out; bringing nothing is always kept.
        const next = chance * p;
        if (level === 0 || next > least) choose(i + 1, next, level === 0 ? levels : [...levels, { dimension, level }]);
      });
    };
    choose(0, weight[state], []);
  }
  return { items, quiet };
}

/** How finely masses are counted: so many steps to a halving. */
const stepsToHalf = 4;
const mostSteps = 400;

/** The node with the most below it comes first. */
class Heap {
  private readonly nodes: Node[] = [];
  /** How many nodes there are of about each mass. */
  private readonly counts = new Int32Array(mostSteps + 1);

  get size(): number {
    return this.nodes.length;
  }

  rest(): readonly Node[] {
    return this.nodes;
  }

  /** A mass that at least `many` nodes in it exceed; 0 if there are not so many. */
  massOf(many: number): number {
    let sum = 0;
    for (let b = 0; b < mostSteps; b++) if ((sum += this.counts[b]) >= many) return 2 ** (-(b + 1) / stepsToHalf);
    return 0;
  }

  private static step(mass: number): number {
    return Math.max(0, Math.min(mostSteps, Math.floor(-Math.log2(mass) * stepsToHalf)));
  }

  push(node: Node): void {
    const { nodes } = this;
    this.counts[Heap.step(node.mass)]++;
    let i = nodes.length;
    nodes.push(node);
    while (i > 0) {
      const up = (i - 1) >> 1;
      if (nodes[up].mass >= node.mass) break;
      nodes[i] = nodes[up];
      i = up;
    }
    nodes[i] = node;
  }

  pop(): Node | undefined {
    const { nodes } = this;
    const top = nodes[0];
    if (top) this.counts[Heap.step(top.mass)]--;
    const last = nodes.pop();
    if (!last || nodes.length === 0) return top;
    let i = 0;
    for (;;) {
      let child = 2 * i + 1;
      if (child >= nodes.length) break;
      if (child + 1 < nodes.length && nodes[child + 1].mass > nodes[child].mass) child++;
      if (nodes[child].mass <= last.mass) break;
      nodes[i] = nodes[child];
      i = child;
    }
    nodes[i] = last;
    return top;
  }
}
