import { repairThen, testThen, type Choice, type Continuation, type DecisionProblem, type Situation } from './problem';
import { repairOrder } from './repairs';
import { testThenRepair } from './testThenRepair';
import { byGainPerCost, type Gain } from './gainPerCost';

/** Tests worked out in full at each of the two levels; those that are weighed at all; repairs; branches not looked into. */
const depth = { beam: [3, 1], shortlist: [20, 6], repairs: 2, cut: 0.02 } as const;

interface Considered extends Gain {
  value: number;
}

/** The tests worth weighing, by what each is expected to cost if it is repaired on from it. */
function tests(p: DecisionProblem, s: Situation, most: number): Considered[] {
  const all = byGainPerCost(p, s);
  const half = Math.ceil(most / 2);
  const telling = [...all].sort((a, b) => b.bits - a.bits).slice(0, half);
  return [...new Set([...all.slice(0, most - half + 1), ...telling])]
    .slice(0, most)
    .map((w) => ({ ...w, value: testThenRepair(p, s, w) }))
    .sort((a, b) => a.value - b.value || a.tells - b.tells);
}

/** Least expected cost from here where one test more is looked at, and then repaired on. */
function looked(p: DecisionProblem, s: Situation, level: number, reached: number): { choice: Choice; value: number } {
  const plan = repairOrder(p, s);
  if (plan.order.length === 0) return { choice: { kind: 'none' }, value: 0 };
  let least: { choice: Choice; value: number } = { choice: { kind: 'repair', index: plan.order[0] }, value: plan.expected };
  if (plan.wasted <= 1e-9 || level >= depth.beam.length || reached < depth.cut) return least;
  const then: Continuation = (next, chance) => looked(p, next, level + 1, reached * chance).value;
  for (const index of plan.order.slice(0, depth.repairs)) {
    const value = repairThen(p, s, index, then);
    if (value < least.value - 1e-12) least = { choice: { kind: 'repair', index }, value };
  }
  tests(p, s, depth.shortlist[level === 0 ? 0 : 1]).forEach((t, k) => {
    const value = k < depth.beam[level] ? Math.min(t.value, t.first + testThen(p, s, t.tells, then)) : t.value;
    if (value < least.value - 1e-12) least = { choice: { kind: 'test', index: t.index }, value };
  });
  return least;
}

/** What looking two moves ahead would do next, repairing on from there: what policy improvement is measured against. */
export const twoMoves = (p: DecisionProblem, s: Situation): Choice => looked(p, s, 0, 1).choice;
