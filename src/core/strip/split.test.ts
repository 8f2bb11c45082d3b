import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { id, uid } from '../../../test/fixtures/commands';
import { shipped } from '../../../test/fixtures/knowledge';
import { after, run } from '../../../test/fixtures/state';
import { effectOf, makeCommand } from '../command';
import { list, type State } from '../state';
import { accountOf, inOrder, planOf } from '.';

let made = 0;
const send = (type: 'step.add' | 'step.split' | 'step.join', entity: string, payload: object) =>
  makeCommand({
    id: uid(700_000 + ++made),
    type,
    kind: 'step',
    entityId: entity,
    madeAt: new Date(Date.UTC(2031, 0, 1, 8, made)).toISOString(),
    after: null,
    payload: { jobId: id.job, ...payload },
  });

const steps = (s: State) => list(s, 'step').filter((x) => x.jobId === id.job);
const account = (s: State) => accountOf(steps(s), list(s, 'fastener'));
const names = (s: State) => inOrder(steps(s)).map((x) => x.title);
const plan = (s: State) =>
  planOf(
    shipped,
    { steps: steps(s), fasteners: list(s, 'fastener'), facts: [], connections: [], pieces: [], overrules: [], parts: [], treated: [] },
    null,
  );

/** A strip of some steps with two kinds of fasteners each. */
function strip(counts: readonly number[]): State {
  return counts.reduce((s, n, i) => {
    const fasteners = [n, n + 1].map((count, j) => ({ id: uid(600_000 + i * 2 + j), size: `M${6 + j}`, count, place: null }));
    return run(s, send('step.add', uid(500_000 + i), { title: `S${i}`, access: null, bag: null, note: null, fasteners }));
  }, after('bike.bookIn'));
}
const stepId = (i: number) => uid(500_000 + i);

describe('a step split and joined', () => {
  const counts = fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 2, maxLength: 6 });

  it('loses no fastener and no step, wherever it is cut and whatever it is joined with', () => {
    fc.assert(
      fc.property(counts, fc.array(fc.tuple(fc.nat(20), fc.nat(20), fc.boolean()), { maxLength: 8 }), (of, acts) => {
        let s = strip(of);
        const fasteners = account(s).fastenersOut;
        for (const [a, b, cuts] of acts) {
          const off = steps(s);
          const [one, two] = [off[a % off.length], off[b % off.length]];
          const own = list(s, 'fastener').filter((f) => f.stepId === one.id);
          const command = cuts
            ? send('step.split', one.id, { newId: uid(800_000 + made), title: 'cut', bag: null, rows: own.slice(0, 1).map((f) => f.id) })
            : send('step.join', one.id, { into: two.id });
          const before = off.length;
          const outcome = effectOf(s, command);
          if (!outcome.ok) {
            expect(!cuts && one.id === two.id).toBe(true);
            continue;
          }
          s = run(s, command);
          expect(steps(s)).toHaveLength(before + (cuts ? 1 : -1));
          expect(account(s).fastenersOut).toBe(fasteners);
          expect(plan(s).steps).toHaveLength(steps(s).length);
          // Nothing hangs on a step that is gone.
          const known = new Set(steps(s).map((x) => x.id));
          expect(list(s, 'fastener').every((f) => known.has(f.stepId))).toBe(true);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('stands in front of the rest that came off after it', () => {
    const s = strip([1, 1, 1]);
    const cut = run(s, send('step.split', stepId(1), { newId: uid(900_001), title: 'Cap', bag: '9', rows: [] }));
    expect(names(cut)).toEqual(['S0', 'Cap', 'S1', 'S2']);
    expect(plan(cut).steps.map((x) => x.step.title)).toEqual(['S2', 'S1', 'Cap', 'S0']);
    const joined = run(cut, send('step.join', uid(900_001), { into: stepId(0) }));
    expect(names(joined)).toEqual(['S0, Cap', 'S1', 'S2']);
    expect(steps(joined)[0].bag).toBe('9');
  });

  it('that gives access to other things, or is back on, stays apart', () => {
    let s = strip([1, 1]);
    const set = (step: string, set: object) =>
      makeCommand({
        id: uid(700_000 + ++made),
        type: 'step.set',
        kind: 'step',
        entityId: step,
        madeAt: '2031-02-01T08:00:00.000Z',
        after: null,
        payload: { set },
        base: Object.fromEntries(Object.keys(set).map((k) => [k, 0])),
      });
    s = run(run(s, set(stepId(0), { access: 'head' })), set(stepId(1), { access: 'sump' }));
    expect(effectOf(s, send('step.join', stepId(0), { into: stepId(1) }))).toMatchObject({
      refusal: { message: expect.stringContaining('give access to different things') as string },
    });
    expect(effectOf(s, send('step.join', stepId(0), { into: stepId(0) })).ok).toBe(false);
    const back = after('step.refit');
    expect(effectOf(back, send('step.split', id.step, { newId: uid(900_002), title: 'x', bag: null, rows: [] }))).toMatchObject({
      refusal: { message: expect.stringContaining('refitted') as string },
    });
  });
});
