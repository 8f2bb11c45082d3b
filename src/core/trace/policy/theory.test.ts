import { describe, expect, it } from 'vitest';
import { CaseMaker } from '../../../../test/fixtures/case';
import { shipped } from '../../../../test/fixtures/knowledge';
import { buildModel } from '../model';
import { believe } from './beliefs';
import { theoryOf } from './theory';

const of = (m: CaseMaker, key: string) => theoryOf(believe(buildModel(shipped, m.c)), key)!;
const slow = () => new CaseMaker({ 'will-not-turn': 'present' }, { starting: 'electric', voltage: 12, ignition: 'electronic' });

describe('a theory', () => {
  it('says what would have to be so, and what of it was seen', () => {
    const t = of(slow().test('crank-volts', 'low'), 'battery-flat');
    expect(t.wants.find((w) => w.says === 'Voltage falls away while cranking')!.seen).toBe(true);
    expect(t.wants.find((w) => w.says === 'Turns briskly from a jump battery')!.seen).toBeNull();
    expect(of(slow().test('jump-battery', 'same'), 'battery-flat').wants.find((w) => w.says.startsWith('Turns briskly'))!.seen).toBe(false);
  });

  it('names a test that could refute it, and what being wrong costs with and without it', () => {
    const t = of(slow(), 'starter-clutch');
    expect(t.refute).not.toBeNull();
    expect(t.refute!.cost).toBeLessThan(20);
    expect(t.mendNow).toBeGreaterThan(100);
    expect(t.testFirst!).toBeLessThan(0.7 * t.mendNow);
  });

  it('is refuted by that test', () => {
    const before = of(slow(), 'starter-clutch');
    const [test] = before.refute!.key.split('#');
    const outcome = shipped.tests.find((x) => x.id === test)!.outcomes.find((o) => o.find['spins-free'] === 'no' || o.normal)!;
    const p = (m: CaseMaker) => {
      const b = believe(buildModel(shipped, m.c));
      const i = b.model.suspects.findIndex((s) => s.key === 'starter-clutch');
      return b.faults.reduce((s, f, h) => s + (f.includes(i) ? b.weights[h] : 0), 0);
    };
    expect(p(slow().test(test, outcome.id))).toBeLessThan(p(slow()) / 2);
  });

  it('of nothing known there is none', () => {
    expect(theoryOf(believe(buildModel(shipped, slow().c)), 'the-moon')).toBeNull();
  });
});
