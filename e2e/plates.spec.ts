import { awake, bookIn, expect, test, type Page } from './bench';

const plate = async (page: Page, n: number, what: string) => {
  await page.getByRole('combobox', { name: `What, ${n}`, exact: true }).click();
  await page.getByRole('option', { name: what, exact: true }).click();
};

test('a clutch refitted with a plate wrong: its panel says so, the cover stays open until the stack is right', async ({ bench: page }) => {
  const job = await bookIn(page, 'Osprane 650', 'Clutch slips');
  await page.goto(`${job}/strip`);
  await page.getByRole('button', { name: 'Usual job' }).click();
  await page.getByRole('combobox', { name: 'Usual job' }).click();
  await page.getByRole('option', { name: 'Clutch', exact: true }).click();
  const step = page.getByTestId('usual-step');
  await expect(step).toContainText('Engine oil');
  await page.getByRole('button', { name: 'Leave out: Engine oil' }).click();
  await expect(step).toContainText('Clutch cover');
  await page.getByRole('button', { name: 'Add step' }).click();
  await expect(page.getByTestId('steps')).toContainText('Clutch cover');

  // as it came off: the panel notes the stack at the step
  await page.goto(`${job}/measure?panel=clutch-order`);
  await awake(page);
  for (const [i, what] of ['friction', 'steel', 'friction', 'steel', 'narrow friction'].entries()) await plate(page, i + 1, what);
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByTestId('panel')).toContainText('note for the refit');

  // as it goes back, with one steel plate forgotten
  await page.goto(`${job}/rebuild`);
  await awake(page);
  const refit = page.getByTestId('refit-step').filter({ hasText: 'Clutch cover' });
  await expect(refit).toContainText('Plate stack: friction; steel; friction; steel; narrow friction');
  await refit.getByRole('link', { name: 'Measure: Clutch plates in their order, none short, no two friction plates together' }).click();
  const panel = page.getByTestId('panel');
  await panel.getByRole('button', { name: 'Fill in as it came off' }).click();
  await page.getByRole('combobox', { name: 'It is', exact: true }).click();
  await page.getByRole('option', { name: 'as it goes back' }).click();
  await expect(panel).toContainText('3 friction, 2 steel, as they came off.');
  await plate(page, 4, 'friction');
  await expect(panel).toContainText('Do not close it: the stack is not right.');
  await expect(panel).toContainText('2 steel plates came off, 1 goes back: 1 short.');
  await panel.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(panel).toContainText('Saved');
  await page.goto(`${job}/rebuild`);
  await awake(page);
  await refit.getByRole('button', { name: 'Checked: Thrust washers and pushrod in place' }).click();
  await refit.getByRole('button', { name: 'All refitted' }).click();
  await expect(refit.getByText(/Owed before it is closed: Clutch plates in their order/)).toBeVisible();

  // put right, it closes
  await refit.getByRole('link', { name: 'Measure: Clutch plates in their order, none short, no two friction plates together' }).click();
  await panel.getByRole('button', { name: 'Fill in as it came off' }).click();
  await page.getByRole('combobox', { name: 'It is', exact: true }).click();
  await page.getByRole('option', { name: 'as it goes back' }).click();
  await panel.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(panel).toContainText('Saved');
  await page.goto(`${job}/rebuild`);
  await awake(page);
  await expect(refit).toContainText('no two friction plates together: 3 friction, 2 steel');
  await refit.getByRole('button', { name: 'All refitted' }).click();
  await expect(page.getByTestId('back-on')).toContainText('Everything logged is refitted.');

  // and what came off comes off again as it did the last time
  await page.goto(`${job}/strip`);
  await page.getByRole('button', { name: 'Usual job' }).click();
  await page.getByRole('combobox', { name: 'Usual job' }).click();
  await page.getByRole('option', { name: 'As it came off the last time' }).click();
  await expect(step).toContainText('As it came off the last time, step 1 of 1: Clutch cover');
  await expect(page.getByText('last time: friction; steel; friction; steel; narrow friction')).toBeVisible();
  await page.getByRole('button', { name: 'Add step' }).click();
  await page.goto(`${job}/rebuild`);
  await awake(page);
  // It knows what the usual job knows.
  await expect(refit).toContainText('New: Clutch cover gasket');
});
