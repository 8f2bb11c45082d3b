import type pg from 'pg';
import { knowledge as shipped } from 'virtual:knowledge';
import { withOwn } from '../../core/knowledge';
import { dueAt, nextOf, openComplaints, provisionalOf, type Act } from '../../core/stage';
import { emptyState, groupBy, put, jobTables, type JournalEntry, type State } from '../../core/record';
import { caseOf } from '../../core/trace';
import { lookAt } from '../db/pool';
import { allRows, rowsWhere } from '../db/rows';
import { experienceIn } from './experience';
import { rankJob } from '../ranking';

export interface NextLine {
  jobId: string;
  bike: string;
  owner: string | null;
  complaint: string;
  act: Act | null;
  waiting: { kind: string; what: string; due: string }[];
  /** Provisional repairs that are still on the bike, gone or not. */
  provisional: { what: string; until: string | null; untilOn: string | null; mayRide: boolean; mayLeave: boolean }[];
  /** The journal number of the last entry of this job. */
  last: number;
}

export interface NextBoard {
  now: string;
  lines: NextLine[];
  gone: { jobId: string; bike: string; handedOverAt: string }[];
}

/** Everything open in a shop: what can be done now, and what is waited for until when. */
export async function nextBoard(from: pg.Pool, shopId: string, now: string): Promise<NextBoard> {
  return lookAt(from, shopId, async (db) => {
    const jobs = await allRows(db, 'job');
    const bikes = await allRows(db, 'bike');
    const owners = new Map((await allRows(db, 'owner')).map((o) => [o.id, o.personalId]));
    const names = new Map((await db.query('select id, name from personal')).rows.map((r) => [r.id as string, r.name as string | null]));
    const open = jobs.filter((j) => !j.handedOverAt);
    const state: State = { ...emptyState(), experience: await experienceIn(db) };
    const own = await allRows(db, 'own');
    for (const row of own) put(state, 'own', row);
    const knowledge = withOwn(shipped, own);
    for (const j of open) put(state, 'job', j);
    for (const b of bikes) put(state, 'bike', b);
    const bikeIds = open.map((j) => j.bikeId);
    for (const s of await rowsWhere(db, 'spec', 'bikeId', bikeIds)) put(state, 'spec', s);
    const ids = open.map((j) => j.id);
    for (const t of jobTables) for (const row of await rowsWhere(db, t, 'jobId', ids)) put(state, t, row as never);
    const last = await db.query(
      'select job_id, count(*)::int as n, max(seq) as seq from journal where job_id = any($1::uuid[]) group by job_id',
      [ids],
    );
    const seqs = groupBy(last.rows as { job_id: string; n: number; seq: number }[], (r) => r.job_id);

    const lines = open.map((j): NextLine => {
      const c = caseOf(state, j.id);
      const mark = seqs.get(j.id)?.[0];
      // The job's own place in the journal stands for its state in the cache of rankings.
      const own: State = { ...state, journal: [{ id: `${mark?.n ?? 0}-${mark?.seq ?? 0}` } as JournalEntry] };
      const ranking = openComplaints(c).length ? rankJob(own, j.id) : null;
      const next = nextOf(state, knowledge, j.id, ranking, now);
      const owner = c.bike.ownerId ? names.get(owners.get(c.bike.ownerId) ?? '') : null;
      return {
        jobId: j.id,
        bike: c.bike.name,
        owner: owner ?? null,
        complaint: c.complaints.find((p) => p.state === 'open')?.words ?? c.complaints[0]?.words ?? '',
        act: next.act,
        waiting: next.waiting.map((w) => ({ kind: w.kind, what: w.what, due: dueAt(w) })),
        provisional: provisionalOf(state, j.id),
        last: mark?.seq ?? 0,
      };
    });
    const bikeName = (id: string) => bikes.find((b) => b.id === id)?.name ?? '';
    const gone = jobs.filter((j) => j.handedOverAt).map((j) => ({ jobId: j.id, bike: bikeName(j.bikeId), handedOverAt: j.handedOverAt! }));
    return { now, lines, gone };
  });
}
