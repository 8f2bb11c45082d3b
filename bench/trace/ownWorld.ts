import type { Knowledge } from '../../src/core/knowledge';
import {
  bitsOf,
  reduceProblem,
  decide,
  repairOrder,
  repairThen,
  Rollout,
  testOrRepair,
  testThen,
  twoMoves,
  unreduced,
  type Choice,
  type ReducedProblem,
  type Continuation,
  type Problem,
  type Situation,
} from '../../src/core/trace/decide';
import { greedyChoice, BeliefNode } from '../../src/core/trace/simulate';
import type { Figures } from '../figures';
import { scenarios } from './scenarios';

type Choose = (p: Problem, s: Situation) => Choice;

/** Below this chance a branch is valued by the rollout, the same for every policy. */
const cut = 0.02;

/**
 * What a policy is expected to cost in the world that its own problem describes, every outcome followed: no bike is drawn, so there is
 * no chance in it, and what one policy loses against another is lost by the search alone. `leaf` values what is too rare to follow.
 */
function expectedOf(p: Problem, s: Situation, choose: Choose, leaf: (s: Situation) => number, reach = 1): number {
  const plan = repairOrder(p, s);
  if (plan.wasted <= 1e-9) return plan.expected;
  if (reach < cut) return leaf(s);
  const choice = choose(p, s);
  if (choice.kind === 'none') return 0;
  const then: Continuation = (next, chance) => expectedOf(p, next, choose, leaf, reach * chance);
  return (choice.kind === 'repair' ? repairThen : testThen)(p, s, choice.index, then);
}

const greedy: Choose = (p, s) => greedyChoice(p, s, { by: 'information', stop: 'tracer', asTracer: () => testOrRepair(p, s) });

const reduced = (p: Problem, s: Situation): ReducedProblem => reduceProblem(p, s, bitsOf(p.tests, s.weights, s.shut));

/** A choice in the full problem, made on the reduced one of the moment. */
const onReduced =
  (choose: Choose): Choose =>
  (p, s) => {
    const rough = reduced(p, s);
    return unreduced(rough, choose(rough.problem, rough.situation));
  };

const least: Choose = (p, s) => decide(p, s).choice;

export interface OwnWorldTask {
  /** The kinds of bike, by their place among the scenarios, on which a complaint of each family begins. */
  kinds: readonly number[];
}

function beginnings(k: Knowledge, kinds: readonly number[]): BeliefNode[] {
  return k.families.flatMap(({ id }) => {
    const symptoms = k.findings.filter((x) => x.symptom?.family === id).map((x) => x.id);
    return kinds.flatMap((s) => {
      const shown = symptoms[(s * 3) % symptoms.length];
      const told = Object.fromEntries(symptoms.map((x) => [x, x === shown ? ('present' as const) : ('absent' as const)]));
      const node = new BeliefNode(k, { ...scenarios[s], symptoms: told });
      return node.beliefs.faults.length > 0 ? [node] : [];
    });
  });
}

/** The policies in their own world, the reduced list and the full one; and the cost that was named beside the one that comes about. */
export function benchOwnWorld(k: Knowledge, { kinds }: OwnWorldTask): Figures {
  const sums: Record<string, number> = {};
  const add = (name: string, x: number) => (sums[name] = (sums[name] ?? 0) + x);
  for (const node of beginnings(k, kinds)) {
    const { problem, situation } = node.look.rough;
    const onward = (s: Situation) => new Rollout(problem, s).value();
    add('named', decide(problem, situation).value);
    for (const [name, choose] of [['least', least] as const, ['greedy', greedy] as const, ['two moves', twoMoves] as const])
      add(name, expectedOf(problem, situation, choose, onward));
    const full = node.beliefs.problem;
    const onFull = (s: Situation) => {
      const rough = reduced(full, s);
      return new Rollout(rough.problem, rough.situation).value();
    };
    add('full least', expectedOf(full, node.situation, onReduced(least), onFull));
  }
  return {
    'own world.least of greedy': sums.least / sums.greedy,
    'own world.least of two moves': sums.least / sums['two moves'],
    'own world.full of reduced': sums['full least'] / sums.least,
    'own world.named of expected': sums.named / sums.least,
  };
}
