import type { Command } from '../core/command';
import type { FoundLine } from '../core/find';
import type { JobSnapshot, Own, Spec, TableName } from '../core/state';
import type { Board } from '../core/stage';
import type { CommandAnswers, JournalPage, KeptCommand } from './answers';

/** Every endpoint that speaks JSON, by method and address: what is asked with it and what comes back where it succeeds. */
export interface Endpoints {
  /** Who is in: the workshop that this browser's session belongs to. */
  'GET /api/session': { answer: { shopId: string } };
  'POST /api/session': { body: EnterWish; answer: { shopId: string } };
  'PUT /api/session': { body: { personId: string | null; worked?: true }; answer: { personId: string | null } };
  'DELETE /api/session': { answer: { left: true } };
  /** One command; a list of them is answered by `CommandAnswers`. */
  'POST /api/commands': { body: Command; answer: Omit<KeptCommand, 'status'> };
  'POST /api/commands list': { body: Command[]; answer: CommandAnswers };
  /** Journal lines after a number, of the workshop or of one job. */
  'GET /api/journal': { query: { after: number; job?: string }; answer: JournalPage };
  'GET /api/jobs': { answer: Board };
  'GET /api/jobs/:id': { answer: JobSnapshot };
  'GET /api/find': { query: { q: string }; answer: { lines: FoundLine[] } };
  'GET /api/specifications': { answer: BikeSpecification[] };
  'POST /api/own': { body: Blob; answer: BroughtIn };
  /** `check` in the query: only says what would happen. */
  'POST /api/import': { query: { check?: true }; body: Blob; answer: ImportReport };
  'POST /api/calendar': { answer: { token: string } };
  'POST /api/demo': { body: { act: DemoAct }; answer: { act: DemoAct } };
  'POST /api/pair': { body: { code: string; name: string }; answer: { shopId: string } };
  'GET /api/devices': { answer: DeviceList };
  'POST /api/devices': { answer: PairingCode };
  'PUT /api/devices': { body: { id: string; name: string }; answer: DeviceList };
  'DELETE /api/devices': { body: { id: string }; answer: DeviceList };
  'PUT /api/photos/:id': { body: Blob; answer: { sha256: string } };
  'GET /api/health': { answer: { ok: true } };
}

export type EndpointName = keyof Endpoints;
export type AnswerOf<E extends EndpointName> = Endpoints[E]['answer'];

/** Into which workshop: one that is there, as one of its people, or a new one. */
export type EnterWish = { shopId: string; personId?: string | null } | { newShop: string };

export const demoActs = ['hide', 'show', 'remove', 'bring'] as const;
export type DemoAct = (typeof demoActs)[number];

/** A bike with the limits that were entered for it. */
export interface BikeSpecification {
  bikeId: string;
  bike: string;
  specs: Spec[];
}

/** What a file of own knowledge brought, and all of it as it stands then. */
export interface BroughtIn {
  added: number;
  changed: number;
  same: number;
  rows: Own[];
}

/** One thing that the file and this workshop say differently. */
export interface ImportConflict {
  key: string;
  table: TableName;
  field: string | null;
  here: unknown;
  file: unknown;
  /** For what cannot be brought in as it is: why. */
  message: string | null;
}

/** What of a conflict stands. */
export type ImportChoice = 'file' | 'here';

/** What bringing in a job did, or would do. Times are counted in entries of the journal. */
export interface ImportReport {
  jobId: string;
  bike: string;
  fresh: number;
  known: number;
  photos: number;
  missingPhotos: number;
  conflicts: ImportConflict[];
  /** True if everything in it is here now. */
  done: boolean;
}

/** A tablet of the workshop. Times are ISO text. */
export interface PairedDevice {
  id: string;
  name: string | null;
  pairedAt: string;
  seenAt: string | null;
  person: string | null;
}

/** A device that asked to be let in and was not. */
export interface RefusedDevice {
  at: string;
  address: string;
  name: string;
  why: string;
}

export interface DeviceList {
  devices: PairedDevice[];
  refusals: RefusedDevice[];
}

export interface PairingCode {
  code: string;
  expiresAt: string;
}
