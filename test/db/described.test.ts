import { afterAll, describe, expect, it } from 'vitest';
import { kindsOf, tableNames, tables, type TableName } from '../../src/core/record';
import type { Kind } from '../../src/core/record/kinds';
import { snake } from '../../src/server/db/rows';
import { freshDatabase } from './database';

/** The migrations are written by hand and only go forward; src/core/record/tables.ts says what they must have led to. */

const columnType = (kind: Kind): string => {
  switch (kind.is) {
    case 'id':
      return 'uuid';
    case 'whole':
      return 'integer';
    case 'figure':
      return 'double precision';
    case 'decimal':
      return 'numeric';
    case 'instant':
      return 'timestamp with time zone';
    case 'day':
      return 'date';
    case 'truth':
      return 'boolean';
    case 'oneOf':
      return typeof kind.values[0] === 'number' ? 'integer' : 'text';
    case 'words':
    case 'position':
    case 'unit':
    case 'sha256':
      return 'text';
    default:
      return 'jsonb';
  }
};

const db = await freshDatabase();
afterAll(() => db.drop());

describe('the migrations lead to what tables.ts describes', () => {
  it.each(tableNames)('%s has its fields as columns, of their kinds', async (table) => {
    const { rows } = await db.owner.query(
      `select column_name, data_type, is_nullable = 'YES' as maybe from information_schema.columns
       where table_schema = 'public' and table_name = $1 order by ordinal_position`,
      [snake(table)],
    );
    const own = ['shop_id', 'id', 'versions', 'made_after', 'made_seq'];
    const there = Object.fromEntries(
      (rows as { column_name: string; data_type: string; maybe: boolean }[])
        .filter((r) => !own.includes(r.column_name))
        .map((r) => [r.column_name, `${r.data_type}${r.maybe ? ', or nothing' : ''}`]),
    );
    const described = Object.entries(kindsOf(table)).map(([f, k]) => [snake(f), `${columnType(k)}${k.maybe ? ', or nothing' : ''}`]);
    expect(there, `src/core/record/tables.ts and db/migrations differ on ${table}`).toEqual(Object.fromEntries(described));
  });

  it.each(tableNames)('%s is searched in the fields that are named for it', async (table) => {
    const { rows } = await db.owner.query(
      `select encode(tgargs, 'escape') as args from pg_trigger where tgname = 'find_keep' and tgrelid = $1::regclass`,
      [snake(table)],
    );
    const args = ((rows[0] as { args: string } | undefined)?.args ?? '').split('\\000').filter(Boolean);
    expect(args, `the search of ${table}`).toEqual([...tables[table].sought].map((f) => snake(f)));
  });

  it.each(tableNames)('%s shows a session its own workshop only', async (table) => {
    const { rows } = await db.owner.query(`select relrowsecurity and relforcerowsecurity as bound from pg_class where oid = $1::regclass`, [
      snake(table),
    ]);
    expect((rows[0] as { bound: boolean }).bound).toBe(true);
  });

  it('has no table of rows that is not described', async () => {
    const { rows } = await db.owner.query(`select table_name from information_schema.columns where column_name = 'versions'`);
    const there = (rows as { table_name: string }[]).map((r) => r.table_name).sort();
    expect(there).toEqual(tableNames.map((t: TableName) => snake(t)).sort());
  });
});
