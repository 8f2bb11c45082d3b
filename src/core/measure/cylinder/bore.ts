/** Gauge readings of one bore in mm: at some depths, along the crank (thrust across it) and across. */
export interface BoreReadings {
  /** From the top down; `alongMm` is parallel to the crank, `acrossMm` in the direction of thrust. */
  depths: readonly { depthMm: number; alongMm: number; acrossMm: number }[];
}

export interface BoreShape {
  largestMm: number;
  smallestMm: number;
  /** Greatest change of diameter down the bore, in one direction. */
  taperMm: number;
  /** Greatest difference of the two directions at one depth. */
  outOfRoundMm: number;
}

/**
 * Taper, out-of-round and extremes (common practice: three depths, two directions).
 *
 * @throws {RangeError} for no reading
 */
export function boreShape({ depths }: BoreReadings): BoreShape {
  if (depths.length === 0) throw new RangeError('no reading of the bore');
  const along = depths.map((d) => d.alongMm);
  const across = depths.map((d) => d.acrossMm);
  const range = (x: readonly number[]) => Math.max(...x) - Math.min(...x);
  return {
    largestMm: Math.max(...along, ...across),
    smallestMm: Math.min(...along, ...across),
    taperMm: Math.max(range(along), range(across)),
    outOfRoundMm: Math.max(...depths.map((d) => Math.abs(d.alongMm - d.acrossMm))),
  };
}

export type Liner = 'iron' | 'plated' | 'unknown';
export type BoreSurface = 'cross-hatch' | 'glazed' | 'light scores' | 'catches a nail' | 'aluminium smear' | 'plating gone';

export interface BoreQuestion {
  readings: BoreReadings;
  pistonMm: number;
  liner: Liner;
  surface: BoreSurface;
  /** From the manual; null where it is not known. */
  limits: {
    standardMm: number;
    /** The most that piston and bore may be apart. */
    clearanceMostMm: number | null;
    taperMostMm: number | null;
    outOfRoundMostMm: number | null;
  };
  /** How much larger than standard the pistons are that can be had. */
  oversizesMm: readonly number[];
  /** How deep a score is that catches a nail, where it was measured. */
  scoreMm?: number | null;
}

export type BoreAct =
  | { kind: 'fit for use' }
  | { kind: 'hone'; words: string }
  | { kind: 'dissolve and hone' }
  | { kind: 'bore'; oversizeMm: number; boreToMm: number }
  | { kind: 'replate' }
  | { kind: 'new piston' }
  | { kind: 'new liner' }
  | { kind: 'ask'; words: string };

export interface BoreDecision {
  shape: BoreShape;
  /** Piston to bore at its tightest and at its widest. */
  clearanceMm: { least: number; most: number };
  act: BoreAct;
  reasons: string[];
}

/** A bore this close to its standard is as it was new. Common practice. */
const asNewMm = 0.01;

/** Taken off the diameter, at least, to leave a clean new wall. Common practice. */
export const cleanUpMm = 0.05;

/**
 * The next oversize and the size to bore to: the smallest one whose bore, as much over standard as its piston,
 * clears the largest reading by what it takes to clean up. Null where none is large enough.
 */
export function nextOversize(
  largestMm: number,
  standardMm: number,
  oversizesMm: readonly number[],
  scoreMm = 0,
): { oversizeMm: number; boreToMm: number } | null {
  for (const oversizeMm of [...oversizesMm].sort((a, b) => a - b)) {
    const boreToMm = standardMm + oversizeMm;
    if (boreToMm >= largestMm + cleanUpMm + 2 * scoreMm - 1e-9) return { oversizeMm, boreToMm };
  }
  return null;
}

/**
 * What to do with a bore, and why. A score that catches a nail is too deep to hone out; a plated bore is never bored nor
 * touched with caustic; smeared aluminium on iron may be dissolved and the bore kept, which some do and others rebore
 * (both schools are named). A maker's limits decide where there are any.
 */
