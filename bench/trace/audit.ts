import { afterRepair, best, type Choice } from '../../src/core/trace/decide';
import type { SimulatedBike, BeliefNode } from '../../src/core/trace/simulate';

/** One step along a bike, by what was expected before it. Where the picture holds, `off` is nought on average. */
export interface Audit {
  kind: 'test' | 'repair';
  /** What was paid and is then expected, less what was expected before. Money. */
  off: number;
  /** Chance of an abnormal answer, or that the repair cures; and whether it was so. */
  expected: number;
  seen: boolean;
}

const longest = 70;

const valueAt = (node: BeliefNode): { value: number; choice: Choice } => best(node.weighed);

/** Follows the least expected cost on a bike, and holds what was expected at each step against what came. */
export function auditOf(start: BeliefNode, bike: SimulatedBike): Audit[] {
  const complained = Object.keys(start.setting.symptoms).filter((s) => start.setting.symptoms[s] === 'present');
  const all: Audit[] = [];
  let node = start;
  for (let step = 0; step < longest; step++) {
    const { value, choice } = valueAt(node);
    if (choice.kind === 'none') break;
    const { problem, situation, tests, repairs } = node.look.rough;
    const act = choice.kind === 'test' ? problem.tests[choice.index] : problem.repairs[choice.index];
    const cost = act.cost + problem.access.reach(situation.state, act.want).cost;
    if (choice.kind === 'test') {
      const { test, position, outcomes } = node.beliefs.tests[tests[choice.index]];
      const normal = (id: string) => test.outcomes.find((o) => o.id === id)?.normal === true;
      const { weights } = node.situation;
      const expected = outcomes.reduce((sum, o) => (normal(o.id) ? sum : sum + weights.reduce((x, w, h) => x + w * o.likelihood[h], 0)), 0);
      const outcome = bike.answer(test, position);
      node = node.after({ kind: 'test', testId: test.id, position, outcome });
      all.push({ kind: 'test', off: cost + valueAt(node).value - value, expected, seen: !normal(outcome) });
      continue;
    }
    const expected = 1 - afterRepair(problem, situation, choice.index).uncured;
    const { key } = node.beliefs.model.suspects[repairs[choice.index]];
    bike.repair(key);
    const left = complained.filter((s) => bike.shows(s));
    if (left.length === 0) {
      all.push({ kind: 'repair', off: cost - value, expected, seen: true });
      break;
    }
    node = node.after({ kind: 'repair', key, left });
    all.push({ kind: 'repair', off: cost + valueAt(node).value - value, expected, seen: false });
  }
  return all;
}
