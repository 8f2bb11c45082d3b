import { applicability, findingById, type FindingKind } from '../../knowledge';
import type { Model } from '../model/build';
import { faultProbabilities } from '../model/probabilities';
import type { Posterior } from '../network';

/** A complaint that nobody asked for yet and that would part the suspects. */
export interface SymptomAsk {
  id: string;
  name: string;
}

/**
 * Symptoms worth asking the owner for, the most telling first: those that some of the suspects bring readily and others do not
 * (spread of the chance that each brings it, by today's odds). Asking costs nothing.
 *
 * @param model the case as a network
 * @param posterior what is believed of it now
 * @param most how many to give at most
 */
export function symptomsToAsk(model: Model, posterior: Posterior, most = 3): SymptomAsk[] {
  const asked = new Set(model.case.complaints.flatMap((c) => Object.keys(c.symptoms)));
  if (asked.size === 0) return [];
  const p = faultProbabilities(model, posterior);
  const suspects = model.suspects.map((s) => ({ s, p: p.get(s.key) ?? 0 })).filter((x) => x.p > 0.01);
  const all = suspects.reduce((sum, x) => sum + x.p, 0);
  const strength = (causes: Record<string, unknown>, id: string) => (typeof causes[id] === 'number' ? causes[id] : 0);
  const spread = (kind: FindingKind) => {
    const mean = suspects.reduce((m, x) => m + (x.p / all) * strength(x.s.fault.causes, kind.id), 0);
    return suspects.reduce((v, x) => v + (x.p / all) * (strength(x.s.fault.causes, kind.id) - mean) ** 2, 0);
  };
  const { knowledge: k } = model;
  // What only faults bring that this bike cannot have is not asked for.
  const brought = new Set(
    model.suspects.filter((s) => applicability(s.fault.applies, model.facts, k.attributes) > 0).flatMap((s) => Object.keys(s.fault.causes)),
  );
  return k.findings
    .filter((f) => f.symptom && !f.retired && !asked.has(f.id) && brought.has(f.id))
    .map((kind) => ({ kind, worth: spread(kind) }))
    .filter((x) => x.worth > 0.01)
    .sort((a, b) => b.worth - a.worth || (a.kind.id < b.kind.id ? -1 : 1))
    .slice(0, most)
    .map(({ kind }) => ({ id: kind.id, name: findingById(k, kind.id)!.name }));
}
