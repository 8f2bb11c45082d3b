import { zipSync, strToU8 } from 'fflate';
import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { understand } from '../../src/core/line';
import { digestOf, type JobFile } from '../../src/server/files/jobFile';
import { type Random } from '../chaos/random';
import { id, script } from '../fixtures/commands';
import { lineContext } from '../fixtures/line';
import type { AttackStand } from './stand';
import type { Role } from './roles';
import type { Report } from './report';

type Tree = Record<string, unknown>;

/** What a field may hold by a slip of the finger or by intent. */
const nasty: readonly unknown[] = [
  null,
  true,
  -1,
  0,
  1e308,
  -0.0001,
  9007199254740993,
  '',
  ' ',
  'x'.repeat(3000),
  '日'.repeat(900),
  '🔧⚠ leak',
  'a\u0000b',
  '\\u0000',
  '\ud800',
  '1880-01-01T00:00:00.000Z',
  '0202-02-02T00:00:00.000Z',
  '9999-12-31T23:59:59.999Z',
  '2030-02-30T00:00:00.000Z',
  'infinity',
  'NaN',
  'furlongs',
  '°',
  '99',
  'cylinder nine and a half',
  '00000000-0000-0000-0000-000000000000',
  '------------------------------------',
  "'; drop table shop; --",
  '<script>alert(1)</script>',
  '=cmd()',
  [],
  {},
  [[[[[[]]]]]],
  { __proto__: null, constructor: 1 },
  JSON.parse('{"toString": "x", "valueOf": {}}'),
  Array.from({ length: 2000 }, (_x, i) => i),
];

const leaves = (tree: unknown, at: string[] = []): string[][] =>
  typeof tree === 'object' && tree !== null ? Object.entries(tree).flatMap(([k, v]) => [[...at, k], ...leaves(v, [...at, k])]) : [];

/** A copy with one or two of its places replaced. */
export function bent<T>(random: Random, from: T): T {
  const copy = structuredClone(from);
  for (let n = 1 + random.below(2); n > 0; n--) {
    const all = leaves(copy);
    const path = random.one(all);
    const holder = path.slice(0, -1).reduce<unknown>((o, k) => (o as Tree | undefined)?.[k], copy);
    if (typeof holder === 'object' && holder !== null) (holder as Tree)[path.at(-1)!] = structuredClone(random.one(nasty));
  }
  return copy;
}

const sha = (bytes: Uint8Array) => createHash('sha256').update(bytes).digest('hex');

/** Thousands of inputs that are almost right, of every kind that comes in. Each gets an answer that says what it is; none is a 500. */
export async function badInputs(stand: AttackStand, role: Role, many: number, random: Random, report: Report): Promise<void> {
  const headers = { cookie: role.cookie!, 'x-ivrek-shop': role.shopId! };
  const send = async (kind: string, method: string, path: string, body: string | Uint8Array, type = 'application/json') => {
    const answer = await stand.ask('home', path, { method, body, headers: { ...headers, 'content-type': type } });
    report.count(kind);
    const what = `${kind} ${method} ${path}: ${answer.status}`;
    if (answer.status === 0 || answer.status === 500) report.wrong(`${what} for ${String(body).slice(0, 300)}`);
    if (answer.status >= 400 && !/"(message|problems|answers|faults)":/.test(answer.text)) report.wrong(`${what} without a reason`);
    return answer;
  };
  const commands = script();
  const file = JSON.parse((await stand.ask('home', `/api/jobs/${id.job}/export`, { headers })).text) as JobFile;
  const jpeg = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#456' } })
    .jpeg()
    .toBuffer();
  const png = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#456' } })
    .png()
    .toBuffer();
  const context = lineContext();
  const words = [
    'comp',
    '2',
    '118',
    'psi',
    'bag',
    '7',
    '4x',
    'm6x25',
    'done',
    'in',
    '99999999999999',
    'days',
    '🔧',
    '\u0000',
    '"',
    'year',
    '1880',
    'sign',
    '°',
  ];

  for (let i = 0; i < many; i++) {
    const kind = random.below(10);
    if (kind < 5) {
      const command = bent(random, { ...random.one(commands), id: crypto.randomUUID() });
      await send('commands', 'POST', '/api/commands', JSON.stringify(command));
    } else if (kind === 5) {
      const { digest, ...rest } = file;
      void digest;
      const other = bent(random, rest);
      let body: string;
      try {
        body = JSON.stringify({ ...other, digest: digestOf(other) });
      } catch {
        continue;
      }
      await send(
        'imports',
        'POST',
        '/api/import?check',
        random.below(2) ? body : zipSync({ 'job.json': strToU8(body) }),
        'application/octet-stream',
      );
    } else if (kind === 6) {
      const bytes = Buffer.from(random.below(2) ? jpeg : png);
      for (let n = random.below(6); n > 0; n--) bytes[random.below(bytes.length)] = random.below(256);
      const cut = bytes.subarray(0, random.below(4) ? bytes.length : random.below(bytes.length));
      await send('uploads', 'PUT', `/api/photos/${random.below(10) ? sha(cut) : 'zz'}`, cut, 'image/jpeg');
    } else if (kind === 7) {
      const yaml = JSON.stringify(
        bent(random, {
          faults: [{ id: 'own-x', name: 'X', system: 'fuel', prior: 0.1, causes: {}, remedy: { do: 'x', minutes: 1, parts: 1 } }],
        }),
      );
      await send('knowledge', 'POST', '/api/own', yaml, 'application/yaml');
    } else if (kind === 8) {
      const q = encodeURIComponent((JSON.stringify(random.one(nasty)) ?? '').replace(/[\ud800-\udfff]/g, '')).slice(0, 400);
      const path = random.one([
        `/api/find?q=${q}`,
        `/api/journal?after=${q}`,
        `/api/journal?job=${q}`,
        `/api/jobs/${q.slice(0, 60)}`,
        `/job/${q.slice(0, 60)}/trace`,
      ]);
      const { status } = await stand.ask('home', path, { headers });
      report.count('addresses');
      if (status === 0 || status >= 500) report.wrong(`GET ${path}: ${status}`);
    } else {
      const line = Array.from({ length: 1 + random.below(8) }, () => random.one(words)).join(random.below(5) ? ' ' : '');
      report.count('lines');
      try {
        understand(line, context);
      } catch (error) {
        report.wrong(`the line ${JSON.stringify(line)}: ${String(error)}`);
      }
    }
  }
  // And the workshop is as good as before.
  for (const path of [
    '/',
    ...['trace', 'measure', 'strip', 'rebuild', 'parts', 'handover', 'record'].map((s) => `/job/${id.job}/${s}`),
    `/api/jobs/${id.job}/export`,
  ]) {
    const { status } = await stand.ask('home', path, { headers });
    if (status !== 200) report.wrong(`after all that ${path} answers ${status}`);
  }
}
