import { type Test, testById } from '../../knowledge';
import { applicability } from '../../knowledge';
import { best, canTell, decide, information, leastBits, twoMoves, unlocked, unreduced, type Choice, type ReducedProblem } from '../decide';
import type { BeliefState } from '../policy/beliefs';
import { schoolChoice, schoolMove, schoolRank, type SchoolId } from '../policy/schools';
import type { SeededRandom } from './seededRandom';
import { greedyChoice, type Greedy, type StopRule } from './greedy';
import type { BeliefNode } from './beliefNode';

export type PolicyAction = { kind: 'test'; test: Test; position: string | null } | { kind: 'repair'; key: string } | { kind: 'none' };

/** What to do next from where a job stands. `random` is for a policy that draws. */
export interface Policy {
  name: string;
  next(node: BeliefNode, random: SeededRandom): PolicyAction;
  /** True if its choice hangs on the node alone, so that it is made once for all bikes that come this way. */
  shared: boolean;
  /** True if what was believed before its first repair is kept with the course. */
  asked?: boolean;
}

const actOf = (node: BeliefNode, choice: { kind: 'test' | 'repair'; index: number } | null): PolicyAction => {
  if (!choice) return { kind: 'none' };
  const { beliefs } = node;
  if (choice.kind === 'repair') return { kind: 'repair', key: beliefs.model.suspects[choice.index].key };
  const { test, position } = beliefs.tests[choice.index];
  return { kind: 'test', test, position };
};

/** A choice in the numbers of a rough problem, by default that of the node. */
function roughly(node: BeliefNode, choice: Choice, rough = node.look.rough): PolicyAction {
  const all = unreduced(rough, choice);
  return all.kind === 'none' ? all : actOf(node, all);
}

/** Least cost, chosen in another picture of the same bike: what its choices cost more is what that picture lacks. */
export const inPicture = (name: string, picture: (node: BeliefNode) => ReducedProblem): Policy => ({
  name,
  shared: true,
  next: (node) => {
    const rough = picture(node);
    return roughly(node, decide(rough.problem, rough.situation).choice, rough);
  },
});

/** What the screen advises on the complaint alone, where a look may come before the repair of least expected cost. */
function advisedFirst(node: BeliefNode): PolicyAction {
  const move = schoolMove(node.beliefs, { ...node.look, weighed: node.weighed }, 'least-cost');
  if (move.kind === 'test') return { kind: 'test', test: move.test.test, position: move.test.position };
  return actOf(node, move.kind === 'repair' ? { kind: 'repair', index: move.suspect } : null);
}

/** The tracer's own: the act of least expected cost. */
export const leastCost: Policy = {
  name: 'least-cost',
  shared: true,
  asked: true,
  next: (node) => (node.events.length === 0 ? advisedFirst(node) : roughly(node, best(node.weighed).choice)),
};

/** The choice by looking two moves ahead and repairing on from there, as the tracer once had it. */
export const twoMovesAhead: Policy = {
  name: 'two-moves',
  shared: true,
  next: (node) => roughly(node, twoMoves(node.look.rough.problem, node.look.rough.situation)),
};

/** The textbook's greedy choice, stopping as the tracer does or by a rule of its own. */
export const greedy = (by: Greedy, stop: StopRule): Policy => ({
  name: `greedy ${by}, ${stop}`,
  shared: true,
  next: (node) => {
    const { problem, situation } = node.look.rough;
    return roughly(node, greedyChoice(problem, situation, { by, stop, asTracer: () => node.stop }));
  },
});

export const school = (id: SchoolId): Policy => ({
  name: id,
  shared: true,
  next: (node) => {
    const { beliefs, situation } = node;
    return actOf(node, schoolChoice(beliefs.problem, situation, { rank: schoolRank(beliefs, id), tests: beliefs.tests }));
  },
});

/** How likely each suspect is to be there and to be mended, by its index. */
function chances({ beliefs, situation }: BeliefNode): Float64Array {
  const chance = new Float64Array(beliefs.repairCost.length);
  beliefs.faults.forEach((f, h) => f.forEach((i) => (chance[i] += situation.weights[h])));
  return chance;
}

/** The most likely part is replaced, and the next, without any test. */
export const likeliest: Policy = {
  name: 'replace-likeliest',
  shared: true,
  next: (node) => {
    const chance = chances(node);
    const index = chance.reduce((m, x, i) => (x > chance[m] ? i : m), 0);
    return chance[index] > 0 ? actOf(node, { kind: 'repair', index }) : { kind: 'none' };
  },
};

/** How likely it is that one of the three likeliest suspects is to be mended. */
function oneOfThree(node: BeliefNode): number {
  const { beliefs, situation } = node;
  const chance = chances(node);
  const three = new Set([...chance.keys()].sort((a, b) => chance[b] - chance[a] || a - b).slice(0, 3));
  return beliefs.faults.reduce((sum, f, h) => (f.some((i) => three.has(i)) ? sum + situation.weights[h] : sum), 0);
}

/** So sure that the cause is one of the first three, before anything is repaired. */
const sure = 0.95;

/**
 * Least cost, but nothing is repaired for the first time before the cause is one of three suspects with 95 %, as long as a
 * test can tell anything: what it costs more is the price of that certainty.
 */
