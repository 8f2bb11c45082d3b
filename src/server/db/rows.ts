import { fields, kindsOf, tableNames, type AnyRow, type TableName, type Tables } from '../../core/state';
import type { FieldKind } from '../../core/state/kinds';
import { isoOf } from './instant';
import type { Db } from './pool';

/** Rows of the record in SQL: table and column names are the record's own in snake case, from a fixed list. */

export const snake = (name: string) => name.replace(/[A-Z]/g, (c) => `_${c.toLowerCase()}`);

const columnList = (table: TableName) => ['id', ...fields[table], 'versions'].map((f) => `"${snake(f)}" as "${f}"`).join(', ');

function checkField(table: TableName, field: string): void {
  if (!(fields[table] as readonly string[]).includes(field)) throw new Error(`${table} has no field ${field}`);
}

/** Rows come in their physical order: by what was known when they were made, then by their place in the journal. */
const order = 'coalesce(made_after, made_seq - 1), made_seq, id';
const orderOf = (table: TableName) => (table === 'torqueStage' ? 'torque_id, n' : order);

/** Rows whose id or reference is one of `ids`. */
export async function rowsWhere<T extends TableName>(db: Db, table: T, field: string, ids: readonly string[]): Promise<Tables[T][]> {
  if (field !== 'id') checkField(table, field);
  const { rows } = await db.query(
    `select ${columnList(table)} from ${snake(table)} where ${snake(field)} = any($1::uuid[]) order by ${orderOf(table)}`,
    [ids],
  );
  return rows as Tables[T][];
}

/** Every row of the shop. */
export async function allRows<T extends TableName>(db: Db, table: T): Promise<Tables[T][]> {
  return (await db.query(`select ${columnList(table)} from ${snake(table)} order by ${orderOf(table)}`)).rows as Tables[T][];
}

/** Some rows of a table: `where` is SQL over its columns. */
export interface Wanted {
  table: TableName;
  where: string;
  order?: string;
}

/** Where a reference is one of the ids that are the statement's parameter `n`. */
export function among(table: TableName, field: string, n: number): string {
  if (field !== 'id') checkField(table, field);
  return `${snake(field)} = any($${n}::uuid[])`;
}

/** A value as JSON keeps it: exact decimals, days and times as text, which PostgreSQL would else write in a form of its own. */
function inJson(field: string, kind: FieldKind): string {
  const column = `"${snake(field)}"`;
  return kind.is === 'decimal' || kind.is === 'instant' || kind.is === 'day' ? `${column}::text` : column;
}

/** Rows of several tables as expressions of one statement, one JSON array for each, named `t0`, `t1` and so on. */
export function inOneStatement(wanted: readonly Wanted[]): string {
  return wanted
    .map(({ table, where, order = orderOf(table) }, i) => {
      const parts = [['id', 'id'], ...Object.entries(kindsOf(table)).map(([f, k]) => [f, inJson(f, k)]), ['versions', 'versions']];
      const row = parts.map(([f, sql]) => `'${f}', ${sql}`).join(', ');
      return `(select coalesce(json_agg(json_build_object(${row}) order by ${order}), '[]') from ${snake(table)} where ${where}) as t${i}`;
    })
    .join(',\n');
}

/** A row as it came in JSON, with its times as ISO text. */
export function rowFrom(table: TableName, row: AnyRow): AnyRow {
  const values = row as unknown as Record<string, unknown>;
  for (const field of instants[table]) if (typeof values[field] === 'string') values[field] = isoOf(values[field]);
  return row;
}
const instants = Object.fromEntries(
  tableNames.map((t) => [t, Object.entries(kindsOf(t)).flatMap(([f, k]) => (k.is === 'instant' ? [f] : []))]),
) as Record<TableName, string[]>;

/** Rows of several tables in one statement, in the order in which they were asked for. */
export async function rowsOf(db: Db, wanted: readonly Wanted[], values: readonly unknown[]): Promise<AnyRow[][]> {
  if (wanted.length === 0) return [];
  const { rows } = await db.query(`select ${inOneStatement(wanted)}`, [...values]);
  const answer = rows[0] as Record<string, AnyRow[]>;
  return wanted.map(({ table }, i) => answer[`t${i}`].map((row) => rowFrom(table, row)));
}

/** Where an entry stands: the journal number its device knew, and its own. */
export interface RowPosition {
  after: number | null;
  seq: number;
}

/** The columns of a table as the record names them, in SQL. */
const columnsOf = (table: TableName) => ['id', ...fields[table], 'versions'].map((f) => `"${snake(f)}"`);

/** A row as PostgreSQL reads it out of JSON. */
const asRecord = (table: TableName, row: AnyRow) =>
  Object.fromEntries(['id', ...fields[table], 'versions'].map((f) => [snake(f), (row as unknown as Record<string, unknown>)[f] ?? null]));

export async function insertRows(
  db: Db,
  shopId: string,
  table: TableName,
  rows: readonly (RowPosition & { row: AnyRow })[],
): Promise<void> {
  const columns = columnsOf(table).join(', ');
  const records = rows.map(({ row, after, seq }) => ({ ...asRecord(table, row), made_after: after, made_seq: seq }));
  await db.query(
    `insert into ${snake(table)} (shop_id, made_after, made_seq, ${columns})
     select $1, made_after, made_seq, ${columns} from jsonb_populate_recordset(null::${snake(table)}, $2::jsonb) with ordinality order by ordinality`,
    [shopId, JSON.stringify(records)],
  );
}

export async function updateRows(db: Db, shopId: string, table: TableName, rows: readonly AnyRow[]): Promise<void> {
  const assigned = columnsOf(table)
    .filter((c) => c !== '"id"')
    .map((c) => `${c} = r.${c}`)
    .join(', ');
  const { rowCount } = await db.query(
    `update ${snake(table)} t set ${assigned} from jsonb_populate_recordset(null::${snake(table)}, $2::jsonb) r where t.shop_id = $1 and t.id = r.id`,
    [shopId, JSON.stringify(rows.map((row) => asRecord(table, row)))],
  );
  if (rowCount !== rows.length) throw new Error(`${table}: ${rows.length} rows were to change, and ${rowCount} did`);
}

export async function deleteRows(db: Db, shopId: string, table: TableName, ids: readonly string[]): Promise<void> {
  const { rowCount } = await db.query(`delete from ${snake(table)} where shop_id = $1 and id = any($2::uuid[])`, [shopId, ids]);
  if (rowCount !== ids.length) throw new Error(`${table}: ${ids.length} rows were to go, and ${rowCount} did`);
}
