import { advanceInPlace, effectOf, type Command, type Refusal } from '../../core/command';
import { bikeTables, tableNames, type AnyRow, type Change, type State, type TableName } from '../../core/state';
import type { Db } from '../db/pool';
import { deleteRows, insertRows, updateRows, type RowPosition } from '../db/rows';
import type { Speaker } from './speaker';

interface Touched {
  /** In the database already, before this batch. */
  there: boolean;
  place: RowPosition;
}

interface Line {
  seq: number;
  command: Command;
  after: number | null;
  speaker: Speaker;
  jobId: string | null;
  changes: Change[];
}

/** Rows or lines in one statement: enough to be quick, and little enough that others get a word in. */
const slice = 400;

/**
 * Commands of one shop that are applied one after the other in memory and written together: the shop's row is locked, so nothing
 * changes under them. One command is a batch of one. Nothing is written before `write`.
 */
export class Batch {
  private readonly touched = new Map<TableName, Map<string, Touched>>();
  private readonly lines: Line[] = [];

  /** `state` holds every row and journal line that the commands need; it is changed in place. */
  constructor(
    private readonly shopId: string,
    private readonly state: State,
    private seq: number,
  ) {}

  apply(command: Command, speaker: Speaker): { ok: true; seq: number; changes: Change[] } | { ok: false; refusal: Refusal } {
    const outcome = effectOf(this.state, command);
    if (!outcome.ok) return outcome;
    const { changes } = outcome;
    const seq = this.seq + 1;
    // A device cannot have known more than there was; one that claims so has a journal of another installation.
    const after = command.after === null ? null : Math.min(command.after, seq - 1);
    for (const c of changes) this.touch(c, { after, seq });
    const { jobId } = advanceInPlace(this.state, command, changes, seq, speaker.actorId);
    this.lines.push({ seq, command, after, speaker, jobId, changes });
    this.seq = seq;
    return { ok: true, seq, changes };
  }

  private touch(c: Change, place: RowPosition): void {
    const id = c.op === 'update' ? c.id : c.row.id;
    let table = this.touched.get(c.table);
    if (!table) this.touched.set(c.table, (table = new Map()));
    const known = table.get(id);
    if (!known) table.set(id, { there: c.op !== 'insert', place });
    // A row stands where it was made; one that was taken away and put back stands where it was put back.
    else if (c.op === 'insert') known.place = place;
  }

  /** Writes rows and journal. `onPart` hears how far it has come, 0 to 1; what it throws stops it. */
  async write(db: Db, onPart: (part: number) => void = () => undefined): Promise<void> {
    const all = [...this.touched.values()].reduce((n, t) => n + t.size, 0) + this.lines.length;
    let done = 0;
    const bySlice = async <T>(list: readonly T[], work: (some: readonly T[]) => Promise<unknown>) => {
      for (let i = 0; i < list.length; i += slice) {
        await work(list.slice(i, i + slice));
        done += Math.min(slice, list.length - i);
        onPart(done / all);
      }
    };
    // In the order in which tables refer to each other: what is found is found by the name of its bike.
    for (const name of tableNames) {
      const table = this.touched.get(name);
      if (!table) continue;
      const rows = this.state.rows[name] as ReadonlyMap<string, AnyRow>;
      const fresh: (RowPosition & { row: AnyRow })[] = [];
      const changed: AnyRow[] = [];
      const gone: string[] = [];
      for (const [id, { there, place }] of table) {
        const row = rows.get(id);
        if (row && !there) fresh.push({ row, ...place });
        else if (row) changed.push(row);
        else if (there) gone.push(id);
      }
      await bySlice(fresh, (some) => insertRows(db, this.shopId, name, some));
      await bySlice(changed, (some) => updateRows(db, this.shopId, name, some));
      await bySlice(gone, (some) => deleteRows(db, this.shopId, name, some));
    }
    const owned = await this.bikesOfOwners(db);
    await bySlice(this.lines, (some) => this.writeLines(db, some, owned));
    await db.query('update shop set seq = $2 where id = $1', [this.shopId, this.seq]);
    await db.query(`select pg_notify('ivrek_journal', $1)`, [String(this.seq)]);
  }

  private async writeLines(db: Db, lines: readonly Line[], owned: ReadonlyMap<string, string>): Promise<void> {
    const rows = lines.map(({ seq, command, after, speaker, jobId, changes }) => ({
      seq,
      id: command.id,
      schema_version: command.schemaVersion,
      type: command.type,
      entity_kind: command.entity.kind,
      entity_id: command.entity.id,
      job_id: jobId,
      bike_id: this.bikeOf(changes, owned),
      made_at: command.madeAt,
      after,
      base: command.base,
      payload: command.payload,
      group_id: command.group ?? null,
      changes,
      actor_id: speaker.actorId,
      device_id: speaker.deviceId,
      received_at: speaker.receivedAt ?? null,
    }));
    await db.query(
      `insert into journal (shop_id, seq, id, schema_version, type, entity_kind, entity_id, job_id, bike_id, made_at, after, base, payload, group_id, changes, actor_id, device_id, received_at)
       select $1, seq, id, schema_version, type, entity_kind, entity_id, job_id, bike_id, made_at, after, base, payload, group_id, changes, actor_id, device_id, coalesce(received_at, clock_timestamp())
       from jsonb_populate_recordset(null::journal, $2::jsonb) order by seq`,
      [this.shopId, JSON.stringify(rows)],
    );
  }

  /** The bike that an entry without a job belongs to, so that the bike's own changes stand in its jobs' logs. */
  private bikeOf(changes: readonly Change[], owned: ReadonlyMap<string, string>): string | null {
    for (const c of changes) {
      const id = c.op === 'update' ? c.id : c.row.id;
      if (c.table === 'bike') return id;
      if (c.table === 'owner') return owned.get(id) ?? null;
      if (bikeTables.includes(c.table)) {
        const row = (this.state.rows[c.table].get(id) ?? (c.op === 'update' ? undefined : c.row)) as { bikeId?: string } | undefined;
        return row?.bikeId ?? null;
      }
    }
    return null;
  }

  private async bikesOfOwners(db: Db): Promise<Map<string, string>> {
    const ids = [...(this.touched.get('owner')?.keys() ?? [])];
    if (ids.length === 0) return new Map();
    const { rows } = await db.query(
      'select distinct on (owner_id) owner_id, id from bike where owner_id = any($1::uuid[]) order by owner_id, id',
      [ids],
    );
    return new Map(rows.map((r) => [r.owner_id as string, r.id as string]));
  }
}
