import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, mkdtempSync, readFileSync, readdirSync, rmSync, statSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startCluster } from '../../launcher/cluster.mjs';
import { dumpToday, proveOlder } from '../../launcher/dumps.mjs';
import { lock } from '../../launcher/lock.mjs';
import { postgresBin } from '../../launcher/packages.mjs';
import { migrate } from '../../launcher/migrate.mjs';
import { makePool } from '../../src/server/db/pool';
import { storePhoto, readPhoto } from '../../src/server/files/photos';
import { jobSnapshot } from '../../src/server/queries/job';
import { openShop } from '../../src/server/queries/shops';
import { newCode, pair } from '../../src/server/lan/pairing';
import { readSession } from '../../src/server/session';
import { makeCommand } from '../../src/core/command';
import { id, uid } from '../fixtures/commands';
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
const environment = (base: string) => ({ ...process.env, IVREK_DATA: base, IVREK_CALLED_FROM: folder });
const passphrase = 'a long one for the test';
const ivrek = (base: string, ...args: string[]) =>
  spawnSync('node', ['launcher/main.mjs', ...args], { encoding: 'utf8', env: environment(base) });
const restore = (base: string, name: string) =>
  spawnSync('node', ['launcher/main.mjs', 'restore', name], {
    encoding: 'utf8',
    env: { ...environment(base), IVREK_PASSPHRASE: passphrase },
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
  // Words longer than a tsvector can hold: they must neither break a dump nor what reads it.
  const long = ['n'.repeat(2000), '日'.repeat(700)].map((words, i) =>
    makeCommand({
      id: uid(9000 + i),
      type: 'complaint.add',
      kind: 'complaint',
      entityId: uid(9010 + i),
      madeAt: '2030-01-01T08:00:00.000Z',
      after: null,
      payload: { jobId: id.job, words, symptoms: {}, afterRepairId: null },
    }),
  );
  await sendAll(pool, shopA, long);
  photo = await picture('#334455');
  await storePhoto(pool, shopA, photo.sha, photo.bytes);
  const paired = await pair(pool, '192.0.2.1', (await newCode(pool, shopA)).code, 'Tablet');
  cookie = paired.ok ? paired.cookie : '';
  mkdirSync(`${home}/lan`, { recursive: true });
  writeFileSync(`${home}/lan/ca.key`, 'the key of the authority', { mode: 0o600 });
  writeFileSync(`${home}/lan/ca.crt`, 'the authority', { mode: 0o600 });
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
    const short = ivrek(home, 'backup', '--with-authority', 'everything.tar');
    expect(short.stderr).toMatch(/a passphrase of 12 characters or more is needed/);
    const made = spawnSync('node', ['launcher/main.mjs', 'backup', '--with-authority', 'everything.tar'], {
      encoding: 'utf8',
      env: { ...environment(home), IVREK_PASSPHRASE: passphrase },
    });
    expect(made.stderr + made.stdout).toMatch(/everything is in .*everything\.tar; it was restored to see that it can be \(\d+ entries/);
    expect(made.status).toBe(0);
    expect(readdirSync(folder)).toEqual(['everything.tar']);
    // for its user alone, and without the key as it is
    expect(statSync(file).mode & 0o777).toBe(0o600);
    expect(readFileSync(file, 'latin1')).not.toContain('the key of the authority');
    const other = ivrek(away, 'restore', 'everything.tar');
    expect(other.stderr).toMatch(/passphrase/);
    // where nothing was before
    const first = restore(away, 'everything.tar');
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
    expect(readFileSync(`${away}/lan/ca.key`, 'utf8')).toBe('the key of the authority');
    expect(statSync(`${away}/lan/ca.key`).mode & 0o777).toBe(0o600);
    expect(statSync(away).mode & 0o007).toBe(0);
  }, 120_000);

  it('puts what was there aside and keeps it', async () => {
    await with_(away, (pool) => openShop(pool, '33333333-3333-4333-8333-333333333333', 'Made since'));
    const again = restore(away, file);
    const kept = /what was there is kept as (ivrek_before_\w+)/.exec(again.stderr)?.[1] ?? again.stderr;
    const cluster = await start(away);
    const names = async (db: string) => {
      const client = new pg.Client(cluster.ownerUrl(db));
      await client.connect();
      const { rows } = await client.query('select name from shop order by name');
      await client.end();
      return rows.map((r) => r.name as string);
    };
    expect(await names('ivrek')).not.toContain('Made since');
    expect(await names(kept)).toContain('Made since');
    cluster.stop();
    // and it can be put back, listed, and thrown away; never by itself
    const back = ivrek(away, 'restore', '--back', kept);
    expect(back.stderr).toMatch(/is in use again; what was there is kept as ivrek_before_/);
    expect(ivrek(away, 'restore', '--list').stderr).toMatch(/put aside: ivrek_before_\w+$/m);
    expect(ivrek(away, 'restore', '--drop', 'ivrek').stderr).toMatch(/which one is to be thrown away/);
    await start(away);
    expect(await names('ivrek')).toContain('Made since');
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
      const r = restore(away, name);
      expect(r.status, name).not.toBe(0);
      expect(r.stderr, name).toMatch(words);
    }
    expect(await with_(away, (pool) => tablesOf(pool, shopA))).toEqual(before);
  }, 120_000);

  it('does not restore under a running Ivrek', async () => {
    writeFileSync(`${away}/running.json`, JSON.stringify({ launcher: process.pid }));
    const release = (await lock(`${away}/lock`)) as () => Promise<void>;
    const r = restore(away, file);
    rmSync(`${away}/running.json`);
    await release();
    expect(r.status).not.toBe(0);
    expect(r.stderr).toMatch(/Ivrek is running/);
  });

  it('refuses links, foreign files, and a file that would run something', async () => {
    const made = mkdtempSync(join(folder, 'hostile-'));
    spawnSync('tar', ['-xf', file, '-C', made]);
    const pack = (name: string, from: string) => {
      expect(spawnSync('tar', ['-cf', join(folder, name), '-C', from, ...readdirSync(from)]).status).toBe(0);
      return restore(away, name);
    };
    symlinkSync('/etc/passwd', `${made}/lan`);
    expect(pack('link.tar', made).stderr).toMatch(/holds something that no backup of Ivrek has/);
    rmSync(`${made}/lan`);
    writeFileSync(`${made}/extra.sh`, 'echo no');
    expect(pack('extra.tar', made).stderr).toMatch(/holds something that no backup of Ivrek has/);
    rmSync(`${made}/extra.sh`);

    // A dump with a function, a trigger and a materialised view that would leave a mark as whoever restores it.
    const cluster = await start(away);
    const sql = async (db: string, text: string) => {
      const client = new pg.Client(cluster.ownerUrl(db));
      await client.connect();
      try {
        return await client.query(text);
      } finally {
        await client.end();
      }
    };
    await sql('postgres', 'drop database if exists hostile');
    await sql('postgres', 'create database hostile template ivrek');
    const mark = join(folder, 'mark');
    await sql(
      'hostile',
      `create function leave() returns int language plpgsql as $$ begin execute 'copy (select 1) to program ''touch ${mark}'''; return 1; end $$;
       create materialized view evil as select leave() as x with no data;
       create function evil_row() returns trigger language plpgsql as $$ begin perform leave(); return new; end $$;
       create trigger evil before insert on shop for each row execute function evil_row()`,
    );
    const dumped = spawnSync(`${bin.dir}/pg_dump`, ['-Fc', '-f', `${made}/ivrek.dump`, cluster.ownerUrl('hostile')]);
    expect(dumped.status).toBe(0);
    await sql('postgres', 'drop database hostile');
    cluster.stop();
    const manifest = JSON.parse(readFileSync(`${made}/manifest.json`, 'utf8')) as { sha256: string };
    const hash = createHash('sha256')
      .update(readFileSync(`${made}/ivrek.dump`))
      .digest('hex');
    writeFileSync(`${made}/manifest.json`, JSON.stringify({ ...manifest, sha256: hash }));
    const r = pack('hostile.tar', made);
    // Its data are sound, so they are there; what it would have run is not.
    expect(r.status, r.stderr).toBe(0);
    expect(existsSync(mark)).toBe(false);
    await start(away);
    const { rows } = await sql('ivrek', `select count(*)::int as n from pg_class where relname = 'evil'`);
    expect(rows[0].n).toBe(0);
  }, 120_000);

  it('wants one file', () => {
    expect(ivrek(home, 'backup').stderr).toMatch(/backup wants one file/);
    expect(ivrek(home, 'restore', 'a', 'b').stderr).toMatch(/restore wants one file/);
  });
});

