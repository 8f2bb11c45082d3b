/** Two-stroke mix. Ratios are fuel to one of oil; volumes in any one unit. */

/**
 * Oil for so much fuel.
 *
 * @throws {RangeError} for a ratio under 1
 */
export function oilFor(fuel: number, ratio: number): number {
  if (!(ratio >= 1) || fuel < 0) throw new RangeError('a mix is at least as much fuel as oil');
  return fuel / ratio;
}

/** Share of a mix that is fuel: r / (r + 1). */
export const fuelShare = (ratio: number): number => ratio / (ratio + 1);

/** What going from one mix to another does to the fuel through the same jet: less oil is a little more fuel, so richer. */
export const fuelChange = (from: number, to: number): number => fuelShare(to) / fuelShare(from) - 1;

export interface MixCorrection {
  addOil: number;
  addFuel: number;
}

/** What to add to a tank of mix so that it has another ratio: oil where there is too little, fuel where there is too much. */
export function correctMix(mix: number, ratio: number, wanted: number): MixCorrection {
  if (!(ratio >= 1) || !(wanted >= 1) || mix < 0) throw new RangeError('a mix is at least as much fuel as oil');
  const fuel = mix * fuelShare(ratio);
  const oil = mix - fuel;
  return wanted < ratio
    ? { addOil: Math.max(0, fuel / wanted - oil), addFuel: 0 }
    : { addOil: 0, addFuel: Math.max(0, oil * wanted - fuel) };
}

/** Where a ratio stands against the maker's. */
export function mixWords(ratio: number, makers: number | null): string {
  if (makers === null) return 'The maker’s own ratio is not known yet: it is the one to keep to.';
  if (ratio > makers * 1.05) {
    const richer = (fuelChange(makers, ratio) * 100).toFixed(1);
    return `Less oil than the maker asks (${makers}:1), and ${richer} % more fuel through the same jets. Some trust new oils with it; bearings that run short of oil do not come back.`;
  }
  if (ratio < makers * 0.95)
    return `More oil than the maker asks (${makers}:1): it smokes, cokes the port and leans the mixture by ${(-fuelChange(makers, ratio) * 100).toFixed(1)} %.`;
  return 'As the maker asks.';
}
