import AxeBuilder from '@axe-core/playwright';
import { awake, bookIn, expect, send, test } from './bench';

test('one search by keyboard alone: open, beginnings of words, a slip, arrows, Enter', async ({ bench: page }) => {
  const job = await bookIn(page, 'Sedgeling 250');
  const jobId = job.split('/').at(-1)!;
  const part = (name: string) =>
    send(page, 'part.add', 'part', crypto.randomUUID(), {
      jobId,
      findingId: null,
      name,
      number: 'C-12',
      source: null,
      quantity: 1,
      price: '9.00',
      dueOn: null,
    });
  await part('Condenser');
  await part('Contact set');
  await page.goto('/');
  await page.keyboard.press('f');
  const field = page.getByRole('combobox', { name: 'What are you looking for?' });
  await expect(field).toBeFocused();
  await page.keyboard.type('con');
  const options = page.getByRole('option');
  await expect(options).toHaveCount(2);
  await expect(options.nth(0)).toHaveAttribute('aria-selected', 'true');
  const axe = await new AxeBuilder({ page }).include('[role="dialog"]').analyze();
  expect(axe.violations.filter((v) => v.impact === 'serious' || v.impact === 'critical')).toEqual([]);
  await page.keyboard.press('ArrowDown');
  await expect(options.nth(1)).toHaveAttribute('aria-selected', 'true');
  await field.fill('condensor');
  await expect(page.getByText('No exact match. Close:')).toBeVisible();
  await expect(options).toHaveText([/Condenser/]);
  await field.fill('fenni');
  await expect(options.first()).toContainText('Orla Fennimore');
  await field.fill('zzz');
  await expect(page.getByText('No matches.')).toBeVisible();
  await field.fill('sedgeling conden');
  await expect(options).toHaveText([/Condenser/]);
  await page.keyboard.press('Enter');
  await page.waitForURL(`**${job}/parts`);
  await awake(page);
  await page.keyboard.press('f');
  await expect(field).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(field).toHaveCount(0);
});
