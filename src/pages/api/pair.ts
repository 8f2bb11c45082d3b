import type { APIRoute } from 'astro';
import { pool } from '../../server/db/pool';
import { answer, json, readJson } from '../../server/http/body';
import { pair } from '../../server/lan/pairing';
import { cookieOptions, sessionCookie } from '../../server/session';

/** Lets a tablet in that was told the code: { code, name }. */
export const POST: APIRoute = async ({ request, cookies, clientAddress }) => {
  const body = await readJson(request, 4096);
  if (!body.ok) return json({ message: body.message }, body.status);
  const { code, name } = (body.value ?? {}) as { code?: unknown; name?: unknown };
  const digits = typeof code === 'string' ? code.replace(/[\s-]/g, '') : '';
  if (!/^\d{6}$/.test(digits)) return json({ message: 'The code is six digits. It is shown on the computer, under Tablets.' }, 400);
  const called = typeof name === 'string' ? name.trim() : '';
  if (called.length > 60 || called.includes('\u0000')) return json({ message: 'Give it a name of up to 60 characters.' }, 400);
  const paired = await pair(pool(), clientAddress, digits, called || 'Tablet');
  if (!paired.ok) return json({ message: paired.message }, paired.status);
  cookies.set(sessionCookie, paired.cookie, cookieOptions(true));
  return answer<'POST /api/pair'>({ shopId: paired.shopId });
};
