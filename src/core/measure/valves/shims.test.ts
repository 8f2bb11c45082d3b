import fc from 'fast-check';
import highsLoader from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import { Random } from '../../../../test/chaos/random';
import { byInteger, randomEngine } from '../../../../test/oracle/shims';
import { assign, never, shimPlan, shimmedValve, type Stock } from '.';

type Highs = Awaited<ReturnType<typeof highsLoader>>;

describe('the assignment', () => {
  it('is the least of all permutations', () => {
    const all = (n: number): number[][] =>
      n === 0 ? [[]] : all(n - 1).flatMap((p) => Array.from({ length: n }, (_x, i) => [...p.slice(0, i), n - 1, ...p.slice(i)]));
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 5 }).chain((n) =>
          fc.array(fc.array(fc.oneof(fc.integer({ min: 0, max: 50 }), fc.constant(never)), { minLength: n, maxLength: n }), {
            minLength: n,
            maxLength: n,
          }),
        ),
        (cost) => {
          const sum = (p: readonly number[]) => p.reduce((s, c, r) => s + cost[r][c], 0);
          const least = Math.min(...all(cost.length).map(sum));
          const found = assign(cost);
          if (least === Infinity) expect(found).toBeNull();
          else {
            expect(new Set(found).size).toBe(cost.length);
            expect(sum(found!)).toBe(least);
          }
        },
      ),
      { numRuns: 300 },
    );
  });

  it('takes more columns than rows, and says where there are too few', () => {
    expect(assign([[5, 1, 9]])).toEqual([1]);
    expect(assign([[1], [1]])).toBeNull();
    expect(assign([])).toEqual([]);
  });
});

describe('shims', () => {
  const band = { lowMm: 0.1, highMm: 0.2 };
  const v = (id: string, clearance: number, shim: number | null) =>
    shimmedValve({ id, clearanceMm: { low: clearance, high: clearance }, shimMm: shim }, band, 'middle');
  const stock: Stock = { atHandUm: [], buyUm: { from: 1200, to: 3500, step: 25 } };
  const plan = (valves: ReturnType<typeof v>[], more: Partial<Stock> = {}, leaveGood = true) =>
    shimPlan(valves, { ...stock, ...more }, { leaveGood });

  it('a tight valve takes the thinner shim that its loose neighbour gives up, and nothing is bought', () => {
    const r = plan([v('in 1', 0.05, 2.6), v('in 2', 0.25, 2.5)]);
    expect(r).toMatchObject({
      ok: true,
      plan: {
        buyUm: [],
        spareUm: [],
        moves: [
          { id: 'in 1', shimUm: 2500, source: { kind: 'from valve', id: 'in 2' }, clearanceUm: { low: 150, high: 150 } },
          { id: 'in 2', shimUm: 2600, source: { kind: 'from valve', id: 'in 1' }, clearanceUm: { low: 150, high: 150 } },
        ],
      },
    });
  });

  it('one tight valve alone: a size has to be bought, and its own is left over', () => {
    const r = plan([v('ex 1', 0.06, 2.6), v('ex 2', 0.15, null)]);
    expect(r).toMatchObject({ ok: true, plan: { buyUm: [2500], spareUm: [2600] } });
  });

  it('one at hand is used before one is bought; a good one is left alone if that is wanted', () => {
    expect(plan([v('ex 1', 0.06, 2.6)], { atHandUm: [2525] })).toMatchObject({
      ok: true,
      plan: { buyUm: [], moves: [{ shimUm: 2525, source: { kind: 'at hand' } }] },
    });
    const two = [v('a', 0.19, 2.5), v('b', 0.11, 2.5)];
    expect(plan(two)).toMatchObject({ ok: true, plan: { moves: [{ source: { kind: 'stays' } }, { source: { kind: 'stays' } }] } });
  });

  it('says what has to be measured first, and where no size will do', () => {
    const wide = shimmedValve({ id: 'w', clearanceMm: { low: 0.05, high: 0.3 }, shimMm: 2 }, band, 'middle');
    const kinds = (r: ReturnType<typeof shimPlan>) => (r.ok ? [] : r.troubles.map((t) => t.kind));
    expect(kinds(plan([v('x', 0.05, null)]))).toEqual(['measure the shim']);
    expect(kinds(plan([wide]))).toEqual(['measure finer']);
    expect(kinds(plan([v('z', 0, 2.4)]))).toEqual(['too tight to measure']);
    expect(kinds(plan([v('q', 0.9, 3.4)]))).toEqual(['no size fits']);
    expect(() => plan([v('x', 0.15, 2)], { buyUm: { from: 1, to: 2, step: 0 } })).toThrow(RangeError);
  });

  it('all of what a feeler gauge leaves open ends inside', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1e6 }), (seed) => {
        const draw = new Random(seed);
        const { valves, stock: s } = randomEngine(() => draw.next(), 8);
        const r = shimPlan(valves, s, { leaveGood: draw.next() < 0.5 });
        if (!r.ok) return;
        for (const m of r.plan.moves) {
          const own = valves.find((x) => x.id === m.id)!;
          expect(m.clearanceUm.low).toBeGreaterThanOrEqual(own.band.lowUm);
          expect(m.clearanceUm.high).toBeLessThanOrEqual(own.band.highUm);
        }
        // No shim is in two places.
        const from = r.plan.moves.flatMap((m) => (m.source.kind === 'from valve' ? [m.source.id] : []));
        expect(new Set(from).size).toBe(from.length);
      }),
    );
  });
});

// Integer programming (HiGHS, a general solver) as the oracle: fewest to buy, then nearest to the aim, then fewest moves.
describe('shims against integer programming', () => {
  let highs: Highs;
  beforeAll(async () => {
    highs = await highsLoader();
  });

  it('the plan is the optimum on engines of up to 16 valves', () => {
    let planned = 0;
    for (let i = 0; i < 120; i++) {
      const draw = new Random(7000 + i);
      const engine = randomEngine(() => draw.next(), [2, 4, 5, 8, 16][i % 5]);
      const leaveGood = i % 3 !== 0;
      const own = shimPlan(engine.valves, engine.stock, { leaveGood });
      const best = byInteger(highs, engine, leaveGood);
      if (!own.ok) {
        expect(best).toBeNull();
        continue;
      }
      planned++;
      const moved = own.plan.moves.filter((m) => m.source.kind !== 'stays').length;
      expect({ buy: own.plan.buyUm.length, away: own.plan.awayUm, moved }).toEqual(best);
    }
    expect(planned).toBeGreaterThan(60);
  });
});
