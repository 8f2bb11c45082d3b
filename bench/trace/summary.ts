import type { BikeResult } from './family';

/** A ratio of two means over the same bikes with its 95 % interval (delta method; the bikes are paired). */
export interface Ratio {
  ratio: number;
  low: number;
  high: number;
}

export function ratioOf(above: readonly number[], below: readonly number[]): Ratio {
  const n = above.length;
  const mean = (x: readonly number[]) => x.reduce((a, b) => a + b, 0) / n;
  const [a, b] = [mean(above), mean(below)];
  const ratio = a / b;
  const residual = above.map((x, i) => x - ratio * below[i]);
  const error = Math.sqrt(mean(residual.map((r) => r * r)) / n) / b;
  return { ratio, low: ratio - 1.96 * error, high: ratio + 1.96 * error };
}

/** Expected calibration error in ten bins, and the mean logarithmic score, of what was believed before each first repair. */
export function calibration(results: readonly BikeResult[]): { ece: number; logScore: number } {
  const all = results.flatMap((r) => r.courses['least-cost'].first ?? []);
  let ece = 0;
  for (let b = 0; b < 10; b++) {
    const bin = all.filter((x) => Math.min(9, Math.floor(x.chance * 10)) === b);
    if (bin.length) ece += Math.abs(bin.reduce((s, x) => s + x.chance - (x.there ? 1 : 0), 0)) / all.length;
  }
  const safe = (p: number) => Math.log(Math.max(1e-4, p));
  return { ece, logScore: all.reduce((s, x) => s - safe(x.there ? x.chance : 1 - x.chance), 0) / Math.max(1, all.length) };
}

/** Share of one-fault bikes whose true cause stood among the first three before the first repair. */
export function topThree(results: readonly BikeResult[], policy = 'least-cost'): number {
  const one = results.filter((r) => r.faults === 1 && r.courses[policy].first);
  const hit = one.filter((r) =>
    [...r.courses[policy].first!]
      .sort((a, b) => b.chance - a.chance)
      .slice(0, 3)
      .some((x) => x.cause),
  );
  return hit.length / Math.max(1, one.length);
}

/** Bikes in ten equal parts by what was named at the start: the means of what was named and of what was paid. Money. */
export function namedAndPaid(results: readonly BikeResult[]): { named: number; paid: number }[] {
  const sorted = [...results].sort((a, b) => a.named - b.named);
  return Array.from({ length: 10 }, (_x, i) => {
    const part = sorted.slice(Math.floor((i * sorted.length) / 10), Math.floor(((i + 1) * sorted.length) / 10));
    const mean = (pick: (r: BikeResult) => number) => part.reduce((s, r) => s + pick(r), 0) / Math.max(1, part.length);
    return { named: mean((r) => r.named), paid: mean((r) => r.courses['least-cost'].money) };
  });
}
