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

/** What slows a starter down: a lead, the engine, the starter itself, what feeds it, or nothing that was measured. */
export type StarterFault = 'live lead' | 'earth lead' | 'engine' | 'starter' | 'on the bike' | 'feed' | 'nothing';

const starterWords: Readonly<Record<StarterFault | 'starter, free', string>> = {
  'live lead': 'The live lead loses too much: its joints, bright and tight, before the starter comes off.',
  'earth lead': 'The earth lead loses too much: its joints, bright and tight, before the starter comes off.',
  engine: 'The engine itself turns hard: look there, not at the starter.',
  'starter, free': 'It draws too much with nothing to turn: bushes, a rubbing armature or shorted turns. Try it at several positions.',
  'on the bike': 'It spins freely on the bench: what slows it is on the bike.',
  starter: 'It draws too much: take it off, clamp it and spin it on the bench, where a labouring starter shows itself.',
  feed: 'It draws little and turns slowly: brushes, a poor joint, or a flat battery.',
  nothing: 'Nothing here says that it is the starter.',
};

/**
 * Which of battery leads, engine and starter makes it turn slowly, and what to say of it. `draws` is the most that it may draw, in A, and
 * `most` what either lead may lose, in V. Common practice.
 */
export function starterVerdict(
  { crankingA, freeA, liveDropV, earthDropV, turnsFreely }: StarterReadings,
  draws: { crankingA: number; freeA: number },
  most: { live: number; earth: number } = { live: leadMostV, earth: leadMostV },
): { fault: StarterFault; words: string } {
  const found = (fault: StarterFault, words = starterWords[fault]) => ({ fault, words });
  const [liveOver, earthOver] = [(liveDropV ?? 0) - most.live, (earthDropV ?? 0) - most.earth];
  if (liveOver > 1e-9 || earthOver > 1e-9) return found(liveOver >= earthOver ? 'live lead' : 'earth lead');
  if (turnsFreely === false) return found('engine');
  if (freeA !== null && freeA > draws.freeA) return found('starter', starterWords['starter, free']);
  if (freeA !== null) return found('on the bike');
  if (crankingA !== null && crankingA > draws.crankingA) return found('starter');
  if (crankingA !== null && crankingA < drawsLittle * draws.crankingA) return found('feed');
  return found('nothing');
}
