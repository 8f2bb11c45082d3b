import { expectedMinutes, findingById } from '../../knowledge';
import { afterOutcome } from '../decide';
import { instanceId } from '../model/instance';
import type { BeliefState } from './beliefs';
import { stillToOpen } from './strip';

/** What a suspicion stands or falls with. Money in the shop's currency. */
export interface TheoryView {
  /** What would be so if it were true, and whether it was seen, not seen, or not looked for (null). */
  wants: { says: string; seen: boolean | null }[];
  /** The test that could refute it for the least; null if none that can be done now could. */
  refute: { key: string; name: string; position: string | null; cost: number; chance: number } | null;
  /** Expected to be spent in vain: mending it on today's odds, and testing first. */
  mendNow: number;
  testFirst: number | null;
  /** What must come off to mend it, in order, with the minutes off and on again; nothing for what is off already. */
  reach: { name: string; minutes: number }[];
}

/** A fault alone brings such a finding more often than not. */
const readily = 0.7;
/** An outcome that leaves less than this part of its odds refutes a theory. */
const refuting = 0.25;

/**
 * What would have to be true for one suspect to be the cause, what could refute it, and the price of being wrong.
 * @param b what is believed now
 * @param key a suspect
 * @returns null where there is no such suspect
 */
export function theoryOf(b: BeliefState, key: string): TheoryView | null {
  const { model } = b;
  const index = model.suspects.findIndex((s) => s.key === key);
  if (index < 0) return null;
  const { fault, position } = model.suspects[index];
  const wants = Object.entries(fault.causes).flatMap(([id, s]) => {
    const kind = findingById(model.knowledge, id)!;
    const often = typeof s === 'number' ? s : Object.values(s).reduce((x, y) => x + y, 0);
    if (kind.symptom || often < readily) return [];
    const at = kind.per === 'cylinder' ? position : null;
    const instance = { kind: id, position: at, ...model.epochs.of(id, model.now.epoch || null), conditions: {}, bypasses: [] };
    const weights = model.observed.get(instanceId(instance))?.weights;
    return [{ says: kind.name, seen: weights ? weights[0] < Math.max(...weights) : null }];
  });

  const has = Float64Array.from(b.faults, (f) => (f.includes(index) ? 1 : 0));
  const share = (w: Float64Array) => w.reduce((s, x, h) => s + x * has[h], 0);
  const p = share(b.weights);
  const odds = (x: number) => x / Math.max(1e-9, 1 - x);
  const mend = b.repairCost[index];
  let refute: TheoryView['refute'] = null;
  let least = Infinity;
  for (const t of b.tests) {
    if (t.gate) continue;
    let chance = 0;
    for (const o of t.outcomes) {
      const after = afterOutcome(b.weights, o.likelihood);
      if (after.chance > 0 && odds(share(after.weights)) < refuting * odds(p)) chance += after.chance;
    }
    // What it costs together with what is mended in vain when it does not refute.
    const all = t.cost + Math.max(0, 1 - p - chance) * mend;
    if (chance > 0.02 && all < least) {
      least = all;
      refute = { key: t.key, name: t.test.name, position: t.position, cost: t.cost, chance };
    }
  }
  return {
    wants,
    refute,
    mendNow: (1 - p) * mend,
    testFirst: refute && least,
    reach: stillToOpen(b.strip, fault.remedy.access).map((a) => ({ name: a.name, minutes: Math.round(expectedMinutes(a)) })),
  };
}
