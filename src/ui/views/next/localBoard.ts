import { knowledge as shipped } from 'virtual:knowledge';
import { effectOf, advance } from '../../../core/command';
import { emptyState, list, stateOf, type JobSnapshot, type State } from '../../../core/state';
import { withOwn } from '../../../core/knowledge';
import { boardLine, openComplaints, type Board } from '../../../core/stage';
import { buildModel, questionOf, rank } from '../../../core/trace';
import type { OutboxItem } from '../../device/types';

/** A job as this device has it: its snapshot with what waits here on top; null if there is no such job on it. */
export function localState(snapshot: JobSnapshot, items: readonly OutboxItem[]): State | null {
  let state = Object.keys(snapshot.rows).length ? stateOf(snapshot) : emptyState();
  for (const item of items.filter((i) => i.jobId === snapshot.jobId && i.state === 'waiting')) {
    const outcome = effectOf(state, item.command);
    if (outcome.ok) state = advance(state, item.command, outcome.changes, null, item.actorId);
  }
  return state.rows.job.has(snapshot.jobId) ? state : null;
}

/** What can be done now, worked out on this device from the bikes that are on it. */
export function localBoard(snapshots: readonly JobSnapshot[], items: readonly OutboxItem[], now: string): Board {
  const board: Board = { now, lines: [], gone: [] };
  for (const snapshot of snapshots) {
    const state = localState(snapshot, items);
    if (!state) continue;
    const { traced: c, agreedLeft } = questionOf(state, snapshot.jobId);
    const knowledge = withOwn(shipped, list(state, 'own'));
    if (c.job.handedOverAt) {
      board.gone.push({ jobId: snapshot.jobId, bike: c.bike.name, handedOverAt: c.job.handedOverAt });
      continue;
    }
    const ranking = openComplaints(c).length ? rank(buildModel(knowledge, c), { agreedLeft }) : null;
    const people = [...snapshot.personal, ...items.flatMap((i) => i.personal ?? [])];
    const nameOf = (id: string) => people.find((p) => p.id === id)?.name;
    board.lines.push(boardLine(state, snapshot.jobId, { knowledge, ranking, nameOf, last: snapshot.shop.seq, now }));
  }
  return board;
}
