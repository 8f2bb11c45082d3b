import { describe, expect, it } from 'vitest';
import { CaseMaker } from '../../../../test/fixtures/case';
import { shipped } from '../../../../test/fixtures/knowledge';
import { infer } from '../network';
import { buildModel } from './build';
import { faultProbabilities } from './probabilities';

const rider = { archetype: 'flat-twin', cylinders: 2, ignition: 'points', starting: 'both', voltage: 12 } as const;
const tried = ['choke-left-on', 'choke-stuck', 'mixture-set', 'supply-bad', 'vent-blocked', 'other-fuel', 'tap-blocked', 'points-dirty'];

/** A complaint that eight repairs did not cure, each tried again. */
function failed(faults: readonly string[]): CaseMaker {
  const m = new CaseMaker({ 'starts-and-dies': 'present', 'starts-hard-hot': 'present' }, rider);
  for (const f of faults) m.repair(f, f === 'mixture-set' ? '1' : null).retest('same');
  return m;
}
const chances = (m: CaseMaker) => {
  const model = buildModel(shipped, m.c);
  const posterior = infer(model.network, model.observations);
  return { model, p: faultProbabilities(model, posterior) };
};

describe('a complaint that stays through many repairs', () => {
  it('does not make its findings more than the sweep can carry', () => {
    const { model } = chances(failed(tried));
    const there = model.observations.filter((o) => o.weights[0] === 0).length;
    expect(there).toBeLessThanOrEqual(6);
    expect(there).toBeGreaterThanOrEqual(4);
  });

  it('does not come back to what was mended last: a repair that may have made a fault cannot explain the times before it', () => {
    for (let n = 5; n <= tried.length; n++) {
      const last = tried[n - 1];
      const { p } = chances(failed(tried.slice(0, n)));
      expect(p.get(last) ?? p.get(`${last}#1`)!).toBeLessThan(0.25);
    }
  });

  it('and mending the same thing again and again makes it no likelier', () => {
    const once = chances(failed(tried.slice(0, 5))).p.get('vent-blocked')!;
    const often = chances(failed([...tried.slice(0, 5), 'vent-blocked', 'vent-blocked', 'vent-blocked'])).p.get('vent-blocked')!;
    expect(often).toBeLessThan(Math.max(0.1, once * 1.5));
  });
});
