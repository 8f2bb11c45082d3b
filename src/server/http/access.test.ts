import { readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { access, decide } from './access';

/** The pattern of every file under src/pages, as the router names it. */
function patterns(at = ''): string[] {
  return readdirSync(`src/pages${at}`, { withFileTypes: true }).flatMap((f) =>
    f.isDirectory() ? patterns(`${at}/${f.name}`) : [`${at}/${f.name}`.replace(/\.(astro|ts)$/, '').replace(/\/index$/, '') || '/'],
  );
}

describe('who may reach what', () => {
  it('every page and endpoint says so, and nothing that is not there', () => {
    expect(Object.keys(access).sort()).toEqual(patterns().sort());
  });

  const ask = { method: 'GET', door: 'home', shopId: 'a', named: null } as const;

  it.each([
    ['/_image', {}, 'not there'],
    ['/nowhere', {}, 'not there'],
    ['toString', {}, 'not there'],
    ['/devices', {}, 'let in'],
    ['/devices', { shopId: null }, 'no workshop'],
    ['/devices', { method: 'POST', named: 'a' }, 'not so'],
    ['/devices', { door: 'lan' }, 'not here'],
    ['/api/devices', { door: 'lan', method: 'POST' }, 'not here'],
    ['/api/demo', { door: 'lan', method: 'POST' }, 'not here'],
    ['/workshops', { door: 'lan' }, 'not here'],
    ['/api/pair', { method: 'POST' }, 'not here'],
    ['/api/pair', { door: 'lan', shopId: null, method: 'POST' }, 'let in'],
    ['/', { door: 'lan', shopId: null }, 'no workshop'],
    ['/api/commands', { method: 'POST' }, 'not named'],
    ['/api/commands', { method: 'POST', named: 'a' }, 'let in'],
    ['/api/commands', { method: 'POST', named: 'b' }, 'other workshop'],
    ['/api/live', {}, 'not named'],
    ['/api/live', { named: 'a' }, 'let in'],
    ['/api/jobs', {}, 'let in'],
    ['/api/jobs', { named: 'b' }, 'other workshop'],
    ['/api/jobs/[id]/export', { door: 'lan', shopId: null }, 'no workshop'],
    ['/calendar/[key]', { shopId: null, door: 'lan' }, 'let in'],
  ] as const)('%s %j: %s', (pattern, patch, decision) => {
    expect(decide({ pattern, ...ask, ...patch })).toBe(decision);
  });

  it('whatever changes something inside a workshop names it', () => {
    for (const [pattern, rule] of Object.entries(access))
      for (const door of ['home', 'lan'] as const)
        if (rule[door] === 'member' && pattern.startsWith('/api/'))
          expect(decide({ pattern, ...ask, door, method: 'POST' }), pattern).toBe(rule.named ? 'not named' : 'let in');
    // Those that only read have no other method.
    const readers = Object.entries(access)
      .filter(([p, r]) => p.startsWith('/api/') && r.home === 'member' && !r.named)
      .map(([p]) => p);
    expect(readers.sort()).toEqual([
      '/api/find',
      '/api/jobs',
      '/api/jobs/[id]',
      '/api/jobs/[id]/export',
      '/api/jobs/[id]/labels.pdf',
      '/api/jobs/[id]/outline.pdf',
      '/api/jobs/[id]/record.pdf',
      '/api/journal',
      '/api/specifications',
    ]);
  });
});
