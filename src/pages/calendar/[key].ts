import type { APIRoute } from 'astro';
import { pool } from '../../server/db/pool';
import { isUuid } from '../../server/http/uuid';
import { calendarOf, opensCalendar } from '../../server/files/calendar';

const shape = /^(.{36})\.([\w-]{20,64})\.ics$/;

/** The feed for a calendar program, which has no cookie: its address holds the shop and a secret. */
export const GET: APIRoute = async ({ params }) => {
  const m = shape.exec(params.key ?? '');
  if (!m || !isUuid(m[1]) || !(await opensCalendar(pool(), m[1], m[2]))) return new Response('There is no such calendar.', { status: 404 });
  return new Response(await calendarOf(pool(), m[1]), {
    headers: { 'content-type': 'text/calendar; charset=utf-8', 'cache-control': 'no-store' },
  });
};
