import type { APIRoute } from 'astro';
import { pool } from '../../../../server/db/pool';
import { answer, json } from '../../../../server/http/body';
import { jobSnapshot } from '../../../../server/queries/job';

export const GET: APIRoute = async ({ params, locals }) => {
  const { shopId, personId } = locals.session!;
  const snapshot = await jobSnapshot(pool(), shopId, params.id ?? '', personId);
  return snapshot ? answer<'GET /api/jobs/:id'>(snapshot) : json({ message: 'There is no such job here.' }, 404);
};
