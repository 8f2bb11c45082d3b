/** One backup as the launcher wrote it down. It counts once it was restored to see that it can be. */
export interface Backup {
  file: string;
  kind: 'daily' | 'backup' | 'upgrade';
  madeAt: string;
  /** When it was restored into a scratch database, how long that took, and how many entries came back. */
  provedAt?: string;
  seconds?: number;
  entries?: number;
  bytes?: number;
  /** Why it does not count. */
  problem?: string;
}
