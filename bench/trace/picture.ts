import { faultById, nameless, type Knowledge } from '../../src/core/knowledge';
import { reduceProblem, type ReducedProblem, type Problem, type TestAct } from '../../src/core/trace/decide';
import { caseAfter, follow, inPicture, BikeKind, leastCost, type Policy, type BeliefNode } from '../../src/core/trace/simulate';
import type { Figures } from '../figures';
import { auditOf, type Audit } from './audit';
import { cap, drawBikes, BeliefNodes } from './family';
import { scenarios } from './scenarios';
import { ratioOf } from './summary';

const tests = (p: Problem, change: (t: TestAct, i: number) => TestAct): Partial<Problem> => ({ tests: p.tests.map(change) });

/** A picture in which something is left out that the choice knows of. */
function lacking(name: string, change: (p: Problem, node: BeliefNode, rough: ReducedProblem) => Partial<Problem>): Policy {
  return inPicture(name, (node) => {
    const { rough } = node.look;
    return { ...rough, problem: { ...rough.problem, ...change(rough.problem, node, rough) } };
  });
}

/** The choice worked out on fewer hypotheses or tests. */
const smaller = (name: string, limits: { hypotheses: number; tests: number }): Policy =>
  inPicture(name, ({ beliefs, situation, look }) => reduceProblem(beliefs.problem, situation, look.bits, limits));

const free = (access: Problem['access']): Problem['access'] =>
  Object.create(access, {
    reach: { value: (state: number, want: number) => ({ ...access.reach(state, want), cost: 0 }) },
  }) as Problem['access'];

/** Hypotheses that name a cause without a name weigh nothing. */
function named(node: BeliefNode, { problem, situation, ...rest }: ReducedProblem): ReducedProblem {
  const { suspects } = node.beliefs.model;
  const has = (i: number) => nameless(faultById(node.knowledge, suspects[rest.repairs[i]].key.split('#')[0])!);
  const weights = situation.weights.map((w, h) => (problem.faults[h].some(has) ? 0 : w));
  const total = weights.reduce((a, b) => a + b, 0);
  // Where nothing else is left, it is thought of all the same.
  if (total < 1e-9) return { problem, situation, ...rest };
  return { problem, situation: { ...situation, weights: weights.map((w) => w / total) }, ...rest };
}

const pictures: readonly Policy[] = [
  lacking('several faults at once', (p) => ({ faults: p.faults.map((f) => f.slice(0, 1)) })),
  lacking('findings that tests share', (p) => tests(p, (t) => ({ ...t, spends: undefined }))),
  lacking('tests that are shut now', (p) => ({ ...tests(p, ({ locks, ...t }) => ({ ...t, ...(locks && { locks: [[]] }) })) })),
  lacking('faults that a repair leaves', (p) => ({ repairs: p.repairs.map((r) => ({ ...r, residual: 0 })) })),
  lacking('the price of openings', (p) => ({ access: free(p.access) })),
  lacking('the price of risk', (p, node, rough) => tests(p, (t, i) => ({ ...t, cost: t.cost - node.beliefs.tests[rough.tests[i]].risk }))),
  inPicture('causes without a name', (node) => named(node, node.look.rough)),
  smaller('all but 25 hypotheses', { hypotheses: 25, tests: 120 }),
  smaller('all but 24 tests', { hypotheses: 100, tests: 24 }),
];

export interface PictureTask {
  pictured: string;
  bikes: number;
  seed: number;
}

export interface PictureResult {
  /** Cost in all, by picture. */
  costs: Record<string, number[]>;
  audit: Audit[];
}

/** Bikes of one family under least cost in its own picture and in those that lack something. */
export function runPictures(k: Knowledge, { pictured, bikes, seed }: PictureTask): PictureResult {
  const symptoms = k.findings.filter((f) => f.symptom?.family === pictured).map((f) => f.id);
  const nodes = new BeliefNodes(k, symptoms);
  const costs: Record<string, number[]> = {};
  const audit: Audit[] = [];
  scenarios.forEach((scenario, s) => {
    nodes.forget();
    const kinds = [new BikeKind(k, caseAfter({ ...scenario, symptoms: {} }, []))];
    for (const d of drawBikes(kinds, nodes, { seed, symptoms, n: bikes, s })) {
      for (const p of [leastCost, ...pictures]) (costs[p.name] ??= []).push(follow(p, d.node, d.bike(), d.random, { cap }).money);
      audit.push(...auditOf(d.node, d.bike()));
    }
  });
  return { costs, audit };
}

export function pictureFigures(results: readonly PictureResult[]): Figures {
  const figures: Figures = {};
  const all = (name: string) => results.flatMap((r) => r.costs[name] ?? []);
  const own = all('least-cost');
  figures['picture.bikes'] = own.length;
  for (const { name } of pictures) {
    const { ratio, low, high } = ratioOf(all(name), own);
    figures[`picture.without ${name}`] = ratio;
    figures[`picture.without ${name} low`] = low;
    figures[`picture.without ${name} high`] = high;
  }
  const steps = results.flatMap((r) => r.audit);
  const mean = (xs: readonly number[]) => xs.reduce((a, b) => a + b, 0) / xs.length;
  for (const kind of ['test', 'repair'] as const) {
    const off = steps.filter((a) => a.kind === kind).map((a) => a.off);
    const middle = mean(off);
    figures[`audit.${kind}: steps`] = off.length;
    figures[`audit.${kind}: off by`] = middle;
    figures[`audit.${kind}: error`] = 1.96 * Math.sqrt(mean(off.map((x) => (x - middle) ** 2)) / off.length);
  }
  for (const [name, kind] of [
    ['abnormal', 'test'],
    ['cured', 'repair'],
  ] as const) {
    const those = steps.filter((a) => a.kind === kind);
    figures[`audit.${name}: expected`] = mean(those.map((a) => a.expected));
    figures[`audit.${name}: seen`] = mean(those.map((a) => (a.seen ? 1 : 0)));
  }
  return figures;
}
