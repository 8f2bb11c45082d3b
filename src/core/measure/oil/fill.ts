/** Filling with oil. Volumes in ml. */
export interface Fill {
  dryMl: number;
  /** What stays in though it was drained: coolers, galleries, tanks that do not empty. */
  staysMl: number;
  canMl: number;
  /** Filled to the first figure, run, then to the mark. */
  firstShare: number;
}

/**
 * How much goes in, in how many cans, and in which stages.
 *
 * @throws {RangeError} where more stays in than it holds
 */
export function fillPlan({ dryMl, staysMl, canMl, firstShare }: Fill): {
  neededMl: number;
  cans: number;
  leftMl: number;
  stagesMl: [number, number];
} {
  if (staysMl < 0 || staysMl > dryMl || !(canMl > 0) || !(firstShare > 0 && firstShare <= 1))
    throw new RangeError('check the values of the fill');
  const neededMl = dryMl - staysMl;
  const cans = Math.ceil(neededMl / canMl - 1e-9);
  return { neededMl, cans, leftMl: cans * canMl - neededMl, stagesMl: [neededMl * firstShare, neededMl * (1 - firstShare)] };
}
