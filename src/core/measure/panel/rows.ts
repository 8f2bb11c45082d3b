import { at } from './fields';
import type { Values } from './types';

/** Row names of a table that grows: '1' to `most`. */
export const rowsUpTo = (most: number): string[] => Array.from({ length: most }, (_x, i) => String(i + 1));

/** So much of a table that grows: one free row more than is filled, and at least `least`. */
export function shownRows(v: Values, rows: readonly string[], columns: readonly string[], least: number): string[] {
  const filled = (row: string) => columns.some((c) => v.text(at(c, row)).trim() !== '');
  return rows.slice(0, Math.max(least, rows.findLastIndex(filled) + 2));
}
