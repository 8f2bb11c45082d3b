import type { AnyRow, TableName } from './rows';
import type { Change, RowsOf, State } from './state';

/**
 * Field versions after a set of fields was written once more.
 * @param versions versions by field
 * @param names fields that were written
 * @returns a new object
 */
export function bump(versions: Record<string, number>, names: string[]): Record<string, number> {
  const next = { ...versions };
  for (const n of names) next[n] = (next[n] ?? 0) + 1;
  return next;
}

/**
 * The state after some changes; the one given is left as it was. Rows that did not change are shared.
 * @param state what is known, left as it is
 * @param changes in the order in which they were made
 * @returns a new state
 */
export function applyChanges(state: State, changes: readonly Change[]): State {
  if (changes.length === 0) return state;
  const rows = { ...state.rows } as Record<TableName, Map<string, AnyRow>>;
  for (const t of new Set(changes.map((c) => c.table))) rows[t] = new Map(rows[t]);
  const next = { ...state, rows: rows as unknown as RowsOf };
  changeInPlace(next, changes);
  return next;
}

/**
 * The same on a state that nobody else holds: long rows of changes need no copy for each.
 * @param state what is known, left as it is
 * @param changes in the order in which they were made
 */
export function changeInPlace(state: State, changes: readonly Change[]): void {
  const rows = state.rows as unknown as Record<TableName, Map<string, AnyRow>>;
  for (const c of changes) {
    const table = rows[c.table];
    if (c.op === 'insert') table.set(c.row.id, c.row);
    else if (c.op === 'delete') table.delete(c.row.id);
    else {
      const row = table.get(c.id);
      if (!row) throw new Error(`${c.table} ${c.id} is not in this state`);
      table.set(c.id, { ...row, ...c.set, versions: bump(row.versions, Object.keys(c.set)) } as AnyRow);
    }
  }
}

/**
 * The changes that take `changes` back, last first.
 * @param changes in the order in which they were made
 * @param state what was known before them
 * @returns changes to be applied in the order given
 */
export function invert(changes: readonly Change[], state: State): Change[] {
  return [...changes].reverse().map((c): Change => {
    if (c.op === 'update') return { op: 'update', table: c.table, id: c.id, set: c.was, was: c.set };
    if (c.op === 'delete') return { op: 'insert', table: c.table, row: c.row };
    // The row may have been set and set back since: its versions as they stand now are the ones to keep.
    const now = state.rows[c.table].get(c.row.id) as AnyRow | undefined;
    return { op: 'delete', table: c.table, row: now ?? c.row };
  });
}
