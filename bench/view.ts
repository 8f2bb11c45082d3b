import { chromium } from '@playwright/test';
import { chromiumOptions } from '../e2e/chromium';
import { median, type Figures } from './figures';
import { moves } from './moves';
import { demoSession } from './session';

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
        // What is fetched ahead may be broken off when the page closes.
        const known = (size: Promise<number>) => size.catch(() => 0);
        const sent = { script: [] as Promise<number>[], document: [] as Promise<number>[] };
        tab.on('response', (r) => {
          const size = async () => {
            await r.finished();
            return (await r.request().sizes()).responseBodySize;
          };
          if (r.url().endsWith('.js')) sent.script.push(known(size()));
          else if (r.request().isNavigationRequest()) sent.document.push(known(size()));
        });
        await tab.goto(url + path);
        await tab.locator('html[data-awake]').waitFor({ state: 'attached' });
        // What is fetched ahead from here on is not what the page was waited for.
        for (const [what, sizes] of Object.entries(sent))
          figures[`bytes.${page}, ${what}`] = (await Promise.all([...sizes])).reduce((x, y) => x + y, 0);
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
      const context = await fresh();
      const tab = await context.newPage();
      await tab.goto(`${url}${osprane}/trace`);
      await tab.locator('html[data-awake]').waitFor({ state: 'attached' });
      await tab.waitForLoadState('networkidle');
      Object.assign(figures, await moves(tab, osprane, quick ? 2 : 6));
      await context.close();
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
