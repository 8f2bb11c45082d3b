import type { Request } from '@playwright/test';
import { bookIn, expect, test } from './bench';

const names = ['Trace', 'Strip', 'Measure', 'Decide', 'Parts', 'Rebuild', 'First start', 'Tune', 'Hand over', 'Book in', 'First look'];

test('stages of a job are one application: no page is loaded, what is typed stays, back and a reload lead where the address says', async ({
  bench: page,
}) => {
  const job = await bookIn(page);
  const knot = (name: string) =>
    page.getByRole('navigation', { name: 'Stages of this job' }).getByRole('link', { name: new RegExp(`^${name}`) });
  const pages: string[] = [];
  page.on('request', (r) => {
    if (r.isNavigationRequest()) pages.push(r.url());
  });
  await knot('Strip').click();
  await page.getByLabel('Part removed').fill('Points cover');
  for (const name of names) {
    await knot(name).click();
    await expect(knot(name)).toHaveAttribute('aria-current', 'page');
    await expect(page).toHaveTitle(`Quillon 350: ${name} · Ivrek`);
  }
  await knot('Strip').click();
  await expect(page.getByLabel('Part removed')).toHaveValue('Points cover');
  await page.getByRole('textbox', { name: 'Fasteners', exact: true }).fill('2x M5x12');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('steps')).toContainText('Points cover');
  await page.goBack();
  await expect(page).toHaveURL(`${job}/look`);
  await expect(page.getByTestId('look-list')).toBeVisible();
  expect(pages).toEqual([]);
  await page.goForward();
  await page.reload();
  await expect(page.getByTestId('steps').filter({ visible: true })).toContainText('Points cover');
});

test('every stage is there at a tap while the server is away, once the page had a moment', async ({ bench: page }) => {
  const underWay = new Set<Request>();
  page.on('request', (r) => r.resourceType() === 'script' && underWay.add(r));
  page.on('requestfinished', (r) => void underWay.delete(r));
  page.on('requestfailed', (r) => void underWay.delete(r));
  await bookIn(page);
  // The other stages are fetched when there is nothing else to do, then what they want once they are drawn, menus last.
  await page.waitForFunction(() => performance.getEntriesByType('resource').some((r) => /ActsMenu/.test(r.name)));
  await expect.poll(() => underWay.size).toBe(0);
  await page.context().setOffline(true);
  for (const name of names) {
    const knot = page.getByRole('navigation', { name: 'Stages of this job' }).getByRole('link', { name: new RegExp(`^${name}`) });
    await knot.click();
    await expect(knot).toHaveAttribute('aria-current', 'page');
    await expect(page.getByText('could not be fetched')).toHaveCount(0);
  }
  await page.context().setOffline(false);
});

test('a stage that cannot be fetched says so and is there at the next try; the one that was left keeps what was typed', async ({
  bench: page,
}) => {
  await page.route('**/PartsView*.js', (route) => route.abort());
  await bookIn(page);
  const knot = (name: string) =>
    page.getByRole('navigation', { name: 'Stages of this job' }).getByRole('link', { name: new RegExp(`^${name}`) });
  await knot('Strip').click();
  await page.getByLabel('Part removed').fill('Points cover');
  await knot('Parts').click();
  await expect(page.getByText('This stage is not on this device and could not be fetched.')).toBeVisible();
  await knot('Strip').click();
  await expect(page.getByLabel('Part removed')).toHaveValue('Points cover');
  await knot('Parts').click();
  await page.unroute('**/PartsView*.js');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByTestId('part-form')).toBeVisible();
});
