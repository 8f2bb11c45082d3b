import { afterAll, beforeAll, expect, it } from 'vitest';
import { makeCommand } from '../../src/core/command';
import type { Bike } from '../../src/core/record';
import { nextBoard } from '../../src/server/queries/next';
import { id, script, uid } from '../fixtures/commands';
import { freshDatabase, openBoth, shopA, type TestDatabase } from './database';
import { sendAll } from './filled';

// The board of Next is worked out once and kept; what is kept must go with everything that it was worked out from.

let db: TestDatabase;
let written = 0;
beforeAll(async () => {
  db = await freshDatabase();
  await openBoth(db.pool);
  const [person, bookIn] = script();
  await sendAll(db.pool, shopA, [person, { ...bookIn, payload: { ...(bookIn.payload as object), symptoms: { 'no-start': 'present' } } }]);
});
afterAll(() => db.drop());
const advised = async () => (await nextBoard(db.pool, shopA, '2030-06-15T09:00:00.000Z')).lines[0].act!.words;
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

it('advises for the bike as it is, also when nothing but the bike was changed', async () => {
  await becomes('four');
  const four = await advised();
  await becomes('two');
  const two = await advised();
  expect(two).not.toBe(four);
  await becomes('four');
  expect(await advised()).toBe(four);
});
