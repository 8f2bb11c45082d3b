import { list, type Provisional, type State, type Wait, type WaitKind } from '../state';
import type { StageId } from './stages';

/** What cannot go on while something of this kind is waited for. */
export const holds: Record<WaitKind, StageId[]> = {
  soaking: ['look', 'trace', 'start', 'tune'],
  curing: ['rebuild', 'start', 'tune'],
  cooling: ['look', 'trace', 'start', 'tune'],
  charging: ['look', 'trace', 'start'],
  part: ['parts', 'rebuild', 'start', 'tune', 'handover'],
  owner: ['decide', 'parts', 'rebuild', 'start', 'tune', 'handover'],
  'outside work': ['rebuild', 'start', 'tune', 'handover'],
};

/** The stage at which a wait of that kind is looked after. */
export const stageOfWait: Record<WaitKind, StageId> = {
  soaking: 'trace',
  cooling: 'trace',
  charging: 'trace',
  curing: 'rebuild',
  'outside work': 'rebuild',
  part: 'parts',
  owner: 'decide',
};

/**
 * When a wait asks for someone: its look-again time if that comes first, else its end.
 * @param w a wait
 * @returns ISO instant
 */
export const dueAt = (w: Wait): string => [w.lookAgain, w.until].filter((x): x is string => x !== null).sort()[0];

/**
 * The provisional repairs of a job that are still on the bike.
 * @param state what is known, left as it is
 * @param jobId the job
 * @returns rows that nobody has ended
 */
export function provisionalOf(state: State, jobId: string): Pick<Provisional, 'what' | 'until' | 'untilOn' | 'mayRide' | 'mayLeave'>[] {
  return list(state, 'provisional')
    .filter((p) => p.jobId === jobId && !p.endedAt)
    .map(({ what, until, untilOn, mayRide, mayLeave }) => ({ what, until, untilOn, mayRide, mayLeave }));
}
