import { test as base, expect, type Locator, type Page } from '@playwright/test';
import { makeCommand } from '../src/core/command';

interface Fixtures {
  /** A page in a workshop of its own, with one person. Fails the test on any console error or policy violation. */
  bench: Page;
  /** A page in the demo workshop. Nothing is changed there. */
  demo: Page;
}

function watch(page: Page): string[] {
  const wrong: string[] = [];
  page.on('console', (m) => {
    // what the server refuses on purpose shows as a failed resource; anything else is a fault
    if (
      m.type() === 'error' &&
      !/status of (400|401|403|404|409|413|415|422|503)/.test(m.text()) &&
      !/ERR_(FAILED|INTERNET_DISCONNECTED|SOCKET_NOT_CONNECTED|CONNECTION_\w+|EMPTY_RESPONSE|INCOMPLETE_CHUNKED_ENCODING)/.test(m.text())
    )
      wrong.push(m.text());
  });
  page.on('pageerror', (e) => wrong.push(e.message));
  return wrong;
}

/** A page counts as open once it answers to hands and keys. */
export async function awake(page: Page): Promise<void> {
  await page.locator('html[data-awake]').waitFor({ state: 'attached' });
}

function openAwake(page: Page): void {
  const goto = page.goto.bind(page);
  page.goto = async (...args) => {
    const response = await goto(...args);
    await awake(page);
    return response;
  };
}

const origin = (baseURL: string | undefined) => ({ origin: new URL(baseURL!).origin });

export const test = base.extend<Fixtures>({
  bench: async ({ page, baseURL }, use, info) => {
    const wrong = watch(page);
    openAwake(page);
    const headers = origin(baseURL);
    const opened = await page.request.post('/api/session', { headers, data: { newShop: `Test ${info.testId} ${info.retry}` } });
    const { shopId } = (await opened.json()) as { shopId: string };
    const personId = crypto.randomUUID();
    const person = makeCommand({
      id: crypto.randomUUID(),
      type: 'person.add',
      kind: 'person',
      entityId: personId,
      madeAt: new Date().toISOString(),
      after: null,
      payload: { name: 'Ines Corrow' },
    });
    await page.request.post('/api/commands', { headers: { ...headers, 'x-ivrek-shop': shopId }, data: person });
    await page.request.post('/api/session', { headers, data: { shopId, personId } });
    await use(page);
    expect(wrong).toEqual([]);
  },
  demo: async ({ page }, use) => {
    const wrong = watch(page);
    openAwake(page);
    await page.goto('/workshops');
    await page.getByTestId('demo-shop').getByRole('button', { name: 'Open as Ines Corrow' }).click();
    await page.getByRole('heading', { name: 'Can be done now' }).waitFor();
    await use(page);
    expect(wrong).toEqual([]);
  },
});

export { expect };
export type { Locator, Page };

/** Books in a bike the short way and returns the path of its job. */
export async function bookIn(page: Page, name = 'Quillon 350', words = 'Kicks over, will not start'): Promise<string> {
  await page.goto('/book-in');
  await page.getByLabel('Bike: make and model').fill(name);
  await page.getByLabel('Owner', { exact: true }).fill('Orla Fennimore');
  await page.getByLabel('Complaint, in the owner').fill(words);
  await page.getByRole('group', { name: 'Turns over but will not start' }).getByRole('button', { name: 'yes' }).click();
  await page.getByRole('button', { name: 'Book in' }).click();
  await page.waitForURL(/\/job\/[\da-f-]{36}\/look/);
  await awake(page);
  return new URL(page.url()).pathname.replace(/\/look$/, '');
}

/** What a page says with every request that changes something: where it comes from, and which workshop it is for. */
export async function named(page: Page): Promise<Record<string, string>> {
  const shop = await page.evaluate(() => document.documentElement.dataset.shop ?? '');
  return { origin: new URL(page.url()).origin, 'x-ivrek-shop': shop };
}

/** Sends commands as a device would, without the screen. */
export async function send(
  page: Page,
  type: string,
  kind: Parameters<typeof makeCommand>[0]['kind'],
  entityId: string,
  payload: object,
  base: Record<string, number> = {},
): Promise<void> {
  const command = makeCommand({
    id: crypto.randomUUID(),
    type,
    kind,
    entityId,
    madeAt: new Date().toISOString(),
    after: null,
    payload,
    base,
  });
  const r = await page.request.post('/api/commands', { headers: await named(page), data: command });
  if (!r.ok()) throw new Error(`${type}: ${await r.text()}`);
}

