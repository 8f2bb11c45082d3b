import type { ReadingValue } from '../state';

/** What a reading is held against, in SI, and where that comes from. */
export interface Limit {
  low: number | null;
  high: number | null;
  /** Outside this service limit the part is done for; null where only a standard limit is known. */
  serviceLow?: number | null;
  serviceHigh?: number | null;
  source: string;
  /** A figure for bikes in general, not this bike's own. */
  general: boolean;
  superseded?: boolean;
}

/** Gauge error: one standard deviation is sqrt((relative·x)² + absolute²), SI. */
export interface GaugeError {
  relative: number;
  absolute: number;
}

export type Verdict =
  'low' | 'in' | 'high' | 'borderline' | 'in service' | 'past service' | 'no limit' | 'off the scale' | 'no reading' | 'straddles';

export interface Judgement {
  verdict: Verdict;
  /** One short sentence for the person. */
  words: string;
}

const judged = (verdict: Verdict, words: string): Judgement => ({ verdict, words });

/**
 * Judges a reading against a limit. "Borderline" means that the limit lies within two standard deviations of gauge
 * error, so that the reading cannot say on which side it is. An interval is judged only if all of it agrees.
 * @param value SI, with more than one figure where there are several
 * @param limit SI, null where there is none
 * @param error the gauge's, absolute and relative, SI
 * @returns a code with its words, and the margin
 */
export function judge(value: ReadingValue, limit: Limit | null, error: GaugeError): Judgement {
  if (value.kind === 'none') return judged('no reading', `Not obtained: ${value.reason}`);
  if (!limit || edgesOf(limit).length === 0) return judged('no limit', 'No limit to compare with.');
  if (value.kind === 'atLeast' || value.kind === 'atMost') {
    const top = limit.serviceHigh ?? limit.high;
    const foot = limit.serviceLow ?? limit.low;
    const beyond = value.kind === 'atLeast' ? top !== null && value.bound >= top : foot !== null && value.bound <= foot;
    // A blade that does not go, where the limit only says at most: it is in.
    const inside =
      value.kind === 'atMost' ? foot === null && top !== null && value.bound <= top : top === null && foot !== null && value.bound >= foot;
    if (inside) return words('in', limit);
    if (beyond)
      return value.kind === 'atLeast'
        ? judged('high', 'Over the limit, and off the scale.')
        : judged('low', 'Under the limit, and off the scale.');
    return judged('off the scale', 'Off the scale: the limit lies beyond it.');
  }
  if (value.kind === 'interval') {
    const a = sideOf(value.low, limit);
    const b = sideOf(value.high, limit);
    return a === b ? words(a, limit) : judged('straddles', 'The bounds lie on both sides of the limit: narrow them down.');
  }
  const x = value.value;
  const two = 2 * Math.hypot(error.relative * x, error.absolute);
  const near = (edge: number | null | undefined) => edge !== null && edge !== undefined && Math.abs(x - edge) < two;
  // Between standard and service it is fit for use either way: only the edge that decides asks for another reading.
  if (near(limit.serviceLow ?? limit.low) || near(limit.serviceHigh ?? limit.high))
    return judged('borderline', 'Borderline, within gauge error: measure again.');
  return words(sideOf(x, limit), limit);
}

/** Every edge that a limit has. */
const edgesOf = ({ low, high, serviceLow, serviceHigh }: Limit): number[] =>
  [low, high, serviceLow, serviceHigh].filter((x): x is number => x !== null && x !== undefined);

function sideOf(x: number, { low, high, serviceLow, serviceHigh }: Limit): Verdict {
  if ((serviceLow != null && x < serviceLow) || (serviceHigh != null && x > serviceHigh)) return 'past service';
  // Past the standard, and a service limit on that side that it holds: worn, and still fit.
  if (low !== null && x < low) return serviceLow != null ? 'in service' : 'low';
  if (high !== null && x > high) return serviceHigh != null ? 'in service' : 'high';
  return 'in';
}

/** How a figure stands to a limit, its gauge left aside: within the standard, within service, out, or nothing to say it by. */
export type Standing = 'in' | 'in service' | 'out' | 'unknown';

/** The one judgement of a bare figure that panels and tracer share; SI. */
export function standingOf(x: number, limit: Limit | null | undefined): Standing {
  if (!limit || edgesOf(limit).length === 0) return 'unknown';
  const side = sideOf(x, limit);
  return side === 'in' || side === 'in service' ? side : 'out';
}

/** The worst of some standings; unknown only where nothing worse is known. */
export const worstStanding = (all: readonly Standing[]): Standing =>
  (['out', 'unknown', 'in service', 'in'] as const).find((s) => all.includes(s)) ?? 'unknown';

function words(v: Verdict, { general }: Limit): Judgement {
  const against = general ? ' by a general value; this bike’s manual overrides it' : '';
  if (v === 'low') return judged(v, `Under the limit${against}.`);
  if (v === 'high') return judged(v, `Over the limit${against}.`);
  if (v === 'in service') return judged(v, `Within the service limit${against}: fit for use, watch it.`);
  if (v === 'past service') return judged(v, `Past the service limit${against}.`);
  return judged(v, `Within limits${against}.`);
}

/**
 * Spread of readings that belong together: the difference of extremes as a share of the highest. 0 for fewer than two.
 * @param values readings that are not negative, any one unit
 * @returns 0 to 1
 */
export function spread(values: readonly number[]): number {
  if (values.length < 2) return 0;
  const high = Math.max(...values);
  return high === 0 ? 0 : (high - Math.min(...values)) / high;
}
