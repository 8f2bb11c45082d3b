import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { id, uid } from '../../../test/fixtures/commands';
import { shipped } from '../../../test/fixtures/knowledge';
import { after, run } from '../../../test/fixtures/state';
import { effectOf, makeCommand } from '../command';
import { fitnessOf, fitnessRowsOf } from '../fitness';
import type { Connection } from '../state';
import {
  alike,
  astray,
  campaignOf,
  colourKey,
  crossedWords,
  jointsToList,
  mostPairings,
  pairingsOf,
  pairingTest,
  toldByPairing,
  type LooseWire,
} from '.';

const ends = ['Main fuse', 'Frame lug', 'Coil 1', 'Coil 2', 'Regulator', 'Headlamp', 'Neutral switch', 'A blob'];
const colours = ['black', 'white/red', 'green'];
const wires = fc
  .array(fc.record({ fromEnd: fc.constantFrom(...ends), toEnd: fc.constantFrom(...ends), colour: fc.constantFrom(...colours) }), {
    maxLength: 6,
  })
  .map((list) => list.map((w, i): LooseWire => ({ id: `w${i}`, kind: 'wire', mark: null, joinedAt: null, ...w })));
const pairings = (list: readonly LooseWire[], tries: { pairing: string; result: 'cures' | 'no change' | 'worse' }[] = []) =>
  pairingsOf(shipped, list, tries, {});

describe('pairings of like-coloured wires', () => {
  it('put every loose wire on an end of its own colour, each end once, and none twice', () => {
    fc.assert(
      fc.property(wires, (list) => {
        const { list: found, count } = pairings(list);
        const groups = [...alike(list).values()];
        const most = groups.reduce((n, g) => n * g.reduce((f, _w, i) => f * (i + 1), 1), groups.length ? 1 : 0);
        if (most > mostPairings) return;
        expect(found).toHaveLength(count);
        expect(count).toBeLessThanOrEqual(most);
        expect(new Set(found.map((p) => p.code)).size).toBe(count);
        for (const p of found)
          for (const g of groups) {
            const on = p.joins.filter((j) => g.some((w) => w.id === j.id)).map((j) => j.to);
            expect(on.sort()).toEqual(g.map((w) => w.toEnd).sort());
          }
      }),
    );
  });

  it('come safest first, and those that were tried last', () => {
    fc.assert(
      fc.property(wires, fc.array(fc.nat(719), { maxLength: 4 }), (list, picks) => {
        const all = pairings(list).list;
        const tries = picks.flatMap((i) => (all.length ? [{ pairing: all[i % all.length].code, result: 'no change' as const }] : []));
        const { list: found, left } = pairings(list, tries);
        const open = found.filter((p) => !p.tried);
        expect(left).toBe(open.length);
        expect(found.slice(0, left)).toEqual(open);
        for (const [i, p] of open.entries()) if (i) expect(p.harm).toBeGreaterThanOrEqual(open[i - 1].harm);
        expect(all.length - left).toBe(new Set(tries.map((t) => t.pairing)).size);
      }),
    );
  });

  it('end with the one that cures', () => {
    const two = [0, 1].map((i): LooseWire => ({
      id: `w${i}`,
      kind: 'wire',
      fromEnd: `Pin ${i}`,
      toEnd: `Coil ${i}`,
      colour: 'red',
      mark: null,
      joinedAt: null,
    }));
    const [first, second] = pairings(two).list;
    expect(pairings(two, [{ pairing: first.code, result: 'no change' }])).toMatchObject({ left: 1, cure: null });
    expect(pairings(two, [{ pairing: second.code, result: 'cures' }])).toMatchObject({ left: 0, cure: { code: second.code } });
  });

  it('are not worked out where nobody would try them', () => {
    const seven = Array.from({ length: 7 }, (_x, i): LooseWire => ({
      id: `w${i}`,
      kind: 'wire',
      fromEnd: `F${i}`,
      toEnd: `T${i}`,
      colour: 'red',
      mark: null,
      joinedAt: null,
    }));
    expect(pairings(seven)).toMatchObject({ list: [], count: 5040, left: 5040 });
  });

  it('leave out what is marked, joined, of no colour, or no wire', () => {
    const wire: LooseWire = { id: 'a', kind: 'wire', fromEnd: 'x', toEnd: 'y', colour: 'red', mark: null, joinedAt: null };
    expect(alike([wire, { ...wire, id: 'b', mark: 'B' }, { ...wire, id: 'c', joinedAt: '2030-01-01T00:00:00.000Z' }]).size).toBe(0);
    expect(alike([wire, { ...wire, id: 'b', kind: 'hose' }, { ...wire, id: 'c', colour: null }]).size).toBe(0);
    expect(alike([wire, { ...wire, id: 'b', colour: 'Red wire' }]).get('red')).toHaveLength(2);
  });

  it('a colour is one, however it is written', () => {
    expect(colourKey('Black with white tracer')).toBe('black/white');
    expect(colourKey('black/WHITE')).toBe('black/white');
    expect(colourKey('white/black')).not.toBe(colourKey('black/white'));
    expect(colourKey(null)).toBe('');
  });
});

