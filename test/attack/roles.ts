import { readdirSync } from 'node:fs';
import type { AttackStand } from './stand';
import type { Report } from './report';

/** Who asks: a door, and the cookie and workshop that go along. */
export interface Role {
  name: string;
  door: 'home' | 'lan';
  cookie?: string;
  shopId?: string;
}

/** Every address there is, from the files of pages, with `ids` in the place of what varies. */
export function addresses(jobId: string, folder = 'src/pages', at = ''): string[] {
  return readdirSync(`${folder}${at}`, { withFileTypes: true }).flatMap((f) => {
    if (f.isDirectory()) return addresses(jobId, folder, `${at}/${f.name}`);
    const path = `${at}/${f.name.replace(/\.(astro|ts)$/, '')}`.replace(/\/index$/, '') || '/';
    return [
      path
        .replace('[id]', jobId)
        .replace('[stage]', 'trace')
        .replace('[sha]', 'ab'.repeat(32))
        .replace('[key]', `${jobId}.${'x'.repeat(24)}.ics`),
    ];
  });
}

/** What may be reached without a workshop, and what only the computer itself may do; written down here a second time. */
const openTo = {
  home: ['/', '/workshops', '/gallery', '/pair', '/offline', '/sw.js', '/ivrek-authority.crt', '/api/health', '/api/session', '/api/demo'],
  lan: ['/pair', '/offline', '/sw.js', '/ivrek-authority.crt', '/api/health', '/api/session', '/api/pair'],
};
const homeOnly = ['/workshops', '/devices', '/gallery', '/api/devices', '/api/demo'];

/** The same address in other words; each must be treated as the plain one. */
const spellings = [
  (p: string) => p,
  (p: string) => `/${p}`,
  (p: string) => `${p}/`,
  (p: string) => `/.${p}`,
  (p: string) => p.replace(/[a-z](?!.*[a-z])/, (c) => `%${c.charCodeAt(0).toString(16)}`),
  (p: string) => `/nowhere/..${p}`,
];

const methods = ['GET', 'HEAD', 'POST', 'DELETE', 'PUT', 'PATCH', 'OPTIONS', 'TRACE'];

/** Every route, in every spelling, by every method, as everyone: nobody gets in where they do not belong. */
export async function walkRoutes(stand: AttackStand, roles: readonly Role[], jobId: string, report: Report, quick: boolean): Promise<void> {
  const all = [...addresses(jobId), '/_image?href=/icon.svg&w=16383&h=16383&f=png', '/_server-islands/x', '/.env', '/api/nothing', '/job'];
  for (const role of roles) {
    for (const address of all) {
      const plain = address.split('?')[0];
      for (const spell of quick ? spellings.slice(0, 2) : spellings) {
        for (const method of quick ? methods.slice(0, 4) : methods) {
          // These end what the other requests need; each has a test of its own.
          if (plain === '/api/session' && method !== 'GET' && method !== 'HEAD') continue;
          if (plain === '/api/demo' && role.door === 'home') continue;
          if (plain === '/api/devices' && role.door === 'home' && method !== 'GET') continue;
          const path = spell(address);
          const { status, headers, text } = await stand.ask(role.door, path, {
            method,
            headers: { ...(role.cookie && { cookie: role.cookie }), ...(role.shopId && { 'x-ivrek-shop': role.shopId }) },
            ...(method === 'POST' || method === 'PUT' ? { body: 'x' } : {}),
          });
          report.count('routes');
          const what = `${role.name}: ${method} ${path} → ${status}`;
          if (status === 0 || status >= 500) report.wrong(`${what} is no answer`);
          if (/\bat .*\.(m?js|ts):\d+/.test(text)) report.wrong(`${what} shows a stack`);
          if (headers['x-content-type-options'] !== 'nosniff') report.wrong(`${what} lacks its security headers`);
          const got = status === 200;
          // A new address for the calendar wants no body.
          if (got && !['GET', 'HEAD'].includes(method) && !(plain === '/api/calendar' && method === 'POST'))
            report.wrong(`${what}: rubbish was taken`);
          if (got && role.door === 'lan' && homeOnly.includes(plain)) report.wrong(`${what}: only for the computer`);
          if (got && !role.cookie && !openTo[role.door].includes(plain)) report.wrong(`${what}: nobody got in`);
          if (got && role.name === 'other workshop' && plain.includes(jobId) && !plain.startsWith('/calendar'))
            report.wrong(`${what}: another workshop's job`);
          if (got && plain.startsWith('/_')) report.wrong(`${what} should not be there`);
        }
      }
    }
  }
}
