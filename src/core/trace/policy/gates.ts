import { type EngineState, type Test, findingById, testById } from '../../knowledge';
import type { Evidence } from '../../record';
import type { Model } from '../model/build';

/** Engine states as the evidence has them: "no" holds until a repair or a newer entry says otherwise. */
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

/** Why a test is hidden by the state of the engine, in words; null if nothing hides it. */
export function gateOf(test: Test, states: ReadonlyMap<string, 'yes' | 'no'>, known: readonly EngineState[]): string | null {
  const missing = test.needs?.find((n) => states.get(n) === 'no');
  return missing ? (known.find((s) => s.id === missing)?.hidden ?? `needs: ${missing}`) : null;
}
