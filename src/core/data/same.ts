/**
 * True if two pieces of plain data say the same; the order of keys does not count.
 * @param a plain data
 * @param b plain data
 * @returns false as soon as one place differs
 */
export function sameData(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null || Array.isArray(a) !== Array.isArray(b)) return false;
  const [x, y] = [Object.entries(a), Object.entries(b)];
  return x.length === y.length && x.every(([k, v]) => Object.hasOwn(b, k) && sameData(v, (b as Record<string, unknown>)[k]));
}
