import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { devices, nameDevice, newCode, pair, sendAway } from '../../src/server/lan/pairing';
import { openSession, readSession, stillWelcome } from '../../src/server/session';
import { freshDatabase, openBoth, shopA, shopB, type TestDatabase } from './database';

let t: TestDatabase;
beforeAll(async () => {
  t = await freshDatabase();
  await openBoth(t.pool);
});
afterAll(() => t.drop());

let host = 1;
const somewhere = () => `192.0.2.${host++}`;

describe('pairing', () => {
  it('takes the code on the computer once, and only the newest', async () => {
    const old = await newCode(t.pool, shopA);
    const { code } = await newCode(t.pool, shopA);
    expect(code).toMatch(/^\d{6}$/);
    if (old.code !== code) expect(await pair(t.pool, somewhere(), old.code, 'Old')).toMatchObject({ ok: false, status: 403 });
    const answer = await pair(t.pool, somewhere(), code, 'Bench tablet');
    expect(answer).toMatchObject({ ok: true, shopId: shopA });
    expect(await pair(t.pool, somewhere(), code, 'Another')).toMatchObject({ ok: false, status: 403 });
    const session = await readSession(t.pool, answer.ok ? answer.cookie : '');
    expect(session).toMatchObject({ shopId: shopA, paired: true, personId: null });
  });

  it('is not open to a code that has run out, and the database never holds the code itself', async () => {
    const { code, expiresAt } = await newCode(t.pool, shopA);
    expect(Math.round((Date.parse(expiresAt) - Date.now()) / 60_000)).toBe(10);
    const { rows } = await t.owner.query('select code_hash::text as hash from pairing');
    expect(rows).toHaveLength(1);
    expect(rows[0].hash).not.toContain(code);
    await t.owner.query(`update pairing set expires_at = now() - interval '1 second'`);
    expect(await pair(t.pool, somewhere(), code, 'Late')).toMatchObject({ ok: false, status: 403 });
  });

  it('takes six tries from one address and thirty from all together in ten minutes, the right code included', async () => {
    const here = somewhere();
    const { code } = await newCode(t.pool, shopB);
    const wrong = code === '000000' ? '000001' : '000000';
    for (let i = 0; i < 6; i++) expect(await pair(t.pool, here, wrong, 'x')).toMatchObject({ ok: false, status: 403 });
    const shut = await pair(t.pool, here, code, 'x');
    expect(shut).toMatchObject({ ok: false, status: 429 });
    expect(shut.ok || shut.message).toMatch(/Try again in \d+ minutes/);
    // from elsewhere the code still counts, until all tries are used up
    let refused = 0;
    for (let i = 0; i < 40 && refused === 0; i++) {
      const answer = await pair(t.pool, somewhere(), wrong, 'x');
      if (!answer.ok && answer.status === 429) refused = i + 1;
    }
    expect(refused).toBeGreaterThan(5);
    expect(refused).toBeLessThanOrEqual(30);
    await t.owner.query('delete from attempt');
    expect(await pair(t.pool, here, code, 'x')).toMatchObject({ ok: true, shopId: shopB });
  });
});

describe('a paired device', () => {
  it('is listed with its name, can be named and sent away; then its cookie opens nothing', async () => {
    await t.owner.query('delete from attempt');
    const answer = await pair(t.pool, somewhere(), (await newCode(t.pool, shopA)).code, 'Tablet');
    const session = (await readSession(t.pool, answer.ok ? answer.cookie : ''))!;
    const mine = async () => (await devices(t.pool, shopA)).find((d) => d.id === session.id);
    expect(await mine()).toMatchObject({ name: 'Tablet', person: null });
    expect(await nameDevice(t.pool, shopA, session.id, 'By the lift')).toBe(true);
    expect(await mine()).toMatchObject({ name: 'By the lift' });
    expect(await stillWelcome(t.pool, session)).toBe(true);
    expect(await sendAway(t.pool, shopB, session.id)).toBe(false);
    expect(await sendAway(t.pool, shopA, session.id)).toBe(true);
    expect(await sendAway(t.pool, shopA, session.id)).toBe(false);
    expect(await mine()).toBeUndefined();
    expect(await stillWelcome(t.pool, session)).toBe(false);
    expect(await readSession(t.pool, answer.ok ? answer.cookie : '')).toBeNull();
  });

  it('the computer’s own session is no device that could be sent away', async () => {
    const cookie = await openSession(t.pool, shopA, null);
    const session = (await readSession(t.pool, cookie))!;
    expect(session.paired).toBe(false);
    expect((await devices(t.pool, shopA)).some((d) => d.id === session.id)).toBe(false);
    expect(await sendAway(t.pool, shopA, session.id)).toBe(false);
    expect(await readSession(t.pool, cookie)).not.toBeNull();
  });
});
