import type pg from 'pg';
import { soughtWords, tsqueryOf, type FoundLine } from '../../core/find';
import { readTransaction, patiently, type Db } from '../db/pool';
import { isTimeout } from '../http/problem';

const most = 40;
/** With fewer exact finds than this, it is worth looking for what was probably meant. */
const enough = 5;
const mostNear = 12;

interface Raw {
  kind: string;
  id: string;
  job_id: string | null;
  bike_id: string | null;
  words: string;
}

/** How long a search may take; what is near in spelling is left out where it takes longer. */
const patienceMs = 3000;

/** One search over everything written in a shop: by the beginnings of words, then allowing for typing errors. */
export async function find(from: pg.Pool, shopId: string, text: string): Promise<FoundLine[]> {
  const query = tsqueryOf(text);
  if (!query) return [];
  const near = soughtWords(text).join(' ');
  const search = <T>(work: (db: Db) => Promise<T>) =>
    readTransaction(from, shopId, async (db) => {
      await patiently(db, patienceMs);
      return work(db);
    });
  const raws = await search(async (db) => {
    const exact = (await db.query('select kind, id, job_id, bike_id, words from find_lines($1::tsquery, $2, $3)', [query, near, most]))
      .rows as Raw[];
    const owners = (await db.query(`select 'owner' as kind, id, null as job_id, bike_id, words from find_owners($1, 8)`, [near]))
      .rows as Raw[];
    return [...owners, ...exact].map((r) => ({ ...r, near: false }));
  });
  if (raws.length < enough && near.length >= 3) {
    const fuzzy = await search((db) =>
      db.query('select kind, id, job_id, bike_id, words from find_lines(null, $1, $2)', [near, mostNear]),
    ).catch((error: unknown) => {
      if (isTimeout(error)) return { rows: [] };
      throw error;
    });
    raws.push(...(fuzzy.rows as Raw[]).map((r) => ({ ...r, near: true })));
  }
  const seen = new Set<string>();
  const each = raws.filter((r) => {
    const key = `${r.kind} ${r.id} ${r.bike_id ?? ''}`;
    return !seen.has(key) && seen.add(key);
  });
  return search((db) => withBikes(db, each));
}

/** Each line with the bike it belongs to; what belongs to a bike alone is looked at in its newest job. */
async function withBikes(db: pg.PoolClient, raws: (Raw & { near: boolean })[]): Promise<FoundLine[]> {
  const jobs = await db.query(
    `select j.id, j.bike_id, j.handed_over_at, b.name from job j join bike b on b.shop_id = j.shop_id and b.id = j.bike_id
     where j.id = any($1::uuid[]) or j.bike_id = any($2::uuid[]) order by j.opened_at`,
    [raws.flatMap((r) => r.job_id ?? []), raws.flatMap((r) => (r.job_id ? [] : (r.bike_id ?? [])))],
  );
  const byJob = new Map(jobs.rows.map((j) => [j.id as string, j]));
  const byBike = new Map(jobs.rows.map((j) => [j.bike_id as string, j]));
  return raws.flatMap((r) => {
    const job = r.job_id ? byJob.get(r.job_id) : byBike.get(r.bike_id ?? '');
    if (!job) return [];
    const { id: jobId, name: bike, handed_over_at: handedOverAt } = job as { id: string; name: string; handed_over_at: string | null };
    return [{ kind: r.kind, id: r.id, jobId, bike, words: r.words, handedOverAt, near: r.near }];
  });
}
