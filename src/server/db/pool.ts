import pg from 'pg';

// Numbers that JavaScript can hold are numbers, exact decimals stay text, times are ISO text as everywhere else.
const types = new pg.TypeOverrides();
types.setTypeParser(20, (v: string) => Number(v));
types.setTypeParser(1184, (v: string) => new Date(v).toISOString());
types.setTypeParser(1082, (v: string) => v);

export type Db = pg.PoolClient;

export function makePool(connectionString: string, max = 10): pg.Pool {
  const pool = new pg.Pool({ connectionString, max, types, application_name: 'ivrek' });
  // A connection that dies while idle is replaced by the pool; it must not take the server with it.
  pool.on('error', () => undefined);
  // Nor one that dies between two queries of a transaction: the next query says so.
  pool.on('connect', (client) => void client.on('error', () => undefined));
  return pool;
}

let shared: pg.Pool | undefined;

/** The pool of this server process. */
export function pool(): pg.Pool {
  const url = process.env.IVREK_APP_URL;
  if (!url) throw new Error('IVREK_APP_URL is not set: start the application with ./ivrek start');
  return (shared ??= makePool(url));
}

/** Runs `work` in one transaction that can see one shop only. Anything thrown rolls all of it back. */
export const inShop = <T>(from: pg.Pool, shopId: string, work: (db: Db) => Promise<T>): Promise<T> => run(from, shopId, work, 'begin');

/** The same for reading only, all of it as it was at one moment: rows, journal and its number fit together. */
export const lookAt = <T>(from: pg.Pool, shopId: string, work: (db: Db) => Promise<T>): Promise<T> =>
  run(from, shopId, work, 'begin isolation level repeatable read read only');

async function run<T>(from: pg.Pool, shopId: string, work: (db: Db) => Promise<T>, begin: string): Promise<T> {
  const db = await from.connect();
  let broken: Error | undefined;
  try {
    await db.query(begin);
    await db.query(`select set_config('ivrek.shop', $1, true)`, [shopId]);
    const result = await work(db);
    await db.query('commit');
    return result;
  } catch (error) {
    await db.query('rollback').catch((e: Error) => (broken = e));
    throw error;
  } finally {
    db.release(broken);
  }
}
