import type { AnyRow, Change, State, TableName, Tables } from '../state';
import { applyChanges, hasField } from '../state';
import type { Command } from './types';
import { Refused } from './types';

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

/** Gathers the changes of one command and refuses what cannot be. */
export class Draft {
  readonly changes: Change[] = [];
  private now: State;

  constructor(
    state: State,
    private readonly command: Command,
  ) {
    this.now = state;
  }

  /** The row, or a refusal that says that it is not there. */
  need<T extends TableName>(table: T, id: string): Tables[T] {
    const row = this.now.rows[table].get(id);
    if (!row) throw new Refused({ code: 'missing', message: `This ${table} is not in this workshop (any more).` });
    return row;
  }

  rows<T extends TableName>(table: T): Tables[T][] {
    return [...this.now.rows[table].values()];
  }

  insert<T extends TableName>(table: T, row: Omit<Tables[T], 'versions'>): this {
    if (this.now.rows[table].has(row.id)) throw new Refused({ code: 'exists', message: `There is already a ${table} with this id.` });
    return this.add({ op: 'insert', table, row: { ...row, versions: {} } as unknown as AnyRow });
  }

  /** Takes a row away; the journal keeps what it was. */
  remove<T extends TableName>(table: T, id: string): this {
    return this.add({ op: 'delete', table, row: this.need(table, id) as unknown as AnyRow });
  }

  /** Sets fields whatever their version; for changes that follow from another act. Equal values are left alone. */
  set<T extends TableName>(table: T, id: string, set: Partial<Tables[T]>): this {
    const row = this.need(table, id) as unknown as Record<string, unknown>;
    const names = Object.keys(set).filter((k) => !same(row[k], (set as Record<string, unknown>)[k]));
    if (names.length === 0) return this;
    const pick = (from: Record<string, unknown>) => Object.fromEntries(names.map((n) => [n, from[n] ?? null]));
    return this.add({ op: 'update', table, id, set: pick(set as Record<string, unknown>), was: pick(row) });
  }

  /** Sets fields that a person saw before: refused, with both values, where someone else was quicker. */
  setSeen<T extends TableName>(table: T, id: string, set: Partial<Tables[T]>): this {
    const row = this.need(table, id);
    const values = row as unknown as Record<string, unknown>;
    for (const field of Object.keys(set)) {
      if (!hasField(table, field)) throw new Refused({ code: 'unknown', message: `A ${table} has no field '${field}'.` });
    }
    const fields = Object.entries(set)
      .filter(([f, yours]) => (this.command.base[f] ?? -1) !== (row.versions[f] ?? 0) && !same(values[f], yours))
      .map(([field, yours]) => ({ field, theirs: values[field], yours }));
    if (fields.length) throw new Refused({ code: 'conflict', message: 'Someone changed this in the meantime.', fields });
    return this.set(table, id, set);
  }

  private add(change: Change): this {
    this.changes.push(change);
    this.now = applyChanges(this.now, [change]);
    return this;
  }
}
