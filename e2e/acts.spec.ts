import { bookIn, chooseTest, describeBike, expect, pointsTwin, send, sendMany, test } from './bench';

// Acts are counted: a tap is a click; digits and letters are typed.

test('booking in needs three fields and one tap', async ({ bench: page }) => {
  await page.goto('/book-in');
  await page.keyboard.type('Hollin 500');
  await page.keyboard.press('Tab');
  await page.keyboard.type('Brannoc Teague');
  await page.keyboard.press('Tab');
  await page.keyboard.type('Will not turn');
  await page.getByRole('button', { name: 'Book in' }).click();
  await page.waitForURL(/look$/);
});

test('a reading from Trace in at most two taps plus digits', async ({ bench: page }) => {
  const job = await bookIn(page);
  await describeBike(page, job, pointsTwin);
  const jobId = job.split('/').at(-1)!;
  for (const hazard of ['moving-parts', 'ignition-hv'])
    await send(page, 'hazard.acknowledge', 'hazardAck', crypto.randomUUID(), { jobId, hazard, place: 'compression' });
  await page.goto(`${job}/trace`);
  const card = await chooseTest(page, /^Measure compression, cylinder 1/);
  let taps = 0;
  await card.getByLabel('Cylinder 1', { exact: true }).click();
  taps++;
  await page.keyboard.type('118');
  await card.getByRole('button', { name: 'Save reading' }).click();
  taps++;
  await expect(page.getByTestId('ledger')).toContainText('Compression, cylinder 1');
  expect(taps).toBeLessThanOrEqual(2);
});

test('a strip step with its bag in at most six taps without scrolling', async ({ bench: page }) => {
  const job = await bookIn(page);
  await page.setViewportSize({ width: 820, height: 1180 });
  await page.goto(`${job}/strip`);
  await page.getByLabel('Part removed').click();
  await page.keyboard.type('Left cover');
  await page.getByLabel('Fasteners').click();
  await page.keyboard.type('4x M6x25 left');
  await page.getByRole('button', { name: 'Add step' }).click();
  await expect(page.getByTestId('steps')).toContainText('Bag 1');
  expect(await page.evaluate(() => scrollY)).toBe(0);
});

test('undo and redo of what was just done, from anywhere in the job', async ({ bench: page }) => {
  const job = await bookIn(page);
  await page.goto(`${job}/parts`);
  await page.getByLabel('Part', { exact: true }).filter({ visible: true }).fill('Condenser');
  await page.getByRole('button', { name: 'Add part' }).click();
  await expect(page.getByTestId('parts')).toContainText('Condenser');
  await page.getByRole('button', { name: 'Undo: Part needed: Condenser' }).click();
  await expect(page.getByTestId('parts')).not.toContainText('Condenser');
  await page.getByRole('button', { name: 'Redo', exact: true }).click();
  await expect(page.getByTestId('parts')).toContainText('Condenser');
  await page.reload();
  await expect(page.getByTestId('parts')).toContainText('Condenser');
});

test('a long log comes with its newest entries and is soon whole: the oldest can be taken back', async ({ bench: page }) => {
  const job = await bookIn(page);
  const jobId = job.split('/').at(-1)!;
  await send(page, 'watch.add', 'watch', crypto.randomUUID(), { jobId, what: 'The very first', due: 'soon' });
  const things = Array.from({ length: 320 }, (_, i) => ({ jobId, what: `Thing ${i}`, due: 'soon' }));
  await sendMany(page, 'watch.add', 'watch', things);
  const sent = await (await page.request.get(`${job}/parts`)).text();
  expect(sent).toContain('Thing 319');
  expect(sent.match(/"type":"watch.add"/g)!.length).toBe(300);
  await page.goto(`${job}/parts`);
  await page.getByRole('button', { name: 'Log of this job' }).click();
  const log = page.getByRole('dialog', { name: 'Log of this job' });
  await expect(log.getByText(/^Booked in/)).toBeVisible();
  await expect(log.getByText('Older entries are still on their way.')).toHaveCount(0);
  await log.getByRole('button', { name: 'Undo: Watch list: The very first' }).click();
  await expect(log.getByRole('button', { name: 'Undo: Watch list: The very first' })).toHaveCount(0);
  await page.reload();
  await page.getByRole('button', { name: 'Log of this job' }).click();
  await expect(log.getByText('Watch list: The very first')).toHaveCSS('text-decoration-line', 'line-through');
});

test('an undo that later work builds on is refused with the list', async ({ bench: page }) => {
  const job = await bookIn(page);
  await page.goto(`${job}/parts`);
  await page.getByLabel('Part', { exact: true }).filter({ visible: true }).fill('Condenser');
  await page.getByRole('button', { name: 'Add part' }).click();
  await page.getByRole('button', { name: 'Ordered: Condenser' }).click();
  await page.getByRole('button', { name: 'Log of this job' }).click();
  await page.getByRole('dialog', { name: 'Log of this job' }).getByRole('button', { name: 'Undo: Part needed: Condenser' }).click();
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('alert')).toContainText('1 later entry depends');
  await expect(page.getByRole('alert')).toContainText('Part changed');
});

test('a stuck engine hides what would crank it, and says why', async ({ bench: page }) => {
  const job = await bookIn(page, 'Hollin 500', 'Will not turn');
  await page.goto(`${job}/look`);
  await page.getByRole('button', { name: 'Not fine: Turn the engine by hand' }).click();
  await page.getByRole('button', { name: 'Will not turn', exact: true }).click();
  await expect(page.getByRole('button', { name: /^May it be cranked\? No/ })).toBeVisible();
  await page.goto(`${job}/trace`);
  const card = await chooseTest(page, /^Measure compression/);
  await expect(card).toContainText('free it first');
  await expect(card.getByRole('button', { name: /Save/ })).toHaveCount(0);
});

test('with the server gone what is done shows, waits, and arrives once', async ({ bench: page }) => {
  const job = await bookIn(page);
  await page.goto(`${job}/parts`);
  await page.route('**/api/commands', (route) => route.abort());
  await page.getByLabel('Part', { exact: true }).filter({ visible: true }).fill('Points');
  await page.getByRole('button', { name: 'Add part' }).click();
  await expect(page.getByTestId('parts')).toContainText('Points');
  await expect(page.getByText(/One entry waits/)).toBeVisible();
  // a reload loses nothing
  await page.reload();
  await expect(page.getByTestId('parts')).toContainText('Points');
  await page.unroute('**/api/commands');
  await expect(page.getByText(/One entry waits/)).toHaveCount(0);
  await expect
    .poll(
      async () =>
        ((await (await page.request.get(`/api/jobs/${job.split('/').at(-1)}`)).json()) as { rows: { part: unknown[] } }).rows.part.length,
    )
    .toBe(1);
});

test('a change on one screen shows on the other while it is open', async ({ bench: page, context }) => {
  const job = await bookIn(page);
  await page.goto(`${job}/book-in`);
  const other = await context.newPage();
  await other.goto(`${job}/book-in`);
  await other.locator('html[data-awake]').waitFor({ state: 'attached' });
  await page.getByLabel('Year').fill('1968');
  await page.getByLabel('Year').press('Enter');
  await expect(other.getByLabel('Year')).toHaveValue('1968');
  // and seen there, it can be changed there without a quarrel
  await other.getByLabel('Year').fill('1970');
  await other.getByLabel('Year').press('Enter');
  await expect(page.getByLabel('Year')).toHaveValue('1970');
  await expect(other.getByRole('alert')).toHaveCount(0);
});
