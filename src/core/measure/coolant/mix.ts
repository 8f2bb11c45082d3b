/** Freezing point in °C of ethylene glycol in water, by share of volume. Handbook tables, from memory; the can wins. */
const freezes: readonly [share: number, celsius: number][] = [
  [0, 0],
  [0.1, -4],
  [0.2, -9],
  [0.3, -16],
  [0.4, -25],
  [0.5, -37],
  [0.6, -52],
];

/**
 * Freezing point of a mix, between the points of the table in a straight line.
 *
 * @throws {RangeError} over 60 %
 */
export function freezesAtC(share: number): number {
  if (share < 0 || share > 0.6) throw new RangeError('between pure water and six parts in ten');
  const i = Math.max(
    1,
    freezes.findIndex(([s]) => s >= share - 1e-12),
  );
  const [[s0, c0], [s1, c1]] = [freezes[i - 1], freezes[i]];
  return c0 + ((c1 - c0) * (share - s0)) / (s1 - s0);
}

/** The least share that stays liquid down to a temperature. */
export function shareFor(celsius: number): number {
  if (celsius >= 0) return 0;
  const i = freezes.findIndex(([, c]) => c <= celsius);
  if (i < 0) throw new RangeError('no mix of these stays liquid so far down');
  const [[s0, c0], [s1, c1]] = [freezes[i - 1], freezes[i]];
  return s0 + ((s1 - s0) * (celsius - c0)) / (c1 - c0);
}

/** How much to drain of a full system and replace by concentrate, to reach a share: V (wanted - now) / (1 - now). */
export function drainAndReplaceMl(capacityMl: number, share: number, wanted: number): number {
  if (wanted < share) throw new RangeError('for less of it, replace by water');
  if (share >= 1) return 0;
  return (capacityMl * (wanted - share)) / (1 - share);
}
