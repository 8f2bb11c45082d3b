import { describe, expect, it } from 'vitest';
import { AccessStates, byGainPerCost, type Problem, type Situation } from '.';
import { alike, mostWorth, type Gain } from './gainPerCost';
import { beyondRepairs, inFull } from './price';

const access = new AccessStates([
  { id: 'cover', cost: 40, routes: [] },
  { id: 'tank', cost: 10, routes: [] },
]);
const inside = access.want(['cover']);
const nothing = access.want([]);

/** Two suspects, one of them behind the cover, and a look behind it. */
const p: Problem = {
  access,
  faults: [[0], [1]],
  repairs: [
    { cost: 100, want: inside },
    { cost: 100, want: nothing },
  ],
  tests: [{ cost: 5, want: inside, likelihood: [Float64Array.of(1, 0), Float64Array.of(0, 1)] }],
};
const at = (problem: Problem, behind: number, off: string[] = []): Situation => ({
  weights: Float64Array.of(behind, 1 - behind),
  state: access.state(off),
  shut: new Uint8Array(problem.tests.length),
  mended: new Uint8Array(2),
});

describe('what an opening for a look is charged', () => {
  it.each([
    [0, 45],
    [0.7, 5 + 0.3 * 40],
    [1, 5],
  ])('where the repair needs it in %s of the cases', (behind, price) => {
    expect(beyondRepairs(p, at(p, behind))(0)).toBeCloseTo(price, 9);
    expect(inFull(p, at(p, behind))(0)).toBe(45);
  });

  it('is nothing once it is off', () => expect(beyondRepairs(p, at(p, 0.2, ['cover']))(0)).toBe(5));

  it('is not more by what a repair needs elsewhere', () => {
    const elsewhere = { ...p, repairs: [{ cost: 100, want: access.want(['tank']) }, p.repairs[1]] };
    expect(beyondRepairs(elsewhere, at(elsewhere, 1))(0)).toBe(45);
  });
});

describe('tests that are alike', () => {
  const look = (cost: number, sure: number) => ({
    cost,
    want: nothing,
    likelihood: [Float64Array.of(sure, 1 - sure), Float64Array.of(1 - sure, sure)],
  });
  const rooms = (n: number): Gain[] => Array.from({ length: n }, () => ({ index: 0, tells: 0, bits: 0, worth: 0, first: 0 }));

  it('are those that tell as much for the same', () => {
    const many = { ...p, tests: [look(3, 0.9), look(3, 0.901), look(4, 0.9), look(3, 0.7)] };
    const gains = byGainPerCost(many, at(many, 0.5)).sort((a, b) => a.tells - b.tells);
    expect([1, 2, 3].map((i) => alike(many, gains[0], gains[i]))).toEqual([true, false, false]);
  });

  it('stand once among those most worth doing, which are the first of all', () => {
    const many = { ...p, tests: [look(3, 0.9), look(3, 0.9), look(8, 0.95), look(1, 0.7), look(3, 0.9)] };
    const s = at(many, 0.5);
    const out = rooms(3);
    expect(mostWorth(many, s, inFull(many, s), out)).toBe(3);
    const all = byGainPerCost(many, s).filter((w) => w.tells !== 1 && w.tells !== 4);
    expect(out.map((w) => w.tells)).toEqual(all.map((w) => w.tells));
  });
});
