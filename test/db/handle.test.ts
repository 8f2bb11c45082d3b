import { readFileSync } from 'node:fs';
import { Ajv } from 'ajv';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { advance, command, effectOf, isUndoable, makeCommand, type Command } from '../../src/core/command';
import { emptyState, fields, tableNames } from '../../src/core/state';
import { handleCommand, handleCommands } from '../../src/server/commands/handle';
import type { Speaker } from '../../src/server/commands/speaker';
import { readJournal, replay } from '../../src/server/commands/replay';
import { snake } from '../../src/server/db/rows';
import { exportJob } from '../../src/server/files/export';
import { jobSchema } from '../../src/server/files/jobSchema';
import { jobSnapshot } from '../../src/server/queries/job';
import { id, script, takeBack, uid } from '../fixtures/commands';
import { freshDatabase, openBoth, shopA, shopB, type TestDatabase } from './database';
import { tablesOf, tablesOfState, withoutVersions } from './tables';

let t: TestDatabase;
beforeAll(async () => {
  t = await freshDatabase();
  await openBoth(t.pool);
});
afterAll(() => t.drop());

const speaker = (shopId: string): Speaker => ({ shopId, actorId: id.person, deviceId: null });
const send = (shopId: string, c: Command, from = t) => handleCommand(from.pool, speaker(shopId), c);
const apply = async (shopId: string, c: Command, from = t) => {
  const answer = await send(shopId, c, from);
  if (answer.kind !== 'applied') throw new Error(`${c.type}: ${JSON.stringify(answer)}`);
  return answer;
};

describe('the tables', () => {
  it('have exactly the columns that the record names', async () => {
    for (const table of tableNames) {
      const { rows } = await t.owner.query(
        `select column_name from information_schema.columns where table_schema = 'public' and table_name = $1`,
        [snake(table)],
      );
      expect(rows.map((r) => r.column_name as string).sort(), table).toEqual(
        ['id', 'shop_id', 'versions', 'made_after', 'made_seq', ...fields[table].map(snake)].sort(),
      );
    }
  });

  it('all carry the shop, leading in their key, under row-level security or out of the application’s reach', async () => {
    const { rows } = await t.owner.query(`
      select c.relname, c.relrowsecurity and c.relforcerowsecurity or not has_table_privilege('ivrek_app', c.oid, 'select, insert, update, delete') as guarded,
             (select a.attname from pg_index i join pg_attribute a on a.attrelid = c.oid and a.attnum = i.indkey[0] where i.indrelid = c.oid and i.indisprimary) as leads
      from pg_class c join pg_namespace n on n.oid = c.relnamespace where n.nspname = 'public' and c.relkind = 'r'
        and c.relname not in ('migrations', 'attempt', 'refusal')`); // attempts at pairing are counted, and noted, before any shop is known
    for (const r of rows) {
      expect(r.guarded, r.relname).toBe(true);
      expect(r.leads, r.relname).toBe(r.relname === 'shop' ? 'id' : 'shop_id');
    }
  });
});

