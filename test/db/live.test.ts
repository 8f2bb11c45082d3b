import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { makeCommand } from '../../src/core/command';
import { JobStore } from '../../src/ui/job/store';
import { stateOf, tableNames, type Heard } from '../../src/core/state';
import { handleCommand } from '../../src/server/commands/handle';
import type { Speaker } from '../../src/server/commands/speaker';
import { Hub } from '../../src/server/live/hub';
import { jobSnapshot } from '../../src/server/queries/job';
import { journalAfter } from '../../src/server/queries/journal';
import { id, script, uid } from '../fixtures/commands';
import { sendAll } from './filled';
import { freshDatabase, openBoth, shopA, shopB, type TestDatabase } from './database';
import { tablesOf, tablesOfState } from './tables';

let t: TestDatabase;
let url: string;
const speaker = (shopId: string): Speaker => ({ shopId, actorId: id.person, deviceId: null });
beforeAll(async () => {
  t = await freshDatabase();
  await openBoth(t.pool);
  url = String(t.pool.options.connectionString);
});
afterAll(() => t.drop());

let n = 20_000;
const person = () =>
  makeCommand({
    id: uid(n++),
    type: 'person.add',
    kind: 'person',
    entityId: uid(n++),
    madeAt: '2030-01-02T08:00:00.000Z',
    after: null,
    payload: { name: `Person ${n}` },
  });
const listener = (shopId: string, seq = 0) => {
  const heard: Heard[] = [];
  return { heard, listener: { shopId, sessionId: 'a device', end: () => undefined, seq, tell: (e: Heard[]) => void heard.push(...e) } };
};

describe('the hub', () => {
  it('tells each listener every line of its shop once, in order, from where it was; and nothing of another shop', async () => {
    const hub = new Hub(t.pool, url, 60_000);
    try {
      for (let i = 0; i < 5; i++) await handleCommand(t.pool, speaker(shopA), person());
      const all = listener(shopA);
      const late = listener(shopA, 3);
      const other = listener(shopB);
      for (const l of [all, late, other]) hub.add(l.listener);
      await expect.poll(() => all.heard.length).toBe(5);
      for (let i = 0; i < 5; i++) await handleCommand(t.pool, speaker(shopA), person());
      await handleCommand(t.pool, speaker(shopB), person());
      await expect.poll(() => [all.heard.length, late.heard.length, other.heard.length]).toEqual([10, 7, 1]);
      expect(all.heard.map((e) => e.seq)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9, 10]);
      expect(late.heard.map((e) => e.seq)).toEqual([4, 5, 6, 7, 8, 9, 10]);
    } finally {
      await hub.close();
    }
  });

  it('loses nothing when its connection is cut: the beat makes it good', async () => {
    const hub = new Hub(t.pool, url, 150);
    try {
      const { rows } = await t.owner.query('select seq from shop where id = $1', [shopA]);
      const l = listener(shopA, Number(rows[0].seq));
      hub.add(l.listener);
      await handleCommand(t.pool, speaker(shopA), person());
      await expect.poll(() => l.heard.length).toBe(1);
      await t.owner.query(
        `select pg_terminate_backend(pid) from pg_stat_activity where application_name = 'ivrek live' and datname = current_database()`,
      );
      await handleCommand(t.pool, speaker(shopA), person());
      await handleCommand(t.pool, speaker(shopA), person());
      await expect.poll(() => l.heard.length).toBe(3);
      expect(new Set(l.heard.map((e) => e.seq)).size).toBe(3);
    } finally {
      await hub.close();
    }
  });

  it('forgets a listener that left', async () => {
    const hub = new Hub(t.pool, url, 60_000);
    try {
      const l = listener(shopB, 1_000_000);
      const leave = hub.add(l.listener);
      expect(hub.size).toBe(1);
      leave();
      expect(hub.size).toBe(0);
    } finally {
      await hub.close();
    }
  });
});

