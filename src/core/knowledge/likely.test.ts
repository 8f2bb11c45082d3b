import { describe, expect, it } from 'vitest';
import { shipped } from '../../../test/fixtures/knowledge';
import { unlikely } from './likely';
import type { Knowledge, Test } from './types';

const withTest = (id: string, change: (t: Test) => void): Knowledge => {
  const tests = structuredClone(shipped.tests);
  change(tests.find((t) => t.id === id)!);
  return { ...shipped, tests };
};
const withPrior = (id: string, prior: number): Knowledge => ({
  ...shipped,
  faults: shipped.faults.map((f) => (f.id === id ? { ...f, prior } : f)),
});

describe('entries that are hardly meant', () => {
  it('are none in what ships', () => expect(unlikely(shipped)).toEqual([]));

  it('a prior that no fault has', () => {
    expect(unlikely(withPrior('plug-fouled', 0.2))).toHaveLength(1);
    expect(unlikely(withPrior('plug-fouled', 0.00001))[0]).toMatch(/hardly meant/);
  });

  it('minutes that no such test takes: a look of an hour, a measurement in one, a ride in two', () => {
    for (const [id, minutes] of [
      ['filter-look', 60],
      ['points-gap', 1],
      ['clutch-hill', 2],
    ] as const)
      expect(unlikely(withTest(id, (t) => void (t.minutes = minutes)))[0]).toContain(`${minutes} minutes are hardly meant`);
  });

  it('a normal result that finds something, and a finding of nothing that is not normal', () => {
    const flipped = withTest('idle-screw', (t) => {
      for (const o of t.outcomes) o.normal = o.normal ? undefined : true;
    });
    expect(unlikely(flipped).join()).toMatch(/finds nothing and is not called normal.*called normal and finds something/);
  });

  it('two normal results, or none', () => {
    for (const normal of [true, undefined]) {
      const k = withTest('compression', (t) => t.outcomes.forEach((o) => (o.normal = normal)));
      expect(unlikely(k).join()).toContain('one result is the normal one');
    }
  });

  it('a band that ends elsewhere than its limit', () => {
    const k = withTest('points-gap', (t) => void (t.measure!.limit.high! *= 2));
    expect(unlikely(k)).toEqual([expect.stringContaining('where its limit does not')]);
  });
});
