import { engineActs, type Access, type EngineAct, type Procedure, type Remedy, type Test } from './types';

const worked = new WeakMap<readonly string[], { of: readonly Procedure[]; done: Procedure[] }>();

/** Everything that is done, with what each doing includes; ids that nobody knows are left out. */
export function doneWith(does: readonly string[] | undefined, doings: readonly Procedure[]): Procedure[] {
  if (!does) return [];
  const known = worked.get(does);
  if (known?.of === doings) return known.done;
  const all = new Set<string>();
  const add = (id: string) => {
    const doing = doings.find((d) => d.id === id);
    if (!doing || all.has(id)) return;
    all.add(id);
    doing.with?.forEach(add);
  };
  does.forEach(add);
  const done = doings.filter((d) => all.has(d.id));
  worked.set(does, { of: doings, done });
  return done;
}

/**
 * The furthest act that is done with the engine; null where it is left alone.
 * @param does ids of what is done
 * @param doings what is known of each
 * @returns turn, crank, run or ride, or null
 */
export function actOf(does: readonly string[] | undefined, doings: readonly Procedure[]): EngineAct | null {
  const acts = doneWith(does, doings).flatMap((d) => d.act ?? []);
  return [...engineActs].reverse().find((a) => acts.includes(a)) ?? null;
}

/** Cautions that follow from what is done, in the order of the doings. */
export const hazardsOf = (does: readonly string[] | undefined, doings: readonly Procedure[]): string[] => [
  ...new Set(doneWith(does, doings).flatMap((d) => d.hazards)),
];

/**
 * Price of the risk of everything that is done, in money.
 * @param does ids of what is done
 * @param doings what is known of each
 * @returns money: chance times harm, added up
 */
export const riskPrice = (does: readonly string[] | undefined, doings: readonly Procedure[]): number =>
  doneWith(does, doings).reduce((sum, d) => sum + d.price, 0);

/** What is done in opening the way to something, by its last steps. */
export const openingDoes = (wanted: readonly string[] | undefined, access: readonly Access[]): string[] =>
  access.filter((a) => wanted?.includes(a.id)).flatMap((a) => a.does ?? []);

const together = (a: readonly string[] | undefined, b: readonly string[]): string[] => [...new Set([...(a ?? []), ...b])];

/** A test with what follows from what it does: engine states and cautions. What it declares itself stays. */
export function testDone(t: Test, doings: readonly Procedure[], access: readonly Access[] = []): Test {
  const needs = together(
    t.needs,
    doneWith(t.does, doings).flatMap((d) => d.needs ?? []),
  );
  const hazards = together(t.hazards, hazardsOf([...(t.does ?? []), ...openingDoes(t.access, access)], doings));
  return { ...t, ...(needs.length > 0 && { needs }), ...(hazards.length > 0 && { hazards }) };
}

/** A remedy with the cautions that follow from what it does. */
export function remedyDone(r: Remedy, doings: readonly Procedure[], access: readonly Access[] = []): Remedy {
  // A file that is not sound yet may lack it; it is told elsewhere.
  if (!r) return r;
  const hazards = together(r.hazards, hazardsOf([...(r.does ?? []), ...openingDoes(r.access, access)], doings));
  return { ...r, ...(hazards.length > 0 && { hazards }) };
}
