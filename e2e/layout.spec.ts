import AxeBuilder from '@axe-core/playwright';
import { awake, bookIn, expect, ranked, still, test, type Page } from './bench';

// Every view at three sizes, by day and by night, in the lived-in demo.

const views: [name: string, path: string | ((bikes: Record<string, string>) => string), main: string][] = [
  ['next', '/', 'a[href="/book-in"]'],
  ['workshops', '/workshops', 'main button'],
  ['book in', '/book-in', 'main input'],
  ['bike', (b) => `${b['Quillon 350']}/book-in`, 'main button'],
  ['first look', (b) => `${b['Hollin 500']}/look`, '[data-testid="look-list"] button'],
  ['trace', (b) => `${b['Quillon 350']}/trace`, '[data-main]'],
  ['strip', (b) => `${b['Osprane 650']}/strip`, '[data-testid="step-form"] button[type="submit"]'],
  ['measure', (b) => `${b['Quillon 350']}/measure`, 'main nav a'],
  ['measure, a panel', (b) => `${b['Osprane 650']}/measure?panel=balance`, '[data-panel-form] input'],
  ['decide', (b) => `${b['Osprane 650']}/decide`, 'main button'],
  ['parts', (b) => `${b['Marram 80']}/parts`, '[data-testid="part-form"] button[type="submit"]'],
  ['rebuild', (b) => `${b['Osprane 650']}/rebuild`, '[data-testid="back-on"] button'],
  ['first start', (b) => `${b['Osprane 650']}/start`, '[data-testid="gates"] .MuiButton-contained'],
  ['tune', (b) => `${b['Osprane 650']}/tune`, 'main form button[type="submit"]'],
  ['hand over', (b) => `${b['Osprane 650']}/handover`, '[data-testid="hand-over"] button'],
  ['record', (b) => `${b['Osprane 650']}/record`, 'main a'],
  ['tablets', '/devices', 'main button'],
  ['pair', '/pair', 'main button'],
  ['calendar', '/calendar', 'main button'],
  ['bring in', '/import', 'main button'],
  ['own knowledge', '/knowledge', 'main button'],
  ['gallery', '/gallery', 'header a'],
];
const sizes = [
  [390, 844],
  [820, 1180],
  [1280, 800],
] as const;

/** Everything that a ruler can say about a page. Runs in the page. */
function measure(mainSelector: string): string[] {
  const wrong: string[] = [];
  const name = (el: Element) =>
    `${el.tagName.toLowerCase()} "${(el.getAttribute('aria-label') ?? el.textContent ?? '').trim().slice(0, 40)}"`;
  const hidden = (el: Element) => {
    const s = getComputedStyle(el);
    const r = el.getBoundingClientRect();
    return (
      s.visibility === 'hidden' ||
      s.display === 'none' ||
      r.width === 0 ||
      r.height === 0 ||
      el.closest('[aria-hidden="true"]') !== null ||
      r.width <= 1
    );
  };
  if (document.documentElement.scrollWidth > innerWidth + 1) {
    const wide = [...document.querySelectorAll('body *')].filter((e) => e.getBoundingClientRect().right > innerWidth + 1).slice(0, 3);
    wrong.push(`scrolls sideways: ${wide.map(name).join('; ')}`);
  }
  for (const el of document.querySelectorAll('[data-scroller]'))
    if (el.scrollWidth > el.clientWidth + 1) wrong.push(`the middle scrolls sideways: ${el.scrollWidth} of ${el.clientWidth}`);
  for (const el of document.querySelectorAll('a[href], button, input, textarea, [role="combobox"], [role="radio"], [role="checkbox"]')) {
    if (hidden(el)) continue;
    const box = (
      el.matches('input:not([type=checkbox]):not([type=radio]), textarea, [role=combobox]')
        ? (el.closest('.MuiOutlinedInput-root') ?? el)
        : el
    ).getBoundingClientRect();
    if (box.width < 47.5 || box.height < 47.5) wrong.push(`target of ${Math.round(box.width)}x${Math.round(box.height)}: ${name(el)}`);
  }
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let n = walker.nextNode(); n; n = walker.nextNode()) {
    const el = n.parentElement!;
    if (!n.textContent!.trim() || /^(SCRIPT|STYLE|NOSCRIPT|TEMPLATE|LEGEND)$/.test(el.tagName) || hidden(el)) continue;
    const px = parseFloat(getComputedStyle(el).fontSize);
    if (px < 15.99) wrong.push(`text of ${px} px: ${name(el)}`);
  }
  for (const el of document.querySelectorAll('[data-reading]'))
    if (parseFloat(getComputedStyle(el).fontSize) < 28) wrong.push(`reading of ${getComputedStyle(el).fontSize}: ${name(el)}`);
  for (const el of document.querySelectorAll<HTMLElement>('body *')) {
    const s = getComputedStyle(el);
    if (!/hidden|clip/.test(s.overflowX) || hidden(el) || el.matches('input, textarea, [role=combobox], legend, svg *')) continue;
    if (el.scrollWidth > el.clientWidth + 2 && el.textContent!.trim()) wrong.push(`clipped: ${name(el)}`);
  }
  const main = [...document.querySelectorAll(mainSelector)].find((e) => !hidden(e));
  if (!main) wrong.push(`no main action: ${mainSelector}`);
  else {
    const end = main.closest('[data-scroller]')?.getBoundingClientRect().bottom ?? innerHeight;
    const { bottom } = main.getBoundingClientRect();
    if (bottom > end) wrong.push(`main action ends at ${Math.round(bottom)} of ${Math.round(end)}: ${name(main)}`);
  }
  return [...new Set(wrong)];
}

