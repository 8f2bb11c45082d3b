import type { ReadingValue } from '../../state';

export type Side = 'inlet' | 'exhaust';

/** What the clearance may be, in mm, and where in it one wants to end up. */
export interface ClearanceBand {
  lowMm: number;
  highMm: number;
}

/** Schools: the middle of the band, or its loose end, since exhausts close up as they wear in. */
export type Aim = 'middle' | 'loose';

/** The clearance aimed at, in mm: the middle, or three quarters of the way to the loose end. */
export const aimMm = ({ lowMm, highMm }: ClearanceBand, aim: Aim): number => lowMm + (highMm - lowMm) * (aim === 'middle' ? 0.5 : 0.75);

/**
 * A clearance from a feeler gauge, in mm: the thickest blade that goes and the thinnest that does not. Either may be null.
 *
 * @throws {RangeError} where a thinner blade does not go than one that does
 */
export function feeler(goesMm: number | null, doesNotGoMm: number | null): ReadingValue {
  if (goesMm === null && doesNotGoMm === null) return { kind: 'none', reason: 'no blade was tried' };
  if (doesNotGoMm === null) return { kind: 'atLeast', bound: goesMm! / 1000 };
  if (goesMm === null) return { kind: 'atMost', bound: doesNotGoMm / 1000 };
  if (goesMm > doesNotGoMm) throw new RangeError('a thicker blade goes than the one that does not');
  if (goesMm === doesNotGoMm) return { kind: 'exact', value: goesMm / 1000 };
  return { kind: 'interval', low: goesMm / 1000, high: doesNotGoMm / 1000 };
}

/**
 * Turns of a screw adjuster that bring a clearance to what is wanted; positive is out (looser). `ratio` is what the valve moves for a
 * movement at the screw: 1 where the screw bears on the valve itself, the rocker ratio where it stands on the push rod's side. A screw
 * moves by its pitch in one turn.
 *
 * @throws {RangeError} for a pitch or ratio that is not positive
 */
export function screwTurns({
  foundMm,
  wantedMm,
  pitchMm,
  ratio = 1,
}: {
  foundMm: number;
  wantedMm: number;
  pitchMm: number;
  ratio?: number;
}): number {
  if (!(pitchMm > 0) || !(ratio > 0)) throw new RangeError('pitch and ratio must be more than nothing');
  return (wantedMm - foundMm) / (pitchMm * ratio);
}
