import AxeBuilder from '@axe-core/playwright';
import { awake, bookIn, describeBike, expect, pointsTwin, test } from './bench';

test('a finding in a word of wear: part and cylinder decide the fault, the verdict brings its work, the tracer knows it', async ({
  bench: page,
}) => {
  const job = await bookIn(page, 'Osprane 650', 'Low on power');
  await describeBike(page, job, pointsTwin);
  await page.goto(`${job}/strip`);
  await page.getByLabel('Part removed').fill('Barrel and piston');
  await page.getByRole('button', { name: 'Add step' }).click();
  const form = page.getByTestId('finding-form');
  await form.getByLabel('Part', { exact: true }).fill('Piston');
  await form.getByRole('button', { name: 'scored', exact: true }).click();
  await expect(form).toContainText('a fingernail catches');
  await expect(form.getByLabel('Condition')).toHaveValue('scored');
  // A twin has two of them: nothing is said of either before it is said which.
  await expect(form).toContainText('Evidence on no suspect');
  await form.getByRole('group', { name: 'Cylinder' }).getByRole('button', { name: '2' }).click();
  await expect(form).toContainText('Evidence on: Bore scored by a smeared piston, cylinder 2');
  await expect(form.getByRole('button', { name: 'watch', exact: true })).toHaveAttribute('aria-pressed', 'true');
  expect((await new AxeBuilder({ page }).include('[data-testid="finding-form"]').analyze()).violations).toEqual([]);
  await form.getByRole('button', { name: 'replace', exact: true }).click();
  await expect(form.getByRole('checkbox', { name: 'Put it on the list of parts' })).toBeChecked();
  await expect(
    form.getByRole('checkbox', { name: 'New with it, on the list of parts: piston circlips, base gasket, head gasket' }),
  ).toBeChecked();
  await form.getByRole('button', { name: 'Add finding' }).click();
  await expect(page.getByTestId('findings')).toContainText('Evidence on: Bore scored by a smeared piston, cylinder 2');

  // one press takes the finding and its part back
  await page.goto(`${job}/parts`);
  await awake(page);
  for (const name of ['Piston', 'Piston circlips', 'Base gasket', 'Head gasket'])
    await expect(page.getByTestId('parts').getByText(name, { exact: true })).toBeVisible();
  await page.getByRole('button', { name: /^Undo: / }).click();
  await expect(page.getByTestId('parts')).not.toContainText('Piston');
  await page.getByRole('button', { name: 'Redo', exact: true }).click();
  await expect(page.getByTestId('parts')).toContainText('Piston');
  await page.goto(`${job}/trace`);
  await awake(page);
  await expect(page.getByTestId('suspects')).toContainText('Bore scored by a smeared piston, cylinder 2');

  // what is cleaned keeps its step waiting, and a sign of the last hand goes to the history
  await page.goto(`${job}/strip`);
  await form.getByLabel('Part', { exact: true }).fill('Piston crown');
  await form.getByRole('button', { name: 'coked', exact: true }).click();
  await form.getByRole('button', { name: 'Add finding' }).click();
  await expect(page.getByTestId('treated')).toContainText('Piston crown');
  await page.getByTestId('treated').getByRole('button', { name: 'Clean: Piston crown' }).click();
  await page.getByTestId('treated').getByRole('button', { name: 'That is all' }).click();
  await expect(page.getByTestId('treated').getByRole('alert')).toContainText('Tap all that is on it.');
  await page.getByTestId('treated').getByRole('button', { name: 'Aluminium', exact: true }).click();
  await page.getByTestId('treated').getByRole('button', { name: 'That is all' }).click();
  await expect(page.getByTestId('clean-with')).toContainText('Not caustic soda');

  // what is on the list already is not bought twice, and what is not wanted new is unticked
  await form.getByLabel('Part', { exact: true }).fill('Exhaust valve');
  await form.getByRole('button', { name: 'burnt', exact: true }).click();
  await form.getByRole('group', { name: 'Cylinder' }).getByRole('button', { name: '1' }).click();
  await form.getByRole('checkbox', { name: 'New with it, on the list of parts: valve stem seal' }).uncheck();
  await form.getByRole('button', { name: 'Add finding' }).click();
  await expect(page.getByTestId('findings')).toContainText('Exhaust valve');

  await form.getByLabel('Part', { exact: true }).fill('Barrel');
  await form.getByRole('combobox', { name: 'Shows of the past' }).click();
  await page.getByRole('option', { name: 'Sealant where a gasket belongs' }).click();
  await form.getByRole('combobox', { name: 'The last hand worked on' }).click();
  await page.getByRole('option', { name: 'Cylinder, head or piston' }).click();
  await form.getByRole('button', { name: 'Add finding' }).click();
  await expect(page.getByTestId('findings')).toContainText('Of the past: Sealant where a gasket belongs');
  await page.goto(`${job}/book-in`);
  await awake(page);
  await expect(page.getByRole('button', { name: 'Cylinder, head or piston' })).toHaveAttribute('aria-pressed', 'true');
  await page.goto(`${job}/parts`);
  const names = page.getByTestId('parts').getByText(/^(Exhaust valve|Valve stem seal|Head gasket)$/);
  await expect(names).toHaveText(['Head gasket', 'Exhaust valve']);
});

test('a part that is not the maker’s: as found, manual, chosen; what it brings is told at the start and stands in the record', async ({
  bench: page,
}) => {
  const job = await bookIn(page, 'Osprane 650', 'Low on power');
  await describeBike(page, job, pointsTwin);
  await page.goto(`${job}/parts`);
  const card = page.getByTestId('substitutes');
  await card.getByRole('button', { name: 'Add a part or setting' }).click();
  await card.getByRole('button', { name: 'Save' }).click();
  await expect(card).toContainText('Which part or setting?');
  await card.getByLabel('Part or setting').fill('Ignition');
  await card.getByLabel('As found').fill('points, worn');
  await card.getByLabel('Manual').fill('points 0.35 mm');
  await card.getByLabel('As chosen').fill('electronic unit');
  await card.getByLabel('Changed to fit').fill('plate slots opened out');
  await card.getByRole('combobox', { name: 'What it brings' }).fill('elec');
  await page.getByRole('option', { name: 'Electronic ignition in place of points' }).click();
  await page.keyboard.press('Escape');
  expect((await new AxeBuilder({ page }).include('[data-testid="substitutes"]').analyze()).violations).toEqual([]);
  await card.getByRole('button', { name: 'Save' }).click();
  await expect(card).toContainText('plate slots opened out');
  // the bike has no points any more, so that the tracer asks for none
  await page.goto(`${job}/book-in`);
  await awake(page);
  await expect(page.getByRole('button', { name: 'electronic', exact: true })).toHaveAttribute('aria-pressed', 'true');
  await page.goto(`${job}/start`);
  await awake(page);
  await expect(page.getByTestId('side-effects')).toContainText('Every plug earthed before it is cranked');
  await page.goto(`${job}/record`);
  await expect(page.getByText('Ignition: electronic unit')).toBeVisible();
  await expect(page.getByText(/as found points, worn; manual points 0\.35 mm; changed to fit: plate slots opened out/)).toBeVisible();
  await page.goto(`${job}/parts`);
  await card.getByRole('button', { name: 'As the manual again: Ignition' }).click();
  await expect(card).toContainText('as the manual has it again');
  await page.goto(`${job}/start`);
  await awake(page);
  await expect(page.getByTestId('side-effects')).toHaveCount(0);
});
