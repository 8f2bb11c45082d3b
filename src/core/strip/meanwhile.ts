import { applicability, type Facts, type Knowledge, type Test } from '../knowledge';
import type { Evidence, Step, TreatedPart, Wait } from '../state';
import { treatedWords } from './cleaning';

/** A few of each are named. */
const mostNamed = 3;

/**
 * What runs by itself while something else is done: parts that soak or are away, and waits.
 * @param rows of one job
 * @returns each in words, without an end mark
 */
export const runningBeside = ({ treated, waits }: { treated: readonly TreatedPart[]; waits: readonly Wait[] }): string[] => [
  ...treated.filter((t) => t.state === 'soaking' || t.state === 'away' || t.state === 'painted').map(treatedWords),
  ...waits.filter((w) => !w.endedAt).map((w) => w.what),
];

/**
 * Tests that want just what a step closes, and that nobody has made: made now, nothing has to come off for them again.
 * @param k tests and attributes
 * @param step a step that is ready to go back
 * @param rows what is off with it, and what was tested on this job
 * @param facts what is known of the bike
 * @returns the quickest first
 */
export function worthWhileOpen(
  k: Pick<Knowledge, 'tests' | 'attributes'>,
  step: Pick<Step, 'access'>,
  { off, evidence }: { off: ReadonlySet<string>; evidence: readonly Pick<Evidence, 'testId' | 'withdrawn'>[] },
  facts: Facts,
): Test[] {
  if (!step.access) return [];
  const made = new Set(evidence.filter((e) => !e.withdrawn).map((e) => e.testId));
  return k.tests
    .filter((t) => !t.retired && !made.has(t.id) && t.access?.includes(step.access!) && t.access.every((a) => off.has(a)))
    .filter((t) => applicability(t.applies, facts, k.attributes) >= 0.5)
    .sort((a, b) => a.minutes - b.minutes)
    .slice(0, mostNamed);
}
