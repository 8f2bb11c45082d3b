import { information, leastBits } from './information';
import { afterOutcome, afterRepair, type Choice, type Problem, type Situation } from './problem';
import { repairOn, repairOrder, type RepairOrder } from './repairs';

/** How far the look-ahead goes. The same whatever the size of the problem. */
export interface Depth {
  /** Tests worked out in full at each level, best first; its length is the depth. */
  beam: readonly number[];
  /** Tests that are weighed at all, by what they tell for their cost: at the root, and further down. */
  shortlist: readonly [number, number];
  /** Repairs tried at a node, in the order of repairing. */
  repairs: number;
  /** A branch less likely than this is not looked into: repairing on from there is its value. */
  cut: number;
}

export const shippedDepth: Depth = { beam: [3, 1], shortlist: [20, 6], repairs: 2, cut: 0.02 };

/** What an act is expected to cost in all if it is done next and the best is done from there. */
export interface Valued {
  choice: Choice;
  value: number;
}

interface Scored {
  index: number;
  cost: number;
  bits: number;
}

/** Tests by what they tell for their cost; those that tell nothing are not in it. */
function scored(p: Problem, s: Situation): Scored[] {
  const out: Scored[] = [];
  for (let index = 0; index < p.tests.length; index++) {
    if (s.shut[index]) continue;
    const t = p.tests[index];
    const bits = information(s.weights, t);
    if (bits < leastBits) continue;
    out.push({ index, bits, cost: t.cost + p.access.reach(s.state, t.want).cost });
  }
  return out;
}

function shortlist(all: Scored[], most: number): Scored[] {
  if (all.length <= most) return all;
  const cheap = [...all].sort((a, b) => b.bits / (b.cost + 0.2) - a.bits / (a.cost + 0.2));
  const telling = [...all].sort((a, b) => b.bits - a.bits);
  const half = Math.ceil(most / 2);
  return [...new Set([...cheap.slice(0, most - half + 1), ...telling.slice(0, half)])].slice(0, most);
}

/** Expected cost of a test followed by `then` of each situation it can leave. */
function testValue(p: Problem, s: Situation, index: number, then: (next: Situation, chance: number) => number): number {
  const t = p.tests[index];
  const { cost, next: state } = p.access.reach(s.state, t.want);
  const shut = s.shut.slice();
  shut[index] = 1;
  let value = t.cost + cost;
  for (const likelihood of t.likelihood) {
    const { chance, weights } = afterOutcome(s.weights, likelihood);
    if (chance > 1e-9) value += chance * then({ weights, state, shut, mended: s.mended }, chance);
  }
  return value;
}

/** The same where it is repaired on from each situation: no situation has to be written down for that. */
function testThenRepair(p: Problem, s: Situation, index: number): number {
  const t = p.tests[index];
  const { cost, next: state } = p.access.reach(s.state, t.want);
  const left = { state, shut: s.shut, mended: s.mended };
  const n = s.weights.length;
  if (scratch.length < n) scratch = new Float64Array(n);
  const joint = scratch.subarray(0, n);
  let value = t.cost + cost;
  for (const likelihood of t.likelihood) {
    let chance = 0;
    for (let h = 0; h < n; h++) chance += joint[h] = s.weights[h] * likelihood[h];
    if (chance > 1e-9) value += repairOn(p, left, joint);
  }
  return value;
}

let scratch = new Float64Array(0);

function repairValue(p: Problem, s: Situation, fault: number, then: (next: Situation, chance: number) => number): number {
  const { uncured, next } = afterRepair(p, s, fault);
  const { cost } = p.access.reach(s.state, p.repairs[fault].want);
  return p.repairs[fault].cost + cost + (uncured > 1e-9 ? uncured * then(next, uncured) : 0);
}

