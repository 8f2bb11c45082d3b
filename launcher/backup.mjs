import { createHash } from 'node:crypto';
import {
  cpSync,
  createReadStream,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { startCluster } from './cluster.mjs';
import { dump } from './dumps.mjs';
import { ensureNpm, ensurePostgres } from './packages.mjs';
import { alive, quietly } from './run.mjs';
import { say, Stop } from './say.mjs';
import { migrate } from './serve.mjs';

const format = 'ivrek-backup';

function sha256(file) {
  return new Promise((done, fail) => {
    const h = createHash('sha256');
    createReadStream(file)
      .on('data', (d) => h.update(d))
      .on('end', () => done(h.digest('hex')))
      .on('error', fail);
  });
}

const migrations = () =>
  readdirSync('db/migrations')
    .filter((f) => f.endsWith('.sql'))
    .map((f) => f.replace(/\.sql$/, ''));

const isRunning = (base) => {
  const note = `${base}/running.json`;
  return existsSync(note) && alive(JSON.parse(readFileSync(note, 'utf8')).launcher);
};

const fileArgument = (args, command) => {
  if (args.length !== 1 || args[0].startsWith('-')) throw new Stop(`${command} wants one file`, `./ivrek ${command} FILE`);
  return resolve(process.env.IVREK_CALLED_FROM ?? '.', args[0]);
};

/**
 * Everything in one file: a tar with the database (bikes, photos, journal, devices), the network's authority, and a
 * manifest with what is in it and its SHA-256. Made beside a running Ivrek or without one.
 */
export async function backup(args) {
  const file = fileArgument(args, 'backup');
  const base = process.env.IVREK_DATA ?? '.data';
  if (!existsSync(`${base}/cluster.made`)) throw new Stop(`there is nothing in ${base} to back up yet`, 'Start Ivrek once first.');
  const bin = await ensurePostgres();
  const wasRunning = isRunning(base);
  const cluster = await startCluster(bin, base);
  const work = mkdtempSync(join(tmpdir(), 'ivrek-backup-'));
  try {
    say('writing the backup');
    const wrong = dump(bin, cluster.ownerUrl('ivrek'), `${work}/ivrek.dump`);
    if (wrong) throw new Stop('the database could not be dumped', wrong);
    if (existsSync(`${base}/lan`)) cpSync(`${base}/lan`, `${work}/lan`, { recursive: true });
    const manifest = {
      format,
      version: 1,
      madeAt: new Date().toISOString(),
      postgres: bin.version,
      migrations: migrations(),
      sha256: await sha256(`${work}/ivrek.dump`),
    };
    writeFileSync(`${work}/manifest.json`, `${JSON.stringify(manifest, null, 2)}\n`);
    const r = quietly('tar', ['-cf', `${file}.part`, '-C', work, ...readdirSync(work)]);
    if (r.code !== 0) throw new Stop(`the backup could not be written to ${file}`, r.err.trim());
    renameSync(`${file}.part`, file);
    say(`everything is in ${file}`);
  } finally {
    rmSync(work, { recursive: true, force: true });
    if (!wasRunning) cluster.stop();
  }
}

/**
 * Puts a backup in the place of what is there. The new database is made whole beside the old one first; only then do they
 * change places, and the old one stays as ivrek_before_restore.
 */
export async function restore(args) {
  const file = fileArgument(args, 'restore');
  const base = process.env.IVREK_DATA ?? '.data';
  if (!existsSync(file)) throw new Stop(`there is no file ${file}`, 'Nothing was changed.');
  if (isRunning(base)) throw new Stop('Ivrek is running', 'Stop it first: ./ivrek stop. Nothing was changed.');
  const work = mkdtempSync(join(tmpdir(), 'ivrek-restore-'));
  try {
    const r = quietly('tar', ['-xf', file, '-C', work, '--no-same-owner']);
    const manifest = r.code === 0 && existsSync(`${work}/manifest.json`) ? JSON.parse(readFileSync(`${work}/manifest.json`, 'utf8')) : null;
    if (manifest?.format !== format) throw new Stop(`${file} is no backup of Ivrek`, 'Nothing was changed.');
    if (!existsSync(`${work}/ivrek.dump`) || (await sha256(`${work}/ivrek.dump`)) !== manifest.sha256)
      throw new Stop(`${file} is damaged`, 'What is in it is not what was written. Nothing was changed.');
    const ahead = manifest.migrations.filter((m) => !migrations().includes(m));
    if (ahead.length)
      throw new Stop(`this backup was made by a newer Ivrek (it has ${ahead.join(', ')})`, 'Use that version. Nothing was changed.');
    const bin = await ensurePostgres();
    await ensureNpm();
    mkdirSync(base, { recursive: true });
    const cluster = await startCluster(bin, base);
    try {
      say('restoring beside what is there');
      const sql = (text, db = 'postgres') => quietly(`${bin.dir}/psql`, ['-v', 'ON_ERROR_STOP=1', '-qtAc', text, cluster.ownerUrl(db)]);
      const must = (result, what) => {
        if (result.code !== 0) throw new Stop(what, `${result.err.trim()}\nWhat was there is untouched.`);
        return result.out.trim();
      };
      // The application's role must exist before rights are given to it.
      must(
        sql(`do $$ begin if not exists (select from pg_roles where rolname = 'ivrek_app') then create role ivrek_app; end if; end $$`),
        'a role could not be made',
      );
      must(sql('drop database if exists ivrek_restored with (force)'), 'an earlier try could not be cleared away');
      must(sql('create database ivrek_restored'), 'a database could not be made');
      const restored = quietly(`${bin.dir}/pg_restore`, [
        '--exit-on-error',
        '--no-owner',
        '-d',
        cluster.ownerUrl('ivrek_restored'),
        `${work}/ivrek.dump`,
      ]);
      must(restored, 'the backup could not be read into a database');
      await migrate(cluster, 'ivrek_restored', base);
      const hasOld = must(sql(`select count(*) from pg_database where datname = 'ivrek'`), 'cannot look') === '1';
      must(sql('drop database if exists ivrek_before_restore with (force)'), 'the last but one database could not be cleared away');
      if (hasOld) must(sql('alter database ivrek rename to ivrek_before_restore'), 'what is there could not be put aside');
      must(sql('alter database ivrek_restored rename to ivrek'), 'the restored database could not take its place');
      if (existsSync(`${work}/lan`)) cpSync(`${work}/lan`, `${base}/lan`, { recursive: true });
      // The demo is in it or it is not; it does not come back by itself.
      writeFileSync(`${base}/demo.loaded`, new Date().toISOString());
      say(
        `restored what was backed up on ${manifest.madeAt.slice(0, 16).replace('T', ' ')} UTC${hasOld ? '; what was there is kept as ivrek_before_restore' : ''}`,
      );
    } finally {
      cluster.stop();
    }
  } finally {
    rmSync(work, { recursive: true, force: true });
  }
}
