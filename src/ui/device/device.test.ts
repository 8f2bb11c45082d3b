import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { id } from '../../../test/fixtures/commands';
import { after, run } from '../../../test/fixtures/state';
import { effectOf, makeCommand, type Refusal } from '../../core/command';
import type { State } from '../../core/state';
import { Bus } from './bus';
import { openShelves, type DeviceDb } from './database';
import { Device } from './device';
import { readAhead } from './writeAhead';
import { Outbox } from './outbox';
import type { Transport } from './post';
import { Sender } from './sender';
import { askForPersistence, roomLeft } from './storage';
import type { Answered, OutboxItem, News } from './types';

let count = 0;
const uuid = () => `00000000-0000-4000-a000-${String(count++).padStart(12, '0')}`;
const open: DeviceDb[] = [];
afterEach(() => open.splice(0).forEach((db) => db.close()));

async function device(wire: Partial<Transport> = {}) {
  const db = await openShelves(`test-${count++}`);
  open.push(db);
  const outbox = new Outbox(db, 'shop', uuid);
  const bus = new Bus(`bus-${count++}`);
  const news: News[] = [];
  bus.subscribe((x) => news.push(x));
  const sent: string[] = [];
  let seq = 10;
  const full: Transport = {
    send: (items) => {
      sent.push(...items.map((i) => i.id));
      return Promise.resolve(items.map((i): Answered => ({ kind: 'kept', seq: ++seq, changes: i.changes })));
    },
    upload: () => Promise.resolve({ kind: 'kept' }),
    ...wire,
  };
  return { db, outbox, bus, news, sent, sender: new Sender(db, outbox, full, bus, (work) => work()) };
}

let state: State = after('bike.bookIn');
const begin = () => void (state = after('bike.bookIn'));

/** An item as a screen makes it: applied to the state that the screen shows. */
function item(
  type: string,
  kind: OutboxItem['command']['entity']['kind'],
  entityId: string,
  payload: object,
  patch: Partial<OutboxItem> = {},
): OutboxItem {
  const versions = state.rows[kind].get(entityId)?.versions ?? {};
  const set = (payload as { set?: object }).set;
  const base = Object.fromEntries(Object.keys(set ?? {}).map((f) => [f, versions[f] ?? 0]));
  const command = makeCommand({ id: uuid(), type, kind, entityId, madeAt: '2030-01-01T08:00:00.000Z', after: null, payload, base });
  const outcome = effectOf(state, command);
  if (!outcome.ok) throw new Error(outcome.refusal.message);
  state = run(state, command);
  return {
    id: command.id,
    shopId: 'shop',
    jobId: id.job,
    command,
    actorId: 'ines',
    photos: [],
    changes: outcome.changes,
    state: 'waiting',
    ...patch,
  };
}
const watch = (patch: Partial<OutboxItem> = {}) => item('watch.add', 'watch', uuid(), { jobId: id.job, what: 'x', due: 'soon' }, patch);
const year = (y: number) => item('bike.set', 'bike', id.bike, { set: { year: y } });

const conflict: Refusal = { code: 'conflict', message: 'Someone changed this.', fields: [{ field: 'year', theirs: 1968, yours: 1970 }] };