describe('every command type', () => {
  it('has the same effect in the browser and on the server, and undo and redo restore the rows', async () => {
    let state = emptyState();
    let n = 6000;
    for (const c of script()) {
      const before = withoutVersions(await tablesOf(t.pool, shopA));
      const local = effectOf(state, c);
      const answer = await apply(shopA, c);
      expect(local).toEqual({ ok: true, changes: answer.changes });
      state = advance(state, c, answer.changes, answer.seq, null);
      const after = await tablesOf(t.pool, shopA);
      expect(after, c.type).toEqual(tablesOfState(state));
      if (!isUndoable(c.type)) {
        expect(await send(shopA, takeBack('undo', n++, c.id))).toMatchObject({ kind: 'refused', refusal: { code: 'not undoable' } });
        continue;
      }
      for (const [type, want] of [
        ['undo', before],
        ['redo', withoutVersions(after)],
      ] as const) {
        const command = takeBack(type, n, type === 'undo' ? c.id : uid(n - 1));
        n++;
        const here = effectOf(state, command);
        const there = await apply(shopA, command);
        expect(here).toEqual({ ok: true, changes: there.changes });
        state = advance(state, command, there.changes, there.seq, null);
        expect(withoutVersions(await tablesOf(t.pool, shopA)), `${type} ${c.type}`).toEqual(want);
      }
    }
    expect(await tablesOf(t.pool, shopA)).toEqual(tablesOfState(state));
  });

  it('replayed into an empty database gives equal tables', async () => {
    const other = await freshDatabase();
    try {
      await openBoth(other.pool);
      await replay(other.pool, shopA, await readJournal(t.pool, shopA));
      expect(await tablesOf(other.pool, shopA)).toEqual(await tablesOf(t.pool, shopA));
    } finally {
      await other.drop();
    }
  });

  it('numbers the journal without a gap', async () => {
    const { rows } = await t.owner.query('select array_agg(seq::int order by seq) as seqs from journal where shop_id = $1', [shopA]);
    expect(rows[0].seqs).toEqual(Array.from({ length: rows[0].seqs.length }, (_x, i) => i + 1));
  });
});

describe('sent twice', () => {
  it('is applied once, also when both arrive together', async () => {
    const c = makeCommand({
      id: uid(7000),
      type: 'person.add',
      kind: 'person',
      entityId: uid(7001),
      madeAt: '2030-01-01T09:00:00.000Z',
      after: null,
      payload: { name: 'Tam Veley' },
    });
    const answers = await Promise.all(Array.from({ length: 6 }, () => apply(shopA, c)));
    expect(new Set(answers.map((a) => a.seq)).size).toBe(1);
    expect(answers.filter((a) => !a.again)).toHaveLength(1);
    const { rows } = await t.owner.query('select count(*)::int as n from person where shop_id = $1 and id = $2', [shopA, uid(7001)]);
    expect(rows[0].n).toBe(1);
  });
});

describe('several commands that are one act', () => {
  const add = (n: number, kind: 'person' | 'wait' = 'person') =>
    makeCommand({
      id: uid(n),
      type: kind === 'person' ? 'person.add' : 'wait.end',
      kind,
      entityId: uid(n + 50),
      madeAt: '2030-01-01T09:00:00.000Z',
      after: null,
      payload: kind === 'person' ? { name: `Hand ${n}` } : { jobId: id.job },
      group: uid(7900),
    });
  const receiving = (...commands: unknown[]) => handleCommands(t.pool, speaker(shopA), commands);
  const known = async (n: number) =>
    (await t.owner.query('select 1 from person where shop_id = $1 and id = $2', [shopA, uid(n + 50)])).rowCount;

  it('are applied together, next to each other, under one name', async () => {
    const answers = await receiving(add(7600), add(7601));
    const seqs = answers.map((a) => (a.kind === 'applied' ? a.seq : 0));
    expect(seqs[1]).toBe(seqs[0] + 1);
    const { rows } = await t.owner.query('select group_id from journal where shop_id = $1 and seq = any($2)', [shopA, seqs]);
    expect(rows.map((r) => (r as { group_id: string }).group_id)).toEqual([uid(7900), uid(7900)]);
  });

  it('are none applied where one is refused, malformed or fails', async () => {
    expect((await receiving(add(7610), add(7611, 'wait'), add(7612))).map((a) => a.kind)).toEqual(['left', 'refused', 'left']);
    expect((await receiving(add(7610), { ...add(7611), payload: {} }, add(7612))).map((a) => a.kind)).toEqual([
      'left',
      'malformed',
      'left',
    ]);
    expect([await known(7610), await known(7612)]).toEqual([0, 0]);
  });

  it('sent twice are applied once, and both times answered alike', async () => {
    const act = [add(7620), add(7621)];
    const [one, two] = await Promise.all([receiving(...act), receiving(...act)]);
    const seqs = (answers: typeof one) => answers.map((a) => (a.kind === 'applied' ? a.seq : a.kind));
    expect(seqs(one)).toEqual(seqs(two));
    expect(seqs(await receiving(...act))).toEqual(seqs(one));
  });
});

