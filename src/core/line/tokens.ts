/** A word of a line as it was typed or dictated, with its place, so that names keep their spelling. */
export interface Token {
  text: string;
  /** Small letters, for comparing. */
  low: string;
  from: number;
  to: number;
}

/**
 * Splits a line into words; colons, commas, semicolons and arrows stand alone, but not inside a number or a clock time.
 * @param source the line as it was typed
 * @returns words with their places in the line
 */
export function tokensOf(source: string): Token[] {
  const tokens: Token[] = [];
  const shape = /->|→|\d+:\d\d\b|[\d.]*\d,\d+\b|[:;,]|[^\s:;,→]+/g;
  for (const m of source.matchAll(shape)) {
    tokens.push({ text: m[0], low: m[0].toLowerCase(), from: m.index, to: m.index + m[0].length });
  }
  return tokens;
}

/** The part of the line from one token up to (not with) another, as it was written. */
export function slice(source: string, tokens: readonly Token[], from: number, to: number): string {
  return to <= from ? '' : source.slice(tokens[from].from, tokens[to - 1].to).trim();
}
