import 'fake-indexeddb/auto';
import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import sharp from 'sharp';
import { chromiumArgs } from '../e2e/chromium';
import type { Heard, JobSnapshot } from '../src/core/record';
import { Bus } from '../src/ui/device/bus';
import { openShelves } from '../src/ui/device/database';
import { Outbox } from '../src/ui/device/outbox';
import { sendOver } from '../src/ui/device/post';
import { Sender } from '../src/ui/device/sender';
import { JobStore } from '../src/ui/job/store';
import { median, type Figures } from './figures';
import { Yard } from './yard';

const ms = async (work: () => Promise<unknown>): Promise<number> => {
  const t = performance.now();
  await work();
  return performance.now() - t;
};

/** Milliseconds of a request that only asks the database for 1, to hold others against. */
async function selectOne(yard: Yard): Promise<number> {
  const times: number[] = [];
  for (let i = 0; i < 40; i++) times.push(await ms(async () => (await yard.ask('/api/health')).text()));
  return median(times);
}

/** Memory of the server process in bytes; 0 where it is not known. */
function serverBytes(): number {
  const pid = process.env.IVREK_SERVER_PID;
  if (!pid) return 0;
  return Number(/VmRSS:\s+(\d+) kB/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) * 1024;
}

/** What waited on a tablet, sent and applied; and what a tablet missed, fetched and applied. */
async function queueAndCatchUp(quick: boolean): Promise<Figures> {
  const yard = await Yard.open('Bench queue');
  const one = await selectOne(yard);
  const { command, jobId } = yard.booking('Quillon 350', 'stuck');
  await yard.send([command]);
  const snapshot = (await (await yard.ask(`/api/jobs/${jobId}`)).json()) as JobSnapshot;
  const queue = async (n: number): Promise<number> => {
    const db = await openShelves(`bench-${n}`);
    const outbox = new Outbox(db, yard.shopId);
    const bus = new Bus(`bench-${n}`);
    const upload = () => Promise.resolve({ kind: 'kept' as const });
    const sender = new Sender(db, outbox, { send: sendOver(yard.ask), upload }, bus, (work) => work());
    const store = new JobStore(snapshot, (item) => outbox.add(item));
    bus.hear((news) => store.hear(news));
    for (let i = 0; i < n; i++) store.act('watch.add', 'watch', crypto.randomUUID(), { jobId, what: `Oil level ${i}`, due: 'soon' });
    while ((await outbox.all()).length < n) await new Promise((later) => setImmediate(later));
    const took = await ms(() => sender.run());
    if ((await outbox.all()).length) throw new Error('not everything was sent');
    bus.close();
    db.close();
    return took;
  };
  await queue(20);
  const size = quick ? 100 : 500;
  const small = await queue(size);
  const large = await queue(size * 2);

  const entries = quick ? 1000 : 5000;
  const rest = entries - (await count(yard, jobId));
  await yard.send(Array.from({ length: Math.max(0, rest) }, (_, i) => yard.watch(jobId, i)));
  const catchUp = (most: number) =>
    ms(async () => {
      const store = new JobStore(snapshot, () => Promise.resolve());
      for (let more = true; more && store.heardUpTo < most;) {
        const page = (await (await yard.ask(`/api/journal?after=${store.heardUpTo}&job=${jobId}`)).json()) as {
          entries: Heard[];
          upTo: number;
          more: boolean;
        };
        store.caughtUp(page.entries, page.upTo);
        more = page.more;
      }
    });
  await catchUp(entries);
  const half = median([await catchUp(entries / 2), await catchUp(entries / 2), await catchUp(entries / 2)]);
  const whole = median([await catchUp(entries), await catchUp(entries), await catchUp(entries)]);
  return {
    'shed.select 1 ms': one,
    [`shed.queue of ${size} ms`]: small,
    'shed.queue, a command per select 1': small / size / one,
    'shed.queue, twice as many': large / small,
    [`shed.catch up ${entries} ms`]: whole,
    'shed.catch up, 100 entries per select 1': (whole / entries) * (100 / one),
    'shed.catch up, twice as many': whole / half,
  };
}

const count = async (yard: Yard, jobId: string) => ((await (await yard.ask(`/api/jobs/${jobId}`)).json()) as JobSnapshot).journal.length;

