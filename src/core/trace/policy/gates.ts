import { actOf, findingById, testById, type EngineState, type Test } from '../../knowledge';
import type { Fitness, FitnessReason } from '../../fitness';
import type { Evidence } from '../../state';
import type { Model } from '../model/build';

/**
 * Engine states as the evidence has them: "no" holds until a repair or a newer entry says otherwise.
 * @param model the model of the case
 * @returns "yes" or "no" by state; what nobody spoke of is not in it
 */
export function engineStates(model: Model): Map<string, 'yes' | 'no'> {
  const { knowledge: k, case: c, now } = model;
  const states = new Map<string, 'yes' | 'no'>();
  const apply = (sets: Record<string, 'yes' | 'no'> | undefined) => Object.entries(sets ?? {}).forEach(([s, v]) => states.set(s, v));
  for (const p of c.complaints) {
    if (p.state !== 'open' || (p.afterRepairId ?? '') !== now.epoch) continue;
    for (const [id, answer] of Object.entries(p.symptoms)) if (answer === 'present') apply(findingById(k, id)?.symptom?.sets);
  }
  const holds = (e: Evidence) => {
    const test = testById(k, e.testId);
    return test !== undefined && model.epochs.holds(test, e.afterRepairId, now.epoch || null);
  };
  const current = c.evidence
    .filter((e) => !e.withdrawn && holds(e))
    .sort((a, b) => (a.takenAt < b.takenAt ? -1 : a.takenAt > b.takenAt ? 1 : a.id < b.id ? -1 : 1));
  for (const e of current) {
    const test = testById(k, e.testId);
    apply(test?.outcomes.find((o) => o.id === e.outcome)?.sets);
    apply(test?.couldNot?.find((o) => `could-not:${o.id}` === e.outcome)?.sets);
  }
  return states;
}

/** Why a test cannot be done now: in words, and where it is the engine's fitness, by what. */
export interface Gate {
  says: string;
  reasons: FitnessReason[];
}

const doing = { turn: 'Not to be turned', crank: 'Not to be cranked', run: 'Not to be run', ride: 'Not to be ridden' } as const;

export interface GateContext {
  states: ReadonlyMap<string, 'yes' | 'no'>;
  fitness: Fitness;
  /** Steps that a test would have off anyway, by what it wants. */
  opened(access: readonly string[] | undefined): ReadonlySet<string>;
  /** Tests that were done, by their key. */
  done: ReadonlySet<string>;
  /** Tests that there was no tool for, by their id. */
  toolless: ReadonlySet<string>;
  knowledge: Model['knowledge'];
}

/** Why a test is hidden by the state of the engine, by its fitness, or by a test that comes first; null if nothing hides it. */
export function gateOf(test: Test, position: string | null, g: GateContext): Gate | null {
  const missing = test.needs?.find((n) => g.states.get(n) === 'no');
  if (missing) return { says: hiddenBy(missing, g.knowledge.states), reasons: [] };
  const act = actOf(test.does, g.knowledge.doings);
  if (act) {
    const off = g.opened(test.access);
    // What the test itself wants off does not shut it.
    // An engine that stood is turned by hand before anything else turns it.
    const unturned = act === 'turn' ? g.fitness.crank.reasons.filter((r) => r.code === 'unseen:turn') : [];
    const reasons = [...g.fitness[act].reasons, ...unturned].filter((r) => !(r.access && off.has(r.access)));
    if (reasons.length) return { says: `${doing[act]}: ${reasons[0].because.replace(/\.$/, '')}. ${reasons[0].lift}.`, reasons };
  }
  if (g.toolless.has(test.id)) return { says: 'No tool for it. Once you have one, withdraw that entry.', reasons: [] };
  const first = test.after?.find((id) => !g.done.has(position ? `${id}#${position}` : id) && !g.done.has(id));
  if (first) return { says: `First: ${testById(g.knowledge, first)?.name ?? first}.`, reasons: [] };
  return null;
}

const hiddenBy = (state: string, known: readonly EngineState[]): string => known.find((s) => s.id === state)?.hidden ?? `needs: ${state}`;