describe('a secret', () => {
  it('never stands in an argument of a program, where every user of the machine could read it', async () => {
    const { owner, app } = JSON.parse(readFileSync(`${home}/secret.json`, 'utf8')) as { owner: string; app: string };
    const child = spawn('node', ['launcher/main.mjs', 'backup', 'watched.tar'], { env: environment(home), stdio: 'ignore' });
    const seen = new Set<string>();
    const ended = new Promise<number | null>((r) => child.once('exit', r));
    let code: number | null | undefined;
    void ended.then((c) => (code = c));
    while (code === undefined) {
      for (const pid of readdirSync('/proc').filter((p) => /^\d+$/.test(p))) {
        try {
          const line = readFileSync(`/proc/${pid}/cmdline`, 'utf8');
          if (line.includes(owner) || line.includes(app)) seen.add(line.split('\0')[0]);
        } catch {
          // it is gone already
        }
      }
      await new Promise((r) => setImmediate(r));
    }
    expect(code).toBe(0);
    expect([...seen]).toEqual([]);
  }, 60_000);

  it('and no file of the data folder is open to others', () => {
    const open = readdirSync(home, { recursive: true, withFileTypes: true })
      .filter((f) => f.isFile() && statSync(join(f.parentPath, f.name)).mode & 0o007)
      .map((f) => join(f.parentPath, f.name));
    // The lock holds nothing, and the folder itself lets nobody in.
    expect(open.filter((f) => !f.endsWith('/lock'))).toEqual([]);
    expect(statSync(home).mode & 0o007).toBe(0);
  });
});

