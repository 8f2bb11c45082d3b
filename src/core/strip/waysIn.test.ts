import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shipped } from '../../../test/fixtures/knowledge';
import { accessOf, expectedBreakage, expectedMinutes, routesOf } from '../knowledge';
import { AccessStates } from '../trace/decide/access';
import { opensBeside, waysIn } from '.';

const kinds = [null, ...shipped.archetypes.map((a) => a.id)];
const drawn = fc.constantFrom(...kinds).chain((kind) => {
  const ids = accessOf(shipped, kind).map((a) => a.id);
  return fc.record({
    kind: fc.constant(kind),
    to: fc.constantFrom(...ids),
    off: fc.subarray(ids),
    rate: fc.integer({ min: 10, max: 120 }),
  });
});

describe('ways in', () => {
  it('the first costs what the tracer counts for it, and each can be gone step by step', () => {
    fc.assert(
      fc.property(drawn, ({ kind, to, off, rate }) => {
        const steps = accessOf(shipped, kind);
        const open = new Set(off);
        const ways = waysIn(shipped, kind, to, open, rate);
        const states = new AccessStates(
          steps.map((a) => ({ id: a.id, cost: (expectedMinutes(a) / 60) * rate + expectedBreakage(a), routes: routesOf(a) })),
        );
        const oracle = states.reach(states.state(open), states.want([to])).cost;
        expect(ways[0]?.cost ?? 0).toBeCloseTo(oracle, 6);
        for (const [i, w] of ways.entries()) {
          if (i) expect(w.cost).toBeGreaterThanOrEqual(ways[i - 1].cost - 1e-9);
          const gone = new Set(open);
          for (const s of w.steps) {
            // One of its ways is open by then; what a bike has not got is no obstacle.
            const here = new Set(steps.map((a) => a.id));
            expect(routesOf(s).some((r) => r.every((x) => gone.has(x) || !here.has(x)))).toBe(true);
            expect(gone.has(s.id)).toBe(false);
            gone.add(s.id);
          }
          expect(w.steps.at(-1)?.id).toBe(to);
          expect(w.minutes[0]).toBeLessThanOrEqual(w.minutes[1]);
          expect(w.whole).toBeGreaterThan(0);
          for (const t of opensBeside(shipped, w, open)) expect(t.access!.every((a) => gone.has(a))).toBe(true);
        }
      }),
      { numRuns: 150 },
    );
  });

  it('never get dearer by what is off already', () => {
    fc.assert(
      fc.property(drawn, ({ kind, to, off, rate }) => {
        const bare = waysIn(shipped, kind, to, new Set(), rate)[0]?.cost ?? 0;
        expect(waysIn(shipped, kind, to, new Set(off), rate)[0]?.cost ?? 0).toBeLessThanOrEqual(bare + 1e-9);
      }),
    );
  });
});