const state = after('wire.try');
const connections = (s = state) => [...s.rows.connection.values()];

describe('a connection of a job', () => {
  it('the pairing that cures is the record from then on', () => {
    expect(connections().map((c) => [c.fromEnd, c.toEnd, c.joinedTo])).toEqual([
      ['Ignition unit, pin 3', 'Pick-up right', null],
      ['Ignition unit, pin 4', 'Pick-up left', null],
    ]);
    expect(astray(connections())).toEqual([]);
  });

  it('on another end it stands against cranking, parted against handing over, and both against closing its step', () => {
    const send = (
      type: 'connection.part' | 'connection.join' | 'step.refit',
      table: 'connection' | 'step',
      entity: string,
      payload: object,
    ) =>
      makeCommand({
        id: uid(901),
        type,
        kind: table,
        entityId: entity,
        madeAt: '2030-02-01T08:00:00.000Z',
        after: null,
        payload: { jobId: id.job, ...payload },
      });
    const parted = run(state, send('connection.part', 'connection', id.wire, {}));
    const codes = (s: typeof state, act: 'crank' | 'handOver') =>
      fitnessOf(shipped, fitnessRowsOf(s, id.job))
        [act].reasons.map((r) => r.code)
        .filter((c) => c.startsWith('connection:'));
    expect(codes(parted, 'crank')).toEqual([]);
    expect(codes(parted, 'handOver')).toEqual([`connection:${id.wire}`]);
    expect(effectOf(parted, send('step.refit', 'step', id.step, { counts: {} }))).toMatchObject({
      ok: false,
      refusal: { message: expect.stringContaining('Ignition unit, pin 3: not back on Pick-up right') as string },
    });
    const crossed = run(parted, send('connection.join', 'connection', id.wire, { joinedTo: 'pick-up LEFT' }));
    expect(codes(crossed, 'crank')).toEqual([`connection:${id.wire}`]);
    expect(crossedWords(crossed.rows.connection.get(id.wire)!)).toBe(
      'black/white, Ignition unit, pin 3: on pick-up LEFT, the record says Pick-up right',
    );
    // The same end in other letters is the same end.
    const back = run(parted, send('connection.join', 'connection', id.wire, { joinedTo: 'pick-up right' }));
    expect(astray(connections(back))).toEqual([]);
  });
});

describe('the campaign of joints', () => {
  const joint = (fromEnd: string, dropBefore: number | null, dropAfter: number | null) =>
    ({ id: fromEnd, kind: 'earth', fromEnd, toEnd: 'frame', dropBefore, dropAfter }) as Connection;
  const limit = { low: null, high: 0.1, source: 'general', general: true };

  it('has what is left first, and nothing twice', () => {
    const lines = campaignOf([joint('A', 0.02, null), joint('B', 0.6, null), joint('C', 0.6, 0.03), joint('D', null, null)], limit);
    expect(lines.map((l) => [l.joint.fromEnd, l.done])).toEqual([
      ['B', false],
      ['D', false],
      ['A', true],
      ['C', true],
    ]);
    const named = jointsToList(shipped, [], {}).map((j) => j.name);
    expect(jointsToList(shipped, [{ fromEnd: named[0] }], {}).map((j) => j.name)).toEqual(named.slice(1));
  });
});

describe('what a pairing tells the tracer', () => {
  const loose = (fromEnd: string, toEnd: string, n: number): LooseWire => ({
    id: `w${n}`,
    kind: 'wire',
    fromEnd,
    toEnd,
    colour: 'green',
    mark: null,
    joinedAt: null,
  });
  const ignition = [loose('Pick-up, left', 'Ignition unit, pin 3', 1), loose('Pick-up, right', 'Ignition unit, pin 4', 2)];
  const lamps = [loose('Headlamp', 'Dip switch', 1), loose('Tail lamp', 'Dip switch, rear', 2)];

  it('is that it cures, or that none is left that could', () => {
    expect(toldByPairing(shipped, ignition, { result: 'cures', left: 1 }, {})).toBe('cures');
    expect(toldByPairing(shipped, ignition, { result: 'no change', left: 1 }, {})).toBeNull();
    expect(toldByPairing(shipped, ignition, { result: 'worse', left: 0 }, {})).toBe('none');
    const outcomes = shipped.tests.find((t) => t.id === pairingTest)!.outcomes.map((o) => o.id);
    expect(outcomes).toEqual(expect.arrayContaining(['cures', 'none']));
  });

  it('is nothing of wires that carry no spark', () => {
    for (const result of ['cures', 'no change'] as const) expect(toldByPairing(shipped, lamps, { result, left: 0 }, {})).toBeNull();
  });
});
