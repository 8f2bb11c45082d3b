import { readFileSync } from 'node:fs';
import type { APIRoute } from 'astro';
import { json } from '../server/http/body';

/** The certificate of this workshop's own authority, for a tablet to trust. */
export const GET: APIRoute = () => {
  const file = process.env.IVREK_LAN_CA;
  if (!file) return json({ message: 'Start with ./ivrek start --lan.' }, 404);
  return new Response(readFileSync(file, 'utf8'), {
    headers: { 'content-type': 'application/x-x509-ca-cert', 'content-disposition': 'attachment; filename="ivrek-authority.crt"' },
  });
};
