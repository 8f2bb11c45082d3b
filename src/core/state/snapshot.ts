import type { AnyRow, Fact, Fastener, Own, Reading, Step, TableName } from './rows';
import { emptyState, put, type Experience, type JournalEntry, type State } from './state';

/** Personal data that rows refer to by id. */
export interface Personal {
  id: string;
  name: string | null;
  phone: string | null;
  email: string | null;
}

/** The workshop that a device is in, and who works with it. */
export interface WorkshopContext {
  shop: { id: string; name: string; rate: string; currency: string; seq: number; demo: boolean };
  actor: { id: string; name: string } | null;
  people: { id: string; name: string }[];
  /** What the shop knows itself; absent in what an earlier version left on a device. */
  own?: Own[];
  /** False for a tablet in the network: what is only done on the computer itself is not shown there. */
  home: boolean;
}

/** Everything one job's screens need, as plain data; a device computes from here on. */
export interface JobSnapshot {
  shop: { id: string; name: string; rate: string; currency: string; seq: number };
  actor: { id: string; name: string } | null;
  jobId: string;
  rows: Partial<Record<TableName, AnyRow[]>>;
  personal: Personal[];
  journal: JournalEntry[];
  /** The number of the first line of the journal that came along, where those before it are still to come; absent where all are here. */
  journalFrom?: number;
  /** What the shop's closed jobs turned out to be; absent in a snapshot that was kept by an earlier version. */
  experience?: Experience;
  /** Readings of this bike from its other jobs, to hold new ones against; absent where none were kept. */
  earlier?: Reading[];
  /** What came off this bike in the last of its other jobs that took something off; absent where none did. */
  lastStrip?: { steps: Step[]; fasteners: Fastener[]; facts: Fact[] };
}

/** A journal line as it travels to devices that are listening: with the personal data that its rows point to. */
export interface Heard extends JournalEntry {
  seq: number;
  personal: Personal[];
}

/**
 * True if a journal line belongs to that job or, naming no job, to its bike.
 * @param entry of which the job and the bike are read
 * @param jobId the job
 * @param bikeId its bike
 */
export function belongs(entry: Pick<JournalEntry, 'jobId' | 'bikeId'>, jobId: string, bikeId: string): boolean {
  return entry.jobId === jobId || (entry.jobId === null && entry.bikeId === bikeId);
}

/**
 * A state out of the job that came over the wire.
 * @param snapshot a job as it came over the wire, left as it is
 * @returns a state of its own
 */
export function stateOf(snapshot: Pick<JobSnapshot, 'rows' | 'journal' | 'experience'>): State {
  const state: State = { ...emptyState(), experience: snapshot.experience };
  for (const [table, rows] of Object.entries(snapshot.rows)) for (const row of rows) put(state, table as TableName, row as never);
  state.journal.push(...snapshot.journal);
  return state;
}
