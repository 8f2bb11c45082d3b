/** Jets and needles. Diameters in mm, areas in mm². */

/** Flow area of a round hole. */
export const holeMm2 = (diameterMm: number): number => (Math.PI / 4) * diameterMm ** 2;

/**
 * What is open around a needle in its jet.
 *
 * @throws {RangeError} for a needle thicker than the jet
 */
export function needleMm2(jetMm: number, needleMm: number): number {
  if (needleMm > jetMm) throw new RangeError('the needle is thicker than its jet');
  return holeMm2(jetMm) - holeMm2(needleMm);
}

/** What a change does to the area, as a share: 0.05 is five in a hundred richer. */
export const areaChange = (fromMm2: number, toMm2: number): number => toMm2 / fromMm2 - 1;

/** Diameter of a taper at a lift, in mm: straight over its taper, from the full one. */
export function needleAt(
  { fullMm, tipMm, taperStartMm, taperLengthMm }: { fullMm: number; tipMm: number; taperStartMm: number; taperLengthMm: number },
  liftMm: number,
): number {
  const along = Math.min(1, Math.max(0, (liftMm - taperStartMm) / taperLengthMm));
  return fullMm + (tipMm - fullMm) * along;
}

/**
 * The jet for other air, in mm. Through a venturi the mass of air goes with its density, the fuel with jet area and the root
 * of density (both are drawn by the same fall in pressure): for the same mixture the area goes with the root of the density
 * and the diameter with its fourth root. Derived.
 */
export const jetForDensity = (jetMm: number, densityBefore: number, densityNow: number): number =>
  jetMm * (densityNow / densityBefore) ** 0.25;

/** The nearest jet that is made: marked in hundredths of a mm, in steps. The leaner one of two as near would be unsafe, so the richer. */
export function nearestJet(wantedMm: number, stepMm: number): number {
  const n = wantedMm / stepMm;
  return (n - Math.floor(n) < 0.5 - 1e-9 ? Math.floor(n) : Math.ceil(n)) * stepMm;
}

/** How far fuel level moves for a movement of the float: it hangs on a lever, float to hinge over tang to hinge, both in mm. */
export const needleLiftMm = (floatMm: number, floatArmMm: number, tangArmMm: number): number => (floatMm * tangArmMm) / floatArmMm;
