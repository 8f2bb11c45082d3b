import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { pairingKey, pairingsOf } from './pairings';

const factorial = (n: number): number => (n < 2 ? 1 : n * factorial(n - 1));

describe('pairings of like ends', () => {
  it('three ends can be joined in five other ways, single exchanges first', () => {
    expect(pairingsOf(3)).toEqual([
      [1, 3, 2],
      [2, 1, 3],
      [3, 2, 1],
      [2, 3, 1],
      [3, 1, 2],
    ]);
  });

  it('are all permutations but the one they have, each once', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 6 }), (n) => {
        const all = pairingsOf(n);
        expect(new Set(all.map((p) => pairingKey('t', p))).size).toBe(factorial(n) - 1);
        for (const p of all) expect([...p].sort()).toEqual(Array.from({ length: n }, (_x, i) => i + 1));
      }),
    );
  });
});
