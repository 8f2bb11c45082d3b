import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startCluster } from '../../launcher/cluster.mjs';
import { dumpToday } from '../../launcher/dumps.mjs';
import { postgresBin } from '../../launcher/packages.mjs';
import { migrate } from '../../launcher/serve.mjs';
import { makePool } from '../../src/server/db/pool';
import { keepPhoto, readPhoto } from '../../src/server/files/photos';
import { jobSnapshot } from '../../src/server/queries/job';
import { openShop } from '../../src/server/queries/shops';
import { newCode, pair } from '../../src/server/lan/pairing';
import { readSession } from '../../src/server/session';
import { id } from '../fixtures/commands';
import { putBytes, shopA } from './database';
import { openScript, sendAll } from './filled';
import { picture } from './pictures';
import { tablesOf } from './tables';

// Backup and restore as a person runs them, between two data folders with clusters (and ports) of their own.
const folder = mkdtempSync(join(tmpdir(), 'ivrek-backup-test-'));
const home = '.data/test/backup-home-' + process.pid;
const away = '.data/test/backup-away-' + process.pid;
const file = join(folder, 'everything.tar');
const bin = postgresBin()!;
interface Cluster {
  port: number;
  ownerUrl(db?: string): string;
  appUrl(db?: string): string;
  stop(): void;
}
const start = async (base: string) => (await startCluster(bin, base, { firstPort: 57680 })) as Cluster;
const ivrek = (base: string, ...args: string[]) =>
  spawnSync('node', ['launcher/main.mjs', ...args], {
    encoding: 'utf8',
    env: { ...process.env, IVREK_DATA: base, IVREK_CALLED_FROM: folder },
  });

let photo: { sha: string; bytes: Buffer };
let cookie: string;
let homePort: number;
beforeAll(async () => {
  for (const base of [home, away]) mkdirSync(base, { recursive: true });
  const cluster = await start(home);
  homePort = cluster.port;
  await migrate(cluster, 'ivrek', home);
  const pool = makePool(cluster.appUrl('ivrek'), 2);
  await openShop(pool, shopA, 'A');
  await putBytes(pool, shopA, 'a1'.repeat(32));
  await sendAll(pool, shopA, openScript());
  photo = await picture('#334455');
  await keepPhoto(pool, shopA, photo.sha, photo.bytes);
  const paired = await pair(pool, '192.0.2.1', (await newCode(pool, shopA)).code, 'Tablet');
  cookie = paired.ok ? paired.cookie : '';
  mkdirSync(`${home}/lan`, { recursive: true });
  writeFileSync(`${home}/lan/authority.pem`, 'the authority');
  await pool.end();
}, 120_000);
afterAll(async () => {
  for (const base of [home, away]) {
    (await start(base)).stop();
    rmSync(base, { recursive: true, force: true });
  }
  rmSync(folder, { recursive: true, force: true });
});

const with_ = async <T>(base: string, work: (pool: pg.Pool) => Promise<T>): Promise<T> => {
  const cluster = await start(base);
  const pool = makePool(cluster.appUrl('ivrek'), 2);
  try {
    return await work(pool);
  } finally {
    await pool.end();
  }
};

