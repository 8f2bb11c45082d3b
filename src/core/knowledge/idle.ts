import type { Knowledge } from './types';

/** Entries that nothing leads to: sound, and of no use yet. */
export function idle(k: Knowledge): string[] {
  const tested = new Set(k.tests.flatMap((t) => t.outcomes.flatMap((o) => Object.keys(o.find))));
  const caused = new Set(k.faults.flatMap((f) => Object.keys(f.causes)));
  const findings = new Map(k.findings.map((f) => [f.id, f]));
  const testOfNothing = ({ kind, outcomes }: Knowledge['tests'][number]) => {
    if (kind === 'ask') return false;
    const ids = outcomes.flatMap((o) => Object.keys(o.find));
    // What only stops something needs no fault behind it.
    return ids.length > 0 && !ids.some((id) => caused.has(id) || findings.get(id)?.stops);
  };
  return [
    // What nobody listed shows in the complaint alone.
    ...k.faults
      .filter((f) => f.id !== 'not-in-list' && !Object.keys(f.causes).some((id) => tested.has(id)))
      .map((f) => `fault ${f.id}: no test can find it`),
    ...k.tests.filter(testOfNothing).map((t) => `test ${t.id}: no fault brings anything that it finds`),
    ...k.findings.filter((f) => f.symptom && !caused.has(f.id)).map((f) => `finding ${f.id}: no fault brings this complaint`),
  ];
}
