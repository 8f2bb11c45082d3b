import { sameTelling } from './information';
import { unlocked, type Choice, type DecisionProblem, type Situation, type TestAction } from './problem';
import { wayTo } from './gainPerCost';

/** A problem with fewer hypotheses, tests and faults that stands for a larger one, with the larger one's indices. */
export interface ReducedProblem {
  problem: DecisionProblem;
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

/** The heaviest of some weights, heaviest first; of equal ones the first. */
function heaviest(weights: Float64Array, most: number): number[] {
  let at: number[] = [];
  for (let h = 0; h < weights.length; h++) if (weights[h] > 0) at.push(h);
  if (at.length > most) {
    const least = Float64Array.from(at, (h) => weights[h]).sort()[at.length - most];
    const over = at.filter((h) => weights[h] > least);
    at = [...over, ...at.filter((h) => weights[h] === least).slice(0, most - over.length)];
  }
  return at.sort((a, b) => weights[b] - weights[a] || a - b);
}

/** The same whatever the size of the problem. */
export const reducedLimits = { hypotheses: 100, tests: 120 };

/**
 * What the choice is worked out on: the heaviest hypotheses, each of the others' weight given to the heaviest one that
 * names one of its faults, so that no mass is lost; and the tests that tell most, for their cost and at all.
 */
export function reduceProblem(p: DecisionProblem, s: Situation, bits: Float64Array, limits = reducedLimits): ReducedProblem {
  const kept = heaviest(s.weights, limits.hypotheses);
  const weights = kept.map((h) => s.weights[h]);
  const stands = new Int32Array(s.weights.length).fill(-1);
  const place = new Int32Array(p.repairs.length).fill(-1);
  kept.forEach((h, i) => {
    stands[h] = i;
    for (const f of p.faults[h]) if (place[f] < 0) place[f] = i;
  });
  let lost = 0;
  for (let h = 0; h < s.weights.length; h++) {
    if (stands[h] >= 0 || s.weights[h] <= 0) continue;
    let near = Infinity;
    for (const f of p.faults[h]) if (place[f] >= 0 && place[f] < near) near = place[f];
    if (near < Infinity) weights[near] += s.weights[h];
    else lost += s.weights[h];
  }
  const total = weights.reduce((a, b) => a + b, 0);
  const ways = new Map<number, readonly number[]>();
  const own = (t: number) => p.tests[t].cost + p.access.reach(s.state, p.tests[t].want).cost;
  const useful = [...p.tests.keys()].filter((t) => {
    if (s.shut[t] || bits[t] <= 0) return false;
    if (unlocked(p.tests[t], s.lifted)) return true;
    const way = wayTo(p, s, t, own);
    if (way) ways.set(t, way);
    return way !== null;
  });
  const price = (t: number) => (ways.get(t) ?? []).reduce((sum, i) => sum + own(i), own(t));
  const half = Math.ceil(limits.tests / 2);
  const by = (score: (t: number) => number) => {
    const scores = new Map(useful.map((t) => [t, score(t)]));
    return [...useful].sort((a, b) => scores.get(b)! - scores.get(a)! || a - b);
  };
  const telling = [...new Set([...by((t) => bits[t] / (price(t) + 0.2)).slice(0, half), ...by((t) => bits[t]).slice(0, half)])];
  const tests = [...new Set([...telling, ...telling.flatMap((t) => ways.get(t) ?? [])])];
  const repairs = [...new Set(kept.flatMap((h) => p.faults[h]))].sort((a, b) => a - b);
  const short = new Map(repairs.map((f, i) => [f, i]));
  const shortTest = new Map(tests.map((t, i) => [t, i]));
  const shorter = (all: readonly number[]) => all.flatMap((i) => shortTest.get(i) ?? []);
  return {
    tests,
    repairs,
    problem: {
      faults: kept.map((h) => p.faults[h].map((f) => short.get(f)!)),
      access: p.access,
      repairs: repairs.map((f) => p.repairs[f]),
      tests: tests.map((t): TestAction => {
        const { cost, want, likelihood, spends, locks, sound } = p.tests[t];
        const test: TestAction = { cost, want, likelihood: likelihood.map((l) => picked(l, kept)), sound };
        if (spends) test.spends = shorter(spends);
        if (locks && !unlocked(p.tests[t], s.lifted)) test.locks = locks.filter((any) => !any.some((i) => s.lifted?.[i])).map(shorter);
        sameTelling(test, p.tests[t], stands);
        return test;
      }),
    },
    situation: {
      ...s,
      weights: scaled(weights, lost < 1 ? total : 1),
      shut: new Uint8Array(tests.length),
      mended: Uint8Array.from(repairs, (f) => s.mended[f]),
      lifted: undefined,
    },
  };
}

/** A choice made on the smaller problem, by the larger one's indices. */
export const unreduced = ({ tests, repairs }: ReducedProblem, choice: Choice): Choice =>
  choice.kind === 'none' ? choice : { kind: choice.kind, index: (choice.kind === 'test' ? tests : repairs)[choice.index] };
