import type { Choice, DecisionProblem, Situation } from './problem';
import { repairOrder, type RepairOrder } from './repairs';
import { alike, byGainPerCost, type Gain } from './gainPerCost';
import { beyondRepairs } from './price';
import { Rollout } from './rollout';

/** What an act is expected to cost in all if it is done next. */
export interface Valued {
  choice: Choice;
  value: number;
}

/** Everything that was weighed. */
export interface Weighed {
  /** Repairing on in the best order, without any further test. */
  plan: RepairOrder;
  /** Tests by what they are expected to cost in all; `opens` is the locked test that one is done for. */
  tests: { index: number; value: number; bits: number; opens?: number }[];
  /** Repairs, and how likely each is needed. */
  repairs: { index: number; value: number; chance: number }[];
}

/**
 * What is valued by following the base policy is only known so well: acts this near to the least, as a part of it,
 * count as equal, and of those the one goes first that tells most for its cost. So the advice does not jump for next to nothing.
 */
const tolerance = 0.01;

/** Where a repair is likelier to be in vain than not, it is looked first if that costs no more than this part of it besides. */
const lookFirst = 0.015;

/** So many acts are weighed: tests by what they tell for their cost, others by what they tell at all, and repairs. */
const most = { worth: 8, telling: 3, repairs: 2 };

const byValue = (a: { value: number; index: number }, b: { value: number; index: number }) => a.value - b.value || a.index - b.index;

/** The tests that are weighed: one entry for each that would be done now, and one for those that are alike. */
function candidates(p: DecisionProblem, s: Situation): Gain[] {
  const all: Gain[] = [];
  for (const w of byGainPerCost(p, s, beyondRepairs(p, s))) if (!all.some((x) => alike(p, x, w))) all.push(w);
  const telling = [...all].sort((a, b) => b.bits - a.bits || a.tells - b.tells).slice(0, most.telling);
  const picked = new Map<number, Gain>();
  for (const w of [...all.slice(0, most.worth), ...telling]) if (!picked.has(w.index) || w.tells === w.index) picked.set(w.index, w);
  return [...picked.values()];
}

const repairsWeighed = (p: DecisionProblem, s: Situation, plan: RepairOrder, rollout: Rollout): Weighed['repairs'] =>
  plan.order.slice(0, most.repairs).map((index) => ({
    index,
    value: rollout.repair(index),
    chance: p.faults.reduce((sum, f, h) => (f.includes(index) ? sum + s.weights[h] : sum), 0),
  }));

/**
 * What each act worth doing next is expected to cost in all: the act, and from whatever comes of it a rollout of the base policy.
 * The least of them is one step of policy improvement (Howard 1960; rollout, Bertsekas and Castanon 1999): never dearer than the
 * base itself where the picture holds.
 */
export function weigh(p: DecisionProblem, s: Situation, plan = repairOrder(p, s)): Weighed {
  const rollout = new Rollout(p, s);
  return {
    plan,
    tests: arranged(candidates(p, s).map((w) => valued(rollout, w))),
    repairs: repairsWeighed(p, s, plan, rollout),
  };
}

const valued = (rollout: Rollout, { index, tells, bits }: Gain): Weighed['tests'][number] => ({
  index,
  bits,
  value: rollout.test(index),
  ...(tells !== index && { opens: tells }),
});

/** Whether a value counts as equal to the least. */
export const asGood = (value: number, least: number): boolean => value <= least * (1 + tolerance);

/** Those that count as equal to the least in the order they came in, the others by their value. */
function arranged(tests: Weighed['tests']): Weighed['tests'] {
  const least = Math.min(...tests.map((t) => t.value));
  return [...tests.filter((t) => asGood(t.value, least)), ...tests.filter((t) => !asGood(t.value, least)).sort(byValue)];
}

/** The act of least expected cost among what was weighed. */
export function best({ plan, tests, repairs }: Weighed): Valued {
  if (plan.order.length === 0) return { choice: { kind: 'none' }, value: 0 };
  let least: Valued = { choice: { kind: 'repair', index: plan.order[0] }, value: plan.expected };
  let chance = repairs.find((r) => r.index === plan.order[0])?.chance ?? 1;
  for (const r of repairs) {
    if (r.value >= least.value - 1e-12) continue;
    least = { choice: { kind: 'repair', index: r.index }, value: r.value };
    chance = r.chance;
  }
  // Where the two are as good as equal, it is looked first at what is likelier to be mended in vain.
  const [test] = tests;
  const over = chance < 0.5 ? lookFirst * least.value : -1e-12;
  return test && test.value < least.value + over ? { choice: { kind: 'test', index: test.index }, value: test.value } : least;
}

/** What to do next: the act of least expected cost. */
export function decide(p: DecisionProblem, s: Situation): Valued {
  const plan = repairOrder(p, s);
  if (plan.order.length === 0 || plan.wasted <= 1e-9) return best({ plan, tests: [], repairs: [] });
  return best(weigh(p, s, plan));
}

/**
 * Whether the act of least expected cost is a test, as `best` of `weigh` would say, or else which repair it is: as soon as one
 * test is found that is worth it, no other is looked at.
 */
export function testOrRepair(p: DecisionProblem, s: Situation): { kind: 'test' } | Exclude<Choice, { kind: 'test' }> {
  const plan = repairOrder(p, s);
  const rollout = new Rollout(p, s);
  const repairs = repairsWeighed(p, s, plan, rollout);
  const { choice, value } = best({ plan, tests: [], repairs });
  if (choice.kind !== 'repair') return { kind: 'none' };
  const tests: Weighed['tests'] = [];
  for (const w of candidates(p, s)) {
    const test = valued(rollout, w);
    if (test.value * (1 + tolerance) < value - 1e-12) return { kind: 'test' };
    tests.push(test);
  }
  return best({ plan, tests: arranged(tests), repairs }).choice.kind === 'test' ? { kind: 'test' } : choice;
}
