import AxeBuilder from '@axe-core/playwright';
import { awake, bookIn, expect, test, type Page } from './bench';

const step = (page: Page) => page.getByTestId('usual-step');

async function follow(page: Page, job: string): Promise<void> {
  await page.getByRole('button', { name: 'Usual job' }).click();
  await page.getByRole('combobox', { name: 'Usual job' }).click();
  await page.getByRole('option', { name: job, exact: true }).click();
}

test('a clutch off by the usual job and refitted: how it stood comes back, a check that was not made keeps the cover open', async ({
  bench: page,
}) => {
  const job = await bookIn(page, 'Osprane 650', 'Clutch slips');
  await page.goto(`${job}/strip`);
  await follow(page, 'Clutch');
  await expect(step(page)).toContainText('Clutch, step 1 of 6: Engine oil');
  await page.getByRole('button', { name: 'Add step' }).click();
  await expect(step(page)).toContainText('step 2 of 6: Clutch cover');
  await page.getByLabel('Which screw in which hole').fill('two long ones at the top');
  await page.getByLabel('Fasteners').fill('9x M6x30');
  await page.getByRole('button', { name: 'Add step' }).click();
  await expect(step(page)).toContainText('a turn at a time');
  expect((await new AxeBuilder({ page }).include('[data-testid="step-form"]').analyze()).violations).toEqual([]);
  // Something else in between stands beside the job, which goes on after it.
  await page.getByLabel('Part removed').fill('Footrest');
  await expect(step(page)).toHaveCount(0);
  await page.getByRole('button', { name: 'Add step' }).click();
  await expect(page.getByTestId('steps')).toContainText('Footrest');
  await expect(step(page)).toContainText('step 3 of 6: Pressure plate and springs');
  await page.getByRole('button', { name: 'Add step' }).click();
  await expect(page.getByTestId('steps')).toContainText('Pressure plate and springs');

  await page.goto(`${job}/rebuild`);
  await awake(page);
  const refit = (name: string) => page.getByTestId('refit-step').filter({ has: page.getByRole('button', { name, exact: true }) });
  await expect(page.getByTestId('back-on')).toContainText('4 steps, 9 fasteners, 1 bag to go · 1 ready · 2 checks owed');
  await expect(refit('Pressure plate and springs')).toContainText('Ready');
  await expect(refit('Clutch cover')).toContainText('Waits');
  for (const name of ['Pressure plate and springs', 'Footrest'])
    await (async () => {
      const one = refit(name);
      const all = one.getByRole('button', { name: 'All refitted' });
      if (!(await all.isVisible())) await one.getByRole('button', { name, exact: true }).click();
      await all.click();
      await expect(one).toHaveCount(0);
    })();
  const cover = refit('Clutch cover');
  await cover.getByRole('button', { name: 'Clutch cover', exact: true }).click();
  await expect(cover).toContainText('Which screw in which hole: two long ones at the top');
  await expect(cover).toContainText('New: Clutch cover gasket');
  await cover.getByRole('button', { name: 'Checked: Thrust washers and pushrod in place' }).click();
  await cover.getByRole('button', { name: 'All refitted' }).click();
  await expect(cover.getByText('Owed before it is closed: Clutch plates in their order')).toBeVisible();
  await expect(page.getByTestId('back-on')).toContainText('9 fasteners');
  expect((await new AxeBuilder({ page }).include('[data-testid="back-on"]').analyze()).violations).toEqual([]);

  // A part on order is waited for, and the check is gone over by a person's word.
  await cover.getByRole('button', { name: 'Add to parts: Clutch cover gasket' }).click();
  await expect(cover).toContainText('Waits for parts: Clutch cover gasket');
  // Two approaches: new, or the old one again where it may be.
  await cover.getByRole('button', { name: 'Use again: Clutch cover gasket' }).click();
  await expect(cover).not.toContainText('Waits for parts');
  await expect(cover).toContainText('Clutch cover gasket: Whole at every hole');
  await cover.getByRole('button', { name: 'New after all: Clutch cover gasket' }).click();
  await expect(cover).toContainText('Waits for parts: Clutch cover gasket');
  await cover.getByRole('button', { name: 'Use again: Clutch cover gasket' }).click();
  await cover.getByRole('button', { name: 'Close anyway' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Reason').fill('Opened again tomorrow for the new plates');
  await dialog.getByRole('button', { name: /^Allow/ }).click();
  await cover.getByRole('button', { name: 'All refitted' }).click();
  await expect(cover).toHaveCount(0);
  await page.goto(`${job}/record`);
  await expect(page.getByText('NOT checked: Opened again tomorrow for the new plates (Ines Corrow)')).toBeVisible();
});

test('what does not hide each other is ready at once; a step that this bike has not got is left out; own notes come back', async ({
  bench: page,
}) => {
  const job = await bookIn(page, 'Osprane 650', 'Blows smoke');
  await page.goto(`${job}/strip`);
  await follow(page, 'Engine out');
  await expect(step(page)).toContainText('Bike supported');
  await page.getByRole('button', { name: 'Leave out: Bike supported' }).click();
  await expect(step(page)).toContainText('Battery earth lead');
  // Left out it stays after a reload, until it is brought back.
  await page.reload();
  await awake(page);
  await expect(step(page)).toContainText('Battery earth lead');
  await page.getByRole('button', { name: 'Bring back 1 left out' }).click();
  await expect(step(page)).toContainText('Bike supported');
  await page.getByRole('button', { name: 'Leave out: Bike supported' }).click();
  await page.getByRole('button', { name: 'Add step' }).click();
  await expect(page.getByTestId('steps')).toContainText('Battery earth lead');
  await page.getByRole('button', { name: 'Add step' }).click();
  const tank = page.getByTestId('steps').getByRole('listitem').filter({ hasText: 'Tank' });
  await tank.getByRole('button', { name: 'Edit: Tank' }).click();
  await tank.getByRole('button', { name: 'Add note' }).click();
  await expect(tank).toContainText('Enter what it is about: an arrow, a washer, a mark.');
  await tank.getByLabel('What', { exact: true }).fill('Rubber');
  await tank.getByLabel('How it stood').fill('thick end forward');
  await tank.getByRole('button', { name: 'Add note' }).click();
  await expect(tank.getByLabel('Rubber')).toHaveValue('thick end forward');
  await page.goto(`${job}/rebuild`);
  const ready = page.getByTestId('refit-step').and(page.locator('[data-ready="true"]'));
  await expect(ready).toHaveCount(2);
  await expect(ready.first()).toContainText('Rubber: thick end forward');
  await page.reload();
  await expect(ready).toHaveCount(2);
});

test('a snapped stud: soaked, waited for, drilled and given a thread insert; the step stays open until it is whole', async ({
  bench: page,
}) => {
  const job = await bookIn(page, 'Osprane 650', 'Exhaust blows');
  await page.goto(`${job}/strip`);
  await page.getByLabel('Part removed').fill('Exhaust');
  await page.getByLabel('Fasteners').fill('4x M8x35 studs');
  await page.getByRole('button', { name: 'Add step' }).click();
  const line = page.getByTestId('steps').getByRole('listitem').filter({ hasText: 'Exhaust' }).first();
  await line.getByRole('button', { name: 'Edit: Exhaust' }).click();
  const fastener = line.getByTestId('fastener');
  await fastener.getByRole('combobox', { name: '4 × M8x35 studs' }).click();
  await page.getByRole('option', { name: 'Snapped' }).click();
  const ladder = fastener.getByTestId('ladder');
  await expect(ladder.getByRole('listitem').first()).toContainText('Soak');
  expect((await new AxeBuilder({ page }).include('[data-testid="ladder"]').analyze()).violations).toEqual([]);
  await ladder.getByRole('button', { name: 'Start, check again in 24 hours' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Soaking: M8x35, Exhaust: soak' })).toBeVisible();
  await ladder.getByRole('button', { name: 'No luck: Soak' }).click();
  await expect(ladder).toContainText('Tried: Soak (no luck)');
  await ladder.getByRole('button', { name: 'Heat and force' }).click();
  await expect(ladder.getByRole('listitem').first()).not.toContainText('Soak');

  await page.goto(`${job}/rebuild`);
  await page.getByRole('button', { name: 'All refitted' }).click();
  await expect(page.getByTestId('back-on').getByText('Owed before it is closed: M8x35: 1 of 4 fasteners snapped.')).toBeVisible();

  await page.goto(`${job}/strip`);
  await awake(page);
  await line.getByRole('button', { name: 'Edit: Exhaust' }).click();
  await ladder.getByRole('button', { name: 'Drill and fit a thread insert' }).click();
  await ladder.getByRole('button', { name: 'Add to parts: Thread insert M8x35' }).click();
  await ladder.getByRole('button', { name: 'Worked: Drill and fit a thread insert' }).click();
  await expect(ladder).toHaveCount(0);
  await page.goto(`${job}/rebuild`);
  await page.getByRole('button', { name: 'All refitted' }).click();
  await expect(page.getByTestId('back-on')).toContainText('Everything logged is refitted');
});

test('labels for bags: a PDF in two sizes with a code for each, and the address of a code opens its bag', async ({ bench: page }) => {
  const job = await bookIn(page, 'Osprane 650', 'Clutch slips');
  expect((await page.request.get(`/api${job.replace('/job/', '/jobs/')}/labels.pdf`)).status()).toBe(404);
  await page.goto(`${job}/strip`);
  for (const [part, fasteners] of [
    ['Clutch cover', '9x M6x30'],
    ['Tank', ''],
  ]) {
    await page.getByLabel('Part removed').fill(part);
    await page.getByRole('textbox', { name: 'Fasteners', exact: true }).fill(fasteners);
    await page.getByRole('button', { name: 'Add step' }).click();
    await expect(page.getByTestId('steps')).toContainText(part);
  }
  const href = await page.getByRole('link', { name: 'Print labels, A4' }).getAttribute('href');
  await expect.poll(async () => (await page.request.get(href!)).status()).toBe(200);
  for (const size of ['a4', 'label']) {
    const pdf = await page.request.get(href!.replace('a4', size));
    expect(pdf.headers()['content-type']).toBe('application/pdf');
    expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  }
  expect((await page.request.get(href!.replace('a4', 'b9'))).status()).toBe(400);
  await page.goto(`${job}/strip?bag=1`);
  const asked = page.getByTestId('asked');
  await expect(asked.getByRole('heading', { name: 'Bag 1' })).toBeVisible();
  await expect(asked).toContainText('9 × M6x30');
  await expect(asked).not.toContainText('Tank');
  await page.goto(`${job}/strip?bag=99`);
  await expect(asked).toContainText('Nothing on this bike is in this bag.');
});
