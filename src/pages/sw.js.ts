import type { APIRoute } from 'astro';
import { shedScript } from '../server/files/shed';

export const GET: APIRoute = () =>
  import.meta.env.PROD
    ? new Response(shedScript(), { headers: { 'content-type': 'text/javascript; charset=utf-8', 'cache-control': 'no-cache' } })
    : new Response('// Pages of the workshop under construction are always fetched anew.', {
        headers: { 'content-type': 'text/javascript' },
      });
