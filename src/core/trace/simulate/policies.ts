import { type Test, testById } from '../../knowledge';
import { applicability } from '../../knowledge';
import { best, canTell, information, leastBits } from '../decide';
import { schoolChoice, schoolRank, type SchoolId } from '../policy/schools';
import type { Coin } from './coin';
import type { Thread } from './thread';

export type Act = { kind: 'test'; test: Test; position: string | null } | { kind: 'repair'; key: string } | { kind: 'none' };

/** What to do next from where a job stands. `coin` is for a policy that throws one. */
export interface Policy {
  name: string;
  next(thread: Thread, coin: Coin): Act;
  /** True if its choice hangs on the thread alone, so that it is made once for all bikes that come this way. */
  shared: boolean;
}

const actOf = (thread: Thread, choice: { kind: 'test' | 'repair'; index: number } | null): Act => {
  if (!choice) return { kind: 'none' };
  const { beliefs } = thread;
  if (choice.kind === 'repair') return { kind: 'repair', key: beliefs.model.suspects[choice.index].key };
  const { test, position } = beliefs.tests[choice.index];
  return { kind: 'test', test, position };
};

/** The tracer's own: the act of least expected cost. */
export const leastCost: Policy = {
  name: 'least-cost',
  shared: true,
  next: (thread) => {
    const { rough, weighed } = thread.weighing;
    const { choice } = best(weighed);
    if (choice.kind === 'none') return { kind: 'none' };
    return actOf(thread, { kind: choice.kind, index: (choice.kind === 'test' ? rough.tests : rough.repairs)[choice.index] });
  },
};

export const school = (id: SchoolId): Policy => ({
  name: id,
  shared: true,
  next: (thread) => {
    const { beliefs, situation } = thread;
    return actOf(thread, schoolChoice(beliefs.problem, situation, { rank: schoolRank(beliefs, id), tests: beliefs.tests }));
  },
});

/** The most likely part is replaced, and the next, without any test. */
export const likeliest: Policy = {
  name: 'replace-likeliest',
  shared: true,
  next: (thread) => {
    const { beliefs, situation } = thread;
    const chance = new Float64Array(beliefs.repairCost.length);
    beliefs.faults.forEach((f, h) => f.forEach((i) => (chance[i] += situation.weights[h])));
    const index = chance.reduce((m, x, i) => (x > chance[m] ? i : m), 0);
    return chance[index] > 0 ? actOf(thread, { kind: 'repair', index }) : { kind: 'none' };
  },
};

/** Any test that tells something, until one suspect is at seven in ten. */
export const random: Policy = {
  name: 'random',
  shared: false,
  next: (thread, coin) => {
    const { beliefs, situation } = thread;
    const keys = beliefs.tests;
    const rank = new Map(keys.map((t) => [t, coin(`random ${thread.events.length} ${t.key}`)]));
    return actOf(thread, schoolChoice(beliefs.problem, situation, { rank: (t) => rank.get(t)!, tests: keys }));
  },
};

/**
 * Tests in an order fixed beforehand, with the same beliefs, the same rule for when to stop testing and the same repairs
 * as least cost. Tests that cannot tell anything any more are passed over.
 */
export const inOrder = (name: string, order: readonly string[]): Policy => {
  const place = new Map(order.map((id, i) => [id, i]));
  return {
    name,
    shared: true,
    next: (thread) => {
      const { rough, weighed, bits } = thread.weighing;
      const { choice } = best(weighed);
      if (choice.kind === 'none') return { kind: 'none' };
      if (choice.kind === 'repair') return actOf(thread, { kind: 'repair', index: rough.repairs[choice.index] });
      const { beliefs } = thread;
      let index = -1;
      let least = Infinity;
      bits.forEach((b, i) => {
        const at = place.get(beliefs.tests[i].test.id) ?? Infinity;
        if (b > leastBits && at < least) {
          least = at;
          index = i;
        }
      });
      return actOf(thread, { kind: 'test', index: index < 0 ? rough.tests[choice.index] : index });
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
  next: (thread) => {
    const { knowledge: k, events } = thread;
    const { model, faults } = thread.root.beliefs;
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
      const shut = thread.root.beliefs.tests.some((t) => t.test.id === id && t.gate);
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
export function firstOrder(thread: Thread): string[] {
  const { beliefs, situation } = thread;
  const score = new Map<string, number>();
  beliefs.tests.forEach((t, i) => {
    const act = beliefs.problem.tests[i];
    const bits = canTell(act) ? information(situation.weights, act) : 0;
    if (bits > leastBits) score.set(t.test.id, Math.max(score.get(t.test.id) ?? 0, bits / (t.cost + 0.5)));
  });
  return [...score.keys()].sort((a, b) => score.get(b)! - score.get(a)! || (a < b ? -1 : 1));
}
