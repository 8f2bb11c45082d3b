import type { Plausible } from '../quantity';
import type { Limit } from './judge';
import type { QuantityInfo } from './limits';

/** What no reading of a kind goes beyond on a motorcycle: a slip of unit or finger is likelier. Common practice. */
const plausible: Record<string, Plausible> = {
  psi: { low: 0, high: 2.1e6 },
  V: { low: 0, high: 60 },
  mm: { low: 0, high: 0.4 },
  ohm: { low: 0, high: 1e6 },
  kohm: { low: 0, high: 1e7 },
  rpm: { low: 0, high: 300 },
};

/** Bounds (SI) of what a quantity can be on a motorcycle; undefined where none are known. */
export function plausibleFor(info: QuantityInfo, limit: Limit | null): Plausible | undefined {
  // A figure more than twenty times its limit is a slip of the unit, not a finding.
  if (limit?.high && info.unit === 'mm') return { low: 0, high: Math.max(limit.high * 20, 1e-3) };
  return plausible[info.unit];
}
