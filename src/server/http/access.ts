/**
 * Who may reach what, from where. Every route stands here, by its pattern; what does not is not there, on any door. Held by a
 * test against the files in src/pages.
 */

/** anyone: no workshop needed. member: a device in a workshop. nobody: not on this door. */
export type Who = 'anyone' | 'member' | 'nobody';

export interface AccessRule {
  /** On the computer that Ivrek runs on. */
  home: Who;
  /** In its network, for paired tablets. */
  lan: Who;
  /** Requests that change or follow something say which workshop they are meant for. */
  named?: 'writes' | 'always';
}

const both = (who: Who, named?: AccessRule['named']): AccessRule => ({ home: who, lan: who, ...(named && { named }) });
const atHome = (who: Who, named?: AccessRule['named']): AccessRule => ({ home: who, lan: 'nobody', ...(named && { named }) });

export const access: Readonly<Record<string, AccessRule>> = {
  '/': { home: 'anyone', lan: 'member' },
  // What is not there is not there for anyone.
  '/[...rest]': both('anyone'),
  '/workshops': atHome('anyone'),
  '/devices': atHome('member'),
  '/gallery': atHome('anyone'),
  '/pair': both('anyone'),
  '/offline': both('anyone'),
  '/sw.js': both('anyone'),
  '/ivrek-authority.crt': both('anyone'),
  '/book-in': both('member'),
  '/import': both('member'),
  '/knowledge': both('member'),
  '/job/[id]': both('member'),
  '/job/[id]/[stage]': both('member'),
  '/job/[id]/record': both('member'),
  // A calendar has no cookies; the address of its feed holds a secret of its own.
  '/calendar': both('member'),
  '/calendar/[key]': both('anyone'),
  '/api/health': both('anyone'),
  '/api/pair': { home: 'nobody', lan: 'anyone' },
  '/api/session': both('anyone'),
  '/api/demo': atHome('anyone'),
  '/api/devices': atHome('member', 'writes'),
  '/api/calendar': both('member', 'writes'),
  '/api/commands': both('member', 'writes'),
  '/api/find': both('member'),
  '/api/import': both('member', 'writes'),
  '/api/jobs': both('member'),
  '/api/jobs/[id]': both('member'),
  '/api/jobs/[id]/export': both('member'),
  '/api/jobs/[id]/labels.pdf': both('member'),
  '/api/jobs/[id]/outline.pdf': both('member'),
  '/api/jobs/[id]/record.pdf': both('member'),
  '/api/journal': both('member'),
  '/api/live': both('member', 'always'),
  '/api/own': both('member', 'writes'),
  '/api/photos/[sha]': both('member', 'writes'),
  '/api/specifications': both('member'),
};

export const isRead = (method: string): boolean => method === 'GET' || method === 'HEAD';

export interface Asked {
  pattern: string;
  method: string;
  door: 'home' | 'lan';
  /** The workshop of the device that asks; null if it is in none. */
  shopId: string | null;
  /** The workshop that the request names. */
  named: string | null;
}

export type AccessDecision = 'let in' | 'not there' | 'not so' | 'not here' | 'no workshop' | 'not named' | 'other workshop';

/** Lets a request in, or says why not. */
export function decide({ pattern, method, door, shopId, named }: Asked): AccessDecision {
  const rule = Object.hasOwn(access, pattern) ? access[pattern] : undefined;
  if (!rule) return 'not there';
  const who = rule[door];
  if (who === 'nobody') return 'not here';
  // A page is only read.
  if (!pattern.startsWith('/api/') && pattern !== '/[...rest]' && !isRead(method)) return 'not so';
  if (who === 'member') {
    if (!shopId) return 'no workshop';
    if (named === null && (rule.named === 'always' || (rule.named === 'writes' && !isRead(method)))) return 'not named';
  }
  if (named !== null && shopId !== null && named !== shopId) return 'other workshop';
  return 'let in';
}
