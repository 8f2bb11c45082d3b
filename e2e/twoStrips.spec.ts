import { awake, bookIn, describeBike, expect, pointsTwin, type Page } from './bench';
import { overLine as test } from './networkLine';

// One bike on two devices, one of them out of reach: what both log is there in the end, each step once, and the refit knows all of it.

const add = async (page: Page, part: string | null) => {
  if (part) await page.getByTestId('step-form').getByLabel('Part removed').fill(part);
  await page.getByRole('button', { name: 'Add step' }).click();
};

test('the same bike stripped on two devices, one offline by its usual job: nothing is lost and nothing is there twice', async ({
  bench: page,
  line,
}) => {
  const job = await bookIn(page, 'Osprane 650', 'Clutch slips');
  await describeBike(page, job, pointsTwin);
  await page.goto(`${job}/strip`);
  await page.getByRole('button', { name: 'Usual job' }).click();
  await page.getByRole('combobox', { name: 'Usual job' }).click();
  await page.getByRole('option', { name: 'Clutch', exact: true }).click();
  const context = await page
    .context()
    .browser()!
    .newContext({ storageState: await page.context().storageState(), baseURL: process.env.IVREK_URL });
  const other = await context.newPage();
  await other.goto(`${job}/strip`);
  await awake(other);

  await line.cut();
  await expect(page.getByTestId('usual-step')).toContainText('step 1 of 6: Engine oil');
  await add(page, null);
  await expect(page.getByTestId('usual-step')).toContainText('step 2 of 6: Clutch cover');
  await page.getByLabel('Fasteners').fill('9x M6x30');
  await add(page, null);
  await add(other, 'Left footrest');
  await add(other, 'Brake pedal');
  await expect(page.getByText(/entries wait on this device/)).toBeVisible();
  await line.mend();

  for (const screen of [page, other]) {
    const steps = screen.getByTestId('steps');
    for (const part of ['Engine oil', 'Clutch cover', 'Left footrest', 'Brake pedal'])
      await expect(steps.getByText(part, { exact: true }), part).toHaveCount(1, { timeout: 25_000 });
  }
  await other.goto(`${job}/rebuild`);
  await awake(other);
  await expect(other.getByTestId('back-on')).toContainText('4 steps, 9 fasteners, 1 bag to go');
  await context.close();
});

test('ways in: compared by time and by what may break; what broke is a finding with its repair', async ({ bench: page }) => {
  const job = await bookIn(page, 'Osprane 650', 'Clutch slips');
  await page.goto(`${job}/strip`);
  await awake(page);
  const card = page.getByTestId('ways-in');
  await card.getByRole('combobox', { name: 'Access wanted' }).click();
  await page.getByRole('option', { name: 'Cylinder head', exact: true }).click();
  const way = card.getByRole('list', { name: 'Ways, cheapest first' }).getByRole('listitem').first();
  await expect(way).toContainText(/Cylinder head/);
  await expect(way).toContainText(/\d+ to \d+ min · about \d+/);
  await expect(way).toContainText('an exhaust stud');
  await way.getByRole('button', { name: 'It broke: an exhaust stud' }).click();
  await expect(page.getByText('an exhaust stud broke on the way in').first()).toBeVisible();
});
