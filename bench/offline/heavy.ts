import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import sharp from 'sharp';
import { chromiumOptions } from '../../e2e/chromium';
import { median, type Figures } from '../figures';
import { ms, openWorkshop } from './ask';

/** Memory of the server process in bytes; 0 where it is not known. */
function serverBytes(): number {
  const pid = process.env.IVREK_SERVER_PID;
  if (!pid) return 0;
  return Number(/VmRSS:\s+(\d+) kB/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) * 1024;
}

/** The first view of a bike with a long history and many photos, and what page and server hold then. */
export async function heavyBike(quick: boolean): Promise<Figures> {
  const workshop = await openWorkshop('Bench heavy');
  const make = async (entries: number, photos: number): Promise<string> => {
    const { command, jobId } = workshop.booking(`Osprane ${entries}`, 'crashed');
    await workshop.send([command]);
    const named = [];
    for (let i = 0; i < photos; i++) {
      const bytes = await sharp({
        create: { width: 800, height: 600, channels: 3, background: { r: i % 256, g: (i * 31) % 256, b: (entries + i) % 256 } },
      })
        .jpeg()
        .toBuffer();
      const sha256 = createHash('sha256').update(bytes).digest('hex');
      const r = await workshop.ask(`/api/photos/${sha256}`, {
        method: 'PUT',
        headers: { 'content-type': 'image/jpeg' },
        body: new Uint8Array(bytes),
      });
      if (!r.ok) throw new Error(await r.text());
      named.push(
        workshop.command('photo.add', 'photo', {
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
    const rest = Array.from({ length: entries - photos - 1 }, (_, i) =>
      [workshop.step, workshop.part, workshop.watch][i % 3].call(workshop, jobId, i),
    );
    await workshop.send([...rest, ...named]);
    return jobId;
  };
  const [entries, photos] = quick ? [400, 60] : [2000, 300];
  const light = await make(20, 2);
  const half = await make(entries / 2, photos / 2);
  const whole = await make(entries, photos);
  const before = serverBytes();
  const browser = await chromium.launch(chromiumOptions('--js-flags=--expose-gc'));
  try {
    const [name, value] = workshop.cookie.split(/=(.*)/);
    const reach = async (jobId: string) => {
      const times: number[] = [];
      let heap = 0;
      for (let i = 0; i < (quick ? 3 : 5); i++) {
        const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
        await context.addCookies([{ name, value: decodeURIComponent(value), url: workshop.url }]);
        const page = await context.newPage();
        times.push(
          await ms(async () => {
            await page.goto(`${workshop.url}/job/${jobId}/strip`, { waitUntil: 'commit' });
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
      [`offline.first view, 20 entries ms`]: l.time,
      [`offline.first view, ${entries} entries and ${photos} photos ms`]: w.time,
      'offline.first view, long per short': w.time / l.time,
      'offline.first view, twice as long': w.time / h.time,
      'offline.page heap, short bytes': l.heap,
      'offline.page heap, long bytes': w.heap,
      'offline.server before bytes': before,
      'offline.server after bytes': serverBytes(),
    };
  } finally {
    await browser.close();
  }
}
