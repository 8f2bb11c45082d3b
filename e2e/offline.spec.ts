import { awake, bookIn, chooseTest, describeBike, expect, pointsTwin, ranked, type Page } from './bench';
import { overLine as test } from './networkLine';

// Without a network: what was opened goes on, and what is entered arrives later, once.

test.use({ serviceWorkers: 'allow' });

/** Until every screen lies on the device, and the workshop in which it stands. */
async function offlineReady(page: Page): Promise<void> {
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
    if (!navigator.serviceWorker.controller) await new Promise((r) => navigator.serviceWorker.addEventListener('controllerchange', r));
  });
  await expect.poll(() => kept(page, 'note', '"people"')).toBe(true);
}

/** Whether something with these words in it lies on the device under this heading. */
const kept = (page: Page, store: 'note' | 'snapshot', text: string): Promise<boolean> =>
  page.evaluate(
    ([from, wanted]) =>
      new Promise<boolean>((done) => {
        const open = indexedDB.open('ivrek');
        open.onsuccess = () => {
          const get = open.result.transaction(from).objectStore(from).getAll();
          get.onsuccess = () => {
            open.result.close();
            done(get.result.some((one: unknown) => JSON.stringify(one).includes(wanted)));
          };
        };
      }),
    [store, text] as const,
  );

interface Journal {
  entries: { id: string; type: string; changes: { row?: { what?: string } }[] }[];
}
const journal = async (page: Page, job: string) =>
  ((await (await page.request.get(`/api/journal?after=0&job=${job.split('/').at(-1)}`)).json()) as Journal).entries;

/** Until the copy of the bike on the device is as new as the screen. */
const onDevice = (page: Page, wanted: string) => expect.poll(() => kept(page, 'snapshot', wanted)).toBe(true);

test('reload without a server shows the bike, ranks it and takes entries, which arrive later, in order, each once', async ({
  bench: page,
  line,
}) => {
  const job = await bookIn(page);
  await describeBike(page, job, pointsTwin);
  await page.goto(`${job}/trace`);
  await offlineReady(page);
  await onDevice(page, '"voltage":6');
  await line.cut();
  await page.reload();
  await awake(page);
  await expect(page.getByRole('heading', { level: 1, name: 'Quillon 350' })).toBeVisible();
  await expect(page.getByText('The server cannot be reached.')).toBeVisible();
  await ranked(page);
  const before = await page.locator('[data-suspect]').first().getAttribute('data-probability');
  expect(Number(before)).toBeGreaterThan(0);
  const card = await chooseTest(page, /^Measure compression, cylinder 1/);
  await card.getByLabel('Cylinder 1', { exact: true }).fill('40');
  await card.getByRole('button', { name: 'Save reading' }).click();
  await expect(page.getByTestId('ledger')).toContainText('Compression');
  await expect(page.getByText('One entry waits on this device')).toBeVisible();
  await ranked(page);
  // another stage, never opened before, and a step with a bag
  await page.goto(`${job}/strip`);
  await page.getByLabel('Part removed').fill('Left cover');
  await page.getByLabel('Fasteners').fill('4x M6x25');
  await page.getByRole('button', { name: 'Add step' }).click();
  await expect(page.getByText('2 entries wait on this device')).toBeVisible();
  await page.reload();
  await expect(page.getByTestId('steps')).toContainText('Left cover');
  await line.mend();
  await expect(page.getByText('The server cannot be reached.')).toHaveCount(0, { timeout: 20_000 });
  await expect.poll(async () => (await journal(page, job)).map((e) => e.type).slice(-2)).toEqual(['evidence.add', 'step.add']);
  const ids = (await journal(page, job)).map((e) => e.id);
  expect(new Set(ids).size).toBe(ids.length);
  await page.goto(`${job}/strip`);
  await expect(page.getByTestId('steps')).toContainText('Left cover');
});

test('a bike is booked in without a server, worked on, and arrives whole', async ({ bench: page, line }) => {
  await page.goto('/');
  await page.goto('/book-in');
  await offlineReady(page);
  await line.cut();
  await page.goto('/book-in');
  await page.getByLabel('Bike: make and model').fill('Marram 80');
  await page.getByLabel('Owner', { exact: true }).fill('Perrin Sallow');
  await page.getByLabel('Complaint, in the owner').fill('Loses its pull on the hill');
  await page.getByRole('button', { name: 'Book in' }).click();
  await page.waitForURL(/\/look$/);
  await expect(page.getByRole('heading', { level: 1, name: 'Marram 80' })).toBeVisible();
  const job = new URL(page.url()).pathname.replace(/\/look$/, '');
  await page.goto(`${job}/book-in`);
  await page.getByLabel('Year').fill('1979');
  await page.getByLabel('Year').press('Enter');
  await expect(page.getByText('2 entries wait on this device')).toBeVisible();
  await page.goto('/');
  await expect(page.getByText('Marram 80').first()).toBeVisible();
  await line.mend();
  await expect.poll(async () => (await (await page.request.get('/api/jobs')).json()).lines.length, { timeout: 20_000 }).toBe(1);
  await expect.poll(async () => (await journal(page, job)).map((e) => e.type)).toEqual(['person.add', 'bike.bookIn', 'bike.set']);
  await page.goto(`${job}/book-in`);
  await expect(page.getByLabel('Year')).toHaveValue('1979');
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Perrin Sallow');
});

test('the next board works without a server from the bikes on the device', async ({ bench: page, line }) => {
  await bookIn(page);
  await page.goto('/');
  await offlineReady(page);
  await onDevice(page, 'Quillon 350');
  await line.cut();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Can be done now' })).toBeVisible();
  await expect(page.getByRole('link', { name: /Quillon 350/ })).toBeVisible();
  await expect(page.getByText('The server cannot be reached.')).toBeVisible();
  await page.goto('/workshops');
  await expect(page.getByRole('heading', { name: 'The server cannot be reached' })).toBeVisible();
});
