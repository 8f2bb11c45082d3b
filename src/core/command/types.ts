import type { Change, State, TableName } from '../state';
import type { Fields } from '../state/kinds';

/** A wish to change something, as it leaves a device. The server adds shop, actor, device, receivedAt and seq. */
export interface Command<P = unknown> {
  /** UUID made by the client; a command sent twice is applied once. */
  id: string;
  schemaVersion: number;
  type: string;
  entity: { kind: TableName; id: string };
  /** ISO time on the device's own clock. */
  madeAt: string;
  /** Journal number of the last event that this device knew; null if none. */
  after: number | null;
  /** For each field that is set: the version the person saw. */
  base: Record<string, number>;
  payload: P;
  /** Entries that are one act share this: they are applied together or not at all, and taken back with one press. */
  group?: string;
}

export type RefusalCode = 'unknown' | 'missing' | 'exists' | 'conflict' | 'depended on' | 'not undoable' | 'not yet' | 'closed';

/** Why a command was not applied, in words for the person and in data for the screen. */
export interface Refusal {
  code: RefusalCode;
  message: string;
  /** For a conflict: each field with the value that stands and the one that was wanted. */
  fields?: { field: string; theirs: unknown; yours: unknown }[];
  /** For an undo: the later entries that build on it. */
  entries?: { id: string; type: string; madeAt: string }[];
}

export class Refused extends Error {
  constructor(readonly refusal: Refusal) {
    super(refusal.message);
  }
}

/** Rows an effect must be able to see: one row, or all rows of a table that name a parent. */
export type Need = { table: TableName; id: string } | { table: TableName; field: string; is: string } | { journal: string };

export interface CommandType<P = never, T extends string = string, K extends TableName = TableName> {
  type: T;
  /** The table of the row that it is about; null where it may be any. */
  on: K | null;
  /** What an entry of it is called in the log. */
  says: string;
  /** What each field of its payload may hold. */
  payload: Fields;
  /** False for what is superseded and never taken back: signatures, consents. */
  undoable: boolean;
  /** True for what is pointed at, taken or filled in: it has no form at the bench line. */
  byHand: boolean;
  needs(command: Command<P>): Need[];
  /** The job that the change belongs to, if it belongs to one. */
  jobOf(command: Command<P>, state: State): string | null;
  /**
   * Pure: depends on the state and the command only.
   *
   * @throws {Refused}
   */
  effect(state: State, command: Command<P>): Change[];
}

/** What the payload of a command type holds. */
export type PayloadOf<C> = C extends CommandType<infer P> ? P : never;

export type CommandOutcome = { ok: true; changes: Change[] } | { ok: false; refusal: Refusal };
