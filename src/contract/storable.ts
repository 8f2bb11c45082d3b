/** PostgreSQL can hold neither a NUL nor half of a surrogate pair; no keyboard sends one either. */
const unstorable = /\u0000|[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/;

/**
 * True for text that can be kept as it is, whatever its words are about.
 * @param text any text
 * @returns false where a character cannot be kept by the database
 */
export const isStorable = (text: string): boolean => !unstorable.test(text);

/** Names that every object has by itself: they slip past the check for what was not declared. */
const namesOfAll = new Set(Object.getOwnPropertyNames(Object.prototype));
const deepest = 40;

/**
 * Why data of any shape cannot be kept, with its place; null where it can.
 * @param data plain data
 * @param path where `data` stands in the whole, for the message
 * @param depth how deep one is in it by now
 * @returns the first place that cannot be kept and why, or null
 */
export function unstorableIn(data: unknown, path = '', depth = 0): { path: string; message: string } | null {
  if (typeof data === 'string') return isStorable(data) ? null : { path, message: 'There is a character in it that cannot be stored.' };
  if (typeof data !== 'object' || data === null) return null;
  if (depth > deepest) return { path, message: 'It is nested too deeply.' };
  for (const [name, value] of Object.entries(data)) {
    const at = path ? `${path}.${name}` : name;
    if (!Array.isArray(data) && (namesOfAll.has(name) || !isStorable(name)))
      return { path, message: 'There is a name in it that nothing here has.' };
    const wrong = unstorableIn(value, at, depth + 1);
    if (wrong) return wrong;
  }
  return null;
}
