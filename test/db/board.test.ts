import { afterAll, beforeAll, expect, it, vi } from 'vitest';
import { makeCommand } from '../../src/core/command';
import type { Bike } from '../../src/core/state';
import type { Board } from '../../src/core/stage';
import { demoShopId, loadLanternYard } from '../../src/server/demo/lanternYard';
import { shopStamp } from '../../src/server/http/pageCache';
import { jobSnapshot } from '../../src/server/queries/job';
import { nextBoard } from '../../src/server/queries/next';
import { id, script, takeBack, uid } from '../fixtures/commands';
import { localBoard } from '../../src/ui/views/next/localBoard';
import { shipped } from '../fixtures/knowledge';
import { removeDemo } from '../../src/server/queries/shops';
import { freshDatabase, openBoth, shopA, shopB, type TestDatabase } from './database';
import { sendAll } from './filled';

// The board of Next is worked out once and kept; what is kept must go with everything that it was worked out from.

let db: TestDatabase;
let written = 0;
beforeAll(async () => {
  db = await freshDatabase();
  await openBoth(db.pool);
  const [person, bookIn] = script();
  const test = script().find((c) => c.type === 'evidence.add')!;
  // Once tests have begun it is the tracer that advises.
  await sendAll(db.pool, shopA, [
    person,
    { ...bookIn, payload: { ...(bookIn.payload as object), symptoms: { 'no-start': 'present' } } },
    { ...test, payload: { ...(test.payload as object), reading: null, predictionId: null, held: null } },
  ]);
});
afterAll(() => db.drop());
const advised = async () => (await nextBoard(db.pool, shopA, '2030-06-15T09:00:00.000Z')).lines[0].act!;
const becomes = (strokes: Bike['strokes']) =>
  sendAll(db.pool, shopA, [
    makeCommand({
      id: uid(9100 + written),
      type: 'bike.set',
      kind: 'bike',
      entityId: id.bike,
      madeAt: '2030-01-02T08:00:00.000Z',
      after: null,
      payload: { set: { strokes } },
      base: { strokes: written++ },
    }),
  ]);

it('is the same from the server and from what a device keeps', async () => {
  const today = new Date('2030-06-15T09:00:00.000Z');
  await loadLanternYard(db.pool, shipped, today);
  const now = today.toISOString();
  const board = await nextBoard(db.pool, demoShopId, now);
  const jobs = [...board.lines, ...board.gone].map((l) => l.jobId);
  const kept = await Promise.all(jobs.map((j) => jobSnapshot(db.pool, demoShopId, j, null)));
  const local = localBoard(
    kept.map((k) => k!),
    [],
    now,
  );
  const lines = (b: Board) => b.lines.map((l) => ({ ...l, last: null }));
  expect(lines(local)).toEqual(lines(board));
  expect(local.gone).toEqual(board.gone);
  expect(board.lines.some((l) => l.owner)).toBe(true);
});

it('advises for the bike as it is, also when nothing but the bike was changed', async () => {
  await becomes('four');
  const four = await advised();
  await becomes('two');
  const two = await advised();
  expect(two).not.toEqual(four);
  await becomes('four');
  expect(await advised()).toEqual(four);
});

it('that is read on from what was read before is the board that is read whole, after every kind of entry and every undo', async () => {
  const now = '2030-06-15T09:00:00.000Z';
  const whole = async (shopId: string) => {
    const other = db.another();
    try {
      return await nextBoard(other, shopId, now);
    } finally {
      await other.end();
    }
  };
  // A ranking that the server did not wait for is there with the next look.
  const same = (shopId: string, after: string) =>
    vi.waitFor(async () => expect(await nextBoard(db.pool, shopId, now), after).toEqual(await whole(shopId)), 60_000);
  const sent: string[] = [];
  // Pages that were drawn before are told from those to be drawn anew by this.
  const stamps = [await shopStamp(db.pool, shopB)];
  const others = await shopStamp(db.pool, shopA);
  for (const command of script()) {
    await sendAll(db.pool, shopB, [command]);
    sent.push(command.id);
    await same(shopB, command.type);
    stamps.push(await shopStamp(db.pool, shopB));
  }
  await sendAll(db.pool, shopB, [takeBack('undo', 9800, sent.at(-1)!)]);
  await same(shopB, 'undo');
  stamps.push(await shopStamp(db.pool, shopB));
  for (const behind of [
    `insert into personal (shop_id, id, name) values ('${shopB}', '${uid(9900)}', 'Somebody')`,
    `update personal set name = null where shop_id = '${shopB}'`,
    `update shop set name = 'Renamed' where id = '${shopB}'`,
    `delete from personal where shop_id = '${shopB}'`,
  ]) {
    await db.owner.query(behind);
    stamps.push(await shopStamp(db.pool, shopB));
  }
  expect(new Set(stamps).size).toBe(stamps.length);
  expect(await shopStamp(db.pool, shopB)).toBe(stamps.at(-1));
  expect(await shopStamp(db.pool, shopA)).toBe(others);
  // Another workshop's bike, owner and knowledge stand on their own.
  await same(shopA, 'nothing');
  await loadLanternYard(db.pool, shipped, new Date(now));
  await same(demoShopId, 'the demo');
  const ofDemo = await shopStamp(db.pool, demoShopId);
  await removeDemo(db.pool, demoShopId);
  expect(await shopStamp(db.pool, demoShopId)).toBeNull();
  await same(demoShopId, 'the demo removed');
  await loadLanternYard(db.pool, shipped, new Date('2030-06-10T09:00:00.000Z'));
  await same(demoShopId, 'the demo of another day, which counts its entries from one again');
  expect(await shopStamp(db.pool, demoShopId)).not.toBe(ofDemo);
});

it('a line holds until the next wait comes due, not longer', async () => {
  const { lines } = await nextBoard(db.pool, demoShopId, '2030-06-10T09:00:00.000Z');
  const waits = lines.find((l) => l.waiting.length > 0)!;
  const due = waits.waiting.map((w) => w.due).sort()[0];
  const at = async (now: string) => (await nextBoard(db.pool, demoShopId, now)).lines.find((l) => l.jobId === waits.jobId)!;
  const before = new Date(Date.parse(due) - 1).toISOString();
  expect(await at(before)).toEqual(waits);
  expect((await at(due)).waiting).toHaveLength(waits.waiting.length - 1);
  expect(await at(before)).toEqual(waits);
});
