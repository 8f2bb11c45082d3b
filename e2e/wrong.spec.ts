import { awake, bookIn, chooseTest, describeBike, expect, named, pointsTwin, test, type Page } from './bench';

// Every input can be wrong: a clear message at the place, nothing lost.

test('booking in: what is missing is said at the field, what was typed stays, also over a reload', async ({ bench: page }) => {
  await page.goto('/book-in');
  await page.getByLabel('Bike: make and model').fill('Quillon 350');
  await page.getByRole('button', { name: 'Book in' }).click();
  await expect(page.getByText('Enter the owner.')).toBeVisible();
  await expect(page.getByText('Enter the complaint.')).toBeVisible();
  await expect(page.getByLabel('Bike: make and model')).toHaveValue('Quillon 350');
  await page.reload();
  await expect(page.getByLabel('Bike: make and model')).toHaveValue('Quillon 350');
  await page.getByLabel('Owner', { exact: true }).fill('x'.repeat(121));
  await page.getByRole('button', { name: 'Book in' }).click();
  await expect(page.getByText('At most 120 characters.')).toBeVisible();
});

test('the bike: a comma, a letter and an impossible value', async ({ bench: page }) => {
  const job = await bookIn(page);
  await page.goto(`${job}/book-in`);
  const bore = page.getByLabel('Bore');
  await bore.fill('60,5');
  await bore.press('Enter');
  await expect(page.getByText('A comma: did you mean 60.5?')).toBeVisible();
  await expect(bore).toHaveValue('60,5');
  await bore.fill('6o');
  await bore.press('Enter');
  await expect(page.getByText("'6o' is not a number.")).toBeVisible();
  await bore.fill('900');
  await bore.press('Enter');
  await expect(page.getByText('Between 20 and 150.')).toBeVisible();
  await bore.fill('60.5');
  await bore.press('Enter');
  await expect(page.getByText('Between 20 and 150.')).toHaveCount(0);
  await page.reload();
  await expect(bore).toHaveValue('60.5');
});

test('a reading in the wrong unit is caught at the field, with the guess of what was meant', async ({ bench: page }) => {
  const job = await bookIn(page);
  await describeBike(page, job, pointsTwin);
  await page.goto(`${job}/trace`);
  const card = await chooseTest(page, /^Measure compression, cylinder 1/);
  await card.getByRole('combobox', { name: 'Unit of Cylinder 1' }).click();
  await page.getByRole('option', { name: 'bar' }).click();
  await card.getByLabel('Cylinder 1', { exact: true }).fill('170');
  await expect(card.getByText('170 bar cannot be right here. Did you mean 170 psi?')).toBeVisible();
  await card.getByRole('button', { name: '170 psi' }).click();
  await expect(card.getByRole('img', { name: /within limits/ })).toBeVisible();
  await card.getByLabel('Cylinder 1', { exact: true }).fill('17O');
  await card.getByRole('button', { name: /^Save/ }).click();
  await expect(card.getByText(/did you mean 170\?/)).toBeVisible();
  await expect(page.getByTestId('ledger')).not.toContainText('Compression');
});

test('a torque that is impossible for its thread is asked back', async ({ bench: page }) => {
  const job = await bookIn(page);
  await page.goto(`${job}/rebuild`);
  await page.getByLabel('Fasteners').fill('Side cover');
  await page.getByLabel('Thread').fill('M6');
  await page.getByLabel('Torque', { exact: true }).fill('90');
  await page.getByRole('button', { name: 'Plan torque' }).click();
  await expect(page.getByRole('alert')).toContainText('Did you mean 90 lbf·in?');
  await expect(page.getByTestId('torques')).toContainText('No torque planned');
  await page.getByRole('button', { name: 'Manual confirmed' }).click();
  await page.getByRole('button', { name: 'Plan torque' }).click();
  await expect(page.getByTestId('torques')).toContainText('Side cover');
});

