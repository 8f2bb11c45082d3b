import type { PairedDevice, PairingCode, RefusedDevice } from '../../wire';
import { createHash, randomInt } from 'node:crypto';
import type pg from 'pg';
import { RateLimiterPostgres, type RateLimiterRes } from 'rate-limiter-flexible';
import { shopTransaction } from '../db/pool';
import { log } from '../log';
import { openSession, tellOver } from '../session';

/** How tablets are let in: a code of six digits, shown on the computer, good for one device and ten minutes. */

const codeMinutes = 10;
const hash = (code: string) => createHash('sha256').update(`ivrek pairing ${code}`).digest();

/** Makes a code; the one before it is void. */
export async function newCode(from: pg.Pool, shopId: string): Promise<PairingCode> {
  const code = String(randomInt(0, 1_000_000)).padStart(6, '0');
  return shopTransaction(from, shopId, async (db) => {
    await db.query('delete from pairing');
    const { rows } = await db.query(
      'insert into pairing (shop_id, code_hash, expires_at) values ($1, $2, now() + make_interval(mins => $3)) returning expires_at as "expiresAt"',
      [shopId, hash(code), codeMinutes],
    );
    return { code, expiresAt: (rows[0] as { expiresAt: string }).expiresAt };
  });
}

/** Attempts from one address, and from all together: six digits are few, so tries are fewer. Counted in the database. */
const limiters = new WeakMap<pg.Pool, { one: RateLimiterPostgres; all: RateLimiterPostgres }>();
function limitersOf(from: pg.Pool) {
  const known = limiters.get(from);
  if (known) return known;
  const make = (keyPrefix: string, points: number) =>
    new RateLimiterPostgres({
      storeClient: from,
      storeType: 'pool',
      tableName: 'attempt',
      tableCreated: true,
      clearExpiredByTimeout: false,
      keyPrefix,
      points,
      duration: codeMinutes * 60,
    });
  const made = { one: make('pair-one', 6), all: make('pair-all', 30) };
  limiters.set(from, made);
  return made;
}

export type Paired = { ok: true; cookie: string; shopId: string } | { ok: false; status: 403 | 429; message: string };

/** An address as attempts are counted by: of IPv6 the network, since whoever has one address there has them all. */
export const countedBy = (address: string): string => {
  const plain = address.replace(/^::ffff:/i, '');
  return plain.includes(':') ? `${plain.split('%')[0].split(':').slice(0, 4).join(':')}::/64` : plain;
};

const mostRefusals = 50;

/** Writes down who was not let in, for the computer to show; the last few are kept. */
async function refuse(from: pg.Pool, address: string, name: string, why: string): Promise<void> {
  log.warn({ address, why }, 'a device was not let in');
  await from.query('insert into refusal (address, name, why) values ($1, $2, $3)', [address.slice(0, 60), name.slice(0, 60), why]);
  await from.query('delete from refusal where id <= (select max(id) from refusal) - $1', [mostRefusals]);
}

/** Devices that asked to be let in during the last days and were not, the newest first. */
export async function refusals(from: pg.Pool): Promise<RefusedDevice[]> {
  const { rows } = await from.query(
    `select at, address, name, why from refusal where at > now() - interval '7 days' order by id desc limit 10`,
  );
  return rows as RefusedDevice[];
}

/** Lets a device in that knows the code. */
export async function pair(from: pg.Pool, address: string, code: string, name: string): Promise<Paired> {
  const { one, all } = limitersOf(from);
  // What has run out is of no use any more; the table holds no more than the addresses of ten minutes.
  await from.query('delete from attempt where expire < $1', [Date.now()]);
  try {
    await one.consume(countedBy(address));
    await all.consume('all');
  } catch (error) {
    if (error instanceof Error) throw error;
    const minutes = Math.max(1, Math.ceil((error as RateLimiterRes).msBeforeNext / 60_000));
    await refuse(from, address, name, 'too many attempts');
    return { ok: false, status: 429, message: `Too many attempts. Try again in ${minutes} minutes, with a new code.` };
  }
  const { rows } = await from.query('select take_pairing($1) as shop', [hash(code)]);
  const shopId = (rows[0] as { shop: string | null }).shop;
  if (!shopId) {
    await refuse(from, address, name, 'wrong code');
    return { ok: false, status: 403, message: 'This is not the code on the computer, or it has run out. Show a new one there.' };
  }
  return { ok: true, shopId, cookie: await openSession(from, shopId, null, { name, paired: true }) };
}

/** Devices that were paired with a shop and not sent away, the last seen first. */
export async function devices(from: pg.Pool, shopId: string): Promise<PairedDevice[]> {
  return shopTransaction(from, shopId, async (db) => {
    const { rows } = await db.query(
      `select s.id, s.name, s.paired_at as "pairedAt", s.seen_at as "seenAt", p.name as person
       from session s left join person p on p.shop_id = s.shop_id and p.id = s.person_id
       where s.paired_at is not null and s.sent_away_at is null and s.ended_at is null order by s.seen_at desc nulls last, s.id`,
    );
    return rows as PairedDevice[];
  });
}

export async function nameDevice(from: pg.Pool, shopId: string, id: string, name: string): Promise<boolean> {
  return shopTransaction(from, shopId, async (db) => {
    const { rowCount } = await db.query('update session set name = $2 where id = $1 and paired_at is not null', [id, name]);
    return rowCount === 1;
  });
}

/** Sends a device away: from now on it is not let in, until it is paired again. */
export async function sendAway(from: pg.Pool, shopId: string, id: string): Promise<boolean> {
  return shopTransaction(from, shopId, async (db) => {
    const { rowCount } = await db.query(
      'update session set sent_away_at = now() where id = $1 and paired_at is not null and sent_away_at is null',
      [id],
    );
    if (rowCount === 1) await tellOver(db, id);
    return rowCount === 1;
  });
}
