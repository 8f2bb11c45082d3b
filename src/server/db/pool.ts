import pg from 'pg';
import { isoOf } from './instant';
import { Turns } from './turns';

// Numbers that JavaScript can hold are numbers, exact decimals stay text, times are ISO text as everywhere else.
const types = new pg.TypeOverrides();
types.setTypeParser(20, (v: string) => Number(v));
types.setTypeParser(1184, isoOf);
types.setTypeParser(1082, (v: string) => v);

export type Db = pg.PoolClient;

/** What any one thing may take before it is broken off; longer work says so for itself (see `patiently`). */
const limits = {
  connectionTimeoutMillis: 10_000,
  statement_timeout: 15_000,
  lock_timeout: 10_000,
  idle_in_transaction_session_timeout: 30_000,
};
/** Connections of a process, and how many of them one workshop may hold: a busy one waits for itself. */
const mostConnections = 16;
const mostOfOneShop = 4;

/** How every connection is made. Times are told in UTC, wherever the computer stands and whatever its clocks once did. */
export const connection = (connectionString: string, application_name = 'ivrek'): pg.ClientConfig => ({
  connectionString,
  application_name,
  types,
  options: '-c TimeZone=UTC',
});

export function makePool(connectionString: string, max = mostConnections): pg.Pool {
  const pool = new pg.Pool({ ...connection(connectionString), ...limits, max });
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

const turns = new WeakMap<pg.Pool, { any: Turns; writing: Turns }>();
function turnsOf(from: pg.Pool) {
  const known = turns.get(from);
  if (known) return known;
  const made = { any: new Turns(mostOfOneShop), writing: new Turns(1) };
  turns.set(from, made);
  return made;
}

/** Runs `work` in one transaction that can see one shop only. Anything thrown rolls all of it back. */
export const shopTransaction = <T>(from: pg.Pool, shopId: string, work: (db: Db) => Promise<T>): Promise<T> =>
  run(from, shopId, work, 'begin');

/**
 * The same for what adds to the journal: writers of one shop come one after the other. They wait here and not at the shop's
 * row, where each would hold a connection.
 */
export const writeTransaction = <T>(from: pg.Pool, shopId: string, work: (db: Db) => Promise<T>): Promise<T> =>
  turnsOf(from).writing.run(shopId, () => shopTransaction(from, shopId, work));

/** The same for reading only, all of it as it was at one moment: rows, journal and its number fit together. */
export const readTransaction = <T>(from: pg.Pool, shopId: string, work: (db: Db) => Promise<T>): Promise<T> =>
  run(from, shopId, work, 'begin isolation level repeatable read read only');

/** Lets the statements of an open transaction take this long, for work that is known to be large (or must not become so). */
export async function patiently(db: Db, ms: number): Promise<void> {
  await db.query(`select set_config('statement_timeout', $1, true)`, [String(ms)]);
}

function run<T>(from: pg.Pool, shopId: string, work: (db: Db) => Promise<T>, begin: string): Promise<T> {
  return turnsOf(from).any.run(shopId, async () => {
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
  });
}