describe('the daily dump', () => {
  it('is made once a day, readable, and the last seven are kept', async () => {
    const cluster = await start(home);
    // Proving each takes a second or two; those of the first days are there already.
    mkdirSync(`${home}/dumps`, { recursive: true });
    for (let day = 1; day <= 7; day++) writeFileSync(`${home}/dumps/2030-01-0${day}-daily.dump`, 'of that day');
    for (const [day, hour] of [
      [8, 12],
      [9, 12],
      [9, 20],
    ])
      await dumpToday(bin, cluster, home, new Date(Date.UTC(2030, 0, day, hour)));
    const files = readdirSync(`${home}/dumps`);
    expect(files).toEqual([3, 4, 5, 6, 7, 8, 9].map((d) => `2030-01-0${d}-daily.dump`));
    const list = spawnSync(`${bin.dir}/pg_restore`, ['-l', `${home}/dumps/${files[6]}`], { encoding: 'utf8' });
    expect(list.stdout).toMatch(/TABLE DATA public journal/);
    expect(list.stdout).not.toMatch(/TABLE DATA public find_line/);
    const lines = JSON.parse(readFileSync(`${home}/backups.json`, 'utf8')) as {
      kind: string;
      entries: number;
      provedAt: string;
      problem?: string;
    }[];
    expect(lines[0]).toMatchObject({ kind: 'daily', madeAt: '2030-01-09T12:00:00.000Z', entries: openScript().length + 2 });
    expect(lines[0].provedAt).toMatch(/^20/);
    expect(lines.every((l) => !l.problem)).toBe(true);
  }, 120_000);

  it('one that was made before an upgrade is proved once; one that cannot be restored does not count, and says why', async () => {
    const cluster = await start(home);
    writeFileSync(`${home}/dumps/2030-01-10T08-00-00-000Z-before-0009_x.dump`, readFileSync(`${home}/dumps/2030-01-09-daily.dump`));
    writeFileSync(`${home}/dumps/2030-01-11T08-00-00-000Z-before-0010_y.dump`, 'no dump at all');
    await proveOlder(bin, cluster, home);
    await proveOlder(bin, cluster, home);
    const lines = (
      JSON.parse(readFileSync(`${home}/backups.json`, 'utf8')) as { kind: string; entries?: number; problem?: string }[]
    ).filter((l) => l.kind === 'upgrade');
    expect(lines).toHaveLength(2);
    expect(lines.find((l) => !l.problem)?.entries).toBe(openScript().length + 2);
    expect(lines.find((l) => l.problem)?.problem).toMatch(/cannot be read/);
  }, 120_000);
});
