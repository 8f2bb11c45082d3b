import { type Measure, type TestOutcome, type Test } from '../../knowledge';
import type { ReadingValue, Spec } from '../../state';

/** Standard normal distribution function, Abramowitz and Stegun 7.1.26 (error below 1.5e-7). */
export function normalCdf(z: number): number {
  const x = Math.abs(z) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * x);
  const erf = 1 - t * Math.exp(-x * x) * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  return z >= 0 ? (1 + erf) / 2 : (1 - erf) / 2;
}

/**
 * Likelihood of each outcome of a measured test given the reading: how much of the reading's own uncertainty lies in
 * each band. A bike's own specification moves the band edges and narrows them; a general value is wider.
 * @param measure bands and gauge error
 * @param value SI
 * @param own the bike's own limit, SI, null where it has none
 * @returns likelihood by outcome, 0 to 1
 */
export function outcomeWeights(measure: Measure, value: ReadingValue, own: OwnLimit | null): Map<string, number> {
  const weights = new Map<string, number>();
  if (value.kind === 'none') return weights;
  const floor = 1e-3;
  const edges = measure.bands.map((b) => (b.below === undefined ? Infinity : ownEdge(measure, b.below, own)));
  const spread = own ? 0.01 : measure.spread;
  const below = (edge: number, x: number) => {
    if (edge === Infinity) return 1;
    const sigma = Math.hypot(measure.error.relative * x, measure.error.absolute, spread * edge) || 1e-9;
    return normalCdf((edge - x) / sigma);
  };
  const cdf = (edge: number): number => {
    if (value.kind === 'exact') return below(edge, value.value);
    if (value.kind === 'interval') {
      // even over the interval, in steps
      const steps = 16;
      let s = 0;
      for (let i = 0; i < steps; i++) s += below(edge, value.low + ((i + 0.5) / steps) * (value.high - value.low));
      return s / steps;
    }
    if (value.kind === 'atLeast') return edge === Infinity ? 1 : below(edge, value.bound) * 0.5;
    return edge === Infinity ? 1 : 0.5 + 0.5 * below(edge, value.bound);
  };
  let last = 0;
  measure.bands.forEach((b, i) => {
    const c = cdf(edges[i]);
    weights.set(b.outcome, (weights.get(b.outcome) ?? 0) + Math.max(floor, c - last));
    last = c;
  });
  return weights;
}

/** This bike's own limit of a quantity, standard and service. */
export type OwnLimit = Pick<Spec, 'low' | 'high'> & Partial<Pick<Spec, 'serviceLow' | 'serviceHigh'>>;

/**
 * An edge of a band on this bike. The bands are written for the general limit: an edge that is the general low or high moves to
 * the bike's own (service, where it has one: what is in service is fit for use); others scale with the low one.
 */
function ownEdge({ limit }: Measure, edge: number, own: OwnLimit | null): number {
  if (!own) return edge;
  const low = own.serviceLow ?? own.low;
  const high = own.serviceHigh ?? own.high;
  if (edge === limit.low) return low ?? Math.min(edge, high ?? edge);
  if (edge === limit.high) return high ?? Math.max(edge, low ?? edge);
  return low !== null && limit.low ? edge * (low / limit.low) : edge;
}

/**
 * The outcome that a reading points to most.
 * @param weights as `outcomeWeights` gives them
 * @returns a code, or null where nothing fits
 */
export function likeliestOutcome(weights: ReadonlyMap<string, number>): string | null {
  let best: string | null = null;
  for (const [id, w] of weights) if (best === null || w > (weights.get(best) ?? 0)) best = id;
  return best;
}

/** The outcome that speaks loudest for a fault: the last that is not the normal one. */
export function worstOutcome(test: Test): TestOutcome {
  return [...test.outcomes].reverse().find((o) => !o.normal) ?? test.outcomes[test.outcomes.length - 1];
}
