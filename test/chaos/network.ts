import type { Random } from './random';

/** What a bad line does to one request. */
type Mishap = 'none' | 'lost on the way there' | 'lost on the way back' | 'sent twice' | 'comes again later';

/**
 * A line to the server that fails as real ones do: requests that never arrive, answers that never come back although the
 * work was done, repeats, and old requests that arrive again after newer ones. Counts every mishap as a cut.
 */
export class BadLine {
  cuts = 0;
  private requests = 0;
  private trap: { at: number; spring: () => void } | null = null;
  /** While true everything passes. */
  healed = false;
  private readonly late: (() => Promise<unknown>)[] = [];

  constructor(
    readonly url: string,
    private readonly random: Random,
    private readonly badness: number,
  ) {}

  /** A fetch for one device; its cookie goes along as a browser would send it. */
  fetchAs =
    (cookie: () => string): typeof fetch =>
    async (path, init) => {
      const again = (body?: string | Blob) =>
        fetch(`${this.url}${String(path)}`, {
          ...init,
          body: body ?? init?.body,
          headers: { ...(init?.headers as Record<string, string>), cookie: cookie(), origin: this.url },
          signal: AbortSignal.timeout(20_000),
        });
      if (this.trap && ++this.requests >= this.trap.at) {
        const { spring } = this.trap;
        this.trap = null;
        spring();
      }
      const mishap = this.mishap();
      if (mishap !== 'none') this.cuts++;
      switch (mishap) {
        case 'lost on the way there':
          throw new TypeError('the line is cut');
        case 'lost on the way back':
          await again().then((r) => r.arrayBuffer());
          throw new TypeError('the line is cut');
        case 'sent twice': {
          const [first, second] = await Promise.allSettled([again(), again()]);
          await (first.status === 'fulfilled' ? first.value.arrayBuffer() : null);
          if (second.status === 'rejected') throw second.reason;
          return second.value;
        }
        case 'comes again later': {
          const response = await again();
          this.late.push(() => again().then((r) => r.arrayBuffer()));
          return response;
        }
        default:
          return again();
      }
    };

  /** Does something in the middle of work: when so many more requests have begun. */
  after(requests: number, spring: () => void): void {
    this.requests = 0;
    this.trap = { at: requests, spring };
  }

  /** What was to happen and did not happens no more. */
  disarm(): void {
    this.trap = null;
  }

  /** Old requests arrive again, after whatever came since. */
  async comeLate(): Promise<void> {
    for (const send of this.late.splice(0)) await send().catch(() => undefined);
  }

  private mishap(): Mishap {
    if (this.healed || this.random.next() > this.badness) return 'none';
    return this.random.one(['lost on the way there', 'lost on the way back', 'sent twice', 'comes again later']);
  }
}
