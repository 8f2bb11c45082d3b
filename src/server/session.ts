import { createHash, randomBytes, randomUUID } from 'node:crypto';
import type pg from 'pg';
import { shopTransaction, type Db } from './db/pool';
import { isUuid } from './http/uuid';

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
const uuid = '[\\da-f]{8}(?:-[\\da-f]{4}){3}-[\\da-f]{12}';
const shape = new RegExp(`^(${uuid})\\.(${uuid})\\.([\\w-]{20,64})$`, 'i');

const days = (name: string, otherwise: number): number => {
  const said = Number(process.env[name] ?? otherwise);
  return Number.isFinite(said) && said > 0 ? said : otherwise;
};
/** A session ends by itself when it was not used for so many days, and after so many days at the latest. */
export const idleDays = (): number => days('IVREK_IDLE_DAYS', 60);
export const sessionDays = (): number => days('IVREK_SESSION_DAYS', 400);

/** How its cookie is kept: for no script, for no other site, and no longer than the session can last. */
export const cookieOptions = (secure: boolean) => ({
  httpOnly: true,
  sameSite: 'strict' as const,
  secure,
  path: '/',
  maxAge: Math.round(sessionDays() * 86_400),
});

/** Opens a session and returns its cookie value. */
export async function openSession(
  from: pg.Pool,
  shopId: string,
  personId: string | null,
  device: { name: string; paired: boolean } | null = null,
): Promise<string> {
  const id = randomUUID();
  const token = randomBytes(24).toString('base64url');
  await shopTransaction(from, shopId, async (db) => {
    await db.query(
      'insert into session (shop_id, id, token_hash, person_id, name, paired_at, seen_at) values ($1, $2, $3, $4, $5, case when $6 then now() end, now())',
      [shopId, id, hash(token), personId, device?.name ?? null, device?.paired ?? false],
    );
    if (personId) await worksWith(db, shopId, id, personId);
  });
  return `${shopId}.${id}.${token}`;
}

/** A session that still stands: not ended, not sent away, not too old. */
const stands = `ended_at is null and sent_away_at is null
  and coalesce(seen_at, made_at) > now() - make_interval(secs => $2) and made_at > now() - make_interval(secs => $3)`;
const ages = () => [idleDays() * 86_400, sessionDays() * 86_400];

/** The session a cookie stands for, or null. A device that was sent away, or left, has none. */
export async function readSession(from: pg.Pool, cookie: string | undefined): Promise<Session | null> {
  const m = cookie ? shape.exec(cookie) : null;
  if (!m) return null;
  const [, shopId, id, token] = m;
  return shopTransaction(from, shopId, async (db) => {
    const { rows } = await db.query(
      `select person_id, paired_at is not null as paired, seen_at is null or seen_at < now() - interval '1 minute' as stale
       from session where id = $1 and token_hash = $4 and ${stands}`,
      [id, ...ages(), hash(token)],
    );
    if (!rows[0]) return null;
    if (rows[0].stale) await db.query('update session set seen_at = now() where id = $1', [id]);
    return { shopId, id, personId: rows[0].person_id as string | null, paired: rows[0].paired as boolean };
  });
}

/** True while a session that was read before still stands. */
export async function stillWelcome(from: pg.Pool, { shopId, id }: Session): Promise<boolean> {
  return shopTransaction(
    from,
    shopId,
    async (db) => (await db.query(`select 1 from session where id = $1 and ${stands}`, [id, ...ages()])).rowCount === 1,
  );
}

/** Tells every process that a session is over, so that what it still listens to is cut at once. */
export const tellOver = (db: Db, id: string) => db.query(`select pg_notify('ivrek_over', $1)`, [id]);

/** Ends a session: its cookie is worth nothing from now on. */
export async function endSession(from: pg.Pool, { shopId, id }: Session): Promise<void> {
  await shopTransaction(from, shopId, async (db) => {
    await db.query('update session set ended_at = now() where id = $1 and ended_at is null', [id]);
    await tellOver(db, id);
  });
}

/** Who works with this device from now on. False if there is no such person. */
export async function pickPerson(from: pg.Pool, { shopId, id }: Session, personId: string | null): Promise<boolean> {
  return shopTransaction(from, shopId, async (db) => {
    if (personId && !(await isPerson(db, personId))) return false;
    await db.query('update session set person_id = $2 where id = $1', [id, personId]);
    if (personId) await worksWith(db, shopId, id, personId);
    return true;
  });
}

/** Writes down that someone has worked with this device, for entries that are still on their way. False if there is no such person. */
export async function hasWorked(from: pg.Pool, { shopId, id }: Session, personId: string): Promise<boolean> {
  return shopTransaction(from, shopId, async (db) => {
    if (!(await isPerson(db, personId))) return false;
    await worksWith(db, shopId, id, personId);
    return true;
  });
}

const worksWith = (db: Db, shopId: string, sessionId: string, personId: string) =>
  db.query('insert into session_person (shop_id, session_id, person_id) values ($1, $2, $3) on conflict do nothing', [
    shopId,
    sessionId,
    personId,
  ]);

/**
 * Who made what this device sends now: the one it names, if that person has taken it up, else the one it has. False if it names
 * someone who has not.
 */
export async function actorOf(from: pg.Pool, session: Session, said: string | null): Promise<{ actorId: string | null } | false> {
  const { shopId, id, personId } = session;
  if (!said || said === personId) return { actorId: personId };
  if (!isUuid(said)) return false;
  const known = await shopTransaction(from, shopId, (db) =>
    db.query('select 1 from session_person where session_id = $1 and person_id = $2', [id, said]),
  );
  return known.rowCount === 1 ? { actorId: said } : false;
}

async function isPerson(db: Db, id: string): Promise<boolean> {
  return isUuid(id) && (await db.query('select 1 from person where id = $1', [id])).rowCount === 1;
}
