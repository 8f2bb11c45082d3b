import type { APIRoute } from 'astro';
import { pool } from '../../server/db/pool';
import { json } from '../../server/http/body';

export const GET: APIRoute = async () => {
  try {
    await pool().query('select 1');
    return json({ ok: true });
  } catch {
    return json({ ok: false, message: 'The database does not answer.' }, 503);
  }
};
