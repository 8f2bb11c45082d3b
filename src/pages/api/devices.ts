import type { APIRoute } from 'astro';
import { pool } from '../../server/db/pool';
import { answer, json, readJson } from '../../server/http/body';
import { devices, nameDevice, newCode, refusals, sendAway } from '../../server/lan/pairing';
import { isUuid } from '../../server/http/uuid';

const list = async (shopId: string) =>
  answer<'GET /api/devices'>({ devices: await devices(pool(), shopId), refusals: await refusals(pool()) });

export const GET: APIRoute = ({ locals }) => list(locals.session!.shopId);

/** A new pairing code; the one before is void. */
export const POST: APIRoute = async ({ locals }) => answer<'POST /api/devices'>(await newCode(pool(), locals.session!.shopId));

/** Names a device: { id, name }. */
export const PUT: APIRoute = async ({ request, locals }) => {
  const body = await readJson(request, 4096);
  if (!body.ok) return json({ message: body.message }, body.status);
  const wish = (body.value ?? {}) as { id?: unknown; name?: unknown };
  const name = typeof wish.name === 'string' ? wish.name.trim() : '';
  if (!name || name.length > 60 || name.includes('\u0000')) return json({ message: 'Give it a name of up to 60 characters.' }, 400);
  if (!isUuid(wish.id) || !(await nameDevice(pool(), locals.session!.shopId, wish.id, name)))
    return json({ message: 'There is no such device.' }, 404);
  return list(locals.session!.shopId);
};

/** Sends a device away: { id }. */
export const DELETE: APIRoute = async ({ request, locals }) => {
  const body = await readJson(request, 4096);
  if (!body.ok) return json({ message: body.message }, body.status);
  const wish = (body.value ?? {}) as { id?: unknown };
  if (!isUuid(wish.id) || !(await sendAway(pool(), locals.session!.shopId, wish.id)))
    return json({ message: 'There is no such device.' }, 404);
  return list(locals.session!.shopId);
};
