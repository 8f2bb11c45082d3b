import { defineMiddleware } from 'astro:middleware';
import { pool } from './server/db/pool';
import { contentSecurityPolicy } from './server/http/csp';
import { json } from './server/http/body';
import { readSession, sessionCookie } from './server/session';

const open = ['/', '/workshops', '/api/health', '/api/session', '/gallery', '/shed', '/sw.js'];
const loopback = /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/;

export const onRequest = defineMiddleware(async (context, next) => {
  const { request, url, cookies, locals } = context;
  // A page of another site must not reach the shed, neither by name nor by form.
  if (!loopback.test(request.headers.get('host') ?? '')) return new Response('Ivrek answers on loopback only.', { status: 421 });
  if (!['GET', 'HEAD'].includes(request.method)) {
    const origin = request.headers.get('origin');
    const host = request.headers.get('host');
    if (origin !== `http://${host}` && origin !== `https://${host}`) return json({ message: 'This request comes from another site.' }, 403);
  }
  const isFile = url.pathname.startsWith('/_astro/') || url.pathname.startsWith('/_image');
  locals.session = isFile ? null : await readSession(pool(), cookies.get(sessionCookie)?.value);
  if (!isFile && !locals.session && !open.includes(url.pathname) && !url.pathname.startsWith('/icon')) {
    return url.pathname.startsWith('/api/') ? json({ message: 'Choose a workshop first.' }, 401) : context.redirect('/workshops');
  }
  const response = await next();
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'same-origin');
  if (import.meta.env.PROD && (response.headers.get('content-type') ?? '').startsWith('text/html')) {
    response.headers.set('content-security-policy', contentSecurityPolicy);
    response.headers.set('cache-control', 'no-store');
  }
  return response;
});
