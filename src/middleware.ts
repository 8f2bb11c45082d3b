import { defineMiddleware } from 'astro:middleware';
import { pool } from './server/db/pool';
import { contentSecurityPolicy } from './server/http/csp';
import { json } from './server/http/body';
import { knowsHost, ownScheme, servesLan } from './server/lan/mode';
import { log } from './server/log';
import { readSession, sessionCookie, type Session } from './server/session';

/** What needs no workshop: on this computer to choose one, in the network to be paired. */
const open = {
  home: ['/', '/workshops', '/api/health', '/api/session', '/api/demo', '/gallery', '/shed', '/sw.js', '/pair'],
  lan: ['/pair', '/api/pair', '/api/health', '/shed', '/sw.js', '/ivrek-authority.crt'],
};
/** What is only for the computer that Ivrek runs on. */
const homeOnly = /^\/(workshops|devices|gallery)$|^\/api\/(devices|demo)$/;

export const onRequest = defineMiddleware(async (context, next) => {
  const { request, url, cookies, locals } = context;
  const host = request.headers.get('host') ?? '';
  const lan = servesLan();
  // A page of another site must not reach the shed, neither by name nor by form.
  if (!knowsHost(host))
    return new Response(lan ? 'This is not an address of this workshop.' : 'Ivrek answers on loopback only.', { status: 421 });
  if (!['GET', 'HEAD'].includes(request.method)) {
    const origin = request.headers.get('origin');
    if (origin !== `${ownScheme()}://${host}`) return json({ message: 'This request comes from another site.' }, 403);
  }
  const isFile = url.pathname.startsWith('/_astro/') || url.pathname.startsWith('/_image') || url.pathname.startsWith('/icon');
  // A calendar has no cookies; its address holds a secret of its own.
  const isFeed = url.pathname.startsWith('/calendar/');
  let session: Session | null;
  try {
    session = isFile || isFeed ? null : await readSession(pool(), cookies.get(sessionCookie)?.value);
  } catch (error) {
    log.error({ err: error }, 'the database does not answer');
    const message = 'The database does not answer just now. What was entered waits on this device and is sent again.';
    return url.pathname.startsWith('/api/') ? json({ message }, 503) : new Response(message, { status: 503 });
  }
  locals.session = lan && !session?.paired ? null : session;
  if (lan && homeOnly.test(url.pathname))
    return url.pathname.startsWith('/api/')
      ? json({ message: 'This is done on the computer that Ivrek runs on.' }, 403)
      : context.redirect('/');
  if (!isFile && !isFeed && !locals.session && !open[lan ? 'lan' : 'home'].includes(url.pathname)) {
    if (url.pathname.startsWith('/api/'))
      return json({ message: lan ? 'This device is not paired with the workshop.' : 'Choose a workshop first.' }, 401);
    return context.redirect(lan ? '/pair' : '/workshops');
  }
  const response = await next();
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'same-origin');
  if (lan) response.headers.set('strict-transport-security', 'max-age=86400');
  if (import.meta.env.PROD && (response.headers.get('content-type') ?? '').startsWith('text/html')) {
    response.headers.set('content-security-policy', contentSecurityPolicy);
    response.headers.set('cache-control', 'no-store');
  }
  return response;
});
