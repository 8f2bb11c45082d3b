import { headingOf } from '../src/core/knowledge';
import { readKnowledge } from '../src/server/knowledge/load';
import { answerBy } from '../test/fixtures/answer';
import { awake, bookIn, describeBike, expect, probability, ranked, test, type Page } from './bench';

const { knowledge } = readKnowledge('knowledge');

interface Hidden {
  fault: string;
  at: string | null;
}

/** Books in a bike whose owner says this; the symptom is found by those words. */
async function complain(page: Page, words: string, symptom: string): Promise<string> {
  const job = await bookIn(page, 'Osprane 650', words);
  await page.goto(`${job}/trace`);
  await page.getByRole('button', { name: 'Symptoms', exact: true }).click();
  const group = (name: string) => page.getByRole('group', { name, exact: true }).first();
  await group('Turns over but will not start').getByRole('button', { name: 'yes' }).click();
  await group(symptom).getByRole('button', { name: 'yes' }).click();
  await page.getByRole('button', { name: 'Symptoms', exact: true }).click();
  return job;
}

/** Does what is advised, answered as the hidden faults show, until the complaint is gone. Returns what was repaired. */
async function followAdvice(page: Page, hidden: Hidden[], comesAndGoes = false): Promise<string[]> {
  const repaired: string[] = [];
  for (let n = 0; n < 40; n++) {
    await ranked(page);
    const repair = page.getByTestId('repair-card');
    const card = page.getByTestId('test-card');
    await expect(
      repair
        .or(card)
        .or(page.getByRole('heading', { name: 'Nothing to trace' }))
        .first(),
    ).toBeVisible();
    if (await repair.isVisible()) {
      const title = (await repair.getByRole('heading').first().innerText()).replace(/^Repair: /, '');
      await repair.getByRole('button', { name: 'Log the repair' }).click();
      const dialog = page.getByRole('dialog');
      const understood = dialog.getByRole('button', { name: 'Understood' });
      if (await understood.isVisible()) await understood.click();
      // How long it took is what was done, never what is usual.
      await dialog.getByLabel('Minutes').fill('30');
      await dialog.getByRole('button', { name: 'Log the repair' }).click();
      const name = title.replace(/, cylinder \d$/, '');
      const mended = knowledge.faults.find((f) => f.name === name)!.id;
      repaired.push(mended);
      const left = hidden.filter((h) => !repaired.includes(h.fault));
      await page
        .getByTestId('retest-card')
        .getByRole('button', { name: left.length ? 'The same' : 'Gone', exact: true })
        .click();
      if (left.length === 0) return repaired;
      continue;
    }
    const title = await card.getByRole('heading').first().innerText();
    const position = /, cylinder (\d)$/.exec(title)?.[1] ?? null;
    const t = knowledge.tests.find((x) => x.name === title.replace(/, cylinder \d$/, ''))!;
    const understood = card.getByRole('button', { name: 'Understood' });
    if (await understood.isVisible()) await understood.click();
    const left = hidden.filter((h) => !repaired.includes(h.fault));
    const id = answerBy(
      knowledge.findings,
      left.map((h) => ({ fault: knowledge.faults.find((f) => f.id === h.fault)!, at: h.at })),
      t,
      position,
    );
    const outcome = t.outcomes.find((o) => o.id === id)!;
    if (t.measure) {
      await card.getByRole('combobox', { name: 'Couldn’t test, and why' }).click();
      await page.getByRole('option', { name: 'No tool for it' }).click();
    } else if (comesAndGoes && !outcome.normal) await card.getByRole('button', { name: 'Intermittent' }).last().click();
    else await card.getByRole('button', { name: outcome.says, exact: true }).click();
    await expect(page.getByTestId('ledger')).toContainText(headingOf(t));
    // The next question comes with the new ranking.
    await expect.poll(async () => (await card.getByRole('heading').allInnerTexts())[0]).not.toBe(title);
  }
  throw new Error('the advice did not lead to a cure');
}

const four = { archetype: 'faired-four', fuelling: 'carburettor', clutch: 'cable', cylinders: 4 };

test('an overheating four, from the owner’s words to the cure', async ({ bench: page }) => {
  test.setTimeout(300_000);
  const job = await complain(page, 'temperature climbs and it boils in traffic', 'Overheats');
  await describeBike(page, job, four);
  await page.goto(`${job}/trace`);
  expect(await followAdvice(page, [{ fault: 'thermostat-shut', at: null }])).toContain('thermostat-shut');
  await expect(page.getByRole('checkbox', { name: 'Symptom gone' })).toBeChecked();
});

test('a clutch that drags for two reasons: one repair is not enough', async ({ bench: page }) => {
  test.setTimeout(400_000);
  const job = await complain(page, 'creeps with the lever in', 'Clutch drags');
  await describeBike(page, job, { ...four, archetype: 'air-twin', cylinders: 2 });
  await page.goto(`${job}/trace`);
  const repaired = await followAdvice(page, [
    { fault: 'clutch-too-much-play', at: null },
    { fault: 'basket-notched', at: null },
  ]);
  expect(repaired).toEqual(expect.arrayContaining(['clutch-too-much-play', 'basket-notched']));
});

test('electrics that come and go: the harness is found by what intermittent', async ({ bench: page }) => {
  test.setTimeout(300_000);
  const job = await complain(page, 'lights flicker and it cuts out over bumps', 'Electrics come and go');
  await describeBike(page, job, { ...four, archetype: 'air-twin', cylinders: 2 });
  await page.goto(`${job}/trace`);
  expect(await followAdvice(page, [{ fault: 'harness-chafed', at: null }], true)).toContain('harness-chafed');
});

test('a theory is refuted before money is spent on it', async ({ bench: page }) => {
  test.setTimeout(300_000);
  const job = await complain(page, 'grinds and screams when I press the button', 'Noise from the starter');
  await describeBike(page, job, { ...four, starting: 'electric' });
  await page.goto(`${job}/trace`);
  await awake(page);
  await ranked(page);
  const before = await probability(page, 'starter-clutch');
  await page
    .getByTestId('suspects')
    .getByRole('button', { name: /^Starter clutch slips/ })
    .click();
  await expect(page.getByTestId('theory')).toContainText('Starter whirrs, engine stands: not looked for yet');
  await expect(page.getByTestId('theory')).toContainText(/now wastes, on average, \d+/);
  await page.getByRole('button', { name: /^Rule it out/ }).click();
  const card = page.getByTestId('test-card');
  // The test that refutes it best may be the one that is advised anyway.
  await expect(card).toContainText(/Your choice|Worth doing next/);
  const understood = card.getByRole('button', { name: 'Understood' });
  if (await understood.isVisible()) await understood.click();
  const title = await card.getByRole('heading').first().innerText();
  const t = knowledge.tests.find((x) => x.name === title)!;
  await card.getByRole('button', { name: t.outcomes.find((o) => o.normal)!.says, exact: true }).click();
  await ranked(page);
  await page.getByRole('button', { name: 'Show all' }).click();
  await expect.poll(() => probability(page, 'starter-clutch')).toBeLessThan(before / 2);
});
