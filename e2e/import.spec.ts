import AxeBuilder from '@axe-core/playwright';
import type { JobFile } from '../src/server/files/jobFile';
import { bookIn, expect, named, send, test, type Page } from './bench';

const jobIdOf = (job: string) => job.split('/').at(-1)!;
const exported = async (page: Page, job: string, zip = false) =>
  (await page.request.get(`/api/jobs/${jobIdOf(job)}/export${zip ? '?zip' : ''}`)).body();
const choose = (page: Page, name: string, buffer: Buffer) =>
  page.getByLabel('File of a job').setInputFiles({ name, mimeType: 'application/octet-stream', buffer });

/** Another workshop in the same browser. */
async function elsewhere(page: Page, name: string): Promise<void> {
  const headers = { origin: new URL(page.url()).origin };
  const { shopId } = (await (await page.request.post('/api/session', { headers, data: { newShop: name } })).json()) as { shopId: string };
  await page.request.post('/api/session', { headers, data: { shopId } });
  await page.goto('/');
}

test('a job goes to another workshop by file: shown first, brought in, the same again changes nothing', async ({ bench: page }, info) => {
  const job = await bookIn(page, 'Hollin 500', 'stuck since the flood');
  await send(page, 'watch.add', 'watch', crypto.randomUUID(), { jobId: jobIdOf(job), what: 'Oil level', due: 'after 100 km' });
  const zip = await exported(page, job, true);
  await elsewhere(page, `Elsewhere ${info.testId}`);
  await page.goto('/import');
  await choose(page, 'hollin.zip', zip);
  await expect(page.getByTestId('import-report')).toContainText('It would add 3 new entries; 0 are here already.');
  expect((await page.request.get(`/api/jobs/${jobIdOf(job)}`)).status()).toBe(404);
  const axe = await new AxeBuilder({ page }).analyze();
  expect(axe.violations.filter((v) => v.impact === 'serious' || v.impact === 'critical')).toEqual([]);
  await page.getByRole('button', { name: 'Import' }).click();
  await expect(page.getByTestId('import-report')).toContainText('Imported: 3 new entries');
  await page.getByRole('link', { name: 'Open it' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Hollin 500');
  await page.goto('/import');
  await choose(page, 'hollin.zip', zip);
  await expect(page.getByTestId('import-report')).toContainText('Everything in this file is here already.');
});

test('what was changed on both sides is chosen, one by one, and both values stay in the log', async ({ bench: page }, info) => {
  const job = await bookIn(page, 'Marram 80');
  const bikeId = ((await (await page.request.get(`/api/jobs/${jobIdOf(job)}`)).json()) as { rows: { bike: [{ id: string }] } }).rows.bike[0]
    .id;
  const first = await exported(page, job);
  const home = await named(page);
  await elsewhere(page, `Both ${info.testId}`);
  await page.request.post('/api/import', { headers: { ...(await named(page)), 'content-type': 'application/octet-stream' }, data: first });
  await send(page, 'bike.set', 'bike', bikeId, { set: { year: 1970 } }, { year: 0 });
  const theirs = await exported(page, job);
  await page.request.post('/api/session', { headers: { origin: home.origin }, data: { shopId: home['x-ivrek-shop'] } });
  await page.goto('/');
  await send(page, 'bike.set', 'bike', bikeId, { set: { year: 1974 } }, { year: 0 });
  await page.goto('/import');
  await choose(page, 'marram.json', theirs);
  const conflict = page.getByTestId('import-conflict');
  await expect(conflict).toContainText('Year');
  await expect(page.getByRole('button', { name: 'Import' })).toBeDisabled();
  await conflict.getByRole('button', { name: 'In the file: “1970”' }).click();
  await page.getByRole('button', { name: 'Import' }).click();
  await expect(page.getByTestId('import-report')).toContainText('Imported: ');
  const file = JSON.parse((await exported(page, job)).toString()) as JobFile;
  expect((file.rows.bike![0] as unknown as { year: number }).year).toBe(1970);
  expect(file.journal.at(-1)).toMatchObject({ type: 'tray.decide', payload: { theirs: { year: 1974 }, yours: { year: 1970 } } });
});

test('a damaged, a foreign and an empty file are refused with the reason, and nothing is changed', async ({ bench: page }) => {
  const job = await bookIn(page);
  const good = await exported(page, job);
  const odd = Buffer.from(good.toString().replace('Quillon 350', 'Quillon 360'));
  await page.goto('/import');
  for (const [name, bytes, reason] of [
    ['cut.json', good.subarray(0, good.length - 40), 'This file is damaged'],
    ['odd.json', odd, 'what is in it is not what was written'],
    ['letter.json', Buffer.from('{"dear": "sir"}'), 'This file is no job of Ivrek'],
    ['newer.json', Buffer.from(good.toString().replace('"version":3', '"version":9')), 'made by a newer Ivrek'],
    ['empty.zip', Buffer.alloc(0), 'This file is empty'],
    ['half.zip', (await exported(page, job, true)).subarray(0, 300), 'damaged'],
  ] as const) {
    await choose(page, name, Buffer.from(bytes));
    await expect(page.getByRole('alert')).toContainText(reason);
    await expect(page.getByRole('alert')).toContainText(name);
  }
  expect(JSON.parse((await exported(page, job)).toString())).toEqual(JSON.parse(good.toString()));
});
