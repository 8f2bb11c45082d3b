import type pg from 'pg';
import type { Heard, Personal } from '../../core/state';
import { entryColumns } from '../commands/loadRows';
import type { JournalPage } from '../../wire';
import { readTransaction, type Db } from '../db/pool';

const pageSize = 500;

/** Journal lines after a number: of the whole shop, or of one job and its bike. */
export async function journalAfter(from: pg.Pool, shopId: string, after: number, jobId: string | null): Promise<JournalPage> {
  return readTransaction(from, shopId, async (db) => {
    const { rows: shop } = await db.query('select seq from shop where id = $1', [shopId]);
    const { rows } = await db.query(
      jobId
        ? `select ${entryColumns} from journal where seq > $1
             and (job_id = $2 or job_id is null and (bike_id = (select bike_id from job where id = $2) or entity_kind in ('person', 'own')))
           order by seq limit ${pageSize + 1}`
        : `select ${entryColumns} from journal where seq > $1 and $2::uuid is null order by seq limit ${pageSize + 1}`,
      [after, jobId],
    );
    const more = rows.length > pageSize;
    const entries = await withPersonal(db, rows.slice(0, pageSize) as Heard[]);
    return { entries, more, upTo: more ? entries.at(-1)!.seq : Math.max(after, (shop[0]?.seq as number | undefined) ?? 0) };
  });
}

/** Adds the personal data that owners in these lines point to; the journal itself never holds them. */
async function withPersonal(db: Db, entries: Heard[]): Promise<Heard[]> {
  const named = (e: Heard) =>
    e.changes.flatMap((c) => {
      if (c.table !== 'owner') return [];
      const id = (c.op === 'update' ? c.set.personalId : (c.row as { personalId?: string | null }).personalId) as string | null | undefined;
      return id ? [id] : [];
    });
  const wanted = [...new Set(entries.flatMap(named))];
  const { rows } = wanted.length
    ? await db.query('select id, name, phone, email from personal where id = any($1::uuid[])', [wanted])
    : { rows: [] };
  const people = new Map((rows as Personal[]).map((p) => [p.id, p]));
  return entries.map((e) => ({ ...e, personal: named(e).flatMap((id) => people.get(id) ?? []) }));
}
