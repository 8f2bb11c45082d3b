import type { APIRoute } from 'astro';
import { pool } from '../../server/db/pool';
import { calendarOf, calendarToken } from '../../server/files/calendar';
import { answer } from '../../server/http/body';

/** The calendar as a file, as it stands now. */
export const GET: APIRoute = async ({ locals }) =>
  new Response(await calendarOf(pool(), locals.session!.shopId), {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': 'attachment; filename="ivrek.ics"',
      'cache-control': 'no-store',
    },
  });

/** A new address for the feed; the old one is void. */
export const POST: APIRoute = async ({ locals }) =>
  answer<'POST /api/calendar'>({ token: await calendarToken(pool(), locals.session!.shopId, true) });
