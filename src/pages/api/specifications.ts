import type { APIRoute } from 'astro';
import { pool } from '../../server/db/pool';
import { json } from '../../server/http/body';
import { specifications } from '../../server/queries/specifications';

/** The limits of every bike of the shop. */
export const GET: APIRoute = async ({ locals }) => json(await specifications(pool(), locals.session!.shopId));
