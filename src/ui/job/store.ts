import { sameData } from '../../core/data';
import {
  advance,
  actOf,
  command as commandOf,
  effectOf,
  isUndoable,
  tableOf,
  undoneIn,
  undoTargets,
  type CommandName,
  type Payloads,
  type Refusal,
  type SetName,
  type SetOf,
} from '../../core/command';
import {
  applyChanges,
  belongs,
  list,
  stateOf,
  tableNames,
  tables,
  type Change,
  type Heard,
  type JournalEntry,
  type JobSnapshot as Snapshot,
  type Personal,
  type State,
  type TableName,
} from '../../core/state';
import type { OutboxItem, Connection, News, PersonalData } from '../device/types';

export interface JobView {
  /** With everything that waits already applied. */
  state: State;
  /** Entries that the server has not answered. */
  waiting: number;
  line: Connection;
  /** How far the photo that is on its way has come, 0 to 1; null if none is. */
  photoPart: number | null;
  /** The last refusal that was known before anything was sent, until it is dismissed. */
  refused: { type: string; refusal: Refusal } | null;
  /** Entries of this job that need a person, oldest first. */
  conflicts: OutboxItem[];
  personal: Personal[];
  /** Who works with this device. */
  actor: Snapshot['actor'];
  /** True if an entry could not be written down on this device and lives in this page only. */
  unkept: boolean;
}

export type ActResult = { ok: true; id: string } | { ok: false; refusal: Refusal };

/** Where a store leaves what was done, the entries of one act at a time; resolves when they are kept on the device. */
export type SaveItems = (items: readonly OutboxItem[]) => Promise<void>;

/** Everything an act may carry besides its payload. */
export interface ActExtra {
  /** The table of the row, for a command that may be about any. */
  kind?: TableName;
  base?: Record<string, number>;
  personal?: PersonalData[];
  /** Hashes of photos whose bytes must be there first. */
  photos?: string[];
  /** Keeps it in another way than by adding it to the outbox; only for what is an act by itself. */
  keep?: (item: OutboxItem) => Promise<void>;
}

interface Pending {
  item: OutboxItem;
  /** Set once the server has it: its number may still be ahead of what was heard. */
  kept?: { seq: number; changes: Heard['changes'] };
}

/**
 * One job on one device: the state as the journal has it up to a number, plus what was done here since. Knows no framework,
 * no network and no database. Acts show at once; journal lines are applied strictly in the order of their numbers, whoever
 * made them and however they arrive.
 */
export class JobStore {
  private confirmed: State;
  private seq: number;
  private from: number | null;
  private pending: Pending[] = [];
  private readonly buffered = new Map<number, Heard>();
  private view: JobView;
  /** What a page begins with: its parts wake one after the other, and each finds what it was drawn from. */
  readonly first: JobView;
  /** The last state that was built, and what it was built of. */
  private built: { of: readonly unknown[]; state: State } | null = null;
  /** The act that is being put together. */
  private current: { id: string; items: OutboxItem[] } | null = null;
  private readonly listeners = new Set<() => void>();
  /** Called when numbers are missing between what is known and what was heard. */
  onGap: () => void = () => undefined;
  /** Called when the state as the server has it moved on. */
  onSaid: () => void = () => undefined;
  /** Called for an entry that lies refused here and is in the journal all the same: a copy of it was under way and came later. */
  onLate: (item: OutboxItem) => void = () => undefined;

  constructor(
    readonly snapshot: Snapshot,
    private readonly keepItems: SaveItems,
    private readonly clock: () => Date = () => new Date(),
    private readonly uuid: () => string = () => crypto.randomUUID(),
    pending: readonly OutboxItem[] = [],
  ) {
    this.confirmed = stateOf(snapshot);
    this.seq = snapshot.shop.seq;
    this.from = snapshot.journalFrom ?? null;
    this.view = {
      state: this.confirmed,
      waiting: 0,
      line: 'up',
      photoPart: null,
      refused: null,
      conflicts: [],
      personal: snapshot.personal,
      actor: snapshot.actor,
      unkept: false,
    };
    if (pending.length) this.takeUp(pending);
    this.first = this.view;
  }

