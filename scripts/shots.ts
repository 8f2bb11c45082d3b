// Pictures of every main view from the demo, at 1280x800, for docs/screenshots. IVREK_URL names the server.
import { mkdirSync } from 'node:fs';
import { chromium, type Page } from '@playwright/test';
import { chromiumOptions } from '../e2e/chromium';

const base = process.env.IVREK_URL!;
const out = process.env.IVREK_SHOTS ?? 'docs/screenshots';
const only = process.env.IVREK_ONLY?.split(',');
const [width, height] = (process.env.IVREK_SIZE ?? '1280x800').split('x').map(Number);
const scheme = process.env.IVREK_SCHEME === 'dark' ? 'dark' : 'light';

const jobPath = async (page: Page, bike: string) => {
  const { lines } = await page.evaluate(
    async () => (await (await fetch('/api/jobs')).json()) as { lines: { jobId: string; bike: string }[] },
  );
  return `/job/${lines.find((j) => j.bike === bike)!.jobId}`;
};

type Shot = [name: string, go: (page: Page) => Promise<string>, then?: (page: Page) => Promise<unknown>];
const views: Shot[] = [
  ['next', async () => '/'],
  ['workshops', async () => '/workshops'],
  ['book-in', async () => '/book-in'],
  ['first-look', async (p) => `${await jobPath(p, 'Hollin 500')}/look`],
  ['trace', async (p) => `${await jobPath(p, 'Quillon 350')}/trace`],
  ['strip', async (p) => `${await jobPath(p, 'Osprane 650')}/strip`],
  ['measure', async (p) => `${await jobPath(p, 'Quillon 350')}/measure`],
  [
    'balance',
    async (p) => `${await jobPath(p, 'Osprane 650')}/measure?panel=balance`,
    async (p) => {
      await p.getByRole('button', { name: 'Vacuum columns, simulated' }).click();
      await p.getByText(/The screw (between|in the middle)/).waitFor();
      await p.getByRole('status', { name: 'What it says' }).getByRole('img').waitFor();
    },
  ],
  ['decide', async (p) => `${await jobPath(p, 'Osprane 650')}/decide`],
  ['parts', async (p) => `${await jobPath(p, 'Osprane 650')}/parts`],
  ['rebuild', async (p) => `${await jobPath(p, 'Osprane 650')}/rebuild`],
  ['first-start', async (p) => `${await jobPath(p, 'Osprane 650')}/start`],
  ['tune', async (p) => `${await jobPath(p, 'Osprane 650')}/tune`],
  ['hand-over', async (p) => `${await jobPath(p, 'Osprane 650')}/handover`],
  ['record', async (p) => `${await jobPath(p, 'Osprane 650')}/record`],
  ['own-knowledge', async () => '/knowledge'],
  [
    'photo',
    async (p) => `${await jobPath(p, 'Osprane 650')}/strip`,
    async (p) => {
      await p
        .getByRole('button', { name: /^Photo 1 of/ })
        .first()
        .click();
      await p.getByRole('textbox', { name: 'Pin 3' }).waitFor();
      await p.waitForLoadState('networkidle');
    },
  ],
  [
    'bench-line',
    async (p) => `${await jobPath(p, 'Quillon 350')}/trace`,
    async (p) => {
      await p.getByLabel('Type a line.').fill('comp 2 one hundred eighteen psi');
      await p.getByTestId('line-panel').getByRole('button', { name: 'Save' }).waitFor();
    },
  ],
  ['tablets', async () => '/devices', (p) => p.getByRole('button', { name: 'Show a code' }).click()],
];

mkdirSync(out, { recursive: true });
const browser = await chromium.launch(chromiumOptions());
const page = await browser.newPage({ viewport: { width, height }, colorScheme: scheme });
page.on('console', (m) => m.type() === 'error' && console.error(`console: ${m.text()}`));
page.on('pageerror', (e) => console.error(`page error: ${e.message}`));
const awake = () => page.locator('html[data-awake]').waitFor({ state: 'attached' });
await page.goto(`${base}/workshops`);
await awake();
await page.getByTestId('demo-shop').getByRole('button', { name: 'Open as Ines Corrow' }).click();
await page.getByRole('heading', { name: 'Can be done now' }).waitFor();
for (const [name, go, then] of views) {
  if (only && !only.includes(name)) continue;
  await page.goto(base + (await go(page)));
  await awake();
  await page.waitForLoadState('networkidle');
  await then?.(page);
  // A dialog that fades in is pictured when it is there.
  await page.evaluate(() =>
    Promise.all(
      document
        .getAnimations()
        .filter((a) => a.effect?.getTiming().iterations !== Infinity)
        .map((a) => a.finished.catch(() => null)),
    ),
  );
  await page.screenshot({ path: `${out}/${name}.png`, fullPage: process.env.IVREK_FULL === '1' });
  console.error(`${out}/${name}.png`);
}
await browser.close();
