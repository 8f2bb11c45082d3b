import type { ReadingValue } from '../state';
import type { Limit } from './judge';

/** Where the parts of a limit bar lie, as shares 0..1 of its length. */
export interface BarGeometry {
  from: number;
  to: number;
  bandStart: number;
  bandEnd: number;
  /** Service limits, where they are known and differ. */
  serviceStart: number | null;
  serviceEnd: number | null;
  /** The notch: one place, or an interval; null where there is no reading. */
  notch: [number, number] | null;
  /** The reading lies beyond the drawn scale on that side. */
  off: 'low' | 'high' | null;
}

const share = (x: number, from: number, to: number) => Math.min(1, Math.max(0, (x - from) / (to - from)));

/**
 * Lays out a bar so that the allowed band takes its middle and the reading is always on it, or marked as off it.
 * @param value SI
 * @param limit SI, null where there is none
 * @returns places along the bar from 0 to 1; null where there is nothing to draw
 */
export function barGeometry(value: ReadingValue, limit: Limit | null): BarGeometry | null {
  const reading = bounds(value);
  if (!limit || (limit.low === null && limit.high === null)) {
    if (!reading) return null;
    const mid = (reading[0] + reading[1]) / 2 || 1;
    return {
      from: 0,
      to: mid * 2,
      bandStart: 0,
      bandEnd: 0,
      serviceStart: null,
      serviceEnd: null,
      notch: [share(reading[0], 0, mid * 2), share(reading[1], 0, mid * 2)],
      off: null,
    };
  }
  const low = limit.low;
  const high = limit.high;
  const inner = low !== null && high !== null ? high - low : Math.abs(low ?? high ?? 1) * 0.5 || 1;
  let from = low !== null ? low - inner : Math.min(0, (high ?? 0) - 2 * inner);
  let to = high !== null ? high + inner : low! + 1.5 * inner;
  if (low !== null && low >= 0 && from < 0) from = 0;
  const furthest = to - from;
  let off: BarGeometry['off'] = null;
  if (reading) {
    // a reading a little outside stretches the bar; one far outside is marked at its end
    if (reading[0] < from) {
      if (reading[0] > from - furthest * 0.6) from = reading[0] - furthest * 0.05;
      else off = 'low';
    }
    if (reading[1] > to) {
      if (reading[1] < to + furthest * 0.6) to = reading[1] + furthest * 0.05;
      else off = 'high';
    }
  }
  if (value.kind === 'atLeast') off = 'high';
  if (value.kind === 'atMost') off = 'low';
  return {
    from,
    to,
    bandStart: low === null ? 0 : share(low, from, to),
    bandEnd: high === null ? 1 : share(high, from, to),
    serviceStart: limit.serviceLow != null ? share(limit.serviceLow, from, to) : null,
    serviceEnd: limit.serviceHigh != null ? share(limit.serviceHigh, from, to) : null,
    notch: reading && [share(reading[0], from, to), share(reading[1], from, to)],
    off,
  };
}

function bounds(value: ReadingValue): [number, number] | null {
  if (value.kind === 'exact') return [value.value, value.value];
  if (value.kind === 'interval') return [value.low, value.high];
  if (value.kind === 'atLeast' || value.kind === 'atMost') return [value.bound, value.bound];
  return null;
}
