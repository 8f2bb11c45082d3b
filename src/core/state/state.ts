import { tableNames } from './fields';
import type { AnyRow, TableName, Tables } from './rows';

/** What a command does to one row. Each change carries what was there before, so that it can be taken back. */
export type Change =
  | { op: 'insert'; table: TableName; row: AnyRow }
  | { op: 'delete'; table: TableName; row: AnyRow }
  | { op: 'update'; table: TableName; id: string; set: Record<string, unknown>; was: Record<string, unknown> };

/** One line of the journal as effects and screens need it. */
export interface JournalEntry {
  id: string;
  /** Null while the server has not yet answered. */
  seq: number | null;
  type: string;
  jobId: string | null;
  /** The bike it belongs to where it belongs to no job; absent while the server has not answered. */
  bikeId?: string | null;
  madeAt: string;
  actorId: string | null;
  /** The entry that an undo or redo speaks of. */
  targetId: string | null;
  /** The act that it is a part of, where that has several entries; absent for an entry by itself. */
  groupId?: string | null;
  changes: Change[];
}

export type RowsOf = { [T in TableName]: Map<string, Tables[T]> };

/** Some rows of one shop and the journal lines that belong to them. */
export interface State {
  rows: RowsOf;
  journal: JournalEntry[];
  /** What the shop's closed jobs turned out to be; absent where nobody counted. */
  experience?: Experience;
}

/** Causes of complaints that were cured in jobs handed over: how many in all, and by fault. */
export interface Experience {
  causes: number;
  found: Record<string, number>;
}

/** A state with every table and no row. */
export function emptyState(): State {
  const rows = Object.fromEntries(tableNames.map((t) => [t, new Map()])) as unknown as RowsOf;
  return { rows, journal: [] };
}

/**
 * Puts a row into a state; used when a state is gathered from the database or a snapshot.
 * @param state changed by this
 * @param table a table
 * @param row a whole row; one of its id is replaced
 */
export function put<T extends TableName>(state: State, table: T, row: Tables[T]): void {
  state.rows[table].set(row.id, row);
}

/**
 * The rows of a table as an array, in the order in which they came.
 * @param state what is known, left as it is
 * @param table a table
 * @returns rows that share nothing with the state but themselves
 */
export function list<T extends TableName>(state: State, table: T): Tables[T][] {
  return [...state.rows[table].values()];
}
