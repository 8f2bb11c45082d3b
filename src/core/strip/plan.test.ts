import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shipped } from '../../../test/fixtures/knowledge';
import type { Fact, Part, Step } from '../state';
import { planOf, type RefitRows } from '.';

const none: RefitRows = { steps: [], fasteners: [], facts: [], connections: [], pieces: [], overrules: [], parts: [], treated: [] };
const step = (id: string, patch: Partial<Step> = {}): Step => ({
  id,
  jobId: 'j',
  title: id,
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
const unknowing = { strips: [], access: [], archetypes: [] };
const names = (rows: Partial<RefitRows>, k: Parameters<typeof planOf>[0] = shipped) =>
  planOf(k, { ...none, ...rows }, null).steps.map((s) => [s.step.id, s.ready ? 'ready' : s.waitsFor.map((w) => w.words).join(', ')]);

/** Steps of usual jobs and of none, with and without access, in any order: as a mechanic may have gone about it. */
const drawn = fc
  .array(
    fc.oneof(
      fc.constantFrom(...shipped.strips.flatMap((j) => j.steps.map((s) => ({ usual: `${j.id}/${s.id}`, access: s.access ?? null })))),
      fc.constantFrom(...shipped.access.map((a) => ({ usual: null, access: a.id }))),
      fc.constant({ usual: null, access: null }),
    ),
    { maxLength: 12 },
  )
  .map((list) => list.map((s, i) => step(`s${i}`, s)));

/** Refits everything that is ready, again and again; how many rounds it took, and what was left. */
function refitted(k: Parameters<typeof planOf>[0], steps: readonly Step[]): { rounds: number; left: number } {
  let [at, rounds] = [[...steps], 0];
  for (;;) {
    const plan = planOf(k, { ...none, steps: at }, null);
    if (plan.ready === 0) return { rounds, left: plan.steps.length };
    const back = new Set(plan.steps.filter((s) => s.ready).map((s) => s.step.id));
    at = at.map((s) => (back.has(s.id) ? { ...s, refittedAt: '2030-01-02T08:00:00.000Z' } : s));
    rounds++;
  }
}

describe('the refit plan', () => {
  it('is the strip in reverse where nothing more is known', () => {
    expect(names({ steps: [step('a'), step('b'), step('c')] })).toEqual([
      ['c', 'ready'],
      ['b', 'c'],
      ['a', 'b, c'],
    ]);
  });

  it('lets what does not hide each other go on beside each other, within a usual job and between things that come off', () => {
    const head = (id: string) => step(id, { usual: `head/${id}` });
    const steps = [head('exhaust'), head('rocker-cover'), head('marks')];
    expect(names({ steps })).toEqual([
      ['marks', 'ready'],
      ['rocker-cover', 'marks'],
      ['exhaust', 'ready'],
    ]);
    expect(names({ steps }, unknowing)).toEqual([
      ['marks', 'ready'],
      ['rocker-cover', 'marks'],
      ['exhaust', 'rocker-cover, marks'],
    ]);
    const reached = [step('wheel', { access: 'front-wheel' }), step('starter', { access: 'starter' })];
    expect(names({ steps: reached }).map(([, says]) => says)).toEqual(['ready', 'ready']);
    // The seat goes on over the tank (knowledge/bench.yaml).
    const stacked = [step('seat', { access: 'seat' }), step('tank', { access: 'tank' })];
    expect(names({ steps: stacked })).toEqual([
      ['tank', 'ready'],
      ['seat', 'tank'],
    ]);
  });

  it('ends with everything back, whatever came off and in which order', () => {
    fc.assert(fc.property(drawn, (steps) => void expect(refitted(shipped, steps).left).toBe(0)));
  });

  it('never proposes a step over one that the log or the usual job puts in front of it', () => {
    fc.assert(
      fc.property(drawn, (steps) => {
        for (const { step: s, ready } of planOf(shipped, { ...none, steps }, null).steps) {
          const later = steps.slice(steps.indexOf(s) + 1);
          const [job, id] = (s.usual ?? '').split('/');
          const over = later.filter((t) => {
            const [jobT, idT] = (t.usual ?? '').split('/');
            if (!job || jobT !== job) return s.access === null || t.access === null;
            const direct = shipped.strips.find((j) => j.id === job)!.steps.find((x) => x.id === idT)!.after ?? [];
            return direct.includes(id) || idT === id;
          });
          if (over.length) expect(ready).toBe(false);
        }
      }),
    );
  });

  it('never becomes longer by knowing more', () => {
    fc.assert(
      fc.property(drawn, (steps) => {
        expect(refitted(shipped, steps).rounds).toBeLessThanOrEqual(refitted(unknowing, steps).rounds);
      }),
    );
  });

  it('waits for a part that goes back new, until it has come', () => {
    const part = (status: Part['status']): Part =>
      ({ id: 'p', jobId: 'j', name: 'clutch cover gasket', status, quantity: 1, price: '4', versions: {} }) as Part;
    const cover = [step('cover', { usual: 'clutch/cover' })];
    expect(names({ steps: cover, parts: [part('ordered')] })).toEqual([['cover', 'clutch cover gasket']]);
    expect(names({ steps: cover, parts: [part('arrived')] })).toEqual([['cover', 'ready']]);
    expect(names({ steps: [step('cover')], parts: [part('ordered')] })).toEqual([['cover', 'ready']]);
  });

  it('names the checks that are owed before a step is closed, and not those that were made or gone over', () => {
    const check = (id: string, says: string | null = null): Fact =>
      ({ id, jobId: 'j', stepId: 'cover', kind: 'check', about: id, says, madeAt: '', saidAt: null, versions: {} }) as Fact;
    const facts = [check('a'), check('b', 'done'), check('c')];
    const rows = { ...none, steps: [step('cover')], facts, overrules: [{ codes: ['check:c'], endedAt: null }] };
    const [cover] = planOf(shipped, rows, null).steps;
    expect(cover.ready).toBe(true);
    expect(cover.owed).toEqual([{ code: 'check:a', words: 'a' }]);
  });
});
