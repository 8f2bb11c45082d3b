import type { FieldKind } from './kinds';
import type { TableName, Tables } from './rows';
import { tables, type Scope } from './tables';

type FieldNames<T extends TableName> = readonly Exclude<keyof Tables[T], 'id' | 'versions'>[];

export const tableNames = Object.keys(tables) as TableName[];

/** The fields of each table, in the order in which the record lists them. The database columns are these in snake case. */
export const fields = Object.fromEntries(tableNames.map((t) => [t, Object.keys(tables[t].fields)])) as unknown as {
  readonly [T in TableName]: FieldNames<T>;
};

/**
 * True if `field` is a field of `table` that a command may set.
 * @param table a table
 * @param field any name
 * @returns false for names that only the database has
 */
export const hasField = (table: TableName, field: string): boolean => Object.hasOwn(tables[table].fields, field);

/**
 * What each field of a table may hold.
 * @param table a table
 * @returns kind by field
 */
export const kindsOf = (table: TableName): Readonly<Record<string, FieldKind>> => tables[table].fields;

/** The tables whose rows belong to one job, to one bike, or to the workshop. */
export const tablesOf = (scope: Scope): TableName[] => tableNames.filter((t) => tables[t].scope === scope);

/** The tables whose rows name the job that they belong to. */
export const jobTables = tablesOf('job').filter((t) => t !== 'job');

/** The tables whose rows name the bike that they belong to, whatever its job. */
export const bikeTables = tablesOf('bike').filter((t) => hasField(t, 'bikeId'));

type Known<T extends TableName> = Pick<
  Tables[T],
  {
    [N in keyof Tables[T]]: N extends keyof (typeof tables)[T]['fields']
      ? (typeof tables)[T]['fields'][N] extends { first: unknown }
        ? N
        : never
      : never;
  }[keyof Tables[T]]
>;

/**
 * What a row of a table has before anything is said of it: the fields that have a first value.
 * @param table a table
 * @returns values by field
 */
export function firstOf<T extends TableName>(table: T): Known<T> {
  const known = Object.entries(kindsOf(table)).filter(([, k]) => k.first !== undefined);
  return Object.fromEntries(known.map(([name, k]) => [name, k.first])) as Known<T>;
}