export function boreDecision(q: BoreQuestion): BoreDecision {
  const shape = boreShape(q.readings);
  const { limits } = q;
  const clearanceMm = { least: shape.smallestMm - q.pistonMm, most: shape.largestMm - q.pistonMm };
  const reasons: string[] = [];
  const over = (x: number, most: number | null, what: string) => {
    if (most === null || x <= most + 1e-9) return false;
    reasons.push(`${what} ${x.toFixed(3)} mm is over ${most.toFixed(3)} mm.`);
    return true;
  };
  const worn = [
    over(clearanceMm.most, limits.clearanceMostMm, 'Piston to bore'),
    over(shape.taperMm, limits.taperMostMm, 'Taper'),
    over(shape.outOfRoundMm, limits.outOfRoundMostMm, 'Out-of-round'),
  ].some(Boolean);
  const deep = q.surface === 'catches a nail';
  // Within a hundredth of standard, round and straight: what is over is the piston's.
  const pistonWorn =
    worn &&
    !deep &&
    Math.abs(shape.largestMm - limits.standardMm) <= asNewMm &&
    (limits.taperMostMm === null || shape.taperMm <= limits.taperMostMm + 1e-9) &&
    (limits.outOfRoundMostMm === null || shape.outOfRoundMm <= limits.outOfRoundMostMm + 1e-9) &&
    q.surface !== 'plating gone' &&
    q.surface !== 'aluminium smear';
  if (q.surface === 'plating gone' && q.liner === 'unknown') reasons.push('Plating that is through is no iron liner: it is plated anew.');
  if (deep) reasons.push('A score that catches a fingernail is too deep to hone out (common practice).');
  if (q.surface === 'plating gone') reasons.push('The plating is through.');
  const act = ((): BoreAct => {
    if (q.surface === 'plating gone') {
      reasons.push('A plated bore is not bored to an oversize: it is plated anew to size.');
      return { kind: 'replate' };
    }
    if (q.liner === 'unknown' && !pistonWorn && (worn || deep || q.surface === 'aluminium smear'))
      return { kind: 'ask', words: 'Iron or plated? A magnet holds on an iron liner. Nothing is bored or dissolved before that is known.' };
    // The bore is as it was new and the piston is not: a standard piston, and nothing is cut.
    if (pistonWorn) {
      reasons.push(
        `The bore measures ${shape.largestMm.toFixed(3)} mm, standard ${limits.standardMm.toFixed(3)} mm: it is the piston that is worn. A new standard piston, measured against this bore before it goes in.`,
      );
      return { kind: 'new piston' };
    }
    if (q.surface === 'aluminium smear' && q.liner !== 'plated') {
      reasons.push(
        'The wall under a smear cannot be judged through it. Approaches: dissolve it and hone, then measure again; or rebore and go oversize.',
      );
      return { kind: 'dissolve and hone' };
    }
    if (q.liner === 'plated') {
      if (worn || deep) {
        reasons.push('A plated bore is not bored to an oversize: it is plated anew to size.');
        return { kind: 'replate' };
      }
      if (q.surface === 'aluminium smear') {
        reasons.push('Never caustic on a plated bore: a plater takes the smear off.');
        return { kind: 'ask', words: 'Have the smear taken off by a plater, then look again: the plating under it may be whole.' };
      }
      return { kind: 'fit for use' };
    }
    if (worn || deep) {
      if (deep && q.scoreMm == null)
        return {
          kind: 'ask',
          words: 'How deep is the score? By feeler or profile gauge: an oversize is never certain to clean it up before that.',
        };
      if (q.oversizesMm.length === 0)
        return { kind: 'ask', words: 'Which oversize pistons can be had? Enter them, and the size to bore to follows.' };
      const next = nextOversize(shape.largestMm, limits.standardMm, q.oversizesMm, deep ? (q.scoreMm ?? 0) : 0);
      if (next) {
        reasons.push('Buy the piston first: bore to the measured piston plus its clearance, not to the nominal size.');
        reasons.push(
          `Largest reading ${shape.largestMm.toFixed(3)} mm and ${cleanUpMm} mm to clean up: the next piston is ${next.oversizeMm.toFixed(2)} mm over.`,
        );
        return { kind: 'bore', ...next };
      }
      reasons.push('No piston that can be had is large enough.');
      return { kind: 'new liner' };
    }
    if (q.surface === 'glazed' || q.surface === 'light scores')
      return { kind: 'hone', words: 'A light hone for a fresh cross-hatch, then measure again: honing takes the bore up too.' };
    return { kind: 'fit for use' };
  })();
  if (reasons.length === 0)
    reasons.push(q.surface === 'cross-hatch' ? 'Within its limits, and the cross-hatch still shows.' : 'Within its limits.');
  return { shape, clearanceMm, act, reasons };
}

/**
 * What a ring's gap becomes in another bore, in mm: a ring that springs out fills the circle, so that the gap grows by pi
 * times what the diameter does.
 */
export const ringGapInMm = (gapMm: number, boreMm: number, otherBoreMm: number): number => gapMm + Math.PI * (otherBoreMm - boreMm);
