import type { ErrorBody } from '../../src/wire';
import 'fake-indexeddb/auto';
import { createHash } from 'node:crypto';
import sharp from 'sharp';
import type { Heard, JobSnapshot } from '../../src/core/state';
import { list } from '../../src/core/state';
import { Bus } from '../../src/ui/device/bus';
import { openShelves, type DeviceDb } from '../../src/ui/device/database';
import { Outbox } from '../../src/ui/device/outbox';
import { sendOver } from '../../src/ui/device/post';
import { Sender } from '../../src/ui/device/sender';
import type { OutboxItem } from '../../src/ui/device/types';
import { JobStore } from '../../src/ui/job/store';
import { casesOf, decide } from '../../src/ui/job/conflicts';
import type { History } from './history';
import type { Random } from './random';

interface Page {
  entries: Heard[];
  upTo: number;
  more: boolean;
}

/**
 * A tablet without a screen: the outbox, the sender and the stores that the application itself uses, on a database of its
 * own, with a clock that is wrong by hours. It can lose its page at any moment and open again from what it kept.
 */
export class SimDevice {
  private db!: DeviceDb;
  private outbox!: Outbox;
  private sender!: Sender;
  private bus!: Bus;
  private opened = 0;
  readonly stores = new Map<string, JobStore>();

  constructor(
    readonly name: string,
    private readonly shopId: string,
    private readonly ask: typeof fetch,
    private readonly skewMs: number,
    private readonly random: Random,
    private readonly history: History,
  ) {}

  private clock = () => new Date(Date.now() + this.skewMs);

  /** Opens the page: from the snapshots on this device where there are any, else from the server. */
  async open(jobIds: readonly string[]): Promise<void> {
    this.db = await openShelves(`chaos-${this.name}`);
    this.outbox = new Outbox(this.db, this.shopId, () => {
      const id = crypto.randomUUID();
      this.history.parted.add(id);
      return id;
    });
    this.bus = new Bus(`chaos-${this.name}-${this.opened++}`);
    this.sender = new Sender(
      this.db,
      this.outbox,
      {
        send: sendOver(this.ask),
        upload: async (sha256, blob) => {
          try {
            const r = await this.ask(`/api/photos/${sha256}`, { method: 'PUT', body: blob });
            if (r.status === 200) return { kind: 'kept' };
            const told = (await r.json()) as ErrorBody;
            return r.status >= 500 ? { kind: 'cut' } : { kind: 'refused', ...told };
          } catch {
            return { kind: 'cut' };
          }
        },
      },
      this.bus,
      (work) => work(),
    );
    this.bus.subscribe((news) => {
      if (news.kind === 'answered') this.history.ack(news.id, news.seq);
      for (const store of this.stores.values()) store.applyNews(news);
    });
    for (const jobId of jobIds) {
      const kept = await this.db.get('snapshot', [this.shopId, jobId]);
      const snapshot = kept?.snapshot ?? (await this.fetchSnapshot(jobId));
      const items = (await this.outbox.all()).filter((i) => i.jobId === jobId);
      const store = new JobStore(snapshot, (items) => this.keep(items), this.clock, undefined, items);
      store.onLate = (item) => void this.hold(this.outbox.again(item.id));
      this.stores.set(jobId, store);
    }
  }

  /** The page goes away as when a battery is pulled: only what is in the database stays. */
  async lose(): Promise<void> {
    // What was tapped an instant ago is written by then; the application holds it in hand until it is (see hand.ts).
    await Promise.all(this.keeping);
    this.bus.close();
    this.stores.clear();
    this.db.close();
  }

  private readonly keeping = new Set<Promise<void>>();
  private keep(items: readonly OutboxItem[]): Promise<void> {
    for (const item of items) this.history.made.push({ device: this.name, item });
    return this.hold(this.outbox.add(items));
  }

  private async hold(work: Promise<void>): Promise<void> {
    this.keeping.add(work);
    await work.finally(() => this.keeping.delete(work));
  }

  private async fetchSnapshot(jobId: string): Promise<JobSnapshot> {
    for (;;) {
      try {
        const r = await this.ask(`/api/jobs/${jobId}`);
        if (r.ok) return (await r.json()) as JobSnapshot;
      } catch {
        // tried again
      }
      await new Promise((later) => setTimeout(later, 20));
    }
  }

  /** Sends what waits, once. */
  async send(): Promise<void> {
    await Promise.all(this.keeping);
    await this.sender.run();
    if (this.stores.size) await this.refresh();
  }

  /** Screens take up what the outbox holds, as after every refusal. */
  private async refresh(): Promise<void> {
    const all = await this.outbox.all();
    for (const i of all) if (i.state !== 'waiting') this.history.stopped.add(i.id);
    for (const [jobId, store] of this.stores) store.takeUp(all.filter((i) => i.jobId === jobId));
  }

  /** Asks for what was missed. Half the time as a stream would tell it: out of order and twice. */
  async catchUp(): Promise<void> {
    for (const [jobId, store] of this.stores) {
      try {
        for (let more = true; more;) {
          const streamed = this.random.next() < 0.5;
          const r = await this.ask(`/api/journal?after=${store.heardUpTo}${streamed ? '' : `&job=${jobId}`}`);
          if (!r.ok) return;
          const page = (await r.json()) as Page;
          if (streamed) {
            const shuffled = [...page.entries, ...page.entries.slice(0, 2)].sort(() => this.random.next() - 0.5);
            for (const e of shuffled) store.applyNews({ kind: 'entries', entries: [e] });
          } else store.caughtUp(page.entries, page.upTo);
          more = page.more;
        }
      } catch {
        return;
      }
      await this.db.put('snapshot', { shopId: this.shopId, jobId, savedAt: this.clock().toISOString(), snapshot: store.toSnapshot() });
    }
  }

