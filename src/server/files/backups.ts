import { readFileSync } from 'node:fs';
import type { Backup } from '../../core/state';

/** The last backups as launcher/dumps.mjs writes them down, the newest first; none where the launcher has made none yet. */
export function backups(): Backup[] {
  const file = process.env.IVREK_BACKUPS;
  if (!file) return [];
  try {
    return JSON.parse(readFileSync(file, 'utf8')) as Backup[];
  } catch {
    return [];
  }
}
