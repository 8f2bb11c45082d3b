import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shipped } from '../../../test/fixtures/knowledge';
import type { Step } from '../state';
import { graphOf, mostDrawn, planOf, type RefitRows } from '.';

const none: RefitRows = { steps: [], fasteners: [], facts: [], connections: [], pieces: [], overrules: [], parts: [], treated: [] };
const step = (i: number, patch: Partial<Step>): Step => ({
  id: `s${i}`,
  jobId: 'j',
  title: `S${i}`,
  access: null,
  bag: null,
  note: null,
  usual: null,
  before: null,
  madeAt: '2030-01-01T08:00:00.000Z',
  refittedAt: null,
  versions: {},
  ...patch,
});
const drawn = fc
  .array(
    fc.oneof(
      fc.constantFrom(...shipped.strips.flatMap((j) => j.steps.map((s) => ({ usual: `${j.id}/${s.id}`, access: s.access ?? null })))),
      fc.constantFrom(...shipped.access.map((a) => ({ usual: null, access: a.id }))),
      fc.constant({ usual: null, access: null }),
    ),
    { maxLength: 14 },
  )
  .map((list) => list.map((s, i) => step(i, s)));

/** Everything that is reached from a step along the edges. */
function reached(edges: readonly [string, string][], from: string): Set<string> {
  const seen = new Set<string>();
  const open = [from];
  for (let at = open.pop(); at !== undefined; at = open.pop())
    for (const [a, b] of edges)
      if (a === at && !seen.has(b)) {
        seen.add(b);
        open.push(b);
      }
  return seen;
}

describe('the drawing of what hangs on what', () => {
  it('has no circle, says no more than is needed, and ends at the steps that the plan calls ready', () => {
    fc.assert(
      fc.property(drawn, (steps) => {
        const { edges, steps: order } = graphOf(shipped, steps, null);
        const place = new Map(order.map((s, i) => [s.id, i]));
        // Each edge goes forward in the order of the refit, so that there is no circle.
        for (const [a, b] of edges) expect(place.get(a)).toBeLessThan(place.get(b)!);
        // Without any one of them something would be missing.
        for (const e of edges)
          expect(
            reached(
              edges.filter((x) => x !== e),
              e[0],
            ).has(e[1]),
          ).toBe(false);
        const plan = planOf(shipped, { ...none, steps }, null);
        const free = order.filter((s) => !edges.some(([, b]) => b === s.id)).map((s) => s.id);
        expect(free).toEqual(plan.steps.filter((s) => s.ready).map((s) => s.step.id));
        // Whatever the plan names as waited for is in front of it in the drawing.
        for (const p of plan.steps)
          for (const w of p.waitsFor) if (w.kind === 'step') expect(reached(edges, w.id).has(p.step.id)).toBe(true);
      }),
      { numRuns: 80 },
    );
  });

  it('is a chain where nothing is known, and is not drawn where nobody could read it', () => {
    const chain = Array.from({ length: 4 }, (_x, i) => step(i, {}));
    expect(graphOf(shipped, chain, null).edges).toEqual([
      ['s3', 's2'],
      ['s2', 's1'],
      ['s1', 's0'],
    ]);
    const many = Array.from({ length: mostDrawn + 1 }, (_x, i) => step(i, {}));
    expect(graphOf(shipped, many, null)).toMatchObject({ edges: [], steps: { length: mostDrawn + 1 } });
  });
});
