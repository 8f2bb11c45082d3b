import { readFileSync } from 'node:fs';
import AxeBuilder from '@axe-core/playwright';
import { parse } from 'yaml';
import { bookIn, chooseTest, describeBike, expect, pointsTwin, ranked, test, type Locator, type Page } from './bench';

// What a shop knows itself: added on its page or from a bike, reckoned with at once, taken out, taken along and brought in.

/** Chooses from a list that is searched by typing. */
async function pick(page: Page, scope: Locator, label: string, text: string): Promise<void> {
  await scope.getByLabel(label, { exact: true }).fill(text);
  await page.getByRole('option', { name: text }).first().click();
}
async function pull(page: Page, scope: Locator, label: string, text: string): Promise<void> {
  await scope.getByRole('combobox', { name: label, exact: true }).click();
  await page.getByRole('option', { name: text, exact: true }).click();
}

async function addFlakes(page: Page): Promise<void> {
  await page.goto('/knowledge');
  await page.getByRole('button', { name: 'Add a fault' }).click();
  const form = page.getByRole('dialog');
  await form.getByLabel('Fault').fill('Tank liner comes off in flakes');
  await form.getByRole('button', { name: 'Save' }).click();
  // What is missing is said at its place, and what was written stays.
  await expect(form.getByText('5 fields need attention.')).toBeVisible();
  await expect(form.getByText('Choose where it belongs.')).toBeVisible();
  await pull(page, form, 'System', 'fuel');
  await form.getByRole('button', { name: 'Add a sign' }).click();
  await pick(page, form, 'Sign, 1', 'Turns over but will not start');
  await expect(form.getByText('No test can show any of this.')).toBeVisible();
  await form.getByRole('button', { name: 'Add its own check' }).click();
  await form.getByLabel('How to check').fill('Half a glass from the tap, against the light');
  await form.getByLabel('Result if it is this').fill('Flakes in the glass');
  await form.getByLabel('Result if not').fill('Clean fuel');
  await form.getByLabel('Minutes', { exact: true }).fill('4');
  await form.getByLabel('Repair', { exact: true }).fill('Strip the liner, clean the tank');
  await form.getByLabel('Repair minutes').fill('180');
  await form.getByLabel('Usual cause').fill('Poured over rust');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form).toBeHidden();
}

test('a fault with a look of its own: suspected and offered on the next bike, taken out and put back', async ({ bench: page }) => {
  await addFlakes(page);
  const own = page.getByTestId('own');
  await expect(own.getByText('Added: Tank liner comes off in flakes.')).toBeVisible();
  await expect(own.getByText('Look for: tank liner comes off in flakes')).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);

  const job = await bookIn(page);
  await describeBike(page, job, pointsTwin);
  await page.goto(`${job}/trace`);
  await ranked(page);
  const card = await chooseTest(page, /^Look for: tank liner comes off in flakes/);
  await card.getByRole('button', { name: 'Flakes in the glass' }).click();
  await ranked(page);
  await expect(page.locator('[data-suspect]').first()).toContainText('Tank liner comes off in flakes');

  await page.goto('/knowledge');
  await page.getByRole('button', { name: 'Remove: Tank liner comes off in flakes' }).click();
  await expect(own.getByText('Tank liner comes off in flakes: removed.')).toBeVisible();
  await page.goto(`${job}/trace`);
  await ranked(page);
  await expect(page.locator('[data-suspect]').first()).not.toContainText('Tank liner');
  // What was found by it is still told.
  await expect(page.getByTestId('ledger')).toContainText('tank liner comes off in flakes');
  await page.goto('/knowledge');
  await page.getByRole('button', { name: 'Restore: Tank liner comes off in flakes' }).click();
  await own.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Restore: Tank liner comes off in flakes' })).toBeVisible();
});

