/** The slider-crank: crank angle, piston, dead centre. Lengths in mm, angles in degrees of the crank from top dead centre. */
export interface Crank {
  strokeMm: number;
  /** Between the centres of its eyes. */
  rodMm: number;
}

const radians = (degrees: number) => (degrees * Math.PI) / 180;

function checked({ strokeMm, rodMm }: Crank): { r: number; l: number } {
  const r = strokeMm / 2;
  if (!(r > 0) || !(rodMm > r)) throw new RangeError('the rod is longer than half the stroke');
  return { r, l: rodMm };
}

/** How far the piston stands below the top at an angle: x = r + l - (r cos a + sqrt(l² - r² sin² a)). Geometry, derived. */
export function pistonMm(crank: Crank, degrees: number): number {
  const { r, l } = checked(crank);
  const a = radians(degrees);
  return r + l - (r * Math.cos(a) + Math.sqrt(l ** 2 - (r * Math.sin(a)) ** 2));
}

/**
 * The angle, 0 to 180, at which the piston stands so far below the top: the cosine rule on crank, rod and their distance.
 *
 * @throws {RangeError} for less than nothing or more than the stroke
 */
export function degreesAt(crank: Crank, belowTopMm: number): number {
  const { r, l } = checked(crank);
  if (belowTopMm < 0 || belowTopMm > crank.strokeMm) throw new RangeError('the piston moves by its stroke and no more');
  const d = r + l - belowTopMm;
  const cosine = (r * r + d * d - l * l) / (2 * r * d);
  return (Math.acos(Math.min(1, Math.max(-1, cosine))) * 180) / Math.PI;
}

/** How long a port that opens so far below the top stays open, in degrees: the rest of the turn. */
export const portOpenDegrees = (crank: Crank, opensMm: number): number => 360 - 2 * degreesAt(crank, opensMm);

/** Where below the top a port has to open to stay open so long. */
export const portOpensAtMm = (crank: Crank, openDegrees: number): number => pistonMm(crank, 180 - openDegrees / 2);

/** Mean speed of the piston in m/s: 2 × stroke × revs. Any engine handbook. */
export const meanPistonSpeed = (strokeMm: number, rpm: number): number => (2 * strokeMm * rpm) / 60_000;
