import { accessOf, expectedBreakage, expectedMinutes, routesOf, type Access } from '../../knowledge';
import type { Step } from '../../state';
import { AccessStates } from '../decide';
import type { Model } from '../model/build';

/** The bike's own steps of taking apart, and what of them is off by the strip log. */
export interface Strip {
  steps: readonly Access[];
  off: ReadonlySet<string>;
  /** In money at the shop's rate, breakages included. */
  states: AccessStates;
  now: number;
}

export const money = (minutes: number, rate: number) => (minutes * rate) / 60;

/** What the log says is off: taken off and not refitted. */
export const offNow = (steps: readonly Step[]): Set<string> =>
  new Set(steps.filter((s) => s.access && !s.refittedAt).map((s) => s.access!));

/**
 * The steps of taking the bike apart, and what of them is off.
 * @param model of which the knowledge and the case are read
 * @returns steps, what is off, and the price of every way, in money
 */
export function stripOf(model: Pick<Model, 'knowledge' | 'case'>): Strip {
  const rate = Number(model.case.job.rate);
  const steps = accessOf(model.knowledge, model.case.bike.archetype);
  const states = new AccessStates(
    steps.map((a) => ({ id: a.id, cost: money(expectedMinutes(a), rate) + expectedBreakage(a), routes: routesOf(a) })),
  );
  const off = offNow(model.case.steps);
  return { steps, off, states, now: states.state(off) };
}

/** The steps that have to be taken for some things to be open, in their order; nothing for what is off already. */
export function stillToOpen(strip: Strip, wanted: readonly string[] | undefined, from = strip.now): Access[] {
  const { next } = strip.states.reach(from, strip.states.want(wanted));
  const before = strip.states.off(from);
  const opened = [...strip.states.off(next)].filter((id) => !before.has(id));
  return opened.flatMap((id) => strip.steps.find((a) => a.id === id) ?? []);
}

/** Minutes of access that are still in the way: off now, back on at the end. What is off already costs nothing. */
export const missingMinutes = (strip: Strip, wanted: readonly string[] | undefined, from = strip.now): number =>
  Math.round(stillToOpen(strip, wanted, from).reduce((s, a) => s + expectedMinutes(a), 0));
