import { standardPressurePa } from '../air';
import type { Uncertain } from '../uncertain';

/**
 * What an inlet valve that closes late leaves of the compression ratio, and the exponent of compression in a cold engine
 * that is cranked. Judgement of the trade, from memory: it gives 150 to 180 psi for the usual small engine. Never a limit.
 */
const effectiveShare = 0.8;
const exponent = 1.25;
const roughly = 0.12;

/**
 * Gauge pressure in Pa that an engine of a compression ratio should pump up to at a height: p = p_air ((share × ratio)^n - 1), polytropic
 * compression. The uncertainty says how rough that is.
 *
 * @throws {RangeError} for a ratio of 2 or less
 */
export function expectedPeakPa(compressionRatio: number, heightM: number): Uncertain {
  if (!(compressionRatio > 2)) throw new RangeError('a compression ratio is more than 2');
  const value = standardPressurePa(heightM) * ((effectiveShare * compressionRatio) ** exponent - 1);
  return { value, error: value * roughly };
}

/**
 * A gauge pressure that the manual gives for sea level, in Pa, at another height: compression multiplies what is drawn in, so
 * that gauge readings go with the pressure of the air.
 */
export const atHeightPa = (seaLevelGaugePa: number, heightM: number): number =>
  (seaLevelGaugePa * standardPressurePa(heightM)) / standardPressurePa(0);
