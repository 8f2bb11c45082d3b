import { renameSync, rmSync, statfsSync, writeFileSync } from 'node:fs';
import { resolve } from 'node:path';

/** What the launcher knows and the server cannot: why the database is away. Pages tell it; the file is gone when all is well. */

export const statusFile = (base) => resolve(base, 'database.json');

export function tellTrouble(base, trouble) {
  const file = statusFile(base);
  if (!trouble) return rmSync(file, { force: true });
  try {
    writeFileSync(`${file}.part`, JSON.stringify(trouble), { mode: 0o600 });
    renameSync(`${file}.part`, file);
  } catch {
    // On a full disk there is no room for this note either; the terminal has the words.
  }
}

export function freeMb(folder) {
  const { bavail, bsize } = statfsSync(folder);
  return Math.floor((bavail * bsize) / 1e6);
}
