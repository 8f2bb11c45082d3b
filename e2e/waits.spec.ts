import AxeBuilder from '@axe-core/playwright';
import { bookIn, expect, send, test, type Page, typeDate } from './bench';

const noSerious = async (page: Page) => {
  const axe = await new AxeBuilder({ page }).analyze();
  expect(axe.violations.filter((v) => v.impact === 'serious' || v.impact === 'critical')).toEqual([]);
};

test('a wait shows on the bike, the spine, Next and in the calendar, can be put off, and ends', async ({ bench: page }) => {
  const job = await bookIn(page, 'Hollin 500');
  await page.goto(`${job}/strip`);
  await page.getByRole('button', { name: 'Put on hold' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Put on hold' }).click();
  await expect(page.getByText('Enter what it waits for.')).toBeVisible();
  await page.getByLabel('Waiting for', { exact: true }).fill('Penetrant in the bore');
  await typeDate(page, 'Time to check again', '040520310930');
  await page.getByRole('dialog').getByRole('button', { name: 'Put on hold' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'soaking: Penetrant in the bore' })).toContainText('Check again 4 May');
  await page.goto('/');
  const waiting = page.getByRole('region', { name: 'Waiting' });
  await expect(waiting).toContainText('Penetrant in the bore');

  const calendar = async () => (await (await page.request.get('/api/calendar')).text()).replace(/\r\n[ \t]/g, '');
  expect(await calendar()).toContain('Hollin 500: check again at Penetrant in the bore');
  await page.goto('/calendar');
  await noSerious(page);
  const address = (await page.getByTestId('feed').first().textContent())!;
  const feed = await page.request.get(new URL(address).pathname);
  expect(feed.headers()['content-type']).toContain('text/calendar');
  expect(await feed.text()).toContain('BEGIN:VEVENT');
  await page.getByRole('button', { name: 'Make a new address, the old one stops' }).click();
  await expect(page.getByTestId('feed').first()).not.toHaveText(address);
  expect((await page.request.get(new URL(address).pathname)).status()).toBe(404);

  await page.goto(`${job}/trace`);
  await page.getByRole('button', { name: 'Snooze: Penetrant in the bore' }).click();
  await page.getByRole('menuitem', { name: 'Check again in three days' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'soaking: Penetrant' })).not.toContainText('4 May');
  await page.getByRole('button', { name: 'Done: Penetrant in the bore' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'soaking: Penetrant' })).toHaveCount(0);
  await expect.poll(calendar).not.toContain('Penetrant');
});

test('a provisional repair stands in the way of the hand-over until it is made good', async ({ bench: page }) => {
  const job = await bookIn(page);
  await page.goto(`${job}/handover`);
  const register = page.getByTestId('provisional');
  await register.getByRole('button', { name: 'Save temporary repair' }).click();
  await expect(register).toContainText('Enter the temporary repair.');
  await register.getByLabel('Temporary repair').fill('Wire on the peg');
  await register.getByLabel('Reason').fill('peg bent, new one on order');
  await typeDate(register, 'Latest date', '01062031');
  await register.getByRole('button', { name: 'Save temporary repair' }).click();
  await expect(register).toContainText('may run, may not be ridden, may not leave');
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Waiting' })).toContainText('Wire on the peg');
  const jobId = job.split('/').at(-1)!;
  const refused = await send(page, 'job.handOver', 'job', jobId, {}).catch((e: Error) => e.message);
  expect(refused).toMatch(/provisional|Wire on the peg/i);
  await page.goto(`${job}/handover`);
  await expect(page.getByTestId('hand-over')).toContainText('Wire on the peg');
  await page.getByRole('button', { name: 'Fixed properly: Wire on the peg' }).click();
  await expect(page.getByTestId('hand-over')).not.toContainText('Wire on the peg');
});

test('an error in the book is written down once and stays with the bike', async ({ bench: page }) => {
  const job = await bookIn(page);
  await page.goto(`${job}/measure`);
  const errata = page.getByTestId('errata');
  await errata.getByRole('button', { name: 'Add correction' }).click();
  await errata.getByLabel('Page').fill('61');
  await errata.getByLabel('Manual says').fill('195 psi');
  await errata.getByRole('button', { name: 'Save correction' }).click();
  await expect(errata).toContainText('Enter the correct value.');
  await errata.getByLabel('Correct value').fill('185 psi');
  await errata.getByLabel('Evidence').fill('later edition');
  await errata.getByRole('button', { name: 'Save correction' }).click();
  await expect(errata).toContainText('page 61');
  await page.reload();
  await expect(page.getByTestId('errata')).toContainText('185 psi');
});

test('the demo is only removed when it was asked twice', async ({ page }) => {
  await page.goto('/workshops');
  await page.locator('html[data-awake]').waitFor({ state: 'attached' });
  const asked: string[] = [];
  // Other tests are in the demo just now; what the server does with these is tested on a database of its own.
  await page.route('**/api/demo', async (route) => {
    asked.push((route.request().postDataJSON() as { act: string }).act);
    await route.fulfill({ json: {} });
  });
  await noSerious(page);
  await page.getByRole('button', { name: 'Remove the demo' }).click();
  expect(asked).toEqual([]);
  await page.getByRole('button', { name: 'Really remove it, with what was tried in it' }).click();
  await expect.poll(() => asked).toEqual(['remove']);
});

test('a device whose storage runs short says so before something is lost', async ({ bench: page }) => {
  const job = await bookIn(page);
  // What the browser tells about its room cannot be changed from outside, so the question is answered in its place.
  await page.addInitScript(() => {
    navigator.storage.estimate = () => Promise.resolve({ quota: 1000e6, usage: 940e6 });
  });
  await page.goto(`${job}/strip`);
  await expect(page.getByRole('alert').filter({ hasText: 'MB left for Ivrek' })).toBeVisible();
});

test('a device that can write nothing down says so, and what is entered goes to the server all the same', async ({ bench: page }) => {
  const job = await bookIn(page);
  await page.addInitScript(() => {
    IDBObjectStore.prototype.add = () => {
      throw new DOMException('no room', 'QuotaExceededError');
    };
  });
  await page.goto(`${job}/parts`);
  await page.route('**/api/commands', (route) => route.abort());
  await page.getByLabel('Part', { exact: true }).filter({ visible: true }).fill('Points');
  await page.getByRole('button', { name: 'Add part' }).click();
  await expect(page.getByTestId('parts')).toContainText('Points');
  await expect(page.getByRole('alert')).toContainText('cannot save anything');
  await page.unroute('**/api/commands');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await page.reload();
  await expect(page.getByTestId('parts')).toContainText('Points');
});

test('a line begun on Next goes on at the bike it names', async ({ bench: page }) => {
  const job = await bookIn(page, 'Sedgeling 250');
  await page.goto('/');
  await page.keyboard.press('/');
  await page.keyboard.type('sedge wait soaking bores until tomorrow 9:00');
  await expect(page.getByTestId('line-panel')).toContainText('Sedgeling 250: wait soaking bores');
  await page.keyboard.press('Enter');
  await page.waitForURL(`${job}/trace`);
  await expect(page.getByTestId('line-panel')).toContainText('On hold, soaking: bores');
  await expect(page.getByRole('textbox', { name: /Type a line/ })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'soaking: bores' }).first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Done: bores' })).toBeVisible();
});
