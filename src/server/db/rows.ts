import { fields, type AnyRow, type TableName, type Tables } from '../../core/record';
import type { Db } from './pool';

/** Rows of the record in SQL: table and column names are the record's own in snake case, from a fixed list. */

export const snake = (name: string) => name.replace(/[A-Z]/g, (c) => `_${c.toLowerCase()}`);

const json = new Set(['symptoms', 'value', 'conditions', 'shown', 'lastTouched', 'pinned', 'pairings', 'body', 'versions']);

const columnList = (table: TableName) => ['id', ...fields[table], 'versions'].map((f) => `"${snake(f)}" as "${f}"`).join(', ');

const toSql = (field: string, value: unknown) => (json.has(field) && value !== null ? JSON.stringify(value) : value);

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

/** Where an entry stands: the journal number its device knew, and its own. */
export interface Place {
  after: number | null;
  seq: number;
}

export async function insertRow(db: Db, shopId: string, table: TableName, row: AnyRow, { after, seq }: Place): Promise<void> {
  const names = ['id', ...fields[table], 'versions'];
  const values = names.map((n) => toSql(n, (row as unknown as Record<string, unknown>)[n] ?? null));
  const columns = names.map((n) => `"${snake(n)}"`).join(', ');
  await db.query(
    `insert into ${snake(table)} (shop_id, made_after, made_seq, ${columns}) values ($1, $2, $3, ${names.map((_n, i) => `$${i + 4}`).join(', ')})`,
    [shopId, after, seq, ...values],
  );
}

export async function updateRow(
  db: Db,
  shopId: string,
  table: TableName,
  id: string,
  set: Record<string, unknown>,
  versions: Record<string, number>,
): Promise<void> {
  const names = Object.keys(set);
  for (const n of names) checkField(table, n);
  const assigned = names.map((n, i) => `"${snake(n)}" = $${i + 4}`).join(', ');
  const { rowCount } = await db.query(`update ${snake(table)} set versions = $3, ${assigned} where shop_id = $1 and id = $2`, [
    shopId,
    id,
    JSON.stringify(versions),
    ...names.map((n) => toSql(n, set[n])),
  ]);
  if (rowCount !== 1) throw new Error(`${table} ${id} was not there to change`);
}

export async function deleteRow(db: Db, shopId: string, table: TableName, id: string): Promise<void> {
  const { rowCount } = await db.query(`delete from ${snake(table)} where shop_id = $1 and id = $2`, [shopId, id]);
  if (rowCount !== 1) throw new Error(`${table} ${id} was not there to remove`);
}