test('fasteners that cannot be read, and more put back than came off', async ({ bench: page }) => {
  const job = await bookIn(page);
  await page.goto(`${job}/strip`);
  await page.getByLabel('Part removed').fill('Cover');
  await page.getByLabel('Fasteners').fill('4');
  await page.getByRole('button', { name: 'Add step' }).click();
  await expect(page.getByText("'4': what size?")).toBeVisible();
  await page.getByLabel('Fasteners').fill('4x M6x25');
  await page.getByRole('button', { name: 'Add step' }).click();
  await page.goto(`${job}/rebuild`);
  const back = page.getByLabel(/refitted \(of 4\)/).last();
  await back.fill('5');
  await back.press('Enter');
  await expect(page.getByText('Only 4 came off.')).toBeVisible();
});

test('the server refuses what does not belong: another site, no workshop, too much, no JSON, nonsense', async ({
  bench: page,
  playwright,
  baseURL,
}) => {
  const origin = new URL(baseURL!).origin;
  await page.goto('/');
  const mine = await named(page);
  const post = (data: unknown, headers: Record<string, string>) =>
    page.request.post('/api/commands', { data, headers: { ...mine, ...headers } });
  expect((await post({}, { origin: 'http://elsewhere.example' })).status()).toBe(403);
  expect((await page.request.post('/api/commands', { data: {} })).status()).toBe(403);
  expect((await post({}, { origin })).status()).toBe(400);
  expect((await post({ a: 'x'.repeat(300_000) }, { origin })).status()).toBe(413);
  expect(
    (await page.request.post('/api/commands', { data: 'hello', headers: { ...mine, 'content-type': 'application/xml' } })).status(),
  ).toBe(415);
  expect(
    (await page.request.post('/api/commands', { data: '{"a":', headers: { ...mine, 'content-type': 'application/json' } })).status(),
  ).toBe(400);
  const stranger = await playwright.request.newContext({ baseURL });
  expect((await stranger.post('/api/commands', { data: {}, headers: { origin } })).status()).toBe(401);
  expect((await stranger.get('/api/jobs')).status()).toBe(401);
  await stranger.dispose();
  expect((await page.request.get('/job/00000000-0000-4000-8000-000000000000/trace')).status()).toBe(404);
  expect((await page.request.get('/job/nonsense/trace')).status()).toBe(404);
});

/** The code of the next page is held back, as by a slow tablet, until the hands have been at what is drawn. Returns its release. */
async function asleep(page: Page): Promise<() => void> {
  let release = () => {};
  const held = new Promise<void>((done) => (release = done));
  await page.route('**/_astro/*.js', async (route) => {
    await held;
    await route.continue();
  });
  return release;
}

test('what is typed before a page is awake is there when it wakes, in its order, and is judged', async ({ bench: page }) => {
  const job = await bookIn(page);
  const release = await asleep(page);
  await page.evaluate((url) => location.assign(url), `${job}/measure?panel=compression`);
  await page.waitForURL(/panel=compression/, { waitUntil: 'commit' });
  await page.locator('[data-field="dry#1"]').pressSequentially('12o');
  await page.locator('[data-field="height"]').pressSequentially('1500');
  expect(await page.locator('html').getAttribute('data-awake')).toBeNull();
  release();
  await awake(page);
  await expect(page.locator('[data-field="height"]')).toHaveValue('1500');
  await expect(page.getByTestId('panel')).toContainText("'12o' is not a number");
  await page.locator('[data-field="height"]').fill('1600');
  await expect(page.locator('[data-field="dry#1"]')).toHaveValue('12o');
});

test('a bike can be booked in before the page is awake: what was typed early is booked', async ({ bench: page }) => {
  await page.goto('/');
  const release = await asleep(page);
  await page.evaluate(() => location.assign('/book-in'));
  await page.waitForURL(/book-in/, { waitUntil: 'commit' });
  await page.getByLabel('Bike: make and model').pressSequentially('Marram 80');
  await page.getByLabel('Owner', { exact: true }).pressSequentially('Bren Aldous');
  await page.getByLabel('Complaint, in the owner’s words').pressSequentially('Kicks over,\nno spark');
  await page.getByRole('button', { name: 'Book in' }).click();
  await expect(page).toHaveURL(/book-in$/);
  release();
  await page.waitForURL(/\/look$/);
  await expect(page.getByText('Marram 80').first()).toBeVisible();
  await page.goto(page.url().replace('/look', '/book-in'));
  await expect(page.getByText('no spark').first()).toBeVisible();
});
