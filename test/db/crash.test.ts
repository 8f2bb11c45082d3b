import { spawn, type ChildProcess } from 'node:child_process';
import { mkdirSync, rmSync } from 'node:fs';
import { createInterface } from 'node:readline';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startCluster } from '../../launcher/cluster.mjs';
import { postgresBin } from '../../launcher/packages.mjs';
import { migrate } from '../../launcher/migrate.mjs';
import { makePool } from '../../src/server/db/pool';
import { readJournal, replay } from '../../src/server/commands/replay';
import { openShop } from '../../src/server/queries/shops';
import { freshDatabase, shopA } from './database';
import { tablesOf } from './tables';

// A cluster with its real settings (fsync on), killed in the middle of work.
const base = `.data/test/crash-${process.pid}`;
interface Cluster {
  pid: number;
  appUrl(db: string): string;
  stop(): void;
}
let cluster: Cluster;
const start = async () => {
  cluster = (await startCluster(postgresBin(), base, { firstPort: 56680 })) as Cluster;
};

beforeAll(async () => {
  mkdirSync(base, { recursive: true });
  await start();
  await migrate(cluster, 'ivrek', base);
  const pool = makePool(cluster.appUrl('ivrek'), 1);
  await openShop(pool, shopA, 'A');
  await pool.end();
});
afterAll(() => {
  cluster.stop();
  rmSync(base, { recursive: true, force: true });
});

/** A server process that takes commands as fast as it can and prints the id of each that it acknowledged. */
function writer(from: number): { child: ChildProcess; acked: string[]; enough: (n: number) => Promise<void>; ended: Promise<void> } {
  const child = spawn('node', ['--import', 'tsx', 'test/db/writer.ts', cluster.appUrl('ivrek'), shopA, String(from)], {
    stdio: ['ignore', 'pipe', 'ignore'],
  });
  const acked: string[] = [];
  const waiting: { n: number; go: () => void }[] = [];
  createInterface({ input: child.stdout! }).on('line', (l) => {
    acked.push(l);
    for (const w of waiting) if (acked.length >= w.n) w.go();
  });
  const ended = new Promise<void>((r) => child.once('close', () => r()));
  return { child, acked, ended, enough: (n) => (acked.length >= n ? Promise.resolve() : new Promise((go) => waiting.push({ n, go }))) };
}

const journalIds = async () => {
  const pool = makePool(cluster.appUrl('ivrek'), 1);
  try {
    return (await readJournal(pool, shopA)).map((c) => c.id);
  } finally {
    await pool.end();
  }
};

describe('kill -9', () => {
  it('of the server: every acknowledged command is there afterwards', async () => {
    const w = writer(0);
    await w.enough(40);
    w.child.kill('SIGKILL');
    await w.ended;
    const there = new Set(await journalIds());
    expect(w.acked.length).toBeGreaterThanOrEqual(40);
    expect(w.acked.filter((a) => !there.has(a))).toEqual([]);
  });

  it('of PostgreSQL: every acknowledged command is there after it came back, and nothing is half done', async () => {
    const w = writer(100000);
    await w.enough(40);
    process.kill(cluster.pid, 'SIGKILL');
    await w.ended;
    await start();
    const ids = await journalIds();
    const there = new Set(ids);
    expect(w.acked.filter((a) => !there.has(a))).toEqual([]);
    expect(there.size).toBe(ids.length);
    // the tables are what the journal says
    const pool = makePool(cluster.appUrl('ivrek'), 1);
    const other = await freshDatabase();
    try {
      await openShop(other.pool, shopA, 'A');
      await replay(other.pool, shopA, await readJournal(pool, shopA));
      expect(await tablesOf(other.pool, shopA)).toEqual(await tablesOf(pool, shopA));
    } finally {
      await other.drop();
      await pool.end();
    }
  });
});
