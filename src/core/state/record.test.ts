import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { id } from '../../../test/fixtures/commands';
import { after } from '../../../test/fixtures/state';
import { snapshotAfter } from '../../../test/fixtures/snapshot';
import { applyChanges, bump, fields, groupBy, hasField, invert, list, placeWords, stateOf, tableNames, type Change, type State } from '.';

const plain = (s: State) => Object.fromEntries(tableNames.map((t) => [t, list(s, t).map((r) => ({ ...r, versions: null }))]));

/** Random sets of fields of the bike, one after the other, as effects would write them down. */
const sets = fc.array(
  fc.record({ year: fc.option(fc.integer({ min: 1900, max: 2000 })), cooling: fc.option(fc.constantFrom('air', 'liquid')) }),
  { minLength: 1, maxLength: 6 },
);

function changesOf(state: State, wishes: { year: number | null; cooling: string | null }[]): Change[] {
  let now = state;
  return wishes.map((set): Change => {
    const row = now.rows.bike.get(id.bike)!;
    const change: Change = { op: 'update', table: 'bike', id: id.bike, set: { ...set }, was: { year: row.year, cooling: row.cooling } };
    now = applyChanges(now, [change]);
    return change;
  });
}

describe('changes', () => {
  const state = after('bike.set');

  it('inverted take back exactly what was done, however many there were', () => {
    fc.assert(
      fc.property(sets, (wishes) => {
        const changes = changesOf(state, wishes);
        const done = applyChanges(state, changes);
        expect(plain(applyChanges(done, invert(changes, done)))).toEqual(plain(state));
      }),
    );
  });

  it('only ever raise the versions of the fields they set', () => {
    fc.assert(
      fc.property(sets, (wishes) => {
        const done = applyChanges(state, changesOf(state, wishes));
        expect(done.rows.bike.get(id.bike)!.versions).toMatchObject({ year: wishes.length, cooling: wishes.length, strokes: 1 });
      }),
    );
    expect(bump({ a: 1 }, ['a', 'b'])).toEqual({ a: 2, b: 1 });
  });

  it('leave other tables shared, not copied', () => {
    const done = applyChanges(state, changesOf(state, [{ year: 1968, cooling: null }]));
    expect(done.rows.job).toBe(state.rows.job);
    expect(done.rows.bike).not.toBe(state.rows.bike);
    expect(applyChanges(state, [])).toBe(state);
  });

  it('of a row that is not there are a fault of the program, not of the person', () => {
    expect(() => applyChanges(state, [{ op: 'update', table: 'bike', id: 'none', set: {}, was: {} }])).toThrow(/is not in this state/);
  });

  it('take back an insert together with what the row has become since', () => {
    const [insert] = after('watch.add').journal.at(-1)!.changes;
    const changed = applyChanges(after('watch.add'), [
      { op: 'update', table: 'watch', id: id.watch, set: { due: 'daily' }, was: { due: 'x' } },
    ]);
    const [back] = invert([insert], changed);
    expect(back).toMatchObject({ op: 'delete', row: { due: 'daily', versions: { due: 1 } } });
  });
});

describe('the record', () => {
  it('knows its fields and no others', () => {
    expect(hasField('bike', 'year')).toBe(true);
    expect(hasField('bike', 'shopId')).toBe(false);
    for (const t of tableNames) expect(new Set(fields[t]).size, t).toBe(fields[t].length);
  });

  it('of a snapshot is the state it was taken from', () => {
    expect(plain(stateOf(snapshotAfter()))).toEqual(plain(after()));
    expect(stateOf(snapshotAfter()).journal).toEqual(after().journal);
  });

  it('groups in the order in which keys first came', () => {
    expect([...groupBy([3, 1, 4, 1, 5, 9, 2, 6], (x) => x % 2)]).toEqual([
      [1, [3, 1, 1, 5, 9]],
      [0, [4, 2, 6]],
    ]);
  });
});

describe('a place in words', () => {
  it.each([
    [null, 2, ''],
    ['2', 2, 'cylinder 2'],
    ['1', 1, ''],
    ['1', null, ''],
    ['2 top ring', 4, 'cylinder 2, top ring'],
    ['1 top across', 1, 'top across'],
    ['bolt 3', 2, 'bolt 3'],
    ['left', 4, 'left'],
  ])('%s on %s cylinders is "%s"', (position, cylinders, words) => expect(placeWords(position, cylinders)).toBe(words));
});
