import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CaseMaker } from '../../../test/fixtures/case';
import { shipped } from '../../../test/fixtures/knowledge';
import { buildModel } from '../trace';
import { changedBy, effectsFor, effectsOn, factsOf } from '.';

const effects = fc.subarray(shipped.effects);
const fitted = (ids: readonly string[], endedAt: string | null = null) => ({ effects: ids, endedAt });
const ended = '2030-02-01T08:00:00.000Z';

describe('side effects', () => {
  it('are those of what is fitted, each once; what was taken out again brings none', () => {
    fc.assert(
      fc.property(effects, effects, (a, b) => {
        const ids = (list: readonly { id: string }[]) => list.map((e) => e.id);
        expect(effectsOn(shipped, [fitted(ids(a)), fitted(ids(a)), fitted(ids(b), ended)])).toEqual(a);
      }),
    );
  });

  it('change the bike to what they set, once, and nothing else of it', () => {
    fc.assert(
      fc.property(effects, (list) => {
        const { bike, job } = new CaseMaker({}, { traits: { oilCooler: 'yes' } }).c;
        const changed = { ...bike, ...changedBy(bike, list) } as typeof bike;
        const facts = factsOf(changed, job, shipped);
        for (const [a, v] of Object.entries(Object.assign({}, ...list.map((e) => e.sets ?? {})) as object)) expect(facts[a]).toBe(v);
        expect(facts.oilCooler).toBe('yes');
        expect(changedBy(changed, list)).toEqual({});
      }),
    );
  });

  it('raise the faults that they bring on this bike alone, and say why', () => {
    const odds = (ids: readonly string[], endedAt: string | null = null) => {
      const { c } = new CaseMaker({}, { fuelling: 'carburettor', strokes: 'four' });
      const { suspects } = buildModel(shipped, { ...c, substitutes: [{ ...fitted(ids, endedAt) } as never] });
      return suspects.find((s) => s.fault.id === 'jets-wrong')!;
    };
    const [plain, open, gone] = [odds([]), odds(['open-filters']), odds(['open-filters'], ended)];
    expect(open.odds / plain.odds).toBeCloseTo(3, 9);
    expect(open.raisedBy).toContainEqual({ because: 'Open air filters in place of the air box', times: 3 });
    expect(gone.odds).toBe(plain.odds);
  });

  it('are offered where the bike can have them', () => {
    expect(effectsFor(shipped, { strokes: 'four' }).map((e) => e.id)).not.toContain('premix');
    expect(effectsFor(shipped, { strokes: 'two' }).map((e) => e.id)).toContain('premix');
  });
});
