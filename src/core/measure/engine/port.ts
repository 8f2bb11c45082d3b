/** A round port with a layer of carbon all round: geometry. */

/**
 * Share of its area that is still open.
 *
 * @throws {RangeError} for a layer that would more than fill it
 */
export function openShare(portMm: number, layerMm: number): number {
  if (!(portMm > 0) || layerMm < 0 || 2 * layerMm > portMm) throw new RangeError('the layer is thicker than the port is wide');
  return (1 - (2 * layerMm) / portMm) ** 2;
}

/** How thick the layer is where so much of the area is open, in mm. */
export const layerMm = (portMm: number, share: number): number => (portMm * (1 - Math.sqrt(share))) / 2;
