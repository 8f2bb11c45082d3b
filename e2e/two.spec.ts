import type { BrowserContext } from '@playwright/test';
import { awake, bookIn, expect, named, test, type Page } from './bench';

// Two screens of one workshop: what one does, the other shows; what both do is decided by a person.

async function second(page: Page): Promise<{ page: Page; context: BrowserContext }> {
  const browser = page.context().browser()!;
  const context = await browser.newContext({ storageState: await page.context().storageState(), baseURL: new URL(page.url()).origin });
  return { page: await context.newPage(), context };
}

test('a change on one screen appears on the other within a second', async ({ bench: page }) => {
  const job = await bookIn(page);
  const other = await second(page);
  await other.page.goto(`${job}/strip`);
  await awake(other.page);
  await page.goto(`${job}/strip`);
  await page.getByLabel('Part removed').fill('Left cover');
  await page.getByRole('button', { name: 'Add step' }).click();
  const t = Date.now();
  await expect(other.page.getByTestId('steps')).toContainText('Left cover', { timeout: 5000 });
  test.info().annotations.push({ type: 'seen after', description: `${Date.now() - t} ms` });
  // and on the board of a third, which shows what can be done
  const board = await other.context.newPage();
  await board.goto('/');
  await awake(board);
  await bookIn(page, 'Osprane 650');
  await expect(board.getByText('Osprane 650').first()).toBeVisible({ timeout: 5000 });
  await other.context.close();
});

test('two tabs of one browser show each other’s entries before the server has them', async ({ bench: page }) => {
  const job = await bookIn(page);
  await page.goto(`${job}/handover`);
  const tab = await page.context().newPage();
  await tab.goto(`${job}/strip`);
  await awake(tab);
  await page.context().route('**/api/commands', (r) => r.abort());
  await tab.getByLabel('Part removed').fill('Tank');
  await tab.getByRole('button', { name: 'Add step' }).click();
  await page.goto(`${job}/strip`);
  await expect(page.getByTestId('steps')).toContainText('Tank');
  await page.context().unroute('**/api/commands');
  await expect(page.getByText('The server cannot be reached.')).toHaveCount(0, { timeout: 15_000 });
  await tab.close();
});

test('a tab of one workshop, when another tab took the browser into another: nothing is sent there, and there is a way back', async ({
  bench: page,
}, info) => {
  const job = await bookIn(page);
  await page.goto(`${job}/strip`);
  await awake(page);
  const tab = await page.context().newPage();
  await tab.goto('/workshops');
  await awake(tab);
  await tab.getByLabel('Name').fill(`Elsewhere ${info.testId}`);
  await tab.getByRole('button', { name: 'Create' }).click();
  await tab.waitForURL('/');
  await page.getByLabel('Part removed').fill('Left cover');
  await page.getByRole('button', { name: 'Add step' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'This browser is in another workshop now.' })).toContainText('One entry waits');
  // nothing of it came into the other workshop
  const { entries } = (await (await tab.request.get('/api/journal?after=0')).json()) as { entries: unknown[] };
  expect(entries).toEqual([]);
  await page.getByRole('button', { name: 'Back to this workshop' }).click();
  await awake(page);
  await expect(page.getByTestId('steps')).toContainText('Left cover');
  await expect
    .poll(async () => {
      const s = (await (await page.request.get(`/api/jobs/${job.split('/').at(-1)}`)).json()) as { rows?: { step: unknown[] } };
      return s.rows?.step.length;
    })
    .toBe(1);
  await tab.close();
});