describe('outbox', () => {
  it('keeps entries in the order they were made, over a new opening', async () => {
    begin();
    const d = await device();
    const items = [watch(), watch(), watch()];
    for (const i of items) await d.outbox.add([i]);
    d.db.close();
    const again = await openShelves(d.db.name);
    open.push(again);
    expect((await new Outbox(again, 'shop').all()).map((i) => i.id)).toEqual(items.map((i) => i.id));
    expect(await new Outbox(again, 'another shop').all()).toEqual([]);
  });

  it('holds what builds on a refused entry, lets the rest pass, and passes on the fields that nobody fought over', async () => {
    begin();
    const d = await device();
    const both = item('bike.set', 'bike', id.bike, { set: { year: 1970, mileageKm: 5 } });
    const later = year(1971);
    const other = watch();
    for (const i of [both, later, other]) await d.outbox.add([i]);
    await d.outbox.refuse(both.id, conflict);
    const all = await d.outbox.all();
    expect(all.map((i) => i.state)).toEqual(['refused', 'held', 'waiting', 'waiting']);
    expect(all[0].command.payload).toEqual({ set: { year: 1970 } });
    expect(all[3].command.payload).toEqual({ set: { mileageKm: 5 } });
    expect(all[3].command.base).toEqual({ mileageKm: 0 });
    expect(all[3].id).not.toBe(both.id);
    // an entry made afterwards that builds on it is held as well
    await d.outbox.add([year(1972)]);
    expect((await d.outbox.all()).at(-1)).toMatchObject({ state: 'held', heldBy: both.id });
  });

  it('a decision takes the place of what it decides; what it does not cover goes on', async () => {
    begin();
    const d = await device();
    const step = item('step.add', 'step', uuid(), { jobId: id.job, title: 'Cover', access: null, bag: null, note: null, fasteners: [] });
    const found = item('finding.add', 'finding', uuid(), {
      jobId: id.job,
      stepId: step.command.entity.id,
      item: 'Dowel',
      position: null,
      seen: 'gone',
      reading: null,
      conditions: {},
      verdict: 'replace',
      faultId: null,
      afterRepairId: null,
    });
    for (const i of [step, found]) await d.outbox.add([i]);
    await d.outbox.refuse(step.id, { code: 'closed', message: 'This job is handed over.' });
    expect((await d.outbox.all()).map((i) => i.state)).toEqual(['refused', 'held']);
    await d.outbox.again(step.id);
    expect((await d.outbox.all()).map((i) => i.state)).toEqual(['waiting', 'waiting']);
    await d.outbox.refuse(step.id, { code: 'closed', message: 'This job is handed over.' });
    await d.outbox.decided(step.id, [], watch());
    expect((await d.outbox.all()).map((i) => [i.command.type, i.state])).toEqual([
      ['finding.add', 'waiting'],
      ['watch.add', 'waiting'],
    ]);
  });
});

