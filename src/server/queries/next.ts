import type pg from 'pg';
import { knowledge as shipped } from 'virtual:knowledge';
import { withOwn } from '../../core/knowledge';
import { boardLine, openComplaints, type Board } from '../../core/stage';
import { emptyState, groupBy, jobTables, list, put, type State } from '../../core/state';
import { readTransaction } from '../db/pool';
import { allRows, among, rowsOf, rowsWhere } from '../db/rows';
import { experienceIn } from './experience';
import { log } from '../log';
import { rankJob } from '../work/ranking';

/** How long the first screen waits for rankings; what is not there then shows with the next look. */
const patienceMs = 2500;

/** Everything open in a shop: what can be done now, and what is waited for until when. */
export async function nextBoard(from: pg.Pool, shopId: string, now: string): Promise<Board> {
  const { open, gone, own, names, lasts } = await openJobs(from, shopId);
  const knowledge = withOwn(shipped, [...own.values()]);
  // Worked out beside the server's thread and without a connection of the database in hand.
  const rankings = await within(
    patienceMs,
    [...open].flatMap(([id, state]) =>
      openComplaints({ complaints: list(state, 'complaint') }).length > 0 ? [[id, rankJob(shopId, state, id)] as const] : [],
    ),
  );
  const nameOf = (personalId: string) => names.get(personalId);
  const lines = [...open].map(([id, state]) =>
    boardLine(state, id, { knowledge, ranking: rankings.get(id) ?? null, nameOf, last: lasts.get(id) ?? 0, now }),
  );
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

const byId = <T extends { id: string }>(rows: readonly T[]) => new Map(rows.map((r) => [r.id, r]));

/** The open jobs of a shop as of one moment: each a state of its own, so that none is looked for among the rows of all. */
async function openJobs(from: pg.Pool, shopId: string) {
  return readTransaction(from, shopId, async (db) => {
    const jobs = await allRows(db, 'job');
    const experience = await experienceIn(db);
    const names = new Map((await db.query('select id, name from personal')).rows.map((r) => [r.id as string, r.name as string | null]));
    const bikes = byId(await allRows(db, 'bike'));
    const owners = byId(await allRows(db, 'owner'));
    const own = byId(await allRows(db, 'own'));
    const open = new Map<string, State>();
    for (const job of jobs.filter((j) => !j.handedOverAt)) {
      const state = { ...emptyState(), experience };
      const bike = bikes.get(job.bikeId)!;
      const owner = bike.ownerId && owners.get(bike.ownerId);
      put(state, 'job', job);
      put(state, 'bike', bike);
      if (owner) put(state, 'owner', owner);
      open.set(job.id, { ...state, rows: { ...state.rows, own } });
    }
    const ids = [...open.keys()];
    const ofBike = groupBy(open.values(), (state) => list(state, 'bike')[0].id);
    for (const spec of await rowsWhere(db, 'spec', 'bikeId', [...ofBike.keys()]))
      for (const state of ofBike.get(spec.bikeId)!) put(state, 'spec', spec);
    const ofJobs = await rowsOf(
      db,
      jobTables.map((table) => ({ table, where: among(table, 'jobId', 1) })),
      [ids],
    );
    for (const [i, t] of jobTables.entries())
      for (const row of ofJobs[i]) put(open.get((row as { jobId: string }).jobId)!, t, row as never);
    const last = await db.query('select job_id, max(seq) as seq from journal where job_id = any($1::uuid[]) group by job_id', [ids]);
    const lasts = new Map((last.rows as { job_id: string; seq: number }[]).map((r) => [r.job_id, r.seq]));
    const gone = jobs
      .filter((j) => j.handedOverAt)
      .map((j) => ({ jobId: j.id, bike: bikes.get(j.bikeId)?.name ?? '', handedOverAt: j.handedOverAt! }));
    return { open, gone, own, names, lasts };
  });
}
