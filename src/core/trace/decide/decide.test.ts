import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Random } from '../../../../test/chaos/random';
import { followed, optimum, randomModel } from '../../../../test/oracle/optimum';
import { AccessStates, afterRepair, best, reduceProblem, decide, information, repairOrder, testOrRepair, weigh, type Problem } from '.';

const model = (seed: number, kind: 'single' | 'multi', faults: number, tests: number) => {
  const draw = new Random(seed);
  return randomModel(() => draw.next(), kind, { faults, tests });
};

describe('access', () => {
  const states = new AccessStates([
    { id: 'seat', cost: 3, routes: [] },
    { id: 'tank', cost: 10, routes: [['seat']] },
    { id: 'panel', cost: 2, routes: [[]] },
    { id: 'carburettor', cost: 20, routes: [['tank'], ['panel']] },
    { id: 'head', cost: 100, routes: [['tank', 'carburettor']] },
  ]);
  const from = (off: string[], wanted: string[]) => {
    const { cost, next } = states.reach(states.state(off), states.want(wanted));
    return { cost, off: [...states.off(next)].sort() };
  };

  it('pays for what is in the way once, and for nothing that is off', () => {
    expect(from([], ['tank'])).toEqual({ cost: 13, off: ['seat', 'tank'] });
    expect(from(['seat'], ['tank'])).toEqual({ cost: 10, off: ['seat', 'tank'] });
    expect(from(['seat', 'tank'], ['tank'])).toEqual({ cost: 0, off: ['seat', 'tank'] });
    expect(from([], ['tank', 'seat']).cost).toBe(13);
  });

  it('takes the route that costs least from where the bike stands', () => {
    expect(from([], ['carburettor'])).toEqual({ cost: 22, off: ['carburettor', 'panel'] });
    expect(from(['tank'], ['carburettor'])).toEqual({ cost: 20, off: ['carburettor', 'tank'] });
    expect(from([], ['head']).cost).toBe(3 + 10 + 20 + 100);
  });

  it('what is not known on this bike is not in the way, and a ring of steps does not hang', () => {
    expect(from([], ['fairing'])).toEqual({ cost: 0, off: [] });
    const ring = new AccessStates([
      { id: 'a', cost: 1, routes: [['b']] },
      { id: 'b', cost: 2, routes: [['a']] },
    ]);
    expect(ring.reach(ring.state([]), ring.want(['a'])).cost).toBe(3);
  });
});

// Dynamic programming over every order of tests and repairs is the oracle: built beside the core, without a line of it.
describe('the choice against the exact optimum', () => {
  it.each(['single', 'multi'] as const)('is seldom dearer, never cheaper: %s fault', (kind) => {
    const ratios = Array.from({ length: 30 }, (_x, i) => {
      const { problem, start } = model(900 + i, kind, kind === 'single' ? 5 : 4, 5);
      return followed(problem, start, (p, s) => decide(p, s).choice) / optimum(problem, start);
    });
    for (const r of ratios) expect(r).toBeGreaterThan(1 - 1e-9);
    expect(ratios.reduce((a, b) => a + b, 0) / ratios.length).toBeLessThan(1.03);
    expect(Math.max(...ratios)).toBeLessThan(1.2);
  });

  it('whether to test or to repair is known without looking deeper, and is the same', () => {
    const kinds = new Set<string>();
    for (let i = 0; i < 120; i++) {
      const { problem, start } = model(3000 + i, i % 2 ? 'single' : 'multi', 5, 6);
      const { choice } = best(weigh(problem, start));
      kinds.add(choice.kind);
      expect(testOrRepair(problem, start)).toEqual(choice.kind === 'test' ? { kind: 'test' } : choice);
    }
    expect(kinds).toEqual(new Set(['test', 'repair']));
  });

  it('the value it names is under the optimum by no more than what is estimated of rare branches', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1e6 }), (seed) => {
        const { problem, start } = model(seed, 'single', 4, 4);
        expect(decide(problem, start).value).toBeGreaterThanOrEqual(optimum(problem, start) * 0.99);
      }),
      { numRuns: 40 },
    );
  });
});

describe('repairing on', () => {
  it('costs what following its own order costs', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1e6 }), fc.constantFrom('single', 'multi'), (seed, kind) => {
        const { problem, start } = model(seed, kind, 4, 1);
        const { order, expected } = repairOrder(problem, start);
        const next = (_p: Problem, s: typeof start) => ({ kind: 'repair' as const, index: order.find((i) => !s.mended[i])! });
        expect(followed(problem, start, next)).toBeCloseTo(expected, 9);
      }),
      { numRuns: 60 },
    );
  });

  it('opens a cover once for two repairs behind it', () => {
    const access = new AccessStates([{ id: 'cover', cost: 50, routes: [] }]);
    const want = access.want(['cover']);
    const problem: Problem = {
      faults: [[0], [1]],
      tests: [],
      access,
      repairs: [
        { cost: 10, want },
        { cost: 10, want },
      ],
    };
    const start = { weights: Float64Array.of(0.5, 0.5), state: access.state([]), shut: new Uint8Array(), mended: new Uint8Array(2) };
    expect(repairOrder(problem, start).expected).toBe(0.5 * 60 + 0.5 * 70);
    const { uncured, next } = afterRepair(problem, start, 0);
    expect(uncured).toBe(0.5);
    expect(repairOrder(problem, next).expected).toBe(10);
  });
});

describe('the coarse problem', () => {
  it('keeps all the weight, and every test that tells most', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1e6 }), (seed) => {
        const { problem, start } = model(seed, 'multi', 4, 6);
        const bits = Float64Array.from(problem.tests, (t) => information(start.weights, t));
        const rough = reduceProblem(problem, start, bits, { hypotheses: 5, tests: 4 });
        expect(rough.situation.weights.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
        expect(rough.problem.faults.length).toBeLessThanOrEqual(5);
        const most = bits.indexOf(Math.max(...bits));
        if (bits[most] > 0) expect(rough.tests).toContain(most);
        for (const { value } of weigh(rough.problem, rough.situation).tests) expect(value).toBeGreaterThan(0);
      }),
      { numRuns: 60 },
    );
  });
});
