import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { boreDecision, boreShape, nextOversize, ringGapInMm, type BoreQuestion } from '.';

const round = (mm: number) => ({ depths: [5, 30, 55].map((depthMm) => ({ depthMm, alongMm: mm, acrossMm: mm })) });
const question = (patch: Partial<BoreQuestion> = {}): BoreQuestion => ({
  readings: round(64.01),
  pistonMm: 63.96,
  liner: 'iron',
  surface: 'cross-hatch',
  limits: { standardMm: 64, clearanceMostMm: 0.1, taperMostMm: 0.05, outOfRoundMostMm: 0.05 },
  oversizesMm: [0.25, 0.5, 1],
  ...patch,
});

describe('the shape of a bore', () => {
  it('taper is down one direction, out-of-round is across at one depth', () => {
    const shape = boreShape({
      depths: [
        { depthMm: 5, alongMm: 64.02, acrossMm: 64.09 },
        { depthMm: 30, alongMm: 64.01, acrossMm: 64.05 },
        { depthMm: 55, alongMm: 64.0, acrossMm: 64.02 },
      ],
    });
    expect(shape.taperMm).toBeCloseTo(0.07, 9);
    expect(shape.outOfRoundMm).toBeCloseTo(0.07, 9);
    expect([shape.smallestMm, shape.largestMm]).toEqual([64, 64.09]);
    expect(() => boreShape({ depths: [] })).toThrow(RangeError);
  });
  it('a round, straight bore has neither; turning the gauge by a quarter changes nothing', () => {
    const mm = fc.double({ min: 40, max: 100, noNaN: true });
    fc.assert(
      fc.property(fc.array(fc.record({ depthMm: mm, alongMm: mm, acrossMm: mm }), { minLength: 1, maxLength: 4 }), (depths) => {
        const turned = depths.map((d) => ({ depthMm: d.depthMm, alongMm: d.acrossMm, acrossMm: d.alongMm }));
        expect(boreShape({ depths: turned })).toEqual(boreShape({ depths }));
      }),
    );
    expect(boreShape(round(64))).toMatchObject({ taperMm: 0, outOfRoundMm: 0 });
  });
});

describe('what to do with a bore', () => {
  const act = (patch: Partial<BoreQuestion>) => boreDecision(question(patch)).act.kind;
  it('within its limits it stays; glaze is honed', () => {
    expect(act({})).toBe('fit for use');
    expect(act({ surface: 'glazed' })).toBe('hone');
  });
  it('a score that catches a nail is bored, not honed (common practice)', () => {
    expect(boreDecision(question({ surface: 'catches a nail', scoreMm: 0.05 })).act).toEqual({
      kind: 'bore',
      oversizeMm: 0.25,
      boreToMm: 64.25,
    });
    expect(boreDecision(question({ surface: 'catches a nail', scoreMm: 0.15 })).act).toMatchObject({ oversizeMm: 0.5 });
  });
  it('a score is asked for its depth and pistons for their sizes before a size is said', () => {
    expect(act({ surface: 'catches a nail' })).toBe('ask');
    expect(act({ readings: round(64.22), oversizesMm: [] })).toBe('ask');
  });
  it('a bore at standard with a worn piston gets a new standard piston, and nothing is cut', () => {
    expect(act({ readings: round(64), pistonMm: 63.8 })).toBe('new piston');
    expect(act({ readings: round(64.05), pistonMm: 63.8 })).toBe('bore');
  });
  it('worn past the first oversize goes to the next, past the last to a new liner', () => {
    expect(boreDecision(question({ readings: round(64.22) })).act).toMatchObject({ oversizeMm: 0.5, boreToMm: 64.5 });
    expect(act({ readings: round(64.99) })).toBe('new liner');
  });
  it('smear on iron is dissolved; nothing corrosive and no boring on a plated bore (common practice)', () => {
    expect(act({ surface: 'aluminium smear' })).toBe('dissolve and hone');
    expect(boreDecision(question({ surface: 'aluminium smear', liner: 'plated' })).reasons.join()).toMatch(/[Nn]ever caustic/);
    for (const surface of ['catches a nail', 'plating gone'] as const) expect(act({ surface, liner: 'plated' })).toBe('replate');
    for (const surface of ['catches a nail', 'aluminium smear'] as const) expect(act({ surface, liner: 'unknown' })).toBe('ask');
    for (const liner of ['unknown', 'iron', 'plated'] as const) expect(act({ surface: 'plating gone', liner })).toBe('replate');
    expect(act({ readings: round(64.3), liner: 'plated' })).toBe('replate');
  });
  it('no oversize is ever smaller than what was measured', () => {
    fc.assert(
      fc.property(fc.double({ min: 64, max: 65.5, noNaN: true }), (largest) => {
        const next = nextOversize(largest, 64, [1, 0.5, 0.25, 0.75]);
        if (next) expect(next.boreToMm).toBeGreaterThan(largest);
        else expect(largest).toBeGreaterThan(64.9);
      }),
    );
  });
  it('a ring that gapes 0.3 mm gapes 0.31 mm more in a bore 0.1 mm wider (geometry)', () => {
    expect(ringGapInMm(0.3, 64, 64.1)).toBeCloseTo(0.3 + Math.PI / 10, 9);
  });
});
