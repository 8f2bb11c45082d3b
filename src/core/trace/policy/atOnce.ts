import type { Ranking } from './rank';

/**
 * What of a ranking is seen before anyone looks further: of hundreds of tests those that it puts forward. The rest is worked out on
 * the device by the time that it can be asked for, and need not travel.
 * @param ranking the whole ranking, left as it is
 * @returns the same with fewer tests
 */
export function atOnce(ranking: Ranking): Ranking {
  const { next, whileOpen, sameStrip } = ranking;
  const seen = new Set([...(next.kind === 'test' ? [next.key] : []), ...whileOpen, ...sameStrip]);
  return { ...ranking, tests: ranking.tests.filter((t) => seen.has(t.key)) };
}
