import { toSi } from '../quantity';
import type { Knowledge, Measure, Test } from './types';

/** Parsed files as they stand in knowledge/, in any order. */
export interface KnowledgeFile {
  name: string;
  content: Record<string, unknown>;
}

const lists = ['faults', 'findings', 'tests', 'groups', 'access', 'archetypes', 'families', 'hazards', 'states', 'schools', 'areas', 'attributes', 'quantities', 'checklists'] as const;

function inSi(measure: Measure): Measure {
  const si = (x: number) => toSi(x, measure.unit);
  const { low, high } = measure.limit;
  return {
    ...measure,
    bands: measure.bands.map((b) => ({ outcome: b.outcome, ...(b.below !== undefined && { below: si(b.below) }) })),
    error: { relative: measure.error.relative, absolute: si(measure.error.absolute) },
    limit: { ...(low !== undefined && { low: si(low) }), ...(high !== undefined && { high: si(high) }) },
  };
}

/** One body of knowledge out of several files. Figures with a unit become SI. The hash is the caller's: it names the bytes. */
export function assembleKnowledge(files: readonly KnowledgeFile[], hash: string): Knowledge {
  const all = Object.fromEntries(lists.map((l) => [l, [] as unknown[]]));
  let label = '';
  for (const { content } of files) {
    if (typeof content.label === 'string') label = content.label;
    for (const l of lists) if (Array.isArray(content[l])) all[l].push(...(content[l] as unknown[]));
  }
  const tests = (all.tests as Test[]).map((t) => (t.measure ? { ...t, measure: inSi(t.measure) } : t));
  return { ...(all as unknown as Knowledge), tests, label, hash };
}