export const sureFirst: Policy = {
  name: 'sure-first',
  shared: true,
  asked: true,
  next: (node, random) => {
    const act = leastCost.next(node, random);
    if (act.kind !== 'repair' || node.events.some((e) => e.kind === 'repair')) return act;
    const [test] = node.weighed.tests;
    if (!test || oneOfThree(node) >= sure) return act;
    return actOf(node, { kind: 'test', index: node.look.rough.tests[test.index] });
  },
};

/** Any test that tells something, until one suspect is at seven in ten. */
export const random: Policy = {
  name: 'random',
  shared: false,
  next: (node, random) => {
    const { beliefs, situation } = node;
    const keys = beliefs.tests;
    const rank = new Map(keys.map((t) => [t, random(`random ${node.events.length} ${t.key}`)]));
    return actOf(node, schoolChoice(beliefs.problem, situation, { rank: (t) => rank.get(t)!, tests: keys }));
  },
};

/**
 * Tests in an order fixed beforehand, with the same beliefs, the same rule for when to stop testing and the same repairs
 * as least cost. Tests that cannot tell anything any more are passed over.
 */
export const inOrder = (name: string, order: readonly string[]): Policy => {
  const place = new Map(order.map((id, i) => [id, i]));
  // By the tests of a belief: their places in the order.
  const places = new WeakMap<BeliefState['tests'], Float64Array>();
  const placesOf = (tests: BeliefState['tests']) => {
    let all = places.get(tests);
    if (!all) places.set(tests, (all = Float64Array.from(tests, (t) => place.get(t.test.id) ?? Infinity)));
    return all;
  };
  return {
    name,
    shared: true,
    next: (node, random) => {
      const { stop } = node;
      const { rough, bits } = node.look;
      if (stop.kind === 'none') return stop;
      if (stop.kind === 'repair') return actOf(node, { kind: 'repair', index: rough.repairs[stop.index] });
      const at = placesOf(node.beliefs.tests);
      let index = -1;
      const { problem } = node.beliefs;
      const { lifted } = node.situation;
      for (let i = 0; i < bits.length; i++)
        if (bits[i] > leastBits && unlocked(problem.tests[i], lifted) && at[i] < (index < 0 ? Infinity : at[index])) index = i;
      return index < 0 ? leastCost.next(node, random) : actOf(node, { kind: 'test', index });
    },
  };
};

/**
 * A written checklist, top to bottom: an abnormal result is answered by the usual repair, that of the commonest fault
 * which shows that way; after the last line the commonest faults are repaired one after the other.
 */
export const checklist = (lines: readonly string[]): Policy => ({
  name: 'checklist',
  shared: true,
  next: (node) => {
    const { knowledge: k, events } = node;
    const { model, faults } = node.root.beliefs;
    const done = new Set(events.flatMap((e) => (e.kind === 'repair' ? [e.key] : [])));
    const prior = (key: string) => model.byKey.get(key)!.fault.prior;
    const last = events.at(-1);
    const bearing = [...new Set(faults.flat())].map((i) => model.suspects[i].key);
    if (last?.kind === 'test') {
      const test = testById(k, last.testId)!;
      const outcome = test.outcomes.find((o) => o.id === last.outcome)!;
      if (!outcome.normal) {
        const chance = (key: string) => {
          const s = model.byKey.get(key)!;
          if (s.position !== null && last.position !== null && s.position !== last.position) return 0;
          return Object.entries(outcome.find).reduce((most, [id, grade]) => {
            const link = s.fault.causes[id];
            const p = link === undefined || grade === 'no' ? 0 : typeof link === 'number' ? link : (link[grade] ?? 0);
            return Math.max(most, p * prior(key));
          }, 0);
        };
        const usual = bearing.filter((key) => !done.has(key)).sort((a, b) => chance(b) - chance(a) || (a < b ? -1 : 1))[0];
        if (usual !== undefined && chance(usual) > 0) return { kind: 'repair', key: usual };
      }
    }
    const tried = new Set(events.flatMap((e) => (e.kind === 'test' ? [`${e.testId}#${e.position ?? ''}`] : [])));
    for (const id of lines) {
      const test = testById(k, id)!;
      if (applicability(test.applies, model.facts, k.attributes) === 0) continue;
      const shut = node.root.beliefs.tests.some((t) => t.test.id === id && t.gate);
      if (shut) continue;
      for (const position of test.per === 'cylinder' ? model.positions : [null])
        if (!tried.has(`${id}#${position ?? ''}`)) return { kind: 'test', test, position };
    }
    const rest = bearing.filter((key) => !done.has(key)).sort((a, b) => prior(b) - prior(a) || (a < b ? -1 : 1));
    // Everything was tried once: from the top.
    const again = rest[0] ?? bearing.sort((a, b) => prior(b) - prior(a))[events.length % Math.max(1, bearing.length)];
    return again === undefined ? { kind: 'none' } : { kind: 'repair', key: again };
  },
});

/** Tests by what they tell for their cost at the start: where the search for the best fixed order begins. */
export function firstOrder(node: BeliefNode): string[] {
  const { beliefs, situation } = node;
  const score = new Map<string, number>();
  beliefs.tests.forEach((t, i) => {
    const act = beliefs.problem.tests[i];
    const bits = canTell(act) ? information(situation.weights, act) : 0;
    if (bits > leastBits) score.set(t.test.id, Math.max(score.get(t.test.id) ?? 0, bits / (t.cost + 0.5)));
  });
  return [...score.keys()].sort((a, b) => score.get(b)! - score.get(a)! || (a < b ? -1 : 1));
}
