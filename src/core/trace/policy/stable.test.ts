import { describe, expect, it } from 'vitest';
import { CaseMaker } from '../../../../test/fixtures/case';
import { shipped } from '../../../../test/fixtures/knowledge';
import { buildModel } from '../model';
import { believe } from './beliefs';
import { rank } from './rank';
import { weighing } from './weighing';

const advice = (m: CaseMaker) => {
  const { next, tests, suspects, repairNow } = rank(buildModel(shipped, m.c));
  return { next, repairNow, values: tests.map((t) => [t.key, t.value]), odds: suspects.map((s) => [s.key, s.probability]) };
};

const jobs: Record<string, () => CaseMaker> = {
  'a twin that stood damp and does not start': () =>
    new CaseMaker({ 'no-start': 'present' }, {}, { standingMonths: 30, storage: 'damp', lastTouched: ['ignition'] }),
  'a four that loses power hot': () =>
    new CaseMaker({ 'power-lost-hot': 'present' }, { archetype: 'faired-four', cylinders: 4, ignition: 'electronic', cooling: 'liquid' }),
  'a single that leaks oil': () => new CaseMaker({ 'leaks-oil': 'present' }, { archetype: 'trail-single', cylinders: 1 }),
  'a flat battery': () => new CaseMaker({ 'battery-flat-overnight': 'present' }, { starting: 'electric', voltage: 12 }),
};

describe.each(Object.entries(jobs))('the advice for %s', (_name, make) => {
  const first = advice(make());
  const key = first.next.kind === 'test' ? first.next.key : first.values[0][0]!;
  const [testId, position = null] = String(key).split('#');
  const test = shipped.tests.find((t) => t.id === testId)!;

  it('is the same to the last digit when it is worked out again', () => {
    expect(advice(make())).toEqual(first);
  });

  it('is the same again once a result is withdrawn, and the same as before once it is entered again', () => {
    for (const { id } of test.outcomes) {
      const m = make().test(testId, id, { position });
      const entered = advice(m);
      m.c.evidence[0] = { ...m.c.evidence[0], withdrawn: 'misread' };
      expect(advice(m)).toEqual(first);
      m.test(testId, id, { position });
      expect(advice(m)).toEqual(entered);
    }
  });

  it('does not change by a finding that changes nothing', () => {
    const b = believe(buildModel(shipped, make().c));
    const { bits } = weighing(b);
    const idle = b.tests.filter((t, i) => !t.gate && !t.bears && bits[i] < 1e-12 && t.position === null).slice(0, 12);
    expect(idle.length).toBeGreaterThan(5);
    for (const t of idle) {
      const normal = t.test.outcomes.find((o) => o.normal)!;
      if (normal.sets) continue;
      const then = advice(make().test(t.test.id, normal.id));
      expect(then.next, t.key).toEqual({ ...first.next, saves: expect.closeTo((first.next as { saves: number }).saves, 1) });
    }
  });

  it('does not hang on the order in which results came', () => {
    const other = first.values.map(([k]) => String(k)).find((k) => k.split('#')[0] !== testId && !k.startsWith('ask:'))!;
    const [otherId, at = null] = other.split('#');
    const normal = (id: string) => shipped.tests.find((t) => t.id === id)!.outcomes.find((o) => o.normal)!.id;
    const one = make().test(testId, normal(testId), { position }).test(otherId, normal(otherId), { position: at });
    const two = make().test(otherId, normal(otherId), { position: at }).test(testId, normal(testId), { position });
    expect(advice(two).next).toEqual(advice(one).next);
  });
});
