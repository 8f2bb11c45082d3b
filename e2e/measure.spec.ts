import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import AxeBuilder from '@axe-core/playwright';
import { bookIn, describeBike, expect, pointsTwin, ranked, test, type Page } from './bench';

// The measuring bench: typed once, judged at once, kept as readings, handed to the tracer.

/** Types figures into a panel's fields by their ids. */
async function type(page: Page, figures: Record<string, string>): Promise<void> {
  for (const [id, text] of Object.entries(figures)) await page.locator(`[data-field="${id}"]`).fill(text);
}
async function pull(page: Page, label: string, text: string): Promise<void> {
  await page.getByRole('combobox', { name: label, exact: true }).click();
  await page.getByRole('option', { name: text, exact: true }).click();
}
const verdict = (page: Page) => page.getByTestId('verdict');
const keep = (page: Page) => page.getByRole('button', { name: 'Save', exact: true }).click();

const four = {
  ...pointsTwin,
  cylinders: 4,
  cooling: 'liquid',
  ignition: 'electronic',
  voltage: 12,
  starting: 'electric',
  clutch: 'hydraulic',
};

test('compression: from the gauge to the ranking, with a slip of the unit caught at the field', async ({ bench: page }) => {
  const job = await bookIn(page);
  await describeBike(page, job, pointsTwin);
  await page.goto(`${job}/measure`);
  await page.getByTestId('rack').getByRole('link', { name: 'Compression' }).click();
  const panel = page.getByTestId('panel');
  await panel.getByRole('button', { name: 'Understood' }).click();
  await page.getByRole('combobox', { name: 'Unit of Peak, dry' }).click();
  await page.getByRole('option', { name: 'bar', exact: true }).click();
  await type(page, { 'dry#1': '118' });
  await expect(panel.getByRole('alert')).toContainText('118 bar cannot be right here');
  await panel.getByRole('button', { name: '118 psi' }).click();
  await type(page, { 'dry#1': '80 psi', 'dry#2': '11,6' });
  await expect(panel.getByRole('alert')).toContainText('A comma');
  await keep(page);
  await expect(panel.getByText('One value cannot be read')).toBeVisible();
  await panel.getByRole('button', { name: '11.6', exact: true }).click();
  await expect(verdict(page)).toContainText('Cylinder 1 is low');
  // straight down the list with Enter
  await page.locator('[data-field="dry#1"]').focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-field="dry#2"]')).toBeFocused();
  await type(page, { 'wet#1': '125' });
  await expect(verdict(page)).toContainText('rings or bore');
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  // on paper the panel stands without the bar, the stages and the line
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('banner')).toBeHidden();
  await expect(page.getByRole('navigation', { name: 'Stages of this job' })).toBeHidden();
  await expect(verdict(page)).toBeVisible();
  await page.emulateMedia({ media: 'screen' });
  // what was typed is still there after a reload
  await page.reload();
  await expect(page.locator('[data-field="wet#1"]')).toHaveValue('125');
  await keep(page);
  await expect(panel.getByText(/Saved: 3 readings, 3 results for the tracer/)).toBeVisible();
  await page.goto(`${job}/trace`);
  await ranked(page);
  await expect(page.getByTestId('ledger')).toContainText('Compression, cylinder 1: Low');
  await expect(page.getByTestId('ledger')).toContainText('Rises clearly');
  await expect(page.locator('[data-suspect^="rings-"]').first()).toBeVisible();
  // and one way back
  await page.goto(`${job}/measure`);
  await expect(page.getByTestId('readings').getByRole('img', { name: /80 psi/ })).toBeVisible();
});

test('sixteen valves on shims: the fewest to buy, and where each shim goes', async ({ bench: page }) => {
  const job = await bookIn(page, 'Osprane 650');
  await describeBike(page, job, four);
  await page.goto(`${job}/measure?panel=valves-shims`);
  await pull(page, 'Valves in a cylinder', 'four');
  await type(page, { 'in-low': '0.10', 'in-high': '0.20', 'ex-low': '0.20', 'ex-high': '0.30' });
  for (const c of ['1', '2', '3', '4'])
    for (const v of ['a', 'b'])
      await type(page, {
        [`found#in-${c}${v}`]: '0.15',
        [`shim#in-${c}${v}`]: '2.50',
        [`found#ex-${c}${v}`]: '0.25',
        [`shim#ex-${c}${v}`]: '2.45',
      });
  await expect(verdict(page)).toContainText('every shim stays');
  // one tight and one loose of a kind change places; one more has to be bought
  await type(page, {
    'found#in-1a': '0.05',
    'shim#in-1a': '2.60',
    'found#in-3b': '0.25',
    'shim#in-3b': '2.50',
    'found#ex-2a': '0.36-0.38',
    'shim#ex-2a': '2.40',
  });
  await expect(verdict(page)).toContainText('3 to change, 1 to buy: 2.525');
  const panel = page.getByTestId('panel');
  await expect(panel.getByText('In 1a: 2.50 from In 3b, gives 0.150 mm')).toBeVisible();
  await expect(panel.getByText('In 3b: 2.60 from In 1a, gives 0.150 mm')).toBeVisible();
  await expect(panel.getByText('Ex 2a: 2.525, to buy, gives 0.235 to 0.255 mm')).toBeVisible();
  await type(page, { 'shim#in-3b': '' });
  await expect(verdict(page)).toContainText('In 3b: Out of its band, and its shim is not known');
});

