import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { makeCommand } from '../../src/core/command';
import { loadRows } from '../../src/server/commands/loadRows';
import { shopTransaction, readTransaction, makePool, patiently, writeTransaction } from '../../src/server/db/pool';
import { Busy } from '../../src/server/db/turns';
import { isTimeout, problemOf } from '../../src/server/http/problem';
import { nextBoard } from '../../src/server/queries/next';
import { jobSnapshot } from '../../src/server/queries/job';
import { id, uid } from '../fixtures/commands';
import { freshDatabase, openBoth, shopA, shopB, type TestDatabase } from './database';
import { openScript, sendAll } from './filled';

let t: TestDatabase;
beforeAll(async () => {
  t = await freshDatabase();
  await openBoth(t.pool);
  await sendAll(t.pool, shopA, openScript());
});
afterAll(() => t.drop());

describe('the database', () => {
  it('tells times in UTC and has limits on every connection', async () => {
    const shown = async (what: string) =>
      (await t.pool.query(`show ${what}`)).rows[0][what.toLowerCase()] ?? (await t.pool.query(`show ${what}`)).rows[0].TimeZone;
    expect(await shown('TimeZone')).toBe('UTC');
    for (const limit of ['statement_timeout', 'lock_timeout', 'idle_in_transaction_session_timeout'])
      expect(await shown(limit)).not.toBe('0');
  });

  it('breaks off what takes too long, and the connection is as good as before', async () => {
    const late = readTransaction(t.pool, shopA, async (db) => {
      await patiently(db, 50);
      await db.query('select pg_sleep(10)');
    });
    await expect(late).rejects.toSatisfy((error) => isTimeout(error) && problemOf(error).code === 'busy');
    expect(await readTransaction(t.pool, shopA, async (db) => (await db.query('select 1 as n')).rows[0].n)).toBe(1);
  });

  it('gives a busy workshop no more than its share: another one does not wait for it', async () => {
    // More connections than one workshop may hold, as in the server.
    const pool = makePool(String(t.pool.options.connectionString), 6);
    let go!: () => void;
    const held = new Promise<void>((r) => (go = r));
    const busy = Array.from({ length: 30 }, () => writeTransaction(pool, shopA, () => held));
    const reading = Array.from({ length: 30 }, () => readTransaction(pool, shopA, () => held));
    const calm = shopTransaction(pool, shopB, async (db) => (await db.query('select 1 as n')).rows[0].n as number);
    const first = await Promise.race([calm.then(() => 'calm'), new Promise((r) => setTimeout(() => r('late'), 5000))]);
    go();
    await Promise.all([...busy, ...reading, calm]);
    await pool.end();
    expect(first).toBe('calm');
  });

  it('says that it is busy where too many wait, instead of holding them all', () => {
    expect(problemOf(new Busy())).toMatchObject({ status: 503, code: 'busy' });
  });
});

describe('a row that no calendar has', () => {
  it('does not take its page with it, and can be taken back', async () => {
    const odd = [
      ['0202-01-01 00:00:00+00', '1880-06-01 12:00:00+00'],
      ['infinity', '-infinity'],
    ];
    for (const [i, [until, look]] of odd.entries())
      await t.owner.query(
        `insert into wait (shop_id, id, job_id, kind, what, until, look_again, made_seq) values ($1, $2, $3, 'part', 'odd', $4, $5, 1)`,
        [shopA, uid(8100 + i), id.job, until, look],
      );
    // As under a time zone whose offset once had seconds.
    await t.owner.query(`set timezone = 'Europe/Berlin'`);
    const snapshot = (await jobSnapshot(t.pool, shopA, id.job, null))!;
    const waits = snapshot.rows.wait as { what: string; until: string }[];
    expect(waits.filter((w) => w.what === 'odd').map((w) => w.until)).toEqual(['0202-01-01T00:00:00.000Z', '9999-12-31T23:59:59.999Z']);
    expect((await nextBoard(t.pool, shopA, '2030-01-01T00:00:00.000Z')).lines).toHaveLength(1);
  });
});

describe('an undo', () => {
  it('reads what can matter to it, however long the journal has become since', async () => {
    const part = makeCommand({
      id: uid(8200),
      type: 'part.add',
      kind: 'part',
      entityId: uid(8201),
      madeAt: '2030-03-01T08:00:00.000Z',
      after: null,
      payload: { jobId: id.job, findingId: null, name: 'Condenser', number: null, source: null, quantity: 1, price: '1', dueOn: null },
    });
    await sendAll(t.pool, shopA, [part]);
    const notes = Array.from({ length: 200 }, (_x, i) =>
      makeCommand({
        ...part,
        id: uid(8300 + i),
        type: 'watch.add',
        kind: 'watch',
        entityId: uid(8600 + i),
        payload: { jobId: id.job, what: `n${i}`, due: 'soon' },
      }),
    );
    await sendAll(t.pool, shopA, notes);
    const undo = makeCommand({
      id: uid(8901),
      type: 'undo',
      kind: 'job',
      entityId: id.job,
      madeAt: part.madeAt,
      after: null,
      payload: { targetId: part.id },
    });
    const state = await shopTransaction(t.pool, shopA, (db) => loadRows(db, [undo]));
    const touching = state.journal.filter((e) => e.type !== 'undo' && e.type !== 'redo');
    expect(touching.map((e) => e.id)).toEqual([part.id]);
    await sendAll(t.pool, shopA, [undo]);
  });
});
