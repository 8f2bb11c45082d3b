import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CaseMaker } from '../../../../test/fixtures/case';
import { shipped } from '../../../../test/fixtures/knowledge';
import { faultById } from '../../knowledge';
import { infer } from '../network';
import { buildModel } from './build';
import { experienceWeight, timesFound } from './experience';
import { faultProbabilities } from './probabilities';

const fault = faultById(shipped, 'points-dirty')!;
const sum = shipped.faults.reduce((s, f) => s + (f.retired ? 0 : f.prior), 0);
const found = (n: number, of = 'points-dirty') => ({ causes: Math.max(n, 1) + 3, found: { [of]: n } });

describe('what a shop has closed before', () => {
  it('is the ratio of two Beta means: with the counts added, and without', () => {
    // Beta-binomial conjugate update (Gelman et al., Bayesian Data Analysis, 3rd ed., section 2.4): mean (a + n) / (a + b + N).
    const q = fault.prior / sum;
    const [a, b] = [q * experienceWeight, (1 - q) * experienceWeight];
    const mean = (n: number, of: number) => (a + n) / (a + b + of);
    expect(timesFound(shipped, fault, { causes: 9, found: { 'points-dirty': 2 } })).toBeCloseTo(mean(2, 9) / mean(0, 9), 9);
  });

  it('never lowers, grows with each time, and stops at five times', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 500 }), fc.constantFrom(...shipped.faults), (n, f) => {
        const now = timesFound(shipped, f, found(n, f.id));
        expect(now).toBeGreaterThanOrEqual(n === 0 ? 1 : timesFound(shipped, f, found(n - 1, f.id)));
        expect(now).toBeLessThanOrEqual(5);
      }),
    );
  });

  it('says itself among the reasons, and taking it away again leaves nothing behind', () => {
    const p = (experience: ReturnType<typeof found> | null) => {
      const m = new CaseMaker();
      const model = buildModel(shipped, { ...m.c, experience });
      return { p: faultProbabilities(model, infer(model.network, model.observations)).get('points-dirty')!, model };
    };
    const [without, with_, again] = [p(null), p(found(4)), p(null)];
    expect(with_.p).toBeGreaterThan(without.p);
    expect(again.p).toBe(without.p);
    const why = with_.model.suspects.find((s) => s.key === 'points-dirty')!.raisedBy.map((r) => r.because);
    expect(why.some((w) => w.startsWith('Found 4 times among the 7 causes this workshop has closed'))).toBe(true);
    expect(without.model.suspects.find((s) => s.key === 'points-dirty')!.raisedBy.some((r) => r.because.startsWith('Found'))).toBe(false);
  });
});
