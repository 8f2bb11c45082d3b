import { bookIn, describeBike, expect, pointsTwin, ranked, test } from './bench';

// Choose, answer, next: a whole stretch of tracing without the mouse.
test('a trace goes on by keys alone, and a theory that is held is refuted by what is found', async ({ bench: page }) => {
  const job = await bookIn(page);
  await describeBike(page, job, pointsTwin, { standingMonths: 30, storage: 'damp', lastTouched: ['ignition'] });
  await page.goto(`${job}/trace`);
  await ranked(page);

  await test.step('a theory is held', async () => {
    await page.locator('[data-suspect="points-dirty"]').getByRole('button').first().click();
    await expect(page.getByRole('img', { name: 'Place on the bike: Ignition side of the crank' })).toBeVisible();
    await page.getByRole('button', { name: 'Pin theory' }).click();
    await expect(page.locator('[data-suspect="points-dirty"]')).toContainText('your theory');
  });

  await test.step('the one that is worth doing next is answered', async () => {
    await ranked(page);
    const before = await page.getByTestId('ledger').getByRole('listitem').count();
    await expect(page.getByTestId('test-card')).toContainText('Worth doing next');
    await page.keyboard.press('1');
    await expect(page.getByTestId('ledger').getByRole('listitem')).toHaveCount(before + 1);
  });

  await test.step('then another one is chosen and answered', async () => {
    await ranked(page);
    await page.keyboard.press('a');
    const list = page.getByRole('combobox', { name: 'Take another test' });
    await expect(list).toBeFocused();
    await page.keyboard.type('points apart');
    await expect(page.getByRole('option')).toHaveCount(1);
    await page.keyboard.press('Enter');
    const card = page.getByTestId('test-card');
    await expect(card).toContainText('Flick closed points apart');
    const answers = (await card.locator('[data-main]').allInnerTexts()).filter((t) => t !== 'Understood');
    const n = answers.findIndex((t) => t.replace(/^\d\s*/, '').trim() === 'Spark') + 1;
    await page.keyboard.press(String(n));
    await expect(page.getByTestId('ledger')).toContainText('Spark, points flicked apart: Spark');
  });

  await test.step('single keys can be switched off, and on again', async () => {
    const marks = page.getByTestId('ledger').getByRole('listitem');
    const before = await marks.count();
    await page.getByRole('button', { name: 'Single keys answer: switch off' }).click();
    await page.keyboard.press('1');
    await page.keyboard.press('a');
    await expect(page.getByRole('combobox', { name: 'Take another test' })).not.toBeFocused();
    await expect(marks).toHaveCount(before);
    await page.getByRole('button', { name: 'Single keys are off: switch on' }).click();
    await page.keyboard.press('a');
    await expect(page.getByRole('combobox', { name: 'Take another test' })).toBeFocused();
  });

  await test.step('the theory stays in the list, however small it has become, also after a reload', async () => {
    await page.reload();
    await ranked(page);
    await expect(page.locator('[data-suspect="points-dirty"]')).toContainText('your theory');
    await page.getByRole('button', { name: 'Follow the trail back' }).click();
    await expect(page.getByTestId('trail-steps')).toContainText('Spark, points flicked apart: Spark');
    await page.getByRole('button', { name: 'Step on' }).click();
    await expect(page.getByRole('dialog').getByRole('status')).toHaveText(/Step 2 of/);
    await page.keyboard.press('ArrowDown');
    await expect(page.getByRole('dialog').getByRole('status')).toHaveText(/Step 3 of/);
    // on paper the trail stands alone
    await page.emulateMedia({ media: 'print' });
    await expect(page.getByTestId('trail-steps')).toBeVisible();
    await expect(page.getByTestId('suspects')).toBeHidden();
    await page.emulateMedia({ media: 'screen' });
  });
});
