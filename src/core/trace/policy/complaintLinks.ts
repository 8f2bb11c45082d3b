import type { Model } from '../model/build';
import type { CauseSet } from '../network';
import { unresolvedComplaints } from './unresolvedComplaints';

/** Two complaints on one bike: how likely it is that one cause brings something of both. */
export interface ComplaintLink {
  complaints: [string, string];
  chance: number;
}

/** Between these the evidence does not say whether two complaints belong together. */
export const apart = 0.2;
export const joined = 0.6;

/**
 * For every two open complaints the chance that one mode of one group brings a symptom of each. Symptoms that both name
 * are counted for the older one, or two ways of telling the same thing would count as tied.
 */
export function complaintLinks(model: Model, all: readonly CauseSet[]): ComplaintLink[] {
  const seen = new Set<string>();
  const about = unresolvedComplaints(model).map((c) => {
    const own = Object.keys(c.symptoms).filter((id) => c.symptoms[id] === 'present' && !seen.has(id));
    own.forEach((id) => seen.add(id));
    const findings = new Set<number>();
    model.network.findings.forEach((f, i) => {
      if (own.includes(f.id.split('#')[0])) findings.add(i);
    });
    return { id: c.id, findings };
  });
  const withAny = about.filter((c) => c.findings.size > 0);
  return withAny.flatMap((a, i) =>
    withAny.slice(i + 1).map((b) => {
      let chance = 0;
      for (const e of all)
        if (e.raised.some((r) => r.some((f) => a.findings.has(f)) && r.some((f) => b.findings.has(f)))) chance += e.probability + e.more;
      return { complaints: [a.id, b.id], chance: Math.min(1, chance) };
    }),
  );
}
