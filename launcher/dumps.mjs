import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { basename, resolve } from 'node:path';
import { load, withScratch } from './load.mjs';
import { aside } from './run.mjs';
import { say } from './say.mjs';
import { freeMb } from './status.mjs';

const kept = 7;
const hour = 3_600_000;

/** What every dump leaves out: search lines are made anew from the rows, codes and attempts are of no use tomorrow. */
export const leftOut = ['find_line', 'pairing', 'attempt', 'refusal'];

/** Keeps the newest seven files of a kind and lets the older ones go. Their names begin with their time. */
export function prune(folder, kind) {
  const files = readdirSync(folder)
    .filter((f) => kind.test(f))
    .sort();
  for (const f of files.slice(0, -kept)) rmSync(`${folder}/${f}`);
}

/** Writes one whole dump, or none: it gets its name only when it is complete. Answers why not, or null. */
export async function dump(bin, env, file) {
  const part = `${file}.part`;
  // For its user alone from the first byte on.
  writeFileSync(part, '', { mode: 0o600 });
  const args = ['-Fc', '-f', part, ...leftOut.map((t) => `--exclude-table-data=public.${t}`)];
  const r = await aside(`${bin.dir}/pg_dump`, args, { env: { ...process.env, ...env } });
  if (r.code !== 0) {
    rmSync(part, { force: true });
    return r.said.trim() || 'pg_dump failed';
  }
  renameSync(part, file);
  return null;
}

/**
 * Proves a dump by restoring it into a scratch database, exactly as ./ivrek restore would, and counting what came back. Answers
 * how long it took and how many entries it holds; throws with the reason where it cannot be restored.
 */
export async function prove(bin, cluster, base, file) {
  const began = Date.now();
  // A dump is packed; unpacked, with its indexes, it takes a few times the room.
  const wanted = Math.ceil((statSync(file).size * 4) / 1e6);
  const free = freeMb(base);
  if (free < wanted + 100) throw new Error(`only ${free} MB are free; restoring it to see takes about ${wanted} MB`);
  const { entries } = await withScratch(cluster, 'ivrek_proof', (database) => load(bin, cluster, base, database, file));
  return { seconds: (Date.now() - began) / 1000, entries };
}

export const backupsFile = (base) => `${base}/backups.json`;
const mostListed = 60;

function listed(base) {
  try {
    return JSON.parse(readFileSync(backupsFile(base), 'utf8'));
  } catch {
    return [];
  }
}

/** Writes down what became of a backup, for the page of workshops. */
export function writeDown(base, line) {
  const lines = [line, ...listed(base).filter((l) => l.file !== line.file)].slice(0, mostListed);
  writeFileSync(`${backupsFile(base)}.part`, JSON.stringify(lines), { mode: 0o600 });
  renameSync(`${backupsFile(base)}.part`, backupsFile(base));
}

const beforeUpgrade = /-before-.*\.dump$/;
const daily = /^\d{4}-\d\d-\d\d-daily\.dump$/;

/** Makes today's dump if there is none yet, and proves it: only then it has its name. Says so if it could not. */
export async function dumpToday(bin, cluster, base, now = new Date()) {
  const folder = `${base}/dumps`;
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const file = `${folder}/${now.toISOString().slice(0, 10)}-daily.dump`;
  if (!existsSync(file)) {
    const line = { file: resolve(file), kind: 'daily', madeAt: now.toISOString() };
    const fresh = `${file}.unproved`;
    try {
      const wrong = await dump(bin, cluster.ownerEnv('ivrek'), fresh);
      if (wrong) throw new Error(wrong);
      const proof = await prove(bin, cluster, base, fresh);
      renameSync(fresh, file);
      writeDown(base, { ...line, bytes: statSync(file).size, provedAt: new Date().toISOString(), ...proof });
    } catch (error) {
      say(`today's backup does not count: ${error.message}`);
      writeDown(base, { ...line, problem: error.message, ...(existsSync(fresh) && { file: resolve(fresh) }) });
    }
  }
  prune(folder, daily);
  prune(folder, /\.unproved$/);
}

/**
 * Proves what nobody proved yet, once each: dumps that were made before a change of the database's shape, which does not wait for
 * that, and daily ones of an earlier Ivrek. They are restored and brought up to date as an upgrade does it.
 */
export async function proveOlder(bin, cluster, base) {
  const folder = `${base}/dumps`;
  const known = new Set(listed(base).map((l) => l.file));
  for (const name of existsSync(folder) ? readdirSync(folder).filter((f) => beforeUpgrade.test(f) || daily.test(f)) : []) {
    const file = resolve(folder, name);
    if (known.has(file)) continue;
    const { mtime, size } = statSync(file);
    const line = { file, kind: daily.test(name) ? 'daily' : 'upgrade', madeAt: mtime.toISOString(), bytes: size };
    try {
      writeDown(base, { ...line, ...(await prove(bin, cluster, base, file)), provedAt: new Date().toISOString() });
    } catch (error) {
      say(`the backup ${name} does not count: ${error.message}`);
      writeDown(base, { ...line, problem: error.message });
    }
  }
}

/** A dump a day for as long as Ivrek runs. Answers how to stop. */
export function keepDaily(bin, cluster, base) {
  let busy = null;
  const make = () => {
    busy ??= dumpToday(bin, cluster, base)
      .then(() => proveOlder(bin, cluster, base))
      .catch((error) => say(`${basename(base)}: today's backup could not be made: ${error.message}`))
      .finally(() => (busy = null));
  };
  // Not in the way of the first page.
  const first = setTimeout(make, 20_000);
  const timer = setInterval(make, hour);
  first.unref();
  timer.unref();
  return () => {
    clearTimeout(first);
    clearInterval(timer);
  };
}
