/** What was tried, and everything that was not as it must be. */
export class Report {
  readonly counts: Record<string, number> = {};
  readonly figures: Record<string, number> = {};
  readonly faults: string[] = [];

  count(what: string, n = 1): void {
    this.counts[what] = (this.counts[what] ?? 0) + n;
  }

  figure(name: string, value: number): void {
    this.figures[name] = value;
  }

  wrong(words: string): void {
    if (this.faults.length < 200) this.faults.push(words);
  }
}

export const percentile = (xs: readonly number[], p: number): number => {
  const sorted = [...xs].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * p))] ?? 0;
};
