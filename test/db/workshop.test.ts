import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { shipped } from '../fixtures/knowledge';
import { handleCommand } from '../../src/server/commands/handle';
import { readJournal, replay } from '../../src/server/commands/replay';
import { demoShopId, loadLanternYard } from '../../src/server/demo/lanternYard';
import { jobSnapshot } from '../../src/server/queries/job';
import { nextBoard } from '../../src/server/queries/next';
import { demoState, hideDemo, listShops, openShop, removeDemo, shopPeople, workshopOf } from '../../src/server/queries/shops';
import { openSession, readSession } from '../../src/server/session';
import { makeCommand } from '../../src/core/command';
import { stateOf } from '../../src/core/state';
import { recordOf } from '../../src/core/handover';
import { recordPdf } from '../../src/server/files/recordPdf';
import { rankJob } from '../../src/server/work/ranking';
import { freshDatabase, openBoth, shopA, type TestDatabase } from './database';
import { tablesOf } from './tables';

let t: TestDatabase;
const today = new Date('2030-06-15T09:00:00.000Z');
beforeAll(async () => {
  t = await freshDatabase();
  await openBoth(t.pool);
  await loadLanternYard(t.pool, shipped, today);
});
afterAll(() => t.drop());

describe('the demo', () => {
  it('is a shop of its own beside an empty one, with two people and four bikes at different stages', async () => {
    const shops = await listShops(t.pool);
    expect(shops.filter((s) => s.demo).map((s) => s.name)).toEqual(['Lantern Yard (demo)']);
    expect(shops.some((s) => s.name === 'My workshop')).toBe(true);
    expect((await shopPeople(t.pool, demoShopId)).map((p) => p.name)).toEqual(['Ines Corrow', 'Tam Veley']);
    const board = await nextBoard(t.pool, demoShopId, today.toISOString());
    expect(board.lines.map((l) => l.bike).sort()).toEqual(['Hollin 500', 'Marram 80', 'Osprane 650', 'Quillon 350']);
    expect(new Set(board.lines.map((l) => l.act?.stage ?? 'waits')).size).toBeGreaterThanOrEqual(2);
    expect(board.lines.find((l) => l.bike === 'Hollin 500')).toMatchObject({ act: null, owner: 'Brannoc Teague' });
    expect(board.lines.flatMap((l) => l.waiting.map((w) => w.kind)).sort()).toEqual(['part', 'soaking']);
  });

  it('was entered by commands: loaded twice it is there once, and its journal replays to the same tables', async () => {
    const before = await tablesOf(t.pool, demoShopId);
    await loadLanternYard(t.pool, shipped, today);
    expect(await tablesOf(t.pool, demoShopId)).toEqual(before);
    const other = await freshDatabase();
    try {
      await openShop(other.pool, demoShopId, 'Lantern Yard (demo)', true);
      await replay(other.pool, demoShopId, await readJournal(t.pool, demoShopId));
      expect(await tablesOf(other.pool, demoShopId)).toEqual(before);
    } finally {
      await other.drop();
    }
  });

  it('has no bike, owner or figure in the other shops', async () => {
    expect((await nextBoard(t.pool, shopA, today.toISOString())).lines).toEqual([]);
  });

  it('ranks its open complaint, and the look-again time of the soaking one comes', async () => {
    const board = await nextBoard(t.pool, demoShopId, today.toISOString());
    const quillon = board.lines.find((l) => l.bike === 'Quillon 350')!;
    const snapshot = (await jobSnapshot(t.pool, demoShopId, quillon.jobId, null))!;
    const ranking = await rankJob(demoShopId, stateOf(snapshot), quillon.jobId);
    expect(ranking.suspects[0].probability).toBeGreaterThan(0.1);
    expect(quillon.act?.stage).toBe('trace');
    const later = await nextBoard(t.pool, demoShopId, '2030-06-17T09:00:00.000Z');
    expect(later.lines.find((l) => l.bike === 'Hollin 500')!.act!.words).toContain('Check: ');
  });

  it('prints its record on A4', async () => {
    const { lines } = await nextBoard(t.pool, demoShopId, today.toISOString());
    const snapshot = (await jobSnapshot(t.pool, demoShopId, lines.find((l) => l.bike === 'Osprane 650')!.jobId, null))!;
    const pdf = await recordPdf(
      recordOf(stateOf(snapshot), shipped, snapshot.jobId, { workshop: 'W', owner: null, currency: '¤', zone: 'UTC' }),
      'General figures are marked.',
    );
    const text = pdf.toString('latin1');
    expect(text.startsWith('%PDF-')).toBe(true);
    expect(text).toMatch(/\/MediaBox \[0 0 595\.28 841\.89\]/);
    expect(pdf.length).toBeGreaterThan(10_000);
  });
});

