/**
 * The same as find_plain in the database: small letters, and only letters, digits, decimal points and pictograms between blanks.
 * @param text anything a person typed
 * @returns words in the order in which they stand
 */
export function plainWords(text: string): string[] {
  return text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}.\u2600-\u27bf\u{1f000}-\u{1faff}]+/gu, ' ')
    .replace(/(^|\s)\.+|\.+(\s|$)/g, ' ')
    .trim()
    .split(/\s+/)
    .filter(Boolean);
}

/** The most words that a search looks at. */
const mostWords = 8;

/**
 * The words that a search looks for: the first few different ones.
 * @param text anything a person typed
 * @returns words in the order in which they stand, each once
 */
export const soughtWords = (text: string): string[] => [...new Set(plainWords(text))].slice(0, mostWords);

/**
 * A search as a tsquery for find_lines: every word by its beginning, at least one of them in the line itself and not only
 * in the name of the bike. Null where nothing is left to look for.
 * @param text anything a person typed
 * @returns the text of a tsquery
 */
export function tsqueryOf(text: string): string | null {
  const words = soughtWords(text);
  if (words.length === 0) return null;
  const all = words.map((w) => `'${w}':*`).join(' & ');
  const own = words.map((w) => `'${w}':*A`).join(' | ');
  return `(${all}) & (${own})`;
}