async function bikes(page: Page): Promise<Record<string, string>> {
  const { lines } = (await (await page.request.get('/api/jobs')).json()) as { lines: { jobId: string; bike: string }[] };
  return Object.fromEntries(lines.map((l) => [l.bike, `/job/${l.jobId}`]));
}

/** What a serious or critical rule of accessibility is broken by. */
async function broken(builder: AxeBuilder): Promise<string[]> {
  // There are no frames here whose results a page of its own would have to put together.
  const { violations } = await builder.setLegacyMode(true).analyze();
  return violations
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .map((v) => {
      const where = v.nodes.slice(0, 2).map((n) => `${n.target.join(' ')} ${n.failureSummary?.split('\n')[1] ?? ''}`);
      return `${v.id}: ${where.join('; ')}`;
    });
}

for (const [width, height] of sizes) {
  test(`every view at ${width}x${height}, by day and by night`, async ({ demo: page }) => {
    test.setTimeout(500_000);
    await page.setViewportSize({ width, height });
    await page.addInitScript(() => {
      const w = window as unknown as { shift: number };
      w.shift = 0;
      new PerformanceObserver((list) => {
        for (const e of list.getEntries() as unknown as { value: number; hadRecentInput: boolean }[])
          if (!e.hadRecentInput) w.shift += e.value;
      }).observe({ type: 'layout-shift', buffered: true });
    });
    const jobs = await bikes(page);
    // Views take turns in being opened by night, so that both wake up well.
    for (const [i, [name, path, main]] of views.entries()) {
      const [first, second] = i % 2 ? (['dark', 'light'] as const) : (['light', 'dark'] as const);
      await page.emulateMedia({ colorScheme: first });
      await page.goto(typeof path === 'string' ? path : path(jobs));
      await still(page);
      const wrong = await page.evaluate(measure, main);
      expect.soft(wrong, name).toEqual([]);
      const rules = new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']);
      // Between the two others nothing is drawn that has other colours.
      const between = width === 820;
      if (between) rules.disableRules('color-contrast');
      expect.soft(await broken(rules), `${name}, ${first}: axe`).toEqual([]);
      // The rules take their time: what comes late has come by now.
      const shift = await page.evaluate(() => (window as unknown as { shift: number }).shift);
      expect.soft(shift, `${name}: layout shift`).toBeLessThan(0.02);
      if (between) continue;
      // The other colours change contrast and nothing else.
      await page.emulateMedia({ colorScheme: second });
      await page.locator(`html[data-scheme="${second}"]`).waitFor({ state: 'attached' });
      expect.soft(await broken(new AxeBuilder({ page }).withRules('color-contrast')), `${name}, ${second}: contrast`).toEqual([]);
    }
  });
}

for (const [width, height] of sizes)
  test(`with its cautions understood the first answer of a test is in reach at ${width}x${height}`, async ({ bench: page }) => {
    await page.setViewportSize({ width, height });
    const job = await bookIn(page);
    await page.goto(`${job}/trace`);
    await awake(page);
    await ranked(page);
    const card = page.getByTestId('test-card');
    const understood = card.getByRole('button', { name: 'Understood' });
    if (await understood.isVisible()) await understood.click();
    await expect(understood).toHaveCount(0);
    expect(await page.evaluate(measure, '[data-testid="test-card"] [data-main]')).toEqual([]);
  });

test('at 320 px and 200 % nothing scrolls sideways', async ({ demo: page }) => {
  test.setTimeout(300_000);
  await page.setViewportSize({ width: 320, height: 640 });
  const jobs = await bikes(page);
  for (const [name, path] of views) {
    await page.goto(typeof path === 'string' ? path : path(jobs));
    const over = await page.evaluate(() =>
      Math.max(...[document.documentElement, ...document.querySelectorAll('[data-scroller]')].map((e) => e.scrollWidth - e.clientWidth)),
    );
    expect.soft(over, name).toBeLessThanOrEqual(1);
  }
});

test('the gallery shows every state of bar and spine, by day, by night and without colour', async ({ demo: page }) => {
  await page.goto('/gallery');
  const bars = page.getByRole('img', { name: /Limit:/ });
  await expect(bars).toHaveCount(34);
  for (const word of [
    'low',
    'within limits',
    'high',
    'borderline: measure again',
    'no limit yet',
    'off the scale',
    'either side: narrow it down',
    'past service limit',
    'superseded',
    'not obtained',
  ])
    await expect(page.getByText(word, { exact: true }).first()).toBeVisible();
  await expect(page.getByRole('navigation', { name: 'At work' }).getByRole('link', { name: 'Trace: 3 likely' })).toHaveAttribute(
    'aria-current',
    'page',
  );
  const ground = () => page.evaluate(() => getComputedStyle(document.body).backgroundColor);
  const day = await ground();
  await page.getByRole('button', { name: 'Dark colours for night' }).click();
  await expect.poll(ground).not.toBe(day);
  expect(await page.getByTestId('greyscale').evaluate((e) => getComputedStyle(e).filter)).toBe('grayscale(1)');
});
