import type { APIRoute } from 'astro';
import { serviceWorkerScript } from '../server/files/serviceWorker';

export const GET: APIRoute = () =>
  import.meta.env.PROD
    ? new Response(serviceWorkerScript(), { headers: { 'content-type': 'text/javascript; charset=utf-8', 'cache-control': 'no-cache' } })
    : new Response('// Pages of the workshop under construction are always fetched anew.', {
        headers: { 'content-type': 'text/javascript' },
      });