  /** Someone taps: a random thing that can be done on a random bike now. */
  async act(): Promise<void> {
    const [jobId, store] = this.random.one([...this.stores]);
    const { state } = store.get();
    const job = { jobId };
    const id = crypto.randomUUID();
    const bike = list(state, 'bike')[0];
    const n = this.random.below(1000);
    const some = <T>(rows: T[]): T | null => (rows.length ? this.random.one(rows) : null);
    switch (this.random.below(16)) {
      case 0:
      case 1:
        store.set('bike.set', bike.id, { year: 1950 + this.random.below(40), frameNo: `F-${n}` });
        return;
      case 2:
        store.set('bike.set', bike.id, { [this.random.one(['engineNo', 'frameNo'])]: `E-${n}` });
        return;
      case 3:
        store.set('job.set', jobId, { notes: `${this.name} says ${n}`, standingMonths: n });
        return;
      case 4:
      case 5:
        store.act('step.add', id, {
          ...job,
          title: `Cover ${n}`,
          access: null,
          bag: String(n % 20),
          note: null,
          fasteners: [{ id: crypto.randomUUID(), size: 'M6x25', count: 1 + (n % 6), place: null }],
        });
        return;
      case 6: {
        const step = some(list(state, 'step').filter((s) => !s.refittedAt));
        if (!step) return;
        const counts = Object.fromEntries(list(state, 'fastener').flatMap((f) => (f.stepId === step.id ? [[f.id, f.count]] : [])));
        store.act('step.refit', step.id, { ...job, counts });
        return;
      }
      case 7:
        store.act('part.add', id, {
          ...job,
          findingId: null,
          name: `Part ${n}`,
          number: null,
          source: null,
          quantity: 1,
          price: '9.50',
          dueOn: null,
        });
        return;
      case 8: {
        const part = some(list(state, 'part'));
        if (part) store.set('part.set', part.id, { status: this.random.one(['ordered', 'arrived', 'fitted'] as const), price: `${n}.00` });
        return;
      }
      case 9: {
        const wait = some(list(state, 'wait').filter((w) => !w.endedAt));
        if (wait && n % 2) store.act('wait.end', wait.id, job);
        else
          store.act('wait.start', id, {
            ...job,
            kind: 'soaking',
            what: `Bore ${n}`,
            until: null,
            lookAgain: this.clock().toISOString(),
          });
        return;
      }
      case 10: {
        const { undo } = store.targets();
        if (undo && undo.type !== 'bike.bookIn') store.undo(undo.id);
        return;
      }
      case 11: {
        const old = some(state.journal.filter((e) => !e.targetId && e.type !== 'bike.bookIn'));
        if (old) store.undo(old.id);
        return;
      }
      case 12: {
        const { redo } = store.targets();
        if (redo) store.redo(redo.id);
        return;
      }
      case 13:
      case 14:
        // As a panel keeps what was measured: several entries that are one act.
        store.together(() => {
          const named = store.set('bike.set', bike.id, { mileageKm: 10 * n }).ok;
          const part = { ...job, findingId: null, name: `Kit ${n}`, number: null, source: null, quantity: 1, price: '4.00', dueOn: null };
          const added = store.act('part.add', id, part).ok;
          const watch = { ...job, what: `Kit ${n}`, due: 'soon' };
          return named && added && store.act('watch.add', crypto.randomUUID(), watch).ok;
        });
        return;
      default:
        await this.photo(store, jobId, id, n);
    }
  }

  private async photo(store: JobStore, jobId: string, id: string, n: number): Promise<void> {
    const bytes = await sharp({
      create: { width: 32, height: 24, channels: 3, background: { r: n % 256, g: (n * 7) % 256, b: (n * 13) % 256 } },
    })
      .jpeg()
      .toBuffer();
    const sha256 = createHash('sha256').update(bytes).digest('hex');
    const blob = new Blob([new Uint8Array(bytes)], { type: 'image/jpeg' });
    await this.db.put('photo', { sha256, blob, thumb: blob });
    store.act(
      'photo.add',
      id,
      { jobId, subject: 'bag', subjectId: null, bag: String(n % 20), sha256, width: 32, height: 24, bytes: bytes.length, caption: null },
      { photos: [sha256] },
    );
  }

  /** A person looks at the conflicts and decides one, or tries it once more. */
  async decideOne(): Promise<boolean> {
    await this.refresh();
    for (const store of this.stores.values()) {
      const [one] = casesOf(store.get().conflicts);
      if (!one) continue;
      const keeper = {
        decide: (id: string, covered: readonly string[], decision: OutboxItem) => {
          this.history.made.push({ device: this.name, item: decision });
          for (const gone of [id, ...covered]) this.history.decided.add(gone);
          return this.hold(this.outbox.decided(id, covered, decision));
        },
      };
      // What stands may not take the value here any more: then the other one stays.
      if (!decide(store, keeper, one, this.random.one(['mine', 'theirs']))) decide(store, keeper, one, 'theirs');
      await Promise.all(this.keeping);
      await this.refresh();
      return true;
    }
    return false;
  }

  async left(): Promise<OutboxItem[]> {
    return this.outbox.all();
  }

  close(): void {
    this.bus.close();
    this.db.close();
  }
}
