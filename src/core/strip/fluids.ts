import { applicability, foundBy, type Attribute, type Cleaner, type Facts, type Fluid, type Test } from '../knowledge';
import type { Cleaning, Evidence, FluidRow } from '../state';

/** What the ledger knows of one fluid. */
export interface FluidLine {
  fluid: Fluid;
  rows: FluidRow[];
  /** It was drained and nothing was filled since. */
  out: boolean;
  /** ml that came out last; null where it was not measured. */
  drained: number | null;
  /** ml that are in since it was last drained; null where it was never drained, or something was filled unmeasured. */
  inside: number | null;
  /** Why it is to be changed, since it was last filled: what was seen in it, and grit that was used. */
  owed: string[];
  /** Of these, the grit: nothing else in the record speaks of it. */
  grit: string[];
}

export interface FluidKnowledge {
  fluids: readonly Fluid[];
  cleaners: readonly Cleaner[];
  tests: readonly Test[];
  findings: readonly { id: string; name: string }[];
  attributes: readonly Attribute[];
}

export interface FluidRows {
  fluids: readonly FluidRow[];
  cleanings: readonly Cleaning[];
  evidence: readonly Pick<Evidence, 'testId' | 'outcome' | 'takenAt' | 'withdrawn'>[];
}

const seenIn = (tests: readonly Test[], e: FluidRows['evidence'][number]): string[] => {
  const test = e.withdrawn ? undefined : tests.find((t) => t.id === e.testId);
  const found = test?.outcomes.find((o) => o.id === e.outcome)?.find ?? {};
  return test ? foundBy(test).filter((f) => found[f] !== undefined && found[f] !== 'no') : [];
};

/**
 * The ledger of fluids: what came out, what is in, and what is owed. A fluid is changed where something was seen in it, or grit was used
 * on the engine, since it was last filled.
 *
 * @param k fluids, cleaners, tests and findings
 * @param rows of one job
 * @param facts what is known of the bike
 * @returns the fluids that the bike has, and any that stands in the ledger
 */
export function fluidsOf(k: FluidKnowledge, rows: FluidRows, facts: Facts): FluidLine[] {
  return k.fluids
    .filter((f) => applicability(f.when, facts, k.attributes) > 0.5 || rows.fluids.some((r) => r.fluid === f.id))
    .map((fluid): FluidLine => {
      const own = rows.fluids.filter((r) => r.fluid === fluid.id).sort((a, b) => (a.madeAt < b.madeAt ? -1 : 1));
      const last = own.findLastIndex((r) => r.act === 'drained');
      const since = own.slice(last + 1);
      const filled = since.filter((r) => r.act === 'filled');
      const fresh = own.findLast((r) => r.act === 'filled')?.madeAt ?? '';
      const measured = since.every((r) => r.ml !== null);
      const seen = rows.evidence
        .filter((e) => e.takenAt > fresh)
        .flatMap((e) => seenIn(k.tests, e))
        .filter((f) => fluid.spoiledBy?.includes(f))
        .map((f) => k.findings.find((x) => x.id === f)?.name ?? f);
      const grit = rows.cleanings
        .filter((x) => fluid.grit && x.madeAt > fresh)
        .flatMap((x) => k.cleaners.filter((c) => c.id === x.cleaner && c.kind === 'abrasive').map((c) => `${c.name} was used`));
      return {
        fluid,
        rows: own,
        out: last >= 0 && filled.length === 0,
        drained: last >= 0 ? own[last].ml : null,
        inside: last >= 0 && measured ? since.reduce((sum, r) => sum + (r.ml ?? 0), 0) : null,
        owed: [...new Set([...seen, ...grit])],
        grit: [...new Set(grit)],
      };
    });
}
