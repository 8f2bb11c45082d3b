/** A name as it is compared: small letters and figures, one blank between words. */
export const letters = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/**
 * What a name means among things that are known by the words they are called by: the longest of those that stand in it counts, one
 * or several of it.
 * @param of things with the words for each
 * @param name what it is called here
 * @returns the thing, or null where the name says nothing
 */
export function namedBy<T extends { words: readonly string[] }>(of: readonly T[], name: string): T | null {
  const said = ` ${letters(name)} `;
  let best: T | null = null;
  let longest = 0;
  for (const one of of)
    for (const w of one.words) {
      const word = letters(w);
      if (word.length > longest && (said.includes(` ${word} `) || said.includes(` ${word}s `))) [best, longest] = [one, word.length];
    }
  return best;
}
