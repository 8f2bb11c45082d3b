import type { APIRoute } from 'astro';
import { pool } from '../../../../server/db/pool';
import { json } from '../../../../server/http/body';
import { jobSnapshot } from '../../../../server/queries/job';

export const GET: APIRoute = async ({ params, locals }) => {
  const { shopId, personId } = locals.session!;
  const snapshot = await jobSnapshot(pool(), shopId, params.id ?? '', personId);
  return snapshot ? json(snapshot) : json({ message: 'There is no such job here.' }, 404);
};
