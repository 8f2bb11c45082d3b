import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { jobSnapshot } from '../../src/server/queries/job';
import { id, script, takeBack, uid } from '../fixtures/commands';
import { freshDatabase, openBoth, shopA, shopB, type TestDatabase } from './database';
import { openScript, sendAll } from './filled';

let t: TestDatabase;
beforeAll(async () => {
  t = await freshDatabase();
  await openBoth(t.pool);
});
afterAll(() => t.drop());

const counted = async (shopId = shopA) => (await jobSnapshot(t.pool, shopId, id.job, null))?.experience;

describe('what a shop’s closed jobs turned out to be', () => {
  it('is empty until a job is handed over, then names its cause; another shop hears nothing of it', async () => {
    const all = script();
    const handOver = all.find((c) => c.type === 'job.handOver')!;
    await sendAll(t.pool, shopA, openScript());
    expect(await counted()).toEqual({ causes: 0, found: {} });
    await sendAll(t.pool, shopA, [handOver]);
    const now = await counted();
    expect(now!.causes).toBeGreaterThan(0);
    expect(Object.values(now!.found).reduce((a, b) => a + b, 0)).toBe(now!.causes);
    expect(Object.keys(now!.found)).toContain('points-dirty');
    await sendAll(t.pool, shopA, [takeBack('undo', 42_000, handOver.id)]);
    expect(await counted()).toEqual({ causes: 0, found: {} });
    await sendAll(t.pool, shopB, [{ ...all[1], id: uid(41_000) }]);
    expect(await counted(shopB)).toEqual({ causes: 0, found: {} });
  });
});
