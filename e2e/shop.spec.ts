import { ranked, awake, bookIn, describeBike, expect, pointsTwin, test, typeDate } from './bench';

test('the first screen: an empty shop beside the demo; the first person says who they are', async ({ page }) => {
  await page.goto('/');
  await expect(page).toHaveURL(/workshops$/);
  await awake(page);
  await expect(page.getByTestId('demo-shop')).toContainText('everything in it invented');
  const name = `Shed ${crypto.randomUUID().slice(0, 8)}`;
  await page.getByLabel('Name').fill(name);
  await page.getByRole('button', { name: 'Create' }).click();
  await expect(page.getByText('No bikes in the workshop')).toBeVisible();
  await page.goto('/workshops');
  await awake(page);
  const own = page.getByTestId('own-shop').filter({ hasText: name });
  await own.getByRole('button', { name: 'Open', exact: true }).click();
  await expect(own.getByText('Your name, as it stands on a signature.')).toBeVisible();
  await own.getByLabel('Who is working?').fill('Tam Veley');
  await own.getByRole('button', { name: 'Open', exact: true }).click();
  await expect(page.getByText(name)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Working: Tam Veley' })).toBeVisible();
});

test('the built server sends its policy, and an inline script that is not ours does not run', async ({ page }) => {
  const response = await page.goto('/workshops');
  const csp = response!.headers()['content-security-policy'];
  expect(csp).toContain("script-src 'self' 'sha256-");
  expect(csp).not.toContain("script-src 'self' 'unsafe-inline'");
  expect(csp).toContain("frame-ancestors 'none'");
  expect(response!.headers()['x-content-type-options']).toBe('nosniff');
  const ran = await page.evaluate(() => {
    const s = document.createElement('script');
    s.textContent = 'window.ran = true';
    document.body.append(s);
    return (window as unknown as { ran?: boolean }).ran ?? false;
  });
  expect(ran).toBe(false);
});

test('words that look like markup stay words', async ({ bench: page }) => {
  const job = await bookIn(page, '<img src=x onerror=alert(1)>', '</script><script>window.ran=1</script> "quoted" & so on');
  for (const stage of ['book-in', 'trace', 'handover', 'record']) {
    await page.goto(`${job}/${stage}`);
    await expect(page.getByText('<img src=x onerror=alert(1)>').first()).toBeVisible();
  }
  expect(await page.evaluate(() => (window as unknown as { ran?: number }).ran)).toBeUndefined();
});

test('a wait: begun with a time, shown on every stage and at home, and over', async ({ bench: page }) => {
  const job = await bookIn(page, 'Hollin 500', 'Stuck');
  await page.goto(`${job}/trace`);
  await page.getByRole('button', { name: 'Put on hold' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Waiting for').fill('50 ml of penetrant');
  await dialog.getByRole('button', { name: 'Put on hold' }).click();
  await expect(dialog.getByText('Enter when to check again, or until when.')).toBeVisible();
  await dialog.getByRole('group', { name: 'Time to check again' }).getByRole('spinbutton', { name: 'Day' }).pressSequentially('4');
  await expect(dialog.getByText('Not a whole date: complete it or clear it.')).toBeVisible();
  await typeDate(dialog, 'Time to check again', '020120990900');
  await dialog.getByRole('button', { name: 'Put on hold' }).click();
  await expect(page.getByText(/Soaking: 50 ml of penetrant\. Check again 2 Jan/)).toBeVisible();
  await page.goto(`${job}/parts`);
  await expect(page.getByText(/Soaking: 50 ml of penetrant/)).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Waiting' })).toContainText('Hollin 500');
  await expect(page.getByRole('region', { name: 'Can be done now' })).toContainText('Everything is on hold');
  await page.goto(`${job}/parts`);
  await page.getByRole('button', { name: 'Done: 50 ml of penetrant' }).click();
  await expect(page.getByText(/50 ml of penetrant/)).toHaveCount(0);
});

test('limits of this bike: entered with their source, they take the place of the general value', async ({ bench: page }) => {
  const job = await bookIn(page);
  await describeBike(page, job, pointsTwin);
  await page.goto(`${job}/measure`);
  await page.getByRole('combobox', { name: 'Quantity' }).click();
  await page.getByRole('option', { name: 'Compression', exact: true }).click();
  await page.getByRole('textbox', { name: 'Reading' }).fill('130');
  await page.getByRole('button', { name: 'Save reading' }).click();
  await expect(page.getByTestId('readings').getByRole('img', { name: /130 psi.*general value/ })).toBeVisible();
  await page.getByRole('combobox', { name: 'Limit of' }).click();
  await page.getByRole('option', { name: 'Compression', exact: true }).click();
  await page.getByLabel('From', { exact: true }).fill('190');
  await page.getByLabel('To', { exact: true }).fill('150');
  await expect(page.getByText('From is over to.')).toBeVisible();
  await page.getByLabel('From', { exact: true }).fill('150');
  await page.getByLabel('To', { exact: true }).fill('190');
  await page.getByRole('button', { name: 'Enter the limit' }).click();
  await expect(page.getByText('Enter the source.')).toBeVisible();
  await page.getByLabel('Manual page').fill('book, page 61');
  await page.getByRole('button', { name: 'Enter the limit' }).click();
  await expect(
    page.getByTestId('readings').getByRole('img', { name: /130 psi, low\. Limit: 150 to 190 psi, book, page 61/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: /^Undo: Limit entered/ }).click();
  await expect(page.getByTestId('readings').getByRole('img', { name: /general value/ })).toBeVisible();
});

test('a part between standard and service: fit for use and to be watched, past it done for, and one judgement everywhere', async ({
  bench: page,
}) => {
  const job = await bookIn(page);
  await describeBike(page, job, pointsTwin);
  await page.goto(`${job}/measure`);
  await page.getByRole('combobox', { name: 'Limit of' }).click();
  await page.getByRole('option', { name: 'Compression', exact: true }).click();
  await page.getByLabel('From', { exact: true }).fill('150');
  await page.getByLabel('Service limit, min').fill('120');
  await page.getByLabel('Manual page').fill('book, page 61');
  await page.getByRole('button', { name: 'Enter the limit' }).click();
  const reading = async (value: string) => {
    await page.getByRole('combobox', { name: 'Quantity' }).click();
    await page.getByRole('option', { name: 'Compression', exact: true }).click();
    await page.getByRole('textbox', { name: 'Reading' }).fill(value);
    await page.getByRole('button', { name: 'Save reading' }).click();
  };
  await reading('130');
  const kept = page.getByTestId('readings');
  await expect(kept.getByRole('img', { name: /130 psi, within service limit, watch/ })).toBeVisible();
  await reading('105');
  await expect(kept.getByRole('img', { name: /105 psi, past service/ })).toBeVisible();
  // The record says of both what the bar says.
  await page.goto(`${job}/record`);
  await expect(page.getByRole('main')).toContainText(/130 psi.*Within the service limit/);
  await expect(page.getByRole('main')).toContainText(/105 psi.*Past the service limit/);
});

test('money: what was agreed, what is spent, and the new yes that is wanted', async ({ bench: page }) => {
  const job = await bookIn(page);
  await page.goto(`${job}/decide`);
  await page.getByLabel('Agreed work').fill('Find it and mend it');
  await page.getByLabel(/^Up to/).fill('50');
  await page.getByRole('button', { name: 'Record agreement' }).click();
  await expect(page.getByText('Left of the agreed sum')).toBeVisible();
  await page.goto(`${job}/parts`);
  await page.getByLabel('Part', { exact: true }).filter({ visible: true }).fill('Coil');
  await page.getByLabel('Price each').fill('60.50');
  await page.getByRole('button', { name: 'Add part' }).click();
  await page.goto(`${job}/decide`);
  await expect(page.getByText('Over the agreed sum')).toBeVisible();
  await expect(page.getByRole('alert')).toContainText('Get the owner’s OK');
  // a consent is never undone: a new one takes its place
  await page.getByLabel('Agreed work').fill('Coil as well');
  await page.getByLabel(/^Up to/).fill('150');
  await page.getByRole('button', { name: 'Record agreement' }).click();
  await expect(page.getByText('Left of the agreed sum')).toBeVisible();
  await page.getByRole('button', { name: 'Log of this job' }).click();
  await expect(page.getByRole('dialog', { name: 'Log of this job' }).getByRole('button', { name: /Undo: Agreed/ })).toHaveCount(0);
});

test('a bike whose ignition nobody noted: looking it up is offered, and it moves the suspects', async ({ bench: page }) => {
  const job = await bookIn(page);
  await describeBike(page, job, {
    strokes: 'four',
    cylinders: 1,
    cooling: 'air',
    fuelling: 'carburettor',
    decompressor: 'none',
    starting: 'kick',
    voltage: 6,
  });
  await page.goto(`${job}/trace`);
  await page.getByRole('combobox', { name: 'Take another test' }).click();
  await page.getByRole('option', { name: /^Ignition: points/ }).click();
  await page.getByRole('button', { name: 'points', exact: true }).click();
  await ranked(page);
  await page.getByRole('combobox', { name: 'Take another test' }).click();
  await expect(page.getByRole('option', { name: /^Ignition: points/ })).toHaveCount(0);
  // Among the others, or the one that is advised now.
  const flick = /^Flick closed points/;
  await expect(
    page.getByRole('option', { name: flick }).or(page.getByTestId('test-card').getByRole('heading', { name: flick })),
  ).toHaveCount(1);
  await expect(page.getByRole('option', { name: /^Pick-up coil/ })).toHaveCount(0);
});
