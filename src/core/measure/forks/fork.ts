/** One fork leg. Lengths in mm, volumes in ml. */

/** Oil to add (positive) or take out to move the air gap, where only oil fills the tube: area × how far the level moves. */
export function oilForGapMl(innerMm: number, gapMm: number, wantedMm: number): number {
  return ((Math.PI / 4) * innerMm ** 2 * (gapMm - wantedMm)) / 1000;
}

/** How far the level stands from the top after so much oil, from a gap that is known. */
export const gapAfterMm = (innerMm: number, gapMm: number, addedMl: number): number =>
  gapMm - (addedMl * 1000) / ((Math.PI / 4) * innerMm ** 2);

export interface Sag {
  /** Wheel hanging, bike on its wheels, rider on it: axle to a mark. */
  hangingMm: number;
  freeMm: number;
  riddenMm: number;
  travelMm: number;
}

/** Sag as a share of the travel, and what it says of springs and preload (common practice). */
/** A quarter to a third of the travel, a little to either side: common practice. */
export const usualSag = { low: 0.22, high: 0.38 };

export function sagVerdict(
  { hangingMm, freeMm, riddenMm, travelMm }: Sag,
  band: { low: number | null; high: number | null } = usualSag,
): { freeShare: number; riddenShare: number; words: string } {
  const freeMmDown = hangingMm - freeMm;
  const riddenMmDown = hangingMm - riddenMm;
  if (freeMmDown < 0 || riddenMmDown < freeMmDown || riddenMmDown > travelMm)
    throw new RangeError('it can only sink further with a rider on it, and no further than its travel');
  const freeShare = freeMmDown / travelMm;
  const riddenShare = riddenMmDown / travelMm;
  const words =
    band.high !== null && riddenShare > band.high
      ? freeShare > 0.2
        ? 'Sinks too far: more preload, or stiffer springs if that is at its end.'
        : 'Sinks too far under the rider, yet stands high without: springs too soft for the weight, preload hides it.'
      : band.low !== null && riddenShare < band.low
        ? 'Sinks too little: less preload, or springs too stiff for the weight.'
        : band === usualSag
          ? 'In the usual band.'
          : 'Within this bike’s limits.';
  return { freeShare, riddenShare, words };
}

/** Two legs that must be alike: their difference, and what to do. */
export function legsAlike(leftMm: number, rightMm: number, mostMm: number): { differenceMm: number; alike: boolean } {
  const differenceMm = Math.abs(leftMm - rightMm);
  return { differenceMm, alike: differenceMm <= mostMm + 1e-9 };
}
