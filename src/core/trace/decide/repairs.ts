import type { Problem, Situation } from './problem';

/** Repairs in an order, each followed by a retest, until all is well; and what that is expected to cost. */
export interface RepairOrder {
  expected: number;
  /** What of it is spent on repairs that were not needed. */
  wasted: number;
  order: number[];
}

/** Beyond this many repairs the order is no longer looked at again after each opening: they are hardly ever reached. */
const fresh = 6;

/** Where sorting begins: the order of the last call on the same problem, which is nearly the new one. Never what it ends at. */
const lastOrder = new WeakMap<Problem, number[]>();

/**
 * Repairing in probability/cost order. That order is the optimum for a single fault with independent costs (Kadane and
 * Simon 1977; Heckerman, Breese and Rommelse 1995); where repairs share an opening it is taken anew after each opening.
 * The cost is exact for the order: each hypothesis pays up to its last fault.
 */
export function repairOrder(p: Problem, s: Situation): RepairOrder {
  const { faults, repairs, access } = p;
  const { weights, mended } = s;
  const n = repairs.length;
  const chance = new Float64Array(n);
  for (let h = 0; h < faults.length; h++) {
    const w = weights[h];
    if (w === 0) continue;
    const own = faults[h];
    for (let k = 0; k < own.length; k++) if (mended[own[k]] === 0) chance[own[k]] += w;
  }
  const order: number[] = [];
  const start = lastOrder.get(p) ?? [...repairs.keys()];
  for (let k = 0; k < n; k++) if (chance[start[k]] > 1e-9) order.push(start[k]);
  const worth = new Float64Array(n);
  let state = s.state;
  const sortFrom = (from: number) => {
    for (let k = from; k < order.length; k++) {
      const i = order[k];
      worth[i] = chance[i] / (repairs[i].cost + access.reach(state, repairs[i].want).cost);
    }
    // Insertion: the list is short, and after an opening it is nearly in order already.
    for (let k = from + 1; k < order.length; k++) {
      const i = order[k];
      const w = worth[i];
      let j = k - 1;
      while (j >= from && (worth[order[j]] < w || (worth[order[j]] === w && order[j] > i))) {
        order[j + 1] = order[j];
        j--;
      }
      order[j + 1] = i;
    }
  };
  sortFrom(0);
  const upTo = new Float64Array(n);
  let sum = 0;
  let needed = 0;
  for (let k = 0; k < order.length; k++) {
    const i = order[k];
    const { cost: opening, next } = access.reach(state, repairs[i].want);
    upTo[i] = sum += repairs[i].cost + opening;
    needed += chance[i] * (repairs[i].cost + opening);
    if (next === state) continue;
    state = next;
    if (k < fresh) sortFrom(k + 1);
  }
  lastOrder.set(p, order.length === n ? order.slice() : [...order, ...start.filter((i) => chance[i] <= 1e-9)]);
  let expected = 0;
  for (let h = 0; h < faults.length; h++) {
    const w = weights[h];
    if (w === 0) continue;
    const own = faults[h];
    let last = 0;
    for (let k = 0; k < own.length; k++) if (upTo[own[k]] > last && mended[own[k]] === 0) last = upTo[own[k]];
    expected += w * last;
  }
  return { expected, wasted: Math.max(0, expected - needed), order };
}
