import { describe, expect, it } from 'vitest';
import { CaseMaker } from '../../../../test/fixtures/case';
import { shipped } from '../../../../test/fixtures/knowledge';
import { best } from '../decide';
import { buildModel } from '../model';
import { believe } from './beliefs';
import { insteadOf, valueInstead } from './instead';
import { insteadWords } from './insteadWords';
import { weighing } from './weighing';

const standing = new CaseMaker({ 'no-start': 'present' }, {}, { standingMonths: 30, storage: 'damp' });
const beliefs = believe(buildModel(shipped, standing.c));
const weighed = weighing(beliefs);
const instead = insteadOf(beliefs, weighed);

describe('what something else would cost', () => {
  it('is nought for what is cheapest, and never less', () => {
    const { choice, value } = best(weighed.weighed);
    expect(choice.kind).toBe('test');
    expect(instead.least).toBe(value);
    expect(instead.tests[beliefs.tests[weighed.rough.tests[choice.kind === 'none' ? -1 : choice.index]].key]).toBe(0);
    for (const more of [...Object.values(instead.tests), ...Object.values(instead.repairs)]) expect(more).toBeGreaterThanOrEqual(0);
  });

  it('agrees with what was weighed for the advice', () => {
    for (const t of weighed.weighed.tests) {
      const more = instead.tests[beliefs.tests[weighed.rough.tests[t.index]].key];
      expect(more === 0 ? t.value / instead.least : t.value - more).toBeCloseTo(more === 0 ? 1 : instead.least, 1);
    }
  });

  it('is said of every test that can be done and of every suspect that is thought of, of no shut test', () => {
    for (const t of beliefs.tests) if (!t.gate) expect(instead.tests, t.key).toHaveProperty([t.key]);
    const shut = beliefs.tests.filter((t) => t.gate);
    expect(shut.length).toBeGreaterThan(0);
    for (const t of shut) expect(instead.tests).not.toHaveProperty([t.key]);
    for (const i of weighed.rough.repairs) expect(instead.repairs).toHaveProperty([beliefs.model.suspects[i].key]);
  });

  it('of a test that has nothing to do with it is what the test costs', () => {
    const { test, key, cost } = beliefs.tests.find((t) => !t.gate && t.test.system === 'brakes' && !t.bears)!;
    expect(test.minutes).toBeGreaterThan(0);
    expect(instead.tests[key]).toBeCloseTo(cost, 6);
  });

  // Common practice: cheap looks before the engine is opened.
  it('of opening the engine on the complaint alone is far more than of a look', () => {
    expect(instead.tests['points-look']).toBeLessThan(5);
    expect(instead.repairs['rings-worn#1']).toBeGreaterThan(200);
    expect(instead.repairs['valve-burnt#1']).toBeGreaterThan(200);
  });

  it('can be given up after each act', () => {
    const all = valueInstead(beliefs, weighed);
    let steps = 0;
    while (!all.next().done) steps++;
    expect(steps).toBeGreaterThan(20);
  });

  it('reads as a sum of money, or as none', () => {
    expect(insteadWords(12.4, 'EUR')).toBe('Costs about 12 EUR more in all than the cheapest way.');
    expect(insteadWords(0, 'EUR')).toBe('No dearer than what is advised.');
    expect(insteadWords(null, 'EUR')).toBe('');
    expect(insteadWords(undefined, 'EUR')).toContain('Working out');
  });
});
