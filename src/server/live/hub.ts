import pg from 'pg';
import type { Heard } from '../../core/state';
import { connection } from '../db/pool';
import { log } from '../log';
import { journalAfter } from '../queries/journal';

/** One device that listens: told every new journal line of its shop, in order and without gaps. */
export interface Listener {
  shopId: string;
  sessionId: string;
  /** The last number it has been told. */
  seq: number;
  tell(entries: Heard[]): void;
  /** Its session is over: it hears no more. */
  end(): void;
}

/**
 * Tells listening devices of one process what is new. One connection outside the pool hears the numbers; what stands
 * behind a number is read from the journal, so a missed notice is made good by the next one or by the beat.
 */
export class Hub {
  private readonly listeners = new Set<Listener>();
  private client: pg.Client | null = null;
  private readonly busy = new Map<string, Promise<void>>();
  private readonly again = new Set<string>();
  private timer: ReturnType<typeof setInterval> | null = null;

  constructor(
    private readonly pool: pg.Pool,
    private readonly url: string,
    private readonly beatMs = 10_000,
  ) {}

  /** Begins to tell a device; call the answer to stop. */
  add(listener: Listener): () => void {
    this.listeners.add(listener);
    void this.listen();
    this.timer ??= setInterval(() => this.everyShop(), this.beatMs);
    void this.news(listener.shopId);
    return () => {
      this.listeners.delete(listener);
      if (this.listeners.size === 0 && this.timer) {
        clearInterval(this.timer);
        this.timer = null;
      }
    };
  }

  get size(): number {
    return this.listeners.size;
  }

  async close(): Promise<void> {
    if (this.timer) clearInterval(this.timer);
    this.timer = null;
    this.listeners.clear();
    const { client } = this;
    this.client = null;
    await client?.end().catch(() => undefined);
  }

  /** Cuts whoever listens for a session that is over. */
  private over(sessionId: string): void {
    for (const l of [...this.listeners]) if (l.sessionId === sessionId) l.end();
  }

  private everyShop(): void {
    void this.listen();
    for (const shopId of new Set([...this.listeners].map((l) => l.shopId))) void this.news(shopId);
  }

  private async listen(): Promise<void> {
    if (this.client) return;
    const client = new pg.Client(connection(this.url, 'ivrek live'));
    this.client = client;
    const lost = () => {
      if (this.client === client) this.client = null;
    };
    client.on('error', lost);
    client.on('end', lost);
    client.on('notification', ({ channel, payload }) => {
      if (channel === 'ivrek_over') this.over(payload ?? '');
      else this.everyShop();
    });
    try {
      await client.connect();
      await client.query('listen ivrek_journal; listen ivrek_over');
      this.everyShop();
    } catch (error) {
      lost();
      log.warn({ err: error }, 'cannot listen to the journal just now');
    }
  }

  /** Reads what a shop's listeners have not been told yet. Runs once at a time for a shop, and once more if asked meanwhile. */
  private async news(shopId: string): Promise<void> {
    if (this.busy.has(shopId)) {
      this.again.add(shopId);
      return;
    }
    const run = this.readNews(shopId).catch((error: unknown) => log.warn({ err: error }, 'cannot read the journal just now'));
    this.busy.set(shopId, run);
    await run;
    this.busy.delete(shopId);
    if (this.again.delete(shopId)) void this.news(shopId);
  }

  private async readNews(shopId: string): Promise<void> {
    for (;;) {
      const waiting = [...this.listeners].filter((l) => l.shopId === shopId);
      if (waiting.length === 0) return;
      const page = await journalAfter(this.pool, shopId, Math.min(...waiting.map((l) => l.seq)), null);
      for (const l of waiting) {
        const fresh = page.entries.filter((e) => e.seq > l.seq);
        if (fresh.length === 0) continue;
        l.seq = fresh.at(-1)!.seq;
        l.tell(fresh);
      }
      if (!page.more) return;
    }
  }
}
