import type { APIRoute } from 'astro';
import { pool } from '../../server/db/pool';
import { answer, json } from '../../server/http/body';
import { isUuid } from '../../server/http/uuid';
import { journalAfter } from '../../server/queries/journal';

/** What a device has missed: journal lines after a number, of the shop or of one job. */
export const GET: APIRoute = async ({ url, locals }) => {
  const after = Number(url.searchParams.get('after') ?? '0');
  const job = url.searchParams.get('job');
  if (!Number.isSafeInteger(after) || after < 0) return json({ message: 'after is a journal number.' }, 400);
  if (job !== null && !isUuid(job)) return json({ message: 'job is an id.' }, 400);
  return answer<'GET /api/journal'>(await journalAfter(pool(), locals.session!.shopId, after, job));
};
