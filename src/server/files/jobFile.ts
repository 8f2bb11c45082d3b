import { createHash } from 'node:crypto';
import type { AnyRow, Personal, TableName } from '../../core/state';

/** One line of the journal as it stands in a file: the command, what it did, and who sent it when. */
export interface FiledEntry {
  seq: number;
  id: string;
  schemaVersion: number;
  type: string;
  entity: { kind: TableName; id: string };
  madeAt: string;
  after: number | null;
  base: Record<string, number>;
  payload: unknown;
  /** The act that it is a part of, where that has several entries. From version 3. */
  group?: string;
  changes: unknown[];
  actorId: string | null;
  deviceId: string | null;
  receivedAt: string;
}

/** 1: no digest. 2: no groups. */
export const jobFileVersions = [1, 2, 3] as const;
export type JobFileVersion = (typeof jobFileVersions)[number];

/**
 * One job as a file: rows, the people it names, and every journal line. A bike that was here before brings its earlier jobs along: it was
 * booked in by the first of them. Described by docs/job.schema.json.
 */
export interface JobFile {
  format: 'ivrek-job';
  version: JobFileVersion;
  jobId: string;
  rows: Partial<Record<TableName, AnyRow[]>>;
  personal: Personal[];
  journal: FiledEntry[];
  /** SHA-256 over everything else, so that damage is noticed. From version 2. */
  digest?: string;
}

export const digestOf = (file: Omit<JobFile, 'digest'>): string => createHash('sha256').update(JSON.stringify(file)).digest('hex');
