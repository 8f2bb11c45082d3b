import type { DecisionProblem, Situation } from './problem';

/** Repairs in an order, each followed by a retest, until all is well; and what that is expected to cost. */
export interface RepairOrder {
  expected: number;
  /** What of it is spent on repairs that were not needed. */
  wasted: number;
  order: number[];
}

/** Beyond this many repairs the order is no longer looked at again after each opening: they are hardly ever reached. */
const fresh = 6;

/** A problem's repairs and hypotheses as plain rows, and room to work in: this is asked hundreds of times for one decision. */
interface Worksheet {
  cost: Float64Array;
  want: Int32Array;
  residual: Float64Array;
  /** The faults of hypothesis h are faults[ends[h]] to faults[ends[h + 1]]. */
  faults: Int32Array;
  ends: Int32Array;
  chance: Float64Array;
  worth: Float64Array;
  upTo: Float64Array;
  /** Up to a second try of the same, for those that were left there. */
  again: Float64Array;
  /** The repairs in question, sorted; the rest behind them in any order: where sorting begins next time, never what it ends at. */
  order: Int32Array;
  count: number;
  expected: number;
  needed: number;
}

const worksheets = new WeakMap<DecisionProblem, Worksheet>();

function worksheetOf(p: DecisionProblem): Worksheet {
  const known = worksheets.get(p);
  if (known) return known;
  const n = p.repairs.length;
  const ends = new Int32Array(p.faults.length + 1);
  p.faults.forEach((own, h) => (ends[h + 1] = ends[h] + own.length));
  const made: Worksheet = {
    cost: Float64Array.from(p.repairs, (r) => r.cost),
    want: Int32Array.from(p.repairs, (r) => r.want),
    residual: Float64Array.from(p.repairs, (r) => r.residual ?? 0),
    again: new Float64Array(n),
    faults: Int32Array.from(p.faults.flat()),
    ends,
    chance: new Float64Array(n),
    worth: new Float64Array(n),
    upTo: new Float64Array(n),
    order: Int32Array.from({ length: n }, (_x, i) => i),
    count: 0,
    expected: 0,
    needed: 0,
  };
  worksheets.set(p, made);
  return made;
}

/**
 * Repairing in probability/cost order. That order is the optimum for a single fault with independent costs (Kadane and
 * Simon 1977; Heckerman, Breese and Rommelse 1995); where repairs share an opening it is taken anew after each opening.
 * The cost is exact for the order: each hypothesis pays up to its last fault.
 */
export function repairOrder(p: DecisionProblem, s: Situation): RepairOrder {
  const w = workOut(p, s, s.weights);
  return { expected: w.expected, wasted: Math.max(0, w.expected - w.needed), order: Array.from(w.order.subarray(0, w.count)) };
}

/** Repairing on: what it is expected to cost, what of that is spent in vain, and the repair that comes first; -1 if none does. */
export interface Repairing {
  expected: number;
  wasted: number;
  first: number;
}

/** The same for other weights than a situation's, written to `out`; they need not add up to 1 and count as they are. */
export function repairing(p: DecisionProblem, s: Pick<Situation, 'state' | 'mended'>, weights: Float64Array, out: Repairing): Repairing {
  const { expected, needed, order, count } = workOut(p, s, weights);
  out.expected = expected;
  out.wasted = Math.max(0, expected - needed);
  out.first = count > 0 ? order[0] : -1;
  return out;
}

function workOut(p: DecisionProblem, s: Pick<Situation, 'state' | 'mended'>, weights: Float64Array): Worksheet {
  const sheet = worksheetOf(p);
  const { cost, want, residual, faults, ends, chance, upTo, again, worth, order } = sheet;
  const { mended } = s;
  chance.fill(0);
  for (let h = 0; h < weights.length; h++) {
    const w = weights[h];
    if (w === 0) continue;
    for (let k = ends[h]; k < ends[h + 1]; k++) if (ends[h + 1] - ends[h] === 1 || mended[faults[k]] === 0) chance[faults[k]] += w;
  }
  // What is in question moves to the front, in the order it stood in.
  let count = 0;
  for (let k = 0; k < order.length; k++) {
    const i = order[k];
    if (chance[i] <= 1e-9) continue;
    order[k] = order[count];
    order[count++] = i;
  }
  sheet.count = count;
  let state = s.state;
  let { costs, nexts } = p.access.from(state);
  sort(sheet, 0, costs);
  let sum = 0;
  let needed = 0;
  for (let k = 0; k < count; k++) {
    const i = order[k];
    const all = cost[i] + costs[want[i]];
    upTo[i] = sum += all;
    needed += chance[i] * all;
    const next = nexts[want[i]];
    if (next === state) continue;
    state = next;
    ({ costs, nexts } = p.access.from(state));
    if (k < fresh) sort(sheet, k + 1, costs);
  }
  // A repair that left the fault there is tried again when nothing else is likelier for its cost.
  let later = 0;
  let under = Infinity;
  for (let k = 0; k < count; k++) {
    const i = order[k];
    if (residual[i] === 0) continue;
    const left = residual[i] * worth[i];
    // The place moves on as long as each is worth less than the one before; one that was left there more often comes round sooner.
    if (later < k || left > under) later = k;
    under = left;
    while (later + 1 < count && worth[order[later + 1]] > left) later++;
    again[i] = upTo[order[later]] + cost[i];
    needed += chance[i] * residual[i] * (again[i] - upTo[i]);
  }
  let expected = 0;
  for (let h = 0; h < weights.length; h++) {
    const w = weights[h];
    if (w === 0) continue;
    if (ends[h + 1] - ends[h] === 1) {
      const i = faults[ends[h]];
      if (chance[i] > 1e-9) expected += w * (upTo[i] + residual[i] * (again[i] - upTo[i]));
      continue;
    }
    let last = 0;
    for (let k = ends[h]; k < ends[h + 1]; k++) {
      const i = faults[k];
      if (upTo[i] > last && mended[i] === 0 && chance[i] > 1e-9) last = upTo[i];
    }
    expected += w * last;
  }
  sheet.expected = expected;
  sheet.needed = needed;
  return sheet;
}

/** Sorts from a place on, by probability/cost. By insertion: it is short, and nearly in order already. */
function sort({ cost, want, chance, worth, order, count }: Worksheet, from: number, costs: Float64Array): void {
  for (let k = from; k < count; k++) {
    const i = order[k];
    worth[i] = chance[i] / (cost[i] + costs[want[i]]);
  }
  for (let k = from + 1; k < count; k++) {
    const i = order[k];
    const w = worth[i];
    let j = k - 1;
    while (j >= from && (worth[order[j]] < w || (worth[order[j]] === w && order[j] > i))) {
      order[j + 1] = order[j];
      j--;
    }
    order[j + 1] = i;
  }
}