describe('the demo put away', () => {
  it('can be hidden and shown, removed with everything in it, and brought back; no other workshop can be removed', async () => {
    const d = await freshDatabase();
    try {
      await openBoth(d.pool);
      await loadLanternYard(d.pool, shipped, today);
      await hideDemo(d.pool, demoShopId, true);
      expect(await demoState(d.pool)).toBe('hidden');
      expect((await listShops(d.pool)).some((s) => s.demo)).toBe(false);
      await hideDemo(d.pool, demoShopId, false);
      expect(await demoState(d.pool)).toBe('shown');
      const own = await tablesOf(d.pool, shopA);
      await removeDemo(d.pool, shopA);
      await removeDemo(d.pool, demoShopId);
      expect(await demoState(d.pool)).toBe('gone');
      expect((await listShops(d.pool)).map((s) => s.name)).toEqual(expect.arrayContaining(['A', 'B']));
      expect(await tablesOf(d.pool, shopA)).toEqual(own);
      for (const table of ['journal', 'bike', 'find_line', 'personal']) {
        const { rows } = await d.owner.query(`select count(*)::int as n from ${table} where shop_id = $1`, [demoShopId]);
        expect(rows[0].n, table).toBe(0);
      }
      await loadLanternYard(d.pool, shipped, today);
      expect((await nextBoard(d.pool, demoShopId, today.toISOString())).lines).toHaveLength(4);
    } finally {
      await d.drop();
    }
  });
});

describe('the physical order', () => {
  it('is by what a device knew, then by the journal: neither a late arrival nor a wrong clock changes it', async () => {
    const shop = '44444444-4444-4444-8444-444444444444';
    await openShop(t.pool, shop, 'Order');
    const uid = (n: number) => `44444444-0000-4000-8000-${String(n).padStart(12, '0')}`;
    let n = 0;
    const send = (
      type: string,
      kind: 'person' | 'bike' | 'step',
      entityId: string,
      payload: object,
      after: number | null,
      madeAt: string,
    ) =>
      handleCommand(
        t.pool,
        { shopId: shop, actorId: null, deviceId: null },
        makeCommand({ id: uid(900 + n++), type, kind, entityId, madeAt, after, payload }),
      );
    const [bike, job] = [uid(1), uid(2)];
    const booked = await send(
      'bike.bookIn',
      'bike',
      bike,
      {
        bikeId: bike,
        newJobId: job,
        ownerId: uid(3),
        personalId: uid(5),
        complaintId: uid(4),
        name: 'Marram 80',
        words: 'stuck',
        symptoms: {},
        rate: '35.00',
      },
      0,
      '2030-01-01T08:00:00.000Z',
    );
    expect(booked.kind, JSON.stringify(booked)).toBe('applied');
    const step = (k: number, title: string, after: number | null, madeAt: string) =>
      send('step.add', 'step', uid(k), { jobId: job, title, access: null, bag: null, note: null, fasteners: [] }, after, madeAt);
    // the bench screen knows everything; its clock is three hours ahead
    await step(10, 'first', 1, '2030-01-01T12:00:00.000Z');
    await step(11, 'second', 2, '2030-01-01T12:01:00.000Z');
    await step(12, 'fourth', 3, '2030-01-01T12:02:00.000Z');
    // a tablet that knew of the first only, with a clock of yesterday, arrives last
    await step(13, 'third', 2, '2029-12-31T09:00:00.000Z');
    // one that claims to know more than there is, is put at the end
    await step(14, 'fifth', 400, '2028-01-01T09:00:00.000Z');
    const snapshot = (await jobSnapshot(t.pool, shop, job, null))!;
    expect((snapshot.rows.step as { title: string }[]).map((s) => s.title)).toEqual(['first', 'second', 'third', 'fourth', 'fifth']);
  });
});

describe('sessions', () => {
  it('hold shop and person, and nothing opens one but its token', async () => {
    const [ines] = await shopPeople(t.pool, demoShopId);
    const cookie = await openSession(t.pool, demoShopId, ines.id);
    expect(await readSession(t.pool, cookie)).toMatchObject({ shopId: demoShopId, personId: ines.id });
    for (const forged of [undefined, '', 'x', cookie.slice(0, -1), cookie.replace(demoShopId, shopA), `${cookie}x`])
      expect(await readSession(t.pool, forged)).toBeNull();
    const { rows } = await t.owner.query('select token_hash from session');
    expect(rows.every((r) => (r.token_hash as Buffer).length === 32)).toBe(true);
    expect(JSON.stringify(rows)).not.toContain(cookie.split('.')[2]);
  });

  it('actor and device come from the session, never from the command', async () => {
    const id = '99999999-9999-4999-8999-999999999999';
    const command = {
      ...makeCommand({
        id,
        type: 'person.add',
        kind: 'person',
        entityId: id,
        madeAt: today.toISOString(),
        after: null,
        payload: { name: 'New hand' },
      }),
      actorId: 'someone else',
    };
    expect((await handleCommand(t.pool, { shopId: shopA, actorId: null, deviceId: null }, command)).kind).toBe('malformed');
    const clean = Object.fromEntries(Object.entries(command).filter(([k]) => k !== 'actorId'));
    expect((await handleCommand(t.pool, { shopId: shopA, actorId: id, deviceId: id }, clean)).kind).toBe('applied');
    const { rows } = await t.owner.query('select actor_id, device_id from journal where id = $1', [id]);
    expect(rows[0]).toEqual({ actor_id: id, device_id: id });
  });

  it('a shop has its rate', async () => {
    const workshop = await workshopOf(t.pool, demoShopId, null);
    expect(workshop).toMatchObject({ shop: { rate: '35.00', demo: true }, actor: null, home: true });
    expect(workshop.people.map((p) => p.name)).toEqual(['Ines Corrow', 'Tam Veley']);
  });
});
