import { describe, expect, it } from 'vitest';
import type { StartAttempt } from '../state';
import { startAdvice } from '.';

let n = 0;
const tried = (patch: Partial<StartAttempt>, minute = n): StartAttempt => ({
  id: String(n++),
  jobId: 'job',
  choke: null,
  throttle: null,
  kicks: null,
  seconds: null,
  volts: null,
  did: 'nothing',
  afterRepairId: null,
  madeAt: new Date(Date.UTC(2030, 0, 1, 8, minute)).toISOString(),
  versions: {},
  ...patch,
});
const kinds = (all: StartAttempt[], electric = false) => startAdvice(all, { electric }).map((a) => a.kind);

// Common practice: over-choking floods; ten seconds on, a minute off; a battery that sinks is charged first.
describe('a row of tries', () => {
  it('on full choke floods it, until the throttle was held open or it ran', () => {
    const choked = [tried({ choke: 'full', kicks: 6 }), tried({ choke: 'full', kicks: 8, did: 'coughed' })];
    expect(kinds(choked)).toEqual(['flooded']);
    expect(kinds([tried({ choke: 'full', kicks: 6 })])).toEqual([]);
    expect(kinds([...choked, tried({ choke: 'off', throttle: 'open', kicks: 8 })])).toEqual([]);
    expect(kinds([...choked, tried({ choke: 'half', kicks: 2, did: 'ran' })])).toEqual([]);
  });

  it('sinks a battery', () => {
    expect(kinds([tried({ seconds: 5, volts: 12.4 }), tried({ seconds: 5, volts: 11.8 })], true)).toContain('battery');
    expect(kinds([tried({ seconds: 5, volts: 12.4 }), tried({ seconds: 5, volts: 12.1 })], true)).not.toContain('battery');
  });

  it('heats a starter: too long, or too soon again; a kick does not', () => {
    expect(kinds([tried({ seconds: 15 })], true)).toEqual(['rest']);
    expect(kinds([tried({ seconds: 8 }, 10), tried({ seconds: 8 }, 10)], true)).toEqual(['rest']);
    expect(kinds([tried({ seconds: 8 }, 10), tried({ seconds: 8 }, 12)], true)).toEqual([]);
    expect(kinds([tried({ seconds: 15 })], false)).toEqual([]);
  });

  it('three times without choke and nothing: it wants some', () => {
    expect(kinds([1, 2, 3].map(() => tried({ choke: 'off', kicks: 4 })))).toEqual(['choke']);
  });
});
