import { faultById, foundBy, type Knowledge, type Test } from '../knowledge';
import type { Repair } from '../state';
import { repairOf, repairsUpTo } from './order';

/** The repairs that a finding comes after, and a name for them. */
export interface Epoch {
  repairs: ReadonlySet<string>;
  epoch: string;
}

/** Faults that putting back mends, of what the repair of a fault takes off. */
const accessOpened = (k: Knowledge, faultId: string): string[] => {
  const wanted = faultById(k, faultId)?.remedy.access ?? [];
  return k.access.filter((a) => wanted.includes(a.id)).flatMap((a) => a.refits ?? []);
};

/**
 * After which repairs a finding was taken, as far as they can matter to it: a repair begins a new time only for what its
 * fault, or one that hangs together with it, can bring. What it cannot have changed will be the same again.
 */
export class Epochs {
  private readonly bearing = new Map<string, ReadonlySet<string> | null>();
  private readonly memo = new Map<string, Epoch>();

  constructor(
    k: Knowledge,
    private readonly repairs: readonly Repair[],
  ) {
    for (const { faultId } of repairs) {
      if (faultId === null || this.bearing.has(faultId)) continue;
      const together = k.groups.find((g) => g.modes.some((m) => m.faults.includes(faultId)))?.modes.flatMap((m) => m.faults) ?? [faultId];
      const refits = new Set(accessOpened(k, faultId));
      const faults = k.faults.filter((f) => together.includes(f.id) || refits.has(f.id));
      // A repair of something that is not listed may have changed anything.
      this.bearing.set(faultId, faults.length && faultId !== 'not-in-list' ? new Set(faults.flatMap((f) => Object.keys(f.causes))) : null);
    }
  }

  /** The time of a finding that was taken after this repair. */
  of(finding: string, after: string | null): Epoch {
    const key = `${after ?? ''}>${finding}`;
    const known = this.memo.get(key);
    if (known) return known;
    let at = after;
    for (const seen = new Set<string>(); at && !seen.has(at);) {
      seen.add(at);
      const repair = repairOf(this.repairs, at);
      if (!repair || repair.faultId === null || (this.bearing.get(repair.faultId)?.has(finding) ?? true)) break;
      at = repair.afterRepairId;
    }
    const epoch = { repairs: repairsUpTo(this.repairs, at), epoch: at ?? '' };
    this.memo.set(key, epoch);
    return epoch;
  }

  /** True if a result of a test that was taken after one repair still says what it said, now that another was made. */
  holds(test: Test, after: string | null, now: string | null): boolean {
    return foundBy(test).every((id) => this.of(id, after).epoch === this.of(id, now).epoch);
  }
}
