import { createHash, randomUUID } from 'node:crypto';
import { chromium } from '@playwright/test';
import sharp from 'sharp';
import { makeCommand, type Command } from '../src/core/command';
import type { CommandAnswers } from '../src/wire';
import { chromiumOptions } from '../e2e/chromium';
import { median, type Figures } from './figures';

/** A workshop of its own with one bike that is stripped to the last screw: so many steps and photos, entered over the wire. */
async function stripWhole(url: string, steps: number, photos: number): Promise<{ cookie: string; jobId: string }> {
  const send = (method: string, path: string, body: Buffer | object, as: Record<string, string> = {}) =>
    fetch(url + path, {
      method,
      headers: { 'content-type': Buffer.isBuffer(body) ? 'image/jpeg' : 'application/json', origin: url, ...as },
      body: Buffer.isBuffer(body) ? new Uint8Array(body) : JSON.stringify(body),
    });
  const opened = await send('POST', '/api/session', { newShop: `Bench of ${steps} steps` });
  const { shopId } = (await opened.json()) as { shopId: string };
  const as = { cookie: (opened.headers.get('set-cookie') ?? '').split(';')[0], 'x-ivrek-shop': shopId };
  const [bikeId, jobId] = [randomUUID(), randomUUID()];
  const make = (type: string, kind: Command['entity']['kind'], entityId: string, payload: object) =>
    makeCommand({ id: randomUUID(), type, kind, entityId, madeAt: new Date().toISOString(), after: null, payload });
  const bike = {
    bikeId,
    newJobId: jobId,
    ownerId: randomUUID(),
    personalId: randomUUID(),
    complaintId: randomUUID(),
    name: 'Bench strip',
    words: 'To be restored',
    symptoms: {},
    rate: '35.00',
  };
  const stepIds = Array.from({ length: steps }, () => randomUUID());
  const commands = [
    make('bike.bookIn', 'bike', bikeId, bike),
    ...stepIds.map((id, i) =>
      make('step.add', 'step', id, {
        jobId,
        title: `Part ${i + 1}`,
        access: null,
        bag: String(i + 1),
        note: null,
        fasteners: [{ id: randomUUID(), size: 'M6x25', count: 4, place: null }],
      }),
    ),
  ];
  for (let i = 0; i < photos; i++) {
    const picture = await sharp({ create: { width: 640, height: 480, channels: 3, background: { r: i % 256, g: (i * 7) % 256, b: 90 } } })
      .jpeg()
      .toBuffer();
    const sha256 = createHash('sha256').update(picture).digest('hex');
    const put = await send('PUT', `/api/photos/${sha256}`, picture, as);
    if (!put.ok) throw new Error(`a photo was not taken: ${put.status}`);
    const subjectId = stepIds[Math.floor((i * steps) / photos)];
    const photo = { jobId, subject: 'step', subjectId, bag: null, sha256, width: 640, height: 480, bytes: picture.length, caption: null };
    commands.push(make('photo.add', 'photo', randomUUID(), photo));
  }
  for (let at = 0; at < commands.length; at += 50) {
    const { answers } = (await (await send('POST', '/api/commands', commands.slice(at, at + 50), as)).json()) as CommandAnswers;
    const refused = answers.find((a) => a.status !== 200);
    if (refused) throw new Error(`an entry was not taken: ${JSON.stringify(refused)}`);
  }
  return { cookie: as.cookie, jobId };
}

/** Milliseconds between the frames while the ribbon is scrolled for 240 of them; as text, since it runs in the page. */
const scrolled = `new Promise((done) => {
  const el = document.querySelector('[data-testid="ribbon"]');
  const times = [];
  requestAnimationFrame(function tick(t) {
    times.push(t);
    el.scrollLeft += 40;
    if (times.length < 240) requestAnimationFrame(tick);
    else done(times.slice(1).map((x, n) => x - times[n]));
  });
})`;

/** Notes when what is waited for stands in the page; as text, since it runs in the page before anything else. */
const notesWhen = (ready: string) => `new MutationObserver((_, watch) => {
  if (!document.querySelector(${JSON.stringify(ready)})) return;
  watch.disconnect();
  performance.mark('stands');
}).observe(document, { childList: true, subtree: true });`;

/** By the page's own clock, from where it is asked for: until that stands and something is painted. As text, since it runs in the page. */
const firstView = `Math.max(
  performance.getEntriesByName('stands')[0].startTime,
  performance.getEntriesByName('first-contentful-paint')[0].startTime,
)`;

/** The screens of a long strip: until the first view stands, and how evenly the ribbon scrolls. */
export async function benchLongStrip(quick: boolean): Promise<Figures> {
  const url = process.env.IVREK_URL;
  if (!url) throw new Error('IVREK_URL is not set: run ./ivrek bench');
  const [steps, photos] = quick ? [200, 50] : [2000, 500];
  const { cookie, jobId } = await stripWhole(url, steps, photos);
  const [name, value] = cookie.split(/=(.*)/);
  const browser = await chromium.launch(chromiumOptions());
  const figures: Figures = {};
  try {
    for (const [view, ready] of [
      ['strip', '[data-testid="ribbon"] button'],
      ['rebuild', '[data-testid="refit-step"]'],
    ] as const) {
      const seen: number[] = [];
      const kept: number[] = [];
      const awake: number[] = [];
      // A browser that has just started is busy with itself: its first visit does not count.
      for (let i = -1; i < (quick ? 4 : 12); i++) {
        // By an address that was never asked for it is drawn anew, as after an entry; each other time it was drawn before.
        const anew = i % 2 === 0;
        const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
        await context.addCookies([{ name, value: decodeURIComponent(value), url }]);
        const tab = await context.newPage();
        await tab.addInitScript(notesWhen(ready));
        const began = performance.now();
        await tab.goto(`${url}/job/${jobId}/${view}${anew ? `?anew=${i}` : ''}`, { waitUntil: 'commit' });
        await tab.locator('html[data-awake]').waitFor({ state: 'attached', timeout: 120_000 });
        if (i >= 0) {
          awake.push(performance.now() - began);
          (anew ? seen : kept).push((await tab.evaluate(firstView)) as number);
        }
        if (view === 'strip' && i === 0) {
          const ribbon = tab.getByTestId('ribbon').first();
          await ribbon.scrollIntoViewIfNeeded();
          const gaps = (await tab.evaluate(scrolled)) as number[];
          const sorted = gaps.toSorted((a, b) => a - b);
          figures['strip.ribbon, frame ms, median'] = median(gaps);
          figures['strip.ribbon, frame ms, 95th percentile'] = sorted[Math.floor(sorted.length * 0.95)];
          figures['strip.ribbon, frames a second'] = (1000 * gaps.length) / gaps.reduce((a, b) => a + b, 0);
        }
        await context.close();
      }
      figures[`strip.${view} of ${steps} steps, first view ms`] = median(seen);
      figures[`strip.${view} of ${steps} steps, first view of a page drawn before, ms`] = median(kept);
      figures[`strip.${view} of ${steps} steps, awake ms`] = median(awake);
    }
  } finally {
    await browser.close();
  }
  return figures;
}
