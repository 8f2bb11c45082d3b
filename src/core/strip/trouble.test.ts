import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { id, uid } from '../../../test/fixtures/commands';
import { shipped } from '../../../test/fixtures/knowledge';
import { after, run } from '../../../test/fixtures/state';
import { effectOf, makeCommand } from '../command';
import { fastenerStates, list, type State, type TableName } from '../state';
import type { FastenerWay } from '../knowledge';
import { closedOver } from '../handover/sections';
import { accountOf, ladderFor, troubleApproaches } from '.';
import { expectedCost, type Rung } from './trouble';

const way = fc.record({
  minutes: fc.integer({ min: 1, max: 90 }),
  works: fc.integer({ min: 5, max: 95 }).map((x) => x / 100),
  parts: fc.integer({ min: 0, max: 40 }),
  wait: fc.option(fc.integer({ min: 1, max: 48 }), { nil: undefined }),
});
const ways = fc
  .array(way, { minLength: 1, maxLength: 6 })
  .map((list): FastenerWay[] => list.map((w, i) => ({ id: `w${i}`, name: `W${i}`, for: ['snapped'], how: 'x', ...w })));

const orders = <T>(of: readonly T[]): T[][] =>
  of.length < 2 ? [[...of]] : of.flatMap((x, i) => orders([...of.slice(0, i), ...of.slice(i + 1)]).map((rest) => [x, ...rest]));

describe('the ladder of ways for a fastener in trouble', () => {
  it('is the cheapest of all orders by expectation', () => {
    fc.assert(
      fc.property(ways, fc.constantFrom(...troubleApproaches), (list, approach) => {
        const ladder = ladderFor(list, 'snapped', [], 35, approach);
        expect(ladder).toHaveLength(list.length);
        const best = Math.min(...orders(ladder).map((o: Rung[]) => expectedCost(o)));
        expect(expectedCost(ladder)).toBeCloseTo(best, 9);
      }),
      { numRuns: 60 },
    );
  });

  it('keeps what must come first first, and ends for every state, whatever was tried', () => {
    const tried = fc.subarray(shipped.fastenerWays.map((w) => ({ way: w.id })));
    fc.assert(
      fc.property(fc.constantFrom(...fastenerStates), tried, fc.constantFrom(...troubleApproaches), (state, failed, approach) => {
        const ladder = ladderFor(shipped.fastenerWays, state, failed, 35, approach).map((r) => r.way);
        for (const [i, w] of ladder.entries()) for (const a of w.after ?? []) expect(ladder.slice(i).map((x) => x.id)).not.toContain(a);
        // What did not help is not offered again, unless it is a soak.
        for (const { way: gone } of failed) expect(ladder.some((w) => w.id === gone && w.wait === undefined)).toBe(false);
        expect(ladder.every((w) => w.for.includes(state))).toBe(true);
      }),
    );
  });

  it('costs the patient nothing to wait, and others something', () => {
    const soak = (approach: (typeof troubleApproaches)[number]) =>
      ladderFor(shipped.fastenerWays, 'corroded', [], 36, approach).find((r) => r.way.id === 'soak')!.cost;
    // 4 minutes at 36 an hour; 24 hours at a sixth of that rate come on top.
    expect(soak('patience')).toBeCloseTo(2.4, 9);
    expect(soak('force')).toBeCloseTo(2.4 + 24 * 6, 9);
  });
});

let n = 8200;
const command = (type: string, kind: TableName, entityId: string, payload: object, base?: Record<string, number>) =>
  makeCommand({ id: uid(n++), type, kind, entityId, madeAt: '2030-02-01T09:00:00.000Z', after: null, payload, base });
const trouble = (state: string, affected: number) =>
  run(after('step.add'), command('fastener.set', 'fastener', id.fastener, { set: { state, affected } }, { state: 0, affected: 0 }));
const attempt = (way: string, result: string) =>
  command('fastener.try', 'fastenerAttempt', uid(n++), { jobId: id.job, fastenerId: id.fastener, way, result, note: null });
const fastener = (s: State) => s.rows.fastener.get(id.fastener)!;

describe('what was tried on a fastener', () => {
  it('frees them one by one; made worse, a corroded one is snapped', () => {
    const two = trouble('corroded', 2);
    const one = run(two, attempt('heat', 'worked'));
    expect(fastener(one)).toMatchObject({ state: 'corroded', affected: 1 });
    expect(fastener(run(one, attempt('heat', 'worked')))).toMatchObject({ state: null, affected: 0 });
    expect(fastener(run(two, attempt('to-and-fro', 'no luck')))).toMatchObject({ state: 'corroded', affected: 2 });
    expect(fastener(run(two, attempt('to-and-fro', 'worse')))).toMatchObject({ state: 'snapped' });
    // Of two that are corroded one snaps: it is a kind of its own from then on, and the other is what it was.
    const snaps = attempt('to-and-fro', 'worse');
    const apart = run(two, { ...snaps, payload: { ...(snaps.payload as object), newId: uid(9700) } });
    const [was, whole] = [fastener(two), fastener(apart)];
    expect(whole).toMatchObject({ state: was.state, count: was.count - 1, affected: was.affected - 1 });
    expect(apart.rows.fastener.get(uid(9700))).toMatchObject({
      stepId: was.stepId,
      size: was.size,
      place: was.place,
      count: 1,
      affected: 1,
      refitted: 0,
      state: 'snapped',
    });
    // The last one that is left needs no kind of its own.
    const last = attempt('to-and-fro', 'worse');
    const both = run(apart, { ...last, payload: { ...(last.payload as object), newId: uid(9701) } });
    expect(fastener(both)).toMatchObject({ state: 'snapped', count: was.count - 1, affected: 1 });
    expect(both.rows.fastener.has(uid(9701))).toBe(false);
    expect(accountOf(list(both, 'step'), list(both, 'fastener')).fastenersOut).toBe(
      accountOf(list(two, 'step'), list(two, 'fastener')).fastenersOut,
    );
  });

  it('is refused where nothing is in trouble', () => {
    const refused = effectOf(after('step.add'), attempt('soak', 'worked'));
    expect(refused.ok || refused.refusal.message).toBe('M6x25 is not in trouble any more.');
  });

  it('keeps a step open while one is snapped, not while one is only corroded', () => {
    const refit = (s: State) =>
      effectOf(s, command('step.refit', 'step', id.step, { jobId: id.job, counts: { [id.fastener]: 4, [id.fastener2]: 2 } }));
    expect(refit(trouble('corroded', 1)).ok).toBe(true);
    const refused = refit(trouble('snapped', 1));
    expect(refused.ok || refused.refusal.message).toBe('Owed before it is closed: M6x25: 1 of 4 fasteners snapped.');
    const word = { jobId: id.job, act: 'turn', reason: 'Three hold it', codes: [`fastener:${id.fastener}`], saidBy: 'Ines' };
    const over = run(trouble('snapped', 1), command('overrule.say', 'overrule', uid(8290), word));
    expect(refit(over).ok).toBe(true);
    expect(closedOver({ state: over, own: <T>(rows: readonly T[]) => rows } as never).lines).toEqual([
      ['M6x25: 1 of 4', 'snapped: Three hold it (Ines)', 'Left cover'],
    ]);
  });
});
