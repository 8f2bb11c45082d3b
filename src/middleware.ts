import { defineMiddleware } from 'astro:middleware';
import { pool } from './server/db/pool';
import { decide, isRead, type AccessDecision } from './server/http/access';
import { contentSecurityPolicy } from './server/http/csp';
import { refuse } from './server/http/body';
import { withGatheredStyles } from './server/http/gatherStyles';
import { keptPage, shopStamp } from './server/http/pageCache';
import { problemOf, type HttpProblem } from './server/http/problem';
import { plainPage, troubleWords } from './server/http/trouble';
import { knowsHost, ownScheme, servesLan } from './server/lan/mode';
import { log } from './server/log';
import { readSession, sessionCookie } from './server/session';
import type { CodedErrorBody } from './wire';

const words: Record<Exclude<AccessDecision, 'let in'>, { status: number } & CodedErrorBody> = {
  'not there': { status: 404, code: 'not-there', message: 'There is no such page.' },
  'not so': { status: 405, code: 'bad-method', message: 'This is not done here.' },
  'not here': { status: 403, code: 'not-here', message: 'This is done on the computer that Ivrek runs on.' },
  'no workshop': { status: 401, code: 'no-workshop', message: 'Choose a workshop first.' },
  'not named': { status: 400, code: 'not-named', message: 'This request does not say which workshop it is for.' },
  'other workshop': {
    status: 409,
    code: 'other-workshop',
    message: 'This browser is in another workshop now. What was entered stays on this device.',
  },
};

/** Every answer carries these, whatever became of the request; files have them from the server process (launcher/listen.mjs). */
function secured(response: Response, lan: boolean): Response {
  const { headers } = response;
  headers.set('x-content-type-options', 'nosniff');
  headers.set('referrer-policy', 'same-origin');
  headers.set('x-frame-options', 'DENY');
  if (lan) headers.set('strict-transport-security', 'max-age=31536000');
  if (import.meta.env.PROD) headers.set('content-security-policy', contentSecurityPolicy);
  if ((headers.get('content-type') ?? '').startsWith('text/html')) headers.set('cache-control', 'no-store');
  return response;
}

function turnedDown(problem: HttpProblem, isApi: boolean): Response {
  const { status, code } = problem;
  const message = code === 'database-away' ? troubleWords(problem.message) : problem.message;
  return isApi ? refuse(status, { code, message }) : page(status, 'Not just now', message, status === 503);
}

const page = (status: number, title: string, message: string, again = false) =>
  new Response(plainPage(title, message, again), { status, headers: { 'content-type': 'text/html; charset=utf-8' } });

export const onRequest = defineMiddleware(async (context, next) => {
  const { request, url, cookies, locals } = context;
  const lan = servesLan();
  const host = request.headers.get('host') ?? '';
  const isApi = url.pathname.startsWith('/api/');
  const end = (response: Response) => secured(response, lan);
  // A page of another site must not reach the workshop, neither by name nor by form.
  if (!knowsHost(host))
    return end(
      refuse(421, { code: 'other-host', message: lan ? 'This is not an address of this workshop.' : 'Ivrek answers on loopback only.' }),
    );
  if (!isRead(request.method) && request.headers.get('origin') !== `${ownScheme()}://${host}`)
    return end(refuse(403, { code: 'other-site', message: 'This request comes from another site.' }));
  try {
    const session = await readSession(pool(), cookies.get(sessionCookie)?.value);
    locals.session = lan && !session?.paired ? null : session;
    const decision = decide({
      pattern: context.routePattern,
      method: request.method,
      door: lan ? 'lan' : 'home',
      shopId: locals.session?.shopId ?? null,
      named: request.headers.get('x-ivrek-shop') ?? url.searchParams.get('shop'),
    });
    if (decision !== 'let in') {
      const { status, code, message } = words[decision];
      if (!isApi && ['not there', 'not so', 'other workshop'].includes(decision)) return end(page(status, 'Not found', message));
      if (isApi)
        return end(
          refuse(status, { code, message: decision === 'no workshop' && lan ? 'This device is not paired with the workshop.' : message }),
        );
      return end(context.redirect(decision === 'not here' ? '/' : lan ? '/pair' : '/workshops'));
    }
    const { session: known } = locals;
    // While it is worked on a page is another with every change of the code.
    const drawn = async () => withGatheredStyles(await next());
    if (!known || isApi || import.meta.env.DEV) return end(await drawn());
    const ask = {
      method: request.method,
      pattern: context.routePattern,
      url,
      accepts: request.headers.get('accept-encoding'),
      session: known,
    };
    const draw = async () => ({ response: await drawn(), whole: !locals.unfinished });
    return end(await keptPage(ask, () => shopStamp(pool(), known.shopId), draw));
  } catch (error) {
    const problem = problemOf(error);
    log.error({ err: error, path: url.pathname, code: problem.code }, 'a request failed');
    return end(turnedDown(problem, isApi));
  }
});
