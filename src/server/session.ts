import { createHash, randomBytes, randomUUID } from 'node:crypto';
import type pg from 'pg';
import { inShop, type Db } from './db/pool';

/** A device in a workshop, and who works with it at the moment. Until there is a sign-in, the device picks a person. */
export interface Session {
  shopId: string;
  id: string;
  personId: string | null;
  /** True for a device that was let in over the network by a pairing code. */
  paired: boolean;
}

export const sessionCookie = 'ivrek_session';
const hash = (token: string) => createHash('sha256').update(token).digest();
const shape = /^([\da-f-]{36})\.([\da-f-]{36})\.([\w-]{20,64})$/i;

/** Opens a session and returns its cookie value. */
export async function openSession(
  from: pg.Pool,
  shopId: string,
  personId: string | null,
  device: { name: string; paired: boolean } | null = null,
): Promise<string> {
  const id = randomUUID();
  const token = randomBytes(24).toString('base64url');
  await inShop(from, shopId, (db) =>
    db.query(
      'insert into session (shop_id, id, token_hash, person_id, name, paired_at, seen_at) values ($1, $2, $3, $4, $5, case when $6 then now() end, now())',
      [shopId, id, hash(token), personId, device?.name ?? null, device?.paired ?? false],
    ),
  );
  return `${shopId}.${id}.${token}`;
}

/** The session a cookie stands for, or null. A device that was sent away has none. */
export async function readSession(from: pg.Pool, cookie: string | undefined): Promise<Session | null> {
  const m = cookie ? shape.exec(cookie) : null;
  if (!m) return null;
  const [, shopId, id, token] = m;
  return inShop(from, shopId, async (db) => {
    const { rows } = await db.query(
      `select person_id, paired_at is not null as paired, seen_at is null or seen_at < now() - interval '1 minute' as stale
       from session where id = $1 and token_hash = $2 and sent_away_at is null`,
      [id, hash(token)],
    );
    if (!rows[0]) return null;
    if (rows[0].stale) await db.query('update session set seen_at = now() where id = $1', [id]);
    return { shopId, id, personId: rows[0].person_id as string | null, paired: rows[0].paired as boolean };
  });
}

/** True while a session that was read before has not been sent away. */
export async function stillWelcome(from: pg.Pool, { shopId, id }: Session): Promise<boolean> {
  return inShop(
    from,
    shopId,
    async (db) => (await db.query('select 1 from session where id = $1 and sent_away_at is null', [id])).rowCount === 1,
  );
}

/** Who works with this device from now on. False if there is no such person. */
export async function pickPerson(from: pg.Pool, { shopId, id }: Session, personId: string | null): Promise<boolean> {
  return inShop(from, shopId, async (db) => {
    if (personId && !(await isPerson(db, personId))) return false;
    await db.query('update session set person_id = $2 where id = $1', [id, personId]);
    return true;
  });
}

export async function isPerson(db: Db, id: string): Promise<boolean> {
  return /^[\da-f-]{36}$/i.test(id) && (await db.query('select 1 from person where id = $1', [id])).rowCount === 1;
}
