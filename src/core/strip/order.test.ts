import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inOrder, placesFor } from '.';

const step = (id: string, before: string | null = null) => ({ id, before });
const ids = (steps: { id: string }[]) => steps.map((s) => s.id).join('');

describe('the order in which steps came off', () => {
  it('is the log, with a forgotten step where it belongs', () => {
    expect(ids(inOrder([step('a'), step('b'), step('c')]))).toBe('abc');
    expect(ids(inOrder([step('a'), step('b'), step('x', 'b')]))).toBe('axb');
    expect(ids(inOrder([step('a'), step('x', 'a'), step('y', 'a')]))).toBe('xya');
    expect(ids(inOrder([step('a'), step('x', 'y'), step('y', 'a')]))).toBe('xya');
    // Of a step that is not there nothing follows.
    expect(ids(inOrder([step('a', 'gone'), step('b')]))).toBe('ab');
  });

  const drawn = fc
    .uniqueArray(fc.integer({ min: 0, max: 40 }), { maxLength: 14 })
    .chain((all) =>
      fc.tuple(
        ...all.map((n) => fc.option(fc.constantFrom(...all), { nil: null }).map((b) => step(String(n), b === null ? null : String(b)))),
      ),
    );

  it('holds every step once, whatever they say of each other', () => {
    fc.assert(
      fc.property(drawn, (steps) => {
        expect(
          inOrder(steps)
            .map((s) => s.id)
            .sort(),
        ).toEqual(steps.map((s) => s.id).sort());
      }),
    );
  });

  it('puts a step in front of the one it names unless they stand in a circle, and leaves the others as they are', () => {
    fc.assert(
      fc.property(drawn, (steps) => {
        const place = new Map(inOrder(steps).map((s, i) => [s.id, i]));
        const circle = (s: { id: string; before: string | null }) => {
          const seen = new Set<string>();
          for (let at: typeof s | undefined = s; at?.before; at = steps.find((x) => x.id === at!.before)) {
            if (seen.has(at.id)) return true;
            seen.add(at.id);
          }
          return false;
        };
        for (const s of steps) if (s.before && !circle(s)) expect(place.get(s.id)!).toBeLessThan(place.get(s.before)!);
        const plain = steps.filter((s) => !s.before).map((s) => place.get(s.id)!);
        expect(plain).toEqual([...plain].sort((a, b) => a - b));
      }),
    );
  });

  it('offers only places that make no circle', () => {
    fc.assert(
      fc.property(drawn, fc.nat(), (steps, pick) => {
        if (steps.length === 0) return;
        const { id } = steps[pick % steps.length];
        const sound = steps.every((s) => s.before !== s.id) ? steps : steps.map((s) => (s.before === s.id ? { ...s, before: null } : s));
        for (const to of placesFor(sound, id)) {
          const moved = sound.map((s) => (s.id === id ? { ...s, before: to.id } : s));
          const order = inOrder(moved).map((s) => s.id);
          let at: string | null = id;
          for (let n = 0; at && n <= sound.length; n++) at = moved.find((s) => s.id === at)?.before ?? null;
          const others = sound.some((s) => {
            let end: string | null = s.id;
            for (let n = 0; end && n <= sound.length; n++) end = sound.find((x) => x.id === end)?.before ?? null;
            return end !== null;
          });
          if (!others) {
            expect(at).toBeNull();
            expect(order.indexOf(id)).toBeLessThan(order.indexOf(to.id));
          }
        }
      }),
    );
  });
});
