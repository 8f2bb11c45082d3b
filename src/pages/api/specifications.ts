import type { APIRoute } from 'astro';
import { pool } from '../../server/db/pool';
import { answer } from '../../server/http/body';
import { specifications } from '../../server/queries/specifications';

/** The limits of every bike of the shop. */
export const GET: APIRoute = async ({ locals }) => answer<'GET /api/specifications'>(await specifications(pool(), locals.session!.shopId));
