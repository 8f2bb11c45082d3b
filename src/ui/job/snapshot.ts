import { emptyState, put, type AnyRow, type JournalEntry, type State, type TableName } from '../../core/record';

/** What the server hands a job's screens; plain data. */
export interface Snapshot {
  shop: { id: string; name: string; rate: string; currency: string; seq: number };
  actor: { id: string; name: string } | null;
  jobId: string;
  rows: Partial<Record<TableName, AnyRow[]>>;
  personal: { id: string; name: string | null; phone: string | null; email: string | null }[];
  journal: JournalEntry[];
}

export function stateOf(snapshot: Snapshot): State {
  const state = emptyState();
  for (const [table, rows] of Object.entries(snapshot.rows)) for (const row of rows) put(state, table as TableName, row as never);
  state.journal.push(...snapshot.journal);
  return state;
}
