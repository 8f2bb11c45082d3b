import type { APIRoute } from 'astro';
import { pool } from '../../../server/db/pool';
import { json } from '../../../server/http/body';
import { nextBoard } from '../../../server/queries/next';

/** The open jobs of this workshop and what can be done on each. */
export const GET: APIRoute = async ({ locals }) => json(await nextBoard(pool(), locals.session!.shopId, new Date().toISOString()));