test('four carburettors: which screw next, until it is good enough', async ({ bench: page }) => {
  const job = await bookIn(page, 'Osprane 650');
  await describeBike(page, job, four);
  await page.goto(`${job}/measure?panel=balance`);
  await type(page, { 'vacuum#1': '20', 'vacuum#2': '25', 'vacuum#3': '22', 'vacuum#4': '22' });
  await expect(verdict(page)).toContainText('The screw between 1 and 2: 2 shows more vacuum');
  await type(page, { 'vacuum#1': '24', 'vacuum#2': '24', 'vacuum#3': '21', 'vacuum#4': '21' });
  await expect(verdict(page)).toContainText('pair against pair');
  await type(page, { 'vacuum#1': '22.4', 'vacuum#2': '22.5', 'vacuum#3': '22', 'vacuum#4': '22.1' });
  await expect(verdict(page)).toContainText('Good enough');
  await expect(page.getByRole('img', { name: /1: 22\.4 cmHg/ })).toBeVisible();
  await keep(page);
  await expect(page.getByTestId('panel').getByText(/Saved: 4 readings/)).toBeVisible();
  // kept figures stand in the history at once
  await expect(page.getByRole('heading', { name: 'Earlier on this bike' })).toBeVisible();
});

test('a bore: from the gauge to the decision, out as a file and in again', async ({ bench: page }) => {
  const job = await bookIn(page);
  await describeBike(page, job, pointsTwin);
  await page.goto(`${job}/measure?panel=bore`);
  await type(page, {
    'along#top': '64.03',
    'across#top': '64.22',
    'along#middle': '64.02',
    'across#middle': '64.10',
    'along#bottom': '64.01',
    'across#bottom': '64.02',
    piston: '63.95',
    standard: '64',
    most: '0.10',
  });
  await expect(verdict(page)).toContainText('Iron or plated?');
  await pull(page, 'Wall', 'iron or steel');
  await page.getByRole('textbox', { name: 'Pistons to be had, over' }).fill('0.25 0.50 1.00');
  await expect(verdict(page)).toContainText('Bore to 64.50 mm, piston 0.50 mm over.');
  await pull(page, 'Wall', 'plated aluminium');
  await expect(verdict(page)).toContainText('Plate anew');
  await expect(page.getByRole('img', { name: /Bore from the top down/ })).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export CSV' }).click();
  const path = await (await download).path();
  await page.getByRole('button', { name: 'Clear' }).click();
  await expect(page.locator('[data-field="piston"]')).toHaveValue('');
  await page.getByLabel('Import a panel from a file').setInputFiles({ name: 'bore.csv', mimeType: 'text/csv', buffer: readFileSync(path) });
  await expect(page.locator('[data-field="piston"]')).toHaveValue('63.95');
  await expect(verdict(page)).toContainText('Plate anew');
  await page
    .getByLabel('Import a panel from a file')
    .setInputFiles({ name: 'x.csv', mimeType: 'text/csv', buffer: Buffer.from('some,thing\n1,2') });
  await expect(page.getByTestId('panel').getByText('Its first line has to be')).toBeVisible();
});

test('a voltage-drop hunt without a network: the joint that loses it, and nothing lost', async ({ bench: page }) => {
  const job = await bookIn(page);
  await describeBike(page, job, { ...pointsTwin, voltage: 12 });
  await page.goto(`${job}/measure`);
  await page.context().setOffline(true);
  await page.getByTestId('rack').getByRole('link', { name: 'Voltage drop' }).click();
  for (const [i, [name, volts]] of [
    ['battery', '12.4'],
    ['fuse', '12.35'],
    ['switch', '11.15'],
    ['coil', '11.1'],
  ].entries()) {
    await page.getByRole('textbox', { name: `Where, Point ${i + 1}` }).fill(name);
    await type(page, { [`volts#${i + 1}`]: volts });
  }
  await type(page, { current: '4' });
  await expect(verdict(page)).toContainText('fuse to switch loses 1.20 V, 92 % of all that is lost');
  await expect(page.getByText('0.300 ohm, 4.8 W of heat')).toBeVisible();
  await page.getByRole('button', { name: 'Panels' }).click();
  await expect(page.getByTestId('rack')).toBeVisible();
  await page.context().setOffline(false);
});

