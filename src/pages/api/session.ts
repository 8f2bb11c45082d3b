import { randomUUID } from 'node:crypto';
import type { APIRoute } from 'astro';
import { pool } from '../../server/db/pool';
import { answer, json, readJson } from '../../server/http/body';
import { servesLan } from '../../server/lan/mode';
import { listShops, openShop, shopPeople } from '../../server/queries/shops';
import { cookieOptions, endSession, hasWorked, openSession, pickPerson, sessionCookie } from '../../server/session';

/** Which workshop this device is in. */
export const GET: APIRoute = ({ locals }) =>
  locals.session ? answer<'GET /api/session'>({ shopId: locals.session.shopId }) : json({ message: 'Choose a workshop first.' }, 401);

/** Enters a workshop ({ shopId, personId }) or opens a new one ({ newShop }). */
export const POST: APIRoute = async ({ request, cookies, locals }) => {
  if (servesLan()) return json({ message: 'A tablet is in the workshop that it was paired with.' }, 403);
  const body = await readJson(request, 4096);
  if (!body.ok) return json({ message: body.message }, body.status);
  const wish = (body.value ?? {}) as { shopId?: unknown; personId?: unknown; newShop?: unknown };
  let shopId: string;
  if (typeof wish.newShop === 'string') {
    const name = wish.newShop.trim();
    if (name === '' || name.length > 80 || name.includes('\u0000'))
      return json({ message: 'Give the workshop a name of up to 80 characters.' }, 400);
    shopId = randomUUID();
    await openShop(pool(), shopId, name);
  } else {
    const shop = (await listShops(pool())).find((s) => s.id === wish.shopId);
    if (!shop) return json({ message: 'There is no such workshop.' }, 404);
    shopId = shop.id;
  }
  const person = (await shopPeople(pool(), shopId)).find((p) => p.id === wish.personId);
  const cookie = await openSession(pool(), shopId, person?.id ?? null);
  // The cookie that this one takes the place of opens nothing any more.
  if (locals.session) await endSession(pool(), locals.session);
  cookies.set(sessionCookie, cookie, cookieOptions(false));
  return answer<'POST /api/session'>({ shopId });
};

/** Leaves the workshop on this device. */
export const DELETE: APIRoute = async ({ cookies, locals }) => {
  if (locals.session) await endSession(pool(), locals.session);
  cookies.delete(sessionCookie, { path: '/' });
  return answer<'DELETE /api/session'>({ left: true });
};

/**
 * Who works with this device from now on: { personId }, or null for nobody in particular. { personId, worked: true } only says
 * that this person has worked with it, whose entries are still on their way.
 */
export const PUT: APIRoute = async ({ request, locals }) => {
  const body = await readJson(request, 4096);
  if (!body.ok) return json({ message: body.message }, body.status);
  if (!locals.session) return json({ message: 'Choose a workshop first.' }, 401);
  const { personId, worked } = (body.value ?? {}) as { personId?: unknown; worked?: unknown };
  if (personId !== null && typeof personId !== 'string') return json({ message: 'personId is the id of a person, or null.' }, 400);
  const known =
    worked === true && personId ? await hasWorked(pool(), locals.session, personId) : await pickPerson(pool(), locals.session, personId);
  return known ? answer<'PUT /api/session'>({ personId }) : json({ message: 'There is no such person in this workshop.' }, 404);
};