test('leaving the workshop ends the session: its cookie opens nothing any more', async ({ bench: page }) => {
  await page.goto('/');
  await awake(page);
  const cookies = await page.context().cookies();
  await page.getByRole('button', { name: 'Workshop', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Log out' }).click();
  await page.waitForURL('/workshops');
  await page.context().addCookies(cookies);
  expect((await page.request.get('/api/jobs')).status()).toBe(401);
});

test('the same field on two devices: a conflict with both values, one tap, nothing dropped, others pass', async ({ bench: page }) => {
  const job = await bookIn(page);
  const other = await second(page);
  await other.page.goto(`${job}/book-in`);
  await awake(other.page);
  await page.goto(`${job}/book-in`);
  const set = async (p: Page, label: string, value: string) => {
    await p.getByLabel(label, { exact: true }).fill(value);
    await p.getByLabel(label, { exact: true }).press('Enter');
  };
  // the other screen is cut off while the first writes the year
  await other.context.route('**/api/**', (r) => r.abort());
  await other.page.reload({ waitUntil: 'commit' }).catch(() => undefined);
  await awake(other.page);
  await set(page, 'Year', '1968');
  await expect(page.getByText('entry waits')).toHaveCount(0);
  await set(other.page, 'Year', '1970');
  await set(other.page, 'Year', '1971');
  await set(other.page, 'Frame number', 'Q350-1');
  await expect(other.page.getByText('3 entries wait on this device')).toBeVisible();
  await other.context.unroute('**/api/**');
  await expect(other.page.getByText('One of your entries needs a decision.')).toBeVisible({ timeout: 20_000 });
  // what had nothing to do with it has passed
  await expect
    .poll(async () => {
      const s = (await (await page.request.get(`/api/jobs/${job.split('/').at(-1)}`)).json()) as {
        rows: { bike: [{ frameNo: string; year: number }] };
      };
      return [s.rows.bike[0].frameNo, s.rows.bike[0].year];
    })
    .toEqual(['Q350-1', 1968]);
  await other.page.getByRole('button', { name: 'Look' }).click();
  const conflicts = other.page.getByRole('dialog', { name: 'Decide' });
  await expect(conflicts.getByTestId('conflict-case')).toHaveCount(1);
  await expect(conflicts).toContainText('it now says “1968”; you wrote “1971”');
  await conflicts.getByRole('button', { name: 'Use “1971”' }).click();
  await expect(conflicts).toContainText('Nothing to decide.');
  await expect(page.getByLabel('Year', { exact: true })).toHaveValue('1971', { timeout: 5000 });
  // both values stand in the log
  await expect
    .poll(async () => {
      const j = (await (await page.request.get(`/api/jobs/${job.split('/').at(-1)}/export`)).json()) as {
        journal: { type: string; payload: object }[];
      };
      return j.journal.find((e) => e.type === 'tray.decide')?.payload;
    })
    .toMatchObject({ choice: 'mine', theirs: { year: 1968 }, yours: { year: 1971 } });
  await other.context.close();
});

test('who is working is picked with one tap and stands on the entry', async ({ bench: page }) => {
  const job = await bookIn(page);
  await page.request.post('/api/commands', {
    headers: await named(page),
    data: {
      id: crypto.randomUUID(),
      schemaVersion: 2,
      type: 'person.add',
      entity: { kind: 'person', id: '77777777-7777-4777-8777-777777777777' },
      madeAt: new Date().toISOString(),
      after: null,
      base: {},
      payload: { name: 'Tam Veley' },
    },
  });
  await page.goto(`${job}/strip`);
  await page.getByRole('button', { name: 'Working: Ines Corrow' }).click();
  await page.getByRole('menuitem', { name: 'Tam Veley' }).click();
  await page.getByLabel('Part removed').fill('Seat');
  await page.getByRole('button', { name: 'Add step' }).click();
  await expect
    .poll(async () => {
      const j = (await (await page.request.get(`/api/jobs/${job.split('/').at(-1)}/export`)).json()) as {
        journal: { type: string; actorId: string }[];
      };
      return j.journal.at(-1);
    })
    .toMatchObject({ type: 'step.add', actorId: '77777777-7777-4777-8777-777777777777' });
  await page.reload();
  await expect(page.getByRole('button', { name: 'Working: Tam Veley' })).toBeVisible();
});
