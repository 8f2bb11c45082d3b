import { otherGauge, plausibleFor, quantityInfo, type Limit, type QuantityInfo } from '../../../core/measure';
import { parseQuantity, type Parsed } from '../../../core/quantity';
import type { Facts, Knowledge } from '../../../core/knowledge';

/** What is known of a quantity. One that nobody knows any more, such as a test's of another shop, keeps its id and its unit. */
export const infoOf = (knowledge: Knowledge, quantity: string, facts: Facts, unit = ''): QuantityInfo =>
  quantityInfo(knowledge, quantity, facts) ?? { id: quantity, name: quantity.replaceAll('-', ' '), unit, error: otherGauge, general: null };

export function readDraft(text: string, unit: string, info: QuantityInfo, limit: Limit | null): Parsed {
  return parseQuantity(text, unit, plausibleFor(info, limit));
}
