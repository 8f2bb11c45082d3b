import { bookIn, expect, test } from './bench';

// What a new ranking or a kept entry does to the page at the wrong moment.
test('a press counts though the page moves between finger down and finger up; sliding off still drops it', async ({ bench: page }) => {
  const job = await bookIn(page);
  await page.goto(`${job}/look`);
  const first = page.getByRole('button', { name: /^Turns freely: / });
  const middle = async () => {
    const box = (await first.boundingBox())!;
    return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  };
  const down = async () => {
    const at = await middle();
    await page.mouse.move(at.x, at.y);
    await page.mouse.down();
    return at;
  };
  const kept = page.getByRole('button', { name: /^Undo/ });
  const at = await down();
  await page.mouse.move(at.x, at.y + 160, { steps: 4 });
  await page.mouse.up();
  await expect(first).toBeVisible();

  await down();
  await page.evaluate(() => {
    const more = document.createElement('div');
    more.style.height = '180px';
    document.querySelector('main')!.prepend(more);
  });
  const moved = await middle();
  expect(moved.y).toBeGreaterThan(at.y + 100);
  await page.mouse.up();
  await expect(kept).toBeEnabled();
  await expect(first).toHaveCount(0);
});
