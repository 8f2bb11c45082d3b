/**
 * Probabilities as a person says them: two figures at most.
 * @param p 0 to 1
 * @returns "9 in 10", "1 in 50", "almost certain"
 */
export function chanceWords(p: number): string {
  if (p >= 0.995) return 'almost certain';
  if (p >= 0.97) return '49 in 50';
  if (p >= 0.935) return '19 in 20';
  if (p >= 0.15) return `${Math.round(p * 10)} in 10`;
  if (p >= 0.075) return '1 in 10';
  if (p >= 0.035) return '1 in 20';
  if (p >= 0.015) return '1 in 50';
  if (p >= 0.0075) return '1 in 100';
  return 'under 1 in 100';
}

/** True where the two leaders are within 1.5 to 1 (in odds): too close to call. */
export function tooClose(first: number, second: number): boolean {
  const odds = (p: number) => p / Math.max(1e-12, 1 - p);
  return second > 0 && odds(first) <= 1.5 * odds(second);
}

/** "a, b and c" */
export function listing(words: readonly string[]): string {
  return words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]}`;
}

/**
 * A name as it stands inside a sentence: small, unless it is a short form such as "CV".
 * @param name words
 * @returns words
 */
export const inSentence = (name: string): string => (/^[A-Z][a-z]/.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name);

/**
 * What a test tells apart, in a sentence: of one suspect whether it is there; empty where it tells nothing apart.
 * @param names names of suspects
 * @returns a sentence without an end mark
 */
export const separatesWords = (names: readonly string[]): string =>
  names.length > 1 ? `Separates ${listing(names)}.` : names.length === 1 ? `Confirms or clears ${names[0]}.` : '';

/** How something moved the odds, from the ratio of the odds with it to those without: "much likelier (×6)". */
export function weightWords(ratio: number): string {
  const r = ratio >= 1 ? ratio : 1 / ratio;
  if (r < 1.15) return 'hardly moves it';
  const how = r >= 20 ? 'very much ' : r >= 5 ? 'much ' : r >= 2 ? '' : 'a little ';
  const times = r >= 10 ? Math.round(r) : Number(r.toFixed(1));
  return ratio >= 1 ? `${how}likelier (×${times})` : `${how}less likely (÷${times})`;
}