describe('a bike that was back in another job', () => {
  it('does not lose its booking in, on which that job builds', async () => {
    const making = (n: number) => ({ id: uid(n), madeAt: '2030-03-01T09:00:00.000Z' });
    const complaint = { words: 'Will not start', symptoms: {}, rate: '35.00' };
    const ids = { bikeId: uid(7701), newJobId: uid(7702), ownerId: uid(7703), personalId: uid(7704), complaintId: uid(7705) };
    await apply(shopA, command('bike.bookIn', ids.bikeId, { ...ids, ...complaint, name: 'Marram 80' }, making(7710)));
    await apply(shopA, command('job.open', uid(7706), { bikeId: ids.bikeId, complaintId: uid(7707), ...complaint }, making(7711)));
    const answer = await send(shopA, command('undo', ids.newJobId, { targetId: uid(7710) }, making(7712)));
    expect(answer).toMatchObject({ kind: 'refused', refusal: { code: 'depended on', entries: [{ type: 'job.open' }] } });
    await apply(shopA, command('undo', uid(7706), { targetId: uid(7711) }, making(7713)));
    await apply(shopA, command('undo', ids.newJobId, { targetId: uid(7710) }, making(7714)));
  });
});

describe('two devices', () => {
  const bike = uid(7100);
  const set = (n: number, set: object, base: Record<string, number>) =>
    makeCommand({
      id: uid(n),
      type: 'bike.set',
      kind: 'bike',
      entityId: bike,
      madeAt: '2030-01-01T09:00:00.000Z',
      after: null,
      payload: { set },
      base,
    });
  beforeAll(async () => {
    const payload = {
      bikeId: bike,
      newJobId: uid(7101),
      ownerId: uid(7102),
      personalId: uid(7103),
      complaintId: uid(7104),
      name: 'Marram 80',
      words: 'dies',
      symptoms: {},
      rate: '35.00',
    };
    await apply(
      shopA,
      makeCommand({
        id: uid(7105),
        type: 'bike.bookIn',
        kind: 'bike',
        entityId: bike,
        madeAt: '2030-01-01T08:00:00.000Z',
        after: null,
        payload,
      }),
    );
  });

  it('two edits of two fields both stand; of one field the second is refused with both values', async () => {
    expect((await send(shopA, set(7110, { year: 1979 }, { year: 0 }))).kind).toBe('applied');
    expect((await send(shopA, set(7111, { cooling: 'air' }, { cooling: 0 }))).kind).toBe('applied');
    expect(await send(shopA, set(7112, { year: 1981 }, { year: 0 }))).toMatchObject({
      kind: 'refused',
      refusal: { code: 'conflict', fields: [{ field: 'year', theirs: 1979, yours: 1981 }] },
    });
    const { rows } = await t.owner.query('select year, cooling from bike where shop_id = $1 and id = $2', [shopA, bike]);
    expect(rows[0]).toEqual({ year: 1979, cooling: 'air' });
  });

  it('of many at once on one field exactly one is taken', async () => {
    const answers = await Promise.all(
      Array.from({ length: 8 }, (_x, i) => send(shopA, set(7200 + i, { mileageKm: 1000 + i }, { mileageKm: 0 }))),
    );
    expect(answers.filter((a) => a.kind === 'applied')).toHaveLength(1);
  });

  it('a refused command leaves nothing behind', async () => {
    const before = await tablesOf(t.pool, shopA);
    const { rows: seq } = await t.owner.query('select seq from shop where id = $1', [shopA]);
    await send(shopA, set(7300, { year: 1990 }, { year: 0 }));
    await handleCommand(t.pool, speaker(shopA), { nonsense: true });
    expect(await tablesOf(t.pool, shopA)).toEqual(before);
    expect((await t.owner.query('select seq from shop where id = $1', [shopA])).rows).toEqual(seq);
  });
});