  get = (): JobView => this.view;

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Everything up to this journal number is in the state. */
  get heardUpTo(): number {
    return this.seq;
  }

  get bikeId(): string | null {
    return this.confirmed.rows.job.get(this.snapshot.jobId)?.bikeId ?? this.view.state.rows.job.get(this.snapshot.jobId)?.bikeId ?? null;
  }

  /** The number of the first line of the journal that is here, while those before it are still to come; else null. */
  get journalFrom(): number | null {
    return this.from;
  }

  /**
   * Takes up all lines of the journal that were left out: nothing in the rows is different by them.
   * @param entries lines of the journal, oldest first; those that do not belong here or are here already are passed over
   */
  takeEarlier(entries: readonly Heard[]): void {
    const known = new Set(this.confirmed.journal.map((e) => e.id));
    const mine = entries.filter((e) => !known.has(e.id) && belongs(e, this.snapshot.jobId, this.bikeId ?? ''));
    const earlier = mine.map((e): JournalEntry => {
      const entry: JournalEntry & Partial<Heard> = { ...e };
      delete entry.personal;
      return entry;
    });
    this.from = null;
    this.confirmed = { ...this.confirmed, journal: [...earlier, ...this.confirmed.journal] };
    const there = new Set(earlier.map((e) => e.id));
    // What is there was sent twice, and the answer to it was an old number.
    this.pending = this.pending.filter((p) => !there.has(p.item.id));
    this.rebuild();
    this.tellLate(this.view.conflicts);
    this.onSaid();
  }

  /** Takes up what the outbox of this device holds for this job: after a reload, or when another tab changed it. */
  takeUp(items: readonly OutboxItem[]): void {
    const known = new Set(this.confirmed.journal.map((e) => e.id));
    const mine = items.filter((i) => !known.has(i.id));
    const kept = new Map(this.pending.filter((p) => p.kept).map((p) => [p.item.id, p]));
    const listed = new Set(mine.map((i) => i.id));
    // What the server has but was not heard yet is in no outbox any more; what was just done may not be in it yet.
    const fresh = this.pending.filter((p) => !listed.has(p.item.id) && !known.has(p.item.id));
    this.pending = [...mine.filter((i) => i.state === 'waiting').map((item) => kept.get(item.id) ?? { item }), ...fresh];
    const conflicts = mine.filter((i) => i.state !== 'waiting');
    this.tellLate(items);
    this.rebuild({
      conflicts: conflicts,
      personal: merge(
        this.view.personal,
        mine.flatMap((i) => i.personal ?? []),
      ),
    });
  }

  /**
   * Does something: shows it at once and leaves it to be sent. A refusal that is known already changes nothing. Fields of a row are set
   * by `set`, which knows the versions that they are set on.
   */
  act<N extends Exclude<CommandName, SetName>>(type: N, entityId: string, payload: Payloads[N], extra: ActExtra = {}): ActResult {
    return this.perform(type, entityId, payload, extra);
  }

  /** Any command, on the versions that it comes with. */
  perform<N extends CommandName>(type: N, entityId: string, payload: Payloads[N], extra: ActExtra = {}): ActResult {
    const making = {
      id: this.uuid(),
      madeAt: this.clock().toISOString(),
      after: this.seq,
      base: extra.base,
      kind: extra.kind,
      group: this.current?.id,
    };
    const command = commandOf(type, entityId, payload, making);
    const outcome = effectOf(this.view.state, command);
    if (!outcome.ok) {
      this.publish({ ...this.view, refused: { type, refusal: outcome.refusal } });
      return { ok: false, refusal: outcome.refusal };
    }
    const item: OutboxItem = {
      id: command.id,
      shopId: this.snapshot.shop.id,
      jobId: this.snapshot.jobId,
      command,
      ...(extra.personal && { personal: extra.personal }),
      actorId: this.view.actor?.id ?? null,
      photos: extra.photos ?? [],
      changes: outcome.changes,
      state: 'waiting',
    };
    this.pending = [...this.pending, { item }];
    const state = advance(this.view.state, command, outcome.changes, null, this.view.actor?.id ?? null);
    const personal = merge(this.view.personal, extra.personal ?? []);
    this.publish({ ...this.view, state, personal, waiting: this.waiting(), refused: null });
    if (this.current && extra.keep) throw new Error(`${type} is kept in a way of its own and cannot be a part of an act`);
    if (this.current) this.current.items.push(item);
    else this.leave(extra.keep ? extra.keep(item) : this.keepItems([item]));
    return { ok: true, id: entityId };
  }

