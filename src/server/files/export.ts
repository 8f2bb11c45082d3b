import type pg from 'pg';
import { jobSnapshot } from '../queries/job';
import { inShop } from '../db/pool';
import type { AnyRow, Personal, TableName } from '../../core/record';

/** One job as a file: rows, the people it names, and every journal line. Described by docs/job.schema.json. */
export interface JobFile {
  format: 'ivrek-job';
  version: 1;
  jobId: string;
  rows: Partial<Record<TableName, AnyRow[]>>;
  personal: Personal[];
  journal: Record<string, unknown>[];
}

export async function exportJob(from: pg.Pool, shopId: string, jobId: string): Promise<JobFile | null> {
  const snapshot = await jobSnapshot(from, shopId, jobId, null);
  if (!snapshot) return null;
  const bikeId = (snapshot.rows.bike![0] as { id: string }).id;
  const journal = await inShop(from, shopId, async (db) => {
    const { rows } = await db.query(
      `select seq, id, schema_version as "schemaVersion", type, json_build_object('kind', entity_kind, 'id', entity_id) as entity, made_at as "madeAt", after, base, payload, changes,
              actor_id as "actorId", device_id as "deviceId", received_at as "receivedAt"
       from journal where job_id = $1 or (job_id is null and bike_id = $2) order by seq`,
      [jobId, bikeId],
    );
    return rows as Record<string, unknown>[];
  });
  return { format: 'ivrek-job', version: 1, jobId, rows: snapshot.rows, personal: snapshot.personal, journal };
}
