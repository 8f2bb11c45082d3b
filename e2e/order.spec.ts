import { readFileSync } from 'node:fs';
import AxeBuilder from '@axe-core/playwright';
import { awake, bookIn, describeBike, expect, pointsTwin, test, type Page } from './bench';

const order = (page: Page) => page.getByTestId('order');
const off = async (page: Page, part: string, fasteners = '') => {
  await page.getByTestId('step-form').getByLabel('Part removed').fill(part);
  await page.getByTestId('step-form').getByLabel('Fasteners').fill(fasteners);
  await page.getByRole('button', { name: 'Add step' }).click();
  await expect(page.getByTestId('steps').getByText(part, { exact: true })).toBeVisible();
};

test('the strip as a ribbon and as a drawing: moved through by keys, opened from it, exported', async ({ bench: page }) => {
  const job = await bookIn(page, 'Osprane 650', 'Smokes');
  await describeBike(page, job, pointsTwin);
  await page.goto(`${job}/strip`);
  await page.getByRole('button', { name: 'Usual job' }).click();
  await page.getByRole('combobox', { name: 'Usual job' }).click();
  await page.getByRole('option', { name: 'Head and cylinder', exact: true }).click();
  await expect(page.getByTestId('usual-step')).toContainText('step 1 of');
  for (const part of ['Tank', 'Carburettors', 'Exhaust']) {
    await page.getByRole('button', { name: 'Add step' }).click();
    await expect(page.getByTestId('steps').getByText(part, { exact: true })).toBeVisible();
  }
  await expect(order(page).getByRole('list', { name: 'Steps, first off first' }).getByRole('button')).toHaveText([
    /Tank/,
    /Carburettors/,
    /Exhaust/,
  ]);
  await page.goto(`${job}/rebuild`);
  await awake(page);
  const ribbon = order(page).getByRole('list', { name: 'Steps, first on first' });
  await expect(ribbon.getByRole('button').first()).toHaveAccessibleName(/Exhaust.*: ready/);
  await ribbon.getByRole('button').first().focus();
  await page.keyboard.press('End');
  await expect(ribbon.getByRole('button', { name: /Tank/ })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('refit-step').getByRole('button', { name: 'Tank', exact: true })).toBeFocused();
  await order(page).getByRole('button', { name: 'What hangs on what' }).click();
  const drawing = page.getByTestId('order-graph');
  await drawing.getByRole('button', { name: /^Carburettors/ }).focus();
  await page.keyboard.press('ArrowDown');
  await expect(drawing.getByRole('button', { name: /^Tank: after Carburettors/ })).toBeFocused();
  await page.keyboard.press('ArrowUp');
  await expect(drawing.getByRole('button', { name: /^Carburettors/ })).toBeFocused();
  expect((await new AxeBuilder({ page }).include('[data-testid="order"]').analyze()).violations).toEqual([]);
  const file = page.waitForEvent('download');
  await order(page).getByRole('button', { name: 'Export drawing as SVG' }).click();
  const svg = readFileSync(await (await file).path(), 'utf8');
  expect(svg).toContain('<svg xmlns');
  expect(svg).toContain('>Carburettors<');
});

test('a step that was two is split, two that were one are joined; the fasteners go along and the refit follows', async ({
  bench: page,
}) => {
  const job = await bookIn(page, 'Osprane 650', 'Clutch slips');
  await page.goto(`${job}/strip`);
  await off(page, 'Cover and cable', '4x M6x25 cover, 1 M5x12 cable clip');
  await page.getByRole('button', { name: 'Edit: Cover and cable' }).click();
  await page.getByRole('button', { name: 'Split or join: Cover and cable' }).click();
  await page.getByRole('button', { name: 'Split', exact: true }).click();
  await expect(page.getByText('Enter the part that came off first.')).toBeVisible();
  await page.getByLabel('Came off first').fill('Clutch cable');
  await page.getByRole('checkbox', { name: /M5x12/ }).check();
  await page.getByRole('button', { name: 'Split', exact: true }).click();
  const cable = page.getByTestId('steps').getByRole('listitem').filter({ hasText: 'Clutch cable' });
  await expect(cable).toContainText('1 × M5x12 cable clip');
  await page.goto(`${job}/rebuild`);
  await awake(page);
  await expect(page.getByTestId('back-on')).toContainText('2 steps, 5 fasteners');
  await expect(page.getByTestId('refit-step').first()).toContainText('Cover and cable');
  // together again, with one press taken back
  await page.goto(`${job}/strip`);
  await page.getByRole('button', { name: 'Edit: Clutch cable' }).click();
  await page.getByRole('button', { name: 'Split or join: Clutch cable' }).click();
  await page.getByRole('combobox', { name: 'Join with' }).click();
  await page.getByRole('option', { name: 'Cover and cable' }).click();
  const joined = page.getByTestId('steps').getByRole('listitem').filter({ hasText: 'Cover and cable, Clutch cable' });
  await expect(joined).toContainText(/1 × M5x12 cable clip, 4 × M6x25 cover|4 × M6x25 cover, 1 × M5x12 cable clip/);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(cable).toBeVisible();
});

test('a strip goes out as CSV and comes in on another bike; a bad line stops all of it', async ({ bench: page }) => {
  const job = await bookIn(page, 'Osprane 650', 'Clutch slips');
  await page.goto(`${job}/strip`);
  await off(page, 'Clutch cover', '4x M6x25 cover');
  await off(page, 'Pressure plate', '5 M6x30');
  const wait = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export strip as CSV' }).click();
  const text = readFileSync(await (await wait).path(), 'utf8');
  expect(text).toContain('Pressure plate');
  const other = await bookIn(page, 'Osprane 650 second', 'Clutch slips');
  await page.goto(`${other}/strip`);
  const bring = (body: string) =>
    page.getByLabel('Import a strip from a file').setInputFiles({ name: 'strip.csv', mimeType: 'text/csv', buffer: Buffer.from(body) });
  await bring(text.replace('fastener,2,,5', 'fastener,9,,5'));
  await expect(page.getByText('Nothing was imported from strip.csv.')).toBeVisible();
  await expect(page.getByText(/there is no step 9/)).toBeVisible();
  await bring(text);
  await expect(page.getByText('2 steps imported from strip.csv.')).toBeVisible();
  await expect(page.getByTestId('steps')).toContainText('5 × M6x30');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByTestId('steps')).not.toContainText('Pressure plate');
  await expect(page.getByTestId('steps')).toContainText('Nothing removed yet');
});
