// Brings one database up to date: makes it and the application's role if missing, dumps before any change, migrates.
import { spawnSync } from 'node:child_process';
import { mkdirSync, readdirSync } from 'node:fs';
import pg from 'pg';
import { runner } from 'node-pg-migrate';
import { leftOut, prune } from '../launcher/dumps.mjs';

const { IVREK_MAINTENANCE_URL, IVREK_OWNER_URL, IVREK_DB, IVREK_APP_PASSWORD, IVREK_PG_BIN, IVREK_DUMPS, IVREK_UP_TO, IVREK_FRESH } =
  process.env;
if (!/^[a-z_][a-z0-9_]*$/.test(IVREK_DB ?? '')) throw new Error(`IVREK_DB '${IVREK_DB}' is no plain database name`);

// For PostgreSQL's own programs: what stands in an argument every user of the machine can read.
const { hostname, port, username, password } = new URL(IVREK_OWNER_URL);
const asOwner = {
  ...process.env,
  PGHOST: hostname,
  PGPORT: port,
  PGUSER: username,
  PGPASSWORD: decodeURIComponent(password),
  PGDATABASE: IVREK_DB,
};

const maintenance = new pg.Client(IVREK_MAINTENANCE_URL);
await maintenance.connect();
// Identifiers and the password cannot be parameters of DDL; both are checked or escaped here.
const literal = maintenance.escapeLiteral(IVREK_APP_PASSWORD);
const role = await maintenance.query(`select 1 from pg_roles where rolname = 'ivrek_app'`);
await maintenance.query(`${role.rowCount ? 'alter' : 'create'} role ivrek_app login nosuperuser nobypassrls password ${literal}`);
const exists = await maintenance.query('select 1 from pg_database where datname = $1', [IVREK_DB]);
if (!exists.rowCount) {
  // Beside data that was put aside, or that a restore did not finish with, an empty database would look as if all were lost.
  const { rows } = await maintenance.query(`select datname from pg_database where datname ~ '^ivrek_(before|restored)' order by datname`);
  if (IVREK_DB === 'ivrek' && rows.length) {
    const names = rows.map((r) => r.datname).join(', ');
    console.error(`There is no database 'ivrek', but there is ${names}: a restore was interrupted.`);
    const back = rows.map((r) => r.datname).findLast((n) => n.startsWith('ivrek_before'));
    console.error(`Run ./ivrek restore FILE again${back ? `, or take what was put aside: ./ivrek restore --back ${back}` : ''}.`);
    process.exit(1);
  }
  await maintenance.query(`create database ${IVREK_DB}`);
}
await maintenance.end();

const db = new pg.Client(IVREK_OWNER_URL);
await db.connect();
// One migrator at a time, whoever starts first.
await db.query('select pg_advisory_lock(47114711)');
const table = await db.query(`select to_regclass('public.migrations') is not null as there`);
const done = table.rows[0].there ? (await db.query('select name from migrations')).rows.map((r) => r.name) : [];
const files = readdirSync('db/migrations')
  .filter((f) => f.endsWith('.sql'))
  .map((f) => f.replace(/\.sql$/, ''));
const ahead = done.filter((n) => !files.includes(n));
if (ahead.length) {
  console.error(`The database was written by a newer Ivrek (it has ${ahead.join(', ')}). Use that version; migrations only go forward.`);
  process.exit(1);
}
const pending = files
  .filter((n) => !done.includes(n))
  .slice(0, IVREK_UP_TO === undefined ? undefined : Math.max(0, Number(IVREK_UP_TO) - done.length));
if (pending.length && done.length && !IVREK_FRESH) {
  mkdirSync(IVREK_DUMPS, { recursive: true, mode: 0o700 });
  const file = `${IVREK_DUMPS}/${new Date().toISOString().replace(/[:.]/g, '-')}-before-${pending[0]}.dump`;
  const r = spawnSync(`${IVREK_PG_BIN}/pg_dump`, ['-Fc', '-f', file, ...leftOut.map((t) => `--exclude-table-data=public.${t}`)], {
    encoding: 'utf8',
    env: asOwner,
  });
  if (r.status !== 0) {
    console.error(`The dump before the migration failed, so nothing was changed: ${r.stderr}`);
    process.exit(1);
  }
  console.error(`ivrek: the data was dumped to ${file} before ${pending.length} migration(s)`);
  prune(IVREK_DUMPS, /-before-.*\.dump$/);
}
if (pending.length)
  await runner({
    dbClient: db,
    dir: 'db/migrations',
    direction: 'up',
    count: pending.length,
    migrationsTable: 'migrations',
    singleTransaction: false,
    noLock: true,
    log: () => {},
  });
await db.end();
