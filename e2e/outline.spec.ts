import AxeBuilder from '@axe-core/playwright';
import { awake, bookIn, describeBike, expect, pointsTwin, test } from './bench';

test('a cover with screws of two lengths: holes by tap, mirrored and by keyboard, a card on A4, shown at the refit', async ({
  bench: page,
}) => {
  const job = await bookIn(page, 'Osprane 650', 'Leaks oil');
  await describeBike(page, job, pointsTwin);
  await page.goto(`${job}/strip`);
  await page.getByLabel('Part removed').fill('Left cover');
  await page.getByLabel('Fasteners').fill('4x M6x25 rim, 2x M6x45');
  await page.getByRole('button', { name: 'Add step' }).click();
  await page.getByRole('button', { name: 'Edit: Left cover' }).click();
  const section = page.getByRole('region', { name: 'Outline of: Left cover' });
  await section.getByRole('combobox', { name: 'Outline of the cover' }).click();
  await page.getByRole('option', { name: 'Oval' }).click();
  await section.getByRole('button', { name: 'Mark its holes' }).click();
  const canvas = section.getByRole('application');
  await section.getByRole('button', { name: 'all four' }).click();
  const box = (await canvas.boundingBox())!;
  await canvas.click({ position: { x: box.width * 0.25, y: box.height * 0.25 } });
  const screws = section.getByRole('list', { name: 'Screws of the outline' });
  await expect(screws).toContainText('A 4 × M6x25 rim');
  await expect(screws).not.toContainText('of 4 holes marked');
  await expect(screws).toContainText('0 of 2 holes marked');

  // by keyboard: the cross stands where it was tapped last, up to the upper edge
  await section.getByRole('button', { name: 'B M6x45' }).click();
  await section.getByRole('button', { name: 'top and bottom' }).click();
  await canvas.focus();
  for (let i = 0; i < 10; i++) await page.keyboard.press('ArrowRight');
  for (let i = 0; i < 6; i++) await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Shift+ArrowUp');
  await page.keyboard.press('Enter');
  await expect(screws).not.toContainText('holes marked');
  expect((await new AxeBuilder({ page }).include('section[aria-label="Outline of: Left cover"]').analyze()).violations).toEqual([]);

  // one hole has the other screw: it says so, and is put right
  await section.getByRole('combobox', { name: 'Change a hole' }).click();
  await page.getByRole('option', { name: 'Hole 1, screw A' }).click();
  await section.getByRole('button', { name: 'It takes B' }).click();
  await expect(screws).toContainText('3 holes for 2');
  await page.getByRole('button', { name: /^Undo: / }).click();
  await expect(screws).not.toContainText('3 holes for 2');

  const href = await section.getByRole('link', { name: 'Print as a card, A4' }).getAttribute('href');
  const pdf = await page.request.get(href!);
  expect(pdf.headers()['content-type']).toBe('application/pdf');
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');

  await page.goto(`${job}/rebuild`);
  await awake(page);
  await expect(page.getByRole('img', { name: 'Outline of Left cover: 6 holes, A, A, A, A, B, B' })).toBeVisible();
});

test('an outline of its own: corner by corner, and gone again with its holes', async ({ bench: page }) => {
  const job = await bookIn(page, 'Osprane 650', 'Leaks oil');
  await page.goto(`${job}/strip`);
  await page.getByLabel('Part removed').fill('Sump');
  await page.getByLabel('Fasteners').fill('6x M6x20');
  await page.getByRole('button', { name: 'Add step' }).click();
  await page.getByRole('button', { name: 'Edit: Sump' }).click();
  const section = page.getByRole('region', { name: 'Outline of: Sump' });
  await section.getByRole('combobox', { name: 'Outline of the cover' }).click();
  await page.getByRole('option', { name: 'Another: tap its corners' }).click();
  await section.getByRole('button', { name: 'Mark its holes' }).click();
  const canvas = section.getByRole('application');
  const done = section.getByRole('button', { name: 'That is its outline' });
  const box = (await canvas.boundingBox())!;
  for (const [x, y] of [
    [0.1, 0.1],
    [0.9, 0.2],
  ])
    await canvas.click({ position: { x: box.width * x, y: box.height * y } });
  await expect(done).toBeDisabled();
  await canvas.click({ position: { x: box.width * 0.5, y: box.height * 0.9 } });
  await done.click();
  await section.getByRole('button', { name: 'evenly round' }).click();
  await section.getByLabel('How many round').fill('six');
  await expect(section).toContainText('A number from 2 to 40.');
  await section.getByLabel('How many round').fill('6');
  await canvas.click({ position: { x: box.width * 0.5, y: box.height * 0.3 } });
  await expect(section.getByRole('list', { name: 'Screws of the outline' })).not.toContainText('holes marked');
  await section.getByRole('button', { name: 'Remove the outline' }).click();
  await expect(section.getByRole('button', { name: 'Mark its holes' })).toBeVisible();
});
