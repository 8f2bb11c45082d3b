import type { System } from '../../knowledge';
import type { Beliefs, OpenTest } from './beliefs';
import { type RepairPlan, afterOutcome, costOfBit, leastBits, repairPlan, repairWaste, testWaste, toldBy } from './plan';

export const schoolIds = ['least-cost', 'motor-first', 'spark-first', 'cheapest-first', 'last-touched'] as const;
export type SchoolId = (typeof schoolIds)[number];

/** A school other than least cost stops testing when its leading suspect is this likely. */
const convinced = 0.7;

export type Move = { kind: 'test'; test: OpenTest; value: number } | { kind: 'repair'; suspect: number; value: number } | { kind: 'none' };

/** What a caller has worked out already from the same weights. */
export interface Known {
  plan: RepairPlan;
  told: ReadonlyMap<OpenTest, number>;
  waste: ReadonlyMap<OpenTest, number>;
}

const systemOrder: Partial<Record<SchoolId, System[]>> = {
  'motor-first': ['mechanical', 'compression', 'starting', 'spark', 'fuel'],
  'spark-first': ['spark', 'starting', 'fuel', 'compression', 'mechanical'],
};

/**
 * The next move of a school from these weights, among tests not in `done`. `value` is what is expected to be spent in
 * vain from here if this is done next.
 */
export function nextMove(b: Beliefs, weights: Float64Array, school: SchoolId, done: ReadonlySet<string>, known?: Known): Move {
  const plan = known?.plan ?? repairPlan(b, weights);
  if (plan.order.length === 0 || plan.expected === 0) return { kind: 'none' };
  const told = known?.told ?? toldBy(b, weights);
  const perBit = costOfBit(told);
  const useful = b.tests.filter((t) => !t.gate && !done.has(t.key) && told.get(t)! > leastBits);
  if (school === 'least-cost') {
    let best: Move = { kind: 'none' };
    let least = Infinity;
    for (const suspect of plan.order.slice(0, 4)) {
      const value = repairWaste(b, weights, suspect, perBit);
      if (value < least) best = { kind: 'repair', suspect, value: (least = value) };
    }
    for (const test of shortlist(useful, told)) {
      const value = known?.waste.get(test) ?? testWaste(b, weights, test, perBit);
      if (value < least) best = { kind: 'test', test, value: (least = value) };
    }
    return best;
  }
  const first = plan.order[0];
  let p = 0;
  for (let h = 0; h < weights.length; h++) if (b.faults[h].includes(first)) p += weights[h];
  if (p >= convinced || useful.length === 0) return { kind: 'repair', suspect: first, value: repairWaste(b, weights, first, perBit) };
  const rank = (t: OpenTest): number => {
    const systems = systemOrder[school];
    if (systems) return systems.indexOf(t.test.system) * 1000 + t.cost;
    if (school === 'last-touched') return (touches(b, t) ? 0 : 1e6) + t.cost;
    return t.cost;
  };
  const test = useful.reduce((a, t) => (rank(t) < rank(a) ? t : a));
  return { kind: 'test', test, value: testWaste(b, weights, test, perBit) };
}

/**
 * The tests worth working out in full: those that tell most for their cost, and those that tell most. The others could
 * win only by telling less for more.
 */
function shortlist(tests: OpenTest[], told: ReadonlyMap<OpenTest, number>, most = 8): OpenTest[] {
  if (tests.length <= 2 * most) return tests;
  const by = (score: (t: OpenTest) => number) => [...tests].sort((a, b) => score(b) - score(a)).slice(0, most);
  return [...new Set([...by((t) => told.get(t)! / (t.cost + 1)), ...by((t) => told.get(t)!)])];
}

/** True if the test bears on something in an area that was touched last. */
function touches(b: Beliefs, t: OpenTest): boolean {
  const touched = b.model.case.job.lastTouched ?? [];
  const shows = new Set(t.test.outcomes.flatMap((o) => Object.keys(o.find)));
  return b.model.suspects.some(
    (s) => s.fault.area?.some((a) => touched.includes(a)) && Object.keys(s.fault.causes).some((f) => shows.has(f)),
  );
}

/**
 * What following a school from here is expected to cost in all: its own choices, outcome by outcome and repair by
 * repair, to `depth` moves; from there repairing in the best order.
 */
export function expectedCost(
  b: Beliefs,
  weights: Float64Array,
  school: SchoolId,
  depth = 4,
  done: ReadonlySet<string> = new Set(),
): number {
  const plan = repairPlan(b, weights);
  const move = depth === 0 ? ({ kind: 'none' } as Move) : nextMove(b, weights, school, done);
  if (move.kind === 'none') return plan.expected;
  if (move.kind === 'repair') return plan.expected - plan.wasted + repairOn(b, weights, move.suspect, school, depth, done);
  const after = new Set(done).add(move.test.key);
  let cost = move.test.cost;
  for (const o of move.test.outcomes) {
    const { chance, weights: w } = afterOutcome(weights, o.likelihood);
    if (chance > 0.03) cost += chance * expectedCost(b, w, school, depth - 1, after);
    else if (chance > 0) cost += chance * repairPlan(b, w).expected;
  }
  return cost;
}

/** Money spent in vain from a repair on: the repair if it was not needed, and what follows where it does not cure. */
function repairOn(b: Beliefs, weights: Float64Array, suspect: number, school: SchoolId, depth: number, done: ReadonlySet<string>): number {
  const mended: Beliefs = { ...b, faults: b.faults.map((f) => f.filter((i) => i !== suspect)) };
  const left = weights.map((w, h) => (mended.faults[h].length > 0 ? w : 0));
  const uncured = left.reduce((x, y) => x + y, 0);
  let needed = 0;
  for (let h = 0; h < weights.length; h++) if (b.faults[h].includes(suspect)) needed += weights[h];
  const wasted = (1 - needed) * b.repairCost[suspect];
  if (uncured < 0.03)
    return (
      wasted +
      (uncured > 0
        ? uncured *
          repairPlan(
            mended,
            left.map((w) => w / uncured),
          ).wasted
        : 0)
    );
  const rest = left.map((w) => w / uncured);
  const { expected, wasted: plain } = repairPlan(mended, rest);
  return wasted + uncured * (expectedCost(mended, rest, school, depth - 1, done) - (expected - plain));
}

/** Expected cost and next move of every school, from the same beliefs. */
export function compareSchools(b: Beliefs): { id: SchoolId; expected: number; move: Move }[] {
  return schoolIds.map((id) => ({ id, expected: expectedCost(b, b.weights, id), move: nextMove(b, b.weights, id, new Set()) }));
}
