import { randomUUID } from 'node:crypto';
import type { APIRoute } from 'astro';
import { pool } from '../../server/db/pool';
import { json, readJson } from '../../server/http/body';
import { listShops, openShop, shopPeople } from '../../server/queries/shops';
import { openSession, sessionCookie } from '../../server/session';

/** Enters a workshop ({ shopId, personId }) or opens a new one ({ newShop }). */
export const POST: APIRoute = async ({ request, cookies }) => {
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
  cookies.set(sessionCookie, cookie, { httpOnly: true, sameSite: 'strict', path: '/', maxAge: 60 * 60 * 24 * 400 });
  return json({ shopId });
};
