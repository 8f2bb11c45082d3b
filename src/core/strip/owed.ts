import { countWords, type Connection, type Fact, type Fastener, type FastenerState, type Overrule } from '../state';
import { checkCode, openChecks } from './facts';
import { astray, connectionCode } from './wires';

/** What is owed before a step is closed: the code under which it stands against closing, and what it is. */
export interface Owed {
  code: string;
  words: string;
}

/** States with which a step is not whole once it is closed. A bolt that is corroded holds; one that is gone does not. */
const short: readonly FastenerState[] = ['snapped', 'thread pulled', 'missing', 'stretched', 'wrong one'];

/**
 * The code under which a fastener in trouble stands against closing its step.
 * @param f a fastener
 * @returns "fastener:" and its id
 */
export const fastenerCode = (f: Pick<Fastener, 'id'>): string => `fastener:${f.id}`;

/** The rows of a job that say what a step owes. */
export interface OwedRows {
  facts: readonly Fact[];
  fasteners: readonly Fastener[];
  connections: readonly Connection[];
  /** Reasons that people gave. */
  overrules: readonly Pick<Overrule, 'codes' | 'endedAt'>[];
}

/**
 * What is owed before a step is closed: checks that nobody has made, fasteners that are snapped, gone or not what belongs there, and
 * wires, hoses and cables of it that are not where they belong. A person's word that goes over one lets it pass.
 * @param rows of one job
 * @param stepId the step that is to be closed
 * @returns each with its code and words; empty where it may be closed
 */
export function owedAtClosing({ facts, fasteners, connections, overrules }: OwedRows, stepId: string): Owed[] {
  const over = new Set(overrules.filter((o) => !o.endedAt).flatMap((o) => o.codes));
  return [
    ...openChecks(facts, stepId).map((f) => ({ code: checkCode(f), words: f.about })),
    ...fasteners
      .filter((f) => f.stepId === stepId && f.affected > 0 && f.state !== null && short.includes(f.state))
      .map((f) => ({ code: fastenerCode(f), words: `${f.size}: ${f.affected} of ${countWords(f.count, 'fastener')} ${f.state}` })),
    ...astray(connections.filter((x) => x.stepId === stepId)).map((a) => ({ code: connectionCode(a.connection), words: a.words })),
  ].filter((o) => !over.has(o.code));
}
