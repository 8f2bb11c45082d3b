/** Volumes of a cylinder. Lengths in mm, volumes in cm³. */

/** Swept volume in cm³: pi/4 × bore² × stroke, of one cylinder. */
export const sweptCm3 = (boreMm: number, strokeMm: number): number => (Math.PI / 4) * boreMm ** 2 * strokeMm * 1e-3;

export interface Chamber {
  boreMm: number;
  /** What the head holds, measured with a burette on a plate, plug in. */
  headCm3: number;
  /** Of the gasket when it is clamped. */
  gasketMm: number;
  gasketBoreMm: number;
  /** Piston at the top to the face of the cylinder: positive where it stays below it, negative where it stands proud. */
  deckMm: number;
  /** What stands above the edge of the crown; negative for a dish or valve pockets. */
  domeCm3: number;
}

/** What is left above the piston at the top, in cm³. */
export const chamberCm3 = ({ boreMm, headCm3, gasketMm, gasketBoreMm, deckMm, domeCm3 }: Chamber): number =>
  headCm3 + sweptCm3(gasketBoreMm, gasketMm) + sweptCm3(boreMm, deckMm) - domeCm3;

/**
 * (swept + left) / left.
 *
 * @throws {RangeError} where nothing is left
 */
export function compressionRatio(sweptVolumeCm3: number, leftCm3: number): number {
  if (!(leftCm3 > 0)) throw new RangeError('nothing is left above the piston: check the values');
  return (sweptVolumeCm3 + leftCm3) / leftCm3;
}

/** Squish in mm where the head's band lies flush with its face: gasket and deck. Solder or clay through the plug hole proves it. */
export const squishMm = ({ gasketMm, deckMm }: Pick<Chamber, 'gasketMm' | 'deckMm'>): number => gasketMm + deckMm;
