import type { SpecEntry } from '../../../../core/specification';
import type { UsedJob } from '../../../job/useJob';

/** Puts a limit on the bike's specification: a new one, or in the place of the one that is there. False if it was refused. */
export function saveSpec({ store, traced }: UsedJob, { quantity, ...values }: SpecEntry): boolean {
  const there = traced.specs.find((s) => s.quantity === quantity);
  return there
    ? store.set('spec.set', there.id, values).ok
    : store.act('spec.add', store.newId(), { bikeId: traced.bike.id, quantity, ...values }).ok;
}
