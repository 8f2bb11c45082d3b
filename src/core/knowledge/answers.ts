import { gradesIn } from './lookup';
import type { Test } from './types';

/**
 * The outcomes, by their place, that say what is there: all whose findings agree, or, where there is more at once than one
 * outcome can say, the one that says most of it.
 * @param test of which the outcomes are read
 * @param gradeOf what is there, by finding: its grade
 * @returns places in the list of outcomes; empty where none fits
 */
export function fitting({ outcomes }: Test, gradeOf: (finding: string) => string): number[] {
  const agrees = ([id, grade]: [string, string]) => gradesIn(grade).includes(gradeOf(id));
  const fits = outcomes.flatMap((o, i) => (Object.entries(o.find).every(agrees) ? [i] : []));
  if (fits.length > 0) return fits;
  const said = outcomes.map((o) => Object.entries(o.find).reduce((n, f) => n + (agrees(f) ? 1 : -1), 0));
  return [said.indexOf(Math.max(...said))];
}
