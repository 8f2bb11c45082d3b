import { makeCommand, type Command } from '../src/core/command';
import type { TableName } from '../src/core/record';

/** A workshop of its own for one part of the bench, filled over the same routes as everything else. */
export class Yard {
  private constructor(
    readonly url: string,
    readonly shopId: string,
    readonly cookie: string,
  ) {}

  static async open(name: string): Promise<Yard> {
    const url = process.env.IVREK_URL;
    if (!url) throw new Error('IVREK_URL is not set: run ./ivrek bench');
    const r = await fetch(`${url}/api/session`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', origin: url },
      body: JSON.stringify({ newShop: name }),
    });
    const { shopId } = (await r.json()) as { shopId: string };
    return new Yard(url, shopId, (r.headers.get('set-cookie') ?? '').split(';')[0]);
  }

  /** fetch as a browser in this workshop. */
  ask: typeof fetch = (path, init) =>
    fetch(`${this.url}${String(path)}`, {
      ...init,
      headers: { ...(init?.headers as Record<string, string>), cookie: this.cookie, origin: this.url },
    });

  command(type: string, kind: TableName, payload: object, entityId: string = crypto.randomUUID()): Command {
    return makeCommand({ id: crypto.randomUUID(), type, kind, entityId, madeAt: new Date().toISOString(), after: null, payload });
  }

  /** Sends commands by fifties. */
  async send(commands: readonly Command[]): Promise<void> {
    for (let i = 0; i < commands.length; i += 50) {
      const r = await this.ask('/api/commands', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(commands.slice(i, i + 50)),
      });
      const { answers } = (await r.json()) as { answers: { status: number; message?: string }[] };
      const bad = answers.find((a) => a.status !== 200);
      if (bad) throw new Error(bad.message);
    }
  }

  /** A booking-in, to be sent; the job's id is known before. */
  booking(name: string, words: string): { command: Command; jobId: string } {
    const [bikeId, newJobId] = [crypto.randomUUID(), crypto.randomUUID()];
    const [ownerId, personalId, complaintId] = [crypto.randomUUID(), crypto.randomUUID(), crypto.randomUUID()];
    const payload = { bikeId, newJobId, ownerId, personalId, complaintId, name, words, symptoms: {}, rate: '35.00' };
    return { command: this.command('bike.bookIn', 'bike', payload, bikeId), jobId: newJobId };
  }

  step(jobId: string, n: number): Command {
    return this.command('step.add', 'step', {
      jobId,
      title: `Cover ${n}`,
      access: null,
      bag: String(n),
      note: null,
      fasteners: [{ id: crypto.randomUUID(), size: 'M6x25', count: 4, place: 'rim' }],
    });
  }
  part(jobId: string, n: number): Command {
    const names = ['Condenser', 'Contact set', 'Fork seal', 'Wheel bearing', 'Float needle', 'Head gasket', 'Clutch cable', 'Drive chain'];
    return this.command('part.add', 'part', {
      jobId,
      findingId: null,
      name: `${names[n % names.length]} ${n}`,
      number: `C-${n}`,
      source: 'Harbour Stores',
      quantity: 1,
      price: '9.50',
      dueOn: null,
    });
  }
  watch(jobId: string, n: number): Command {
    return this.command('watch.add', 'watch', { jobId, what: `Oil level ${n}`, due: 'after 100 km' });
  }
}
