import type { Bus } from './bus';
import type { DeviceDb } from './database';
import { sameAct, type Outbox } from './outbox';
import type { Transport } from './post';
import type { OutboxItem, Connection } from './types';

const mostAtOnce = 40;
const mostBytes = 200_000;
const mostPhotoTries = 3;

/** Runs something in one tab of the browser at a time; a tab that finds it running leaves it to the other. */
export type Alone = (work: () => Promise<void>) => Promise<void>;

export const withTabLock =
  (name: string): Alone =>
  async (work) => {
    if (typeof navigator === 'undefined' || !navigator.locks) return work();
    await navigator.locks.request(name, { ifAvailable: true }, async (lock) => {
      if (lock) await work();
    });
  };

/** The entries of a batch before one that cannot go yet, and before the rest of its act. */
function before(batch: OutboxItem[], at: number): OutboxItem[] {
  let end = at;
  while (end > 0 && sameAct(batch[end - 1], batch[at])) end--;
  return batch.slice(0, end);
}

/** Sends what waits in the outbox, in order, photos first, until nothing is left or the server cannot be reached. */
export class Sender {
  private running: Promise<void> | null = null;
  private again = false;
  line: Connection = 'up';

  constructor(
    private readonly db: DeviceDb,
    private readonly outbox: Outbox,
    private readonly wire: Transport,
    private readonly bus: Bus,
    private readonly alone: Alone,
  ) {}

  /** Sends now. Called while it is sending, it goes round once more. Resolves when there is nothing left to do now. */
  run(): Promise<void> {
    if (this.running) {
      this.again = true;
      return this.running;
    }
    this.running = this.alone(() => this.sendAll()).finally(() => {
      this.running = null;
      if (this.again) {
        this.again = false;
        return this.run();
      }
    });
    return this.running;
  }

  private setLine(line: Connection): void {
    this.line = line;
    this.bus.tell({ kind: 'line', line });
  }

  private async sendAll(): Promise<void> {
    for (;;) {
      this.again = false;
      const batch = await this.nextBatch();
      if (batch.length === 0) return;
      const ready = await this.withPhotos(batch);
      if (ready.length === 0) {
        if (this.line !== 'up') return;
        continue;
      }
      const answers = await this.wire.send(ready, ready[0].actorId);
      for (const [i, answer] of answers.entries()) {
        const item = ready[i];
        if (answer.kind === 'cut' || answer.kind === 'away' || answer.kind === 'elsewhere') {
          this.setLine(answer.kind);
          return;
        }
        // Another of its act is the one that was refused: it is held with that one.
        if (answer.kind === 'left') continue;
        if (answer.kind === 'kept') {
          await this.outbox.remove(item.id);
          for (const sha of item.photos) await this.letGo(sha);
          this.bus.tell({ kind: 'answered', id: item.id, jobId: item.jobId, seq: answer.seq, changes: answer.changes });
        } else {
          await this.outbox.refuse(item.id, answer.refusal);
          this.bus.tell({ kind: 'refused', id: item.id, jobId: item.jobId });
          // The server stopped here; what builds on it is held, the rest is looked at anew.
          break;
        }
      }
      if (this.line !== 'up') this.setLine('up');
    }
  }

  /** Entries of one person that fit one request; the entries of an act go together. */
  private async nextBatch(): Promise<OutboxItem[]> {
    const batch: OutboxItem[] = [];
    let size = 0;
    for (const item of await this.outbox.waiting(mostAtOnce)) {
      size += JSON.stringify(item.command).length;
      const last = batch.at(-1);
      if (last && (item.actorId !== last.actorId || (size > mostBytes && !sameAct(last, item)))) break;
      batch.push(item);
    }
    return batch;
  }

  /** Brings the photos of a batch over; a batch is cut short before an entry whose photo did not arrive. */
  private async withPhotos(batch: OutboxItem[]): Promise<OutboxItem[]> {
    for (const [i, item] of batch.entries()) {
      for (const sha of item.photos) {
        const kept = await this.db.get('photo', sha);
        // Sent before, and only the entry is still to be answered.
        if (!kept) continue;
        const answer = await this.uploadOne(sha, kept.blob, item.shopId);
        if (answer.kind === 'cut') {
          this.setLine('cut');
          return before(batch, i);
        }
        if (answer.kind === 'refused') {
          await this.outbox.refuse(item.id, { code: 'not yet', message: answer.message });
          this.bus.tell({ kind: 'refused', id: item.id, jobId: item.jobId });
          return before(batch, i);
        }
      }
    }
    return batch;
  }

  /** The server has this photo: it moves from what waits to what is merely at hand. */
  private async letGo(sha: string): Promise<void> {
    const kept = await this.db.get('photo', sha);
    if (!kept) return;
    try {
      const shelf = await caches.open('ivrek-photos');
      await shelf.put(`/api/photos/${sha}?thumb`, new Response(kept.thumb));
      await shelf.put(`/api/photos/${sha}`, new Response(kept.blob));
    } catch {
      // without that shelf it is fetched from the server when it is wanted
    }
    await this.db.delete('photo', sha);
  }

  private async uploadOne(sha: string, blob: Blob, shopId: string) {
    for (let tries = 1; ; tries++) {
      const tell = (part: number | null) => this.bus.tell({ kind: 'photoPart', part });
      tell(0);
      const answer = await this.wire.upload(sha, blob, tell, shopId);
      tell(null);
      // Damaged on its way: the bytes here are sound, so it is tried again before a person is asked.
      if (answer.kind !== 'refused' || tries >= mostPhotoTries || answer.code !== 'damaged') return answer;
    }
  }
}
