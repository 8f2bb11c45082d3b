import { type System, foundBy } from '../../knowledge';
import { schoolIds, type SchoolId } from '../../state';
import {
  best,
  canTell,
  information,
  leastBits,
  repairOrder,
  repairThen,
  Rollout,
  testThen,
  unlocked,
  type Problem,
  type Situation,
} from '../decide';
import type { BeliefState, OpenTest } from './beliefs';
import { retestMinutes } from './repairActs';
import { money } from './strip';
import type { Weighing } from './weighing';

export { schoolIds, type SchoolId };

/** A school other than least cost stops testing when its leading suspect is this likely. */
const convinced = 0.7;

/** `opens` is the shut test that a test is done for. */
export type Move = { kind: 'test'; test: OpenTest; opens?: number } | { kind: 'repair'; suspect: number } | { kind: 'none' };

const systemOrder: Partial<Record<SchoolId, System[]>> = {
  'motor-first': [
    'mechanical',
    'compression',
    'lubrication',
    'cooling',
    'exhaust',
    'starting',
    'spark',
    'fuel',
    'electrics',
    'clutch',
    'gearbox',
    'brakes',
  ],
  'spark-first': [
    'spark',
    'starting',
    'electrics',
    'fuel',
    'compression',
    'mechanical',
    'exhaust',
    'cooling',
    'lubrication',
    'clutch',
    'gearbox',
    'brakes',
  ],
};

/** True while nothing but complaints is known: nothing dear is repaired on a complaint alone. */
const onSymptomsAlone = (b: BeliefState): boolean => b.model.claims.every((c) => c.source.startsWith('symptom:'));

/** A wrong repair up to this costs little: a few minutes, and next to no parts. */
const littleWork = (b: BeliefState): number => money(retestMinutes + 4, Number(b.model.case.job.rate)) + 5;

/** Lower comes first: the order in which a school takes tests. */
export function schoolRank(b: BeliefState, school: SchoolId): (t: OpenTest, cost: number) => number {
  const order = systemOrder[school];
  if (order) return (t, cost) => order.indexOf(t.test.system) * 1000 + cost;
  if (school === 'last-touched') {
    const touching = new Set(b.tests.filter((t) => touches(b, t)));
    return (t, cost) => (touching.has(t) ? 0 : 1e6) + cost;
  }
  return (_t, cost) => cost;
}

/** True if the test bears on something in an area that was touched last. */
function touches(b: BeliefState, t: OpenTest): boolean {
  const touched = b.model.case.job.lastTouched ?? [];
  const shows = new Set(foundBy(t.test));
  return b.model.suspects.some(
    (s) => s.fault.area?.some((a) => touched.includes(a)) && Object.keys(s.fault.causes).some((f) => shows.has(f)),
  );
}

type Chooser = (p: Problem, s: Situation) => { kind: 'test' | 'repair'; index: number } | null;

interface Followed {
  rank: (t: OpenTest, cost: number) => number;
  tests: readonly OpenTest[];
}

/** What a school that is not least cost does from a situation: its own first test that tells anything, or a repair. */
export function schoolChoice(p: Problem, s: Situation, f: Followed): { kind: 'test' | 'repair'; index: number } | null {
  const plan = repairOrder(p, s);
  if (plan.order.length === 0) return null;
  const first = plan.order[0];
  let chance = 0;
  for (let h = 0; h < p.faults.length; h++) if (p.faults[h].includes(first)) chance += s.weights[h];
  if (chance >= convinced) return { kind: 'repair', index: first };
  let index = -1;
  let least = Infinity;
  for (let t = 0; t < p.tests.length; t++) {
    if (s.shut[t] || !unlocked(p.tests[t], s.lifted) || !canTell(p.tests[t]) || information(s.weights, p.tests[t]) < leastBits * 4)
      continue;
    const rank = f.rank(f.tests[t], p.tests[t].cost + p.access.reach(s.state, p.tests[t].want).cost);
    if (rank < least) {
      least = rank;
      index = t;
    }
  }
  return index < 0 ? { kind: 'repair', index: first } : { kind: 'test', index };
}

/** The next move of a school from what is believed now. */
export function schoolMove(b: BeliefState, w: Weighing, school: SchoolId): Move {
  if (school === 'least-cost') {
    const { choice } = best(w.weighed);
    if (choice.kind === 'none') return choice;
    const tested = ({ index, opens }: { index: number; opens?: number }): Move => ({
      kind: 'test',
      test: b.tests[w.rough.tests[index]],
      ...(opens !== undefined && { opens: w.rough.tests[opens] }),
    });
    if (choice.kind === 'test') return tested(w.weighed.tests.find((t) => t.index === choice.index)!);
    const suspect = w.rough.repairs[choice.index];
    const [look] = w.weighed.tests;
    return look && onSymptomsAlone(b) && b.repairCost[suspect] > littleWork(b) ? tested(look) : { kind: 'repair', suspect };
  }
  const choice = schoolChoice(b.problem, b.start, { rank: schoolRank(b, school), tests: b.tests });
  if (!choice) return { kind: 'none' };
  return choice.kind === 'repair' ? { kind: 'repair', suspect: choice.index } : { kind: 'test', test: b.tests[choice.index] };
}

/**
 * What following a school from here is expected to cost in all: its own choices, outcome by outcome and repair by
 * repair, to `depth` moves; from there by the base policy of least cost.
 */
function followed(p: Problem, s: Situation, choose: Chooser, depth: number, reached: number): number {
  const choice = depth === 0 || reached < 0.02 ? null : choose(p, s);
  if (!choice) return new Rollout(p, s, reached).value();
  const then = (next: Situation, chance: number) => followed(p, next, choose, depth - 1, reached * chance);
  return (choice.kind === 'repair' ? repairThen : testThen)(p, s, choice.index, then);
}

/**
 * Expected cost and next move of every school, from the same beliefs and worked out in the same way.
 */
export function compareSchools(b: BeliefState, w: Weighing): { id: SchoolId; expected: number; move: Move }[] {
  const { problem, situation, tests } = w.rough;
  const own = tests.map((i) => b.tests[i]);
  const costs = (choose: Chooser) => followed(problem, situation, choose, 5, 1);
  return schoolIds.map((id) => {
    const move = schoolMove(b, w, id);
    if (id === 'least-cost') return { id, move, expected: best(w.weighed).value };
    const rank = schoolRank(b, id);
    return { id, move, expected: costs((p, s) => schoolChoice(p, s, { rank, tests: own })) };
  });
}