  private leave(keeping: Promise<void>): void {
    keeping.catch(() => this.publish({ ...this.view, unkept: true }));
  }

  /**
   * Does several things as one act: they show, are kept, sent and applied together, stand in the log as one line and are taken back with
   * one press. Where `work` answers false or throws, nothing of it was done.
   */
  together(work: () => boolean): boolean {
    if (this.current) return work();
    const [view, pending] = [this.view, this.pending];
    const act = { id: this.uuid(), items: [] as OutboxItem[] };
    this.current = act;
    let whole = false;
    try {
      whole = work();
    } finally {
      this.current = null;
      if (!whole) {
        this.pending = pending;
        this.publish({ ...view, refused: this.view.refused });
      }
    }
    if (!whole) return false;
    // One entry is an act by itself.
    if (act.items.length === 1) delete act.items[0].command.group;
    this.publish(act.items.length === 1 ? { ...this.view, state: alone(this.view.state, act.id) } : this.view);
    if (act.items.length) this.leave(this.keepItems(act.items));
    return true;
  }

  /** Sets fields of a row on the versions that this screen shows. */
  set<N extends SetName>(type: N, id: string, set: SetOf<N>, personal?: PersonalData[]): ActResult {
    const base = this.baseOf(tableOf(type), id, Object.keys(set as object));
    return this.perform(type, id, { set } as unknown as Payloads[N], { base, personal });
  }

  /** The versions of some fields as this screen shows them. */
  baseOf(table: TableName, id: string, names: readonly string[]): Record<string, number> {
    const versions = this.view.state.rows[table].get(id)?.versions ?? {};
    return Object.fromEntries(names.map((f) => [f, versions[f] ?? 0]));
  }

  targets = () => undoTargets(this.view.state.journal, isUndoable);

  /**
   * Takes an entry back, and with it everything else of its act that can be and stands, the newest first. Nothing is to be done where all of
   * it was taken back before.
   */
  undo(entryId: string): boolean {
    const { journal } = this.view.state;
    const undone = undoneIn(journal);
    const act = actOf(journal, entryId).filter((e) => isUndoable(e.type));
    if (act.length && act.every((e) => undone.has(e.id))) return true;
    return this.eachOf(
      'undo',
      act.filter((e) => !undone.has(e.id)),
      entryId,
    );
  }

  /** Puts back what an undo took back, and with it everything else of its act. */
  redo(entryId: string): boolean {
    const { journal } = this.view.state;
    const redone = undoneIn(journal);
    return this.eachOf(
      'redo',
      actOf(journal, entryId).filter((e) => e.type === 'undo' && !redone.has(e.id)),
      entryId,
    );
  }

  private eachOf(type: 'undo' | 'redo', act: readonly JournalEntry[], entryId: string): boolean {
    const ids = act.length ? act.map((e) => e.id).reverse() : [entryId];
    return this.together(() => ids.every((targetId) => this.act(type, this.snapshot.jobId, { targetId }).ok));
  }

  /** Someone else works with this device from now on. */
  setActor(actor: Snapshot['actor']): void {
    this.publish({ ...this.view, actor });
  }

  dismiss = (): void => this.publish({ ...this.view, refused: null });

  /** Says once more why something was refused, after what had been done with it was taken back. */
  refuse = (refused: JobView['refused']): void => this.publish({ ...this.view, refused });

  newId = (): string => this.uuid();
  now = (): string => this.clock().toISOString();

