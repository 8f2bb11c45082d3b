import { createHash, randomBytes, randomUUID } from 'node:crypto';
import type pg from 'pg';
import { inShop } from './db/pool';

/** Until there is a sign-in, a device picks a workshop and a person; the session holds both. */
export interface Session {
  shopId: string;
  id: string;
  personId: string | null;
}

export const sessionCookie = 'ivrek_session';
const hash = (token: string) => createHash('sha256').update(token).digest();
const shape = /^([\da-f-]{36})\.([\da-f-]{36})\.([\w-]{20,64})$/i;

/** Opens a session and returns its cookie value. */
export async function openSession(from: pg.Pool, shopId: string, personId: string | null): Promise<string> {
  const id = randomUUID();
  const token = randomBytes(24).toString('base64url');
  await inShop(from, shopId, (db) =>
    db.query('insert into session (shop_id, id, token_hash, person_id) values ($1, $2, $3, $4)', [shopId, id, hash(token), personId]),
  );
  return `${shopId}.${id}.${token}`;
}

/** The session a cookie stands for, or null. */
export async function readSession(from: pg.Pool, cookie: string | undefined): Promise<Session | null> {
  const m = cookie ? shape.exec(cookie) : null;
  if (!m) return null;
  const [, shopId, id, token] = m;
  return inShop(from, shopId, async (db) => {
    const { rows } = await db.query('select person_id from session where id = $1 and token_hash = $2', [id, hash(token)]);
    return rows[0] ? { shopId, id, personId: (rows[0] as { person_id: string | null }).person_id } : null;
  });
}
