import type pg from 'pg';
import { jobTables, type AnyRow, type JobSnapshot, type Personal, type TableName } from '../../core/record';
import { lookAt, type Db } from '../db/pool';
import { isUuid } from '../http/uuid';
import { allRows, rowsWhere } from '../db/rows';
import { experienceIn } from './experience';
import { journalOf } from '../commands/gather';

/** Readings of other jobs that come along: as many as a small chart can show. */
const mostEarlier = 400;

export async function jobSnapshot(from: pg.Pool, shopId: string, jobId: string, actorId: string | null): Promise<JobSnapshot | null> {
  return lookAt(from, shopId, (db) => snapshotIn(db, shopId, jobId, actorId));
}

/** The same inside a transaction that is open already. */
export async function snapshotIn(db: Db, shopId: string, jobId: string, actorId: string | null): Promise<JobSnapshot | null> {
  if (!isUuid(jobId)) return null;
  const [job] = await rowsWhere(db, 'job', 'id', [jobId]);
  if (!job) return null;
  const rows: Partial<Record<TableName, AnyRow[]>> = { job: [job] };
  rows.bike = await rowsWhere(db, 'bike', 'id', [job.bikeId]);
  rows.spec = await rowsWhere(db, 'spec', 'bikeId', [job.bikeId]);
  const ownerId = (rows.bike[0] as { ownerId: string | null }).ownerId;
  const owners = ownerId ? await rowsWhere(db, 'owner', 'id', [ownerId]) : [];
  rows.owner = owners;
  const people = await db.query('select id, name, versions from person order by name');
  rows.person = people.rows as AnyRow[];
  rows.erratum = await rowsWhere(db, 'erratum', 'bikeId', [job.bikeId]);
  rows.own = await allRows(db, 'own');
  for (const t of jobTables) rows[t] = (await rowsWhere(db, t, 'jobId', [jobId])) as AnyRow[];
  const personalIds = owners.flatMap((o) => (o.personalId ? [o.personalId] : []));
  const personal = (await db.query('select id, name, phone, email from personal where id = any($1::uuid[])', [personalIds]))
    .rows as Personal[];
  const shop = (await db.query('select id, name, rate, currency, seq from shop where id = $1', [shopId])).rows[0] as JobSnapshot['shop'];
  return {
    shop,
    actor: await personById(db, actorId),
    jobId,
    rows,
    personal,
    journal: await journalOf(db, jobId, job.bikeId),
    experience: await experienceIn(db),
    earlier: (await rowsWhere(db, 'reading', 'bikeId', [job.bikeId])).filter((r) => r.jobId !== jobId).slice(-mostEarlier),
  };
}

async function personById(db: Db, id: string | null): Promise<{ id: string; name: string } | null> {
  if (!id) return null;
  return ((await db.query('select id, name from person where id = $1', [id])).rows[0] as { id: string; name: string } | undefined) ?? null;
}
