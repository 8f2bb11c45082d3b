import type { APIRoute } from 'astro';
import { pool } from '../../../../server/db/pool';
import { exportJob, exportZip } from '../../../../server/files/export';
import { json } from '../../../../server/http/body';

/** The job as one JSON file, or with ?zip together with its photos. */
export const GET: APIRoute = async ({ params, url, locals }) => {
  const { shopId } = locals.session!;
  const id = params.id ?? '';
  const named = (ending: string) => ({ 'content-disposition': `attachment; filename="job-${id}.${ending}"`, 'cache-control': 'no-store' });
  if (url.searchParams.has('zip')) {
    const zip = await exportZip(pool(), shopId, id);
    if (zip) return new Response(new Uint8Array(zip), { headers: { 'content-type': 'application/zip', ...named('zip') } });
  } else {
    const file = await exportJob(pool(), shopId, id);
    if (file) return new Response(JSON.stringify(file), { headers: { 'content-type': 'application/json', ...named('json') } });
  }
  return json({ message: 'There is no such job here.' }, 404);
};
