/** The air an engine breathes. */

const seaLevelPa = 101325;
const seaLevelK = 288.15;
const lapseKm = 0.0065;
const gasConstant = 287.05287;
const gravity = 9.80665;

/**
 * Pressure of the standard atmosphere in Pa, up to 11,000 m of geopotential height (ISO 2533): p = p0 (1 - L h / T0)^(g / (R L)).
 *
 * @throws {RangeError} above that
 */
export function standardPressurePa(heightM: number): number {
  if (heightM > 11000) throw new RangeError('higher than 11,000 m');
  return seaLevelPa * (1 - (lapseKm * heightM) / seaLevelK) ** (gravity / (gasConstant * lapseKm));
}

/** Density of air in kg/m³ at a pressure in Pa and a temperature in K, as an ideal gas (ISO 2533: R = 287.05287 J/(kg K)). */
export const airDensity = (pressurePa: number, temperatureK: number): number => pressurePa / (gasConstant * temperatureK);

/** Density in kg/m³ at a height, in the standard atmosphere's own temperature there or in another (K). */
export function densityAt(heightM: number, temperatureK = seaLevelK - lapseKm * heightM): number {
  return airDensity(standardPressurePa(heightM), temperatureK);
}
