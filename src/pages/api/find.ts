import type { APIRoute } from 'astro';
import { pool } from '../../server/db/pool';
import { isStorable } from '../../contract';
import { answer, json } from '../../server/http/body';
import { find } from '../../server/queries/find';

const longest = 200;

/** One search over all jobs of this workshop: ?q=words. */
export const GET: APIRoute = async ({ url, locals }) => {
  const q = url.searchParams.get('q') ?? '';
  if (q.length > longest) return json({ message: `At most ${longest} characters.` }, 400);
  if (!isStorable(q)) return json({ message: 'There is a character in it that cannot be looked for.' }, 400);
  return answer<'GET /api/find'>({ lines: await find(pool(), locals.session!.shopId, q) });
};
