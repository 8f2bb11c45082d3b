import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shipped } from '../../../test/fixtures/knowledge';
import { applicability, type Facts } from '../knowledge';
import { spokenBy, spokenOf, usualVerdict, wearsFor, wornPart } from '.';

const part = fc.constantFrom(...shipped.wornParts);
const wear = fc.constantFrom(...shipped.wears.map((w) => w.id));
const facts = fc.constantFrom<Facts>(
  {},
  { strokes: 'two', induction: 'reed', cooling: 'air' },
  { strokes: 'four', valvegear: 'pushrod', cooling: 'liquid', fuelling: 'injection', finalDrive: 'shaft', brakes: 'disc' },
);

describe('words of wear', () => {
  it('find each part by every word that it is called by, one or several of it', () => {
    for (const p of shipped.wornParts)
      for (const w of p.words)
        for (const said of [w, `${w}s`, `left ${w}, inner`]) expect(wornPart(shipped, said, {})?.id, said).toBe(p.id);
  });

  it('speak only of faults that the bike can have, and only where the part is known', () => {
    fc.assert(
      fc.property(part, wear, facts, (p, w, on) => {
        const fault = shipped.faults.find((f) => f.id === spokenOf(shipped, p, w, on));
        if (fault) expect(applicability(fault.applies, on, shipped.attributes)).toBeGreaterThan(0);
        expect(spokenOf(shipped, null, w, on)).toBeNull();
        if (!p.wears[w]) expect(fault).toBeUndefined();
      }),
    );
  });

  it('are all offered for every part, its own first', () => {
    for (const p of [null, ...shipped.wornParts]) {
      const list = wearsFor(shipped, p).map((w) => w.id);
      expect([...list].sort()).toEqual(shipped.wears.map((w) => w.id).sort());
      const own = list.map((w) => Boolean(p?.wears[w]));
      expect(own).toEqual([...own].sort((a, b) => Number(b) - Number(a)));
    }
  });

  it('never propose what the bike’s own limit denies', () => {
    fc.assert(
      fc.property(fc.option(part), wear, (p, w) => {
        expect(['replace', 'repair']).toContain(usualVerdict(shipped, p, w, 'out'));
        expect(usualVerdict(shipped, p, w, 'in')).not.toBe('watch');
        // A reading within its limit does not mend a crack.
        const plain = usualVerdict(shipped, p, w, 'unknown');
        if (plain !== 'watch') expect(usualVerdict(shipped, p, w, 'in')).toBe(plain);
      }),
    );
    expect(usualVerdict(shipped, null, 'chipped-paint', 'unknown')).toBeNull();
  });

  it.each([
    ['Piston no. 2', 'scored on the exhaust side', ['1', '2'], { wear: 'scored', faultId: 'bore-scored', position: '2' }],
    ['Piston 2', 'scored', ['1', '2'], { wear: 'scored', faultId: 'bore-scored', position: '2' }],
    ['Piston', 'scored on cylinder 2', ['1', '2'], { wear: 'scored', faultId: 'bore-scored', position: '2' }],
    // Nobody said which: it is evidence on neither.
    ['Piston', 'scored, 0.2 deep over 2', ['1', '2'], { wear: 'scored', faultId: null, position: null }],
    ['Piston 3', 'scored', ['1', '2'], { wear: 'scored', faultId: null, position: null }],
    ['Piston', 'scored', ['1'], { wear: 'scored', faultId: 'bore-scored', position: '1' }],
    ['Tank', 'rusty inside', ['1', '2'], { wear: 'corroded', faultId: 'tank-rust', position: null }],
    ['Oil tank', 'rusty inside', ['1'], { wear: 'corroded', faultId: null, position: null }],
    ['Saddle', 'looks nice', ['1'], { wear: null, faultId: null, position: null }],
  ])('%s, %s', (item, seen, positions, is) => {
    expect(spokenBy(shipped, { item, seen }, {}, positions)).toEqual(is);
  });
});
