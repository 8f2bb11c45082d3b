import { readFileSync } from 'node:fs';

/** One backup as the launcher wrote it down (launcher/dumps.mjs). It counts once it was restored to see that it can be. */
export interface BackupLine {
  file: string;
  kind: 'daily' | 'backup';
  madeAt: string;
  provedAt?: string;
  seconds?: number;
  entries?: number;
  bytes?: number;
  /** Why it does not count. */
  problem?: string;
}

/** The last backups, the newest first; none where the launcher has made none yet. */
export function backups(): BackupLine[] {
  const file = process.env.IVREK_BACKUPS;
  if (!file) return [];
  try {
    return JSON.parse(readFileSync(file, 'utf8')) as BackupLine[];
  } catch {
    return [];
  }
}
