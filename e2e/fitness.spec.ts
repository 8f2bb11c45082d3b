import { awake, bookIn, chooseTest, expect, ranked, test, type Page } from './bench';

const may = (page: Page, act: string) => page.getByTestId('fitness').getByRole('button', { name: new RegExp(`^May it be ${act}\\?`) });

test('metal in the oil shuts running and riding with its reason; taken back, both are open again', async ({ bench: page }) => {
  await page.goto('/book-in');
  await page.getByLabel('Bike: make and model').fill('Osprane 650');
  await page.getByLabel('Owner', { exact: true }).fill('Orla Fennimore');
  await page.getByLabel('Complaint, in the owner').fill('Clutch slips in top gear');
  await page.getByRole('group', { name: 'Clutch slips', exact: true }).getByRole('button', { name: 'yes' }).click();
  await page.getByRole('button', { name: 'Book in' }).click();
  await page.waitForURL(/\/look$/);
  await page.goto(page.url().replace(/\/look$/, '/trace'));
  await awake(page);
  await expect(may(page, 'ridden')).toHaveAccessibleName('May it be ridden? Yes');
  const card = await chooseTest(page, /^Magnet through the drained oil/);
  await card.getByRole('button', { name: 'Understood' }).click();
  await card.getByRole('button', { name: 'Metal, hairs or flakes', exact: true }).click();
  await expect(may(page, 'run')).toHaveAccessibleName('May it be run? No');
  await expect(may(page, 'ridden')).toHaveAccessibleName('May it be ridden? No');
  await may(page, 'ridden').click();
  await expect(page.getByTestId('reasons-ride')).toContainText(/metal/i);
  await may(page, 'ridden').click();

  const riding = await chooseTest(page, /^Full throttle in a high gear/);
  await expect(riding).toContainText(/Not to be ridden.*metal/i);
  await expect(riding.getByRole('button', { name: 'Revs run away' })).toHaveCount(0);

  await page.getByRole('button', { name: /^Withdraw: Drained oil, magnet/ }).click();
  await expect(may(page, 'run')).toHaveAccessibleName('May it be run? Yes');
  await expect(may(page, 'ridden')).toHaveAccessibleName('May it be ridden? Yes');
});

test('a person allows it all the same, by name and with a reason, and takes that back', async ({ bench: page }) => {
  const job = await bookIn(page);
  await page.goto(`${job}/trace`);
  const card = await chooseTest(page, /^Magnet through the drained oil/);
  await card.getByRole('button', { name: 'Understood' }).click();
  await card.getByRole('button', { name: 'Metal, hairs or flakes', exact: true }).click();
  await may(page, 'run').click();
  await page.getByTestId('reasons-run').getByRole('button', { name: 'Allow anyway' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Allow as Ines Corrow' }).click();
  await expect(dialog).toContainText('Enter the reason.');
  await dialog.getByLabel('Reason').fill('Old filings, sump washed');
  await dialog.getByRole('button', { name: 'Allow as Ines Corrow' }).click();
  await expect(may(page, 'run')).toHaveAccessibleName('May it be run? Yes');
  await expect(page.getByTestId('reasons-run')).toContainText('Old filings, sump washed');
  await page.getByTestId('reasons-run').getByRole('button', { name: 'Withdraw' }).click();
  await expect(may(page, 'run')).toHaveAccessibleName('May it be run? No');
});

test('positive earth is asked for, and stands at everything that is done with the battery', async ({ bench: page }) => {
  const job = await bookIn(page);
  await page.goto(`${job}/trace`);
  const card = await chooseTest(page, /^Earth polarity/);
  await expect(card.getByRole('note', { name: 'Caution' })).toContainText('which pole is earth');
  await expect(card.getByRole('note', { name: 'Caution' })).not.toContainText('Positive earth');
  await page.goto(`${job}/book-in`);
  await awake(page);
  const earth = page.getByRole('group', { name: 'Earth' });
  await earth.getByRole('button', { name: 'Positive to frame' }).click();
  await expect(earth.getByRole('button', { name: 'Positive to frame' })).toHaveAttribute('aria-pressed', 'true');
  await page.goto(`${job}/trace`);
  const again = await chooseTest(page, /^Earth polarity/);
  await expect(again.getByRole('note', { name: 'Caution' })).toContainText('the positive lead goes to the frame, comes off first');
  // So it does where the battery is taken out.
  await page.goto(`${job}/strip`);
  await page.getByLabel('Part removed').fill('Battery');
  await expect(page.getByTestId('step-form').getByRole('note', { name: 'Caution' })).toContainText('the positive lead goes to the frame');
});

test('words without a symptom: what they seem to mean is one tap away, and then it is traced', async ({ bench: page }) => {
  await page.goto('/book-in');
  await page.getByLabel('Bike: make and model').fill('Osprane 650');
  await page.getByLabel('Owner', { exact: true }).fill('Orla Fennimore');
  await page.getByLabel('Complaint, in the owner').fill('temperature climbs and it boils over in traffic');
  await page.getByRole('button', { name: 'Book in' }).click();
  await page.waitForURL(/\/look$/);
  await page.goto(page.url().replace(/\/look$/, '/trace'));
  await awake(page);
  await page
    .getByRole('button', { name: /Overheats/ })
    .first()
    .click();
  await ranked(page);
  await expect(page.getByTestId('suspects').locator('[data-suspect]').first()).toBeVisible();
  await expect(page.getByTestId('test-card').or(page.getByTestId('repair-card')).first()).toBeVisible();
});

test('a first look in one pass on a phone: one tap for each that is fine, in any order', async ({ bench: page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const job = await bookIn(page, 'Hollin 500');
  await page.goto(`${job}/look`);
  await awake(page);
  const list = page.getByTestId('look-list');
  const fine = list.locator('[data-fine]');
  const many = await fine.count();
  expect(many).toBeGreaterThan(8);
  // The last one first: nothing waits for another.
  await fine.last().click();
  await expect(fine).toHaveCount(many - 1);
  for (let left = many - 1; left > 0; left--) {
    await fine.first().click();
    await expect(fine).toHaveCount(left - 1);
  }
  await expect(page).toHaveURL(/\/look$/);
  await expect(page.getByRole('link', { name: /^First look/ })).not.toHaveAccessibleName(/not begun/);
});
