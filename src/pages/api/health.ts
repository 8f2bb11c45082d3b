import type { APIRoute } from 'astro';
import { pool } from '../../server/db/pool';
import { answer, json } from '../../server/http/body';
import { troubleWords } from '../../server/http/trouble';

export const GET: APIRoute = async () => {
  try {
    await pool().query('select 1');
    return answer<'GET /api/health'>({ ok: true });
  } catch {
    return json({ ok: false, message: troubleWords('The database does not answer.') }, 503);
  }
};
