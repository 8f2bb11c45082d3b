import { describe, expect, it } from 'vitest';
import { shipped } from '../../../test/fixtures/knowledge';
import type { TreatedPart, Wait } from '../state';
import { runningBeside, worthWhileOpen } from '.';

const facts = { strokes: 'four', ignition: 'points' };

describe('what is worth doing while it is open', () => {
  const accesses = [...new Set(shipped.tests.flatMap((t) => t.access ?? []))];

  it('wants just what the step closes, with nothing else to come off, and was not done', () => {
    let named = 0;
    for (const access of accesses) {
      const off = new Set([access]);
      const tests = worthWhileOpen(shipped, { access }, { off, evidence: [] }, facts);
      named += tests.length;
      for (const [i, t] of tests.entries()) {
        expect(t.access).toEqual([access]);
        if (i > 0) expect(t.minutes).toBeGreaterThanOrEqual(tests[i - 1].minutes);
      }
      const made = tests.map((t) => ({ testId: t.id, withdrawn: null }));
      const after = worthWhileOpen(shipped, { access }, { off, evidence: made }, facts).map((t) => t.id);
      expect(after.filter((id) => tests.some((t) => t.id === id))).toEqual([]);
      // A result that was withdrawn is none.
      const again = made.map((e) => ({ ...e, withdrawn: 'wrong bike' }));
      expect(worthWhileOpen(shipped, { access }, { off, evidence: again }, facts)).toEqual(tests);
    }
    expect(named).toBeGreaterThan(20);
  });

  it('is nothing where the step opens no way, or where more is in the way', () => {
    expect(worthWhileOpen(shipped, { access: null }, { off: new Set(accesses), evidence: [] }, facts)).toEqual([]);
    expect(worthWhileOpen(shipped, { access: accesses[0] }, { off: new Set(), evidence: [] }, facts)).toEqual([]);
  });
});

it('what runs by itself is what soaks, dries or is away, and waits that have not ended', () => {
  const part = (item: string, state: TreatedPart['state'], at: string | null = null) => ({ item, state, at }) as TreatedPart;
  const wait = (what: string, endedAt: string | null) => ({ what, endedAt }) as Wait;
  expect(
    runningBeside({
      treated: [part('Bowl', 'soaking'), part('Barrel', 'away', 'the machinist'), part('Jets', 'washed'), part('Cover', 'ready')],
      waits: [wait('Gasket from Harbour Stores', null), wait('Paint', '2030-01-02T08:00:00.000Z')],
    }),
  ).toEqual(['Bowl: soaking', 'Barrel: away, at the machinist', 'Gasket from Harbour Stores']);
});
