/** What a clutch can carry. */
export interface Stack {
  /** Rubbing faces: two for each lining plate. */
  faces: number;
  friction: number;
  /** All springs together, at the length they are fitted to, in N. */
  springN: number;
  meanRadiusMm: number;
}

/** Torque in N·m that a stack can carry: faces × friction × spring force × mean radius. Arithmetic; in any engine handbook. */
export const capacityNm = ({ faces, friction, springN, meanRadiusMm }: Stack): number => (faces * friction * springN * meanRadiusMm) / 1000;

/** Mean radius in mm of a ring that wears evenly: half of the two together. */
export const meanRadiusMm = (outerMm: number, innerMm: number): number => (outerMm + innerMm) / 4;

/** Torque in N·m at the clutch from the engine's, through the primary drive. */
export const atClutchNm = (engineNm: number, primaryRatio: number): number => engineNm * primaryRatio;

/** Friction of lining on steel in oil. Judgement of the trade, from memory: a range, never a limit. */
export const wetFriction = { sound: 0.12, glazed: 0.08, roughened: 0.11, renewed: 0.13 } as const;

export type FrictionSurface = keyof typeof wetFriction;

export interface SlipVerdict {
  /** Capacity over what the engine asks for. */
  margin: number;
  slips: boolean;
  words: string;
}

/** Whether it carries the engine: under one it slips, under a fifth more it slips when it is hot (common practice). */
export function slipVerdict(stackNm: number, askedNm: number): SlipVerdict {
  if (!(askedNm > 0)) throw new RangeError('an engine without torque needs no clutch');
  const margin = stackNm / askedNm;
  const words =
    margin < 1
      ? 'It cannot carry the engine: it slips whenever it pulls.'
      : margin < 1.2
        ? 'Hardly enough: it slips hot, or with the wrong oil.'
        : 'Enough: if it slips, ask the release first: free play, a sticking piston, a bent rod.';
  return { margin, slips: margin < 1, words };
}

export interface PlateReading {
  thicknessMm: number;
  /** Under a feeler gauge on a flat surface. */
  warpMm: number | null;
}

/** Height of the stack in mm, and how much of its pressure a worn one has lost with springs of so many N a mm in all. */
export function stackLoss(
  plates: readonly PlateReading[],
  newHeightMm: number,
  springRateNmm: number,
): { heightMm: number; lostMm: number; lostN: number } {
  const heightMm = plates.reduce((s, p) => s + p.thicknessMm, 0);
  const lostMm = newHeightMm - heightMm;
  return { heightMm, lostMm, lostN: lostMm * springRateNmm };
}

/** What to do with the plates: both schools where they are glazed but sound. */
export function plateWords(surface: 'sound' | 'glazed' | 'blued' | 'worn', steel: 'steel' | 'aluminium', warpOver: boolean): string {
  if (surface === 'worn' || warpOver)
    return 'Under its limit or warped: renew. Measure the old ones anyway, or the diagnosis stays unproved.';
  if (surface === 'blued') return 'Blued: it has slipped hot. Look for warp on a flat surface, and ask why it slipped.';
  if (surface === 'glazed')
    return steel === 'aluminium'
      ? 'Glazed, on aluminium: never roughened. Renew.'
      : 'Glazed. Approaches: roughen steel plates with 180 to 220 grit on a flat surface, change the oil after; or fit new plates and springs.';
  return 'The plates are sound.';
}
