import type { Knowledge } from '../knowledge';
import type { State, WaitKind } from '../state';
import { caseOf, type Ranking } from '../trace';
import { nextOf, type NextAction, type JobNext } from './next';
import { dueAt, provisionalOf } from './waits';

/** One open job on the board of Next. */
export interface BoardLine {
  jobId: string;
  bike: string;
  owner: string | null;
  complaint: string;
  /** What can be done now; null if everything waits or nothing is left. */
  act: NextAction | null;
  /** What may not be done with it, and why. */
  against: JobNext['against'];
  waiting: { kind: WaitKind; what: string; due: string }[];
  /** Temporary repairs that are still on the bike, gone or not. */
  provisional: ReturnType<typeof provisionalOf>;
  /** The journal number of the last entry that this rests on. */
  last: number;
}

export interface Board {
  /** The moment it was looked at, in ISO form. */
  now: string;
  lines: BoardLine[];
  gone: { jobId: string; bike: string; handedOverAt: string }[];
}

interface Around {
  knowledge: Knowledge;
  /** The tracer's, where a complaint is open and it is there yet. */
  ranking: Ranking | null;
  /** The name of a person's data row, where it is known. */
  nameOf: (personalId: string) => string | null | undefined;
  last: number;
  /** The present moment in ISO form. */
  now: string;
}

/**
 * What the board says of an open job.
 * @param state what is known, left as it is
 * @param jobId the job
 * @param around knowledge, ranking, names and the time, from the caller
 * @returns what is to be done next, what is waited for, and how it stands
 * @throws Where there is no such job.
 */
export function boardLine(state: State, jobId: string, { knowledge, ranking, nameOf, last, now }: Around): BoardLine {
  const { bike, complaints } = caseOf(state, jobId);
  const next = nextOf(state, knowledge, jobId, ranking, now);
  const personalId = bike.ownerId && state.rows.owner.get(bike.ownerId)?.personalId;
  return {
    jobId,
    bike: bike.name,
    owner: (personalId && nameOf(personalId)) || null,
    complaint: (complaints.find((c) => c.state === 'open') ?? complaints[0])?.words ?? '',
    act: next.act,
    against: next.against,
    waiting: next.waiting.map((w) => ({ kind: w.kind, what: w.what, due: dueAt(w) })),
    provisional: provisionalOf(state, jobId),
    last,
  };
}
