import type { Plausible } from '../quantity';
import type { Limit } from './judge';
import type { QuantityInfo } from './limits';

/** Bounds in SI of what can be at all, for a few sorts of figure. Common practice. */
export const can = {
  pressure: { low: 0, high: 2.1e6 },
  gap: { low: 0, high: 0.003 },
  bore: { low: 0.02, high: 0.15 },
  length: { low: 0, high: 2 },
  volts: { low: 0, high: 60 },
  ohm: { low: 0, high: 1e5 },
  celsius: { low: 233.15, high: 423.15 },
  revs: { low: 0, high: 300 },
  float: { low: 0, high: 0.05 },
  turns: { low: 0, high: 8 },
  /** Angles of a cam or crank; of what may lie on the other side of its dead centre. */
  angle: { low: 0, high: 2 * Math.PI },
  signedAngle: { low: -Math.PI, high: Math.PI },
} as const;

/** What no reading of a kind goes beyond on a motorcycle: a slip of unit or finger is likelier. Common practice. */
const plausible: Record<string, Plausible> = {
  psi: can.pressure,
  V: can.volts,
  mm: { low: 0, high: 0.4 },
  ohm: { low: 0, high: 1e6 },
  kohm: { low: 0, high: 1e7 },
  rpm: can.revs,
};

/**
 * Bounds (SI) of what a quantity can be on a motorcycle; undefined where none are known.
 * @param info what is known of the quantity
 * @param limit the one it is judged by, which widens the bounds
 * @returns lowest and highest, SI
 */
export function plausibleFor(info: QuantityInfo, limit: Limit | null): Plausible | undefined {
  // A figure more than twenty times its limit is a slip of the unit, not a finding.
  if (limit?.high && info.unit === 'mm') return { low: 0, high: Math.max(limit.high * 20, 1e-3) };
  return plausible[info.unit];
}
