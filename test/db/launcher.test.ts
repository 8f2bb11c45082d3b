import { spawn, spawnSync } from 'node:child_process';
import { chownSync, existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import pg from 'pg';
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { startCluster } from '../../launcher/cluster.mjs';
import { postgresBin } from '../../launcher/packages.mjs';
import { freePort, portIsFree } from '../../launcher/run.mjs';
import { killOrphan } from '../../launcher/note.mjs';
import { migrate } from '../../launcher/migrate.mjs';
import { loadDemo } from '../../launcher/serve.mjs';
import { makePool } from '../../src/server/db/pool';
import { demoState, listShops } from '../../src/server/queries/shops';

// What the launcher says and does where something is wrong with the machine.

interface Cluster {
  pid: number;
  port: number;
  data: string;
  appPassword: string;
  ownerUrl(db?: string): string;
  appUrl(db?: string): string;
  stop(): void;
}
const folder = `.data/test/launcher-${process.pid}`;
const bin = postgresBin() as { version: string; dir: string };
const start = (base: string): Promise<Cluster> =>
  startCluster(bin, base, { firstPort: 58680, settings: ['fsync=off'] as never[] }) as Promise<Cluster>;
const ivrek = (args: string[], env: Record<string, string>) => {
  const r = spawnSync('sh', ['./ivrek', ...args], { encoding: 'utf8', env: { ...process.env, ...env }, timeout: 30000 });
  return { code: r.status, said: r.stderr };
};

beforeAll(() => void mkdirSync(folder, { recursive: true }));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe('ports', () => {
  it('knows a taken port from a free one, and finds another', async () => {
    const port = (await freePort(59680)) as number;
    const server = createServer();
    await new Promise<void>((r) => server.listen(port, '127.0.0.1', r));
    expect(await portIsFree(port)).toBe(false);
    expect(await freePort(port)).toBeGreaterThan(port);
    const r = ivrek(['start'], { IVREK_PORT: String(port), IVREK_DATA: `${folder}/none` });
    expect(r.code).toBe(1);
    expect(r.said).toContain(`port ${port} is taken by another program`);
    expect(r.said).toContain(`IVREK_PORT=${port + 1} ./ivrek start`);
    await new Promise((done) => server.close(done));
  });

  it.each(['x', '0', '70000'])('IVREK_PORT=%s is no port', (port) => {
    const r = ivrek(['start'], { IVREK_PORT: port });
    expect(r.code).toBe(1);
    expect(r.said).toContain('is not a valid port');
  });

  it('says what it can do where a command is not known', () => {
    const r = ivrek(['dance'], {});
    expect(r.code).toBe(1);
    expect(r.said).toContain("there is no command 'dance'");
    expect(r.said).toContain('./ivrek COMMAND');
  });

  it('says which test stages there are', () => {
    const r = ivrek(['test', 'dance'], { IVREK_TEST_DATA: `${folder}/stages` });
    expect(r.code).toBe(1);
    expect(r.said).toContain('Stages: lint types format rules unit db browser chaos attack');
  });
});

describe('without root and without the packages', () => {
  it('prints the exact line and leaves with code 3', () => {
    if (process.getuid?.() !== 0) return;
    const script = `process.setuid(65534); process.env.IVREK_PG_ROOT = '/nowhere'; const { ensurePostgres } = await import('./launcher/packages.mjs'); try { await ensurePostgres(); } catch (e) { console.log(e.code, e.doThis); }`;
    const r = spawnSync('node', ['--input-type=module', '-e', script], { encoding: 'utf8' });
    expect(r.stdout).toMatch(/^3 As root, run this once/);
    expect(r.stdout).toContain('apt-get update && apt-get install -y --no-install-recommends postgresql postgresql-client');
  });
});

describe('the data folder', () => {
  it('of another major version is left alone, and the way out is told', async () => {
    const base = `${folder}/old`;
    mkdirSync(`${base}/pg`, { recursive: true });
    writeFileSync(`${base}/pg/PG_VERSION`, '13\n');
    if (process.getuid?.() === 0) chownSync(`${base}/pg`, Number(spawnSync('id', ['-u', 'postgres'], { encoding: 'utf8' }).stdout), 0);
    await expect(start(base)).rejects.toThrow(/the data was made by PostgreSQL 13, the programs here are version/);
    expect(readFileSync(`${base}/pg/PG_VERSION`, 'utf8')).toBe('13\n');
  });

  it('of another user is not touched', async () => {
    if (process.getuid?.() !== 0) return;
    const base = `${folder}/foreign`;
    mkdirSync(`${base}/pg`, { recursive: true });
    writeFileSync(`${base}/pg/PG_VERSION`, `${bin.version}\n`);
    chownSync(`${base}/pg`, 12345, 12345);
    await expect(start(base)).rejects.toThrow(/belongs to another user \(uid 12345/);
  });

  it('that was made before and is gone is not silently made anew', async () => {
    const base = `${folder}/gone`;
    mkdirSync(base, { recursive: true });
    writeFileSync(`${base}/cluster.made`, 'before\n');
    await expect(start(base)).rejects.toThrow(/is gone or empty, but it was made before/);
  });

  it('whose password is gone is not read and not made anew; one that was all removed to begin anew is kept aside', async () => {
    const base = `${folder}/lost`;
    const cluster = await start(base);
    cluster.stop();
    const secret = readFileSync(`${base}/secret.json`);
    rmSync(`${base}/secret.json`);
    await expect(start(base)).rejects.toThrow(/its password .*secret\.json\) is gone/);
    rmSync(`${base}/cluster.made`);
    const anew = await start(base);
    anew.stop();
    const kept = readdirSync(base).find((f) => f.startsWith('pg.unfinished-'));
    expect(existsSync(`${base}/${kept}/PG_VERSION`)).toBe(true);
    expect(readFileSync(`${base}/secret.json`).equals(secret)).toBe(false);
  });

  it('with too little room says how much is wanted and changes nothing', async () => {
    process.env.IVREK_LEAST_FREE_MB = '999999999';
    try {
      await expect(start(`${folder}/full`)).rejects.toThrow(/only \d+ MB are free/);
      expect(existsSync(`${folder}/full/pg`)).toBe(false);
    } finally {
      delete process.env.IVREK_LEAST_FREE_MB;
    }
  });
});

describe('a cluster', () => {
  let cluster: Cluster | undefined;
  afterEach(() => {
    cluster?.stop();
    cluster = undefined;
  });

  it('is private: loopback only, passwords wanted, files for one user; found again while it runs; no obstacle in a stale pid file', async () => {
    const base = `${folder}/fresh`;
    cluster = await start(base);
    const again = await start(base);
    expect(again.pid).toBe(cluster.pid);
    const wrong = new pg.Client(cluster.ownerUrl('postgres').replace(/:[^:@]+@/, ':guess@'));
    await expect(wrong.connect()).rejects.toThrow(/password authentication failed/);
    const owner = new pg.Client(cluster.ownerUrl('postgres'));
    await owner.connect();
    expect((await owner.query('show listen_addresses')).rows[0].listen_addresses).toBe('127.0.0.1');
    expect((await owner.query('show server_encoding')).rows[0].server_encoding).toBe('UTF8');
    await owner.end();
    const pidFile = `${cluster.data}/postmaster.pid`;
    const stale = readFileSync(pidFile, 'utf8');
    cluster.stop();
    writeFileSync(pidFile, stale.replace(/^\d+/, '999999'));
    if (process.getuid?.() === 0) chownSync(pidFile, Number(spawnSync('id', ['-u', 'postgres'], { encoding: 'utf8' }).stdout), 0);
    cluster = await start(base);
    expect(cluster.pid).not.toBe(999999);
  });

  it('that is on its way down is seen out, and another serves', async () => {
    const base = `${folder}/stopping`;
    mkdirSync(base, { recursive: true });
    const first = await start(base);
    // Somebody at work holds up its end, so that the way down lasts as long as the test wants.
    const held = new pg.Client(first.ownerUrl('postgres'));
    held.on('error', () => undefined);
    await held.connect();
    process.kill(first.pid, 'SIGTERM');
    const stage = () => readFileSync(`${first.data}/postmaster.pid`, 'utf8').split('\n')[7]?.trim();
    await expect.poll(stage, { timeout: 20_000 }).toBe('stopping');
    const second = await start(base);
    try {
      expect(second.pid).not.toBe(first.pid);
      const client = new pg.Client(second.ownerUrl('postgres'));
      await client.connect();
      expect((await client.query('select 1 as one')).rows).toEqual([{ one: 1 }]);
      await client.end();
    } finally {
      await held.end().catch(() => undefined);
      second.stop();
    }
  });

  it('is migrated once, dumps before a later migration, and refuses a database from a newer version', async () => {
    const base = `${folder}/migrated`;
    cluster = await start(base);
    await migrate(cluster, 'ivrek', base);
    await migrate(cluster, 'ivrek', base);
    expect(existsSync(`${base}/dumps`)).toBe(false);
    const owner = new pg.Client(cluster.ownerUrl());
    await owner.connect();
    try {
      // as if the newest migration had not run yet, on a database that holds data
      await owner.query(`insert into shop (id, name) values ('11111111-1111-4111-8111-111111111111', 'Kept')`);
      const names = (await owner.query('select name from migrations order by id')).rows.map((r) => r.name as string);
      expect(names).toEqual(
        readdirSync('db/migrations')
          .map((f) => f.replace(/\.sql$/, ''))
          .sort(),
      );
      await owner.query(`insert into migrations (name, run_on) values ('9999_from_the_future', now())`);
      await expect(migrate(cluster, 'ivrek', base)).rejects.toThrow(/could not be brought up to date/);
      expect((await owner.query('select name from shop')).rows).toEqual([{ name: 'Kept' }]);
    } finally {
      await owner.end();
    }
  });

  it('can be started without the demo, and with it later', async () => {
    const base = `${folder}/migrated`;
    cluster = await start(base);
    const owner = new pg.Client(cluster.ownerUrl());
    await owner.connect();
    await owner.query(`delete from migrations where name like '9999%'; delete from shop`);
    await owner.end();
    const pool = makePool(cluster.appUrl(), 1);
    try {
      await loadDemo(cluster, 'ivrek', base, { empty: true });
      expect(await demoState(pool)).toBe('gone');
      expect((await listShops(pool)).map((s) => s.name)).toEqual(['My workshop']);
      await loadDemo(cluster, 'ivrek', base);
      expect(await demoState(pool)).toBe('shown');
      expect(await listShops(pool)).toHaveLength(2);
    } finally {
      await pool.end();
    }
  });
});

describe('a server whose launcher was killed', () => {
  it('is ended with everything it started; one that is gone already is no obstacle', async () => {
    const orphan = spawn('sh', ['-c', 'sleep 300 & wait'], { detached: true, stdio: 'ignore' });
    const ended = new Promise<string | null>((r) => orphan.once('exit', (_code, signal) => r(signal)));
    await killOrphan({ server: orphan.pid, lan: undefined });
    expect(await ended).toBe('SIGTERM');
    await killOrphan({ server: orphan.pid, lan: 2_000_000_000 });
  });
});
