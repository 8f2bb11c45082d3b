import { chromium } from '@playwright/test';
import { chromiumOptions } from '../e2e/chromium';
import type { RankReply, RankRequest } from '../src/workers/rank';
import { median, type Figures } from './figures';
import { largestCase } from './rank';
import { demoSession } from './session';

/** The odds and the whole ranking in the browser's own worker, on the largest bike, with 6, 10 and 14 symptoms and findings present. */
export async function benchWorker(quick: boolean): Promise<Figures> {
  const { url, cookie, jobs } = await demoSession();
  const [name, value] = cookie.split(/=(.*)/);
  const browser = await chromium.launch(chromiumOptions());
  const figures: Figures = {};
  try {
    const context = await browser.newContext();
    await context.addCookies([{ name, value: decodeURIComponent(value), url }]);
    const tab = await context.newPage();
    // The page's own worker is listened in on for its address and for the knowledge it is given.
    await tab.addInitScript(() => {
      const heard = window as unknown as { heard: { url: string; knowledge?: unknown }[] };
      heard.heard = [];
      window.Worker = class extends Worker {
        private readonly note = { url: '', knowledge: undefined as unknown };
        constructor(address: string | URL, options?: WorkerOptions) {
          super(address, options);
          this.note.url = String(address);
          heard.heard.push(this.note);
        }
        override postMessage(m: unknown) {
          if ((m as { kind?: string }).kind === 'knowledge') this.note.knowledge = m;
          super.postMessage(m);
        }
      };
    });
    await tab.goto(`${url}/job/${jobs['Quillon 350']}/trace`);
    await tab.locator('html[data-awake]').waitFor({ state: 'attached' });
    await tab.waitForFunction(() => (window as unknown as { heard: { knowledge?: unknown }[] }).heard.some((h) => h.knowledge));
    for (const present of [6, 10, 14]) {
      const ask = { id: 1, kind: 'rank', traced: largestCase(present).c, own: [], agreedLeft: null } satisfies RankRequest;
      const times = await tab.evaluate(
        async ({ question, runs, warm }) => {
          const from = (window as unknown as { heard: { url: string; knowledge?: unknown }[] }).heard.find((h) => h.knowledge)!;
          const worker = new Worker(from.url, { type: 'module' });
          worker.postMessage(from.knowledge);
          const out = { odds: [] as number[], ranking: [] as number[] };
          for (let i = 0; i < runs + warm; i++) {
            const t = performance.now();
            const schools = new Promise<void>((done) => {
              worker.onmessage = ({ data }: MessageEvent<RankReply>) => {
                if ((data.kind === 'odds' || data.kind === 'ranking') && i >= warm) out[data.kind].push(performance.now() - t);
                if (data.kind === 'schools') done();
              };
            });
            worker.postMessage(question);
            await schools;
          }
          worker.terminate();
          return out;
        },
        { question: ask, runs: quick || present > 10 ? 3 : 15, warm: present > 10 ? 1 : 6 },
      );
      figures[`worker.odds with ${present} present ms`] = median(times.odds);
      figures[`worker.ranking with ${present} present ms`] = median(times.ranking);
    }
  } finally {
    await browser.close();
  }
  return figures;
}
