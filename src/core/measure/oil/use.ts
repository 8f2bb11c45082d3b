/** Oil that was filled up at a mileage, to the same mark each time. */
export interface OilFill {
  km: number;
  addedMl: number;
}

/**
 * Litres per 1,000 km, over all fills but the first (which only brought it to the mark). Null for fewer than two, or where no way lies
 * between them.
 *
 * @throws {RangeError} where the mileage runs backwards
 */
export function oilUse(fills: readonly OilFill[]): { per1000Km: number; overKm: number } | null {
  for (let i = 1; i < fills.length; i++) if (fills[i].km < fills[i - 1].km) throw new RangeError('the mileage runs backwards');
  const overKm = fills.length > 1 ? fills.at(-1)!.km - fills[0].km : 0;
  if (overKm <= 0) return null;
  const ml = fills.slice(1).reduce((s, f) => s + f.addedMl, 0);
  return { per1000Km: ml / overKm, overKm };
}

/** An oil level that is not where it should be. Volumes in ml. */
export interface OilLevel {
  capacityMl: number;
  /** Over the mark is positive. */
  overMl: number;
  smell: 'none' | 'fuel' | 'burnt';
  milky: boolean;
  drySump: boolean;
  stoodMonths: number;
}

export interface OilAdvice {
  /** To drain to reach the mark; null where it is not a matter of the mark. */
  drainMl: number | null;
  /** All of it goes, with its filter. */
  all: boolean;
  suggests: string;
}

/** What a wrong oil level says and what to do about it (common practice; diluted oil is never only drained to the mark). */
export function oilLevelAdvice({ capacityMl, overMl, smell, milky, drySump, stoodMonths }: OilLevel): OilAdvice {
  if (milky)
    return {
      drainMl: null,
      all: true,
      suggests:
        'Water in it: all of it goes, with its filter. Ask where it came from before new oil goes in: flooding, a head gasket, a pump seal.',
    };
  if (smell === 'fuel')
    return {
      drainMl: null,
      all: true,
      suggests:
        'Fuel in it: a float needle or tap leaks. All of it goes, with its filter, before any start; draining to the mark is no cure.',
    };
  if (overMl > 0.1 * capacityMl)
    return drySump
      ? {
          drainMl: null,
          all: false,
          suggests:
            'A crankcase full of oil from the tank: it drained down while it stood. Drain the crankcase, not the tank, before it is started.',
        }
      : {
          drainMl: overMl,
          all: false,
          suggests:
            'Over-full: a finding, not luck. Litres over are fuel, water or a mistake of the last hand; smell it and look at it in a clean tray.',
        };
  if (overMl > 0)
    return { drainMl: overMl, all: false, suggests: 'A little over the mark: draw it off, it only froths and finds the breather.' };
  if (overMl < -0.05 * capacityMl)
    return drySump && stoodMonths > 0
      ? {
          drainMl: 0,
          all: false,
          suggests: 'A tank that looks empty after standing may only have drained down into the crankcase: look there before it is filled.',
        }
      : { drainMl: 0, all: false, suggests: 'Low: find out whether it leaks or burns it. Fill to the mark and keep a record of the use.' };
  return { drainMl: 0, all: false, suggests: 'At the mark.' };
}
