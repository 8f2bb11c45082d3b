import type { JobSnapshot, WorkshopContext } from '../../core/state';
import { call } from './client';
import { Bus } from './bus';
import { openShelves, type DeviceDb } from './database';
import { forgetPick, readPick, savePick, type Picked } from './picked';
import { readAhead, writeAhead, type AheadEntry } from './writeAhead';
import { holdLine } from './live';
import { Outbox } from './outbox';
import { serverTransport } from './post';
import type { Picture } from './picture';
import { withTabLock, Sender } from './sender';
import type { OutboxItem, Connection, News } from './types';

/** Everything that this browser does for one workshop: keeps, sends, listens. One for all screens of a tab. */
export class Device {
  readonly bus: Bus;
  private parts: Promise<{ db: DeviceDb; outbox: Outbox; sender: Sender } | null> | null = null;
  private stop: (() => void) | null = null;
  private users = 0;
  private timer: ReturnType<typeof setInterval> | undefined;
  line: Connection = 'up';
  lastHeard = 0;

  constructor(readonly shopId: string) {
    this.bus = new Bus(`ivrek-${shopId}`);
    this.bus.subscribe((news) => {
      if (news.kind === 'line') {
        if (news.line === 'up' && this.line !== 'up') {
          void this.send();
          void this.tellPerson();
        }
        this.line = news.line;
      }
      if (news.kind === 'entries') this.lastHeard = Math.max(this.lastHeard, ...news.entries.map((e) => e.seq));
    });
  }

  /** The shelves of this browser, or null where it keeps nothing (a private window, a full disk). */
  shelves(): Promise<{ db: DeviceDb; outbox: Outbox; sender: Sender } | null> {
    this.parts ??= openShelves().then(
      async (db) => {
        const outbox = new Outbox(db, this.shopId);
        for (const left of readAhead(this.shopId))
          await outbox.add(left.items).then(left.putDown, () => {
            // What cannot be written down now either goes out from this page.
            this.unkept.push(left);
          });
        return { db, outbox, sender: new Sender(db, outbox, serverTransport, this.bus, withTabLock(`ivrek-send-${this.shopId}`)) };
      },
      () => null,
    );
    return this.parts;
  }

  /** Begins to listen and to send. Call the answer when the screen goes. */
  use(): () => void {
    if (this.users++ === 0) {
      this.stop = holdLine(this.bus, this.shopId, () => this.lastHeard);
      this.timer = setInterval(() => void this.send(), 4000);
      addEventListener('online', this.sendNow);
      void this.send();
      // The page on which someone was picked may have gone before the server was told.
      void this.tellPerson();
    }
    return () => {
      if (--this.users > 0) return;
      this.stop?.();
      clearInterval(this.timer);
      removeEventListener('online', this.sendNow);
    };
  }

  private readonly sendNow = () => void this.send();

  async send(): Promise<void> {
    const parts = await this.shelves();
    if (parts) await parts.sender.run();
    await this.sendUnkept();
  }

  /** Acts that this device could not write down, in their order; they live in this page until the server has them. */
  private readonly unkept: AheadEntry[] = [];
  private sendingUnkept: Promise<void> | null = null;

  private sendUnkept(): Promise<void> {
    return (this.sendingUnkept ??= this.sendUnkeptNow().finally(() => (this.sendingUnkept = null)));
  }

  private async sendUnkeptNow(): Promise<void> {
    for (let one = this.unkept.at(0); one; one = this.unkept.at(0)) {
      const { items, putDown } = one;
      const answers = await serverTransport.send(items, items[0].actorId);
      const refused = answers.flatMap((a, i) => (a.kind === 'refused' ? [{ item: items[i], refusal: a.refusal }] : [])).at(0);
      if (!refused && answers.some((a) => a.kind !== 'kept')) return;
      this.unkept.shift();
      putDown();
      for (const [i, item] of items.entries()) {
        const answer = answers.at(i);
        if (answer?.kind === 'kept')
          this.bus.tell({ kind: 'answered', id: item.id, jobId: item.jobId, seq: answer.seq, changes: answer.changes });
        // The others of its act went the same way, for the same reason.
        else if (refused) this.bus.tell({ kind: 'turnedDown', id: item.id, type: refused.item.command.type, refusal: refused.refusal });
      }
    }
  }

  /** Keeps the entries of one act and sends them. Rejects if this device cannot keep them; they are sent all the same while this page lives. */
  async save(items: readonly OutboxItem[]): Promise<void> {
    const putDown = writeAhead(items);
    const parts = await this.shelves();
    try {
      if (!parts) throw new Error('this device keeps nothing');
      await parts.outbox.add(items);
    } catch (error) {
      // The opening of the shelves may have found it in hand already.
      if (!this.unkept.some((u) => u.items[0].id === items[0].id)) this.unkept.push({ items: [...items], putDown });
      void this.send();
      throw error;
    }
    putDown();
    for (const item of items) this.bus.tell({ kind: 'added', item });
    void parts.sender.run();
  }

