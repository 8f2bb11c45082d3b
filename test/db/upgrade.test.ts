import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { gunzipSync } from 'node:zlib';
import { join } from 'node:path';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { postgresBin } from '../../launcher/packages.mjs';
import { replay, readJournal, type StoredCommand } from '../../src/server/commands/replay';
import { shopTransaction, makePool } from '../../src/server/db/pool';
import { find } from '../../src/server/queries/find';
import { openShop } from '../../src/server/queries/shops';
import { tableNames } from '../../src/core/state';
import { snake } from '../../src/server/db/rows';
import { freshDatabase, putBytes, type TestDatabase } from './database';
import { tablesOf } from './tables';

// Databases and their journals as earlier releases left them, kept under test/data by scripts/keep-release.ts.
interface KeptShop {
  id: string;
  name: string;
  demo: boolean;
  commands: StoredCommand[];
}
/** The dump as SQL. */
const dumpOf = (folder: string) => gunzipSync(readFileSync(`${folder}/dump.sql.gz`)).toString('utf8');
const releases = readdirSync('test/data').map((release) => ({
  release,
  folder: `test/data/${release}`,
  /** Migrations that came after it. */
  later: readdirSync('db/migrations')
    .map((f) => f.replace(/\.sql$/, ''))
    .filter((m) => !dumpOf(`test/data/${release}`).includes(`\t${m}\t`)),
  version: Number(release.replace(/\D/g, '')),
  shops: JSON.parse(readFileSync(`test/data/${release}/journals.json`, 'utf8')) as KeptShop[],
}));

describe.each(releases)('data of $release', ({ release, folder, later, version, shops }) => {
  const name = `t_upgrade_${release.replace(/\D/g, '')}_${process.pid}`;
  const ownerUrl = (db: string) => process.env.IVREK_TEST_OWNER_URL!.replace(/\/postgres$/, `/${db}`);
  const appUrl = (db: string) => process.env.IVREK_TEST_APP_URL!.replace(/\/postgres$/, `/${db}`);
  const dumps = mkdtempSync(join(tmpdir(), 'ivrek-upgrade-'));
  let old: pg.Pool;
  let owner: pg.Pool;

  function migrateOld() {
    return spawnSync('node', ['scripts/migrate.mjs'], {
      encoding: 'utf8',
      env: {
        ...process.env,
        IVREK_MAINTENANCE_URL: ownerUrl('postgres'),
        IVREK_OWNER_URL: ownerUrl(name),
        IVREK_DB: name,
        IVREK_APP_PASSWORD: new URL(appUrl(name)).password,
        IVREK_PG_BIN: postgresBin()!.dir,
        IVREK_DUMPS: dumps,
      },
    });
  }

  beforeAll(async () => {
    const maintenance = new pg.Client(ownerUrl('postgres'));
    await maintenance.connect();
    await maintenance.query(`create database ${name}`);
    await maintenance.end();
    execFileSync(`${postgresBin()!.dir}/psql`, ['-q', '-v', 'ON_ERROR_STOP=1', ownerUrl(name)], {
      input: dumpOf(folder),
      stdio: ['pipe', 'ignore', 'inherit'],
    });
    // Roles do not travel in a dump; the first migration gave the application's role these rights.
    const rights = new pg.Client(ownerUrl(name));
    await rights.connect();
    await rights.query('grant select, insert, update, delete on all tables in schema public to ivrek_app');
    await rights.end();
    const r = migrateOld();
    if (r.status !== 0) throw new Error(r.stderr);
    old = makePool(appUrl(name), 2);
    owner = new pg.Pool({ connectionString: ownerUrl(name), max: 2 });
  });
  afterAll(async () => {
    await old.end();
    await owner.end();
    const maintenance = new pg.Client(ownerUrl('postgres'));
    await maintenance.connect();
    await maintenance.query(`drop database ${name} with (force)`);
    await maintenance.end();
    rmSync(dumps, { recursive: true, force: true });
  });

  it('is dumped before it is brought forward, once, and not if nothing is to be done', () => {
    const wanted = later.length ? [`-before-${later[0]}.dump`] : [];
    const made = () => readdirSync(dumps).map((f) => f.slice(f.indexOf('-before-')));
    expect(made()).toEqual(wanted);
    expect(migrateOld().status).toBe(0);
    expect(made()).toEqual(wanted);
  });

  it('has every journal line as it was written', async () => {
    for (const shop of shops) {
      const now = await readJournal(old, shop.id);
      expect(now.map((c) => c.id)).toEqual(shop.commands.map((c) => c.id));
      expect(now).toEqual(shop.commands);
    }
  });

  it('has its search filled', async () => {
    const [first] = shops;
    expect((await find(old, first.id, 'quillon')).some((l) => l.kind === 'bike')).toBe(true);
    const { rows } = await owner.query('select count(*)::int as n from find_line');
    expect(rows[0].n).toBeGreaterThan(100);
  });

  it.each(shops.filter((s) => s.commands.length))(
    '$name: replayed through the versions of commands it gives equal tables, in the same order',
    async (shop) => {
      // A release may have left the commands as they were.
      const versions = [...new Set(shop.commands.map((c) => c.schemaVersion))];
      expect(versions).toHaveLength(1);
      expect(versions[0]).toBeLessThanOrEqual(version);
      const fresh: TestDatabase = await freshDatabase();
      try {
        await openShop(fresh.pool, shop.id, shop.name, shop.demo);
        await putBytes(fresh.pool, shop.id, 'a1'.repeat(32));
        await replay(fresh.pool, shop.id, shop.commands);
        const [was, is] = [await tablesOf(old, shop.id), await tablesOf(fresh.pool, shop.id)];
        expect(is).toEqual(was);
        for (const t of tableNames) {
          const order = async (from: pg.Pool) =>
            shopTransaction(
              from,
              shop.id,
              async (db) => (await db.query(`select id, made_after, made_seq from "${snake(t)}" order by id`)).rows as unknown[],
            );
          expect(await order(fresh.pool), t).toEqual(await order(old));
        }
      } finally {
        await fresh.drop();
      }
    },
  );
});
