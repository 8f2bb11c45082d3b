import { isMet, type Facts, type Knowledge, type Measure } from '../knowledge';
import type { Spec } from '../state';
import { toSi } from '../quantity';
import type { GaugeError, Limit } from './judge';

/** A quantity as panels and bars need it: its unit, its general limit, how good the gauge is, what is plausible. */
export interface QuantityInfo {
  id: string;
  name: string;
  unit: string;
  general: Limit | null;
  error: GaugeError;
}

const generalSource = 'general value';
export const otherGauge: GaugeError = { relative: 0.005, absolute: 0 };

/**
 * Bands and limits for this bike: those of its variant, for its voltage where they are written for 12 V.
 * @param general what the knowledge says of the measurement
 * @param facts what is known of the bike
 * @returns a new measure; the given one is left as it is
 */
export function forBike(general: Measure, facts: Facts): Measure {
  const other = general.variants?.find((v) => isMet(v.when, facts));
  const measure = other ? { ...general, bands: other.bands, limit: other.limit } : general;
  if (!measure.for12V || facts.voltage === undefined) return measure;
  const ratio = Number(facts.voltage) / 12;
  const scale = (x: number | undefined) => (x === undefined ? undefined : x * ratio);
  return {
    ...measure,
    bands: measure.bands.map((b) => ({ outcome: b.outcome, ...(b.below !== undefined && { below: b.below * ratio }) })),
    limit: { low: scale(measure.limit.low), high: scale(measure.limit.high) },
  };
}

/**
 * Everything that can be measured: what tests ask for, and the quantities beside them.
 * @param k what ships and the workshop's own knowledge
 * @param id id of a quantity
 * @param facts what is known of the bike
 * @returns what is known of it on this bike, or null for an id that is not known
 */
export function quantityInfo(k: Knowledge, id: string, facts: Facts): QuantityInfo | null {
  const test = k.tests.find((t) => t.measure?.quantity === id);
  if (test?.measure) {
    const m = forBike(test.measure, facts);
    const volts = test.measure.for12V ? ` for a ${facts.voltage ?? 12} V system` : '';
    return {
      id,
      name: m.name ?? test.name,
      unit: m.unit,
      error: m.error,
      general: { low: m.limit.low ?? null, high: m.limit.high ?? null, source: `${generalSource}${volts}`, general: true },
    };
  }
  const q = k.quantities.find((x) => x.id === id);
  if (!q) return null;
  const si = (x: number | undefined) => (x === undefined ? null : toSi(x, q.unit));
  return {
    id,
    name: q.name,
    unit: q.unit,
    error: otherGauge,
    general: q.limit ? { low: si(q.limit.low), high: si(q.limit.high), source: q.source ?? generalSource, general: true } : null,
  };
}

/**
 * This bike's own limit for a quantity if it has one, else the general value, marked as such.
 * @param info what is known of the quantity
 * @param specs the bike's own limits
 * @returns SI, or null where neither has one
 */
export function limitFor(info: QuantityInfo, specs: readonly Spec[]): Limit | null {
  const own = specs.find((s) => s.quantity === info.id);
  if (!own) return info.general;
  const { low, high, serviceLow, serviceHigh, source, origin } = own;
  return { low, high, serviceLow, serviceHigh, source, general: origin === 'general' };
}
