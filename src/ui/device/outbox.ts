import { buildsOn, type Command, type Refusal } from '../../core/command';
import type { DeviceDb } from './database';
import type { OutboxItem } from './types';

/** True if `later` needs what `earlier` did: it builds on its changes, or speaks of it. */
function needsItem(later: OutboxItem, earlier: OutboxItem): boolean {
  const target = (later.command.payload as { targetId?: string }).targetId;
  return target === earlier.id || buildsOn(later.changes, earlier.changes);
}

/** True for entries of one act. */
export const sameAct = (a: OutboxItem, b: OutboxItem): boolean => a.command.group !== undefined && a.command.group === b.command.group;

/**
 * Entries that wait for the server, in the order in which they were made, kept over a reload, a crash and an empty battery.
 * A refused one stays until a person decides; what builds on it is held back, everything else passes.
 */
export class Outbox {
  constructor(
    private readonly db: DeviceDb,
    private readonly shopId: string,
    private readonly uuid: () => string = () => crypto.randomUUID(),
  ) {}

  /**
   * Keeps the entries of one act, all of them or none; resolves when they would survive a loss of power. What is there already stays
   * as it is.
   */
  async add(items: readonly OutboxItem[]): Promise<void> {
    const tx = this.db.transaction('outbox', 'readwrite', { durability: 'strict' });
    if ((await tx.store.index('id').getKey(items[0].id)) !== undefined) return tx.done;
    const held = (await tx.store.index('shopId').getAll(this.shopId)).filter((i) => i.state !== 'waiting');
    const on = held.find((h) => items.some((item) => needsItem(item, h)));
    for (const item of items) await tx.store.add(on ? { ...item, state: 'held' as const, heldBy: on.heldBy ?? on.id } : item);
    await tx.done;
  }

  /** Everything of this shop, oldest first. */
  async all(): Promise<OutboxItem[]> {
    return this.db.getAllFromIndex('outbox', 'shopId', this.shopId);
  }

  /** The first few that wait; the entries of one act are not parted. */
  async waiting(most: number): Promise<OutboxItem[]> {
    const all = (await this.all()).filter((i) => i.state === 'waiting');
    let end = Math.min(most, all.length);
    while (end > 0 && end < all.length && sameAct(all[end - 1], all[end])) end++;
    return all.slice(0, end);
  }

  /** The server has it. */
  async remove(id: string): Promise<void> {
    const tx = this.db.transaction('outbox', 'readwrite');
    const key = await tx.store.index('id').getKey(id);
    if (key !== undefined) await tx.store.delete(key);
    await tx.done;
  }

  /**
   * The server refused it: it stays for a person to decide, and what builds on it is held, as are the other entries of its act. Fields
   * of a set that nobody else touched go on as an entry of their own. Returns the entry as it stands now.
   */
  async refuse(id: string, refusal: Refusal): Promise<OutboxItem | null> {
    const tx = this.db.transaction('outbox', 'readwrite');
    const all = await tx.store.index('shopId').getAll(this.shopId);
    const at = all.findIndex((i) => i.id === id);
    // Held meanwhile, since an entry before it was refused: it is no case of its own.
    if (at < 0 || all[at].state === 'held') return null;
    const [stays, passes] = split(all[at], refusal, this.uuid);
    await tx.store.put(stays);
    const held: OutboxItem[] = [stays];
    // Of its own act some may stand before it.
    for (const other of [...all.slice(0, at).filter((i) => sameAct(i, stays)), ...all.slice(at + 1)]) {
      if (other.state !== 'waiting' || !held.some((h) => sameAct(h, other) || needsItem(other, h))) continue;
      const kept = { ...other, state: 'held' as const, heldBy: id };
      held.push(kept);
      await tx.store.put(kept);
    }
    if (passes) await tx.store.add(passes.command.group ? { ...passes, state: 'held', heldBy: id } : passes);
    await tx.done;
    return stays;
  }

  /**
   * Takes a refused entry out of the conflicts, puts the decision in its place and lets go what was held by it, but for those that
   * the decision covers: all of it or nothing.
   */
  async decided(id: string, covered: readonly string[], decision: OutboxItem): Promise<void> {
    const tx = this.db.transaction('outbox', 'readwrite', { durability: 'strict' });
    await tx.store.add(decision);
    for (const i of await tx.store.index('shopId').getAll(this.shopId)) {
      if (i.id === id || covered.includes(i.id)) await tx.store.delete(i.n!);
      else if (i.heldBy === id) await tx.store.put(freed(i));
    }
    await tx.done;
  }

  /** A refused entry is tried once more as it is, and with it what was held by it. */
  async again(id: string): Promise<void> {
    const tx = this.db.transaction('outbox', 'readwrite');
    for (const i of await tx.store.index('shopId').getAll(this.shopId)) if (i.id === id || i.heldBy === id) await tx.store.put(freed(i));
    await tx.done;
  }
}

function freed(item: OutboxItem): OutboxItem {
  const free: OutboxItem = { ...item, state: 'waiting' };
  delete free.heldBy;
  delete free.refusal;
  return free;
}

/** A refused set of fields in two: the contested ones, which stay, and the others, which go on. */
function split(item: OutboxItem, refusal: Refusal, uuid: () => string): [stays: OutboxItem, passes: OutboxItem | null] {
  const contested = new Set(refusal.code === 'conflict' ? refusal.fields?.map((f) => f.field) : []);
  const set = (item.command.payload as { set?: Record<string, unknown> }).set;
  const free = Object.keys(set ?? {}).filter((f) => !contested.has(f));
  const refused: OutboxItem = { ...item, state: 'refused', refusal };
  if (!set || contested.size === 0 || free.length === 0) return [refused, null];
  const having = (fields: string[]): Pick<OutboxItem, 'command' | 'changes'> => {
    const pick = (from: Record<string, unknown>) => Object.fromEntries(Object.entries(from).filter(([f]) => fields.includes(f)));
    const command = { ...item.command, base: pick(item.command.base), payload: { set: pick(set) } } as Command;
    const changes = item.changes.map((c) => (c.op === 'update' ? { ...c, set: pick(c.set), was: pick(c.was) } : c));
    return { command, changes };
  };
  const rest = having(free);
  const id = uuid();
  const { n, ...unplaced } = item;
  void n;
  return [
    { ...refused, ...having([...contested]) },
    { ...unplaced, ...rest, id, command: { ...rest.command, id }, state: 'waiting' },
  ];
}
