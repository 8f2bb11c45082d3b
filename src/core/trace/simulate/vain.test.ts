import { describe, expect, it } from 'vitest';
import { bikeOf, jobOf } from '../../../../test/fixtures/case';
import { shipped } from '../../../../test/fixtures/knowledge';
import { seededRandom, leastCost, BeliefNode } from '.';

const smoking = {
  bike: bikeOf({ archetype: 'air-two-stroke', strokes: 'two', cylinders: null, ignition: 'electronic', starting: 'electric' }),
  job: jobOf({ standingMonths: 14, fuelLeft: 'yes' }),
  symptoms: { 'smoke-white': 'present' as const },
};

// Common practice: what made no difference is not done again and again; the cause is looked for elsewhere.
describe('a repair that changed nothing', () => {
  it('is not advised over and over once the tests are done', () => {
    let node = new BeliefNode(shipped, smoking);
    let last = '';
    let run = 0;
    for (let i = 0; i < 30; i++) {
      const act = leastCost.next(node, seededRandom(1));
      if (act.kind === 'none') break;
      if (act.kind === 'test') {
        const outcome = act.test.outcomes.find((o) => o.normal)!.id;
        node = node.after({ kind: 'test', testId: act.test.id, position: act.position, outcome });
        continue;
      }
      run = act.key === last ? run + 1 : 1;
      last = act.key;
      expect(run, `${act.key} at ${i}`).toBeLessThan(4);
      node = node.after({ kind: 'repair', key: act.key, left: ['smoke-white'] });
    }
  });
});
