import type { Repair } from '../state';

interface Chain {
  byId: Map<string, Repair>;
  /** The repairs up to each one, itself included. */
  upTo: Map<string, ReadonlySet<string>>;
}

const chains = new WeakMap<readonly Repair[], Chain>();
const nothing: ReadonlySet<string> = new Set();

function chainOf(repairs: readonly Repair[]): Chain {
  let chain = chains.get(repairs);
  if (chain?.byId.size !== repairs.length) chains.set(repairs, (chain = { byId: new Map(repairs.map((r) => [r.id, r])), upTo: new Map() }));
  return chain;
}

/**
 * The repair of that id, or undefined.
 * @param repairs those of one job
 * @param id id of a repair
 * @returns the repair, or undefined
 */
export const repairOf = (repairs: readonly Repair[], id: string): Repair | undefined => chainOf(repairs).byId.get(id);

/**
 * The repairs that had been made when something hung on `repairId`: that one and every one before it.
 * Order follows what each device knew ("after"), not clocks.
 * @param repairs those of one job
 * @param repairId the last one that had been made, null for none
 * @returns ids of repairs
 */
export function repairsUpTo(repairs: readonly Repair[], repairId: string | null): ReadonlySet<string> {
  if (!repairId) return nothing;
  const { byId, upTo } = chainOf(repairs);
  const known = upTo.get(repairId);
  if (known) return known;
  const done = new Set<string>();
  for (let id: string | null = repairId; id && !done.has(id);) {
    done.add(id);
    id = byId.get(id)?.afterRepairId ?? null;
  }
  upTo.set(repairId, done);
  return done;
}

/**
 * Repairs oldest first: each after the one it names; forks in the order of their ids.
 * @param repairs those of one job, in any order
 * @returns a new list
 */
export function repairsInOrder(repairs: readonly Repair[]): Repair[] {
  const depth = new Map(repairs.map((r) => [r.id, repairsUpTo(repairs, r.id).size]));
  return [...repairs].sort((a, b) => depth.get(a.id)! - depth.get(b.id)! || (a.id < b.id ? -1 : 1));
}

/**
 * The repair that new evidence comes after.
 * @param repairs those of one job, in any order
 * @returns its id, or null where there is none
 */
export function lastRepairId(repairs: readonly Repair[]): string | null {
  return repairsInOrder(repairs).at(-1)?.id ?? null;
}
