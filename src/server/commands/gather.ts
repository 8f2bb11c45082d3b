import type { Command, Need } from '../../core/command';
import { commandType } from '../../core/command';
import { emptyState, put, type Change, type JournalEntry, type State, type TableName } from '../../core/record';
import type { Db } from '../db/pool';
import { rowsWhere } from '../db/rows';

export const entryColumns = `id, seq, type, job_id as "jobId", bike_id as "bikeId", made_at as "madeAt", actor_id as "actorId", payload->>'targetId' as "targetId", changes`;

/** Ids in one query: more are asked for in several. */
const slice = 2000;

/** Reads just the rows (and journal lines) that the effects of some commands must see. */
export async function gather(db: Db, commands: readonly Command[]): Promise<State> {
  const state = emptyState();
  const load = async (table: TableName, field: string, ids: readonly string[]) => {
    for (let i = 0; i < ids.length; i += slice)
      for (const row of await rowsWhere(db, table, field, ids.slice(i, i + slice))) put(state, table, row as never);
  };
  const wanted = new Map<string, { table: TableName; field: string; ids: Set<string> }>();
  const want = (table: TableName, field: string, id: string) => {
    const key = `${table} ${field}`;
    const known = wanted.get(key);
    if (known) known.ids.add(id);
    else wanted.set(key, { table, field, ids: new Set([id]) });
  };
  const own = new Set(commands.map((c) => c.id));
  for (const command of commands) {
    const needs: Need[] = commandType(command.type)?.needs(command as never) ?? [];
    for (const need of needs) {
      // What takes back another of the same commands finds it in memory.
      if ('journal' in need) await (own.has(need.journal) ? undefined : journalFrom(db, state, need.journal, load));
      else if ('field' in need) want(need.table, need.field, need.is);
      else want(need.table, 'id', need.id);
    }
  }
  for (const { table, field, ids } of wanted.values()) await load(table, field, [...ids]);
  if (commands.length > 1) inOrder(state);
  return state;
}

/** Journal lines that came for several commands: each once, by their numbers. */
function inOrder(state: State): void {
  const each = [...new Map(state.journal.map((e) => [e.id, e])).values()].sort((a, b) => (a.seq ?? 0) - (b.seq ?? 0));
  state.journal.splice(0, state.journal.length, ...each);
}

/** The entry that is to be taken back, everything later that might build on it, and the rows it touched. */
async function journalFrom(
  db: Db,
  state: State,
  targetId: string,
  load: (t: TableName, field: string, ids: readonly string[]) => Promise<void>,
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
  state.journal.push(entry);
  for (const e of later.rows as JournalEntry[]) state.journal.push(e);
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
