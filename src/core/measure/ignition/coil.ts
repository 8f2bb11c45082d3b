/** Windings. Resistances in ohm, temperatures in °C. */

/** IEC 60028: resistance of copper rises by this share of its value at 20 °C for each kelvin. */
export const copperPerK = 0.00393;

/** Resistance a copper winding would have at 20 °C: R20 = R / (1 + 0.00393 (T - 20)), IEC 60028. */
export function at20(resistanceOhm: number, temperatureC: number): number {
  const factor = 1 + copperPerK * (temperatureC - 20);
  if (!(factor > 0)) throw new RangeError('no winding is as cold as that');
  return resistanceOhm / factor;
}

/** The same the other way: what a winding of that value at 20 °C reads at another temperature. */
export const atTemperature = (resistance20Ohm: number, temperatureC: number): number =>
  resistance20Ohm * (1 + copperPerK * (temperatureC - 20));

/** How warm a copper winding is inside, in °C, from its resistance now and at 20 °C. */
export const windingC = (resistanceOhm: number, resistance20Ohm: number): number => 20 + (resistanceOhm / resistance20Ohm - 1) / copperPerK;

/** Current in A that flows through points and coil when they have been shut for long: Ohm's law. */
export const primaryA = (volts: number, coilOhm: number, ballastOhm = 0): number => volts / (coilOhm + ballastOhm);

/**
 * Current in A when the contacts open again, after so long: a coil fills as I (1 - e^(-t R / L)). At high revs dwell is short
 * and the coil is not full. Inductance in H, time in s.
 */
export function primaryReachedA(volts: number, ohm: number, inductanceH: number, seconds: number): number {
  return (volts / ohm) * (1 - Math.exp((-seconds * ohm) / inductanceH));
}

/** A pair that was measured cold and again hot: copper alone explains some of the rise. */
export function hotRise(
  coldOhm: number,
  coldC: number,
  hotOhm: number,
  hotC: number,
): { expectedOhm: number; share: number; suspicious: boolean } {
  const expectedOhm = atTemperature(at20(coldOhm, coldC), hotC);
  const share = hotOhm / expectedOhm - 1;
  // Common practice: a tenth more or less than copper does is a winding that opens or shorts when hot.
  return { expectedOhm, share, suspicious: Math.abs(share) > 0.1 };
}
