import type { Access, Knowledge } from './types';

/**
 * Ways to a step, each the list of what comes off first; one empty list where it is at hand.
 * @param a a step of taking apart
 * @returns lists of step ids, each in the order of the work
 */
export const routesOf = (a: Access): string[][] => [a.after ?? [], ...(a.or ?? [])];

/**
 * The steps of taking apart as they are on one kind of bike: its archetype's own before the general ones, and none of
 * those that it has not got.
 * @param k what ships and the workshop's own knowledge
 * @param archetype the kind of bike, null where it is not known
 * @returns steps in the order of the knowledge
 */
export function accessOf(k: Pick<Knowledge, 'access' | 'archetypes'>, archetype: string | null): Access[] {
  const kind = k.archetypes.find((a) => a.id === archetype);
  const own = new Map(kind?.access.map((a) => [a.id, a]));
  const absent = new Set(kind ? kind.absent : ['fairing']);
  const general = new Map(k.access.map((a) => [a.id, a]));
  // What is shut and what is dangerous is the same on every kind, unless it says otherwise.
  const asGeneral = (a: Access): Access => {
    const { shuts, does, fluid, refits } = general.get(a.id) ?? {};
    return { ...(shuts && { shuts }), ...(does && { does }), ...(fluid && { fluid }), ...(refits && { refits }), ...a };
  };
  return [...k.access.filter((a) => !own.has(a.id)), ...[...own.values()].map(asGeneral)].filter((a) => !absent.has(a.id));
}

const middle = ([low, high]: readonly [number, number]) => (low + high) / 2;

/**
 * Minutes that a step is expected to take, off and on again, breakages included.
 * @param a a step of taking apart
 * @returns minutes: the step's own, and each breakage's by its chance
 */
export const expectedMinutes = (a: Access): number => middle(a.off) + middle(a.on) + (a.breaks ? a.breaks.chance * a.breaks.minutes : 0);

/**
 * Parts that are expected to be broken on the way, in the shop's currency.
 * @param a a step of taking apart
 * @returns money, by the chance of each breakage
 */
export const expectedBreakage = (a: Access): number => (a.breaks ? a.breaks.chance * a.breaks.parts : 0);
