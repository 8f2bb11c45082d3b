import type { APIContext, APIRoute } from 'astro';
import fc from 'fast-check';
import { unzipSync } from 'fflate';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { exportZip } from '../../src/server/files/export';
import { id, photoHash, script, uid } from '../fixtures/commands';
import { freshDatabase, openBoth, shopA, type TestDatabase } from './database';
import { openScript, sendAll } from './filled';
import { picture, shaOf, withPlace } from './pictures';
import { tablesOf } from './tables';

// Ten thousand malformed commands and uploads, made from valid ones, through the server's own routes. Each must get a 4xx
// with a reason; none may raise anything, and none may change a row.

let t: TestDatabase;
let commands: APIRoute;
let photos: APIRoute;
let bringIn: APIRoute;
let others: [name: string, route: APIRoute][];
let zip: Buffer;
beforeAll(async () => {
  t = await freshDatabase();
  await openBoth(t.pool);
  await sendAll(t.pool, shopA, openScript());
  vi.stubEnv('IVREK_APP_URL', String(t.pool.options.connectionString));
  commands = (await import('../../src/pages/api/commands')).POST!;
  photos = (await import('../../src/pages/api/photos/[sha]')).PUT!;
  bringIn = (await import('../../src/pages/api/import')).POST!;
  const devices = await import('../../src/pages/api/devices');
  const session = await import('../../src/pages/api/session');
  others = [
    ['PUT devices', devices.PUT!],
    ['DELETE devices', devices.DELETE!],
    ['POST session', session.POST!],
    ['PUT session', session.PUT!],
    ['POST demo', (await import('../../src/pages/api/demo')).POST!],
  ];
  zip = Buffer.from((await exportZip(t.pool, shopA, id.job))!);
});
afterAll(async () => {
  const { pool } = await import('../../src/server/db/pool');
  await pool().end();
  await t.drop();
});

async function call(
  route: APIRoute,
  body: BodyInit | null,
  { type = 'application/json', headers = {}, params = {} } = {},
): Promise<Response> {
  const url = new URL('http://127.0.0.1/');
  const request = new Request(url, { method: 'POST', body, headers: { 'content-type': type, ...headers } });
  const session = { shopId: shopA, id: uid(1), personId: null, paired: false };
  return route({
    request,
    url,
    params,
    locals: { session },
    cookies: { set: () => undefined, get: () => undefined },
  } as unknown as APIContext);
}

