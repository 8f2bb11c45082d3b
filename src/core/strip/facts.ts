import type { Fact } from '../state';

/** Checks of a step that nobody has made yet, oldest first. */
export const openChecks = (facts: readonly Fact[], stepId: string): Fact[] =>
  facts.filter((f) => f.stepId === stepId && f.kind === 'check' && f.says === null);

/**
 * The code under which an open check stands against closing its step.
 * @param f a check that a step owes
 * @returns "check:" and its id
 */
export const checkCode = (f: Pick<Fact, 'id'>): string => `check:${f.id}`;
