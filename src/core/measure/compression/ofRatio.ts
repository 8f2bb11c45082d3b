import { type Bike, type Spec } from '../../state';
import { expectedPeakPa } from './expected';

/**
 * What this engine's own compression ratio makes one expect, as its limit where the manual's is not known: the engine's own
 * expectation wins over a general value. At sea level; null where the ratio is not known.
 */
export function limitOfRatio(bike: Bike, specs: readonly Spec[]): Spec | null {
  if (bike.compressionRatio === null || bike.compressionRatio <= 2 || specs.some((s) => s.quantity === 'compression')) return null;
  const expected = expectedPeakPa(bike.compressionRatio, 0);
  return {
    id: 'expected:compression',
    bikeId: bike.id,
    quantity: 'compression',
    low: expected.value - expected.error,
    high: null,
    serviceLow: null,
    serviceHigh: null,
    unit: 'psi',
    entered: '',
    source: `expected at a ratio of ${bike.compressionRatio} to 1`,
    origin: 'general',
    versions: {},
  };
}