describe('sender', () => {
  it('sends all in order, each once, and tells what became of them', async () => {
    begin();
    const d = await device();
    const items = Array.from({ length: 95 }, () => watch());
    for (const i of items) await d.outbox.add([i]);
    await Promise.all([d.sender.run(), d.sender.run(), d.sender.run()]);
    expect(d.sent).toEqual(items.map((i) => i.id));
    expect(await d.outbox.all()).toEqual([]);
    expect(d.news.filter((x) => x.kind === 'answered')).toHaveLength(95);
  });

  it('stops at a cut and goes on from there, wherever the cut comes', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(fc.integer({ min: 0, max: 4 }), { maxLength: 5 }), async (cuts) => {
        begin();
        const there: string[] = [];
        const plan = [...cuts];
        const d = await device({
          send: (items) => {
            const cutAt = plan.shift();
            const answers: Answered[] = [];
            for (const [i, it] of items.entries()) {
              // The server has it, and the answer is lost: it must not be there twice.
              if (!there.includes(it.id)) there.push(it.id);
              if (i === cutAt) return Promise.resolve([...answers, { kind: 'cut' }]);
              answers.push({ kind: 'kept', seq: there.indexOf(it.id), changes: [] });
            }
            return Promise.resolve(answers);
          },
        });
        const items = Array.from({ length: 6 }, () => watch());
        for (const i of items) await d.outbox.add([i]);
        for (let k = 0; k <= cuts.length; k++) await d.sender.run();
        expect(there).toEqual(items.map((i) => i.id));
        expect(await d.outbox.all()).toEqual([]);
        expect(d.sender.line).toBe('up');
      }),
      { numRuns: 25 },
    );
  });

  it('entries of different people go in different requests; a chain of sets of one field goes together', async () => {
    begin();
    const batches: { actor: string | null; n: number }[] = [];
    const d = await device({
      send: (items, actor) => {
        batches.push({ actor, n: items.length });
        return Promise.resolve(items.map((i): Answered => ({ kind: 'kept', seq: 1, changes: i.changes })));
      },
    });
    for (const i of [watch(), watch({ actorId: 'tam' }), watch({ actorId: 'tam' }), year(1970), year(1971)]) await d.outbox.add([i]);
    await d.sender.run();
    expect(batches).toEqual([
      { actor: 'ines', n: 1 },
      { actor: 'tam', n: 2 },
      { actor: 'ines', n: 2 },
    ]);
  });

  it('where the server stops at a refused one, what builds on it is held and the rest follows in order', async () => {
    begin();
    const asked: string[][] = [];
    const first = year(1970);
    const d = await device({
      send: (items) => {
        asked.push(items.map((i) => i.id));
        const at = items.findIndex((i) => i.id === first.id);
        const kept = items.slice(0, at < 0 ? items.length : at).map((i): Answered => ({ kind: 'kept', seq: 1, changes: i.changes }));
        return Promise.resolve(at < 0 ? kept : [...kept, { kind: 'refused', refusal: conflict }]);
      },
    });
    const [before, on, after] = [watch(), year(1971), watch()];
    for (const i of [before, first, on, after]) await d.outbox.add([i]);
    await d.sender.run();
    expect(asked).toEqual([[before.id, first.id, on.id, after.id], [after.id]]);
    expect((await d.outbox.all()).map((i) => [i.id, i.state])).toEqual([
      [first.id, 'refused'],
      [on.id, 'held'],
    ]);
  });

  it('bytes of a photo go first; without them the entry waits, refused ones need a person', async () => {
    begin();
    const order: string[] = [];
    let answer: Awaited<ReturnType<Transport['upload']>> = { kind: 'cut' };
    const d = await device({
      upload: (sha) => (order.push(`bytes ${sha}`), Promise.resolve(answer)),
      send: (items) => (
        order.push(...items.map((i) => i.command.type)),
        Promise.resolve(items.map((i): Answered => ({ kind: 'kept', seq: 1, changes: i.changes })))
      ),
    });
    const blob = new Blob(['x']);
    await d.db.put('photo', { sha256: 'aa', blob, thumb: blob });
    await d.outbox.add([watch()]);
    await d.outbox.add([watch({ photos: ['aa'] })]);
    await d.sender.run();
    expect(order).toEqual(['bytes aa', 'watch.add', 'bytes aa']);
    expect(d.sender.line).toBe('cut');
    answer = { kind: 'kept' };
    await d.sender.run();
    expect(order.slice(-2)).toEqual(['bytes aa', 'watch.add']);
    expect(await d.db.get('photo', 'aa')).toBeUndefined();
    answer = { kind: 'refused', message: 'Only JPEG, PNG and WebP pictures can be kept.' };
    await d.db.put('photo', { sha256: 'bb', blob, thumb: blob });
    await d.outbox.add([watch({ photos: ['bb'] })]);
    await d.outbox.add([watch()]);
    await d.sender.run();
    const left = await d.outbox.all();
    expect(left.map((i) => [i.state, i.refusal?.message])).toEqual([['refused', 'Only JPEG, PNG and WebP pictures can be kept.']]);
    expect(await d.db.get('photo', 'bb')).toBeDefined();
  });

  it('a photo that was damaged on its way goes again, as the answer’s code says, and only so often', async () => {
    begin();
    const answers: Awaited<ReturnType<Transport['upload']>>[] = [];
    let sent = 0;
    const d = await device({
      upload: () => (sent++, Promise.resolve(answers.shift() ?? { kind: 'cut' })),
      send: (items) => Promise.resolve(items.map((i): Answered => ({ kind: 'kept', seq: 1, changes: i.changes }))),
    });
    const blob = new Blob(['x']);
    const damaged = { kind: 'refused', code: 'damaged', message: 'In whatever words.' } as const;
    const send = async (...told: typeof answers) => {
      answers.splice(0, answers.length, ...told);
      sent = 0;
      await d.db.put('photo', { sha256: 'cc', blob, thumb: blob });
      await d.outbox.add([watch({ photos: ['cc'] })]);
      await d.sender.run();
      return sent;
    };
    expect(await send(damaged, { kind: 'kept' })).toBe(2);
    expect(await d.outbox.all()).toHaveLength(0);
    expect(await send(damaged, damaged, damaged, damaged)).toBe(3);
    expect((await d.outbox.all()).map((i) => i.state)).toEqual(['refused']);
    expect(await send({ kind: 'refused', message: 'The picture was damaged on its way.' })).toBe(1);
  });

  it('a device that was sent away keeps everything', async () => {
    begin();
    const d = await device({ send: () => Promise.resolve([{ kind: 'away' }]) });
    await d.outbox.add([watch()]);
    await d.sender.run();
    expect(d.sender.line).toBe('away');
    expect(await d.outbox.all()).toHaveLength(1);
  });
});

