import { afterAll, describe, expect, it } from 'vitest';
import { kindsOf, tableNames, tables, type TableName } from '../../src/core/state';
import type { FieldKind } from '../../src/core/state/kinds';
import { shopTransaction } from '../../src/server/db/pool';
import { snake } from '../../src/server/db/rows';
import { freshDatabase } from './database';

/** The migrations are written by hand and only go forward; src/core/state/tables.ts says what they must have led to. */

const columnType = (kind: FieldKind): string => {
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
    expect(there, `src/core/state/tables.ts and db/migrations differ on ${table}`).toEqual(Object.fromEntries(described));
  });

  it.each(tableNames)('%s is searched in the fields that are named for it', async (table) => {
    const { rows } = await db.owner.query(
      `select encode(tgargs, 'escape') as args from pg_trigger where tgname = 'find_keep' and tgrelid = $1::regclass`,
      [snake(table)],
    );
    const args = ((rows[0] as { args: string } | undefined)?.args ?? '').split('\\000').filter(Boolean);
    expect(args, `the search of ${table}`).toEqual([...tables[table].sought].map((f) => snake(f)));
  });

  const links = tableNames.flatMap((t) =>
    Object.entries(kindsOf(t)).flatMap(([f, k]): [string, string, string][] =>
      k.is === 'id' && k.of ? [[snake(t), snake(f), snake(k.of)]] : [],
    ),
  );
  it.each(links)('%s.%s names a row of %s that is there, and is found by it', async (table, column, parent) => {
    const { rows } = await db.owner.query(
      `select k.confrelid::regclass::text as parent, k.condeferred as late,
              exists (select from pg_index x join pg_attribute a on a.attrelid = x.indrelid and a.attnum = x.indkey[1]
                      where x.indrelid = k.conrelid and a.attname = $2) as found
       from pg_constraint k where k.contype = 'f' and k.conrelid = $1::regclass
         and k.conkey[2] = (select attnum from pg_attribute where attrelid = k.conrelid and attname = $2)`,
      [table, column],
    );
    expect(rows).toEqual([{ parent, late: true, found: true }]);
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

  it('starts and goes on where rows of an earlier version name what is not there, and takes no new ones', async () => {
    const shop = '33333333-3333-4333-8333-333333333333';
    await db.owner.query(`insert into shop (id, name) values ($1, 'Old')`, [shop]);
    const insert = (id: string) =>
      shopTransaction(db.pool, shop, (c) =>
        c.query(
          `insert into pin (shop_id, id, job_id, photo_id, x, y, note) values ($1, $2, gen_random_uuid(), gen_random_uuid(), 0, 0, '')`,
          [shop, id],
        ),
      );
    await expect(insert('00000000-0000-4000-8000-000000000001')).rejects.toThrow(/foreign key/);
    await db.owner.query('alter table pin drop constraint pin_photo_id_there, drop constraint pin_job_id_there');
    await insert('00000000-0000-4000-8000-000000000001');
    await db.owner.query(`select link_rows('pin', 'photo_id', 'photo'), link_rows('pin', 'job_id', 'job')`);
    await expect(insert('00000000-0000-4000-8000-000000000002')).rejects.toThrow(/foreign key/);
  });
});
