import { accessOf, expectedBreakage, expectedMinutes, routesOf, type Access, type Knowledge } from '../knowledge';

/** One way to a part: what comes off on it, and what that takes and risks. */
export interface WayIn {
  /** What has to come off still, in the order of the work; the part itself is the last. */
  steps: Access[];
  /** Off and on again, from and to, without breakages. */
  minutes: [number, number];
  /** What may snap, how likely, and what mending it takes. */
  risks: { at: string; what: string; chance: number; minutes: number; parts: number }[];
  /** What may drop where it should not. */
  fallsIn: string[];
  /** Chance that nothing snaps. */
  whole: number;
  /** Money: minutes and breakages by expectation. */
  cost: number;
}

/** So many ways at most are worked out; nobody compares more. */
const mostWays = 24;

/**
 * The ways to a part that are left, the cheapest by expected cost first: time at the workshop's rate, and breakages by their chance
 * with what mending them takes. What is off already costs nothing. A way that takes off all that another does and more is left out.
 *
 * @param k ways in and kinds of bike
 * @param archetype the kind of bike, null where it is not known
 * @param to id of what is wanted open
 * @param off ids of what is off
 * @param rate money an hour
 * @returns an empty list where the bike has no such part or it is open already
 */
export function waysIn(
  k: Pick<Knowledge, 'access' | 'archetypes'>,
  archetype: string | null,
  to: string,
  off: ReadonlySet<string>,
  rate: number,
): WayIn[] {
  const byId = new Map(accessOf(k, archetype).map((a) => [a.id, a]));
  /** Every set of steps that opens something, each in the order of the work. */
  const sets = (id: string, above: readonly string[]): string[][] => {
    const a = byId.get(id);
    if (!a || off.has(id) || above.includes(id)) return [[]];
    return routesOf(a).flatMap((route) => {
      let made: string[][] = [[]];
      for (const r of route) made = made.flatMap((m) => sets(r, [...above, id]).map((s) => [...new Set([...m, ...s])])).slice(0, mostWays);
      return made.map((m) => [...m, id]);
    });
  };
  if (!byId.has(to) || off.has(to)) return [];
  const all = sets(to, []).map((s) => [...new Set(s)]);
  const unique = [...new Map(all.map((s) => [[...s].sort().join(), s])).values()];
  const least = unique.filter((s) => !unique.some((o) => o !== s && o.length < s.length && o.every((x) => s.includes(x))));
  return least
    .slice(0, mostWays)
    .map((ids) =>
      wayOf(
        ids.map((id) => byId.get(id)!),
        rate,
      ),
    )
    .sort((a, b) => a.cost - b.cost);
}

function wayOf(steps: Access[], rate: number): WayIn {
  const risks = steps.flatMap((a) => (a.breaks ? [{ at: a.thing ?? a.name, ...a.breaks }] : []));
  return {
    steps,
    minutes: [steps.reduce((n, a) => n + a.off[0] + a.on[0], 0), steps.reduce((n, a) => n + a.off[1] + a.on[1], 0)],
    risks,
    fallsIn: steps.flatMap((a) => (a.fallsIn ? [a.fallsIn] : [])),
    whole: risks.reduce((p, r) => p * (1 - r.chance), 1),
    cost: steps.reduce((sum, a) => sum + (expectedMinutes(a) / 60) * rate + expectedBreakage(a), 0),
  };
}

/**
 * What is open once a way was taken and was not before, by what wants it.
 * @param k tests of the knowledge
 * @param way a way in
 * @param off ids of what is off before
 * @returns tests that can be made then, the quickest first
 */
export function opensBeside(k: Pick<Knowledge, 'tests'>, way: WayIn, off: ReadonlySet<string>): Knowledge['tests'] {
  const then = new Set([...off, ...way.steps.map((a) => a.id)]);
  return k.tests
    .filter((t) => !t.retired && (t.access ?? []).length > 0 && t.access!.every((a) => then.has(a)) && !t.access!.every((a) => off.has(a)))
    .sort((a, b) => a.minutes - b.minutes);
}
