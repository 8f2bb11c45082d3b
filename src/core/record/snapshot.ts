import type { AnyRow, TableName } from './rows';
import { emptyState, put, type JournalEntry, type State } from './state';

/** Personal data that rows refer to by id. */
export interface Personal {
  id: string;
  name: string | null;
  phone: string | null;
  email: string | null;
}

/** Everything one job's screens need, as plain data; a device computes from here on. */
export interface JobSnapshot {
  shop: { id: string; name: string; rate: string; currency: string; seq: number };
  actor: { id: string; name: string } | null;
  jobId: string;
  rows: Partial<Record<TableName, AnyRow[]>>;
  personal: Personal[];
  journal: JournalEntry[];
}

export function stateOf(snapshot: Pick<JobSnapshot, 'rows' | 'journal'>): State {
  const state = emptyState();
  for (const [table, rows] of Object.entries(snapshot.rows)) for (const row of rows) put(state, table as TableName, row as never);
  state.journal.push(...snapshot.journal);
  return state;
}
