import { chromium } from '@playwright/test';
import { chromiumOptions } from '../e2e/chromium';
import { median, type Figures } from './figures';
import { moves } from './moves';
import { demoSession } from './session';

/** Notes on the page when it answers. */
function noteWaking(): void {
  performance.setResourceTimingBufferSize(1000);
  new MutationObserver(() => {
    const page = window as unknown as { awakeAt?: number };
    if (document.documentElement.hasAttribute('data-awake')) page.awakeAt ??= performance.now();
  }).observe(document, { attributes: true, childList: true, subtree: true });
}

/** Bytes of script and document of each page as they are sent, and the time from navigation to a Trace view that answers. */
export async function benchView(quick: boolean, parts: string[]): Promise<Figures> {
  const { url, cookie, jobs } = await demoSession();
  const [name, value] = cookie.split(/=(.*)/);
  const browser = await chromium.launch(chromiumOptions());
  const figures: Figures = {};
  const quillon = `/job/${jobs['Quillon 350']}`;
  const osprane = `/job/${jobs['Osprane 650']}`;
  const fresh = async () => {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    await context.addCookies([{ name, value: decodeURIComponent(value), url }]);
    return context;
  };
  try {
    if (parts.includes('bytes')) {
      const pages = {
        next: '/',
        'book in': '/book-in',
        look: `${quillon}/look`,
        trace: `${quillon}/trace`,
        strip: `${osprane}/strip`,
        measure: `${quillon}/measure`,
        'a panel': `${quillon}/measure?panel=compression`,
        rebuild: `${osprane}/rebuild`,
        'hand over': `${osprane}/handover`,
        record: `${osprane}/record`,
      };
      for (const [page, path] of Object.entries(pages)) {
        const context = await fresh();
        const tab = await context.newPage();
        await tab.addInitScript(noteWaking);
        await tab.goto(url + path);
        await tab.locator('html[data-awake]').waitFor({ state: 'attached' });
        const sent = await tab.evaluate(() => {
          const { awakeAt } = window as unknown as { awakeAt: number };
          const files = performance.getEntriesByType('resource') as PerformanceResourceTiming[];
          const [page] = performance.getEntriesByType('navigation') as PerformanceResourceTiming[];
          // What is fetched ahead from then on is not what the page was waited for.
          const scripts = files.filter((r) => r.name.endsWith('.js') && r.startTime < awakeAt);
          return { script: scripts.reduce((n, r) => n + r.encodedBodySize, 0), document: page.encodedBodySize };
        });
        for (const [what, size] of Object.entries(sent)) figures[`bytes.${page}, ${what}`] = size;
        await context.close();
      }
    }
    if (parts.includes('view')) {
      const reach = async (path: string, ready: string, cold: boolean) => {
        const times: number[] = [];
        let context = await fresh();
        for (let i = 0; i < (quick ? 4 : 9); i++) {
          if (cold && i) {
            await context.close();
            context = await fresh();
          }
          const tab = await context.newPage();
          const t = performance.now();
          await tab.goto(url + path, { waitUntil: 'commit' });
          await tab.locator(ready).first().waitFor({ state: 'attached' });
          times.push(performance.now() - t);
          await tab.close();
        }
        await context.close();
        return median(times);
      };
      const bare = await reach('/api/health', 'body', false);
      const trace = await reach(`${quillon}/trace`, 'html[data-awake] [data-suspect]', false);
      const cold = await reach(`${quillon}/trace`, 'html[data-awake] [data-suspect]', true);
      for (const { over, rounds } of [
        { over: 0, rounds: quick ? 2 : 6 },
        { over: 150, rounds: 0 },
      ]) {
        const context = await fresh();
        const tab = await context.newPage();
        await tab.goto(`${url}${osprane}/trace`);
        await tab.locator('html[data-awake]').waitFor({ state: 'attached' });
        await tab.waitForLoadState('networkidle');
        Object.assign(figures, await moves(tab, osprane, rounds, over));
        await context.close();
      }
      Object.assign(figures, {
        'view.bare answer ms': bare,
        'view.trace usable ms': trace,
        'view.trace usable, first visit ms': cold,
        'view.trace per bare answer': trace / bare,
      });
    }
  } finally {
    await browser.close();
  }
  return figures;
}
