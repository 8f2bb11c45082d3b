import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CaseMaker } from '../../../../test/fixtures/case';
import { shipped } from '../../../../test/fixtures/knowledge';
import { infer } from '../network';
import { buildModel, faultProbabilities, lastRepairId, positionsOf, repairsInOrder, repairsUpTo, type Case } from '.';

const ranked = (c: Case) => {
  const model = buildModel(shipped, c);
  return faultProbabilities(model, infer(model.network, model.observations));
};

interface Pick {
  test: string;
  outcome: string;
  position: string | null;
}
const all: Pick[] = shipped.tests
  .filter((t) => !t.applies)
  .flatMap((t) => t.outcomes.flatMap((o) => (t.per ? ['1', '2'] : [null]).map((position) => ({ test: t.id, outcome: o.id, position }))));
/** Some results, one a test and place. */
const picks = fc.uniqueArray(fc.constantFrom(...all), { minLength: 1, maxLength: 8, selector: (p) => `${p.test}#${p.position}` });
const caseWith = (list: Pick[]) =>
  list.reduce((m, p) => m.test(p.test, p.outcome, { position: p.position }), new CaseMaker({ 'no-start': 'present' })).c;
const swap = (p: string | null) => (p === '1' ? '2' : p === '2' ? '1' : p);

describe('whatever was found', () => {
  it('every probability is one, and every group adds up to one', () => {
    fc.assert(
      fc.property(picks, (list) => {
        const model = buildModel(shipped, caseWith(list));
        const { probability, logEvidence } = infer(model.network, model.observations);
        expect(Number.isFinite(logEvidence)).toBe(true);
        for (const row of probability) {
          expect(row.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
          for (const p of row) expect(p).toBeGreaterThanOrEqual(0);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('the order in which it was entered makes no difference to the last bit', () => {
    fc.assert(
      fc.property(picks, (list) => {
        const one = caseWith(list);
        const two = { ...one, evidence: [...one.evidence].reverse() };
        const [a, b] = [ranked(one), ranked(two)];
        for (const [key, p] of a) expect(b.get(key)).toBe(p);
      }),
      { numRuns: 60 },
    );
  });

  it('entered and withdrawn again is as if it had never been', () => {
    fc.assert(
      fc.property(picks, fc.nat(), (list, n) => {
        const gone = n % list.length;
        const with_ = caseWith(list);
        with_.evidence[gone] = { ...with_.evidence[gone], withdrawn: 'taken back' };
        const without = { ...with_, evidence: with_.evidence.filter((_e, i) => i !== gone) };
        const [a, b] = [ranked(with_), ranked(without)];
        for (const [key, p] of a) expect(b.get(key)).toBe(p);
      }),
      { numRuns: 60 },
    );
  });

  it('the cylinders may change places: their suspects change places with them', () => {
    fc.assert(
      fc.property(picks, (list) => {
        const a = ranked(caseWith(list));
        const b = ranked(caseWith(list.map((p) => ({ ...p, position: swap(p.position) }))));
        for (const [key, p] of a) {
          const [fault, position] = key.split('#');
          const other = position ? `${fault}#${swap(position)}` : fault;
          expect(b.get(other)!).toBeCloseTo(p, 9);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('a normal outcome of one test alone never raises what would have made it abnormal', () => {
    const start = ranked(new CaseMaker({ 'no-start': 'present' }).c);
    for (const t of shipped.tests.filter((x) => !x.applies)) {
      const normal = t.outcomes.find((o) => o.normal);
      if (!normal) continue;
      const after = ranked(caseWith([{ test: t.id, outcome: normal.id, position: t.per ? '1' : null }]));
      const findings = new Set(t.outcomes.flatMap((o) => Object.keys(o.find)));
      for (const f of shipped.faults) {
        const strong = Object.entries(f.causes).some(
          ([id, s]) => findings.has(id) && (typeof s === 'number' ? s : Math.max(...Object.values(s))) >= 0.9,
        );
        const key = f.per ? `${f.id}#1` : f.id;
        if (strong && start.has(key)) expect(after.get(key)!, `${t.id} and ${key}`).toBeLessThanOrEqual(start.get(key)! + 1e-9);
      }
    }
  });
});

describe('repairs in their order', () => {
  const chain = new CaseMaker().repair('points-dirty').repair('jets-gummed').repair(null).c.repairs;

  it('each comes after the one it names, whatever the clocks say', () => {
    const shuffled = [chain[2], chain[0], chain[1]].map((r, i) => ({ ...r, madeAt: `2030-01-0${3 - i}T00:00:00.000Z` }));
    expect(repairsInOrder(shuffled).map((r) => r.id)).toEqual(chain.map((r) => r.id));
    expect(lastRepairId(shuffled)).toBe(chain[2].id);
    expect(lastRepairId([])).toBeNull();
  });

  it('what hangs on one saw that one and those before it', () => {
    expect([...repairsUpTo(chain, chain[1].id)].sort()).toEqual([chain[0].id, chain[1].id].sort());
    expect(repairsUpTo(chain, null).size).toBe(0);
  });

  it('a circle, which cannot be, does not hang the tracer', () => {
    const circle = [{ ...chain[0], afterRepairId: chain[1].id }, chain[1]];
    expect(repairsUpTo(circle, chain[1].id).size).toBe(2);
  });

  it('a bike of unknown cylinders is taken as one', () => {
    expect(positionsOf(null)).toEqual(['1']);
    expect(positionsOf(4)).toEqual(['1', '2', '3', '4']);
  });
});