  /** Keeps a decision about a refused entry in the place of that entry. */
  async decide(id: string, covered: readonly string[], decision: OutboxItem): Promise<void> {
    const parts = await this.shelves();
    if (!parts) throw new Error('this device keeps nothing');
    await parts.outbox.decided(id, covered, decision);
    this.bus.tell({ kind: 'added', item: decision });
    this.bus.tell({ kind: 'outbox', jobId: decision.jobId });
    void parts.sender.run();
  }

  /** Tries a refused entry once more. */
  async again(item: OutboxItem): Promise<void> {
    const parts = await this.shelves();
    await parts?.outbox.again(item.id);
    this.bus.tell({ kind: 'outbox', jobId: item.jobId });
    void parts?.sender.run();
  }

  async items(jobId?: string): Promise<OutboxItem[]> {
    const parts = await this.shelves();
    const all = (await parts?.outbox.all()) ?? [];
    return jobId ? all.filter((i) => i.jobId === jobId) : all;
  }

  /** Keeps the bytes of a photo here until the server has them. */
  async savePhoto(picture: Picture): Promise<void> {
    const parts = await this.shelves();
    if (!parts) throw new Error('this device keeps nothing');
    const { sha256, blob, thumb } = picture;
    await parts.db.put('photo', { sha256, blob, thumb });
  }

  /** A photo that waits on this device, if it does. */
  async localPhoto(sha256: string): Promise<{ blob: Blob; thumb: Blob } | undefined> {
    return (await this.shelves())?.db.get('photo', sha256);
  }

  /** Leaves a bike on this device, so that it can be opened without a server. */
  async saveSnapshot(snapshot: JobSnapshot): Promise<void> {
    const parts = await this.shelves();
    await parts?.db.put('snapshot', { shopId: this.shopId, jobId: snapshot.jobId, savedAt: new Date().toISOString(), snapshot });
  }

  /** Remembers the workshop, for screens that are opened without a server. */
  async saveWorkshop(workshop: WorkshopContext, full = false): Promise<void> {
    const parts = await this.shelves();
    const old = (await parts?.db.get('note', 'yard')) as WorkshopContext | undefined;
    // A job's screen knows less of the workshop than the first one.
    const known =
      old?.shop.id === workshop.shop.id ? { demo: old.shop.demo, home: old.home } : { demo: workshop.shop.demo, home: workshop.home };
    const { demo, home } = full ? { demo: workshop.shop.demo, home: workshop.home } : known;
    const picked = readPick(this.shopId);
    const actor = picked ? picked.person : workshop.actor;
    await parts?.db.put('note', { ...workshop, shop: { ...workshop.shop, demo }, home, actor }, 'yard');
  }

  /** Who works with this device from now on. Entries carry it by themselves; the server is told when it can be reached. */
  async pickPerson(person: Picked): Promise<void> {
    savePick(this.shopId, person);
    if (person) document.documentElement.dataset.person = person.id;
    else delete document.documentElement.dataset.person;
    void this.tellPerson();
    const parts = await this.shelves();
    const workshop = (await parts?.db.get('note', 'yard')) as WorkshopContext | undefined;
    if (workshop?.shop.id === this.shopId) await parts?.db.put('note', { ...workshop, actor: person }, 'yard');
  }

  /**
   * Who was picked here, where a page does not know of it: the server was not told yet, or the page was made in the moment in which it
   * was. It is told again then.
   */
  pickedHere(shown: Picked): { person: Picked } | null {
    const picked = readPick(this.shopId);
    if (!picked) return null;
    const same = picked.person?.id === shown?.id;
    if (picked.told && same) forgetPick(this.shopId);
    if (picked.told && !same) {
      savePick(this.shopId, picked.person);
      void this.tellPerson();
    }
    return same ? null : { person: picked.person };
  }

  private async tellPerson(): Promise<void> {
    const picked = readPick(this.shopId);
    if (!picked || picked.told) return;
    const answer = await call('PUT /api/session', { body: { personId: picked.person?.id ?? null }, shopId: this.shopId });
    // A person who was added here and is not at the server yet is told again later, and so is anyone when the line is back.
    if (answer.ok) picked.markTold();
  }

  subscribe(listener: (news: News) => void): () => void {
    return this.bus.subscribe(listener);
  }
}

const devices = new Map<string, Device>();

/** The device of a workshop in this tab. */
export function deviceFor(shopId: string): Device {
  const known = devices.get(shopId);
  if (known) return known;
  const made = new Device(shopId);
  devices.set(shopId, made);
  return made;
}
