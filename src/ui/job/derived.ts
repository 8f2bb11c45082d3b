import { knowledge as shipped } from 'virtual:knowledge';
import { withOwn, type Knowledge } from '../../core/knowledge';
import { caseOf, type Case } from '../../core/trace';
import type { Own, State } from '../../core/record';

/** What follows from a job's tables, for every view of it. */
export interface Derived {
  traced: Case;
  own: readonly Own[];
  /** What ships and what the shop knows itself. */
  knowledge: Knowledge;
}

const known = new WeakMap<State, Derived>();
const owns = new WeakMap<ReadonlyMap<string, Own>, readonly Own[]>();

function ownOf(rows: ReadonlyMap<string, Own>): readonly Own[] {
  const own = owns.get(rows) ?? [...rows.values()];
  owns.set(rows, own);
  return own;
}

/** Derived once for each state, whoever asks. */
export function derived(state: State, jobId: string): Derived {
  const there = known.get(state);
  if (there) return there;
  const own = ownOf(state.rows.own);
  const made = { traced: caseOf(state, jobId), own, knowledge: withOwn(shipped, own) };
  known.set(state, made);
  return made;
}