  /** Takes news from this or another tab. */
  applyNews(news: News): void {
    switch (news.kind) {
      case 'added':
        if (news.item.jobId !== this.snapshot.jobId || this.pending.some((p) => p.item.id === news.item.id)) return;
        if (this.confirmed.journal.some((e) => e.id === news.item.id)) return;
        this.pending = [...this.pending, { item: news.item }];
        this.rebuild();
        return;
      case 'answered': {
        const mine = this.pending.find((p) => p.item.id === news.id);
        if (mine) {
          mine.kept = { seq: news.seq, changes: news.changes };
          this.settle();
        }
        return;
      }
      case 'entries':
        for (const e of news.entries) if (e.seq > this.seq) this.buffered.set(e.seq, e);
        this.settle();
        return;
      case 'line':
        if (news.line !== this.view.line) this.publish({ ...this.view, line: news.line });
        return;
      case 'turnedDown':
        if (!this.pending.some((p) => p.item.id === news.id)) return;
        this.pending = this.pending.filter((p) => p.item.id !== news.id);
        this.rebuild({ refused: { type: news.type, refusal: news.refusal }, unkept: this.view.unkept && this.pending.length > 0 });
        return;
      case 'photoPart':
        this.publish({ ...this.view, photoPart: news.part });
        return;
      default:
    }
  }

  /** Applies a page of the journal: every line of this job after what is known, up to a number. */
  caughtUp(entries: readonly Heard[], upTo: number): void {
    this.applyAll(entries.filter((e) => e.seq > this.seq));
    this.seq = Math.max(this.seq, upTo);
    this.settle(false);
    this.rebuild();
    this.tellLate(this.view.conflicts);
    this.onSaid();
  }

  private tellLate(items: readonly OutboxItem[]): void {
    const refused = items.filter((i) => i.state === 'refused');
    if (refused.length === 0) return;
    const known = new Set(this.confirmed.journal.map((e) => e.id));
    for (const i of refused) if (known.has(i.id)) this.onLate(i);
  }

  /** Everything that this screen knows to be at the server, as a snapshot that can be opened again. */
  toSnapshot(): Snapshot {
    const rows = Object.fromEntries(tableNames.map((t) => [t, list(this.confirmed, t)])) as Snapshot['rows'];
    const { shop, jobId } = this.snapshot;
    return {
      shop: { ...shop, seq: this.seq },
      actor: this.view.actor,
      jobId,
      rows,
      personal: this.view.personal,
      journal: this.confirmed.journal,
      ...(this.from !== null && { journalFrom: this.from }),
      experience: this.confirmed.experience,
      earlier: this.snapshot.earlier,
      lastStrip: this.snapshot.lastStrip,
    };
  }

  /** Moves on over every number that is known without a gap; asks for the rest if one is missing. */
  private settle(publish = true): void {
    const byNumber = new Map(this.pending.flatMap((p) => (p.kept ? [[p.kept.seq, p] as const] : [])));
    let moved = false;
    // What this screen did itself, confirmed in its order as it did it, shows already: only its numbers are new.
    const confirmed = new Map<string, number>();
    let news = false;
    for (;;) {
      const next = this.seq + 1;
      const heard = this.buffered.get(next);
      const own = byNumber.get(next);
      if (!heard && !own) break;
      const first = this.pending.at(0);
      const changes = heard?.changes ?? own?.kept?.changes;
      if (first && (heard?.id ?? own?.item.id) === first.item.id && sameData(changes, first.item.changes))
        confirmed.set(first.item.id, next);
      else news = true;
      if (heard) this.applyAll([heard]);
      else if (own) this.applyOwn(own);
      this.seq = next;
      moved = true;
    }
    for (const n of this.buffered.keys()) if (n <= this.seq) this.buffered.delete(n);
    if (this.view.unkept && this.pending.length === 0) this.view = { ...this.view, unkept: false };
    // An answer to what was sent twice has a number that is known already.
    const known = new Set(this.confirmed.journal.map((e) => e.id));
    const before = this.pending.length;
    this.pending = this.pending.filter((p) => !known.has(p.item.id));
    if (publish && moved && !news && before === this.pending.length) this.renumber(confirmed);
    else if (publish && (moved || before !== this.pending.length)) this.rebuild();
    if (moved) {
      this.tellLate(this.view.conflicts);
      this.onSaid();
    }
    if (this.buffered.size || this.pending.some((p) => p.kept)) this.onGap();
    else if (publish && !moved) this.publish({ ...this.view, waiting: this.waiting() });
  }

