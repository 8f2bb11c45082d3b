import { describe, expect, it } from 'vitest';
import { accountOf, parseFasteners } from '.';

const step = (id: string, bag: string | null, refittedAt: string | null = null) => ({
  id,
  jobId: 'j',
  title: id,
  access: null,
  bag,
  note: null,
  usual: null,
  before: null,
  madeAt: '',
  refittedAt,
  versions: {},
});
const fastener = (stepId: string, count: number, refitted = 0) => ({
  id: `${stepId}${count}`,
  jobId: 'j',
  stepId,
  size: 'M6',
  count,
  place: null,
  refitted,
  state: null,
  affected: 0,
  versions: {},
});

describe('what is off', () => {
  it('goes back in reverse order, and nothing is left over', () => {
    const a = accountOf(
      [step('a', '1'), step('b', null), step('c', '2', '2030-01-01')],
      [fastener('a', 4, 1), fastener('b', 2), fastener('c', 9, 9)],
    );
    expect(a.off.map((s) => s.id)).toEqual(['b', 'a']);
    expect(a.bagsOut).toEqual(['1']);
    expect(a.fastenersOut).toBe(5);
  });
});

describe('fasteners as they are spoken', () => {
  it('reads count, size and place', () => {
    expect(parseFasteners('4x M6x25 left cover, 2 M6x40, 1 dowel; m8 × 30')).toEqual({
      ok: true,
      fasteners: [
        { count: 4, size: 'M6x25', place: 'left cover' },
        { count: 2, size: 'M6x40', place: null },
        { count: 1, size: 'dowel', place: null },
        { count: 1, size: 'M8x30', place: null },
      ],
    });
    expect(parseFasteners('')).toEqual({ ok: true, fasteners: [] });
  });
  it.each(['4', '0x M6', '1000 M6'])('refuses %j with a reason', (t) => {
    const r = parseFasteners(t);
    expect(r.ok).toBe(false);
    if (!r.ok) expect(r.message.length).toBeGreaterThan(8);
  });
});
