import highsLoader from 'highs';
import { chromium } from '@playwright/test';
import { chromiumOptions } from '../e2e/chromium';
import { shimPlan } from '../src/core/measure/valves';
import { Random } from '../test/chaos/random';
import { byInteger, randomEngine } from '../test/oracle/shims';
import { median, type Figures } from './figures';
import { demoSession } from './session';

/** The reuse of shims: against integer programming on random engines, and its time as engines grow. */
async function shims(quick: boolean, figures: Figures): Promise<void> {
  const highs = await highsLoader();
  let planned = 0;
  let optimal = 0;
  const engines = quick ? 60 : 1000;
  for (let i = 0; i < engines; i++) {
    const draw = new Random(90000 + i);
    const engine = randomEngine(() => draw.next(), [2, 4, 5, 8, 12, 16][i % 6]);
    const leaveGood = i % 2 === 0;
    const own = shimPlan(engine.valves, engine.stock, { leaveGood });
    const best = byInteger(highs, engine, leaveGood);
    if (!own.ok) {
      optimal += best === null ? 1 : 0;
      continue;
    }
    planned++;
    const moved = own.plan.moves.filter((m) => m.source.kind !== 'stays').length;
    const same = best !== null && own.plan.buyUm.length === best.buy && own.plan.awayUm === best.away && moved === best.moved;
    optimal += same ? 1 : 0;
  }
  figures['shims.engines'] = engines;
  figures['shims.with a plan'] = planned;
  figures['shims.optimal of all'] = optimal / engines;
  const times = new Map<number, number>();
  for (const valves of [4, 8, 16, 32, 64]) {
    const all = Array.from({ length: quick ? 40 : 200 }, (_x, i) => {
      const draw = new Random(i);
      const { valves: v, stock } = randomEngine(() => draw.next(), valves);
      const t = performance.now();
      shimPlan(v, stock, { leaveGood: false });
      return performance.now() - t;
    });
    times.set(valves, median(all));
    figures[`shims.${valves} valves, ms`] = median(all);
    if (valves === 16) figures['shims.16 valves, worst ms'] = Math.max(...all);
  }
  figures['shims.32 valves to 16'] = times.get(32)! / times.get(16)!;
}

/** A live stream of 20 readings a second on four columns: how many frames come late while the panel judges it. */
async function live(quick: boolean, figures: Figures): Promise<void> {
  const { url, cookie, jobs } = await demoSession();
  const [name, value] = cookie.split(/=(.*)/);
  const browser = await chromium.launch(chromiumOptions());
  try {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    await context.addCookies([{ name, value: decodeURIComponent(value), url }]);
    const page = await context.newPage();
    await page.goto(`${url}/job/${jobs['Osprane 650']}/measure?panel=balance`);
    await page.locator('html[data-awake]').waitFor({ state: 'attached' });
    // As a text: what the loader adds to named functions does not exist in the page.
    const frames = (ms: number) =>
      page.evaluate<number[]>(`new Promise((resolve) => {
        const gaps = [];
        let last = performance.now();
        const began = last;
        requestAnimationFrame(function step(now) {
          gaps.push(now - last);
          last = now;
          if (now - began < ${ms}) requestAnimationFrame(step);
          else resolve(gaps.slice(2));
        });
      })`);
    const late = (gaps: readonly number[]) => gaps.filter((g) => g > 1.5 * median([...gaps])).length / gaps.length;
    const ms = quick ? 3000 : 20000;
    const still = await frames(ms);
    await page.getByRole('button', { name: 'Vacuum columns, simulated' }).click();
    await page.getByRole('img', { name: /Column 4: [\d.]+ cmHg/ }).waitFor();
    const streaming = await frames(ms);
    figures['live.frames a second'] = 1000 / median([...streaming]);
    figures['live.late frames, nothing on the bench'] = late(still);
    figures['live.late frames, four columns at 20 a second'] = late(streaming);
  } finally {
    await browser.close();
  }
}

/** The measuring bench: the optimum of the shims, and a live stream. */
export async function benchMeasure(quick: boolean): Promise<Figures> {
  const figures: Figures = {};
  await shims(quick, figures);
  await live(quick, figures);
  return figures;
}
