import { describe, expect, it } from 'vitest';
import { id } from '../../../../test/fixtures/commands';
import { shipped } from '../../../../test/fixtures/knowledge';
import { after } from '../../../../test/fixtures/state';
import { atOnce, buildModel, caseOf, rank } from '..';

describe('what is seen of a ranking at once', () => {
  const full = rank(buildModel(shipped, caseOf(after('job.set'), id.job)));

  it('is the test that is advised, with nothing of it left out, and everything but the other tests', () => {
    expect(full.next.kind).toBe('test');
    const { tests, ...rest } = atOnce(full);
    expect(tests).toEqual(full.tests.filter((t) => full.next.kind === 'test' && t.key === full.next.key));
    expect(rest).toEqual({ ...full, tests: undefined });
    expect(JSON.stringify(atOnce(full)).length).toBeLessThan(JSON.stringify(full).length / 2);
  });

  it('has the tests that are cheap while something is off, in their order; none where none is put forward', () => {
    const [a, , c] = full.tests;
    const open = { ...full, next: { kind: 'none' as const, why: '' }, whileOpen: [c.key], sameStrip: [a.key] };
    expect(atOnce(open).tests).toEqual([a, c]);
    expect(atOnce({ ...open, whileOpen: [], sameStrip: [] }).tests).toEqual([]);
  });
});
