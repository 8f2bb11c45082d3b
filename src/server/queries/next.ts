import type pg from 'pg';
import { knowledge as shipped } from 'virtual:knowledge';
import { withOwn } from '../../core/knowledge';
import { boardLine, openComplaints, type Board } from '../../core/stage';
import { emptyState, jobTables, list, put, type State } from '../../core/record';
import { caseOf } from '../../core/trace';
import { lookAt } from '../db/pool';
import { allRows, rowsWhere } from '../db/rows';
import { experienceIn } from './experience';
import { log } from '../log';
import { rankJob } from '../work/ranking';

/** How long the first screen waits for rankings; what is not there then shows with the next look. */
const patienceMs = 2500;

/** Everything open in a shop: what can be done now, and what is waited for until when. */
export async function nextBoard(from: pg.Pool, shopId: string, now: string): Promise<Board> {
  const { state, jobs, names, lasts } = await openState(from, shopId);
  const knowledge = withOwn(shipped, list(state, 'own'));
  const open = jobs.filter((j) => !j.handedOverAt);
  const cases = new Map(open.map((j) => [j.id, caseOf(state, j.id)]));
  // Worked out beside the server's thread and without a connection of the database in hand.
  const rankings = await within(
    patienceMs,
    open.flatMap((j) => {
      if (openComplaints(cases.get(j.id)!).length === 0) return [];
      return [[j.id, rankJob(shopId, state, j.id)] as const];
    }),
  );
  const lines = open.map(({ id }) =>
    boardLine(state, id, { knowledge, ranking: rankings.get(id) ?? null, nameOf: (p) => names.get(p), last: lasts.get(id) ?? 0, now }),
  );
  const bikeName = (id: string) => state.rows.bike.get(id)?.name ?? '';
  const gone = jobs.filter((j) => j.handedOverAt).map((j) => ({ jobId: j.id, bike: bikeName(j.bikeId), handedOverAt: j.handedOverAt! }));
  return { now, lines, gone };
}

/** What of several answers is there after some time; what comes later is for the next one who asks. */
async function within<T>(ms: number, wanted: readonly (readonly [string, Promise<T>])[]): Promise<Map<string, T>> {
  const there = new Map<string, T>();
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<void>((r) => (timer = setTimeout(r, ms)));
  const all = Promise.all(
    wanted.map(([key, answer]) =>
      answer.then(
        (x) => void there.set(key, x),
        (error: unknown) => log.warn({ err: error }, 'a ranking was not worked out'),
      ),
    ),
  );
  await Promise.race([all, late]);
  clearTimeout(timer);
  return there;
}

/** The rows of every open job of a shop, as of one moment. */
async function openState(from: pg.Pool, shopId: string) {
  return lookAt(from, shopId, async (db) => {
    const jobs = await allRows(db, 'job');
    const state: State = { ...emptyState(), experience: await experienceIn(db) };
    const names = new Map((await db.query('select id, name from personal')).rows.map((r) => [r.id as string, r.name as string | null]));
    const open = jobs.filter((j) => !j.handedOverAt);
    for (const t of ['bike', 'owner', 'own'] as const) for (const row of await allRows(db, t)) put(state, t, row as never);
    for (const j of open) put(state, 'job', j);
    const bikeIds = open.map((j) => j.bikeId);
    for (const s of await rowsWhere(db, 'spec', 'bikeId', bikeIds)) put(state, 'spec', s);
    const ids = open.map((j) => j.id);
    for (const t of jobTables) for (const row of await rowsWhere(db, t, 'jobId', ids)) put(state, t, row as never);
    const last = await db.query('select job_id, max(seq) as seq from journal where job_id = any($1::uuid[]) group by job_id', [ids]);
    const lasts = new Map((last.rows as { job_id: string; seq: number }[]).map((r) => [r.job_id, r.seq]));
    return { state, jobs, names, lasts };
  });
}
