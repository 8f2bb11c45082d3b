import sharp from 'sharp';
import { awake, bookIn, expect, type Page } from './bench';
import { overLine as test } from './networkLine';

test.use({ serviceWorkers: 'allow', viewport: { width: 412, height: 860 } });

/** A picture as a telephone makes it: lying on its side, with the place in it. Its left half is red as it lies. */
async function fromPhone(): Promise<Buffer> {
  const half = await sharp({ create: { width: 400, height: 600, channels: 3, background: '#c02020' } })
    .png()
    .toBuffer();
  return sharp({ create: { width: 800, height: 600, channels: 3, background: '#2040c0' } })
    .composite([{ input: half, left: 0, top: 0 }])
    .withExif({ IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' }, IFD0: { Make: 'Some camera' } })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer();
}

const photosOf = async (page: Page, job: string) =>
  (
    (await (await page.request.get(`/api/jobs/${job.split('/').at(-1)}`)).json()) as {
      rows: { photo: { sha256: string; width: number; height: number }[] };
    }
  ).rows.photo;

test('taken with the server gone on a phone, a photo arrives later, upright and without the place', async ({ bench: page, line }) => {
  const job = await bookIn(page);
  await page.goto(`${job}/strip`);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await line.cut();
  await page.getByLabel('Part removed').fill('Left cover');
  await page.getByLabel('Fasteners').fill('4x M6x25');
  const camera = page.getByLabel('Camera: this step');
  await expect(camera).toHaveAttribute('capture', 'environment');
  await camera.setInputFiles({ name: 'cover.jpg', mimeType: 'image/jpeg', buffer: await fromPhone() });
  await expect(page.getByText('One photo goes with it')).toBeVisible();
  await page.getByRole('button', { name: 'Add step' }).click();
  const thumb = page.getByRole('button', { name: 'Photo 1 of Left cover' });
  await expect(thumb).toBeVisible();
  await expect.poll(() => thumb.locator('img').evaluate((i: HTMLImageElement) => i.naturalWidth)).toBeGreaterThan(50);
  await expect(page.getByText('2 entries wait on this device')).toBeVisible();
  await line.mend();
  await expect.poll(async () => (await photosOf(page, job)).length, { timeout: 25_000 }).toBe(1);
  const [photo] = await photosOf(page, job);
  // On its side 800 × 600, upright 600 × 800, with the red half on top.
  expect([photo.width, photo.height]).toEqual([600, 800]);
  const bytes = await (await page.request.get(`/api/photos/${photo.sha256}`)).body();
  const meta = await sharp(bytes).metadata();
  expect(meta.exif).toBeUndefined();
  expect(bytes.includes(Buffer.from('Some camera'))).toBe(false);
  const { data } = await sharp(bytes).extract({ left: 300, top: 100, width: 1, height: 1 }).raw().toBuffer({ resolveWithObject: true });
  expect(data[0]).toBeGreaterThan(150);
  expect(data[2]).toBeLessThan(90);
  const small = await sharp(await (await page.request.get(`/api/photos/${photo.sha256}?thumb`)).body()).metadata();
  expect(Math.max(small.width, small.height)).toBeLessThanOrEqual(360);
});

test('pins with notes, by finger and by keyboard; undo takes one off; they are there after a reload', async ({ bench: page }) => {
  const job = await bookIn(page);
  await page.goto(`${job}/strip`);
  await page.getByLabel('Part removed').fill('Primary cover');
  await page.getByRole('button', { name: 'Add step' }).click();
  await page.getByLabel('Files: Primary cover').setInputFiles({ name: 'a.jpg', mimeType: 'image/jpeg', buffer: await fromPhone() });
  await page.getByRole('button', { name: 'Photo 1 of Primary cover' }).click();
  const picture = page.getByTestId('picture');
  await picture.click({ position: { x: 60, y: 80 } });
  await page.getByLabel('Pin 1', { exact: true }).fill('Short screw here');
  await page.getByLabel('Pin 1', { exact: true }).press('Enter');
  await page.getByRole('button', { name: 'Add pin' }).click();
  const second = page.getByRole('button', { name: /^Pin 2: .*Arrow keys move it/ });
  await second.focus();
  await second.press('ArrowRight');
  await second.press('ArrowDown');
  await page.getByLabel('Caption').fill('How the wires run');
  await page.getByLabel('Caption').press('Enter');
  await page.getByRole('button', { name: 'Take pin 2 off' }).click();
  await expect(page.getByRole('button', { name: /^Pin 2:/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await page.reload();
  await awake(page);
  await page.getByRole('button', { name: 'Photo 1 of Primary cover: How the wires run, 2 pins' }).click();
  await expect(page.getByLabel('Pin 1', { exact: true })).toHaveValue('Short screw here');
  await page.getByRole('button', { name: 'Close' }).click();
  // led back to it at the rebuild
  await page.goto(`${job}/rebuild`);
  await expect(page.getByRole('button', { name: /Photo 1 of Primary cover/ })).toBeVisible();
});

test('a bag and a finding have photos too; files that are no pictures are refused by name', async ({ bench: page }) => {
  const job = await bookIn(page);
  await page.goto(`${job}/strip`);
  await page.getByLabel('Part removed').fill('Cover');
  await page.getByLabel('Fasteners').fill('2x M6x20');
  await page.getByRole('button', { name: 'Add step' }).click();
  await page.getByRole('button', { name: 'Bag 1', exact: true }).click();
  await page.getByLabel('Files: bag 1').setInputFiles([
    { name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('no picture') },
    { name: 'cut.jpg', mimeType: 'image/jpeg', buffer: (await fromPhone()).subarray(0, 20) },
    { name: 'huge.jpg', mimeType: 'image/jpeg', buffer: Buffer.alloc(21 * 1024 * 1024, 1) },
    { name: 'good.jpg', mimeType: 'image/jpeg', buffer: await fromPhone() },
  ]);
  await expect(page.getByText('notes.txt: This file is not a picture that can be read here')).toBeVisible();
  await expect(page.getByText('cut.jpg: This file is not a picture that can be read here')).toBeVisible();
  await expect(page.getByText('huge.jpg: This picture is larger than 20 MB.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Photo 1 of bag 1' })).toBeVisible();
  await page.getByLabel('Part', { exact: true }).filter({ visible: true }).fill('Dowel');
  await page.getByLabel('Condition').fill('burred');
  await page.getByRole('group', { name: 'Verdict' }).getByRole('button', { name: 'repair' }).click();
  await page.getByRole('button', { name: 'Add finding' }).click();
  await page.getByLabel('Files: Dowel').setInputFiles({ name: 'good.jpg', mimeType: 'image/jpeg', buffer: await fromPhone() });
  await expect(page.getByRole('button', { name: 'Photo 1 of Dowel' })).toBeVisible();
  await expect.poll(async () => (await photosOf(page, job)).length).toBe(2);
});
