import { advance, effectOf, isUndoable, makeCommand, undoTargets, type Command, type Refusal } from '../../core/command';
import { stateOf, type JobSnapshot as Snapshot, type State, type TableName } from '../../core/record';
import type { PersonalData, Post } from './post';

export interface Waiting {
  command: Command;
  personal?: PersonalData[];
}

/** Where commands that the server has not yet answered are kept over a reload. */
export interface Shelf {
  read(): Waiting[];
  write(waiting: Waiting[]): void;
}

export interface JobView {
  /** With everything that waits already applied. */
  state: State;
  waiting: number;
  /** True after a send failed for want of a server. */
  cut: boolean;
  /** The last refusal, until it is dismissed. */
  refused: { type: string; refusal: Refusal } | null;
}

export type ActResult = { ok: true; id: string } | { ok: false; refusal: Refusal };

/**
 * One job on one device: the state as the server last said, plus what was done since, in order. Knows no framework.
 * Acts show at once; they are sent one after the other and kept until the server has them.
 */
export class JobStore {
  private said: State;
  private waiting: Waiting[] = [];
  private view: JobView;
  private seq: number;
  private sending = false;
  private readonly listeners = new Set<() => void>();

  constructor(
    readonly snapshot: Snapshot,
    private readonly post: Post,
    private readonly shelf: Shelf,
    private readonly clock: () => Date = () => new Date(),
    private readonly uuid: () => string = () => crypto.randomUUID(),
  ) {
    this.said = stateOf(snapshot);
    this.seq = snapshot.shop.seq;
    this.view = { state: this.said, waiting: 0, cut: false, refused: null };
  }

  /** Takes up what an earlier visit left unsent. Called once, after the first render. */
  resume(): void {
    const known = new Set(this.said.journal.map((e) => e.id));
    this.waiting = this.shelf.read().filter((w) => !known.has(w.command.id));
    this.rebuild();
    void this.flush();
  }

  get = (): JobView => this.view;

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Does something: shows it at once and sends it. A refusal that is known already comes back and changes nothing. */
  act(
    type: string,
    kind: TableName,
    entityId: string,
    payload: object,
    extra: { base?: Record<string, number>; personal?: PersonalData[] } = {},
  ): ActResult {
    const command = makeCommand({
      id: this.uuid(),
      type,
      kind,
      entityId,
      madeAt: this.clock().toISOString(),
      after: this.seq,
      payload,
      base: extra.base,
    });
    const outcome = effectOf(this.view.state, command);
    if (!outcome.ok) {
      this.publish({ ...this.view, refused: { type, refusal: outcome.refusal } });
      return { ok: false, refusal: outcome.refusal };
    }
    this.waiting = [...this.waiting, { command, ...(extra.personal && { personal: extra.personal }) }];
    this.keep();
    const state = advance(this.view.state, command, outcome.changes, null, this.snapshot.actor?.id ?? null);
    this.publish({ ...this.view, state, waiting: this.waiting.length, refused: null });
    void this.flush();
    return { ok: true, id: entityId };
  }

  /** Sets fields of a row on the versions that this screen shows. */
  set<T extends TableName>(type: string, table: T, id: string, set: Record<string, unknown>, personal?: PersonalData[]): ActResult {
    const versions = this.view.state.rows[table].get(id)?.versions ?? {};
    const base = Object.fromEntries(Object.keys(set).map((f) => [f, versions[f] ?? 0]));
    return this.act(type, table, id, { set }, { base, personal });
  }

  targets = () => undoTargets(this.view.state.journal, isUndoable);

  undo(entryId: string): ActResult {
    return this.act('undo', 'job', this.snapshot.jobId, { targetId: entryId });
  }

  redo(entryId: string): ActResult {
    return this.act('redo', 'job', this.snapshot.jobId, { targetId: entryId });
  }

  dismiss = (): void => this.publish({ ...this.view, refused: null });

  newId = (): string => this.uuid();
  now = (): string => this.clock().toISOString();

  /** Sends what waits, in order, until nothing is left or the server cannot be reached. */
  async flush(): Promise<void> {
    if (this.sending) return;
    this.sending = true;
    try {
      while (this.waiting.length) {
        const first = this.waiting[0];
        const answer = await this.post(first.command, first.personal);
        if (answer.kind === 'cut') {
          this.publish({ ...this.view, cut: true });
          return;
        }
        this.waiting = this.waiting.slice(1);
        this.keep();
        if (answer.kind === 'kept') {
          this.seq = Math.max(this.seq, answer.seq);
          this.said = advance(this.said, first.command, answer.changes, answer.seq, this.snapshot.actor?.id ?? null);
          this.rebuild(this.view.refused, false);
        } else this.rebuild({ type: first.command.type, refusal: answer.refusal }, false);
      }
    } finally {
      this.sending = false;
    }
  }

  /** The view anew: what the server said, then what waits. What no longer fits is dropped and said so. */
  private rebuild(refused: JobView['refused'] = this.view.refused, cut = this.view.cut): void {
    let state = this.said;
    const fitting: Waiting[] = [];
    for (const w of this.waiting) {
      const outcome = effectOf(state, w.command);
      if (outcome.ok) {
        state = advance(state, w.command, outcome.changes, null, this.snapshot.actor?.id ?? null);
        fitting.push(w);
      } else refused = { type: w.command.type, refusal: outcome.refusal };
    }
    if (fitting.length !== this.waiting.length) {
      this.waiting = fitting;
      this.keep();
    }
    this.publish({ state, waiting: this.waiting.length, cut, refused });
  }

  private keep(): void {
    this.shelf.write(this.waiting);
  }

  private publish(view: JobView): void {
    this.view = view;
    for (const l of this.listeners) l();
  }
}
