import AxeBuilder from '@axe-core/playwright';
import { awake, bookIn, describeBike, expect, pointsTwin, type Page } from './bench';
import { overLine as test } from './networkLine';

const card = (page: Page) => page.getByTestId('connections');

async function log(page: Page, from: string, to: string, colour: string): Promise<void> {
  const box = (name: string) => card(page).getByRole('textbox', { name, exact: true });
  await box('From').fill(from);
  await box('To').fill(to);
  await box('Colour').fill(colour);
}
const add = (page: Page) => card(page).getByRole('button', { name: 'Add connection' }).click();

test('wires of two colours, parted with their marks lost: only pairings within a colour, the tried struck off, offline too', async ({
  bench: page,
  line,
}) => {
  const job = await bookIn(page, 'Osprane 650', 'No spark');
  await describeBike(page, job, pointsTwin);
  await page.goto(`${job}/strip`);
  await page.getByLabel('Part removed').fill('Ignition unit');
  await page.getByRole('button', { name: 'Add step' }).click();
  await card(page).getByRole('button', { name: 'Log a connection' }).click();
  await add(page);
  await expect(card(page)).toContainText('Enter where it comes from.');
  await log(page, 'Ignition unit, pin 1', 'Coil 1', 'orange');
  await add(page);
  await log(page, 'Ignition unit, pin 2', 'Coil 2', 'Orange');
  await expect(card(page)).toContainText('Ignition unit, pin 1 has the same colour. Mark this one on both sides');
  await add(page);
  await log(page, 'Ignition unit, pin 3', 'Pick-up left', 'black/white');
  await add(page);
  await log(page, 'Ignition unit, pin 4', 'Pick-up right', 'black with white');
  await add(page);
  await log(page, 'Ignition unit, pin 5', 'Frame lug', 'green');
  await add(page);
  await card(page).getByRole('button', { name: 'Done' }).click();
  await expect(card(page)).toContainText('5 disconnected');
  // two colours of two: four, not twenty-four
  await expect(card(page)).toContainText('4 pairings within each colour, 4 not tried');
  await card(page).getByRole('button', { name: 'Try pairings' }).click();
  const pairings = page.getByTestId('pairings');
  await expect(pairings).toContainText('All plugs earthed on the engine');
  await pairings.getByRole('button', { name: 'Understood' }).click();
  await expect(pairings).toContainText('Ignition unit, pin 1 on Coil 1');
  expect((await new AxeBuilder({ page }).include('[data-testid="connections"]').analyze()).violations).toEqual([]);

  await line.cut();
  await pairings.getByRole('button', { name: 'No change' }).click();
  await expect(pairings).toContainText('4 pairings within each colour, 3 not tried');
  await expect(pairings.getByRole('list', { name: 'Pairings tried' })).toContainText('no change');
  await line.mend();

  // the next one works: it is the record from then on, and nothing is left to pair
  const now = await pairings.getByRole('list', { name: 'Try next' }).getByRole('listitem').first().innerText();
  await pairings.getByRole('button', { name: 'Works' }).click();
  await expect(pairings).toHaveCount(0);
  await expect(card(page)).toContainText('1 disconnected');
  const [pin, end] = now.split(' on ');
  await expect(
    card(page)
      .getByTestId('connection')
      .filter({ hasText: `${pin.split(', ')[1]} → ${end}` }),
  ).toContainText('Connected');

  // one on the wrong end: the step is not closed over it, and the engine is not cranked
  await card(page).getByRole('button', { name: 'Connect elsewhere: green, Ignition unit, pin 5' }).click();
  await card(page).getByLabel('On which end').fill('Main fuse');
  await card(page).getByRole('button', { name: 'Save', exact: true }).click();
  await expect(card(page)).toContainText('On Main fuse: crossed');
  await page.goto(`${job}/rebuild`);
  await awake(page);
  // What was entered just before the page was left is there as well.
  await expect(card(page)).toContainText('On Main fuse: crossed');
  await page.getByRole('button', { name: 'All refitted' }).click();
  await expect(page.getByTestId('back-on').getByText(/Owed before it is closed: green, Ignition unit, pin 5: on Main fuse/)).toBeVisible();
  await card(page).getByRole('button', { name: 'Disconnect: green, Ignition unit, pin 5' }).click();
  await card(page).getByRole('button', { name: 'Connect: green, Ignition unit, pin 5' }).click();
  await page.getByRole('button', { name: 'All refitted' }).click();
  await expect(page.getByTestId('back-on')).toContainText('Everything logged is refitted.');
  // the tracer has it as well
  await page.goto(`${job}/record`);
  await expect(page.getByText(/This pairing brings it back/).first()).toBeVisible();
  await expect(page.getByText('on Frame lug')).toBeVisible();
  await expect(page.getByText('Pairing tried').first()).toBeVisible();
});

test('earths and connectors one after the other: what each lost, and what is left', async ({ bench: page }) => {
  const job = await bookIn(page, 'Osprane 650', 'Lamps dim');
  await page.goto(`${job}/rebuild`);
  await awake(page);
  const joints = page.getByTestId('joints');
  await joints.getByRole('button', { name: 'List its joints' }).click();
  const row = joints.getByTestId('joint').filter({ hasText: 'Engine to frame strap' });
  const all = await joints.getByTestId('joint').count();
  await expect(joints).toContainText(`${all} joints, ${all} left`);
  await row.getByLabel('Before: Engine to frame strap').fill('0.4O');
  await row.getByLabel('Before: Engine to frame strap').press('Tab');
  await expect(row.getByRole('alert')).toBeVisible();
  await row.getByLabel('Before: Engine to frame strap').fill('0.4');
  await row.getByLabel('Before: Engine to frame strap').press('Tab');
  await expect(row).toContainText('Over the limit');
  await row.getByLabel('After: Engine to frame strap').fill('30 mV');
  await row.getByLabel('After: Engine to frame strap').press('Tab');
  await expect(row).not.toContainText('Over the limit');
  await expect(joints).toContainText(`${all} joints, ${all - 1} left`);
});
