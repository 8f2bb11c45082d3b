import type { Knowledge } from '../../src/core/knowledge';
import { stripOf } from '../../src/core/trace';
import { best } from '../../src/core/trace/decide';
import { caseAfter, follow, BikeKind, leastCost, unavoidable, type BeliefNode } from '../../src/core/trace/simulate';
import type { Figures } from '../figures';
import { cap, drawBikes, BeliefNodes } from './family';
import { scenarios, share } from './scenarios';
import { ratioOf } from './summary';

export interface NamedTask {
  named: string;
  bikes: number;
  seed: number;
}

/** Of one bike under least cost alone, money. */
export interface NamedResult {
  /** What is said at the start that the whole job will cost. */
  named: number;
  paid: number;
  /** What the right repairs of this bike cost, and what those of its complaint were to be expected to. */
  right: number;
  expected: number;
}

/** What the right repairs cost that are to be expected behind a complaint. Money. */
function rightRepairs(node: BeliefNode): number {
  const { model, faults, weights } = node.beliefs;
  const strip = stripOf(model);
  let sum = 0;
  let all = 0;
  faults.forEach((own, h) => {
    if (weights[h] === 0 || own.length === 0) return;
    const keys = own.map((i) => model.suspects[i].key);
    sum += weights[h] * unavoidable(strip, node, keys);
    all += weights[h];
  });
  return sum / all;
}

export function runNamed(k: Knowledge, { named: family, bikes, seed }: NamedTask): NamedResult[] {
  const symptoms = k.findings.filter((f) => f.symptom?.family === family).map((f) => f.id);
  const nodes = new BeliefNodes(k, symptoms);
  const expected = new Map<BeliefNode, number>();
  const results: NamedResult[] = [];
  scenarios.forEach((scenario, s) => {
    nodes.forget();
    expected.clear();
    const kinds = [new BikeKind(k, caseAfter({ ...scenario, symptoms: {} }, []))];
    for (const d of drawBikes(kinds, nodes, { seed, symptoms, n: share(bikes, s), s })) {
      if (!expected.has(d.node)) expected.set(d.node, rightRepairs(d.node));
      results.push({
        named: best(d.node.weighed).value,
        paid: follow(leastCost, d.node, d.bike(), d.random, { cap }).money,
        right: unavoidable(stripOf(d.node.beliefs.model), d.node, d.faults),
        expected: expected.get(d.node)!,
      });
    }
  });
  return results;
}

/**
 * What was named beside what was paid, by family. What luck there was in the draw of dear and cheap faults is taken out of what
 * was paid, since what their right repairs cost is known of each bike and of each complaint (a control variate).
 */
export function namedFigures(of: readonly { family: string; results: readonly NamedResult[] }[]): Figures {
  const figures: Figures = {};
  const families = [...new Set(of.map((x) => x.family))].sort();
  for (const family of ['all', ...families]) {
    const results = of.flatMap((x) => (family === 'all' || x.family === family ? x.results : []));
    const mean = (pick: (r: NamedResult) => number) => results.reduce((s, r) => s + pick(r), 0) / results.length;
    const paid = (r: NamedResult) => r.paid - r.right + r.expected;
    const { ratio, low, high } = ratioOf(
      results.map((r) => r.named),
      results.map(paid),
    );
    figures[`named ${family}.bikes`] = results.length;
    figures[`named ${family}.named`] = mean((r) => r.named);
    figures[`named ${family}.paid`] = mean((r) => r.paid);
    figures[`named ${family}.right repairs`] = mean((r) => r.right);
    figures[`named ${family}.right repairs expected`] = mean((r) => r.expected);
    figures[`named ${family}.named of paid`] = ratio;
    figures[`named ${family}.named of paid low`] = low;
    figures[`named ${family}.named of paid high`] = high;
  }
  return figures;
}