describe('two shops', () => {
  it('do not see, change or undo what belongs to the other', async () => {
    const all = await tablesOf(t.pool, shopB);
    expect(Object.values(all).every((rows) => rows.length === 0)).toBe(true);
    expect(await jobSnapshot(t.pool, shopB, id.job, null)).toBeNull();
    expect(await exportJob(t.pool, shopB, id.job)).toBeNull();
    const other = (type: string, kind: 'bike' | 'job', payload: object, base = {}) =>
      makeCommand({
        id: uid(7400),
        type,
        kind,
        entityId: kind === 'bike' ? id.bike : id.job,
        madeAt: '2030-01-01T09:00:00.000Z',
        after: null,
        payload,
        base,
      });
    expect(await send(shopB, other('bike.set', 'bike', { set: { year: 1900 } }, { year: 0 }))).toMatchObject({
      refusal: { code: 'missing' },
    });
    expect(await send(shopB, other('undo', 'job', { targetId: script()[1].id }))).toMatchObject({ refusal: { code: 'missing' } });
    // the same ids in another shop are other rows
    await apply(shopB, script()[0]);
    expect((await tablesOf(t.pool, shopB)).person).toHaveLength(1);
  });

  it('even plain SQL under the application’s role is held to the shop that was set', async () => {
    await expect(t.pool.query('select * from bike')).resolves.toMatchObject({ rowCount: 0 });
    const db = await t.pool.connect();
    try {
      await db.query('begin');
      await db.query(`select set_config('ivrek.shop', $1, true)`, [shopB]);
      await expect(db.query('insert into person (shop_id, id, name) values ($1, $2, $3)', [shopA, uid(7500), 'x'])).rejects.toThrow(
        /row-level security/,
      );
      await db.query('rollback');
      await expect(db.query('update journal set type = type')).rejects.toThrow(/permission denied/);
      await expect(db.query('delete from journal')).rejects.toThrow(/permission denied/);
    } finally {
      db.release();
    }
  });
});

describe('personal data', () => {
  it('stand in a row of their own and never in the journal', async () => {
    const payload = {
      bikeId: uid(7600),
      newJobId: uid(7601),
      ownerId: uid(7602),
      personalId: uid(7603),
      complaintId: uid(7604),
      name: 'Hollin 500',
      words: 'stuck',
      symptoms: {},
      rate: '35.00',
    };
    const c = makeCommand({
      id: uid(7605),
      type: 'bike.bookIn',
      kind: 'bike',
      entityId: uid(7600),
      madeAt: '2030-01-01T08:00:00.000Z',
      after: null,
      payload,
    });
    await handleCommand(t.pool, speaker(shopA), {
      ...c,
      personal: [{ id: uid(7603), name: 'Brannoc Teague', phone: '014 223 440', email: null }],
    });
    const snapshot = await jobSnapshot(t.pool, shopA, uid(7601), null);
    expect(snapshot!.personal).toEqual([{ id: uid(7603), name: 'Brannoc Teague', phone: '014 223 440', email: null }]);
    const { rows } = await t.owner.query(`select count(*)::int as n from journal where journal::text ilike '%teague%'`);
    expect(rows[0].n).toBe(0);
  });
});

describe('export', () => {
  it('is what its JSON Schema says, and the schema in docs is this one', async () => {
    const valid = new Ajv({ allErrors: true, allowUnionTypes: true }).compile(jobSchema());
    const file = JSON.parse(JSON.stringify(await exportJob(t.pool, shopA, id.job))) as { rows: Record<string, unknown> };
    expect(valid(file), JSON.stringify(valid.errors?.slice(0, 3))).toBe(true);
    expect(valid({ ...file, rows: { ...file.rows, colour: [] } })).toBe(false);
    expect(JSON.parse(readFileSync('docs/job.schema.json', 'utf8'))).toEqual(jobSchema());
  });

  it('holds the whole job with its journal', async () => {
    const file = (await exportJob(t.pool, shopA, id.job))!;
    expect(file.rows.evidence).toHaveLength(2);
    expect(file.journal.length).toBeGreaterThan(60);
    expect(file.rows.bike![0]).toMatchObject({ name: 'Quillon 350' });
  });
});