describe('the journal after a number', () => {
  it('comes in pages without a gap or a repeat', async () => {
    for (let i = 0; i < 520; i++) await handleCommand(t.pool, speaker(shopB), person());
    const seen: number[] = [];
    let after = 0;
    for (;;) {
      const page = await journalAfter(t.pool, shopB, after, null);
      seen.push(...page.entries.map((e) => e.seq));
      after = page.upTo;
      if (!page.more) break;
    }
    const { rows } = await t.owner.query('select seq from shop where id = $1', [shopB]);
    expect(seen).toEqual(Array.from({ length: Number(rows[0].seq) }, (_, i) => i + 1));
    expect(after).toBe(Number(rows[0].seq));
  });

  it('brings a screen that saw nothing of a job to what the tables say, with the owner’s data, from any point on', async () => {
    const commands = script();
    const half = Math.floor(commands.length / 2);
    for (const c of commands.slice(0, half)) expect((await handleCommand(t.pool, speaker(shopA), c)).kind, c.type).toBe('applied');
    const snapshot = (await jobSnapshot(t.pool, shopA, id.job, null))!;
    for (const c of commands.slice(half)) expect((await handleCommand(t.pool, speaker(shopA), c)).kind, c.type).toBe('applied');
    const store = new JobStore(snapshot, () => Promise.resolve());
    const page = await journalAfter(t.pool, shopA, store.heardUpTo, id.job);
    store.caughtUp(page.entries, page.upTo);
    const now = (await jobSnapshot(t.pool, shopA, id.job, null))!;
    const want = tablesOfState(stateOf(now));
    const got = tablesOfState(store.get().state);
    for (const table of tableNames.filter((x) => x !== 'person')) expect(got[table], table).toEqual(want[table]);
    expect(store.get().state.journal.map((e) => e.id)).toEqual(now.journal.map((e) => e.id));
    // A page that carries the newest lines only has the same journal once the others have come, wherever it was cut; no act is cut.
    const lines = (await journalAfter(t.pool, shopA, 0, id.job)).entries;
    const cuts = new Set<number>();
    for (let n = 1; n <= now.journal.length + 1; n++) {
      const cut = (await jobSnapshot(t.pool, shopA, id.job, null, n))!;
      expect({ ...cut, journal: now.journal, journalFrom: undefined }, `${n} lines`).toEqual({ ...now, journalFrom: undefined });
      const first = cut.journal[0];
      const before = now.journal.slice(0, now.journal.length - cut.journal.length);
      if (n > 1)
        expect(
          before.some((e) => e.groupId && e.groupId === first.groupId),
          `${n} lines`,
        ).toBe(false);
      expect(cut.journalFrom, `${n} lines`).toBe(n <= now.journal.length ? first.seq : undefined);
      const screen = new JobStore(cut, () => Promise.resolve());
      expect(screen.journalFrom).toBe(cut.journalFrom ?? null);
      if (cut.journalFrom) screen.takeEarlier(lines.filter((e) => e.seq < cut.journalFrom!));
      expect(screen.get().state.journal, `${n} lines`).toEqual(now.journal);
      expect([screen.journalFrom, screen.toSnapshot().journalFrom]).toEqual([null, undefined]);
      cuts.add(cut.journal.length);
    }
    expect(cuts.size).toBeGreaterThan(10);
    // and what stands in the tables is what both say
    const all = await tablesOf(t.pool, shopA);
    expect(want.evidence).toEqual(all.evidence);
  });

  it('and a snapshot that is read while others write is of one moment: its rows are what its journal says', async () => {
    const [fresh, job] = [await freshDatabase(), id.job];
    try {
      await openBoth(fresh.pool);
      await sendAll(fresh.pool, shopA, script().slice(0, 2));
      let writing = true;
      const writer = (async () => {
        for (let i = 0; i < 120; i++) {
          const entityId = uid(n++);
          await handleCommand(
            fresh.pool,
            speaker(shopA),
            makeCommand({
              id: uid(n++),
              type: 'watch.add',
              kind: 'watch',
              entityId,
              madeAt: '2030-01-02T08:00:00.000Z',
              after: null,
              payload: { jobId: job, what: `Oil ${i}`, due: 'soon' },
            }),
          );
        }
        writing = false;
      })();
      let looks = 0;
      while (writing) {
        const s = (await jobSnapshot(fresh.pool, shopA, job, null))!;
        const watches = s.journal.filter((e) => e.type === 'watch.add').length;
        expect(s.rows.watch).toHaveLength(watches);
        // the two first lines are the person and the booking in
        expect(s.shop.seq).toBe(watches + 2);
        looks++;
      }
      await writer;
      expect(looks).toBeGreaterThan(10);
    } finally {
      await fresh.drop();
    }
  });
});
