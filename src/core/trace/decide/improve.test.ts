import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Random } from '../../../../test/chaos/random';
import { followed, optimum, randomModel } from '../../../../test/oracle/optimum';
import { AccessStates, afterRepair, byGainPerCost, decide, repairOrder, Rollout, twoMoves, weigh, type Problem, type Situation } from '.';

const model = (seed: number, kind: 'single' | 'multi') => {
  const draw = new Random(seed);
  return randomModel(() => draw.next(), kind, { faults: 5, tests: 5 });
};

const access = new AccessStates([]);
const at = (p: Problem, weights: number[]): Situation => ({
  weights: Float64Array.from(weights),
  state: access.state([]),
  shut: new Uint8Array(p.tests.length),
  mended: new Uint8Array(p.repairs.length),
});
const two = (tests: Problem['tests'], residual = 0): Problem => ({
  faults: [[0], [1]],
  access,
  repairs: [
    { cost: 100, want: 0, residual },
    { cost: 100, want: 0, residual },
  ],
  tests,
});
const nothing = [Float64Array.of(1, 1)];
const everything = [Float64Array.of(1, 0), Float64Array.of(0, 1)];

describe('one step of policy improvement', () => {
  it('is never dearer than its base, and not under the optimum but for what is estimated of rare branches', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1e6 }), fc.constantFrom('single', 'multi'), (seed, kind) => {
        const { problem, start } = model(seed, kind);
        const { value } = decide(problem, start);
        const least = optimum(problem, start);
        const own = new Rollout(problem, start).value();
        // Of 8,000 such models 22 were under 0.99, the least 0.960.
        expect(own).toBeGreaterThanOrEqual(least * 0.95);
        // Acts as good as equal go by what they tell.
        expect(value).toBeLessThanOrEqual(own * 1.01 * 1.015 + 1e-9);
      }),
      { numRuns: 40 },
    );
  });

  it('beats looking two moves ahead, on average, on small models', () => {
    const ratios = Array.from({ length: 40 }, (_x, i) => {
      const { problem, start } = model(500 + i, i % 2 ? 'single' : 'multi');
      const cost = (choose: (p: Problem, s: Situation) => ReturnType<typeof twoMoves>) => followed(problem, start, choose);
      return cost((p, s) => decide(p, s).choice) / cost(twoMoves);
    });
    expect(ratios.reduce((a, b) => a + b, 0) / ratios.length).toBeLessThan(1.005);
  });

  it('gives the same to the last digit, asked again or of a copy', () => {
    const { problem, start } = model(77, 'multi');
    const copy = model(77, 'multi');
    expect(weigh(problem, start)).toEqual(weigh(problem, start));
    expect(weigh(copy.problem, copy.start)).toEqual(weigh(problem, start));
  });
});

describe('a repair that may leave the fault there', () => {
  it('is paid again as often as it was in vain', () => {
    const p: Problem = { faults: [[0]], access, tests: [], repairs: [{ cost: 50, want: 0, residual: 0.1 }] };
    expect(repairOrder(p, at(p, [1])).expected).toBeCloseTo(55, 9);
    const { uncured, next } = afterRepair(p, at(p, [1]), 0);
    expect(uncured).toBeCloseTo(0.1, 12);
    expect([...next.weights]).toEqual([1]);
  });

  it('comes round by its own chance, whatever was put right before it for good', () => {
    const repairs = [0.001, 0.9, 0.001, 0.001].map((residual) => ({ cost: 10, want: 0, residual }));
    const p: Problem = { faults: [[0], [1], [2], [3]], access, tests: [], repairs };
    // In their order; the second again at once, the others after all.
    const paid = [10 + 0.001 * 40, 20 + 0.9 * 10, 30 + 0.001 * 20, 40 + 0.001 * 10];
    const weights = [0.5, 0.3, 0.15, 0.05];
    const expected = weights.reduce((sum, w, i) => sum + w * paid[i], 0);
    expect(repairOrder(p, at(p, weights)).expected).toBeCloseTo(expected, 9);
  });

  it('stays a suspect where another is as likely', () => {
    const p = two([], 0.2);
    const { uncured, next } = afterRepair(p, at(p, [0.5, 0.5]), 0);
    expect(uncured).toBeCloseTo(0.6, 12);
    expect(next.weights[0]).toBeCloseTo(1 / 6, 12);
  });
});

describe('what opens other tests', () => {
  const lifter = { cost: 2, want: 0, likelihood: nothing, sound: [true] };
  const locked = { cost: 3, want: 0, likelihood: everything, locks: [[0]] };

  it('is done for the test that it opens, at the price of both', () => {
    const p = two([lifter, locked]);
    const [first] = byGainPerCost(p, at(p, [0.5, 0.5]));
    expect(first).toMatchObject({ index: 0, tells: 1, first: 2, bits: 1 });
    expect(decide(p, at(p, [0.5, 0.5]))).toEqual({ choice: { kind: 'test', index: 0 }, value: 105 });
    const [test] = weigh(p, at(p, [0.5, 0.5])).tests;
    expect(test.opens).toBe(1);
  });

  it('opens nothing where it comes out unsound', () => {
    const doubtful = { ...lifter, likelihood: [Float64Array.of(0.5, 0.5), Float64Array.of(0.5, 0.5)], sound: [true, false] };
    const p = two([doubtful, locked]);
    // Half of the time the test that tells stays shut and it is repaired on: 100, or 200 if it was the other.
    expect(weigh(p, at(p, [0.5, 0.5])).tests[0].value).toBeCloseTo(2 + 0.5 * 103 + 0.5 * 150, 9);
  });

  it('is of no use once it is shut', () => {
    const p = two([lifter, locked]);
    const s = at(p, [0.5, 0.5]);
    s.shut[0] = 1;
    expect(byGainPerCost(p, s)).toEqual([]);
    expect(decide(p, s).choice.kind).toBe('repair');
  });
});

describe('tests that look for the same', () => {
  it('tell nothing anew once one of them is done', () => {
    const weak = { cost: 1, want: 0, likelihood: [Float64Array.of(0.9, 0.1), Float64Array.of(0.1, 0.9)] };
    const strong = { cost: 5, want: 0, likelihood: everything };
    const value = (first: Problem['tests'][number]) => {
      const p = two([first, strong]);
      return weigh(p, at(p, [0.5, 0.5])).tests.find((t) => t.index === 0)!.value;
    };
    expect(value(weak)).toBeCloseTo(1 + 105, 9);
    expect(value({ ...weak, spends: [1] })).toBeCloseTo(1 + 110, 9);
  });
});
