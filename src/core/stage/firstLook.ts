import { applicability, cylindersOf, factsOf, type Knowledge, type Test } from '../knowledge';
import type { Case } from '../trace';

/**
 * The first-look tests that apply to this bike, in their order, each once for each place it has.
 * @param k what ships and the workshop's own knowledge
 * @param c the case of the job
 * @returns tests with their place, and whether each is done
 */
export function firstLook(k: Knowledge, c: Case): { test: Test; position: string | null; done: boolean }[] {
  const facts = factsOf(c.bike, c.job, k);
  const tests = k.tests
    .filter((t) => t.firstLook !== undefined && !t.retired)
    .filter((t) => applicability(t.applies, facts, k.attributes) > 0 && applicability(t.lookWhen, facts, k.attributes) > 0)
    .sort((a, b) => a.firstLook! - b.firstLook!);
  return tests.flatMap((test) => {
    const positions = test.per === 'cylinder' ? Array.from({ length: cylindersOf(c.bike, k) ?? 1 }, (_x, i) => String(i + 1)) : [null];
    return positions.map((position) => ({
      test,
      position,
      done: c.evidence.some((e) => !e.withdrawn && e.testId === test.id && e.position === position),
    }));
  });
}
