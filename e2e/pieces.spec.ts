import AxeBuilder from '@axe-core/playwright';
import { awake, bookIn, expect, test } from './bench';

test('a cover closed over a missing dowel: stopped, explained, allowed by a person’s word, in the record', async ({ bench: page }) => {
  const job = await bookIn(page, 'Osprane 650', 'Clutch slips');
  await page.goto(`${job}/strip`);
  await page.getByLabel('Part removed').fill('Clutch cover');
  await page.getByLabel('Fasteners').fill('4x M6x25 cover');
  await page.getByRole('button', { name: 'Add step' }).click();
  const pieces = page.getByTestId('pieces');
  await pieces.getByRole('button', { name: 'Log a lost piece' }).click();
  await pieces.getByRole('button', { name: 'Log piece' }).click();
  await expect(pieces).toContainText('Enter the piece: dowel, circlip, roller.');
  await pieces.getByLabel('Piece', { exact: true }).fill('Dowel');
  await pieces.getByLabel('Where it may be').fill('towards the sprocket');
  await pieces.getByRole('button', { name: 'Log piece' }).click();
  await expect(pieces).toContainText('Dowel dropped and is not found.');
  await expect(pieces).toContainText('at: Clutch cover · towards the sprocket');
  expect((await new AxeBuilder({ page }).include('[data-testid="pieces"]').analyze()).violations).toEqual([]);

  // nothing turns, and nothing is closed
  await page.goto(`${job}/trace`);
  await expect(page.getByTestId('fitness').getByRole('button', { name: /^May it be turned/ })).toHaveAccessibleName(/No/);
  await page.goto(`${job}/rebuild`);
  await awake(page);
  const lost = page.getByTestId('lost-first');
  await expect(lost).toContainText('Dowel dropped and is not found');
  await page.getByRole('button', { name: 'All refitted' }).click();
  await expect(page.getByTestId('back-on').getByText('prove that it is not inside, before anything is closed')).toBeVisible();
  await expect(page.getByTestId('back-on')).toContainText('1 step, 4 fasteners');

  // a person's word goes over it, with a reason
  await lost.getByRole('button', { name: 'Close anyway' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Reason').fill('Seen falling into the drain tray');
  await dialog.getByRole('button', { name: /^Allow/ }).click();
  await expect(lost).toHaveCount(0);
  await page.getByRole('button', { name: 'All refitted' }).click();
  await expect(page.getByTestId('back-on')).not.toContainText('4 fasteners');

  // found after all, by somebody
  const open = page.getByTestId('pieces');
  await open.getByRole('button', { name: 'Found', exact: true }).click();
  await open.getByRole('button', { name: /^Account for it/ }).click();
  await expect(open).toContainText('Enter where it was found.');
  await open.getByLabel('Where it was').fill('in the drain tray');
  await open.getByRole('button', { name: /^Account for it/ }).click();
  await expect(open).toContainText('Dowel: found, in the drain tray');
  await page.goto(`${job}/record`);
  await expect(page.getByText('found: in the drain tray')).toBeVisible();
  await expect(page.getByText('Seen falling into the drain tray')).toBeVisible();
});

test('what is left over keeps everything open until its place is known; what has none is spare, and so is a part that is not wanted', async ({
  bench: page,
}) => {
  const job = await bookIn(page, 'Osprane 650', 'Clutch slips');
  await page.goto(`${job}/strip`);
  await page.getByLabel('Part removed').fill('Clutch cover');
  await page.getByRole('button', { name: 'Add step' }).click();
  await page.goto(`${job}/rebuild`);
  const pieces = page.getByTestId('pieces');
  await pieces.getByRole('button', { name: 'Log what is left over' }).click();
  await pieces.getByLabel('Piece', { exact: true }).fill('M6x25');
  await pieces.getByRole('button', { name: 'Log piece' }).click();
  await expect(pieces).toContainText('M6x25 is left over: its place is not known.');
  await page.getByRole('button', { name: 'All refitted' }).click();
  await expect(page.getByTestId('back-on').getByText('say why it has none, before anything is closed')).toBeVisible();

  await pieces.getByRole('button', { name: 'Spare', exact: true }).click();
  await pieces.getByRole('button', { name: /^Account for it/ }).click();
  await expect(pieces).toContainText('Enter why it has no place');
  await pieces.getByLabel('Why it has no place').fill('the new set has one more');
  await pieces.getByRole('button', { name: /^Account for it/ }).click();
  await expect(pieces.getByTestId('spares')).toHaveText(/M6x25: left over, the new set has one more/);
  expect((await new AxeBuilder({ page }).include('[data-testid="pieces"]').analyze()).violations).toEqual([]);
  await page.getByRole('button', { name: 'All refitted' }).click();
  await expect(page.getByTestId('lost-first')).toHaveCount(0);

  await page.goto(`${job}/parts`);
  await page.getByLabel('Part', { exact: true }).filter({ visible: true }).fill('Condenser');
  await page.getByRole('button', { name: 'Add part' }).click();
  for (const does of ['Ordered', 'Arrived', 'Spare']) await page.getByRole('button', { name: `${does}: Condenser` }).click();
  await expect(page.getByTestId('parts').getByRole('img', { name: 'Status: spare' })).toBeVisible();
  await page.goto(`${job}/record`);
  await expect(page.getByText('spare: the new set has one more')).toBeVisible();
  await expect(page.getByText('spare: bought, not wanted')).toBeVisible();
});

test('a forgotten step goes in where it belongs, and the refit follows it', async ({ bench: page }) => {
  const job = await bookIn(page, 'Osprane 650', 'Clutch slips');
  await page.goto(`${job}/strip`);
  const add = async (part: string) => {
    await page.getByTestId('step-form').getByLabel('Part removed').fill(part);
    await page.getByRole('button', { name: 'Add step' }).click();
    await expect(page.getByTestId('steps').getByText(part, { exact: true })).toBeVisible();
  };
  await add('Tank');
  await add('Airbox');
  await page.getByTestId('step-form').getByRole('button', { name: 'More', exact: true }).click();
  await page.getByLabel('Came off before (if forgotten)').click();
  await page.getByRole('option', { name: 'Airbox' }).click();
  await add('Breather hose');
  const off = page.getByTestId('steps').getByRole('listitem');
  await expect(off).toHaveText([/^Airbox/, /^Breather hose/, /^Tank/]);
  await page.goto(`${job}/rebuild`);
  await expect(page.getByTestId('back-on').getByRole('button', { name: /^(Airbox|Breather hose|Tank)$/ })).toHaveText([
    'Airbox',
    'Breather hose',
    'Tank',
  ]);

  // moved again, put right and taken back
  await page.goto(`${job}/strip`);
  await page.getByRole('button', { name: 'Edit: Breather hose' }).click();
  await page.getByTestId('steps').getByLabel('Came off before').click();
  await page.getByRole('option', { name: 'Tank' }).click();
  await expect(off).toHaveText([/^Airbox/, /^Tank/, /^Breather hose/]);
  await page.getByTestId('steps').getByLabel('Part removed').fill('Side panel');
  await page.getByTestId('steps').getByLabel('Part removed').press('Enter');
  await expect(off).toHaveText([/^Airbox/, /^Tank/, /^Side panel/]);
  await page.getByRole('button', { name: /^Undo:/ }).click();
  await page.getByRole('button', { name: /^Undo:/ }).click();
  await expect(off).toHaveText([/^Airbox/, /^Breather hose/, /^Tank/]);
});

test('without a server too: a lost piece stands in the way at once, and is sent later', async ({ bench: page, context }) => {
  const job = await bookIn(page, 'Osprane 650', 'Clutch slips');
  await page.goto(`${job}/strip`);
  await awake(page);
  await context.setOffline(true);
  await page.getByRole('button', { name: 'Log a lost piece' }).click();
  await page.getByLabel('Piece', { exact: true }).fill('Circlip');
  await page.getByRole('button', { name: 'Missing' }).click();
  await page.getByRole('button', { name: 'Log piece' }).click();
  await expect(page.getByTestId('pieces')).toContainText('Circlip is missing and not accounted for.');
  await context.setOffline(false);
  await expect
    .poll(async () => (await (await page.request.get(`/api${job.replace('/job/', '/jobs/')}`)).text()).includes('Circlip'), {
      timeout: 30_000,
    })
    .toBe(true);
});