/** Sends many entries of one kind, some at a time, in their order. */
export async function sendMany(page: Page, type: string, kind: Parameters<typeof makeCommand>[0]['kind'], payloads: readonly object[]) {
  const made = payloads.map((payload) =>
    makeCommand({
      id: crypto.randomUUID(),
      type,
      kind,
      entityId: crypto.randomUUID(),
      madeAt: new Date().toISOString(),
      after: null,
      payload,
    }),
  );
  for (let at = 0; at < made.length; at += 50) {
    const r = await page.request.post('/api/commands', { headers: await named(page), data: made.slice(at, at + 50) });
    if (!r.ok()) throw new Error(`${type}: ${await r.text()}`);
  }
}

/** A page is still once its fonts and pictures are there and two frames have passed since. */
export async function still(page: Page): Promise<void> {
  await page.evaluate(async () => {
    await document.fonts.ready;
    const coming = [...document.images].filter((i) => !i.complete && i.loading !== 'lazy');
    await Promise.all(coming.map((i) => new Promise((done) => ((i.onload = done), (i.onerror = done)))));
    await new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));
  });
}

/** Fills in what the bike is, as if it had been done at booking in. */
export async function describeBike(page: Page, job: string, bike: object, history: object = {}): Promise<void> {
  const jobId = job.split('/').at(-1)!;
  const snapshot = (await (await page.request.get(`/api/jobs/${jobId}`)).json()) as {
    rows: { bike: [{ id: string; versions: Record<string, number> }] };
  };
  const zeros = (o: object) => Object.fromEntries(Object.keys(o).map((k) => [k, 0]));
  await send(page, 'bike.set', 'bike', snapshot.rows.bike[0].id, { set: bike }, zeros(bike));
  if (Object.keys(history).length) await send(page, 'job.set', 'job', jobId, { set: history }, zeros(history));
}

export const pointsTwin = {
  strokes: 'four',
  cylinders: 2,
  cooling: 'air',
  ignition: 'points',
  fuelling: 'carburettor',
  decompressor: 'none',
  voltage: 6,
  starting: 'kick',
  clutch: 'cable',
};

/** Takes a given test on the Trace view, whatever is recommended. */
export async function chooseTest(page: Page, name: string | RegExp): Promise<Locator> {
  // A new ranking may bring another card just as the list opens: then it is opened again.
  await expect(async () => {
    await ranked(page);
    await page.getByRole('combobox', { name: 'Take another test' }).click({ timeout: 3000 });
    await page.getByRole('option', { name }).first().click({ timeout: 3000 });
  }).toPass({ timeout: 30_000 });
  return page.getByTestId('test-card');
}

/** Probability of a suspect as the screen has it. */
export async function probability(page: Page, key: string): Promise<number> {
  return Number(await page.locator(`[data-suspect="${key}"]`).getAttribute('data-probability'));
}

/** Waits until the worker has answered for what stands on the screen now. */
export async function ranked(page: Page): Promise<void> {
  await expect(page.getByTestId('suspects').getByText('working…')).toHaveCount(0);
}

/** Types a date into its field as a hand does, a part after the other: "04052031" or "040520310930". */
export async function typeDate(within: Pick<Page, 'getByRole'>, label: string, digits: string): Promise<void> {
  const field = within.getByRole('group', { name: label });
  await field.getByRole('spinbutton', { name: 'Day' }).click();
  await field.getByRole('spinbutton', { name: 'Day' }).pressSequentially(digits.slice(0, 2));
  await field.getByRole('spinbutton', { name: 'Month' }).pressSequentially(digits.slice(2, 4));
  await field.getByRole('spinbutton', { name: 'Year' }).pressSequentially(digits.slice(4, 8));
  if (digits.length === 8) return;
  await field.getByRole('spinbutton', { name: 'Hours' }).pressSequentially(digits.slice(8, 10));
  await field.getByRole('spinbutton', { name: 'Minutes' }).pressSequentially(digits.slice(10, 12));
}
