import type { APIRoute } from 'astro';
import { refuse } from '../server/http/body';
import { plainPage } from '../server/http/trouble';

/** Every address that is none: said the same way whatever is asked of it. */
export const ALL: APIRoute = ({ url }) =>
  url.pathname.startsWith('/api/')
    ? refuse(404, { code: 'not-there', message: 'There is no such address.' })
    : new Response(plainPage('Not found', 'There is no such page.', false), {
        status: 404,
        headers: { 'content-type': 'text/html; charset=utf-8' },
      });
