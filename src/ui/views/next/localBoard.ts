import { knowledge as shipped } from 'virtual:knowledge';
import { effectOf, advance } from '../../../core/command';
import { emptyState, list, stateOf, type JobSnapshot, type State } from '../../../core/record';
import { withOwn } from '../../../core/knowledge';
import { dueAt, nextOf, openComplaints, provisionalOf } from '../../../core/stage';
import { buildModel, caseOf, rank } from '../../../core/trace';
import type { Item } from '../../device/types';
import type { NextBoardProps } from './NextView';

/** A job as this device has it: its snapshot with what waits here on top; null if there is no such job on it. */
export function localState(snapshot: JobSnapshot, items: readonly Item[]): State | null {
  let state = Object.keys(snapshot.rows).length ? stateOf(snapshot) : emptyState();
  for (const item of items.filter((i) => i.jobId === snapshot.jobId && i.state === 'waiting')) {
    const outcome = effectOf(state, item.command);
    if (outcome.ok) state = advance(state, item.command, outcome.changes, null, item.actorId);
  }
  return state.rows.job.has(snapshot.jobId) ? state : null;
}

/** What can be done now, worked out on this device from the bikes that are on it. */
export function localBoard(snapshots: readonly JobSnapshot[], items: readonly Item[], now: string): NextBoardProps {
  const board: NextBoardProps = { now, lines: [], gone: [] };
  for (const snapshot of snapshots) {
    const state = localState(snapshot, items);
    if (!state) continue;
    const c = caseOf(state, snapshot.jobId);
    const knowledge = withOwn(shipped, list(state, 'own'));
    if (c.job.handedOverAt) {
      board.gone.push({ jobId: snapshot.jobId, bike: c.bike.name, handedOverAt: c.job.handedOverAt });
      continue;
    }
    const ranking = openComplaints(c).length ? rank(buildModel(knowledge, c), { agreedLeft: null }) : null;
    const next = nextOf(state, knowledge, snapshot.jobId, ranking, now);
    const personalId = list(state, 'owner').find((o) => o.id === c.bike.ownerId)?.personalId;
    const people = [...snapshot.personal, ...items.flatMap((i) => i.personal ?? [])];
    board.lines.push({
      jobId: snapshot.jobId,
      bike: c.bike.name,
      owner: people.find((p) => p.id === personalId)?.name ?? null,
      complaint: c.complaints.find((p) => p.state === 'open')?.words ?? '',
      act: next.act,
      against: next.against,
      waiting: next.waiting.map((w) => ({ kind: w.kind, what: w.what, due: dueAt(w) })),
      provisional: provisionalOf(state, snapshot.jobId),
      last: snapshot.shop.seq,
    });
  }
  return board;
}
