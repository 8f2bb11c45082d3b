import type { Fact, Overrule } from '../state';

/** Checks of a step that nobody has made yet, oldest first. */
export const openChecks = (facts: readonly Fact[], stepId: string): Fact[] =>
  facts.filter((f) => f.stepId === stepId && f.kind === 'check' && f.says === null);

/** The code under which an open check stands against closing its step. */
export const checkCode = (f: Pick<Fact, 'id'>): string => `check:${f.id}`;

/**
 * Checks that stand in the way of closing a step: what is measured, set or seen has to be while it is open (common practice). A
 * person's word that goes over a check lets it pass.
 */
export function checksInTheWay(facts: readonly Fact[], overrules: readonly Pick<Overrule, 'codes' | 'endedAt'>[], stepId: string): Fact[] {
  const over = new Set(overrules.filter((o) => !o.endedAt).flatMap((o) => o.codes));
  return openChecks(facts, stepId).filter((f) => !over.has(checkCode(f)));
}
