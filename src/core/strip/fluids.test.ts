import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shipped } from '../../../test/fixtures/knowledge';
import type { FluidRow } from '../state';
import { cleanersFor, doseFor, fluidsOf, touch } from '.';

const row = (i: number, act: FluidRow['act'], ml: number | null): FluidRow => ({
  id: `f${i}`,
  jobId: 'job',
  stepId: null,
  fluid: 'engine-oil',
  act,
  ml,
  grade: null,
  note: null,
  madeAt: new Date(Date.UTC(2030, 0, 1, 8, i)).toISOString(),
  versions: {},
});
const ledger = (fluids: FluidRow[]) =>
  fluidsOf(shipped, { fluids, cleanings: [], evidence: [] }, { strokes: 'four' }).find((l) => l.fluid.id === 'engine-oil')!;
const act = fc.constantFrom<FluidRow['act']>('drained', 'left in', 'filled');

describe('the ledger of fluids', () => {
  it('adds up what stayed in and what was filled since it was last drained, in whatever order the lines come', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(act, fc.nat(2000)), { maxLength: 12 }), (list) => {
        const rows = list.map(([a, ml], i) => row(i, a, ml));
        const line = ledger([...rows].reverse());
        const last = rows.findLastIndex((r) => r.act === 'drained');
        const since = rows.slice(last + 1);
        expect(line.inside).toBe(last < 0 ? null : since.reduce((n, r) => n + r.ml!, 0));
        expect(line.drained).toBe(last < 0 ? null : rows[last].ml);
        expect(line.out).toBe(last >= 0 && !since.some((r) => r.act === 'filled'));
      }),
    );
  });

  it('says nothing of a sum that was not measured', () => {
    expect(ledger([row(0, 'drained', null), row(1, 'filled', 800), row(2, 'filled', null)])).toMatchObject({ drained: null, inside: null });
    // What is not measured before it was drained does not matter.
    expect(ledger([row(0, 'filled', null), row(1, 'drained', 1500), row(2, 'filled', 800)]).inside).toBe(800);
  });
});

describe('cleaners', () => {
  const materials = fc.subarray(shipped.materials.map((m) => m.id));
  it('that must not touch something of a part stand at the end, and none is lost', () => {
    fc.assert(
      fc.property(materials, fc.constantFrom('', 'rust', 'gum', 'carbon'), (of, dirt) => {
        const offered = cleanersFor(shipped.cleaners, dirt, of);
        expect(offered).toHaveLength(shipped.cleaners.filter((c) => !dirt || c.for.includes(dirt)).length);
        const rank = { yes: 0, careful: 1, no: 2 };
        for (const [i, o] of offered.entries()) {
          if (i) expect(rank[o.touch]).toBeGreaterThanOrEqual(rank[offered[i - 1].touch]);
          expect(o.touch === 'no').toBe(of.some((m) => touch(o.cleaner, m) === 'no'));
        }
      }),
    );
  });

  it('take so much a litre, and none where they are used as they are', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 200, noNaN: true }), (litres) => {
        for (const c of shipped.cleaners) {
          const dose = doseFor(c, litres);
          if (c.dose) expect(Math.abs(dose!.amount - c.dose.per * litres)).toBeLessThanOrEqual(0.05 + 1e-9);
          else expect(dose).toBeNull();
        }
      }),
    );
    expect(doseFor({ dose: { per: 50, unit: 'g' } }, 0)).toBeNull();
  });
});
