import { closeSync, existsSync, lstatSync, mkdirSync, mkdtempSync, openSync, readFileSync, readSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { flag, readArgs, text } from './args.mjs';
import { askPassphrase, hasAuthority, unlockAuthority } from './authority.mjs';
import { fileArgument, format, migrations, sha256 } from './backup.mjs';
import { startCluster } from './cluster.mjs';
import { load } from './load.mjs';
import { dataLock, lock } from './lock.mjs';
import { isRunning } from './note.mjs';
import { ensureNpm, ensurePostgres } from './packages.mjs';
import { quietly } from './run.mjs';
import { say, Stop } from './say.mjs';

/** What may stand in a backup; anything else in it, and anything that is no plain file, is refused. Before version 2 also lan/. */
const members = /^(manifest\.json|ivrek\.dump|authority\.json|lan\/?|lan\/[\w.]+)$/;
const mostManifest = 1024 * 1024;
const untouched = 'Nothing was changed.';

function readManifest(file, work) {
  const foreign = new Stop(`${file} is no backup of Ivrek`, untouched);
  const listing = quietly('tar', ['-tvf', file], { maxBuffer: mostManifest });
  if (listing.code !== 0) throw foreign;
  const lines = listing.out.split('\n').filter(Boolean);
  const names = lines.map((l) => l.replace(/^\S+\s+\S+\s+\S+\s+\S+\s+\S+\s/, ''));
  if (!lines.length || lines.length > 20 || !names.includes('manifest.json')) throw foreign;
  if (lines.some((l, i) => !'-d'.includes(l[0]) || !members.test(names[i])))
    throw new Stop(`${file} holds something that no backup of Ivrek has`, `Links and foreign files are not opened. ${untouched}`);
  if (names.some((n) => n.startsWith('lan/')))
    say('the root certificate in it is not taken: its key lies there open. ./ivrek start --lan makes one, and tablets install it');
  const wanted = names.filter((n) => !n.startsWith('lan'));
  const r = quietly('tar', ['-xf', file, '-C', work, '--no-same-owner', '--no-same-permissions', ...wanted]);
  if (r.code !== 0 || wanted.some((n) => !lstatSync(`${work}/${n}`).isFile())) throw foreign;
  if (lstatSync(`${work}/manifest.json`).size > mostManifest) throw foreign;
  try {
    const manifest = JSON.parse(readFileSync(`${work}/manifest.json`, 'utf8'));
    if (manifest.format !== format || !Array.isArray(manifest.migrations)) throw foreign;
    return manifest;
  } catch {
    throw foreign;
  }
}

const isDump = (file) => {
  const head = Buffer.alloc(5);
  const fd = openSync(file, 'r');
  try {
    readSync(fd, head, 0, 5, 0);
  } finally {
    closeSync(fd);
  }
  return head.toString('latin1') === 'PGDMP';
};

/** What is to be restored: a dump, and where it came in a backup what else stands there. */
async function open(file, work) {
  if (isDump(file)) return { dump: file, madeAt: lstatSync(file).mtime.toISOString(), authority: null };
  const manifest = readManifest(file, work);
  if (manifest.version !== 1 && manifest.version !== 2)
    throw new Stop('this backup was made by a newer Ivrek', `Use that version. ${untouched}`);
  const ahead = manifest.migrations.filter((m) => !migrations().includes(m));
  if (ahead.length)
    throw new Stop(`this backup was made by a newer Ivrek (it has ${ahead.join(', ').slice(0, 200)})`, `Use that version. ${untouched}`);
  const dump = `${work}/ivrek.dump`;
  if (!existsSync(dump) || (await sha256(dump)) !== manifest.sha256)
    throw new Stop(`${file} is damaged`, `What is in it is not what was written. ${untouched}`);
  const authority = existsSync(`${work}/authority.json`) ? readFileSync(`${work}/authority.json`, 'utf8') : null;
  return { dump, madeAt: String(manifest.madeAt), authority };
}

/** "ivrek_before_20261127_140312": what was there until then. */
const asideName = (now) => `ivrek_before_${now.toISOString().slice(0, 19).replace(/[-:]/g, '').replace('T', '_')}`;
const aside = /^ivrek_before_\w{1,40}$/;

/** Puts one database in the place of the other, in one transaction: at no moment is there none, or an empty one. */
async function changePlaces(db, name, now = new Date()) {
  const taken = await keptAside(db);
  const plain = asideName(now);
  let kept = plain;
  for (let n = 2; taken.includes(kept); n++) kept = `${plain}_${n}`;
  const { rowCount } = await db.query(`select 1 from pg_database where datname = 'ivrek'`);
  await db.query('begin');
  if (rowCount) await db.query(`alter database ivrek rename to ${kept}`);
  await db.query(`alter database ${name} rename to ivrek`);
  await db.query('commit');
  return rowCount ? kept : null;
}

async function withCluster(work) {
  const base = process.env.IVREK_DATA ?? '.data';
  mkdirSync(base, { recursive: true });
  const release = await lock(dataLock(base));
  if (!release)
    throw new Stop(
      isRunning(base) ? 'Ivrek is running' : `another ./ivrek is at work on ${base}`,
      isRunning(base) ? `Stop it first: ./ivrek stop. ${untouched}` : untouched,
    );
  try {
    const bin = await ensurePostgres();
    await ensureNpm();
    const { onMaintenance } = await import('../scripts/loadData.mjs');
    const cluster = await startCluster(bin, base);
    try {
      return await onMaintenance(cluster.ownerUrl('postgres'), (db) => work({ base, bin, cluster, db }));
    } finally {
      cluster.stop();
    }
  } finally {
    await release();
  }
}

const usage = './ivrek restore FILE | --list | --back NAME | --drop NAME';

/** Databases that were put aside, oldest first. */
const keptAside = async (db) =>
  (await db.query(`select datname from pg_database where datname ~ '^ivrek_before_' order by datname`)).rows.map((r) => r.datname);

async function named(db, name, what) {
  const names = await keptAside(db);
  if (!aside.test(name ?? '') || !names.includes(name))
    throw new Stop(`which one is to be ${what}?`, names.length ? `There is: ${names.join(', ')}` : 'Nothing was put aside.');
  return name;
}

/** What was put aside: listed, put back in its place, or thrown away, which is never done by itself. */
/** @param {{ list?: boolean, back?: string, drop?: string }} wish */
async function ofAside({ list, back, drop }) {
  await withCluster(async ({ db }) => {
    if (list) {
      const names = await keptAside(db);
      say(names.length ? `put aside: ${names.join(', ')}` : 'nothing was put aside');
    } else if (back !== undefined) {
      const kept = await changePlaces(db, await named(db, back, 'put back'));
      say(`${back} is in use again${kept ? `; what was there is kept as ${kept}` : ''}`);
    } else {
      await db.query(`drop database ${await named(db, drop, 'thrown away')} with (force)`);
      say(`${drop} is gone`);
    }
  });
}

/**
 * Puts a backup, or a dump of .data/dumps, in the place of what is there. The new database is made whole beside the old one
 * first; only then do they change places, and the old one stays under a dated name.
 */
export async function restore(args) {
  const { values, words } = readArgs(args, { list: flag, back: text, drop: text }, { usage });
  const ofWhatIsAside = Object.keys(values);
  if (ofWhatIsAside.length > 1 || (ofWhatIsAside.length && words.length)) throw new Stop('one thing at a time', usage);
  if (ofWhatIsAside.length) return ofAside(values);
  const file = fileArgument(words, 'restore', usage);
  if (!existsSync(file)) throw new Stop(`there is no file ${file}`, untouched);
  const work = mkdtempSync(join(tmpdir(), 'ivrek-restore-'));
  try {
    const { dump, madeAt, authority } = await open(file, work);
    const passphrase = authority ? await askPassphrase('the root certificate in this backup') : null;
    await withCluster(async ({ base, bin, cluster, db }) => {
      say('restoring beside what is there');
      await db.query('drop database if exists ivrek_restored with (force)');
      await load(bin, cluster, base, 'ivrek_restored', dump).catch((error) => {
        throw error instanceof Stop
          ? error
          : new Stop('the backup could not be read into a database', `${error.message}\nWhat was there is untouched.`);
      });
      if (authority && !hasAuthority(base)) unlockAuthority(authority, passphrase, `${base}/lan`);
      // The demo is in it or it is not; it does not come back by itself.
      writeFileSync(`${base}/demo.loaded`, new Date().toISOString(), { mode: 0o600 });
      const kept = await changePlaces(db, 'ivrek_restored');
      const others = (await keptAside(db)).filter((n) => n !== kept);
      say(
        `restored what was backed up on ${madeAt.slice(0, 16).replace('T', ' ')} UTC${kept ? `; what was there is kept as ${kept} (./ivrek restore --back ${kept} puts it back)` : ''}`,
      );
      if (others.length) say(`also kept from before: ${others.join(', ')} (./ivrek restore --drop NAME throws one away)`);
    });
  } finally {
    rmSync(work, { recursive: true, force: true });
  }
}
