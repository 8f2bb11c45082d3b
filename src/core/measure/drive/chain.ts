/** Pitch in mm by the number of a roller chain, ISO 10190 (motorcycle chains). */
export const pitchMm: Readonly<Record<string, number>> = {
  '415': 12.7,
  '420': 12.7,
  '428': 12.7,
  '520': 15.875,
  '525': 15.875,
  '530': 15.875,
  '630': 19.05,
};

export interface ChainWear {
  /** Share by which it has grown longer. */
  share: number;
  worn: boolean;
  words: string;
}

/** Common practice: two in a hundred for a drive chain that is open to dirt, one for one in oil. */
export const chainMost = { open: 0.02, 'in oil': 0.01 } as const;

/**
 * Wear of a chain, from a length over some pins pulled tight: (length - pins × pitch) / (pins × pitch), pins counted as the spaces between
 * them. `most` is the share it may grow by: the bike's own limit where it has one.
 *
 * @throws {RangeError} for an unknown chain or fewer than 5 spaces
 */
export function chainWear(
  chain: string,
  spaces: number,
  lengthMm: number,
  runs: keyof typeof chainMost,
  most: number = chainMost[runs],
): ChainWear {
  const pitch = pitchMm[chain];
  if (!pitch) throw new RangeError(`no chain is numbered ${chain}`);
  if (!(spaces >= 5)) throw new RangeError('measure over at least 5 spaces');
  const share = lengthMm / (spaces * pitch) - 1;
  const worn = share > most;
  const percent = (share * 100).toFixed(1);
  const words =
    share < -0.005
      ? 'Shorter than new: count the pins again, or it is another chain.'
      : worn
        ? `${percent} % longer: renew, and both sprockets with it.`
        : `${percent} % longer: good. Look at the tightest place too.`;
  return { share, worn, words };
}

/** Overall ratio, and revs at a speed: wheel circumference in mm, speed in km/h. */
export const ratioOf = (driven: number, driving: number): number => driven / driving;
export const revsAt = (kmh: number, circumferenceMm: number, overall: number): number => (((kmh / 60) * 1e6) / circumferenceMm) * overall;

/** What a sprocket's teeth say (common practice). */
export const teethWords = (teeth: 'even' | 'hooked' | 'sharp'): string =>
  teeth === 'even' ? 'Even: it may stay with a sound chain.' : 'Hooked or sharp: it goes with its chain, both sprockets and all.';
