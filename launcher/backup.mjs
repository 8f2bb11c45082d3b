import { createHash } from 'node:crypto';
import { createReadStream, existsSync, mkdtempSync, readdirSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { flag, readArgs } from './args.mjs';
import { askPassphrase, hasAuthority, lockAuthority } from './authority.mjs';
import { startCluster } from './cluster.mjs';
import { dump, prove, writeDown } from './dumps.mjs';
import { dataLock, lock } from './lock.mjs';
import { isRunning } from './note.mjs';
import { ensureNpm, ensurePostgres } from './packages.mjs';
import { quietly } from './run.mjs';
import { say, Stop } from './say.mjs';

export const format = 'ivrek-backup';

export function sha256(file) {
  return new Promise((done, fail) => {
    const h = createHash('sha256');
    createReadStream(file)
      .on('data', (d) => h.update(d))
      .on('end', () => done(h.digest('hex')))
      .on('error', fail);
  });
}

export const migrations = () =>
  readdirSync('db/migrations')
    .filter((f) => f.endsWith('.sql'))
    .map((f) => f.replace(/\.sql$/, ''))
    .sort();

/** The one file that a command is given, as it was named from where the command was called. */
export const fileArgument = (words, command, usage) => {
  if (words.length !== 1) throw new Stop(`${command} wants one file`, usage);
  return resolve(process.env.IVREK_CALLED_FROM ?? '.', words[0]);
};

const usage = './ivrek backup FILE [--with-authority]';

/**
 * Takes the data folder for something that is done beside a running Ivrek or without one, but not beside a start or a restore.
 * Answers how to let go.
 */
export async function besideRunning(base) {
  const release = await lock(dataLock(base));
  if (release) return { running: false, release };
  if (isRunning(base)) return { running: true, release: async () => undefined };
  throw new Stop(`another ./ivrek is at work on ${base}`, 'Wait until it is done, then try again.');
}

/**
 * Everything in one file: a tar with the database (bikes, photos, journal, devices) and a manifest with what is in it and its
 * SHA-256; with --with-authority the network's authority as well, its key under a passphrase. It counts, and gets its name, only
 * after it was restored into a scratch database.
 */
export async function backup(args) {
  const { values, words } = readArgs(args, { 'with-authority': flag }, { usage });
  const withAuthority = values['with-authority'] ?? false;
  const file = fileArgument(words, 'backup', usage);
  const base = process.env.IVREK_DATA ?? '.data';
  if (!existsSync(`${base}/cluster.made`)) throw new Stop(`there is nothing in ${base} to back up yet`, 'Start Ivrek once first.');
  if (withAuthority && !hasAuthority(base)) throw new Stop('there is no root certificate yet', './ivrek start --lan makes one.');
  const passphrase = withAuthority ? await askPassphrase('the root certificate’s key') : null;
  const { running, release } = await besideRunning(base);
  let cluster;
  let work;
  try {
    const bin = await ensurePostgres();
    await ensureNpm();
    cluster = await startCluster(bin, base);
    work = mkdtempSync(join(tmpdir(), 'ivrek-backup-'));
    say('writing the backup');
    const inside = `${work}/ivrek.dump`;
    const wrong = await dump(bin, cluster.ownerEnv('ivrek'), inside);
    if (wrong) throw new Stop('the database could not be dumped', wrong);
    say('restoring it into a scratch database, to see that it can be');
    const proof = await prove(bin, cluster, base, inside).catch((error) => {
      throw new Stop('the backup was written, but it cannot be restored, so it does not count', error.message);
    });
    if (passphrase) writeFileSync(`${work}/authority.json`, lockAuthority(`${base}/lan`, passphrase), { mode: 0o600 });
    const madeAt = new Date().toISOString();
    const manifest = {
      format,
      version: 2,
      madeAt,
      postgres: bin.version,
      migrations: migrations(),
      sha256: await sha256(inside),
      entries: proof.entries,
    };
    writeFileSync(`${work}/manifest.json`, `${JSON.stringify(manifest, null, 2)}\n`, { mode: 0o600 });
    // For its user alone from the first byte on.
    writeFileSync(`${file}.part`, '', { mode: 0o600 });
    const r = quietly('tar', ['-cf', `${file}.part`, '--mode=0600', '-C', work, ...readdirSync(work)]);
    if (r.code !== 0) throw new Stop(`the backup could not be written to ${file}`, r.err.trim());
    renameSync(`${file}.part`, file);
    writeDown(base, { file, kind: 'backup', madeAt, bytes: statSync(file).size, provedAt: new Date().toISOString(), ...proof });
    say(`everything is in ${file}; it was restored to see that it can be (${proof.entries} entries, ${proof.seconds.toFixed(1)} s)`);
    if (hasAuthority(base) && !passphrase)
      say("the network's authority is not in it: after a restore elsewhere tablets install a new one (or back up with --with-authority)");
  } catch (error) {
    rmSync(`${file}.part`, { force: true });
    throw error;
  } finally {
    if (work) rmSync(work, { recursive: true, force: true });
    if (!running) cluster?.stop();
    await release();
  }
}
