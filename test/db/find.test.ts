import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { makeCommand } from '../../src/core/command';
import { find } from '../../src/server/queries/find';
import { id, script, uid } from '../fixtures/commands';
import { freshDatabase, openBoth, shopA, shopB, type TestDatabase } from './database';
import { openScript, sendAll } from './filled';

let t: TestDatabase;
beforeAll(async () => {
  t = await freshDatabase();
  await openBoth(t.pool);
  const booked = script()[1];
  await sendAll(t.pool, shopA, openScript());
  await sendAll(t.pool, shopB, [{ ...booked, id: uid(40_000) }]);
  await t.owner.query('update personal set name = $1 where id = $2', ['Orla Fennimore', id.personal2]);
  await t.owner.query(
    'insert into personal (shop_id, id, name) values ($1, $2, $3) on conflict (shop_id, id) do update set name = excluded.name',
    [shopA, id.personal2, 'Orla Fennimore'],
  );
});
afterAll(() => t.drop());

const found = async (text: string, shopId = shopA) =>
  (await find(t.pool, shopId, text)).map((l) => `${l.kind}${l.near ? ' (near)' : ''}: ${l.words}`);

describe('what is hard to keep', () => {
  const noted = (words: string) =>
    makeCommand({
      id: crypto.randomUUID(),
      type: 'complaint.add',
      kind: 'complaint',
      entityId: crypto.randomUUID(),
      madeAt: '2030-03-01T08:00:00.000Z',
      after: null,
      payload: { jobId: id.job, words, symptoms: {}, afterRepairId: null },
    });

  it('words of any length are found by their beginning, and what stands in the index can be read back', async () => {
    // A tsvector holds words of at most 2,046 bytes (PostgreSQL documentation, section 12.11).
    for (const word of ['q'.repeat(1980), '日'.repeat(700), '🔧'.repeat(600)]) await sendAll(t.pool, shopA, [noted(`begins ${word}`)]);
    expect(await found('q'.repeat(60))).toHaveLength(1);
    expect(await found('日日日日')).toHaveLength(1);
    const { rows } = await t.owner.query('select tokens::text as said, tokens::text::tsvector = tokens as same from find_line');
    expect(rows.every((r) => r.same)).toBe(true);
  });

  it.each([
    ['a pictogram', 'mind the 🔧 here', '🔧'],
    ['an escape as it is typed', 'the label says \\u0000 on it', 'u0000'],
    ['letters with marks', 'Dichtung an der Ölpumpe', 'ölpu'],
  ])('%s is kept and found', async (_what, words, sought) => {
    await sendAll(t.pool, shopA, [noted(words)]);
    expect(await found(sought)).toContainEqual(expect.stringContaining(words));
  });

  it('a search of very many words looks at a few of them', async () => {
    const many = Array.from({ length: 60 }, (_x, i) => `w${i}`).join(' ');
    expect(await found(`condenser ${many}`)).toEqual([]);
  });
});

describe('find', () => {
  it.each([
    ['a bike by its name', 'quillon', /^bike: Quillon 350/],
    ['a bike by the beginning of a word', 'qui', /^bike: Quillon 350/],
    ['a part', 'condenser', /^part: Condenser/],
    ['a part by its number', 'c-12', /^part: Condenser/],
    ['a bag', 'bag 7', /^step: Left cover · bag 7/],
    ['a note', 'gasket reused', /^step: .*gasket reused/],
    ['a torque figure as it was written', '18 lbf', /^torque: Head nuts/],
    ['a torque by its thread', 'm8', /^torque: Head nuts/],
    ['a reading', '170 psi', /^reading: compression/],
    ['a pin', 'short screw', /^pin: Short screw here/],
    ['a book erratum', '186 psi', /^erratum: manual of this bike/],
    ['a provisional repair', 'tie panel', /^provisional: Tie on the panel/],
    ['the owner', 'fennimore', /^owner: Orla Fennimore/],
    ['the owner by half a name', 'fenni', /^owner: Orla Fennimore/],
    ['with the bike’s name to narrow it', 'quillon condenser', /^part: Condenser/],
  ])('%s', async (_what, text, want) => {
    const lines = await found(text);
    expect(
      lines.some((l) => want.test(l)),
      lines.join('\n'),
    ).toBe(true);
  });

  it.each([
    ['condensor', /^part \(near\): Condenser/],
    ['quilon', /^bike \(near\): Quillon 350/],
    ['tie panle', /^provisional \(near\): Tie on the panel/],
    ['quillon condensr', /^part \(near\): Condenser/],
    ['fenimore', /^owner: Orla Fennimore/],
  ])('with a typing error: %s', async (text, want) => {
    const lines = await found(text);
    expect(
      lines.some((l) => want.test(l)),
      lines.join('\n'),
    ).toBe(true);
  });

  it('leads to the job and names the bike', async () => {
    const [line] = await find(t.pool, shopA, 'condenser');
    expect(line).toMatchObject({ jobId: id.job, bike: 'Quillon 350' });
  });

  it('sees nothing of another workshop', async () => {
    expect(await found('condenser', shopB)).toEqual([]);
    expect(await found('fennimore', shopB)).toEqual([]);
    expect((await found('quillon', shopB)).length).toBeGreaterThan(0);
  });

  it('follows changes, renames and removals', async () => {
    const versions = async () =>
      (await t.owner.query('select versions from bike where shop_id = $1 and id = $2', [shopA, id.bike])).rows[0].versions as Record<
        string,
        number
      >;
    const rename = async (name: string) =>
      sendAll(t.pool, shopA, [
        makeCommand({
          id: crypto.randomUUID(),
          type: 'bike.set',
          kind: 'bike',
          entityId: id.bike,
          madeAt: '2030-04-01T08:00:00.000Z',
          after: null,
          payload: { set: { name } },
          base: { name: (await versions()).name ?? 0 },
        }),
      ]);
    await rename('Sedgeling 350');
    expect((await found('quillon')).filter((l) => !l.includes('near'))).toEqual([]);
    expect((await found('sedgeling condenser'))[0]).toMatch(/^part: Condenser/);
    await rename('Quillon 350');
    expect((await found('dowel')).some((l) => l.startsWith('pin:'))).toBe(false);
  });

  it.each(["'; drop table find_line; --", 'a & | ! ( )', '%_\\', '   ', '∅ ♥', "o'clock:*", 'x'.repeat(200)])(
    'is not put out by %s',
    async (text) => {
      await expect(find(t.pool, shopA, text)).resolves.toBeInstanceOf(Array);
    },
  );
});
