import { nameless, type Knowledge } from '../../src/core/knowledge';
import { faultProbabilities } from '../../src/core/trace';
import {
  follow,
  leastCost,
  type Act,
  type SimulatedBike,
  type SeededRandom,
  type Policy,
  type BeliefNode,
} from '../../src/core/trace/simulate';

/** What it came to on one bike whose fault the beliefs do not have. Money in the shop's currency. */
export interface UnlistedResult {
  fault: string;
  /** What the same bike costs, to the cure, where the fault is in the list. */
  known: number;
  /** What was spent when a cause that is not in the list led the suspects, or was advised; null where it never did before the cap. */
  found: number | null;
}

/** The knowledge of somebody who never heard of a fault. */
export function without(k: Knowledge, id: string): Knowledge {
  const unled = (leads: Record<string, number> | undefined) =>
    leads && Object.fromEntries(Object.entries(leads).filter(([to]) => to !== id));
  return {
    ...k,
    faults: k.faults.filter((f) => f.id !== id).map((f) => ({ ...f, ...(f.leads && { leads: unled(f.leads) }) })),
    groups: k.groups.map((g) => ({ ...g, modes: g.modes.filter((m) => !m.faults.includes(id)) })).filter((g) => g.modes.length > 0),
    access: k.access.map((a) => ({ ...a, ...(a.refits && { refits: a.refits.filter((f) => f !== id) }) })),
  };
}

/** The fault of a suspect, its place left aside. */
export const faultOf = (key: string) => ({ id: key.split('#')[0] });

/** Whether the suspects panel would have a cause without a name at its head. */
function leads(node: BeliefNode): boolean {
  const { model, posterior } = node.exact;
  let [top, most] = ['', 0];
  for (const [key, p] of faultProbabilities(model, posterior)) if (p > most) [top, most] = [key, p];
  return nameless(faultOf(top));
}

/** The bike under least cost, by beliefs that have its fault and by beliefs that do not. */
export function onUnlisted(
  fault: string,
  bike: () => SimulatedBike,
  random: SeededRandom,
  having: BeliefNode,
  lacking: BeliefNode,
  cap: number,
): UnlistedResult {
  const known = follow(leastCost, having, bike(), random, { cap }).money;
  let given = false;
  const until: Policy = {
    ...leastCost,
    name: 'until unlisted',
    shared: false,
    next: (node, c): Act => {
      const act = leastCost.next(node, c);
      given = (act.kind === 'repair' && nameless(faultOf(act.key))) || leads(node);
      return given ? { kind: 'none' } : act;
    },
  };
  const { money } = follow(until, lacking, bike(), random, { cap });
  return { fault, known, found: given ? money : null };
}
