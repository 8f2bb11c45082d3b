import type { DecisionProblem, Situation } from './problem';

/** What it takes to do a test from where a job stands, by its index. */
export type Price = (test: number) => number;

/** A test's own cost and all that has to come off for it. */
export function inFull(p: DecisionProblem, s: Situation): Price {
  const { costs } = p.access.from(s.state);
  return (t) => p.tests[t].cost + costs[p.tests[t].want];
}

/** A repair less likely than this is not asked what it has to have off. */
const likely = 0.005;

/**
 * A test's own cost and, of what has to come off for it, what the repairs would not have had off anyway: an engine that will be
 * opened in seven of ten cases costs a look inside only three tenths of the opening.
 */
export function beyondRepairs(p: DecisionProblem, s: Situation): Price {
  const now = p.access.from(s.state);
  const chance = needed(p, s);
  const known = new Float64Array(now.costs.length).fill(-1);
  const opening = (want: number) => {
    const next = now.nexts[want];
    if (next === s.state) return now.costs[want];
    let sum = now.costs[want];
    for (let i = 0; i < chance.length; i++) {
      if (chance[i] <= likely) continue;
      const own = p.repairs[i].want;
      sum += chance[i] * (p.access.reach(next, own).cost - now.costs[own]);
    }
    return Math.max(0, sum);
  };
  return (t) => {
    const { cost, want } = p.tests[t];
    if (known[want] < 0) known[want] = opening(want);
    return cost + known[want];
  };
}

/** By fault: its share of what has to be mended. */
function needed({ faults, repairs }: DecisionProblem, { weights }: Situation): Float64Array {
  const chance = new Float64Array(repairs.length);
  for (let h = 0; h < faults.length; h++) {
    const w = weights[h] / faults[h].length;
    if (w > 0) for (const i of faults[h]) chance[i] += w;
  }
  return chance;
}
