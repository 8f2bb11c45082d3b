import AxeBuilder from '@axe-core/playwright';
import { awake, bookIn, describeBike, expect, pointsTwin, test } from './bench';

test('a part to clean: what may not touch it is said, the dose is worked out, its step waits until it is ready', async ({
  bench: page,
}) => {
  const job = await bookIn(page, 'Osprane 650', 'Smokes');
  await describeBike(page, job, pointsTwin);
  await page.goto(`${job}/strip`);
  await page.getByLabel('Part removed').fill('Barrel');
  await page.getByRole('button', { name: 'Add step' }).click();
  const card = page.getByTestId('treated');
  await card.getByRole('button', { name: 'Add a part to clean' }).click();
  await expect(card.getByLabel('Part to clean')).toHaveValue('Barrel');
  await card.getByRole('button', { name: 'Add part', exact: true }).click();
  await expect(card.getByRole('alert')).toContainText('Tap everything that it is made of.');
  await card.getByRole('button', { name: 'Cast iron' }).click();
  await card.getByRole('button', { name: 'Add part', exact: true }).click();
  await card.getByRole('button', { name: 'Clean: Barrel' }).click();
  const how = page.getByTestId('clean-with');
  await how.getByRole('combobox', { name: 'What comes off' }).click();
  await page.getByRole('option', { name: 'aluminium smear' }).click();
  await how.getByRole('button', { name: 'Caustic soda' }).click();
  await expect(how).toContainText('Caustic soda is an alkali.');
  await expect(how.getByRole('note', { name: 'Caution' })).toContainText('soda into water');
  await how.getByLabel('Water').fill('2O0 ml');
  await expect(how.getByRole('alert')).toBeVisible();
  await how.getByLabel('Water').fill('200 ml');
  await expect(how.getByRole('status').filter({ hasText: '10 g in 200 ml of water' })).toBeVisible();
  expect((await new AxeBuilder({ page }).include('[data-testid="treated"]').analyze()).violations).toEqual([]);
  await how.getByRole('button', { name: 'Cleaned', exact: true }).click();
  await expect(card.getByTestId('treated-part')).toContainText('Caustic soda, 5 rounds');

  // the same on a part with aluminium is not offered
  await card.getByRole('button', { name: 'Add a part to clean' }).click();
  await card.getByLabel('Part to clean').fill('Piston');
  await card.getByRole('button', { name: 'Aluminium', exact: true }).click();
  await card.getByRole('button', { name: 'Add part', exact: true }).click();
  await card.getByRole('button', { name: 'Clean: Piston' }).click();
  await expect(how.getByRole('list', { name: 'Not on this part' })).toContainText('Not caustic soda: aluminium');
  await expect(how.getByRole('button', { name: 'Caustic soda' })).toHaveCount(0);
  await how.getByRole('button', { name: 'Hot ultrasonic bath' }).click();
  await how.getByRole('button', { name: 'Start, check again in 1 hour' }).click();

  await page.goto(`${job}/rebuild`);
  await awake(page);
  await expect(page.getByTestId('refit-step')).toContainText('Not ready: Barrel: washed, Piston: soaking.');
  await page.goto(`${job}/strip`);
  for (const part of ['Barrel', 'Piston']) {
    await card.getByRole('combobox', { name: `State: ${part}` }).click();
    await page.getByRole('option', { name: 'Ready to refit' }).click();
  }
  await page.goto(`${job}/rebuild`);
  await awake(page);
  await expect(page.getByTestId('refit-step')).toContainText('Ready');
});

test('the ledger of fluids: oil out keeps it from running, what stays in and what is filled adds up', async ({ bench: page }) => {
  const job = await bookIn(page, 'Osprane 650', 'Smokes');
  await describeBike(page, job, pointsTwin);
  await page.goto(`${job}/strip`);
  const card = page.getByTestId('fluids');
  const log = async (act: string, amount: string) => {
    await card.getByRole('button', { name: 'Log a fluid' }).click();
    await card.getByRole('button', { name: act, exact: true }).click();
    await card.getByLabel('How much').fill(amount);
    await card.getByRole('button', { name: 'Log fluid' }).click();
  };
  await log('Drained', '1.45 l');
  await expect(card).toContainText('Engine oil is out');
  await page.goto(`${job}/trace`);
  await expect(page.getByTestId('fitness')).toContainText('Engine oil: drained and not filled');
  await page.goto(`${job}/strip`);
  await log('Stays in', '');
  await expect(card).toContainText('Enter how much stays in.');
  await card.getByLabel('How much').fill('150');
  await card.getByRole('button', { name: 'Log fluid' }).click();
  await log('Filled', '800 ml');
  await expect(card).toContainText('1450 ml came out · 950 ml in');
  await expect(card).not.toContainText('is out');
  await page.goto(`${job}/record`);
  await expect(page.getByText('filled, 800 ml')).toBeVisible();
});