  private applyOwn({ item, kept }: Pending): void {
    this.confirmed = advance(this.confirmed, item.command, kept!.changes, kept!.seq, item.actorId);
    this.pending = this.pending.filter((p) => p.item !== item);
  }

  /** Takes up journal lines in their order, as one piece of work however many they are. */
  private applyAll(entries: readonly Heard[]): void {
    const known = new Set(this.confirmed.journal.map((j) => j.id));
    const changes: Change[] = [];
    const journal: JournalEntry[] = [];
    let personal: Personal[] = [];
    for (const e of entries) {
      this.seq = Math.max(this.seq, e.seq);
      const ofShop = e.changes.length > 0 && e.changes.every((c) => tables[c.table].scope === 'workshop');
      const mine = belongs(e, this.snapshot.jobId, this.bikeId ?? '') || ofShop;
      if (!mine || known.has(e.id)) continue;
      known.add(e.id);
      const { personal: named, ...entry } = e;
      personal = [...personal, ...named];
      changes.push(...e.changes);
      if (!ofShop) journal.push(entry);
    }
    if (changes.length === 0 && journal.length === 0) return;
    this.confirmed = { ...applyChanges(this.confirmed, changes), journal: [...this.confirmed.journal, ...journal] };
    this.pending = this.pending.filter((p) => !known.has(p.item.id));
    if (personal.length) this.view = { ...this.view, personal: merge(this.view.personal, personal) };
  }

  /** Own entries got their numbers; nothing else is different. */
  private renumber(confirmed: ReadonlyMap<string, number>): void {
    const journal = this.view.state.journal.map((e) => {
      const seq = confirmed.get(e.id);
      return seq === undefined ? e : { ...e, seq };
    });
    this.publish({ ...this.view, state: { ...this.view.state, journal }, waiting: this.waiting() });
  }

  private waiting(): number {
    return this.pending.filter((p) => !p.kept).length;
  }

  /** The view anew: what the server said, then what waits here. What does not fit just now is left to the server to answer. */
  private rebuild(patch: Partial<JobView> = {}): void {
    const of = [this.confirmed, ...this.pending.flatMap((p) => [p.item, p.kept])];
    // Made of the same it is the same, and nothing is drawn anew.
    const there = this.built;
    const built = there?.of.length === of.length && of.every((x, i) => x === there.of[i]) ? there : { of, state: this.build() };
    this.built = built;
    this.publish({ ...this.view, ...patch, state: built.state, waiting: this.waiting() });
  }

  private build(): State {
    let state = this.confirmed;
    for (const { item, kept } of this.pending) {
      const outcome = kept ? { ok: true as const, changes: kept.changes } : effectOf(state, item.command);
      if (!outcome.ok) continue;
      try {
        state = advance(state, item.command, outcome.changes, null, item.actorId);
      } catch {
        // It stands on a line that was not heard yet; it shows once that has come.
      }
    }
    return state;
  }

  private publish(view: JobView): void {
    this.view = view;
    // What is not whole yet is shown to nobody.
    if (this.current) return;
    for (const l of this.listeners) l();
  }
}

/** A state in which the newest entry is an act by itself. */
function alone(state: State, group: string): State {
  const journal = state.journal.map((e) => (e.groupId === group ? { ...e, groupId: null } : e));
  return { ...state, journal };
}

function merge(known: Personal[], more: readonly PersonalData[]): Personal[] {
  if (more.length === 0) return known;
  const byId = new Map(known.map((p) => [p.id, p]));
  for (const p of more) byId.set(p.id, { id: p.id, name: p.name, phone: p.phone ?? null, email: p.email ?? null });
  return [...byId.values()];
}
