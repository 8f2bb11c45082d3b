/**
 * What a torque wrench must be set to with a crowfoot or an extension in line with it: T·L/(L + E), statics. `wrenchMm` from the grip to
 * the square, `extensionMm` from the square to the fastener, positive where it makes the lever longer.
 * @param wantedNm at the screw, N·m
 * @param wrenchMm grip to square, mm
 * @param extensionMm square to screw, mm, negative where it points back
 * @returns N·m
 * @throws {RangeError} where no lever is left
 */
export function crowfootSettingNm(wantedNm: number, wrenchMm: number, extensionMm: number): number {
  if (!(wrenchMm > 0) || !(wrenchMm + extensionMm > 0)) throw new RangeError('a wrench has a length, and some of it is left');
  return (wantedNm * wrenchMm) / (wrenchMm + extensionMm);
}

/**
 * Permissible deviation of a torque tool as a share, ISO 6789 by edition and class, quoted from memory.
 * @param kind how the tool tells the torque
 * @param nm N·m
 * @returns a share: 0.04 is ± 4 %
 */
export const wrenchDeviation = (kind: 'setting' | 'beam' | 'screwdriver', nm: number): number =>
  kind === 'setting' && nm > 10 ? 0.04 : 0.06;

/** Bounds of what may be wanted or lost. */
export interface Span {
  low: number;
  high: number;
}

/**
 * Settings from which what is left after a loss stays within what is wanted, whatever the loss and the tool's own error: null where
 * there are none. Loss and error are shares; any one unit of torque. Arithmetic.
 * @param wanted lowest and highest, any one unit
 * @param loss least and most, as shares
 * @param error of the tool, as a share
 * @returns lowest and highest in the same unit, or null
 */
export function settingsWithin(wanted: Span, loss: Span, error = 0): Span | null {
  const low = wanted.low / ((1 - loss.high) * (1 - error));
  const high = wanted.high / ((1 - loss.low) * (1 + error));
  return low <= high ? { low, high } : null;
}
