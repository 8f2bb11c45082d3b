import type { Network, Observation } from './types';
import { prepare, type Dimension, type Prepared } from './prepare';
import { backward, infer, layoutOf, type Layout, type Posterior } from './sweep';

/**
 * One way the findings came about: which modes of which groups brought which of them. A mode that is there but brought
 * none of the findings is not in it: it is independent of the rest, and `quiet` says how likely it is.
 */
export interface Explanation {
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
  sets: Explanation[];
  /** Probability of everything that is in none of them, not even with something more. */
  leftOut: number;
  /** Probability that is only known as "this and something more". */
  lumped: number;
  posterior: Posterior;
  /** By group: its modes given that it brought none of the findings, whatever the others did. */
  quiet: Float64Array[];
}

export interface SetOptions {
  limit?: number;
  massLeft?: number;
  /**
   * Only the connected parts of the evidence that hold one of these findings; everything else is independent of them
   * and is left to its own posterior. Every part of the evidence if not given.
   */
  about?: ReadonlySet<number>;
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
  { limit = 450, massLeft = 1e-3, about }: SetOptions = {},
): CredibleExplanations {
  const prepared = prepare(network, observations);
  const posterior = infer(network, observations);
  if (posterior.logEvidence === -Infinity) return { sets: [], leftOut: 1, lumped: 0, posterior, quiet: [] };
  const parts = posterior.parts.filter((p) => !about || p.findings.some((f) => about.has(f)));
  const within = new Set(parts.flatMap((p) => [...p.findings]));
  const dimensions = prepared.dimensions.filter((d) => within.has(d.finding));
  const doubt = (g: number) => 1 - posterior.probability[g][0];
  const groups = parts.flatMap((p) => [...p.groups]).sort((a, b) => doubt(b) - doubt(a) || a - b);
  const total = Math.exp(parts.reduce((x, p) => x + p.logTotal, 0));
  const search = new Search(prepared, dimensions, groups, massLeft / limit, total);
  const quiet = network.groups.map((_g, g) => search.quiet[g] ?? posterior.probability[g]);
  return { ...search.run(limit, massLeft), posterior, quiet };
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
  entry: number;
  /** Product of the weights chosen; the rest lies in the tables. */
  weight: number;
  /** Probability of everything below, itself included. */
  mass: number;
  parent: Node | null;
  group: number;
  item: Item | null;
  /** Its entry in the list, once it was looked into. */
  listed: Explanation | null;
}

class Search {
  readonly quiet: (Float64Array | undefined)[] = [];
  private readonly items: Item[][] = [];
  /** silence[i]: product of the chances that groups 0..i-1 bring nothing */
  private readonly silence: Float64Array;
  private readonly value: Float64Array[];
  /** The most that the groups from here on can make of any entry. */
  private readonly peak: Float64Array;
  private readonly layout: Layout;

  constructor(
    prepared: Prepared,
    private readonly dimensions: readonly Dimension[],
    private readonly groups: readonly number[],
    private readonly least: number,
    private readonly total: number,
  ) {
    this.layout = layoutOf(dimensions);
    this.silence = new Float64Array(groups.length + 1).fill(1);
    groups.forEach((g, i) => {
      const { items, quiet } = itemsOf(prepared.weight[g], dimensions, g, (least * total) / 4);
      const nothing = quiet.reduce((a, b) => a + b, 0);
      this.quiet[g] = quiet.map((x) => x / nothing);
      this.items.push(items);
      this.silence[i + 1] = this.silence[i] * nothing;
    });
    this.value = backward(prepared, { dimensions: [...dimensions], groups: [...groups] }, this.layout, this.final());
    this.peak = Float64Array.from(this.value, (v) => v.reduce((a, b) => Math.max(a, b), 0));
  }

  /** What an entry is worth when no group adds to it: only the leak still does. */
  private final(): Float64Array {
    const { strides, size } = this.layout;
    const worth = this.dimensions.map((d) => {
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
    });
    const table = new Float64Array(size);
    for (let i = 0; i < size; i++) {
      let x = 1;
      for (let k = 0; k < worth.length; k++) x *= worth[k][Math.floor(i / strides[k]) % this.dimensions[k].size];
      table[i] = x;
    }
    return table;
  }

  run(limit: number, massLeft: number): Pick<CredibleExplanations, 'sets' | 'leftOut' | 'lumped'> {
    const heap = new Heap();
    heap.push({ at: 0, entry: 0, weight: 1 / this.total, mass: 1, parent: null, group: -1, item: null, listed: null });
    const sets: Explanation[] = [];
    let found = 0;
    const n = this.groups.length;
    while (heap.size > 0 && sets.length < limit && 1 - found >= massLeft) {
      const node = heap.pop()!;
      const probability = node.weight * (this.silence[n] / this.silence[node.at]) * this.value[n][node.entry];
      found += probability;
      let kept = probability;
      for (let i = node.at; i < n; i++) {
        const before = node.weight * (this.silence[i] / this.silence[node.at]);
        const after = this.value[i + 1];
        for (const item of this.items[i]) {
          const weight = before * item.weight;
          if (weight * this.peak[i + 1] < this.least) continue;
          const entry = this.raise(node.entry, item);
          const mass = weight * after[entry];
          if (mass < this.least) continue;
          kept += mass;
          heap.push({ at: i + 1, entry, weight, mass, parent: node, group: this.groups[i], item, listed: null });
        }
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

  private raise(entry: number, item: Item): number {
    let out = entry;
    for (const { dimension, level } of item.levels) {
      const stride = this.layout.strides[dimension];
      const now = Math.floor(out / stride) % this.dimensions[dimension].size;
      if (level > now) out += (level - now) * stride;
    }
    return out;
  }

  private explanation(node: Node, probability: number, more: number): Explanation {
    const states: [number, number][] = [];
    const raised: (readonly number[])[] = [];
    for (let x: Node | null = node; x?.item; x = x.parent) {
      states.unshift([x.group, x.item.state]);
      raised.unshift(x.item.raised);
    }
    return { states, raised, probability, more };
  }
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

/** The node with the most below it comes first. */
class Heap {
  private readonly nodes: Node[] = [];

  get size(): number {
    return this.nodes.length;
  }

  rest(): readonly Node[] {
    return this.nodes;
  }

  push(node: Node): void {
    const { nodes } = this;
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