describe('an act of several entries', () => {
  const act = (n: number, of: (i: number) => OutboxItem = () => watch()): OutboxItem[] => {
    const group = uuid();
    return Array.from({ length: n }, (_x, i) => {
      const one = of(i);
      return { ...one, command: { ...one.command, group } };
    });
  };
  const states = async (d: Awaited<ReturnType<typeof device>>) => (await d.outbox.all()).map((i) => [i.id, i.state]);

  it('is kept once, whole, and goes in one request however much waits', async () => {
    begin();
    const asked: number[] = [];
    let seq = 0;
    const d = await device({
      send: (items) => (
        asked.push(items.length),
        Promise.resolve(items.map((i): Answered => ({ kind: 'kept', seq: ++seq, changes: i.changes })))
      ),
    });
    for (let i = 0; i < 38; i++) await d.outbox.add([watch()]);
    const whole = act(5);
    await d.outbox.add(whole);
    await d.outbox.add(whole);
    await d.outbox.add([watch()]);
    await d.sender.run();
    expect(asked).toEqual([43, 1]);
  });

  it('is held as a whole where one of its entries is refused, and goes as a whole when a person tries it again', async () => {
    begin();
    const whole = act(3);
    let refuse = true;
    const asked: string[][] = [];
    const d = await device({
      send: (items) => {
        asked.push(items.map((i) => i.id));
        const fate = (i: OutboxItem): Answered => {
          if (!refuse || i.command.group === undefined) return { kind: 'kept', seq: 1, changes: i.changes };
          return i.id === whole[1].id ? { kind: 'refused', refusal: conflict } : { kind: 'left' };
        };
        return Promise.resolve(items.map(fate));
      },
    });
    const free = watch();
    await d.outbox.add(whole);
    await d.outbox.add([free]);
    await d.sender.run();
    expect(asked.at(-1)).toEqual([free.id]);
    expect(await states(d)).toEqual([
      [whole[0].id, 'held'],
      [whole[1].id, 'refused'],
      [whole[2].id, 'held'],
    ]);
    refuse = false;
    await d.outbox.again(whole[1].id);
    await d.sender.run();
    expect(asked.at(-1)).toEqual(whole.map((i) => i.id));
    expect(await d.outbox.all()).toEqual([]);
  });

  it('waits as a whole for the bytes of a photo that one of its entries names', async () => {
    begin();
    const d = await device({ upload: () => Promise.resolve({ kind: 'cut' }) });
    const blob = new Blob(['x']);
    await d.db.put('photo', { sha256: 'cc', blob, thumb: blob });
    const before = watch();
    await d.outbox.add([before]);
    await d.outbox.add(act(3, (i) => watch(i === 2 ? { photos: ['cc'] } : {})));
    await d.sender.run();
    expect(d.sent).toEqual([before.id]);
  });

  it('that builds on a refused entry is held as a whole', async () => {
    begin();
    const first = year(1970);
    const d = await device({ send: (items) => Promise.resolve(items.map((): Answered => ({ kind: 'refused', refusal: conflict }))) });
    await d.outbox.add([first]);
    await d.sender.run();
    const whole = act(2, (i) => (i === 0 ? watch() : year(1971)));
    await d.outbox.add(whole);
    expect((await states(d)).map(([, state]) => state)).toEqual(['refused', 'held', 'held']);
  });
});

describe('in hand', () => {
  it('an entry is on the device before the tap returns, and a screen that comes after takes it up in order', async () => {
    begin();
    const gone = new Device('shop-in-hand');
    const [a, b] = [watch({ shopId: 'shop-in-hand' }), watch({ shopId: 'shop-in-hand' })];
    // the page goes away before anything asynchronous could run
    void gone.save([a]).catch(() => undefined);
    void gone.save([b]).catch(() => undefined);
    expect(readAhead('shop-in-hand').flatMap((l) => l.items.map((i) => i.id))).toEqual([a.id, b.id]);
    expect(readAhead('another')).toEqual([]);
    const next = new Device('shop-in-hand');
    expect((await next.items()).map((i) => i.id)).toEqual([a.id, b.id]);
    await gone.shelves();
    await expect.poll(() => readAhead('shop-in-hand')).toEqual([]);
    expect((await next.items()).map((i) => i.id)).toEqual([a.id, b.id]);
  });

  it('what an earlier version took in hand, one entry by itself, is taken up as well', async () => {
    begin();
    const old = watch({ shopId: 'shop-of-old' });
    localStorage.setItem(`ivrek-hand:shop-of-old:00000000000001-000000:${old.id}`, JSON.stringify(old));
    expect((await new Device('shop-of-old').items()).map((i) => i.id)).toEqual([old.id]);
  });
});

