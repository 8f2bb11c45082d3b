import { knowledge } from '../../job/useJob';
import { plausibleFor, quantityInfo, type Limit, type QuantityInfo } from '../../../core/measure';
import { parseQuantity, type Parsed } from '../../../core/quantity';
import type { Facts } from '../../../core/knowledge';

export const infoOf = (quantity: string, facts: Facts): QuantityInfo => {
  const info = quantityInfo(knowledge, quantity, facts);
  if (!info) throw new Error(`'${quantity}' is not a quantity`);
  return info;
};

export function readDraft(text: string, unit: string, info: QuantityInfo, limit: Limit | null): Parsed {
  return parseQuantity(text, unit, plausibleFor(info, limit));
}
