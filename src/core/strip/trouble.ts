import { comesBefore, type FastenerWay } from '../knowledge';
import type { FastenerAttempt, FastenerState } from '../state';

/** How trouble is gone about: waiting costs nothing, or it costs. */
export const troubleApproaches = ['patience', 'force'] as const;
export type TroubleApproach = (typeof troubleApproaches)[number];

/** What an hour's wait costs, as a share of an hour's work: nothing to the patient, a sixth where the bike stands in the way. */
const waitShare: Record<TroubleApproach, number> = { patience: 0, force: 1 / 6 };

/** One way of a ladder, with what trying it costs by expectation. */
export interface Rung {
  way: FastenerWay;
  /** Money: its minutes, what it uses up, its wait, and what it may make worse. */
  cost: number;
}

const costOf = (w: FastenerWay, rate: number, approach: TroubleApproach): number => {
  const work = (minutes: number) => (minutes / 60) * rate;
  const harm = w.breaks ? w.breaks.chance * (work(w.breaks.minutes) + w.breaks.parts) : 0;
  return work(w.minutes) + (w.parts ?? 0) + (w.wait ?? 0) * waitShare[approach] * rate + harm;
};

/** What going through some ways in this order costs by expectation: each is tried only where all before it failed. */
export function expectedCost(ladder: readonly Rung[]): number {
  let [cost, open] = [0, 1];
  for (const { way, cost: c } of ladder) {
    cost += open * c;
    open *= 1 - way.works;
  }
  return cost;
}

/**
 * The ways for a fastener in trouble, in the order that costs least by expectation: by cost over chance of success, each after the ways
 * that must come first. That order is the cheapest of all where nothing must come first (the exchange argument for tests in sequence:
 * Mitten 1960, from memory; held against every order in the tests). What did not help already is not offered again, but for a soak,
 * which helps by being done again.
 *
 * @param ways those of the knowledge
 * @param state what is wrong with the fastener
 * @param tried what was tried already, and did not help
 * @param rate money an hour
 * @param approach patience first, or heat and force
 * @returns one rung a way, in the order to try them, each with what it costs
 */
export function ladderFor(
  ways: readonly FastenerWay[],
  state: FastenerState,
  tried: readonly Pick<FastenerAttempt, 'way'>[],
  rate: number,
  approach: TroubleApproach,
): Rung[] {
  const failed = new Set(tried.map((a) => a.way));
  const left = ways
    .filter((w) => w.for.includes(state) && (!failed.has(w.id) || w.wait !== undefined))
    .map((way): Rung => ({ way, cost: costOf(way, rate, approach) }))
    .sort((a, b) => a.cost / a.way.works - b.cost / b.way.works);
  const ladder: Rung[] = [];
  while (left.length) {
    const open = new Set(left.map((r) => r.way.id));
    const at = left.findIndex((r) => ![...comesBefore(ways, r.way.id)].some((id) => open.has(id)));
    ladder.push(...left.splice(Math.max(0, at), 1));
  }
  return ladder;
}
