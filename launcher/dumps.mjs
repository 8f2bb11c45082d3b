import { existsSync, mkdirSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { quietly } from './run.mjs';
import { say } from './say.mjs';

const kept = 7;
const hour = 3_600_000;

/** Keeps the newest seven files of a kind and lets the older ones go. Their names begin with their time. */
export function prune(folder, kind) {
  const files = readdirSync(folder)
    .filter((f) => kind.test(f))
    .sort();
  for (const f of files.slice(0, -kept)) rmSync(`${folder}/${f}`);
}

/** Writes one whole dump, or none: it gets its name only when it is complete. */
export function dump(bin, url, file) {
  const part = `${file}.part`;
  const r = quietly(`${bin.dir}/pg_dump`, ['-Fc', '-f', part, url]);
  if (r.code !== 0) {
    rmSync(part, { force: true });
    return r.err.trim() || 'pg_dump failed';
  }
  renameSync(part, file);
  return null;
}

const daily = /^\d{4}-\d\d-\d\d-daily\.dump$/;

/** Makes today's dump if there is none yet. Says so if it could not. */
export function dumpToday(bin, cluster, base, now = new Date()) {
  const folder = `${base}/dumps`;
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const file = `${folder}/${now.toISOString().slice(0, 10)}-daily.dump`;
  if (!existsSync(file)) {
    const wrong = dump(bin, cluster.ownerUrl('ivrek'), file);
    if (wrong) say(`today's dump could not be made: ${wrong}`);
  }
  prune(folder, daily);
}

/** A dump a day for as long as Ivrek runs. Answers the timer that does it. */
export function keepDaily(bin, cluster, base) {
  // Not in the way of the first page.
  setTimeout(() => dumpToday(bin, cluster, base), 20_000).unref();
  const timer = setInterval(() => dumpToday(bin, cluster, base), hour);
  timer.unref();
  return timer;
}
