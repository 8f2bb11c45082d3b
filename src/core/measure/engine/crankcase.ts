/** A crankcase that was pumped up and left: gauge pressures in Pa, times in s. */
export interface PressureDrop {
  startPa: number;
  endPa: number;
  seconds: number;
}

export interface CrankcaseLeak {
  /** Pa lost in a minute at the start, as the two readings have it. */
  perMinutePa: number;
  /** Time in which it falls to half. Infinite where nothing is lost. */
  halfLifeS: number;
  /** Common practice: no more than 1 psi a minute from about 6 psi. */
  tight: boolean;
}

/** Common practice, from memory: 1 psi in a minute. */
export const crankcaseMostPa = 6894.757;

/**
 * What a crankcase pressure test says. A small leak flows in proportion to the pressure, so that it falls by halves in equal times; the
 * rate a minute is taken at the start of that fall.
 *
 * @throws {RangeError} for a rise or for no time
 */
export function crankcaseLeak({ startPa, endPa, seconds }: PressureDrop): CrankcaseLeak {
  if (!(startPa > 0) || !(seconds > 0) || endPa < 0 || endPa > startPa) throw new RangeError('pressure only falls in this test');
  if (endPa === 0) return { perMinutePa: Infinity, halfLifeS: 0, tight: false };
  const rate = Math.log(startPa / endPa) / seconds;
  const perMinutePa = startPa * (1 - Math.exp(-rate * 60));
  return { perMinutePa, halfLifeS: rate > 0 ? Math.LN2 / rate : Infinity, tight: perMinutePa <= crankcaseMostPa };
}
