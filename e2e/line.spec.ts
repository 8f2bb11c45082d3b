import { awake, bookIn, describeBike, expect, pointsTwin, test, type Page } from './bench';

// Panels line: whatever can be entered can be said, and nothing is kept before it was shown.

const field = (page: Page) => page.getByLabel('Type a line. ? lists what you can type.');
const panel = (page: Page) => page.getByTestId('line-panel');

/** Says a line that has one meaning, sees what it means, and keeps it with Enter. */
async function say(page: Page, line: string, shown: RegExp | string): Promise<void> {
  await field(page).fill(line);
  await expect(panel(page).getByRole('button', { name: 'Save' })).toBeVisible();
  await expect(panel(page)).toContainText(shown);
  await field(page).press('Enter');
  await expect(field(page)).toHaveValue('');
  await expect(panel(page)).toContainText('Saved:');
}

test('a whole trace by the bench line alone, from the first symptom to the hand-over', async ({ bench: page }) => {
  const job = await bookIn(page, 'Marram 80', 'Kicks over, not a cough');
  await page.goto(`${job}/trace`);
  await page.keyboard.press('/');
  await expect(field(page)).toBeFocused();
  for (const [line, shown] of [
    ['four stroke', 'Strokes: four'],
    ['cylinders one', 'Cylinders: 1'],
    ['ignition points', 'Ignition: points'],
    ['six volt', 'Voltage: 6'],
    ['starting kick', 'Starting: kick'],
    ['decompressor none', 'Decompressor: none'],
    ['standing eighteen months', '18 months'],
    ['stored damp', 'Where it stood: damp'],
    ['last touched ignition by a neighbour', 'Last worked on: ignition'],
    ['symptom smells of fuel no', /: no/],
    ['agreed up to 200: find out why', 'up to 200'],
    ['turn by hand free', 'Turns freely'],
    ['caution ignition hv', 'High voltage'],
    ['predict spark look: nothing, damp points', 'Expected of Look at the spark'],
    ['comp one hundred and sixty psi', '160 psi, so: Good'],
    ['spark look nothing', 'Spark: No spark'],
    ['points look burnt', 'Contact points: Burnt'],
    ['cause points dirty', 'Cause of “Kicks over, not a cough”'],
    ['repaired cleaned the contacts, twenty minutes, 1.50', '20 min, parts 1.50'],
    ['retest gone', 'gone'],
    ['explained', 'the cause explains it'],
    ['hand over', 'handed over'],
  ] as const)
    await say(page, line, shown);
  const read = async () =>
    (await (await page.request.get(`/api/jobs/${job.split('/').at(-1)}/export`)).json()) as {
      journal: { type: string; payload: Record<string, unknown> }[];
      rows: { complaint: [{ state: string; explained: boolean }]; reading: [{ entered: string }]; job: [{ handedOverAt: string | null }] };
    };
  await expect.poll(async () => (await read()).rows.job[0].handedOverAt).not.toBeNull();
  const exported = await read();
  expect(exported.rows.complaint[0]).toMatchObject({ state: 'gone', explained: true });
  expect(exported.rows.reading[0].entered).toBe('160 psi');
  expect(exported.journal.find((e) => e.type === 'evidence.add' && e.payload.testId === 'spark-look')).toBeTruthy();
});

test('an ambiguous line shows its meanings and keeps none until one is chosen; slips are asked back', async ({ bench: page }) => {
  const job = await bookIn(page);
  await describeBike(page, job, pointsTwin);
  await page.goto(`${job}/trace`);
  await field(page).fill('comp 118 psi');
  await expect(panel(page)).toContainText('Choose one to save it.');
  await field(page).press('Enter');
  await expect(field(page)).toHaveValue('comp 118 psi');
  await expect(page.getByTestId('ledger')).not.toContainText('ompression');
  await field(page).press('ArrowDown');
  await field(page).press('ArrowDown');
  await field(page).press('Enter');
  await expect(panel(page)).toContainText('Saved: Compression, cylinder 2');
  await expect(page.getByTestId('ledger')).toContainText('Compression, cylinder 2');
  await panel(page).getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('ledger')).not.toContainText('Compression, cylinder 2');
  await field(page).fill('comp 1 118 bar');
  await expect(panel(page)).toContainText('Did you mean 118 psi?');
  await field(page).fill('comp 1 118 psi');
  await expect(panel(page).getByRole('img')).toBeVisible();
  await field(page).fill('blorb');
  await expect(panel(page)).toContainText('not understood');
});

test('it completes with this bike’s own words, and "?" lists what can be said', async ({ bench: page }) => {
  const job = await bookIn(page);
  await describeBike(page, job, pointsTwin);
  await page.goto(`${job}/strip`);
  await say(page, 'bag 7 4x m6x25 left cover', '4 × M6x25, bag 7');
  await expect(page.getByTestId('steps')).toContainText('left cover');
  await field(page).fill('back ');
  await expect(panel(page).getByRole('button', { name: 'back bag 7' })).toBeVisible();
  await field(page).press('Tab');
  await expect(field(page)).toHaveValue('back left cover ');
  await field(page).press('Enter');
  await expect(panel(page)).toContainText('bag 7 is empty');
  await say(page, 'sump plug 25 nm done', 'done');
  await say(page, 'sign sump plug', 'signed by Ines Corrow');
  await page.goto(`${job}/rebuild`);
  await expect(page.getByTestId('torques')).toContainText('sump plug');
  await field(page).fill('?');
  await expect(panel(page).getByRole('button', { name: /comp 2 118 psi cold/ })).toBeVisible();
  await panel(page)
    .getByRole('button', { name: /wait soaking bores until tomorrow 9:00/ })
    .click();
  await expect(panel(page)).toContainText('On hold, soaking: bores');
  await field(page).press('Enter');
  await page.reload();
  await awake(page);
  await expect(page.getByText('soaking: bores')).toBeVisible();
});
