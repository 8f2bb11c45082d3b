import { readFileSync } from 'node:fs';
import { connect } from 'node:tls';
import { chromium, request } from '@playwright/test';
import { awake, bookIn, expect, test, type Page } from './bench';
import { chromiumOptions } from './chromium';

// A tablet in the network, by a name that is not loopback: the browser is told where that name is, nothing else is special.
// IVREK_LAN_URL and IVREK_LAN_CA name the second process of ./ivrek start --lan.
const lan = new URL(process.env.IVREK_LAN_URL ?? 'https://workshop.test:4691');
const ca = readFileSync(process.env.IVREK_LAN_CA ?? '.data/lan/ca.crt');

/** Asked by the page itself, because only its browser knows the name. */
const statusOf = (page: Page, path: string) => page.evaluate(async (p) => (await fetch(p)).status, path);

test('the network’s certificate is signed by the workshop’s own authority, for the name it is called by, and by no other', async () => {
  const greet = (servername: string, trusted: Buffer | undefined) =>
    new Promise<string>((done) => {
      const socket = connect({ host: '127.0.0.1', port: Number(lan.port), servername, ca: trusted }, () => {
        done(socket.authorized ? 'trusted' : String(socket.authorizationError));
        socket.destroy();
      });
      socket.on('error', (e: NodeJS.ErrnoException) => done(e.code ?? e.message));
    });
  expect(await greet(lan.hostname, ca)).toBe('trusted');
  expect(await greet('elsewhere.test', ca)).toBe('ERR_TLS_CERT_ALTNAME_INVALID');
  expect(await greet(lan.hostname, undefined)).not.toBe('trusted');
});

test('a tablet is refused until it says the code, can be named, works with what it opened, and is sent away', async ({ bench: home }) => {
  const job = await bookIn(home);
  await home.goto('/devices');
  const browser = await chromium.launch(chromiumOptions(`--host-resolver-rules=MAP ${lan.hostname} 127.0.0.1`));
  try {
    const tablet = await browser.newPage({ ignoreHTTPSErrors: true, viewport: { width: 820, height: 1180 }, baseURL: lan.origin });
    await tablet.goto(`${job}/trace`);
    await expect(tablet).toHaveURL(`${lan.origin}/pair`);
    await awake(tablet);
    for (const path of ['/api/jobs', `/api/jobs/${job.split('/').at(-1)}`, '/api/journal', '/api/live'])
      expect(await statusOf(tablet, path), path).toBe(401);
    expect(await statusOf(tablet, '/api/devices')).toBe(403);

    // the code stands on the computer, beside the address
    await expect(home.getByRole('img', { name: /^QR code of https:/ })).toBeVisible();
    await home.getByRole('button', { name: 'Show a code' }).click();
    const code = (await home.getByTestId('code').textContent())!.replace(/\s/g, '');
    await tablet.getByLabel('Code').fill('12');
    await tablet.getByRole('button', { name: 'Pair' }).click();
    await expect(tablet.getByText('Six digits.')).toBeVisible();
    await tablet.getByLabel('Code').fill(code === '000000' ? '000001' : '000000');
    await tablet.getByRole('button', { name: 'Pair' }).click();
    await expect(tablet.getByRole('alert')).toContainText('This is not the code on the computer');
    await tablet.getByLabel('Code').fill(`${code.slice(0, 3)} ${code.slice(3)}`);
    await tablet.getByLabel('Device name').fill('Workshop tablet');
    await tablet.getByRole('button', { name: 'Pair' }).click();
    await expect(tablet.getByRole('heading', { name: 'Can be done now' })).toBeVisible();
    await awake(tablet);

    // who works is picked, and stands on what is entered
    await tablet.getByRole('button', { name: 'Who is working?' }).click();
    await tablet.getByRole('menuitem', { name: 'Ines Corrow' }).click();
    await expect(tablet.getByRole('button', { name: 'Working: Ines Corrow' })).toBeVisible();
    await tablet.goto(`${job}/parts`);
    await awake(tablet);
    // also where the page was left in the same moment
    await expect(tablet.getByRole('button', { name: 'Working: Ines Corrow' })).toBeVisible();
    await tablet.getByLabel('Part', { exact: true }).filter({ visible: true }).fill('Condenser');
    await tablet.getByRole('button', { name: 'Add part' }).click();
    await home.goto(`${job}/parts`);
    await expect(home.getByTestId('parts')).toContainText('Condenser');

    // workshops and devices are the computer's business
    for (const path of ['/workshops', '/devices']) {
      await tablet.goto(path);
      await expect(tablet).toHaveURL(`${lan.origin}/`);
    }
    await expect(async () => {
      await home.goto('/devices');
      await expect(home.getByTestId('devices')).toContainText('Ines Corrow', { timeout: 1000 });
    }).toPass();
    await home.getByTestId('devices').getByLabel('Name').fill('By the lift');
    await home.getByTestId('devices').getByLabel('Name').press('Enter');
    await expect(home.getByRole('button', { name: 'Remove: By the lift' })).toBeVisible();
    await expect(home.getByTestId('devices')).toContainText('Ines Corrow');
    await home.getByRole('button', { name: 'Remove: By the lift' }).click();
    await expect(home.getByText('No tablets paired.')).toBeVisible();
    expect(await statusOf(tablet, '/api/jobs')).toBe(401);
    await tablet.goto(`${job}/parts`);
    await expect(tablet).toHaveURL(`${lan.origin}/pair`);
  } finally {
    await browser.close();
  }
});

test('an address that is not this workshop’s is not answered, nor is another site’s form', async () => {
  const api = await request.newContext({ ignoreHTTPSErrors: true });
  const at = `https://127.0.0.1:${lan.port}`;
  expect((await api.get(`${at}/pair`, { headers: { host: 'evil.test' } })).status()).toBe(421);
  expect((await api.post(`${at}/api/pair`, { headers: { origin: 'https://evil.test' }, data: { code: '123456' } })).status()).toBe(403);
  expect((await api.get(`${at}/pair`)).status()).toBe(200);
  await api.dispose();
});