test('four carburettors on the simulated columns: the screw that is named is turned until it is good, then taken with one key', async ({
  bench: page,
}) => {
  const job = await bookIn(page, 'Osprane 650');
  await describeBike(page, job, four);
  await page.goto(`${job}/measure?panel=balance`);
  await page.getByRole('button', { name: 'Vacuum columns, simulated' }).click();
  const instrument = page.getByTestId('instrument');
  await expect(instrument.getByRole('img', { name: /Column 4: [\d.]+ cmHg/ })).toBeVisible();
  await expect(verdict(page)).not.toContainText('Nothing to work out');
  for (let turn = 0; turn < 40; turn++) {
    const words = await verdict(page).innerText();
    if (words.startsWith('Good enough')) break;
    // More is drawn on one side of the screw: out takes it from what stands after, in from what stands before.
    const [, name, more] = /^The screw (.*?): ([\d and]+) shows?/.exec(words)!;
    const after = { 'between 1 and 2': '1', 'between 3 and 4': '4', 'in the middle, pair against pair': '3 and 4' }[name];
    const label = { 'between 1 and 2': 'Screw 1–2', 'between 3 and 4': 'Screw 3–4' }[name] ?? 'Screw in the middle';
    const screw = instrument.getByRole('group', { name: label });
    await screw.getByRole('button', { name: more === after ? /eighth out/ : /eighth in/ }).click();
    // The columns settle over a second: the next answer comes from other readings.
    const seen = await instrument.getByRole('img', { name: /^Column/ }).allInnerTexts();
    await expect.poll(() => instrument.getByRole('img', { name: /^Column/ }).allInnerTexts()).not.toEqual(seen);
  }
  await expect(verdict(page)).toContainText('Good enough');
  await page.keyboard.press('F2');
  await expect(page.getByTestId('panel').getByText(/Taken: [\d.]+ cmHg/)).toBeVisible();
  await expect(page.locator('[data-field="vacuum#4"]')).toHaveValue(/^\d+\.\d$/);
  await instrument.getByRole('button', { name: 'Disconnect' }).click();
  // What a simulated instrument reads is practice: judged, and never kept on a bike.
  await expect(page.getByTestId('practice')).toContainText('Vacuum columns, simulated');
  await keep(page);
  await expect(page.getByTestId('panel').getByRole('alert')).toContainText('Practice readings are not saved');
  await page.goto(`${job}/record`);
  await expect(page.getByText('No readings.')).toBeVisible();
});

test('a gauge climbs stroke by stroke, is taken cylinder by cylinder, and its recording plays again', async ({ bench: page }) => {
  const job = await bookIn(page);
  await describeBike(page, job, pointsTwin);
  await page.goto(`${job}/measure?panel=compression`);
  const instrument = page.getByTestId('instrument');
  await page.getByRole('button', { name: 'Compression gauge, simulated' }).click();
  for (const cylinder of ['1', '2']) {
    await instrument.getByRole('button', { name: cylinder, exact: true }).click();
    await instrument.getByRole('button', { name: 'Crank' }).click();
    await expect(instrument.getByText('settled')).toBeVisible();
    await page.keyboard.press('F2');
    await expect(page.locator(`[data-field="dry#${cylinder}"]`)).toHaveValue(/^\d{2,3}$/);
  }
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  const download = page.waitForEvent('download');
  await instrument.getByRole('button', { name: 'Save recording' }).click();
  const recording = readFileSync(await (await download).path(), 'utf8');
  await instrument.getByRole('button', { name: 'Disconnect' }).click();
  const replay = page.getByLabel('Replay a recording from a file');
  const file = (text: string) => ({ name: 'gauge.ndjson', mimeType: 'application/x-ndjson', buffer: Buffer.from(text) });
  await replay.setInputFiles(file('{"t":0,"c":"gauge","v":1}'));
  await expect(instrument.getByRole('alert')).toContainText('gauge.ndjson, line 1: A recording begins');
  await replay.setInputFiles(file(recording));
  await expect(instrument.getByText('Compression gauge (simulated)')).toBeVisible();
  await expect(instrument.getByRole('img', { name: /Gauge: [1-9]\d* psi/ })).toBeVisible();
  await instrument.getByRole('button', { name: 'Disconnect' }).click();
  await page.getByRole('button', { name: 'Clear' }).click();
  // A recording of a real one is kept, and stands in the record with what it was read from.
  await replay.setInputFiles(file(recording.replace('"simulated":true', '"simulated":false')));
  await expect(instrument.getByText('settled')).toBeVisible();
  await page.keyboard.press('F2');
  await keep(page);
  await page.getByTestId('panel').getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('panel').getByText('Undone.')).toBeVisible();
  await keep(page);
  await expect(page.getByText(/the last \d+ psi on .*Compression gauge/)).toBeVisible();
});

