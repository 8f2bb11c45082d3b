import {
  byGainPerCost,
  repairOrder,
  testThenRepair,
  type Choice,
  type Gain,
  type Problem,
  type Situation,
  type testOrRepair,
} from '../decide';

/** A greedy policy takes the test with the highest score per cost; a locked test counts with what lifts it. */
export const greedies = ['information', 'answer'] as const;
export type Greedy = (typeof greedies)[number];
/** When a greedy policy stops testing: where the tracer would, when testing no longer pays, or when one repair is so likely. */
export type StopRule = 'tracer' | 'pays' | number;

/** How much likelier the likeliest repair is expected to be after a test (probability gain: Baron 1985, Nelson 2005). */
function answerGain({ faults, repairs, tests }: Problem, weights: Float64Array, t: number): number {
  const most = (w: Float64Array) => {
    const chance = new Float64Array(repairs.length);
    faults.forEach((f, h) => f.forEach((i) => (chance[i] += w[h])));
    return chance.reduce((a, b) => Math.max(a, b), 0);
  };
  const now = most(weights);
  return tests[t].likelihood.reduce((sum, l) => sum + most(weights.map((w, h) => w * l[h])), 0) - now;
}

/** The greedy act, and what it is done for; null if no test tells anything. */
function greedyTest(p: Problem, s: Situation, by: Greedy): Gain | null {
  const all = byGainPerCost(p, s);
  if (all.length === 0 || by === 'information') return all[0] ?? null;
  const gain = all.map((w) => (answerGain(p, s.weights, w.tells) * w.worth) / w.bits);
  const best = gain.reduce((m, x, i) => (x > gain[m] + 1e-12 ? i : m), 0);
  // Where no single test makes the answer likelier, what tells most comes next.
  return gain[best] > 1e-12 ? all[best] : all[0];
}

/** Whether to test by `stop`, and then the greedy test; `asTracer` says what the tracer would do, test or repair. */
export function greedyChoice(
  p: Problem,
  s: Situation,
  { by, stop, asTracer }: { by: Greedy; stop: StopRule; asTracer: () => ReturnType<typeof testOrRepair> },
): Choice {
  const plan = repairOrder(p, s);
  if (plan.order.length === 0) return { kind: 'none' };
  const likeliest: Choice = { kind: 'repair', index: plan.order[0] };
  if (stop === 'tracer') {
    const own = asTracer();
    if (own.kind === 'repair') return own;
  }
  const test = greedyTest(p, s, by);
  if (!test) return likeliest;
  if (stop === 'pays' && testThenRepair(p, s, test) >= plan.expected) return likeliest;
  if (typeof stop === 'number') {
    const chance = p.faults.reduce((sum, f, h) => (f.includes(likeliest.index) ? sum + s.weights[h] : sum), 0);
    if (chance >= stop) return likeliest;
  }
  return { kind: 'test', index: test.index };
}
