import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cleanPath, forwardedBy } from './request.mjs';

describe('one way of writing an address', () => {
  // RFC 3986, sections 5.2.4 and 6.2.2
  it.each([
    ['/api/devices', '/api/devices'],
    ['//api//devices', '/api/devices'],
    ['/api/devices/', '/api/devices'],
    ['/api/./devices', '/api/devices'],
    ['/x/../api/devices', '/api/devices'],
    ['/x/%2e%2e/api/devices', '/api/devices'],
    ['/api/%64evices', '/api/devices'],
    ['/../../etc', '/etc'],
    ['/', '/'],
    ['//', '/'],
    ['/a?b=//c/../d', '/a?b=//c/../d'],
    ['/caf%C3%A9', '/caf%C3%A9'],
  ])('%s', (from, to) => expect(cleanPath(from)).toBe(to));

  it.each(['/a%2fb', '/a%5Cb', '/a\\b', '/a%00', '/%E0%A4%A', '/%', 'x', '*', '/a?q=%E0%A4%A'])('%s cannot be read', (url) => {
    expect(cleanPath(url)).toBeNull();
  });

  it('is the same when it is done again', () => {
    fc.assert(
      fc.property(fc.string({ unit: fc.constantFrom('/', '.', '%', '2', 'e', 'E', '6', '4', 'a', '?', '#') }), (tail) => {
        const once = cleanPath(`/${tail}`);
        if (once !== null) expect(cleanPath(once)).toBe(once);
        if (once !== null) expect(once.split(/[?#]/)[0]).not.toMatch(/\/\/|\/\.{1,2}(\/|$)|.\/$/);
      }),
    );
  });
});

describe('where a request came from', () => {
  const from = (remoteAddress: string, headers: Record<string, string>, proxies: string[] = []) => {
    const request = { socket: { remoteAddress }, headers: { ...headers } };
    forwardedBy(request, proxies);
    return request.headers;
  };

  it('is what the request says only if a named proxy passed it on, and then its last word', () => {
    const said = { 'x-forwarded-for': '203.0.113.9, 192.168.1.20', 'x-forwarded-host': 'evil.test', forwarded: 'for=1.2.3.4', host: 'a' };
    expect(from('192.168.1.7', said)).toEqual({ host: 'a' });
    expect(from('::ffff:10.0.0.2', said, ['10.0.0.2'])).toEqual({ host: 'a', 'x-forwarded-for': '192.168.1.20' });
    expect(from('10.0.0.3', said, ['10.0.0.2'])).toEqual({ host: 'a' });
  });
});