test('a real instrument behind its bridge: the example of the documentation', async ({ bench: page }) => {
  const bridge = spawn('node', ['docs/bridge.mjs'], { env: { ...process.env, PORT: '0' }, stdio: ['pipe', 'ignore', 'pipe'] });
  try {
    // Node may have something of its own to say before it.
    const address = await new Promise<string>((resolve) => {
      let said = '';
      bridge.stderr.on('data', (d: Buffer) => {
        const found = /ws:\S+/.exec((said += d.toString()));
        if (found) resolve(found[0]);
      });
    });
    const job = await bookIn(page);
    await describeBike(page, job, pointsTwin);
    await page.goto(`${job}/measure?panel=compression`);
    const instrument = page.getByTestId('instrument');
    await instrument.getByRole('button', { name: 'A real one' }).click();
    await instrument.getByLabel('Address of its bridge').fill(address);
    await instrument.getByRole('button', { name: 'Listen' }).click();
    await expect(instrument.getByText('My gauge')).toBeVisible();
    bridge.stdin.write('x\n131\n');
    await expect(instrument.getByRole('img', { name: 'Gauge: 131 psi' })).toBeVisible();
    await page.keyboard.press('F2');
    await expect(page.locator('[data-field="dry#1"]')).toHaveValue('131');
    bridge.kill();
    await expect(instrument.getByText('silent now')).toBeVisible();
  } finally {
    bridge.kill();
  }
});

test('the specification: from a panel, from a file, from another bike, and not asked again', async ({ bench: page }) => {
  const first = await bookIn(page);
  await describeBike(page, first, pointsTwin);
  await page.goto(`${first}/measure?panel=crank`);
  await type(page, { 'run-out': '0.02', 'run-out-most': '0.05' });
  await page.getByLabel('Manual page').fill('book, page 40');
  await keep(page);
  await expect(page.getByTestId('panel').getByText(/1 limit of the manual/)).toBeVisible();
  await type(page, { 'run-out': '0.09' });
  await expect(verdict(page)).toContainText('Over: crank run-out');
  await page.getByRole('button', { name: 'Panels' }).click();
  const sheet = page.getByTestId('sheet');
  await expect(sheet).toContainText('… to 0.05 mm · book, page 40');
  await sheet.getByRole('button', { name: 'Change the limit of Crank run-out' }).click();
  await sheet.getByLabel('Service limit, max').fill('0.04');
  await expect(sheet.getByRole('alert')).toContainText('lies below the standard');
  await sheet.getByLabel('Service limit, max').fill('0.1');
  await sheet.getByRole('button', { name: 'Change the limit', exact: true }).click();
  await expect(sheet).toContainText('service limit … to 0.10 mm');
  const upload = (text: string) =>
    page.getByLabel('Import limits from a file').setInputFiles({ name: 'limits.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await upload('quantity,low,high,unit,source\nring-gap,0.15,0.35,mm,book p. 12\nno-such,1,2,mm,book');
  await expect(sheet).toContainText('Nothing was imported from limits.csv.');
  await expect(sheet).toContainText('Line 2');
  await upload('quantity,low,high,unit,source\nring-gap,0.15,0.35,mm,book p. 12');
  await expect(sheet).toContainText('1 limit imported from limits.csv.');
  const second = await bookIn(page, 'Quillon 350 of another owner');
  await page.goto(`${second}/measure`);
  await page.getByTestId('sheet').getByRole('button', { name: 'Copy from another bike' }).click();
  await page.getByTestId('sheet').getByRole('button', { name: 'Quillon 350: 2 limits' }).click();
  await expect(page.getByTestId('sheet')).toContainText('2 limits imported from Quillon 350.');
  await expect(page.getByTestId('sheet')).toContainText('book p. 12');
});

test('what is only worked out stands in the record in words, with the figures it came from', async ({ bench: page }) => {
  const job = await bookIn(page, 'Marram 80');
  await describeBike(page, job, { ...pointsTwin, strokes: 'two', cylinders: 1 });
  await page.goto(`${job}/measure?panel=mix`);
  await keep(page);
  await expect(page.getByTestId('panel').getByText('Enter a reading first.')).toBeVisible();
  await type(page, { fuel: '5', ratio: '30', makers: '20' });
  await expect(verdict(page)).toContainText('Less oil than the maker asks');
  await keep(page);
  await expect(page.getByTestId('panel').getByText(/as a line of the record/)).toBeVisible();
  // Opened before what was kept has arrived, the record sends it itself and is drawn anew.
  await page.goto(`${job}/record`);
  await expect(page.getByRole('main')).toContainText('Two-stroke mix');
  await expect(page.getByRole('main')).toContainText('Ratio: 30');
});
