import type { Command, Need } from '../../core/command';
import { commandType } from '../../core/command';
import { emptyState, put, type Change, type JournalEntry, type State, type TableName } from '../../core/record';
import type { Db } from '../db/pool';
import { rowsWhere } from '../db/rows';

export const entryColumns = `id, seq, type, job_id as "jobId", bike_id as "bikeId", made_at as "madeAt", actor_id as "actorId", payload->>'targetId' as "targetId", changes`;

/** Reads just the rows (and journal lines) that a command's effect must see. */
export async function gather(db: Db, command: Command): Promise<State> {
  const state = emptyState();
  const load = async (table: TableName, field: string, ids: string[]) => {
    if (ids.length) for (const row of await rowsWhere(db, table, field, ids)) put(state, table, row as never);
  };
  const needs: Need[] = commandType(command.type)?.needs(command as never) ?? [];
  for (const need of needs) {
    if ('journal' in need) await journalFrom(db, state, need.journal, load);
    else if ('field' in need) await load(need.table, need.field, [need.is]);
    else await load(need.table, 'id', [need.id]);
  }
  return state;
}

/** The entry that is to be taken back, everything later that might build on it, and the rows it touched. */
async function journalFrom(
  db: Db,
  state: State,
  targetId: string,
  load: (t: TableName, field: string, ids: string[]) => Promise<void>,
): Promise<void> {
  const target = await db.query(`select ${entryColumns} from journal where id = $1`, [targetId]);
  const entry = target.rows[0] as JournalEntry | undefined;
  if (!entry) return;
  // Only what takes entries back, and what names a row of this one, can matter: the rest of a long journal stays where it is.
  const ids = [...new Set((entry.changes as Change[]).map((c) => (c.op === 'update' ? c.id : c.row.id)))];
  const later = await db.query(
    `select ${entryColumns} from journal where seq > $1 and ($2::uuid is null or job_id is null or job_id = $2)
       and (type in ('undo', 'redo') or ($3 <> '' and changes::text ~ $3)) order by seq`,
    [entry.seq, entry.jobId, ids.join('|')],
  );
  state.journal.push(entry, ...(later.rows as JournalEntry[]));
  const byTable = new Map<TableName, string[]>();
  for (const c of entry.changes as Change[]) byTable.set(c.table, [...(byTable.get(c.table) ?? []), c.op === 'update' ? c.id : c.row.id]);
  for (const [table, ids] of byTable) await load(table, 'id', ids);
}

/** Journal lines of one job and its bike, oldest first, as screens need them. */
export async function journalOf(db: Db, jobId: string, bikeId: string): Promise<JournalEntry[]> {
  const { rows } = await db.query(
    `select ${entryColumns} from journal where job_id = $1 or (job_id is null and bike_id = $2) order by seq`,
    [jobId, bikeId],
  );
  return rows as JournalEntry[];
}
