import { knowledge as shipped } from 'virtual:knowledge';
import { withOwn, type Knowledge } from '../../core/knowledge';
import type { Own, State } from '../../core/state';
import { questionOf, type Question } from '../../core/trace';

/** What follows from a job's tables, for every view of it. */
export interface Derived extends Question {
  /** What ships and what the shop knows itself. */
  knowledge: Knowledge;
}

const known = new WeakMap<State, Derived>();
const owns = new WeakMap<ReadonlyMap<string, Own>, readonly Own[]>();
/** The case that was looked at last, with what it says: most entries change nothing of it, and it is not thought through anew. */
let last: { says: string; traced: Question['traced'] } | null = null;

function ownOf(rows: ReadonlyMap<string, Own>): readonly Own[] {
  const own = owns.get(rows) ?? [...rows.values()];
  owns.set(rows, own);
  return own;
}

function sameIfEqual(traced: Question['traced']): Question['traced'] {
  const says = JSON.stringify(traced);
  if (last?.says !== says) last = { says, traced };
  return last.traced;
}

/** Derived once for each state, whoever asks; its case is the same object for as long as it says the same. */
export function derived(state: State, jobId: string): Derived {
  const there = known.get(state);
  if (there) return there;
  const question = questionOf(state, jobId);
  const own = ownOf(state.rows.own);
  const made = { ...question, traced: sameIfEqual(question.traced), own, knowledge: withOwn(shipped, own) };
  known.set(state, made);
  return made;
}
