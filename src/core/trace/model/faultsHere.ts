import { applicability, cylindersOf, factsOf, type Fault, type Knowledge } from '../../knowledge';
import type { Bike, Job } from '../../state';
import { positionsOf } from './places';

/**
 * A fault at a place: "plug-fouled#2" on the second cylinder, "battery-flat" where a bike has one of it.
 * @param faultId id of a fault
 * @param position its place, null where it has none
 * @returns a key that `faultsHere` gives
 */
export const keyOf = (faultId: string, position: string | null): string => (position === null ? faultId : `${faultId}#${position}`);

/**
 * Faults that this bike can have, each once for each place it has; no odds are worked out for it.
 * @param k what ships and the workshop's own knowledge
 * @param bike the bike
 * @param job the job
 * @returns in the order of the knowledge
 */
export function faultsHere(k: Knowledge, bike: Bike, job: Job): { key: string; fault: Fault; position: string | null }[] {
  const facts = factsOf(bike, job, k);
  const positions = positionsOf(cylindersOf(bike, k));
  return k.faults
    .filter((f) => !f.retired && applicability(f.applies, facts, k.attributes) > 0)
    .flatMap((fault) =>
      (fault.per === 'cylinder' ? positions : [null]).map((position) => ({ key: keyOf(fault.id, position), fault, position })),
    );
}
