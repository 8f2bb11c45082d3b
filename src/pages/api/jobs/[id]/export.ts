import type { APIRoute } from 'astro';
import { pool } from '../../../../server/db/pool';
import { exportJob } from '../../../../server/files/export';
import { json } from '../../../../server/http/body';

export const GET: APIRoute = async ({ params, locals }) => {
  const file = await exportJob(pool(), locals.session!.shopId, params.id ?? '');
  if (!file) return json({ message: 'There is no such job here.' }, 404);
  return new Response(JSON.stringify(file, null, 1), {
    headers: {
      'content-type': 'application/json',
      'content-disposition': `attachment; filename="ivrek-job-${params.id}.json"`,
      'cache-control': 'no-store',
    },
  });
};
