import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { outlineShapes, type Fastener, type Hole } from '../state';
import { holesAt, outlinePath, placedOf, proportions, screwsOf, type Alike } from '.';

const unit = fc.double({ min: 0, max: 1, noNaN: true });
const point = fc.record({ x: unit, y: unit });
const alike = fc.oneof(
  fc.record({ kind: fc.constantFrom<'one' | 'sides' | 'ends' | 'both'>('one', 'sides', 'ends', 'both') }),
  fc.record({ kind: fc.constant('round' as const), count: fc.integer({ min: 1, max: 24 }) }),
) as fc.Arbitrary<Alike>;
const apart = (a: { x: number; y: number }, b: { x: number; y: number }) => Math.hypot(a.x - b.x, a.y - b.y);

describe('holes that lie alike', () => {
  it('begin with the tapped one, lie within the outline, and none of them lies on another', () => {
    fc.assert(
      fc.property(point, alike, (at, how) => {
        const holes = holesAt(at, how);
        expect(apart(holes[0], at)).toBeLessThan(1e-4);
        for (const [i, h] of holes.entries()) {
          expect(Math.min(h.x, h.y)).toBeGreaterThanOrEqual(0);
          expect(Math.max(h.x, h.y)).toBeLessThanOrEqual(1);
          for (const o of holes.slice(i + 1)) expect(apart(h, o)).toBeGreaterThanOrEqual(0.004);
        }
      }),
    );
  });

  it('are the same whichever of them is tapped', () => {
    const sorted = (list: { x: number; y: number }[]) => [...list].sort((a, b) => a.x - b.x || a.y - b.y);
    fc.assert(
      fc.property(point, fc.constantFrom<'sides' | 'ends' | 'both'>('sides', 'ends', 'both'), (at, kind) => {
        const holes = holesAt(at, { kind });
        const again = holesAt(holes.at(-1)!, { kind });
        // Mirrored twice a place may differ in its last figure.
        for (const [i, h] of sorted(again).entries()) expect(apart(h, sorted(holes)[i])).toBeLessThan(0.006);
      }),
    );
  });

  it('on the line they are mirrored at, or in the middle, are one', () => {
    expect(holesAt({ x: 0.5, y: 0.2 }, { kind: 'sides' })).toHaveLength(1);
    expect(holesAt({ x: 0.5, y: 0.5 }, { kind: 'both' })).toHaveLength(1);
    expect(holesAt({ x: 0.5, y: 0.5 }, { kind: 'round', count: 9 })).toHaveLength(1);
    expect(holesAt({ x: 0.1, y: 0.2 }, { kind: 'both' })).toHaveLength(4);
  });

  it('evenly round the middle stand equally far from it and from their neighbours', () => {
    const holes = holesAt({ x: 0.5, y: 0.05 }, { kind: 'round', count: 7 });
    expect(holes).toHaveLength(7);
    for (const [i, h] of holes.entries()) {
      expect(apart(h, { x: 0.5, y: 0.5 })).toBeCloseTo(0.45, 3);
      // A side of a regular polygon: 2 r sin(π / n).
      expect(apart(h, holes[(i + 1) % 7])).toBeCloseTo(2 * 0.45 * Math.sin(Math.PI / 7), 3);
    }
  });
});

describe('an outline', () => {
  it('is a closed path in each shape; a drawn one needs three corners', () => {
    for (const shape of outlineShapes)
      if (shape !== 'drawn') {
        const [w, h] = proportions[shape];
        expect(outlinePath({ shape, corners: [] }, 100 * w, 100 * h)).toMatch(/^M[\d. ]+[^N]*z$/);
      }
    expect(outlinePath({ shape: 'drawn', corners: [0, 0, 1, 1] }, 100, 100)).toBe('');
    expect(outlinePath({ shape: 'drawn', corners: [0, 0, 1, 0, 0.5, 1] }, 200, 100)).toBe('M0 0L200 0L100 100z');
  });

  it('says of each kind of screw how many holes it has, and how many have none', () => {
    const fastener = (id: string, count: number) => ({ id, count, size: id }) as Fastener;
    const hole = (fastenerId: string | null) => ({ fastenerId }) as Hole;
    const { kinds, empty } = placedOf(
      [fastener('long', 2), fastener('short', 3)],
      [hole('long'), hole('long'), hole('short'), hole(null), hole('gone')],
    );
    expect(kinds.map((k) => [k.fastener.id, k.placed])).toEqual([
      ['long', 2],
      ['short', 1],
    ]);
    expect(empty).toBe(2);
  });
});

describe('the screws of an outline', () => {
  it('are those of its step, and those of its holes that a split has hung on another: the hole stays where it is', () => {
    const screw = fc.record({
      id: fc.uuid(),
      stepId: fc.constantFrom('cover', 'bracket', 'far'),
      size: fc.constantFrom('M6x25', 'M6x100', 'M8x30', 'dowel'),
      place: fc.constantFrom(null, 'rim'),
    });
    const drawn = fc.uniqueArray(screw, { selector: (s) => s.id, maxLength: 12 }).chain((screws) =>
      fc.record({
        screws: fc.constant(screws),
        holes: fc.array(fc.record({ fastenerId: fc.constantFrom(null, 'gone', ...screws.map((s) => s.id)) }), { maxLength: 12 }),
      }),
    );
    fc.assert(
      fc.property(drawn, ({ screws, holes }) => {
        const of = screwsOf('cover', screws as Fastener[], holes as Hole[]);
        const own = screws.filter((s) => s.stepId === 'cover');
        expect(new Set(of.slice(0, own.length))).toEqual(new Set(own));
        const others = screws.filter((s) => s.stepId !== 'cover' && holes.some((h) => h.fastenerId === s.id));
        expect(new Set(of.slice(own.length))).toEqual(new Set(others));
        // A letter means the same however the rows came.
        expect(screwsOf('cover', [...screws].reverse() as Fastener[], holes as Hole[])).toEqual(of);
        // No hole of a screw that is there stands without its letter.
        const known = new Set(of.map((f) => f.id));
        expect(holes.every((h) => h.fastenerId === null || h.fastenerId === 'gone' || known.has(h.fastenerId))).toBe(true);
      }),
    );
  });

  it('have their letters by size, the shorter first', () => {
    const of = ['M8x30', 'M6x100', 'M6x25'].map((size, i) => ({ id: String(i), stepId: 'cover', size, place: null }));
    expect(screwsOf('cover', of as never, []).map((f) => f.size)).toEqual(['M6x25', 'M6x100', 'M8x30']);
  });
});
