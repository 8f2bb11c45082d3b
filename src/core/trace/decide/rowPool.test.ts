import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { AccessStates, canTell, information, leastBits, RowPool, type TestAct } from '.';

const chances = (n: number) => fc.array(fc.double({ min: 0.001, max: 1, noNaN: true }), { minLength: n, maxLength: n });
const normal = (x: readonly number[]) => {
  const sum = x.reduce((a, b) => a + b, 0);
  return Float64Array.from(x, (y) => y / sum);
};

describe('tests that can tell nothing', () => {
  it('tell less than is worth anyone’s while, whatever is believed', () => {
    let passedOver = 0;
    fc.assert(
      fc.property(
        chances(6),
        fc.double({ min: 0.02, max: 0.98, noNaN: true }),
        fc.double({ min: 0, max: 0.08, noNaN: true }),
        chances(6),
        (lean, p, d, w) => {
          const yes = Float64Array.from(lean, (x) => Math.min(1, p + d * x));
          const test: TestAct = { cost: 1, want: 0, likelihood: [yes, yes.map((x) => 1 - x)] };
          if (canTell(test)) return;
          passedOver++;
          expect(information(normal(w), test)).toBeLessThan(leastBits);
          // All of what is believed on the two that differ most.
          const ends = new Float64Array(6);
          ends[yes.indexOf(Math.min(...yes))] = 0.5;
          ends[yes.indexOf(Math.max(...yes))] += 0.5;
          expect(information(ends, test)).toBeLessThan(leastBits);
        },
      ),
      { numRuns: 500 },
    );
    expect(passedOver).toBeGreaterThan(50);
  });

  it('a test that no hypothesis bears on is not even looked at', () => {
    const test: TestAct = {
      cost: 1,
      want: 0,
      bears: false,
      get likelihood(): Float64Array[] {
        throw new Error('looked at');
      },
    };
    expect(canTell(test)).toBe(false);
  });
});

describe('what a test tells', () => {
  it('is the mutual information of outcome and hypothesis, also where few hypotheses differ', () => {
    // Straight from the definition: sum of p(h, o) * log2(p(o | h) / p(o)).
    const defined = (w: Float64Array, l: readonly Float64Array[]) =>
      l.reduce((bits, row) => {
        const p = row.reduce((x, y, h) => x + y * w[h], 0);
        return row.reduce((x, y, h) => (y > 0 && w[h] > 0 ? x + w[h] * y * Math.log2(y / p) : x), bits);
      }, 0);
    const row = fc.constantFrom([0.9, 0.1, 0], [0.2, 0.5, 0.3], [1, 0, 0], [0.9, 0.05, 0.05]);
    fc.assert(
      fc.property(fc.array(row, { minLength: 7, maxLength: 7 }), chances(7), (rows, w) => {
        const likelihood = [0, 1, 2].map((o) => Float64Array.from(rows, (r) => r[o]));
        const weights = normal(w);
        expect(information(weights, { cost: 1, want: 0, likelihood })).toBeCloseTo(defined(weights, likelihood), 10);
      }),
    );
  });
});

describe('rows', () => {
  it('are zeros, of their length, and nobody else’s', () => {
    const rows = new RowPool(3);
    const all = Array.from({ length: 200 }, (_x, i) => rows.next().fill(i + 1));
    expect(all.every((r, i) => r.length === 3 && r.every((x) => x === i + 1))).toBe(true);
    expect([...rows.next()]).toEqual([0, 0, 0]);
  });
});

describe('what everything costs from a state', () => {
  it('is what each costs by itself, also for what is wanted later', () => {
    const states = new AccessStates([
      { id: 'seat', cost: 3, routes: [] },
      { id: 'tank', cost: 8, routes: [['seat']] },
      { id: 'cover', cost: 5, routes: [['tank'], ['seat']] },
    ]);
    const wants = [[], ['tank'], ['cover']].map((w) => states.want(w));
    const agrees = (state: number) =>
      wants.every(
        (w) => states.from(state).costs[w] === states.reach(state, w).cost && states.from(state).nexts[w] === states.reach(state, w).next,
      );
    const bare = states.state([]);
    expect(agrees(bare)).toBe(true);
    wants.push(states.want(['seat', 'cover']));
    expect(agrees(bare)).toBe(true);
    expect(agrees(states.from(bare).nexts[wants[1]])).toBe(true);
    expect(states.from(bare).costs[wants[2]]).toBe(8);
  });
});
