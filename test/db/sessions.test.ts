import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { Hub } from '../../src/server/live/hub';
import { newCode, pair, refusals, sendAway, countedBy } from '../../src/server/lan/pairing';
import { actorOf, endSession, hasWorked, openSession, pickPerson, readSession, stillWelcome } from '../../src/server/session';
import { handleCommand } from '../../src/server/commands/handle';
import { makeCommand } from '../../src/core/command';
import { id, script, uid } from '../fixtures/commands';
import { shipped } from '../fixtures/knowledge';
import { sendAll, openScript } from './filled';
import { freshDatabase, openBoth, shopA, shopB, type TestDatabase } from './database';

let t: TestDatabase;
beforeAll(async () => {
  t = await freshDatabase();
  await openBoth(t.pool);
  await sendAll(t.pool, shopA, openScript());
});
afterAll(() => t.drop());

const other = uid(8001);
const person = (personId: string, name: string) =>
  makeCommand({
    id: crypto.randomUUID(),
    type: 'person.add',
    kind: 'person',
    entityId: personId,
    madeAt: '2030-01-01T08:00:00.000Z',
    after: null,
    payload: { name },
  });

describe('a session', () => {
  it('is a new one each time, stands until it is ended, and is worth nothing afterwards', async () => {
    const [one, two] = [await openSession(t.pool, shopA, null), await openSession(t.pool, shopA, null)];
    expect(one).not.toBe(two);
    const session = (await readSession(t.pool, one))!;
    expect(await stillWelcome(t.pool, session)).toBe(true);
    await endSession(t.pool, session);
    expect(await readSession(t.pool, one)).toBeNull();
    expect(await stillWelcome(t.pool, session)).toBe(false);
    expect(await readSession(t.pool, two)).not.toBeNull();
  });

  it('of another workshop, another token, or no shape at all is none', async () => {
    const cookie = await openSession(t.pool, shopA, null);
    const [, sessionId, token] = cookie.split('.');
    for (const c of [
      `${shopB}.${sessionId}.${token}`,
      `${shopA}.${sessionId}.${'x'.repeat(32)}`,
      `${'-'.repeat(36)}.${sessionId}.${token}`,
      'x',
      '',
    ])
      expect(await readSession(t.pool, c), c).toBeNull();
  });

  it('ends by itself when it was not used for long, and after some time at the latest', async () => {
    const cookie = await openSession(t.pool, shopA, null);
    const session = (await readSession(t.pool, cookie))!;
    const age = (set: string) => t.owner.query(`update session set ${set} where id = $1`, [session.id]);
    await age(`seen_at = now() - interval '59 days'`);
    expect(await readSession(t.pool, cookie)).not.toBeNull();
    await age(`seen_at = now() - interval '61 days'`);
    expect(await readSession(t.pool, cookie)).toBeNull();
    await age(`seen_at = now(), made_at = now() - interval '401 days'`);
    expect(await readSession(t.pool, cookie)).toBeNull();
    vi.stubEnv('IVREK_SESSION_DAYS', '500');
    expect(await readSession(t.pool, cookie)).not.toBeNull();
    vi.stubEnv('IVREK_IDLE_DAYS', '0.5');
    await age(`seen_at = now() - interval '13 hours'`);
    expect(await readSession(t.pool, cookie)).toBeNull();
    vi.unstubAllEnvs();
  });

  it('that is over hears no more, at once, in every process', async () => {
    const hub = new Hub(t.pool, String(t.pool.options.connectionString), 60_000);
    const answer = await pair(t.pool, '192.0.2.1', (await newCode(t.pool, shopA)).code, 'Tablet');
    const session = (await readSession(t.pool, answer.ok ? answer.cookie : ''))!;
    const ended: string[] = [];
    const listen = (sessionId: string) =>
      hub.add({ shopId: shopA, sessionId, seq: 0, tell: () => undefined, end: () => void ended.push(sessionId) });
    const leave = [listen(session.id), listen('someone else')];
    // The hub listens once its first look is done.
    await vi.waitFor(async () =>
      expect(
        (await t.owner.query(`select 1 from pg_stat_activity where application_name = 'ivrek live' and query ilike 'listen%'`)).rowCount,
      ).toBe(1),
    );
    await sendAway(t.pool, shopA, session.id);
    await vi.waitFor(() => expect(ended).toEqual([session.id]));
    for (const l of leave) l();
    await hub.close();
  });
});

