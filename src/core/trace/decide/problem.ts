import type { AccessStates } from './access';

/** Something that can be done, its own cost in money and what it wants to be open. */
export interface Action {
  cost: number;
  /** A number of `AccessStates.want`. */
  want: number;
}

export interface TestAction extends Action {
  /** likelihood[o][h]: chance of outcome o under hypothesis h; the outcomes of one hypothesis add up to 1. */
  readonly likelihood: readonly Float64Array[];
  /** False if the hypotheses are known to make no difference to it: its likelihood need not be looked at. */
  bears?: boolean;
  /** Tests, by index, that have nothing new to tell once this one is done. */
  spends?: readonly number[];
  /** What has to be seen first: of each list one test, by index, must have come out sound. */
  locks?: readonly (readonly number[])[];
  /** By outcome: whether it is how a sound engine answers; given for tests that lift a lock. */
  sound?: readonly boolean[];
}

export interface RepairAct extends Action {
  /** Chance that the fault is still there afterwards; 0 if it is not given. */
  residual?: number;
}

/**
 * A choice between tests and repairs, bare: hypotheses that each name the faults to be mended, tests that tell them
 * apart, one repair a fault followed by a retest that says whether all is well. It knows nothing of motorcycles.
 */
export interface DecisionProblem {
  /** faults[h]: what has to be mended under hypothesis h; never empty for one that has weight. */
  faults: readonly (readonly number[])[];
  tests: readonly TestAction[];
  /** By fault. The cost includes the retest. */
  repairs: readonly RepairAct[];
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
  /** 1 for a test that came out sound and may lift a lock, by index; none did if it is not given. */
  lifted?: Uint8Array;
}

export type Choice = { kind: 'test'; index: number } | { kind: 'repair'; index: number } | { kind: 'none' };

/** Whether every lock of a test is lifted. */
export const unlocked = ({ locks }: TestAction, lifted: Uint8Array | undefined): boolean =>
  locks === undefined || locks.every((any) => any.some((i) => lifted?.[i] === 1));

/** Weights after an outcome, and how likely that outcome is. */
export function afterOutcome(weights: Float64Array, likelihood: Float64Array): { chance: number; weights: Float64Array } {
  const out = new Float64Array(weights.length);
  let chance = 0;
  for (let h = 0; h < out.length; h++) chance += out[h] = weights[h] * likelihood[h];
  if (chance > 0) for (let h = 0; h < out.length; h++) out[h] /= chance;
  return { chance, weights: out };
}

/** What a test costs, access included, and the situation that each of its outcomes leaves. */
export function afterTest(
  p: DecisionProblem,
  s: Situation,
  index: number,
): { cost: number; outcomes: { chance: number; outcome: number; next: Situation }[] } {
  const { cost, want, likelihood, sound, spends } = p.tests[index];
  const reach = p.access.reach(s.state, want);
  const shut = s.shut.slice();
  shut[index] = 1;
  for (const i of spends ?? []) shut[i] = 1;
  const left = { state: reach.next, shut, mended: s.mended, lifted: s.lifted };
  let lifted: Uint8Array | undefined;
  if (sound) {
    lifted = s.lifted ? s.lifted.slice() : new Uint8Array(p.tests.length);
    lifted[index] = 1;
  }
  const outcomes = likelihood.flatMap((l, outcome) => {
    const { chance, weights } = afterOutcome(s.weights, l);
    return chance > 1e-9 ? [{ chance, outcome, next: sound?.[outcome] ? { ...left, lifted, weights } : { ...left, weights } }] : [];
  });
  return { cost: cost + reach.cost, outcomes };
}

/** What is expected to be paid from a situation that is come to with a chance. */
export type Continuation = (next: Situation, chance: number) => number;

/** Expected cost of a test, and from each of its outcomes of what follows. */
export function testThen(p: DecisionProblem, s: Situation, index: number, then: Continuation): number {
  const { cost, outcomes } = afterTest(p, s, index);
  return outcomes.reduce((sum, { chance, next }) => sum + chance * then(next, chance), cost);
}

/** Expected cost of a repair with its retest, and of what follows if that is not good. */
export function repairThen(p: DecisionProblem, s: Situation, fault: number, then: Continuation): number {
  const { uncured, next } = afterRepair(p, s, fault);
  const { cost, want } = p.repairs[fault];
  return cost + p.access.reach(s.state, want).cost + (uncured > 1e-9 ? uncured * then(next, uncured) : 0);
}

/**
 * What is left to do under a hypothesis. One that names a single fault keeps in its weight how likely it is that this is still
 * there.
 */
export const remains = (faults: readonly number[], mended: Uint8Array): boolean => {
  if (faults.length === 1) return true;
  for (const i of faults) if (mended[i] === 0) return true;
  return false;
};

/** The situation after a repair whose retest was not good, and the chance of that. */
export function afterRepair(p: DecisionProblem, s: Situation, fault: number): { uncured: number; next: Situation } {
  const mended = s.mended.slice();
  mended[fault] = 1;
  const next = { ...s, weights: new Float64Array(s.weights.length), mended, state: p.access.reach(s.state, p.repairs[fault].want).next };
  return { uncured: uncuredBy(p, s, fault, next), next };
}

/**
 * Chance that a repair was not all; writes what is believed then to `left.weights`. `left.mended` says already what is mended
 * with it.
 */
export function uncuredBy(p: DecisionProblem, s: Situation, fault: number, left: Pick<Situation, 'weights' | 'mended'>): number {
  const { residual = 0 } = p.repairs[fault];
  const { weights, mended } = left;
  let uncured = 0;
  for (let h = 0; h < weights.length; h++) {
    const own = p.faults[h];
    let w = s.weights[h];
    if (own.length === 1) {
      if (own[0] === fault) w *= residual;
    } else if (!remains(own, mended)) w = 0;
    uncured += weights[h] = w;
  }
  if (uncured > 0) for (let h = 0; h < weights.length; h++) weights[h] /= uncured;
  return uncured;
}
