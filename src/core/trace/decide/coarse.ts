import type { Problem, Situation, TestAct } from './problem';

/** A problem with fewer hypotheses, tests and faults that stands for a larger one, with the larger one's indices. */
export interface Coarse {
  problem: Problem;
  situation: Situation;
  tests: number[];
  repairs: number[];
}

function picked(from: Float64Array, at: readonly number[]): Float64Array {
  const out = new Float64Array(at.length);
  for (let i = 0; i < at.length; i++) out[i] = from[at[i]];
  return out;
}

function scaled(x: readonly number[], by: number): Float64Array {
  const out = new Float64Array(x.length);
  for (let i = 0; i < x.length; i++) out[i] = x[i] / by;
  return out;
}

/** The same whatever the size of the problem. */
export const coarseLimits = { hypotheses: 100, tests: 24 };

/**
 * What the look-ahead works on: the heaviest hypotheses, each of the others' weight given to the heaviest one that
 * names one of its faults, so that no mass is lost; and the tests that tell most, for their cost and at all.
 */
export function coarse(p: Problem, s: Situation, bits: Float64Array, limits = coarseLimits): Coarse {
  const order = [...s.weights.keys()].filter((h) => s.weights[h] > 0).sort((a, b) => s.weights[b] - s.weights[a] || a - b);
  const kept = order.slice(0, limits.hypotheses);
  const weights = kept.map((h) => s.weights[h]);
  const place = new Map<number, number>();
  kept.forEach((h, i) => p.faults[h].forEach((f) => place.has(f) || place.set(f, i)));
  let lost = 0;
  for (const h of order.slice(limits.hypotheses)) {
    const near = p.faults[h].map((f) => place.get(f)).filter((i): i is number => i !== undefined);
    if (near.length) weights[Math.min(...near)] += s.weights[h];
    else lost += s.weights[h];
  }
  const total = weights.reduce((a, b) => a + b, 0);
  const price = (t: number) => p.tests[t].cost + p.access.reach(s.state, p.tests[t].want).cost;
  const useful = [...p.tests.keys()].filter((t) => !s.shut[t] && bits[t] > 0);
  const half = Math.ceil(limits.tests / 2);
  const by = (score: (t: number) => number) => {
    const scores = new Map(useful.map((t) => [t, score(t)]));
    return [...useful].sort((a, b) => scores.get(b)! - scores.get(a)! || a - b);
  };
  const tests = [...new Set([...by((t) => bits[t] / (price(t) + 0.2)).slice(0, half), ...by((t) => bits[t]).slice(0, half)])];
  const repairs = [...new Set(kept.flatMap((h) => p.faults[h]))].sort((a, b) => a - b);
  const short = new Map(repairs.map((f, i) => [f, i]));
  return {
    tests,
    repairs,
    problem: {
      faults: kept.map((h) => p.faults[h].map((f) => short.get(f)!)),
      access: p.access,
      repairs: repairs.map((f) => p.repairs[f]),
      tests: tests.map((t): TestAct => ({
        cost: p.tests[t].cost,
        want: p.tests[t].want,
        likelihood: p.tests[t].likelihood.map((l) => picked(l, kept)),
      })),
    },
    situation: {
      ...s,
      weights: scaled(weights, lost < 1 ? total : 1),
      shut: new Uint8Array(tests.length),
      mended: Uint8Array.from(repairs, (f) => s.mended[f]),
    },
  };
}
