import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';
import type pg from 'pg';
import { readTransaction } from '../db/pool';
import { Lately } from '../work/lately';

/** A page as it is sent: packed, so that it is small to keep and not packed again. */
interface Packed {
  body: Uint8Array<ArrayBuffer>;
  encoding: 'br' | 'gzip';
}

const most = 100;
const pages = new Lately<Packed>(most);

/** Pages that say nothing besides what is in their workshop, by their route, with how far they also hang on the time. */
const keptRoutes: Record<string, (now: Date) => string> = {
  '/job/[id]/[stage]': () => '',
  // Next says "in 3 minutes".
  '/': (now) => now.toISOString().slice(0, 16),
};
/** Longer addresses are nobody's bookmark. */
const longestSearch = 200;

/**
 * What a page of a workshop may hang on, in short: the number and the identity of its last entry, its own line, and its customers'
 * names, which stand outside the journal. Never the same again after a change.
 */
export const shopStamp = (from: pg.Pool, shopId: string): Promise<string | null> =>
  readTransaction(from, shopId, async (db) => {
    const { rows } = await db.query({
      name: 'shop stamp',
      text: `select concat_ws(' ', s.seq, s.xmin, (select j.id || ' ' || j.received_at from journal j where j.seq = s.seq),
          (select count(*) || ' ' || coalesce(max(p.xmin::text::bigint), 0) from personal p)) as stamp
        from shop s where s.id = $1`,
      values: [shopId],
    });
    return (rows[0] as { stamp: string } | undefined)?.stamp ?? null;
  });

interface PageAsk {
  method: string;
  /** The route that answers, as Astro names it. */
  pattern: string;
  url: URL;
  /** The request's accept-encoding. */
  accepts: string | null;
  session: { shopId: string; personId: string | null };
}

/** The better of the two that a device takes; one with a weight of nought it does not take (RFC 9110, 12.5.3). */
function encodingOf(accepts: string | null): Packed['encoding'] | null {
  const named = (accepts ?? '').split(',').map((one) => one.trim().split(/\s*;\s*/));
  const taken = named.filter(([, weight = '']) => !/^q=0(\.0*)?$/.test(weight)).map(([name]) => name);
  return (['br', 'gzip'] as const).find((e) => taken.includes(e)) ?? null;
}

const [gzipped, brotlied] = [promisify(gzip), promisify(brotliCompress)];
/** Levels at which packing takes no longer than a page takes to be drawn. */
const pack = (body: Uint8Array, encoding: Packed['encoding']) =>
  encoding === 'br' ? brotlied(body, { params: { [constants.BROTLI_PARAM_QUALITY]: 4 } }) : gzipped(body, { level: 4 });

const sent = ({ body, encoding }: Packed): Response =>
  new Response(body, {
    headers: {
      'content-type': 'text/html; charset=utf-8',
      'content-encoding': encoding,
      'content-length': String(body.byteLength),
      vary: 'accept-encoding',
    },
  });

/**
 * A page as it was drawn before, where nothing in its workshop has changed since; else it is drawn.
 * @param ask who asks for which page
 * @param stamp reads `shopStamp`; before the page is drawn, so that what comes in meanwhile makes the next request draw it anew
 * @param draw draws it, and says whether it may be kept: nothing in it was still being worked out
 * @param now the present moment
 * @returns the answer
 */
export async function keptPage(
  ask: PageAsk,
  stamp: () => Promise<string | null>,
  draw: () => Promise<{ response: Response; whole: boolean }>,
  now = new Date(),
): Promise<Response> {
  const { pattern, url, session } = ask;
  const time = Object.hasOwn(keptRoutes, pattern) ? keptRoutes[pattern](now) : null;
  const encoding = encodingOf(ask.accepts);
  if (ask.method !== 'GET' || time === null || !encoding || url.search.length > longestSearch) return (await draw()).response;
  const key = JSON.stringify([session.shopId, session.personId, url.pathname, url.search, encoding, time, await stamp()]);
  const there = pages.get(key);
  if (there) return sent(there);
  const { response, whole } = await draw();
  if (response.status !== 200 || !whole || response.headers.has('set-cookie')) return response;
  const packed = { body: new Uint8Array(await pack(new Uint8Array(await response.arrayBuffer()), encoding)), encoding };
  pages.set(key, packed);
  return sent(packed);
}
