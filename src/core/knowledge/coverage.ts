import { applicability } from './facts';
import type { Fault, Knowledge } from './types';

/** How much there is of one system on one kind of bike. */
export interface Breadth {
  kind: string;
  system: string;
  faults: number;
  tests: number;
  /** Faults that no test here shows in more than four of five bikes. */
  unsettled: string[];
}

export interface Coverage {
  counts: Record<string, number>;
  /** What is covered, but thinly, in words. */
  weak: string[];
  /** By kind of bike and system, in their order. */
  breadth: Breadth[];
}

const strength = (f: Fault, id: string): number => {
  const s = f.causes[id];
  return s === undefined ? 0 : typeof s === 'number' ? s : Object.values(s).reduce((a, b) => a + b, 0);
};

/** A sign that comes in at least this share of bikes settles a fault, where a test looks for it. */
const settles = 0.8;

/** Faults that no test settles on a kind of bike that can have them: they can only be found by trying their repair. */
export const unsettledIn = (k: Knowledge): string[] =>
  breadthOf(k).flatMap((b) => b.unsettled.map((id) => `fault ${id}: no test settles it on ${b.kind}`));

/** What every kind of bike has of every system: only what can apply to it. */
function breadthOf(k: Knowledge): Breadth[] {
  const systems = [...new Set(k.faults.map((f) => f.system))];
  return k.archetypes.flatMap((kind) => {
    const here = (x: { applies?: Fault['applies'] }) => applicability(x.applies, kind.attributes, k.attributes) > 0;
    const tests = k.tests.filter((t) => !t.retired && here(t));
    const sought = new Set(tests.flatMap((t) => t.outcomes.flatMap((o) => Object.keys(o.find))));
    return systems.map((system): Breadth => {
      const faults = k.faults.filter((f) => f.system === system && !f.retired && !nameless(f) && here(f));
      const best = (f: Fault) => Math.max(0, ...Object.keys(f.causes).map((id) => (sought.has(id) ? strength(f, id) : 0)));
      return {
        kind: kind.id,
        system,
        faults: faults.length,
        tests: tests.filter((t) => t.system === system).length,
        unsettled: faults.filter((f) => best(f) < settles).map((f) => f.id),
      };
    });
  });
}

/**
 * Whether a fault stands for everything that has no name of its own.
 * @param fault of which the id is read
 * @returns true for "something else in this area"
 */
export const nameless = ({ id }: Pick<Fault, 'id'>): boolean => id.startsWith('other-') || id === 'not-in-list';

/**
 * How much there is of everything, and where it is thin: judged by itself, without a bike.
 * @param k what ships and the workshop's own knowledge
 * @returns counts, and lists of what is thin
 */
export function coverageOf(k: Knowledge): Coverage {
  const faults = k.faults.filter((f) => !f.retired);
  const shows = new Map(k.tests.map((t) => [t.id, new Set(t.outcomes.flatMap((o) => Object.keys(o.find)))]));
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
    breadth: breadthOf(k),
  };
}
