import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shipped } from '../../../test/fixtures/knowledge';
import type { Facts } from '../knowledge';
import { quantityInfo } from '../measure';
import { toSi } from '../quantity';
import { readSpecJson, readSpecRows, specFile, specRows, templateFor, type SpecEntry } from '.';

const known = (q: string) => quantityInfo(shipped, q, {});
const entry = (patch: Partial<SpecEntry> = {}): SpecEntry => ({
  quantity: 'ring-gap',
  low: toSi(0.15, 'mm'),
  high: toSi(0.35, 'mm'),
  serviceLow: null,
  serviceHigh: toSi(0.8, 'mm'),
  unit: 'mm',
  entered: '0.15 to 0.35 mm',
  source: 'book, page 12',
  origin: 'book',
  ...patch,
});

describe('a specification as a file', () => {
  it('goes out as a table and as JSON and comes back the same', () => {
    const bound = fc.option(fc.integer({ min: 1, max: 400 }));
    const any = fc
      .record({ a: bound, b: bound, unit: fc.constantFrom('mm', 'thou', 'in'), source: fc.stringMatching(/^[a-z0-9, "]{1,20}$/) })
      .filter((x) => (x.a !== null || x.b !== null) && x.source.trim() !== '');
    fc.assert(
      fc.property(any, ({ a, b, unit, source }) => {
        const [low, high] = a !== null && b !== null ? [Math.min(a, b), Math.max(a, b)] : [a, b];
        const si = (x: number | null) => (x === null ? null : toSi(x / 100, unit));
        const one = entry({ low: si(low), high: si(high), serviceHigh: null, unit, source: source.trim() });
        for (const back of [readSpecRows(specRows([one]), known), readSpecJson(JSON.stringify(specFile('Quillon 350', [one])), known)]) {
          if (!back.ok) throw new Error(back.problems.join());
          const [got] = back.entries;
          for (const k of ['low', 'high'] as const) {
            if (one[k] === null) expect(got[k]).toBeNull();
            else expect(got[k]! / one[k]).toBeCloseTo(1, 7);
          }
          expect(got).toMatchObject({ quantity: 'ring-gap', unit, source: source.trim(), origin: 'book' });
        }
      }),
    );
  });

  it('says every line that is wrong, and takes nothing then', () => {
    const head = ['quantity', 'low', 'high', 'service_low', 'service_high', 'unit', 'source', 'origin'];
    const read = (...rows: string[][]) => readSpecRows([head, ...rows], known);
    const r = read(
      ['ring-gap', '0.15', '0.35', '', '0.8', 'mm', 'book', ''],
      ['ring-gap', '0.15', '', '', '', 'mm', 'book', ''],
      ['nonsense', '1', '', '', '', 'mm', 'book', ''],
      ['chain-slack', '30', '20', '', '', 'mm', 'book', ''],
      ['compression', '120', '', '', '', 'mm', 'book', ''],
      ['spring-length', '3O', '', '', '', 'mm', 'book', ''],
      ['points-gap', '', '', '', '', 'mm', 'book', ''],
      ['flatness', '', '0.05', '', '0.03', 'mm', 'book', ''],
      ['rod-side-play', '0.1', '', '', '', 'mm', '', ''],
    );
    expect(r.ok ? [] : r.problems.map((p) => /^Line (\d)/.exec(p)![1])).toEqual(['2', '3', '4', '5', '6', '7', '8', '9']);
    expect(readSpecRows([['a', 'b']], known)).toMatchObject({ ok: false });
    expect(readSpecRows([head], known)).toMatchObject({ ok: false });
    expect(readSpecJson('{', known)).toMatchObject({ ok: false });
    expect(readSpecJson('{"format":"x"}', known)).toMatchObject({ ok: false });
  });
});

describe('the template of a specification', () => {
  it('asks for what an engine of the kind has, and only for quantities that are known', () => {
    for (const facts of [{}, { strokes: 'two' }, { strokes: 'four', ignition: 'points' }] as Facts[]) {
      const all = templateFor(facts);
      expect(new Set(all).size).toBe(all.length);
      for (const q of all) expect(known(q), q).not.toBeNull();
    }
    expect(templateFor({ strokes: 'two' })).not.toContain('valve-clearance-inlet');
    expect(templateFor({ ignition: 'electronic' })).not.toContain('points-gap');
  });
});