describe('who made an entry', () => {
  it('is someone who took the device up, and nobody else that a request names', async () => {
    await handleCommand(t.pool, { shopId: shopA, actorId: null, deviceId: null }, person(other, 'Tam Veley'));
    const cookie = await openSession(t.pool, shopA, id.person);
    const session = (await readSession(t.pool, cookie))!;
    expect(await actorOf(t.pool, session, null)).toEqual({ actorId: id.person });
    expect(await actorOf(t.pool, session, other)).toBe(false);
    expect(await actorOf(t.pool, session, 'nonsense')).toBe(false);
    expect(await hasWorked(t.pool, session, other)).toBe(true);
    expect(await actorOf(t.pool, session, other)).toEqual({ actorId: other });
    // who works with it is still the first
    expect((await readSession(t.pool, cookie))!.personId).toBe(id.person);
    expect(await hasWorked(t.pool, session, uid(8999))).toBe(false);
    expect(await pickPerson(t.pool, session, other)).toBe(true);
    expect(await actorOf(t.pool, (await readSession(t.pool, cookie))!, id.person)).toEqual({ actorId: id.person });
  });

  it('signs, whatever name the request gives; without one nobody signs', async () => {
    const sign = () => ({
      ...script().find((c) => c.type === 'signature.sign')!,
      id: crypto.randomUUID(),
      entity: { kind: 'signature' as const, id: crypto.randomUUID() },
    });
    const forged = sign();
    const answer = await handleCommand(
      t.pool,
      { shopId: shopA, actorId: other, deviceId: null },
      { ...forged, payload: { ...(forged.payload as object), signedBy: 'The owner' } },
    );
    expect(answer.kind).toBe('applied');
    const { rows } = await t.owner.query('select signed_by from signature where id = $1', [forged.entity.id]);
    expect(rows).toEqual([{ signed_by: 'Tam Veley' }]);
    const { rows: line } = await t.owner.query(`select payload ->> 'signedBy' as name, actor_id from journal where id = $1`, [forged.id]);
    expect(line).toEqual([{ name: 'Tam Veley', actor_id: other }]);
    // What was signed already is answered again, also where nobody works with the device any more.
    expect(await handleCommand(t.pool, { shopId: shopA, actorId: null, deviceId: null }, forged)).toMatchObject({
      kind: 'applied',
      again: true,
    });
    expect(await handleCommand(t.pool, { shopId: shopA, actorId: null, deviceId: null }, sign())).toMatchObject({
      kind: 'refused',
      refusal: { message: 'Choose who is working first: this needs a name.' },
    });
  });
});

describe('what a command names', () => {
  const evidence = (patch: object) => {
    const c = script().find((x) => x.type === 'evidence.add')!;
    return {
      ...c,
      id: crypto.randomUUID(),
      entity: { kind: 'evidence' as const, id: crypto.randomUUID() },
      payload: { ...(c.payload as object), reading: null, ...patch },
    };
  };
  it.each([
    [{ testId: 'no-such-test' }, /no such test/],
    [{ outcome: 'no-such-result' }, /no such result/],
    [{ testId: 'compression', outcome: 'good', position: '99' }, /which cylinder/],
  ])('%j is refused at the field', async (patch, words) => {
    const answer = await handleCommand(t.pool, { shopId: shopA, actorId: id.person, deviceId: null }, evidence(patch), shipped);
    expect(answer).toMatchObject({ kind: 'malformed' });
    expect(answer.kind === 'malformed' && answer.faults[0].message).toMatch(words);
  });
});

describe('who was refused at the door', () => {
  it('is kept for the computer to show: address, name and why; the last few of them', async () => {
    for (let i = 0; i < 8; i++) await pair(t.pool, '192.0.2.77', '123456', `Guess ${i}`);
    const seen = await refusals(t.pool);
    expect(seen[0]).toMatchObject({ address: '192.0.2.77', name: 'Guess 7', why: 'too many attempts' });
    expect(seen.find((r) => r.name === 'Guess 0')).toMatchObject({ why: 'wrong code' });
    await t.owner.query(`insert into refusal (address, name, why) select 'x', 'y', 'z' from generate_series(1, 200)`);
    await pair(t.pool, '192.0.2.78', '123456', 'One more');
    expect(Number((await t.owner.query('select count(*) as n from refusal')).rows[0].n)).toBeLessThanOrEqual(50);
    // Attempts that have run out do not pile up.
    await t.owner.query(`insert into attempt (key, points, expire) select 'old' || n, 1, 1 from generate_series(1, 200) n`);
    await pair(t.pool, '192.0.2.79', '123456', 'And one');
    expect(Number((await t.owner.query(`select count(*) as n from attempt where key like 'old%'`)).rows[0].n)).toBe(0);
  });

  it.each([
    ['192.168.1.20', '192.168.1.20'],
    ['::ffff:192.168.1.20', '192.168.1.20'],
    ['2001:db8:1:2:3:4:5:6', '2001:db8:1:2::/64'],
    ['fe80::1%eth0', 'fe80::1::/64'],
  ])('%s is counted as %s', (address, counted) => expect(countedBy(address)).toBe(counted));
});
