import { awake, describeBike, expect, pointsTwin, ranked, test, type Locator, type Page } from './bench';

// The whole path by keyboard alone: no pointer is used in this file. Tab reaches, Enter or Space acts, letters are typed.

/** Presses Tab until the thing has the focus; fails if it cannot be reached. */
async function reach(page: Page, what: Locator): Promise<void> {
  await expect(what).toBeVisible();
  for (let i = 0; i < 220; i++) {
    if (await what.evaluate((e) => e === document.activeElement || e.contains(document.activeElement))) return;
    // inside a group of buttons the arrows lead on, as in any toolbar
    const sameGroup = await what.evaluate((e) => e.closest('[role=group]')?.contains(document.activeElement) ?? false);
    await page.keyboard.press(sameGroup ? 'ArrowRight' : 'Tab');
  }
  throw new Error('the keyboard does not get there');
}

async function press(page: Page, what: Locator, key = 'Enter'): Promise<void> {
  await reach(page, what);
  await page.keyboard.press(key);
}

async function type(page: Page, what: Locator, text: string): Promise<void> {
  await reach(page, what);
  await page.keyboard.press('Control+a');
  await page.keyboard.type(text);
}

/** One of a long list that is searched by typing a part of its name. */
async function find(page: Page, combobox: Locator, name: string): Promise<void> {
  await type(page, combobox, name);
  await expect(page.getByRole('option', { name: new RegExp(`^${name}`) }).first()).toBeVisible();
  await page.keyboard.press('Enter');
}

async function go(page: Page, stage: string): Promise<void> {
  await press(page, page.getByRole('navigation', { name: 'Stages of this job' }).getByRole('link', { name: new RegExp(`^${stage}`) }));
  await page.waitForLoadState();
  await awake(page);
}

test('from booking in to hand over without touching a pointer', async ({ bench: page }) => {
  test.setTimeout(400_000);
  const button = (name: string | RegExp) => page.getByRole('button', { name, exact: typeof name === 'string' });
  await page.goto('/');
  await press(page, page.getByRole('link', { name: 'Book in' }));
  await page.waitForURL('**/book-in');
  await awake(page);
  await page.keyboard.type('Quillon 350');
  await page.keyboard.press('Tab');
  await page.keyboard.type('Orla Fennimore');
  await page.keyboard.press('Tab');
  await page.keyboard.type('Will not start');
  await press(page, page.getByRole('group', { name: 'Turns over but will not start' }).getByRole('button', { name: 'yes' }), 'Space');
  await press(page, button('Book in'));
  await page.waitForURL(/look$/);
  await awake(page);
  await describeBike(page, new URL(page.url()).pathname.replace(/\/look$/, ''), pointsTwin, { standingMonths: 30 });
  await page.reload();
  await awake(page);

  await press(page, button(/^Turns freely: /));
  await press(page, button(/^Right level, looks and smells like oil: /));
  await expect(button(/^Look again: Look at the oil/)).toBeVisible();

  await go(page, 'Trace');
  await find(page, page.getByRole('combobox', { name: 'Take another test' }), 'Measure compression, cylinder 1');
  await type(page, page.getByLabel('Cylinder 1', { exact: true }).filter({ visible: true }), '170');
  await type(page, page.getByLabel('Cylinder 2', { exact: true }).filter({ visible: true }), '180');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('ledger')).toContainText('Compression, cylinder 2: Good');
  await ranked(page);
  await find(page, page.getByRole('combobox', { name: 'Take another test' }), 'Flick closed points');
  await press(page, button('No spark'));
  await ranked(page);
  await press(page, page.getByTestId('suspects').getByRole('button', { name: /^Points dirty or burnt/ }));
  await press(page, button('Confirmed: log repair'));
  await expect(page.getByRole('dialog')).toBeVisible();
  await type(page, page.getByRole('dialog').getByLabel('Minutes'), '20');
  await press(page, button('Log the repair'));
  await press(page, button('Gone'));
  await press(page, page.getByRole('checkbox', { name: 'Cause explained' }), 'Space');
  await expect(page.getByRole('checkbox', { name: 'Cause explained' })).toBeChecked();

  await go(page, 'Strip');
  await type(page, page.getByLabel('Part removed').filter({ visible: true }), 'Points cover');
  await type(page, page.getByLabel('Fasteners').filter({ visible: true }), '2x M5x12');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('steps')).toContainText('Bag 1');
  await type(page, page.getByLabel('Part', { exact: true }).filter({ visible: true }), 'Contacts');
  await type(page, page.getByLabel('Condition').filter({ visible: true }), 'Blue film');
  await press(page, button('clean'), 'Space');
  await press(page, button('Add finding'));
  await expect(page.getByTestId('findings')).toContainText('Blue film');

  await go(page, 'Parts');
  await type(page, page.getByLabel('Part', { exact: true }).filter({ visible: true }), 'Condenser');
  await page.keyboard.press('Enter');
  for (const step of ['Ordered', 'Arrived', 'Fitted']) await press(page, button(`${step}: Condenser`));
  await expect(page.getByRole('img', { name: 'Status: fitted' })).toBeVisible();

  await go(page, 'Rebuild');
  await press(page, button('All refitted'));
  await type(page, page.getByLabel('Fasteners').filter({ visible: true }), 'Cover screws');
  await type(page, page.getByLabel('Torque', { exact: true }).filter({ visible: true }), '5');
  await page.keyboard.press('Enter');
  await press(page, button(/^Stage 1 done: Cover screws/));
  await press(page, button('Sign as Ines Corrow'));
  await expect(page.getByTestId('torques')).toContainText('Signed Ines Corrow');

  await go(page, 'First start');
  for (let left = 6; left >= 0; left--) {
    await press(page, button('Checked'));
    await expect(
      page.getByRole('heading', { name: left ? `Don’t start: ${left} of 7 checks open` : /^(It may be started|Don’t start yet)$/ }),
    ).toBeVisible();
  }

  await go(page, 'Hand over');
  await press(page, button('Allow anyway'));
  await type(page, page.getByRole('dialog').getByLabel('Reason'), 'Leaves on a trailer');
  await press(page, button('Allow as Ines Corrow'));
  await press(page, button('Sign as Ines Corrow and hand over'));
  await expect(page.getByRole('heading', { name: /^Handed over/ })).toBeVisible();
  await press(page, button('Undo: Handed over'));
  await expect(page.getByRole('heading', { name: 'Hand over', exact: true })).toBeVisible();
});
