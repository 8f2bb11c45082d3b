/** Contact breaker: gap, dwell and timing. Angles in degrees of the points cam unless they say crank. */

/**
 * A dwell meter's angle as a share of the time the contacts are shut.
 *
 * @throws {RangeError} beyond one cam lobe
 */
export function dwellShare(dwellDegrees: number, lobes: number): number {
  const all = 360 / lobes;
  if (!(lobes >= 1) || dwellDegrees < 0 || dwellDegrees > all) throw new RangeError('dwell is between nothing and one lobe');
  return dwellDegrees / all;
}

/** One gap and the dwell that was read with it. */
export interface GapAndDwell {
  gapMm: number;
  dwellDegrees: number;
}

/**
 * The gap that gives a dwell, in mm, from two that were tried: over the small range of an adjustment the one goes in a straight line with
 * the other (a wider gap is open for longer).
 *
 * @throws {RangeError} where the two tries are alike or say that a wider gap dwells longer, which no cam does
 */
export function gapFor(a: GapAndDwell, b: GapAndDwell, wantedDwell: number): number {
  const slope = (b.dwellDegrees - a.dwellDegrees) / (b.gapMm - a.gapMm);
  if (!(slope < 0)) throw new RangeError('a wider gap has to give less dwell: measure both again');
  return a.gapMm + (wantedDwell - a.dwellDegrees) / slope;
}

/**
 * How a change of dwell moves the spark, in crank degrees, positive earlier. A longer opening begins half of the change
 * earlier, lobes being symmetrical; a cam at half crank speed turns that into twice as much at the crank.
 */
export const timingShiftCrank = (dwellChangeDegrees: number, camAtHalfSpeed: boolean): number =>
  (-dwellChangeDegrees / 2) * (camAtHalfSpeed ? 2 : 1);