/** Least expected cost from here, as far as the look-ahead sees. */
export function costToGo(p: Problem, s: Situation, depth: Depth = shippedDepth, level = 0, reached = 1): number {
  const plan = repairOrder(p, s);
  if (plan.wasted <= 1e-9 || level >= depth.beam.length || reached < depth.cut) return plan.expected;
  return best(weigh(p, s, depth, level, reached, plan)).value;
}

/** Everything that was weighed at one node. */
export interface Weighed {
  /** Repairing on in the best order, without any further test. */
  plan: RepairOrder;
  /** Tests by what they are expected to cost in all; the first ones were looked into further. */
  tests: { index: number; value: number; bits: number }[];
  repairs: { index: number; value: number }[];
}

/** The tests worth weighing, by what each is expected to cost if it is repaired on from it. */
function testsWeighed(p: Problem, s: Situation, most: number): Weighed['tests'] {
  const tests = shortlist(scored(p, s), most).map(({ index, bits }) => ({ index, bits, value: testThenRepair(p, s, index) }));
  return tests.sort(byValue);
}

const byValue = (a: { value: number; index: number }, b: { value: number; index: number }) => a.value - b.value || a.index - b.index;

/** What each act worth doing next is expected to cost in all. */
export function weigh(p: Problem, s: Situation, depth: Depth = shippedDepth, level = 0, reached = 1, plan = repairOrder(p, s)): Weighed {
  const deeper = (next: Situation, chance: number) => costToGo(p, next, depth, level + 1, reached * chance);
  const tests = testsWeighed(p, s, depth.shortlist[level === 0 ? 0 : 1]);
  for (const t of tests.slice(0, depth.beam[level])) t.value = Math.min(t.value, testValue(p, s, t.index, deeper));
  tests.sort(byValue);
  const repairs = plan.order.slice(0, depth.repairs).map((index) => ({ index, value: repairValue(p, s, index, deeper) }));
  return { plan, tests, repairs };
}

/**
 * Whether the act of least expected cost is a test, as `best` of `weigh` would say, or else which repair it is. It looks no
 * deeper into the tests than it must: one that is worth it without looking deeper stays so.
 */
export function testOrRepair(p: Problem, s: Situation, depth: Depth = shippedDepth): { kind: 'test' } | Exclude<Choice, { kind: 'test' }> {
  const plan = repairOrder(p, s);
  const deeper = (next: Situation, chance: number) => costToGo(p, next, depth, 1, chance);
  const repairs = plan.order.slice(0, depth.repairs).map((index) => ({ index, value: repairValue(p, s, index, deeper) }));
  const { choice, value } = best({ plan, tests: [], repairs });
  if (choice.kind !== 'repair') return { kind: 'none' };
  const tests = testsWeighed(p, s, depth.shortlist[0]);
  const pays = (cost: number) => cost < value - 1e-12;
  const worth = tests.some((t) => pays(t.value)) || tests.slice(0, depth.beam[0]).some((t) => pays(testValue(p, s, t.index, deeper)));
  return worth ? { kind: 'test' } : choice;
}

/** The act of least expected cost among what was weighed. */
export function best({ plan, tests, repairs }: Weighed): Valued {
  if (plan.order.length === 0) return { choice: { kind: 'none' }, value: 0 };
  let least: Valued = { choice: { kind: 'repair', index: plan.order[0] }, value: plan.expected };
  for (const { index, value } of repairs) if (value < least.value - 1e-12) least = { choice: { kind: 'repair', index }, value };
  for (const { index, value } of tests) if (value < least.value - 1e-12) least = { choice: { kind: 'test', index }, value };
  return least;
}

/** What to do next: the act of least expected cost. */
export function decide(p: Problem, s: Situation, depth: Depth = shippedDepth): Valued {
  const plan = repairOrder(p, s);
  if (plan.order.length === 0 || plan.wasted <= 1e-9) return best({ plan, tests: [], repairs: [] });
  return best(weigh(p, s, depth, 0, 1, plan));
}
