import { AccessStates } from '../../src/core/trace/decide/access';
import { afterOutcome, afterRepair, type Choice, type DecisionProblem, type Situation } from '../../src/core/trace/decide/problem';

/** What has to be paid under any policy: the repairs of theirs, each at least once. */
function unavoidable(p: DecisionProblem, { weights, mended }: Situation): number {
  let sum = 0;
  for (let h = 0; h < weights.length; h++)
    if (weights[h] > 0) for (const i of p.faults[h]) if (mended[i] === 0) sum += weights[h] * p.repairs[i].cost;
  return sum;
}

/**
 * Least expected cost by dynamic programming over everything that can be done in every order: only for small problems. An act
 * that costs more than the best one so far even if it told everything is not looked into; nothing that could be the best is passed over.
 */
export function optimum(p: DecisionProblem, start: Situation): number {
  const memo = new Map<string, number>();
  const go = (s: Situation, key: string[]): number => {
    const open = s.weights.some((w) => w > 0);
    if (!open) return 0;
    const name = `${[...key].sort().join()}|${s.mended.join('')}|${s.state}`;
    const known = memo.get(name);
    if (known !== undefined) return known;
    let best = Infinity;
    const least = unavoidable(p, s);
    for (let i = 0; i < p.repairs.length; i++) {
      if (s.mended[i]) continue;
      if (!p.faults.some((f, h) => s.weights[h] > 0 && f.includes(i))) continue;
      const { uncured, next } = afterRepair(p, s, i);
      const cost = p.repairs[i].cost + p.access.reach(s.state, p.repairs[i].want).cost;
      if (cost + (uncured > 1e-12 ? uncured * unavoidable(p, next) : 0) >= best) continue;
      best = Math.min(best, cost + (uncured > 1e-12 ? uncured * go(next, key) : 0));
    }
    for (let t = 0; t < p.tests.length; t++) {
      if (s.shut[t]) continue;
      const { cost, next: state } = p.access.reach(s.state, p.tests[t].want);
      let value = p.tests[t].cost + cost;
      // What the outcomes leave to be paid adds up to what there is to be paid now.
      if (value + least >= best) continue;
      let ahead = least;
      const shut = s.shut.slice();
      shut[t] = 1;
      for (let o = 0; o < p.tests[t].likelihood.length && value + ahead < best; o++) {
        const { chance, weights } = afterOutcome(s.weights, p.tests[t].likelihood[o]);
        if (chance <= 1e-12) continue;
        const next = { weights, state, shut, mended: s.mended };
        ahead -= chance * unavoidable(p, next);
        value += chance * go(next, [...key, `${t}:${o}`]);
      }
      // Cut short, it is no better; what is still to come may not be left out of the comparison.
      value += Math.max(0, ahead);
      best = Math.min(best, value);
    }
    memo.set(name, best);
    return best;
  };
  return go(start, []);
}

/** What following a policy from here costs on average, exactly: every outcome of everything it does. */
export function followed(p: DecisionProblem, start: Situation, policy: (p: DecisionProblem, s: Situation) => Choice): number {
  const memo = new Map<string, number>();
  const go = (s: Situation, key: string[]): number => {
    if (!s.weights.some((w) => w > 0)) return 0;
    const name = `${[...key].sort().join()}|${s.mended.join('')}|${s.state}`;
    const known = memo.get(name);
    if (known !== undefined) return known;
    const choice = policy(p, s);
    let value = 0;
    if (choice.kind === 'repair') {
      const { uncured, next } = afterRepair(p, s, choice.index);
      value = p.repairs[choice.index].cost + p.access.reach(s.state, p.repairs[choice.index].want).cost;
      if (uncured > 1e-12) value += uncured * go(next, key);
    } else if (choice.kind === 'test') {
      const t = p.tests[choice.index];
      const { cost, next: state } = p.access.reach(s.state, t.want);
      const shut = s.shut.slice();
      shut[choice.index] = 1;
      value = t.cost + cost;
      t.likelihood.forEach((l, o) => {
        const { chance, weights } = afterOutcome(s.weights, l);
        if (chance > 1e-12) value += chance * go({ weights, state, shut, mended: s.mended }, [...key, `${choice.index}:${o}`]);
      });
    } else throw new Error('the policy gave up');
    memo.set(name, value);
    return value;
  };
  return go(start, []);
}

export interface SmallModel {
  problem: DecisionProblem;
  start: Situation;
}

/** A random small problem: openings that several acts share, costs over two decades, tests of any quality. */
export function randomModel(random: () => number, kind: 'single' | 'multi', most: { faults: number; tests: number }): SmallModel {
  const between = (low: number, high: number) => low + Math.floor(random() * (high - low + 1));
  const logUniform = (low: number, high: number) => low * (high / low) ** random();
  const faults = between(2, most.faults);
  const tests = between(1, most.tests);
  const openings = between(0, 3);
  const access = new AccessStates(
    Array.from({ length: openings }, (_x, i) => ({
      id: `a${i}`,
      cost: logUniform(3, 60),
      routes: i > 0 && random() < 0.4 ? [[`a${i - 1}`]] : [],
    })),
  );
  const want = () => access.want(openings && random() < 0.6 ? [`a${between(0, openings - 1)}`] : []);
  const priors = Array.from({ length: faults }, () => (kind === 'single' ? logUniform(0.02, 1) : logUniform(0.02, 0.4)));
  const sets: number[][] = [];
  if (kind === 'single') for (let i = 0; i < faults; i++) sets.push([i]);
  else for (let m = 1; m < 1 << faults; m++) sets.push([...Array(faults).keys()].filter((i) => m & (1 << i)));
  const weights = Float64Array.from(sets, (f) =>
    kind === 'single' ? priors[f[0]] : priors.reduce((x, q, i) => x * (f.includes(i) ? q : 1 - q), 1),
  );
  const total = weights.reduce((a, b) => a + b, 0);
  const strength = () => (random() < 0.45 ? 0 : random() < 0.5 ? 0.6 + 0.38 * random() : random());
  const problem: DecisionProblem = {
    faults: sets,
    access,
    repairs: Array.from({ length: faults }, () => ({ cost: logUniform(5, 300), want: want() })),
    tests: Array.from({ length: tests }, () => {
      const grades = random() < 0.3 ? 2 : 1;
      const leak = 0.005 + 0.06 * random();
      const q = Array.from({ length: faults }, strength);
      const high = Array.from({ length: faults }, () => (grades === 2 ? random() : 0));
      const none = Float64Array.from(sets, (f) => f.reduce((x, i) => x * (1 - q[i]), 1 - leak));
      const top = Float64Array.from(sets, (f, h) => (1 - none[h]) * Math.max(...f.map((i) => high[i])));
      const some = none.map((x, h) => 1 - x - top[h]);
      return { cost: logUniform(1, 60), want: want(), likelihood: grades === 2 ? [none, some, top] : [none, some] };
    }),
  };
  return {
    problem,
    start: {
      weights: weights.map((w) => w / total),
      state: access.state([]),
      shut: new Uint8Array(tests),
      mended: new Uint8Array(faults),
    },
  };
}