/** The first view of a bike with a long history and many photos, and what page and server hold then. */
async function heavyBike(quick: boolean): Promise<Figures> {
  const yard = await Yard.open('Bench heavy');
  const make = async (entries: number, photos: number): Promise<string> => {
    const { command, jobId } = yard.booking(`Osprane ${entries}`, 'crashed');
    await yard.send([command]);
    const named = [];
    for (let i = 0; i < photos; i++) {
      const bytes = await sharp({
        create: { width: 800, height: 600, channels: 3, background: { r: i % 256, g: (i * 31) % 256, b: (entries + i) % 256 } },
      })
        .jpeg()
        .toBuffer();
      const sha256 = createHash('sha256').update(bytes).digest('hex');
      const r = await yard.ask(`/api/photos/${sha256}`, {
        method: 'PUT',
        headers: { 'content-type': 'image/jpeg' },
        body: new Uint8Array(bytes),
      });
      if (!r.ok) throw new Error(await r.text());
      named.push(
        yard.command('photo.add', 'photo', {
          jobId,
          subject: 'bag',
          subjectId: null,
          bag: String(i % 40),
          sha256,
          width: 800,
          height: 600,
          bytes: bytes.length,
          caption: null,
        }),
      );
    }
    const rest = Array.from({ length: entries - photos - 1 }, (_, i) => [yard.step, yard.part, yard.watch][i % 3].call(yard, jobId, i));
    await yard.send([...rest, ...named]);
    return jobId;
  };
  const [entries, photos] = quick ? [400, 60] : [2000, 300];
  const light = await make(20, 2);
  const half = await make(entries / 2, photos / 2);
  const whole = await make(entries, photos);
  const before = serverBytes();
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: [...chromiumArgs, '--js-flags=--expose-gc'] });
  try {
    const [name, value] = yard.cookie.split(/=(.*)/);
    const reach = async (jobId: string) => {
      const times: number[] = [];
      let heap = 0;
      for (let i = 0; i < (quick ? 3 : 5); i++) {
        const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
        await context.addCookies([{ name, value: decodeURIComponent(value), url: yard.url }]);
        const page = await context.newPage();
        times.push(
          await ms(async () => {
            await page.goto(`${yard.url}/job/${jobId}/strip`, { waitUntil: 'commit' });
            await page.locator('html[data-awake]').waitFor({ state: 'attached' });
          }),
        );
        await page.evaluate(() => (globalThis as unknown as { gc(): void }).gc());
        const { metrics } = await (
          await context.newCDPSession(page)
        )
          .send('Performance.getMetrics')
          .catch(() => ({ metrics: [] as { name: string; value: number }[] }));
        heap =
          metrics.find((m) => m.name === 'JSHeapUsedSize')?.value ??
          (await page.evaluate(() => (performance as unknown as { memory: { usedJSHeapSize: number } }).memory.usedJSHeapSize));
        await context.close();
      }
      return { time: median(times), heap };
    };
    await reach(light);
    const l = await reach(light);
    const h = await reach(half);
    const w = await reach(whole);
    return {
      [`shed.first view, 20 entries ms`]: l.time,
      [`shed.first view, ${entries} entries and ${photos} photos ms`]: w.time,
      'shed.first view, long per short': w.time / l.time,
      'shed.first view, twice as long': w.time / h.time,
      'shed.page heap, short bytes': l.heap,
      'shed.page heap, long bytes': w.heap,
      'shed.server before bytes': before,
      'shed.server after bytes': serverBytes(),
    };
  } finally {
    await browser.close();
  }
}

/** One search over many jobs, with every word right and with a slip. */
async function search(quick: boolean): Promise<Figures> {
  const yard = await Yard.open('Bench search');
  const one = await selectOne(yard);
  const bikes = ['Quillon', 'Hollin', 'Marram', 'Osprane', 'Sedgeling', 'Thornback', 'Wharfe', 'Dunlin'];
  const fill = async (from: number, to: number) => {
    const all = [];
    for (let n = from; n < to; n++) {
      const { command, jobId } = yard.booking(`${bikes[n % bikes.length]} ${100 + n}`, `Will not idle, case ${n}`);
      all.push(command, yard.step(jobId, n), yard.part(jobId, n), yard.part(jobId, n + 3), yard.watch(jobId, n));
    }
    await yard.send(all);
  };
  const ask = async (q: string) => {
    const times: number[] = [];
    let found = 0;
    for (let i = 0; i < 15; i++)
      times.push(
        await ms(async () => {
          found = ((await (await yard.ask(`/api/find?q=${encodeURIComponent(q)}`)).json()) as { lines: unknown[] }).lines.length;
        }),
      );
    if (!found) throw new Error(`${q} was not found`);
    return median(times);
  };
  const jobs = quick ? 100 : 1000;
  await fill(0, jobs / 2);
  const half = await ask('condenser');
  await fill(jobs / 2, jobs);
  const exact = await ask('condenser');
  const narrow = await ask(`${bikes[0].toLowerCase()} cond`);
  const slip = await ask('condensr 40');
  return {
    [`shed.search ${jobs} jobs ms`]: exact,
    'shed.search per select 1': exact / one,
    'shed.search with the bike per select 1': narrow / one,
    'shed.search with a slip per select 1': slip / one,
    'shed.search, twice as many jobs': exact / half,
  };
}

/** The ground under everything: what waits, what was missed, what is old and long, and what is looked for. */
export async function benchShed(quick: boolean): Promise<Figures> {
  return { ...(await queueAndCatchUp(quick)), ...(await heavyBike(quick)), ...(await search(quick)) };
}