test('a figure of the shop takes the place of the one that ships, is changed and taken back', async ({ bench: page }) => {
  await page.goto('/knowledge');
  await page.getByRole('button', { name: 'Add a value' }).click();
  const form = page.getByRole('dialog');
  await pick(page, form, 'About', 'Points dirty or burnt');
  await form.getByLabel('One bike in').fill('1');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form.getByText('One bike in how many?')).toBeVisible();
  await form.getByLabel('One bike in').fill('20');
  await form.getByRole('button', { name: 'Save' }).click();
  const figures = page.getByTestId('own').locator('section', { has: page.getByRole('heading', { name: 'Values', exact: true }) });
  await expect(figures).toContainText('1 bike in 20');
  await page.getByRole('button', { name: 'Change: Points dirty or burnt' }).click();
  await page.getByRole('dialog').getByLabel('Repair minutes').fill('35');
  await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click();
  await expect(figures).toContainText('1 bike in 20, 35 min');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(figures).not.toContainText('35 min');
  await expect(figures).toContainText('1 bike in 20');
});

test('it is taken along as YAML and brought in elsewhere; a wrong file says where it is wrong and changes nothing', async ({
  bench: page,
}) => {
  await addFlakes(page);
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Export YAML' }).click();
  const text = readFileSync((await (await download).path())!, 'utf8');
  const content = parse(text) as { faults: { id: string; prior: number }[]; tests: object[]; findings: object[] };
  expect(content.faults.map((f) => f.id)).toEqual(['own-tank-liner-comes-off-in-flakes']);
  const bring = (body: string) =>
    page.getByLabel('A file of own knowledge').setInputFiles({ name: 'own.yaml', mimeType: 'application/yaml', buffer: Buffer.from(body) });
  await bring(text.replace('prior: 0.002', 'prior: 2'));
  const said = page.getByRole('alert').filter({ hasText: 'nothing was changed' });
  await expect(said).toContainText('faults, entry 1 (own-tank-liner-comes-off-in-flakes), prior');
  await bring(text.replace('prior: 0.002', 'prior: 0.01'));
  await expect(page.getByText('own.yaml: 0 new, 1 changed, 2 as they were.')).toBeVisible();
  await expect(page.getByTestId('own')).toContainText('1 bike in 100');
  // Another workshop, where none of it is known yet.
  const headers = { origin: new URL(page.url()).origin };
  await page.request.post('/api/session', { headers, data: { newShop: `Other ${crypto.randomUUID()}` } });
  await page.goto('/knowledge');
  await bring(text);
  await expect(page.getByText('own.yaml: 3 new, 0 changed, 0 as they were.')).toBeVisible();
  await expect(page.getByTestId('own')).toContainText('Tank liner comes off in flakes');
});

test('a cause that is not in the list becomes a fault of the shop at the repair', async ({ bench: page }) => {
  const job = await bookIn(page);
  await describeBike(page, job, pointsTwin);
  await page.goto(`${job}/trace`);
  await ranked(page);
  await page.getByRole('button', { name: 'A cause not in the list' }).click();
  const repair = page.getByRole('dialog', { name: 'A cause that is not in the list' });
  await repair.getByLabel('Cause, in your words').fill('Nest in the intake');
  await repair.getByLabel('Repair done').fill('Nest out');
  await repair.getByLabel('Minutes').fill('10');
  await repair.getByRole('button', { name: 'Save as a fault of this workshop' }).click();
  const form = page.getByRole('dialog', { name: 'A fault of this workshop' });
  await expect(form.getByLabel('Fault')).toHaveValue('Nest in the intake');
  await expect(form.getByLabel('Sign, 1')).toHaveValue('Turns over but will not start');
  await pull(page, form, 'System', 'fuel');
  await form.getByRole('button', { name: 'Add another sign' }).click();
  await pick(page, form, 'Sign, 2', 'Coughs or pops but does not run');
  await form.getByRole('button', { name: 'Add its own check' }).click();
  await form.getByLabel('How to check').fill('Take the filter off and look in');
  await form.getByLabel('Result if it is this').fill('A nest');
  await form.getByLabel('Result if not').fill('A clear way');
  await form.getByLabel('Minutes', { exact: true }).fill('5');
  await form.getByLabel('Usual cause').fill('Stood open in a barn');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(repair.getByText('From now on it is a suspect')).toBeVisible();
  await repair.getByRole('button', { name: 'Log the repair' }).click();
  await expect(repair).toBeHidden();
  await expect(page.getByTestId('retest-card')).toBeVisible();
  await page.goto('/knowledge');
  await expect(page.getByTestId('own')).toContainText('Nest in the intake');
});
