import { zipSync, strToU8, type Zippable } from 'fflate';
import type pg from 'pg';
import { readTransaction } from '../db/pool';
import { snapshotIn } from '../queries/job';
import { among, rowsOf, rowsWhere } from '../db/rows';
import { jobTables, type Photo } from '../../core/state';
import { digestOf, type FiledEntry, type JobFile } from './jobFile';
import { readPhoto } from './photos';

export async function exportJob(from: pg.Pool, shopId: string, jobId: string): Promise<JobFile | null> {
  const found = await readTransaction(from, shopId, async (db) => {
    const snapshot = await snapshotIn(db, shopId, jobId, null);
    if (!snapshot) return null;
    const bikeId = (snapshot.rows.bike![0] as { id: string }).id;
    const visits = (await rowsWhere(db, 'job', 'bikeId', [bikeId])).map((j) => j.id);
    const jobIds = visits.slice(0, visits.indexOf(jobId) + 1);
    const earlier = jobIds.slice(0, -1);
    const { rows: mine } = snapshot;
    mine.job!.push(...(await rowsWhere(db, 'job', 'id', earlier)));
    const before = await rowsOf(
      db,
      jobTables.map((table) => ({ table, where: among(table, 'jobId', 1) })),
      [earlier],
    );
    for (const [i, t] of jobTables.entries()) mine[t]!.push(...before[i]);
    // The people who did it belong to it: their own lines come along.
    const { rows } = await db.query(
      `with mine as (select * from journal where job_id = any($1::uuid[]) or (job_id is null and bike_id = $2))
       select seq, id, schema_version as "schemaVersion", type, json_build_object('kind', entity_kind, 'id', entity_id) as entity, made_at as "madeAt", after, base, payload, changes, group_id as "group",
              actor_id as "actorId", device_id as "deviceId", received_at as "receivedAt"
       from (select * from mine union select * from journal where type = 'person.add' and entity_id in (select actor_id from mine)) as lines order by seq`,
      [jobIds, bikeId],
    );
    // An entry that is an act by itself says nothing of a group.
    const journal = (rows as FiledEntry[]).map(({ group, ...e }) => ({ ...e, ...(group && { group }) }));
    return { snapshot, journal };
  });
  if (!found) return null;
  const { snapshot, journal } = found;
  const people = new Set(journal.map((e) => e.entity.id));
  // What the shop knows itself is a file of its own.
  const rows = { ...snapshot.rows, own: undefined, person: snapshot.rows.person?.filter((p) => people.has(p.id)) };
  const file: Omit<JobFile, 'digest'> = { format: 'ivrek-job', version: 3, jobId, rows, personal: snapshot.personal, journal };
  // As it will be read: what JSON drops or rewrites must not count as damage.
  const plain = JSON.parse(JSON.stringify(file)) as typeof file;
  return { ...plain, digest: digestOf(plain) };
}

/** The job and the bytes of its photos as one ZIP: job.json, and photos/SHA-256.jpg. */
export async function exportZip(from: pg.Pool, shopId: string, jobId: string): Promise<Uint8Array | null> {
  const job = await exportJob(from, shopId, jobId);
  if (!job) return null;
  const files: Zippable = { 'job.json': [strToU8(JSON.stringify(job)), { level: 6 }] };
  for (const { sha256 } of (job.rows.photo ?? []) as Photo[]) {
    const photo = await readPhoto(from, shopId, sha256, 'full');
    // Pictures are packed already.
    if (photo) files[`photos/${sha256}.${photo.mediaType.split('/')[1]}`] = [new Uint8Array(photo.bytes), { level: 0 }];
  }
  return zipSync(files);
}
