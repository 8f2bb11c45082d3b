import type { Fault, Knowledge } from './types';

export interface Survey {
  counts: Record<string, number>;
  /** What is covered, but thinly, in words. */
  weak: string[];
}

const strength = (f: Fault, id: string): number => {
  const s = f.causes[id];
  return s === undefined ? 0 : typeof s === 'number' ? s : Object.values(s).reduce((a, b) => a + b, 0);
};

/** How much there is of everything, and where it is thin: judged by itself, without a bike. */
export function surveyKnowledge(k: Knowledge): Survey {
  const faults = k.faults.filter((f) => !f.retired);
  const shows = new Map(k.tests.map((t) => [t.id, new Set(t.outcomes.flatMap((o) => Object.keys(o.find)))]));
  const nameless = (f: Fault) => f.id.startsWith('other-') || f.id === 'not-in-list';
  const weak: string[] = [];
  for (const f of faults.filter((x) => !nameless(x))) {
    const best = Math.max(0, ...k.tests.map((t) => Math.max(0, ...[...shows.get(t.id)!].map((id) => strength(f, id)))));
    if (best < 0.85) weak.push(`fault ${f.id}: no test shows it more often than ${best.toFixed(2)}`);
    const symptoms = k.findings.filter((x) => x.symptom && strength(f, x.id) > 0);
    if (symptoms.length === 0) weak.push(`fault ${f.id}: brings no complaint by itself`);
  }
  for (const s of k.findings.filter((x) => x.symptom)) {
    const n = faults.filter((f) => !nameless(f) && strength(f, s.id) >= 0.2).length;
    if (n < 3) weak.push(`complaint ${s.id}: only ${n} faults bring it readily`);
  }
  return {
    counts: {
      faults: faults.length,
      tests: k.tests.length,
      outcomes: k.tests.reduce((n, t) => n + t.outcomes.length, 0),
      findings: k.findings.length,
      complaints: k.findings.filter((f) => f.symptom).length,
      families: k.families.length,
      archetypes: k.archetypes.length,
      hazards: k.hazards.length,
    },
    weak,
  };
}
