import type pg from 'pg';
import { emptyState, groupBy, jobTables, list, put, type Experience, type State, type Tables } from '../../core/state';
import { readTransaction, type Db } from '../db/pool';
import { allRows, among, rowsOf, rowsWhere } from '../db/rows';
import { experienceIn } from './experience';

/** The open jobs of a shop as of one moment: each a state of its own, so that none is looked for among the rows of all. */
export interface OpenJobs {
  open: Map<string, State>;
  gone: { jobId: string; bike: string; handedOverAt: string }[];
  /** What the shop knows itself: the same map as long as nothing of it changed. */
  own: Map<string, Tables['own']>;
  /** The journal number of the last entry of each job. */
  lasts: Map<string, number>;
}

interface Held extends OpenJobs {
  seq: number;
  /** Which line of the journal `seq` was: a workshop that was removed and came back counts from one again. */
  line: string;
  experience: Experience;
  bikeOf: Map<string, string>;
}

/** What was read last, by database and shop: after a change only the jobs of the bikes that it speaks of are read anew. */
const held = new WeakMap<pg.Pool, Map<string, Held>>();
const mostShops = 8;

export async function openJobs(from: pg.Pool, shopId: string): Promise<OpenJobs & { nameOf(personalId: string): string | null }> {
  const ofPool = held.get(from) ?? new Map<string, Held>();
  held.set(from, ofPool);
  const { jobs, names } = await readTransaction(from, shopId, async (db) => {
    const last = ofPool.get(shopId);
    const { rows } = await db.query(
      `select seq, (${lineAt('s.seq')}) as line, (${lineAt('$2')}) as "heldLine",
         (select coalesce(json_object_agg(id, name), '{}') from personal) as names
       from shop s where id = $1`,
      [shopId, last?.seq ?? -1],
    );
    const now = rows[0] as { seq: number; line: string | null; heldLine: string | null; names: Record<string, string | null> } | undefined;
    const at = { seq: now?.seq ?? 0, line: now?.line ?? '' };
    const still = last && (now?.heldLine ?? '') === last.line ? last : undefined;
    const jobs = still?.seq === at.seq ? still : await read(db, at, still);
    return { jobs, names: now?.names ?? {} };
  });
  ofPool.delete(shopId);
  ofPool.set(shopId, jobs);
  for (const oldest of [...ofPool.keys()].slice(0, -mostShops)) ofPool.delete(oldest);
  return { ...jobs, nameOf: (personalId) => names[personalId] ?? null };
}

const lineAt = (seq: string) => `select j.id || ' ' || j.received_at from journal j where j.seq = ${seq}`;

/** The bikes that entries after a number speak of, or null where one speaks of the whole shop. */
async function bikesSince(db: Db, { seq, bikeOf }: Held, jobBikes: ReadonlyMap<string, string>): Promise<Set<string> | null> {
  const { rows } = await db.query(
    'select distinct job_id as "jobId", bike_id as "bikeId", entity_kind as kind from journal where seq > $1',
    [seq],
  );
  const bikes = new Set<string>();
  for (const { jobId, bikeId, kind } of rows as { jobId: string | null; bikeId: string | null; kind: string }[]) {
    const known = [bikeId, ...(jobId ? [jobBikes.get(jobId), bikeOf.get(jobId)] : [])].flatMap((b) => b ?? []);
    if (known.length === 0 || kind === 'owner') return null;
    for (const b of known) bikes.add(b);
  }
  return bikes;
}

async function read(db: Db, at: { seq: number; line: string }, last: Held | undefined): Promise<Held> {
  const jobs = await allRows(db, 'job');
  const bikeOf = new Map(jobs.map((j) => [j.id, j.bikeId]));
  const experience = await experienceIn(db);
  const sameExperience = last && JSON.stringify(last.experience) === JSON.stringify(experience);
  const changed = last && sameExperience ? await bikesSince(db, last, bikeOf) : null;
  const own = changed ? last!.own : byId(await allRows(db, 'own'));
  const ofChanged = changed ? jobs.filter((j) => changed.has(j.bikeId)) : jobs;
  const bikes = changed ? await rowsWhere(db, 'bike', 'id', [...changed]) : await allRows(db, 'bike');
  const fresh = await statesOf(
    db,
    ofChanged.filter((j) => !j.handedOverAt),
    byId(bikes),
    own,
    changed ? last!.experience : experience,
  );
  const names = new Map([...(changed ? last!.gone.map((g) => [g.jobId, g.bike] as const) : []), ...namesOf(ofChanged, byId(bikes))]);
  const open = new Map<string, State>();
  const lasts = new Map<string, number>();
  for (const { id } of jobs.filter((j) => !j.handedOverAt)) {
    open.set(id, fresh.states.get(id) ?? last!.open.get(id)!);
    lasts.set(id, fresh.lasts.get(id) ?? last?.lasts.get(id) ?? 0);
  }
  const gone = jobs.filter((j) => j.handedOverAt).map((j) => ({ jobId: j.id, bike: names.get(j.id) ?? '', handedOverAt: j.handedOverAt! }));
  return { ...at, experience: changed ? last!.experience : experience, bikeOf, open, gone, own, lasts };
}

const byId = <T extends { id: string }>(rows: readonly T[]) => new Map(rows.map((r) => [r.id, r]));

const namesOf = (jobs: readonly Tables['job'][], bikes: ReadonlyMap<string, Tables['bike']>) =>
  jobs.map((j) => [j.id, bikes.get(j.bikeId)?.name ?? ''] as const);

/** Jobs with all that belongs to them, and the number of the last entry of each. */
async function statesOf(
  db: Db,
  jobs: readonly Tables['job'][],
  bikes: ReadonlyMap<string, Tables['bike']>,
  own: Map<string, Tables['own']>,
  experience: Experience,
): Promise<{ states: Map<string, State>; lasts: Map<string, number> }> {
  const states = new Map<string, State>();
  if (jobs.length === 0) return { states, lasts: new Map() };
  const ownerIds = [...bikes.values()].flatMap((b) => (b.ownerId ? [b.ownerId] : []));
  const owners = byId(await rowsWhere(db, 'owner', 'id', ownerIds));
  for (const job of jobs) {
    const empty = { ...emptyState(), experience };
    const bike = bikes.get(job.bikeId)!;
    const owner = bike.ownerId && owners.get(bike.ownerId);
    put(empty, 'job', job);
    put(empty, 'bike', bike);
    if (owner) put(empty, 'owner', owner);
    states.set(job.id, { ...empty, rows: { ...empty.rows, own } });
  }
  const ids = [...states.keys()];
  const ofBike = groupBy(states.values(), (state) => list(state, 'bike')[0].id);
  for (const spec of await rowsWhere(db, 'spec', 'bikeId', [...ofBike.keys()]))
    for (const state of ofBike.get(spec.bikeId)!) put(state, 'spec', spec);
  const ofJobs = await rowsOf(
    db,
    jobTables.map((table) => ({ table, where: among(table, 'jobId', 1) })),
    [ids],
  );
  for (const [i, t] of jobTables.entries())
    for (const row of ofJobs[i]) put(states.get((row as { jobId: string }).jobId)!, t, row as never);
  const last = await db.query('select job_id, max(seq) as seq from journal where job_id = any($1::uuid[]) group by job_id', [ids]);
  return { states, lasts: new Map((last.rows as { job_id: string; seq: number }[]).map((r) => [r.job_id, r.seq])) };
}
