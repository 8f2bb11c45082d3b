/** The database is asked by too many at once; nothing was done, and it can be asked again. */
export class Busy extends Error {
  constructor() {
    super('too many are asking at once');
  }
}

interface Waiting {
  go: () => void;
  giveUp: (error: Busy) => void;
}

/**
 * Turns by key: so many of one key work at once, the others of that key wait in line, and no other key waits for them. A line
 * that is too long, or a wait that is, ends with Busy.
 */
export class Turns {
  private readonly working = new Map<string, number>();
  private readonly lines = new Map<string, Waiting[]>();

  constructor(
    private readonly atOnce: number,
    private readonly mostWaiting = 400,
    private readonly patienceMs = 15_000,
  ) {}

  async run<T>(key: string, work: () => Promise<T>): Promise<T> {
    await this.enter(key);
    try {
      return await work();
    } finally {
      this.leave(key);
    }
  }

  private enter(key: string): Promise<void> | void {
    const working = this.working.get(key) ?? 0;
    if (working < this.atOnce) {
      this.working.set(key, working + 1);
      return;
    }
    const line = this.lines.get(key) ?? [];
    if (line.length >= this.mostWaiting) throw new Busy();
    this.lines.set(key, line);
    return new Promise<void>((go, giveUp) => {
      const one: Waiting = {
        go: () => {
          clearTimeout(timer);
          go();
        },
        giveUp,
      };
      const timer = setTimeout(() => {
        line.splice(line.indexOf(one), 1);
        giveUp(new Busy());
      }, this.patienceMs);
      line.push(one);
    });
  }

  private leave(key: string): void {
    const next = this.lines.get(key)?.shift();
    // The place is handed on as it is.
    if (next) return next.go();
    this.lines.delete(key);
    const working = this.working.get(key)! - 1;
    if (working > 0) this.working.set(key, working);
    else this.working.delete(key);
  }
}
