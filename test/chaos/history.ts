import type { OutboxItem } from '../../src/ui/device/types';

/** What every device did and was told, as it saw it. Only this is held against the journal in the end. */
export class History {
  /** Entries in the order in which each device made them. */
  readonly made: { device: string; item: OutboxItem }[] = [];
  /** Acknowledged entries and the journal number that was named. */
  readonly acked = new Map<string, number>();
  /** Parts of refused entries that went on under an id of their own. */
  readonly parted = new Set<string>();
  /** Refused entries that a person decided; what was covered by the decision. */
  readonly decided = new Set<string>();
  /** Entries that were refused or held at some time, so that others overtook them. */
  readonly stopped = new Set<string>();
  readonly wrong: string[] = [];

  ack(id: string, seq: number): void {
    const before = this.acked.get(id);
    if (before !== undefined && before !== seq) this.wrong.push(`${id} was acknowledged as ${before} and as ${seq}`);
    this.acked.set(id, seq);
  }
}
