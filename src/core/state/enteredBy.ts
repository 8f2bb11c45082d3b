import type { State } from './state';
import type { TableName } from './rows';

/**
 * Who last entered or changed a row, and when: the name of the person, null where nobody is named. Null where the journal at hand
 * does not reach back to it.
 * @param state what is known, left as it is
 * @param table the table of the row
 * @param id the row
 * @returns name and ISO instant
 */
export function enteredBy(state: State, table: TableName, id: string): { name: string | null; at: string } | null {
  const last = state.journal.findLast((e) => e.changes.some((c) => c.table === table && (c.op === 'update' ? c.id : c.row.id) === id));
  if (!last) return null;
  return { name: (last.actorId && state.rows.person.get(last.actorId)?.name) || null, at: last.madeAt };
}
