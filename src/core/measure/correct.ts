import type { Conditions, ReadingValue } from '../state';
import { standardPressurePa } from './air';

/** Gauge pressures that go with the pressure of the air: what is drawn in is multiplied. */
const goesWithAir: readonly string[] = ['compression', 'compression-first', 'compression-wet'];

/** What a reading of a quantity is multiplied by to stand for sea level, by the height that it was taken at. ISO 2533. */
export const airFactor = (quantity: string, conditions: Conditions): number =>
  conditions.altitude !== undefined && goesWithAir.includes(quantity) ? standardPressurePa(0) / standardPressurePa(conditions.altitude) : 1;

/**
 * A reading as it is judged: corrected for its circumstances, once, here, for the panel, the bar, the record and the tracer alike.
 * Limits speak of sea level.
 * @param quantity id of what was measured
 * @param value SI, as read
 * @param conditions circumstances: temperature, altitude, and what else the quantity hangs on
 * @returns SI, as it is compared with a limit
 */
export function corrected(quantity: string, value: ReadingValue, conditions: Conditions): ReadingValue {
  const f = airFactor(quantity, conditions);
  if (f === 1) return value;
  if (value.kind === 'exact') return { kind: 'exact', value: value.value * f };
  if (value.kind === 'interval') return { kind: 'interval', low: value.low * f, high: value.high * f };
  return value.kind === 'none' ? value : { ...value, bound: value.bound * f };
}
