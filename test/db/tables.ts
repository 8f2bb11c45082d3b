import type pg from 'pg';
import { emptyState, put, tableNames, type AnyRow, type State } from '../../src/core/state';
import { allRows } from '../../src/server/db/rows';
import { shopTransaction } from '../../src/server/db/pool';

/** Every row of a shop, by table, in the order of their ids. */
export async function tablesOf(pool: pg.Pool, shopId: string): Promise<Record<string, AnyRow[]>> {
  return shopTransaction(pool, shopId, async (db) => {
    const out: Record<string, AnyRow[]> = {};
    for (const t of tableNames) out[t] = ((await allRows(db, t)) as AnyRow[]).sort((a, b) => (a.id < b.id ? -1 : 1));
    return out;
  });
}

export const withoutVersions = (tables: Record<string, AnyRow[]>) =>
  Object.fromEntries(Object.entries(tables).map(([t, rows]) => [t, rows.map((r) => ({ ...r, versions: null }))]));

export function tablesOfState(state: State): Record<string, AnyRow[]> {
  return Object.fromEntries(tableNames.map((t) => [t, ([...state.rows[t].values()] as AnyRow[]).sort((a, b) => (a.id < b.id ? -1 : 1))]));
}

export function stateFrom(tables: Record<string, AnyRow[]>): State {
  const state = emptyState();
  for (const t of tableNames) for (const r of tables[t]) put(state, t, r as never);
  return state;
}
