import { gunzipSync, brotliDecompressSync } from 'node:zlib';
import { describe, expect, it } from 'vitest';
import { keptPage } from './pageCache';

// Each test has a workshop of its own: what is kept is kept by the process.
let shops = 0;
const ask = (more: object = {}) => ({
  method: 'GET',
  pattern: '/job/[id]/[stage]',
  url: new URL('http://127.0.0.1/job/1/trace'),
  accepts: 'gzip, deflate',
  session: { shopId: `shop ${++shops}`, personId: null as string | null },
  ...more,
});
function drawing(how: { status?: number; whole?: boolean; headers?: Record<string, string> } = {}) {
  const drawn = { times: 0 };
  const draw = () => {
    const response = new Response(`<p>drawn ${++drawn.times}</p>`, { status: how.status ?? 200, headers: how.headers });
    return Promise.resolve({ response, whole: how.whole ?? true });
  };
  return { drawn, draw };
}
const textOf = async (r: Response) => {
  const body = new Uint8Array(await r.arrayBuffer());
  const packed = r.headers.get('content-encoding');
  return new TextDecoder().decode(packed === 'gzip' ? gunzipSync(body) : packed === 'br' ? brotliDecompressSync(body) : body);
};
const same = () => Promise.resolve('1');

describe('a page that was drawn before', () => {
  it('is sent again, packed, as long as its workshop stands as it stood', async () => {
    const { draw, drawn } = drawing();
    const page = ask();
    let stamp = '1';
    const get = async () => textOf(await keptPage(page, () => Promise.resolve(stamp), draw));
    expect([await get(), await get()]).toEqual(['<p>drawn 1</p>', '<p>drawn 1</p>']);
    stamp = '2';
    expect([await get(), await get()]).toEqual(['<p>drawn 2</p>', '<p>drawn 2</p>']);
    expect(drawn.times).toBe(2);
    const { headers } = await keptPage(page, () => Promise.resolve(stamp), draw);
    expect(Object.fromEntries(headers)).toMatchObject({
      'content-type': 'text/html; charset=utf-8',
      'content-encoding': 'gzip',
      vary: 'accept-encoding',
    });
  });

  it('is nobody else’s: another workshop, person, address or packing has its own', async () => {
    const { draw, drawn } = drawing();
    const page = ask();
    const others = [
      page,
      { ...page, session: { ...page.session, shopId: `shop ${++shops}` } },
      { ...page, session: { ...page.session, personId: 'somebody' } },
      { ...page, url: new URL('http://127.0.0.1/job/2/trace') },
      { ...page, url: new URL('http://127.0.0.1/job/1/trace?panel=gap') },
      { ...page, accepts: 'gzip, br' },
    ];
    const said = [];
    for (const one of [...others, ...others]) said.push(await textOf(await keptPage(one, same, draw)));
    expect(drawn.times).toBe(others.length);
    expect(new Set(said).size).toBe(others.length);
  });

  it('is packed as the device can unpack it', async () => {
    const packed = async (accepts: string) => (await keptPage(ask({ accepts }), same, drawing().draw)).headers.get('content-encoding');
    expect(await packed('gzip, deflate, br')).toBe('br');
    expect(await packed('br;q=0, gzip;q=0.8')).toBe('gzip');
    expect(await packed('br;q=0.5, gzip;q=0')).toBe('br');
  });

  it('is not kept where an entry came in while it was drawn: the next one who asks has it', async () => {
    const page = ask();
    let stamp = 1;
    const draw = () => Promise.resolve({ response: new Response(`as of ${stamp++}`), whole: true });
    const get = async () => textOf(await keptPage(page, () => Promise.resolve(String(stamp)), draw));
    expect([await get(), await get()]).toEqual(['as of 1', 'as of 2']);
  });

  it.each([
    ['that is not whole yet', ask(), { whole: false }],
    ['that is not there', ask(), { status: 404 }],
    ['that sets a cookie', ask(), { headers: { 'set-cookie': 'a=b' } }],
    ['of another route', ask({ pattern: '/job/[id]/record' }), {}],
    ['of a route that only sounds so', ask({ pattern: 'constructor' }), {}],
    ['that is sent', ask({ method: 'POST' }), {}],
    ['for a device that cannot unpack it', ask({ accepts: null }), {}],
    ['for a device that wants none of it packed', ask({ accepts: 'gzip;q=0, br; q=0.0' }), {}],
    ['of a very long address', ask({ url: new URL(`http://127.0.0.1/job/1/trace?panel=${'x'.repeat(300)}`) }), {}],
  ])('is drawn each time where it is one %s', async (_, page, how) => {
    const { draw, drawn } = drawing(how);
    await keptPage(page, same, draw);
    expect(await textOf(await keptPage(page, same, draw))).toBe('<p>drawn 2</p>');
    expect(drawn.times).toBe(2);
  });

  it('of Next is drawn anew when its minute is over, since it tells how long waits still run', async () => {
    const page = ask({ pattern: '/', url: new URL('http://127.0.0.1/') });
    const { draw } = drawing();
    const at = async (time: string) => textOf(await keptPage(page, same, draw, new Date(`2030-06-01T09:${time}Z`)));
    expect([await at('00:00'), await at('00:59'), await at('01:00')]).toEqual(['<p>drawn 1</p>', '<p>drawn 1</p>', '<p>drawn 2</p>']);
  });
});
