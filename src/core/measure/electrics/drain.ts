/**
 * Days until a standing bike's drain leaves so little in the battery that it will not start, as a share used up. `drainMa` in
 * mA, capacity in A h. Infinite for no drain.
 */
export function daysUntilFlat(drainMa: number, capacityAh: number, used = 0.5): number {
  if (drainMa < 0 || !(capacityAh > 0)) throw new RangeError('a drain is not negative, and a battery holds something');
  return drainMa === 0 ? Infinity : (capacityAh * used * 1000) / drainMa / 24;
}

/** A starter on the bench and on the bike. Currents in A. */
export interface StarterReadings {
  crankingA: number | null;
  /** Clamped, on a good battery, with nothing to turn. */
  freeA: number | null;
  liveDropV: number | null;
  earthDropV: number | null;
  /** Whether the engine turns freely by hand with the plugs out. */
  turnsFreely: boolean | null;
}

/** Common practice: volts that either lead to the starter may lose while it cranks, on 12 V. */
export const leadMostV = 0.5;

/** Under this share of the most that a starter may draw it is not loaded as it should be (common practice). */
const drawsLittle = 0.45;

/**
 * Which of battery leads, engine and starter makes it turn slowly. `draws` is the most that it may draw, in A, and `most` what
 * either lead may lose, in V. Common practice.
 */
export function starterWords(
  { crankingA, freeA, liveDropV, earthDropV, turnsFreely }: StarterReadings,
  draws: { crankingA: number; freeA: number },
  most: { live: number; earth: number } = { live: leadMostV, earth: leadMostV },
): string {
  const [liveOver, earthOver] = [(liveDropV ?? 0) - most.live, (earthDropV ?? 0) - most.earth];
  if (liveOver > 1e-9 || earthOver > 1e-9) {
    const side = liveOver >= earthOver ? 'live' : 'earth';
    return `The ${side} lead loses too much: its joints, bright and tight, before the starter comes off.`;
  }
  if (turnsFreely === false) return 'The engine itself turns hard: look there, not at the starter.';
  if (freeA !== null && freeA > draws.freeA)
    return 'It draws too much with nothing to turn: bushes, a rubbing armature or shorted turns. Try it at several positions.';
  if (freeA !== null) return 'It spins freely on the bench: what slows it is on the bike.';
  if (crankingA !== null && crankingA > draws.crankingA)
    return 'It draws too much: take it off, clamp it and spin it on the bench, where a labouring starter shows itself.';
  if (crankingA !== null && crankingA < drawsLittle * draws.crankingA)
    return 'It draws little and turns slowly: brushes, a poor joint, or a flat battery.';
  return 'Nothing here says that it is the starter.';
}
