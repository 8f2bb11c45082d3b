import { best, canTell, coarse, information, weigh, type Coarse, type Situation, type Weighed } from '../decide';
import type { Beliefs, OpenTest } from './beliefs';

/** Beliefs with the choice worked out as far as the look-ahead goes. */
export interface Weighing {
  bits: Float64Array;
  rough: Coarse;
  weighed: Weighed;
  /** The act that lifts what shuts the best of the shut tests, where that is worth more than anything that is open. */
  lift: Lift | null;
}

/** A test that is done to lift what shuts another one; indices into the beliefs' tests. */
export interface Lift {
  index: number;
  opens: number;
  /** Expected cost of everything from here by that way. */
  value: number;
}

/** What every test would tell, and what the acts worth doing are expected to cost. */
export function weighing(b: Beliefs): Weighing {
  const bits = Float64Array.from(b.problem.tests, (t) => (canTell(t) ? information(b.weights, t) : 0));
  const rough = coarse(b.problem, b.start, bits);
  const weighed = weigh(rough.problem, rough.situation);
  return { bits, rough, weighed, lift: liftOf(b, b.start, bits, best(weighed).value) };
}

/** What each test would tell, those that are shut and can be lifted included; the others as `open` has them. */
export function bitsWithShut(b: Beliefs, now: Situation, open: Float64Array): Float64Array {
  return open.map((x, i) => (b.tests[i].gate && canTell(b.problem.tests[i]) ? information(now.weights, b.problem.tests[i]) : x));
}

/** Tests that lift a reason, by the id of the test: those that can be done now, the cheapest first. */
function liftsBy(b: Beliefs, now: Situation): (ids: readonly string[]) => number | null {
  const open = [...b.tests.keys()].filter((i) => !b.tests[i].gate && !now.shut[i]);
  return (ids) => {
    const able = open.filter((i) => ids.includes(b.tests[i].test.id)).sort((x, y) => b.tests[x].cost - b.tests[y].cost || x - y);
    return able[0] ?? null;
  };
}

/** Tests that lift everything which shuts one; null where something of it cannot be lifted by a test that can be done now. */
function waysTo(t: OpenTest, lifting: (ids: readonly string[]) => number | null): number[] | null {
  if (!t.gate?.reasons.length) return null;
  const all = t.gate.reasons.map((r) => lifting(r.tests));
  return all.includes(null) ? null : [...new Set(all as number[])];
}

/**
 * The shut test that would be worth most were it open, against everything that can be done now: if what lifts it and the test
 * together are expected to cost less, lifting comes next. That it is lifted has the chance of a normal result.
 */
export function liftOf(b: Beliefs, now: Situation, bits: Float64Array, least: number): Lift | null {
  const lifting = liftsBy(b, now);
  const ways = new Map<number, number[]>();
  b.tests.forEach((t, i) => {
    const way = bits[i] > 0 && t.gate ? waysTo(t, lifting) : null;
    if (way) ways.set(i, way);
  });
  if (ways.size === 0) return null;
  const shut = Uint8Array.from(now.shut, (s, i) => (ways.has(i) ? 0 : s));
  const rough = coarse(b.problem, { ...now, shut }, bits);
  const weighed = weigh(rough.problem, rough.situation);
  let found: Lift | null = null;
  for (const { index, value } of weighed.tests) {
    const opens = rough.tests[index];
    const way = ways.get(opens);
    if (!way) continue;
    const cost = way.reduce((sum, i) => sum + b.tests[i].cost, 0);
    const normal = way.reduce((p, i) => p * normalChance(b, now.weights, i), 1);
    const all = cost + normal * value + (1 - normal) * weighed.plan.expected;
    if (all < (found?.value ?? least)) {
      const first = [...way].sort((x, y) => b.tests[x].cost - b.tests[y].cost || x - y)[0];
      found = { index: first, opens, value: all };
    }
  }
  return found;
}

/** Chance that a test comes out as it should on a sound engine. */
function normalChance(b: Beliefs, weights: Float64Array, i: number): number {
  const { test, outcomes } = b.tests[i];
  const normal = new Set(test.outcomes.filter((o) => o.normal).map((o) => o.id));
  return outcomes.filter((o) => normal.has(o.id)).reduce((sum, o) => sum + o.likelihood.reduce((s, l, h) => s + l * weights[h], 0), 0);
}
