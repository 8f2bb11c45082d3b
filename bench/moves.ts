import type { Page } from '@playwright/test';
import { stages } from '../src/core/stage';
import { quantile, type Figures } from './figures';

/** Presses the knot of a stage and waits until what it leads to was painted. Milliseconds. */
const move = (page: Page, to: string): Promise<number> =>
  page.evaluate(async (path) => {
    const knot = document.querySelector<HTMLAnchorElement>(`nav a[href^="${path}"]`)!;
    const began = performance.now();
    knot.click();
    while (!knot.hasAttribute('aria-current')) await new Promise(requestAnimationFrame);
    await new Promise(requestAnimationFrame);
    return performance.now() - began;
  }, to);

/**
 * From the tap on a stage to the stage, within one job that is open: gone to for the first time, and again. `over` is how long a hand is
 * over it before it presses, milliseconds; what it is over is drawn meanwhile.
 */
export async function moves(page: Page, job: string, rounds: number, over: number): Promise<Figures> {
  const times: number[][] = [[], []];
  for (let round = 0; round <= rounds; round++)
    for (const { id } of stages) {
      if (page.url().includes(`${job}/${id}`)) continue;
      // No hand presses what it has not come to.
      await page.locator(`nav a[href^="${job}/${id}"]`).first().hover();
      if (over) await page.waitForTimeout(over);
      times[Math.min(round, 1)].push(await move(page, `${job}/${id}`));
      // What the stage sets going is over before the next tap, as it is for a hand.
      await page.evaluate(() => new Promise((done) => requestIdleCallback(done)));
    }
  const [first, again] = times;
  return {
    [`view.move, first time, ${over} ms over it, median ms`]: quantile(first, 0.5),
    [`view.move, first time, ${over} ms over it, 95th ms`]: quantile(first, 0.95),
    ...(again.length > 0 && { 'view.move, again, median ms': quantile(again, 0.5), 'view.move, again, 95th ms': quantile(again, 0.95) }),
  };
}
