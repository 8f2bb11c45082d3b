import type { Fault, FindingKind, Knowledge, Test } from './types';

const lists = new WeakMap<readonly { id: string }[], Map<string, unknown>>();

function byId<T extends { id: string }>(list: readonly T[]): Map<string, T> {
  let map = lists.get(list) as Map<string, T> | undefined;
  if (map?.size !== list.length) lists.set(list, (map = new Map(list.map((x) => [x.id, x]))));
  return map;
}

/**
 * The fault of that id.
 * @param k what ships and the workshop's own knowledge
 * @param id id of a fault
 * @returns the fault, or undefined
 */
export const faultById = (k: Knowledge, id: string): Fault | undefined => byId(k.faults).get(id);
/**
 * The test of that id.
 * @param k what ships and the workshop's own knowledge
 * @param id id of a test
 * @returns the test, or undefined
 */
export const testById = (k: Knowledge, id: string): Test | undefined => byId(k.tests).get(id);
/**
 * The finding of that id.
 * @param k what ships and the workshop's own knowledge
 * @param id id of a finding
 * @returns the finding, or undefined
 */
export const findingById = (k: Knowledge, id: string): FindingKind | undefined => byId(k.findings).get(id);

/**
 * What the result of a test stands under: its heading, or its name where that is a noun already.
 * @param t a test
 * @returns words without an end mark
 */
export const headingOf = (t: Test): string => t.heading ?? t.name;

const found = new WeakMap<Test, readonly string[]>();

/**
 * The ids of the findings that a test speaks of, each once.
 * @param t a test
 * @returns ids in the order of its outcomes
 */
export function foundBy(t: Test): readonly string[] {
  let ids = found.get(t);
  if (!ids) found.set(t, (ids = [...new Set(t.outcomes.flatMap((o) => Object.keys(o.find)))]));
  return ids;
}

/**
 * The grades that an outcome leaves: one, or several written as "good|low".
 * @param grade as it stands in the knowledge
 * @returns at least one grade
 */
export const gradesIn = (grade: string): string[] => grade.split('|');
