import { knowledge } from '../../job/useJob';
import { quantityInfo, type Limit, type QuantityInfo } from '../../../core/measure';
import { parseQuantity, type Parsed, type Plausible } from '../../../core/quantity';
import type { Facts } from '../../../core/knowledge';

/** What no reading of a kind goes beyond on a motorcycle: a slip of unit or finger is likelier. Common practice. */
const plausible: Record<string, Plausible> = {
  psi: { low: 0, high: 2.1e6 },
  V: { low: 0, high: 60 },
  mm: { low: 0, high: 0.4 },
  ohm: { low: 0, high: 1e6 },
  kohm: { low: 0, high: 1e7 },
  rpm: { low: 0, high: 300 },
};

/** Compression of a piston engine, in Pa: 16 bar is a healthy one, 16 psi a dead one, 250 bar a slip. */
export const plausibleFor = (info: QuantityInfo, limit: Limit | null): Plausible | undefined => {
  const general = plausible[info.unit];
  if (info.id === 'compression') return { low: 0, high: 2.1e6 };
  // A figure more than twenty times its limit is a slip of the unit, not a finding.
  if (limit?.high && info.unit === 'mm') return { low: 0, high: Math.max(limit.high * 20, 1e-3) };
  return general;
};

export const infoOf = (quantity: string, facts: Facts): QuantityInfo => {
  const info = quantityInfo(knowledge, quantity, facts);
  if (!info) throw new Error(`'${quantity}' is not a quantity`);
  return info;
};

export function readDraft(text: string, unit: string, info: QuantityInfo, limit: Limit | null): Parsed {
  return parseQuantity(text, unit, plausibleFor(info, limit));
}