describe('a device that can write nothing down', () => {
  const full = (shop: string) => {
    const add = vi.spyOn(IDBObjectStore.prototype, 'add').mockImplementation(() => {
      throw new DOMException('no room', 'QuotaExceededError');
    });
    const device = new Device(shop);
    const news: News[] = [];
    device.subscribe((x) => news.push(x));
    return { device, news, add };
  };
  const answers = (...list: object[]) =>
    vi.stubGlobal('fetch', () => {
      const next = list.shift();
      return next
        ? Promise.resolve({ ok: true, status: 200, json: () => Promise.resolve({ answers: [next] }) })
        : Promise.reject(new TypeError('cut'));
    });
  afterEach(() => {
    vi.restoreAllMocks();
    vi.unstubAllGlobals();
    localStorage.clear();
  });

  it('says so, and sends all the same, in order, once the server is there', async () => {
    begin();
    const { device, news } = full('shop-full-1');
    const [a, b] = [watch({ shopId: 'shop-full-1' }), watch({ shopId: 'shop-full-1' })];
    answers();
    await expect(device.save([a])).rejects.toThrow('no room');
    await expect(device.save([b])).rejects.toThrow('no room');
    expect(readAhead('shop-full-1')).toHaveLength(2);
    await device.send();
    answers({ status: 200, seq: 11, changes: [] }, { status: 200, seq: 12, changes: [] });
    await device.send();
    expect(news.flatMap((x) => (x.kind === 'answered' ? [[x.id, x.seq]] : []))).toEqual([
      [a.id, 11],
      [b.id, 12],
    ]);
    expect(readAhead('shop-full-1')).toEqual([]);
  });

  it('a refused entry is told and does not stand in the way of the next', async () => {
    begin();
    const { device, news } = full('shop-full-2');
    const [a, b] = [watch({ shopId: 'shop-full-2' }), watch({ shopId: 'shop-full-2' })];
    answers();
    await expect(device.save([a])).rejects.toThrow();
    await expect(device.save([b])).rejects.toThrow();
    await device.send();
    answers({ status: 409, refusal: conflict, message: conflict.message }, { status: 200, seq: 11, changes: [] });
    await device.send();
    expect(news.filter((x) => x.kind === 'turnedDown')).toEqual([{ kind: 'turnedDown', id: a.id, type: 'watch.add', refusal: conflict }]);
    expect(news.flatMap((x) => (x.kind === 'answered' ? [x.id] : []))).toEqual([b.id]);
  });

  it('opened again with something in hand it goes on from there', async () => {
    begin();
    const one = full('shop-full-3');
    const a = watch({ shopId: 'shop-full-3' });
    answers();
    await expect(one.device.save([a])).rejects.toThrow();
    const next = new Device('shop-full-3');
    const told: string[] = [];
    next.subscribe((x) => x.kind === 'answered' && told.push(x.id));
    answers({ status: 200, seq: 11, changes: [] });
    await next.send();
    expect(told).toEqual([a.id]);
    expect(readAhead('shop-full-3')).toEqual([]);
  });

  it('what lies in hand and cannot be read is put down', () => {
    localStorage.setItem('ivrek-hand:shop-x:1:2', 'not json');
    expect(readAhead('shop-x')).toEqual([]);
    expect(localStorage.length).toBe(0);
  });
});

describe('the room that is left', () => {
  afterEach(() => vi.unstubAllGlobals());
  const storage = (estimate: object, persisted = false, persist = true) =>
    vi.stubGlobal('navigator', {
      storage: {
        estimate: () => Promise.resolve(estimate),
        persisted: () => Promise.resolve(persisted),
        persist: () => Promise.resolve(persist),
      },
    });

  it('is short below 150 MB, and unknown where the browser does not say', async () => {
    storage({ quota: 1000 * 2 ** 20, usage: 900 * 2 ** 20 });
    expect(await roomLeft()).toEqual({ short: true, freeMb: 100 });
    storage({ quota: 1000 * 2 ** 20, usage: 100 * 2 ** 20 });
    expect(await roomLeft()).toEqual({ short: false, freeMb: 900 });
    storage({ quota: 10, usage: 20 });
    expect(await roomLeft()).toEqual({ short: true, freeMb: 0 });
    storage({});
    expect(await roomLeft()).toBeNull();
    vi.stubGlobal('navigator', {});
    expect(await roomLeft()).toBeNull();
  });

  it('is asked to be kept, once', async () => {
    storage({}, true, false);
    expect(await askForPersistence()).toBe(true);
    storage({}, false, true);
    expect(await askForPersistence()).toBe(true);
    storage({}, false, false);
    expect(await askForPersistence()).toBe(false);
    vi.stubGlobal('navigator', {});
    expect(await askForPersistence()).toBe(false);
  });
});