/** A 4xx with a reason that a person can read. */
async function refuses(response: Response, what: unknown): Promise<void> {
  const body = (await response.json()) as { message?: string };
  const said = JSON.stringify(what)?.slice(0, 900);
  if (response.status < 400 || response.status > 499) throw new Error(`${response.status} for ${said}: ${JSON.stringify(body)}`);
  if (!body.message || !/^[A-Z„“‘'a-z].*/.test(body.message)) throw new Error(`no reason for ${said}`);
}

/** Everything in the shop, and how much there is of what no table of the record shows. */
async function everything(): Promise<unknown> {
  const { rows } = await t.owner.query(
    `select (select count(*) from journal) as journal, (select sum(seq) from shop) as seq, (select count(*) from shop) as shops,
            (select count(*) from blob) as blobs, (select count(*) from personal) as people, (select count(*) from find_line) as lines,
            (select count(*) from session) as sessions`,
  );
  return [rows[0], await tablesOf(t.pool, shopA)];
}

type Path = (string | number)[];
/** Every place in a value, from the top down. */
function places(value: unknown, at: Path = []): Path[] {
  if (typeof value !== 'object' || value === null) return [at];
  return [at, ...Object.entries(value).flatMap(([k, v]) => places(v, [...at, Array.isArray(value) ? Number(k) : k]))];
}
const put = (root: unknown, path: Path, value: unknown): unknown => {
  if (path.length === 0) return value;
  const [head, ...rest] = path;
  const copy = (Array.isArray(root) ? [...root] : { ...(root as object) }) as Record<string | number, unknown>;
  copy[head] = put(copy[head], rest, value);
  return copy;
};
const get = (root: unknown, path: Path): unknown => path.reduce<unknown>((v, k) => (v as Record<string | number, unknown>)[k], root);
const drop = (root: unknown, path: Path): unknown => {
  const parent = get(root, path.slice(0, -1));
  const copy = (Array.isArray(parent) ? [...parent] : { ...(parent as object) }) as Record<string | number, unknown>;
  if (Array.isArray(copy)) copy.splice(Number(path.at(-1)), 1);
  else delete copy[path.at(-1)!];
  return put(root, path.slice(0, -1), copy);
};

// What another device wanted is kept as it was, whatever it was; a condition compares with any word or number; photo bytes are asked for before anything else.
const free = (path: Path) => path[0] === 'payload' && (path[1] === 'yours' || path[1] === 'theirs' || path.includes('applies'));
const whole = script();
/** What an entry of knowledge cannot be without; everything else in one may be left out. */
const ofAnEntry = ['id', 'body', 'name', 'system', 'causes', 'remedy', 'do', 'origin', 'leak', 'kind', 'how', 'outcomes', 'says', 'find'];
const inEntry = (path: Path) =>
  path[0] === 'payload' && ['faults', 'findings', 'tests', 'figures', 'fault'].includes(String(path[1])) && path.length > 2;
/** Keys that may be left out, or lists that may be shorter. */
const optional = (path: Path) =>
  path.length === 0 ||
  (inEntry(path) && !ofAnEntry.includes(String(path.at(-1)))) ||
  typeof path.at(-1) === 'number' ||
  /^base$/.test(String(path[0])) ||
  /symptoms|set|conditions|counts|value|shown/.test(path.join(' '));

const other = fc.constantFrom<unknown>(
  true,
  -1e308,
  1.5e300,
  { $ne: null },
  [[]],
  [{}],
  { toString: 'x' },
  '\u0000',
  'half \ud800',
  'x'.repeat(20_000),
  { length: 4 },
);
const sameKind = (a: unknown, b: unknown) =>
  typeof a === typeof b && Array.isArray(a) === Array.isArray(b) && (a === null) === (b === null);

/** A valid command made wrong in one place. */
const wrongCommand: fc.Arbitrary<unknown> = fc
  .record({
    command: fc.constantFrom(...whole),
    pick: fc.nat(),
    how: fc.constantFrom('drop', 'add', 'change', 'type', 'id', 'version', 'time'),
    value: other,
    key: fc.constantFrom('$where', 'constructor', '__proto__x', 'actorId', 'shopId', 'seq', ''),
  })
  .map(({ command, pick, how, value, key }): unknown => {
    const all = places(command).filter((p) => !free(p));
    switch (how) {
      case 'drop': {
        const some = all.filter((p) => !optional(p));
        return drop(command, some[pick % some.length]);
      }
      case 'add': {
        const objects = all.filter((p) => p.length <= 1 && p[0] !== 'base' && typeof get(command, p) === 'object');
        const at = objects[pick % objects.length];
        return put(command, [...at, key], 'surprise');
      }
      case 'change': {
        const leaves = all.filter((p) => p.length > 0 && p[0] !== 'base' && !sameKind(get(command, p), value));
        const at = leaves[pick % leaves.length];
        return put(command, at, value);
      }
      case 'type':
        return { ...command, type: ['bike.paint', 'Undo', 'hasOwnProperty', ' ', 7][pick % 5] };
      case 'id':
        return put(command, [['id'], ['entity', 'id'], ['entity', 'kind']][pick % 3], ['', 'x', '0'.repeat(36), '../../etc', 12][pick % 5]);
      case 'version':
        return { ...command, schemaVersion: [0, -1, 1.5, 99, '2', null][pick % 6] };
      default:
        return { ...command, madeAt: ['', 'yesterday', '2030-13-45T99:00:00Z', 0, null, '2030-01-01'][pick % 6] };
    }
  });

/** Text that is no command at all. */
const wrongText: fc.Arbitrary<string> = fc.oneof(
  fc.constantFrom(...whole).chain((c) => fc.nat(JSON.stringify(c).length - 2).map((n) => JSON.stringify(c).slice(0, n))),
  fc.json().filter((j) => {
    const v: unknown = JSON.parse(j);
    return !(Array.isArray(v) && v.length === 0);
  }),
  fc.string(),
  fc.constantFrom('null', '7', '""', 'true', '{}', '{"type":"undo"}', '[['.repeat(2000), `{"a":${'{"a":'.repeat(900)}1${'}'.repeat(900)}}`),
);

const runs = { numRuns: 1 };
/** Samples of something, in one run that can be repeated by its seed. */
async function each<T>(arbitrary: fc.Arbitrary<T>, count: number, work: (value: T) => Promise<void>): Promise<void> {
  await fc.assert(
    fc.asyncProperty(fc.noShrink(fc.array(arbitrary, { minLength: count, maxLength: count })), async (values) => {
      for (const v of values) await work(v);
    }),
    runs,
  );
}

describe('what is malformed', () => {
  it('8,000 commands, one wrong place each: alone or in a list, a 4xx with a reason, and no row changed', async () => {
    const before = await everything();
    const seen: Record<number, number> = {};
    let n = 0;
    await each(wrongCommand, 8000, async (command) => {
      // Every other one travels in a list, as a device sends what waited.
      if (n++ % 2) {
        const response = await call(commands, JSON.stringify([command]));
        expect(response.status).toBe(200);
        const { answers } = (await response.json()) as { answers: { status: number; message?: string }[] };
        await refuses(new Response(JSON.stringify(answers[0]), { status: Math.max(200, answers[0].status) }), command);
        seen[answers[0].status] = (seen[answers[0].status] ?? 0) + 1;
      } else {
        const response = await call(commands, JSON.stringify(command));
        seen[response.status] = (seen[response.status] ?? 0) + 1;
        await refuses(response, command);
      }
    });
    // it was their shape that was refused, not only what they spoke of
    expect(seen[400]).toBeGreaterThan(6000);
    expect(await everything()).toEqual(before);
  }, 180_000);

  it('a list stops at the first that is not kept: nothing overtakes an entry whose fate its device does not know', async () => {
    const before = await everything();
    const sound = structuredClone(whole[0]) as { id: string };
    const response = await call(commands, JSON.stringify([sound, { ...sound, type: 'nothing.such' }, { ...sound, id: uid(990) }]));
    const { answers } = (await response.json()) as { answers: { status: number }[] };
    expect(answers.map((a) => a.status)).toEqual([200, 400]);
    expect(await everything()).toEqual(before);
  });

  it('1,000 texts that are no command, and other bodies', async () => {
    const before = await everything();
    await each(wrongText, 1000, async (text) => {
      const response = await call(commands, text);
      if (response.status !== 200) return refuses(response, text);
      // a list: every single one is refused
      const { answers } = (await response.json()) as { answers: { status: number; message?: string }[] };
      for (const a of answers) await refuses(new Response(JSON.stringify(a), { status: Math.max(200, a.status) }), text);
    });
    for (const type of ['text/plain', 'multipart/form-data', 'application/x-www-form-urlencoded'])
      await refuses(await call(commands, JSON.stringify(whole[0]), { type }), type);
    await refuses(await call(commands, new Uint8Array([0x22, 0xff, 0xfe, 0x22])), 'not UTF-8');
    await refuses(await call(commands, `"${'x'.repeat(300 * 1024)}"`), 'too large');
    await refuses(await call(commands, JSON.stringify(Array.from({ length: 101 }, () => whole[0]))), 'too many');
    await refuses(await call(commands, null), 'no body');
    for (const [name, route] of others)
      await each(
        wrongText.filter((x) => !/"(hide|show|remove|bring)"/.test(x)),
        60,
        async (text) => {
          const response = await call(route, text);
          if (name === 'PUT session' && response.status === 200) return;
          await refuses(response, `${name} ${text}`);
        },
      );
    expect(await everything()).toEqual(before);
  }, 120_000);

  it('1,000 uploads: photos that are none or damaged, files that hold no job', async () => {
    const before = await everything();
    const good = (await picture('#123123')).bytes;
    const place = (await withPlace()).bytes;
    const gif = (await picture('#123123', 'gif')).bytes;
    const send = async (sha: string, bytes: Buffer) =>
      refuses(await call(photos, new Uint8Array(bytes), { type: 'image/jpeg', params: { sha } }), sha);
    await each(
      fc.oneof(
        // cut short, or damaged on its way, under the name of the whole
        fc.nat(good.length - 1).map((n) => ({ sha: shaOf(good), bytes: good.subarray(0, n) })),
        fc.nat(good.length - 1).map((n) => {
          const bytes = Buffer.from(good);
          bytes[n] ^= 0x55;
          return { sha: shaOf(good), bytes };
        }),
        // anything under its right name
        fc.uint8Array({ maxLength: 2000 }).map((a) => ({ sha: shaOf(Buffer.from(a)), bytes: Buffer.from(a) })),
        // the beginning of a picture and then nothing
        fc
          .integer({ min: 2, max: Math.floor(good.length / 2) })
          .map((n) => ({ sha: shaOf(good.subarray(0, n)), bytes: good.subarray(0, n) })),
        fc.constantFrom(place, gif).map((bytes) => ({ sha: shaOf(bytes), bytes })),
        // names that are none
        fc.constantFrom('', '..%2f', 'G'.repeat(64), photoHash.toUpperCase(), photoHash.slice(1)).map((sha) => ({ sha, bytes: good })),
      ),
      600,
      ({ sha, bytes }) => send(sha, bytes),
    );
    const job = Buffer.from(unzipSync(new Uint8Array(zip))['job.json']);
    const bring = async (bytes: Buffer, headers = {}) =>
      refuses(
        await call(bringIn, new Uint8Array(bytes), { type: 'application/octet-stream', headers }),
        bytes.toString('latin1').slice(0, 60),
      );
    await each(
      fc.oneof(
        fc.nat(zip.length - 1).map((n) => zip.subarray(0, n)),
        fc.nat(job.length - 1).map((n) => job.subarray(0, n)),
        fc.tuple(fc.nat(job.length - 1), fc.integer({ min: 1, max: 255 })).map(([n, by]) => {
          const bytes = Buffer.from(job);
          bytes[n] = (bytes[n] + by) % 256;
          return bytes;
        }),
        fc.uint8Array({ maxLength: 500 }).map((a) => Buffer.from(a)),
        fc.uint8Array({ maxLength: 500 }).map((a) => Buffer.concat([Buffer.from('PK\u0003\u0004'), Buffer.from(a)])),
        fc.json().map((j) => Buffer.from(j)),
      ),
      400,
      (bytes) => bring(bytes),
    );
    await bring(job, { 'x-ivrek-choices': '%7B%22a%22%3A%22neither%22%7D' });
    await bring(job, { 'x-ivrek-choices': '%' });
    expect(await everything()).toEqual(before);
  }, 180_000);
});
