import type { APIRoute } from 'astro';
import { pool } from '../../../server/db/pool';
import { answer } from '../../../server/http/body';
import { nextBoard } from '../../../server/queries/next';

/** The open jobs of this workshop and what can be done on each. */
export const GET: APIRoute = async ({ locals }) =>
  answer<'GET /api/jobs'>(await nextBoard(pool(), locals.session!.shopId, new Date().toISOString()));