describe('backup and restore', () => {
  it('bring everything to another folder and port: tables, journal, photos, paired devices, the authority', async () => {
    const made = ivrek(home, 'backup', 'everything.tar');
    expect(made.stderr + made.stdout).toMatch(/everything is in .*everything\.tar/);
    expect(made.status).toBe(0);
    expect(readdirSync(folder)).toEqual(['everything.tar']);
    // where nothing was before
    const first = ivrek(away, 'restore', 'everything.tar');
    expect(first.status, first.stderr).toBe(0);
    const want = await with_(home, async (pool) => [await tablesOf(pool, shopA), await jobSnapshot(pool, shopA, id.job, null)]);
    await with_(away, async (pool) => {
      expect([await tablesOf(pool, shopA), await jobSnapshot(pool, shopA, id.job, null)]).toEqual(want);
      expect((await readPhoto(pool, shopA, photo.sha, 'full'))!.bytes.equals(photo.bytes)).toBe(true);
      expect(await readSession(pool, cookie)).toMatchObject({ shopId: shopA, paired: true });
      // the rights came along: what one workshop has the application sees only as that workshop
      expect((await pool.query('select count(*)::int as n from bike')).rows[0].n).toBe(0);
    });
    const there = await start(away);
    expect(there.port).not.toBe(homePort);
    expect(readFileSync(`${away}/lan/authority.pem`, 'utf8')).toBe('the authority');
  }, 120_000);

  it('puts what was there aside and keeps it', async () => {
    await with_(away, (pool) => openShop(pool, '33333333-3333-4333-8333-333333333333', 'Made since'));
    const again = ivrek(away, 'restore', file);
    expect(again.stderr + again.stdout).toMatch(/what was there is kept as ivrek_before_restore/);
    const cluster = await start(away);
    const names = async (db: string) => {
      const client = new pg.Client(cluster.ownerUrl(db));
      await client.connect();
      const { rows } = await client.query('select name from shop order by name');
      await client.end();
      return rows.map((r) => r.name as string);
    };
    expect(await names('ivrek')).not.toContain('Made since');
    expect(await names('ivrek_before_restore')).toContain('Made since');
  }, 120_000);

  it('a file that is damaged, foreign, newer or missing changes nothing, and says so', async () => {
    const before = await with_(away, (pool) => tablesOf(pool, shopA));
    const bytes = readFileSync(file);
    bytes[Math.floor(bytes.length / 2)] ^= 0xff;
    writeFileSync(join(folder, 'damaged.tar'), bytes);
    writeFileSync(join(folder, 'foreign.tar'), 'not a tar at all');
    const newer = mkdtempSync(join(folder, 'newer-'));
    spawnSync('tar', ['-xf', file, '-C', newer]);
    const manifest = JSON.parse(readFileSync(`${newer}/manifest.json`, 'utf8')) as { migrations: string[] };
    writeFileSync(`${newer}/manifest.json`, JSON.stringify({ ...manifest, migrations: [...manifest.migrations, '9999_from_the_future'] }));
    spawnSync('tar', ['-cf', join(folder, 'newer.tar'), '-C', newer, ...readdirSync(newer)]);
    for (const [name, words] of [
      ['damaged.tar', /is damaged|could not be read/],
      ['foreign.tar', /is no backup of Ivrek/],
      ['newer.tar', /made by a newer Ivrek \(it has 9999_from_the_future\)/],
      ['nowhere.tar', /there is no file/],
    ] as const) {
      const r = ivrek(away, 'restore', name);
      expect(r.status, name).not.toBe(0);
      expect(r.stderr, name).toMatch(words);
    }
    expect(await with_(away, (pool) => tablesOf(pool, shopA))).toEqual(before);
  }, 120_000);

  it('does not restore under a running Ivrek', () => {
    writeFileSync(`${away}/running.json`, JSON.stringify({ launcher: process.pid }));
    const r = ivrek(away, 'restore', file);
    rmSync(`${away}/running.json`);
    expect(r.status).not.toBe(0);
    expect(r.stderr).toMatch(/Ivrek is running/);
  });

  it('wants one file', () => {
    expect(ivrek(home, 'backup').stderr).toMatch(/backup wants one file/);
    expect(ivrek(home, 'restore', 'a', 'b').stderr).toMatch(/restore wants one file/);
  });
});

describe('the daily dump', () => {
  it('is made once a day, readable, and the last seven are kept', async () => {
    const cluster = await start(home);
    for (let day = 1; day <= 9; day++) dumpToday(bin, cluster, home, new Date(Date.UTC(2030, 0, day, 12)));
    dumpToday(bin, cluster, home, new Date(Date.UTC(2030, 0, 9, 20)));
    const files = readdirSync(`${home}/dumps`);
    expect(files).toEqual([3, 4, 5, 6, 7, 8, 9].map((d) => `2030-01-0${d}-daily.dump`));
    const list = spawnSync(`${bin.dir}/pg_restore`, ['-l', `${home}/dumps/${files[6]}`], { encoding: 'utf8' });
    expect(list.stdout).toMatch(/TABLE DATA public journal/);
  }, 120_000);
});
