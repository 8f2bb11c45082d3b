import type { AccessStates } from './access';

/** Something that can be done, its own cost in money and what it wants to be open. */
export interface Act {
  cost: number;
  /** A number of `AccessStates.want`. */
  want: number;
}

export interface TestAct extends Act {
  /** likelihood[o][h]: chance of outcome o under hypothesis h; the outcomes of one hypothesis add up to 1. */
  readonly likelihood: readonly Float64Array[];
  /** False if the hypotheses are known to make no difference to it: its likelihood need not be looked at. */
  bears?: boolean;
}

/**
 * A choice between tests and repairs, bare: hypotheses that each name the faults to be mended, tests that tell them
 * apart, one repair a fault followed by a retest that says whether all is well. It knows nothing of motorcycles.
 */
export interface Problem {
  /** faults[h]: what has to be mended under hypothesis h; never empty for one that has weight. */
  faults: readonly (readonly number[])[];
  tests: readonly TestAct[];
  /** By fault. The cost includes the retest. */
  repairs: readonly Act[];
  access: AccessStates;
}

/** Where a job stands: what is believed, what is off, what was tried and mended. */
export interface Situation {
  /** Adds up to 1. */
  weights: Float64Array;
  state: number;
  /** 1 for a test that is not to be done (any more), by index. */
  shut: Uint8Array;
  /** 1 for a fault that was mended, by index. */
  mended: Uint8Array;
}

export type Choice = { kind: 'test'; index: number } | { kind: 'repair'; index: number } | { kind: 'none' };

/** Weights after an outcome, and how likely that outcome is. */
export function afterOutcome(weights: Float64Array, likelihood: Float64Array): { chance: number; weights: Float64Array } {
  const out = new Float64Array(weights.length);
  let chance = 0;
  for (let h = 0; h < out.length; h++) chance += out[h] = weights[h] * likelihood[h];
  if (chance > 0) for (let h = 0; h < out.length; h++) out[h] /= chance;
  return { chance, weights: out };
}

/** What is left to do under a hypothesis. */
export const remains = (faults: readonly number[], mended: Uint8Array): boolean => {
  for (const i of faults) if (mended[i] === 0) return true;
  return false;
};

/** The situation after a repair whose retest was not good, and the chance of that. */
export function afterRepair(p: Problem, s: Situation, fault: number): { uncured: number; next: Situation } {
  const mended = s.mended.slice();
  mended[fault] = 1;
  const weights = new Float64Array(s.weights.length);
  let uncured = 0;
  for (let h = 0; h < weights.length; h++) if (s.weights[h] > 0 && remains(p.faults[h], mended)) uncured += weights[h] = s.weights[h];
  if (uncured > 0) for (let h = 0; h < weights.length; h++) weights[h] /= uncured;
  const { next } = p.access.reach(s.state, p.repairs[fault].want);
  return { uncured, next: { weights, state: next, shut: s.shut, mended } };
}
