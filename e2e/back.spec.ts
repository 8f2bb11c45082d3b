import { bookIn, expect, send, test } from './bench';

// A bike that was here before: the workshop knows it again, and what was measured then stands beside what is measured now.

test('a bike comes back: its name brings it up, its book and its readings are there, and it can be taken back', async ({ bench: page }) => {
  const first = await bookIn(page, 'Hollin 500', 'Hard to start');
  const jobId = first.split('/').at(-1)!;
  const { rows } = (await (await page.request.get(`/api/jobs/${jobId}`)).json()) as { rows: { bike: [{ id: string }] } };
  const bikeId = rows.bike[0].id;
  const reading = { id: crypto.randomUUID(), bikeId, quantity: 'compression', unit: 'psi', entered: '142 psi', instrument: null };
  await send(page, 'reading.add', 'reading', reading.id, {
    jobId,
    position: null,
    conditions: {},
    reading: { ...reading, value: { kind: 'exact', value: 142 * 6894.757 } },
  });
  await send(page, 'job.handOver', 'job', jobId, {});

  await page.goto('/book-in');
  await page.getByLabel('Bike: make and model').fill('hollin');
  const known = page.getByRole('status', { name: 'Known here' });
  await known.getByRole('link', { name: /Hollin 500.*it is back/ }).click();
  const back = page.getByTestId('back-again');
  await back.getByLabel('Complaint now').fill('Smokes since the autumn');
  await page.reload();
  await expect(back.getByLabel('Complaint now')).toHaveValue('Smokes since the autumn');
  await back.getByRole('button', { name: 'Book it in again' }).click();
  await page.waitForURL((url) => url.pathname.endsWith('/look') && !url.pathname.includes(jobId));
  const second = new URL(page.url()).pathname.replace(/\/look$/, '');

  await page.goto(`${second}/book-in`);
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Orla Fennimore');
  await page.goto(`${second}/measure?panel=compression`);
  await expect(page.getByRole('heading', { name: 'Earlier on this bike' })).toBeVisible();
  await expect(page.getByText('1 reading, the last 142 psi')).toBeVisible();

  // The name brings up the visit that is open now.
  await page.goto('/book-in');
  await page.getByLabel('Bike: make and model').fill('hollin');
  await expect(known).toContainText('in the workshop now');

  await page.goto(`${second}/look`);
  await page.getByRole('button', { name: 'Undo: Came back' }).click();
  await expect(page.getByRole('heading', { name: 'The booking was undone' })).toBeVisible();
  await page.getByRole('button', { name: 'Restore it' }).click();
  await expect(page.getByRole('button', { name: 'Undo: Came back' })).toBeEnabled();
});
