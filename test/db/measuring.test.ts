import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { makeCommand } from '../../src/core/command';
import { exportJob } from '../../src/server/files/export';
import { jobSnapshot } from '../../src/server/queries/job';
import { specifications } from '../../src/server/queries/specifications';
import { id, uid } from '../fixtures/commands';
import { freshDatabase, openBoth, shopA, shopB, type TestDatabase } from './database';
import { openScript, sendAll } from './filled';

// What the measuring bench asks of the server: limits to copy, and readings of a bike's other jobs.

let db: TestDatabase;
const other = { job: uid(900), reading: uid(902) };
const command = (type: string, kind: 'job' | 'reading', entityId: string, payload: object) =>
  makeCommand({ id: crypto.randomUUID(), type, kind, entityId, madeAt: '2030-03-01T10:00:00.000Z', after: null, payload });

beforeAll(async () => {
  db = await freshDatabase();
  await openBoth(db.pool);
  await sendAll(db.pool, shopA, openScript());
  // The bike comes back: another visit of it, with a reading of its own.
  await sendAll(db.pool, shopA, [
    command('job.open', 'job', other.job, {
      bikeId: id.bike,
      complaintId: uid(905),
      words: 'Smokes since the autumn',
      symptoms: {},
      rate: '38.00',
    }),
    command('reading.add', 'reading', other.reading, {
      jobId: other.job,
      position: '1',
      conditions: {},
      reading: {
        id: other.reading,
        bikeId: id.bike,
        quantity: 'compression',
        value: { kind: 'exact', value: 1.1e6 },
        unit: 'bar',
        entered: '11 bar',
        instrument: null,
      },
    }),
  ]);
});
afterAll(() => db.drop());

describe('limits', () => {
  it('of every bike that has any, with service limit and origin; another shop sees none', async () => {
    const all = await specifications(db.pool, shopA);
    expect(all.map((b) => b.bike)).toEqual(['Quillon 350']);
    expect(all[0].specs[0]).toMatchObject({ quantity: 'compression', serviceLow: 827371.2, serviceHigh: null, origin: 'book' });
    expect(await specifications(db.pool, shopB)).toEqual([]);
  });
});

describe('readings of a bike', () => {
  it('from its other jobs come along beside the job’s own', async () => {
    const snapshot = (await jobSnapshot(db.pool, shopA, id.job, null))!;
    expect(snapshot.earlier?.map((r) => r.id)).toEqual([other.reading]);
    expect(snapshot.rows.reading?.some((r) => r.id === other.reading)).toBe(false);
    const back = (await jobSnapshot(db.pool, shopA, other.job, null))!;
    expect(back.rows.reading?.map((r) => r.id)).toEqual([other.reading]);
    expect(back.earlier?.map((r) => r.id)).toEqual(snapshot.rows.reading?.map((r) => r.id));
    // The limits of the book belong to the bike.
    expect(back.rows.spec).toEqual(snapshot.rows.spec);
  });

  it('a job’s file has its own and those of the visits before it, not of those after', async () => {
    expect(JSON.stringify(await exportJob(db.pool, shopA, id.job))).not.toContain(other.reading);
    const file = (await exportJob(db.pool, shopA, other.job))!;
    const ids = file.rows.reading!.map((r) => r.id);
    expect(ids[0]).toBe(other.reading);
    expect(ids.length).toBeGreaterThan(1);
  });
});
