/** Named figures of one part of the bench; times in milliseconds, sizes in bytes, ratios without a unit. */
export type Figures = Record<string, number>;

export const median = (xs: number[]): number => [...xs].sort((a, b) => a - b)[Math.floor(xs.length / 2)];

export function quantile(values: readonly number[], q: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(q * sorted.length))];
}

/** Median milliseconds of some runs after a warm-up. */
export function timed(work: () => void, runs: number, warmUp: number): number {
  for (let i = 0; i < warmUp; i++) work();
  const times: number[] = [];
  for (let i = 0; i < runs; i++) {
    const t = performance.now();
    work();
    times.push(performance.now() - t);
  }
  return median(times);
}

/** A fixed piece of floating-point work, to hold other times against on the same machine in the same run. */
export function referenceLoop(): number {
  let x = 0.5;
  for (let i = 0; i < 4_000_000; i++) x = 3.9 * x * (1 - x);
  return x;
}
