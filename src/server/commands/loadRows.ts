import type { Command, Need } from '../../core/command';
import { commandType } from '../../core/command';
import { emptyState, put, type Change, type JournalEntry, type State, type TableName } from '../../core/state';
import type { Db } from '../db/pool';
import { among, rowsOf } from '../db/rows';

export const entryColumns = `id, seq, type, job_id as "jobId", bike_id as "bikeId", made_at as "madeAt", actor_id as "actorId", payload->>'targetId' as "targetId", group_id as "groupId", changes`;

/** Ids in one statement: more are asked for in several. */
const slice = 2000;

/** Rows that are wanted, by table and by the field that they are looked up by. */
class Wishes {
  private readonly ids = new Map<TableName, Map<string, Set<string>>>();

  add(table: TableName, field: string, id: string): void {
    const ofTable = this.ids.get(table) ?? new Map<string, Set<string>>();
    this.ids.set(table, ofTable.set(field, (ofTable.get(field) ?? new Set()).add(id)));
  }

  /** Reads all of it into a state: one statement, unless it is very much. */
  async readInto(db: Db, state: State): Promise<void> {
    const fields = [...this.ids].flatMap(([table, ofTable]) => [...ofTable].map(([field, ids]) => ({ table, field, ids: [...ids] })));
    const most = Math.max(0, ...fields.map((f) => f.ids.length));
    for (let i = 0; i < most; i += slice) {
      const now = fields.flatMap((f) => (f.ids.length > i ? [{ ...f, ids: f.ids.slice(i, i + slice) }] : []));
      const wanted = [...this.ids.keys()].flatMap((table) => {
        const where = now.flatMap((f, n) => (f.table === table ? [among(table, f.field, n + 1)] : []));
        return where.length ? [{ table, where: where.join(' or ') }] : [];
      });
      const found = await rowsOf(
        db,
        wanted,
        now.map((f) => f.ids),
      );
      for (const [n, { table }] of wanted.entries()) for (const row of found[n]) put(state, table, row as never);
    }
  }
}

/** Reads just the rows (and journal lines) that the effects of some commands must see. */
export async function loadRows(db: Db, commands: readonly Command[]): Promise<State> {
  const state = emptyState();
  const wishes = new Wishes();
  const own = new Set(commands.map((c) => c.id));
  for (const command of commands) {
    const needs: Need[] = commandType(command.type)?.needs(command as never) ?? [];
    for (const need of needs) {
      // What takes back another of the same commands finds it in memory.
      if ('journal' in need) await (own.has(need.journal) ? undefined : journalFrom(db, state, need.journal, wishes));
      else if ('field' in need) wishes.add(need.table, need.field, need.is);
      else wishes.add(need.table, 'id', need.id);
    }
  }
  await wishes.readInto(db, state);
  if (commands.length > 1) inOrder(state);
  return state;
}

/** Journal lines that came for several commands: each once, by their numbers. */
function inOrder(state: State): void {
  const each = [...new Map(state.journal.map((e) => [e.id, e])).values()].sort((a, b) => (a.seq ?? 0) - (b.seq ?? 0));
  state.journal.splice(0, state.journal.length, ...each);
}

/** The entry that is to be taken back, everything later that might build on it, and the rows it touched. */
async function journalFrom(db: Db, state: State, targetId: string, wishes: Wishes): Promise<void> {
  const target = await db.query(`select ${entryColumns} from journal where id = $1`, [targetId]);
  const entry = target.rows[0] as JournalEntry | undefined;
  if (!entry) return;
  // Only what takes entries back, and what names a row of this one, can matter: the rest of a long journal stays where it is. A bike
  // may have been back in another job.
  const ids = [...new Set((entry.changes as Change[]).map((c) => (c.op === 'update' ? c.id : c.row.id)))];
  const later = await db.query(
    `select ${entryColumns} from journal where seq > $1
       and ($2::uuid is null or job_id is null or job_id = $2 or job_id in (select id from job where bike_id = any($4::uuid[])))
       and (type in ('undo', 'redo') or ($3 <> '' and changes::text ~ $3)) order by seq`,
    [entry.seq, entry.jobId, ids.join('|'), ids],
  );
  state.journal.push(entry);
  for (const e of later.rows as JournalEntry[]) state.journal.push(e);
  for (const c of entry.changes as Change[]) wishes.add(c.table, 'id', c.op === 'update' ? c.id : c.row.id);
}
