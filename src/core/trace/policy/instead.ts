import { asGood, best, Rollout, unlocked } from '../decide';
import type { BeliefState } from './beliefs';
import type { Weighing } from './weighing';

/** What it costs to do something else than what is cheapest, such as what one always does first. Money. */
export interface Instead {
  /** Expected cost in all of the cheapest way on. */
  least: number;
  /** By key, how much more it is expected to cost in all if that is done next; nought where it is as good. */
  tests: Record<string, number>;
  repairs: Record<string, number>;
}

/**
 * Values every test that can be done and every repair as those are valued that are advised; yields after each act, so that it can
 * be given up between two.
 * @param b what is believed now
 * @param weighing the rough and the weighed value of each act
 * @returns the values, at the end
 */
export function* valueInstead(b: BeliefState, { rough, weighed }: Weighing): Generator<undefined, Instead> {
  const { problem, situation, tests, repairs } = rough;
  const least = best(weighed).value;
  const all: Instead = { least, tests: {}, repairs: {} };
  const more = (value: number) => (asGood(value, least) ? 0 : value - least);
  const rollout = new Rollout(problem, situation);
  const weighedTests = new Map(weighed.tests.map((t) => [t.index, t.value]));
  for (const [short, i] of tests.entries()) {
    if (situation.shut[short] || !unlocked(problem.tests[short], situation.lifted)) continue;
    all.tests[b.tests[i].key] = more(weighedTests.get(short) ?? rollout.test(short));
    yield;
  }
  const weighedRepairs = new Map(weighed.repairs.map((r) => [r.index, r.value]));
  for (const [short, i] of repairs.entries()) {
    all.repairs[b.model.suspects[i].key] = more(weighedRepairs.get(short) ?? rollout.repair(short));
    yield;
  }
  // What tells nothing costs what it costs.
  const told = new Set(tests);
  for (const [i, t] of b.tests.entries()) if (!told.has(i) && !t.gate) all.tests[t.key] = t.cost;
  return all;
}

/**
 * The same as `valueInstead`, in one go.
 * @param b what is believed now
 * @param w what each act is worth
 * @returns money more than the advised act, by act
 */
export function insteadOf(b: BeliefState, w: Weighing): Instead {
  const all = valueInstead(b, w);
  let step = all.next();
  while (!step.done) step = all.next();
  return step.value;
}
