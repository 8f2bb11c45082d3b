import { describe, expect, it } from 'vitest';
import { CaseMaker } from '../../../../test/fixtures/case';
import { shipped } from '../../../../test/fixtures/knowledge';
import { buildModel } from '../model';
import { believe } from './beliefs';

const beliefs = (m: CaseMaker) => believe(buildModel(shipped, m.c));

describe('what is chosen between', () => {
  it('is what would have to be mended: that nothing is wrong is not among it', () => {
    for (const symptom of ['clutch-drags', 'dies-hot', 'not-charging', 'leaks-fuel']) {
      const b = beliefs(new CaseMaker({ [symptom]: 'present' }));
      expect(b.faults.every((f) => f.length > 0)).toBe(true);
      expect(b.weights.reduce((x, y) => x + y, 0)).toBeCloseTo(1, 9);
    }
  });

  it('of faults that come together names only those that bring the complaint', () => {
    // A dead regulator flattens the battery; it is the flat battery that turns the engine slowly.
    const b = beliefs(new CaseMaker({ 'turns-slowly': 'present' }, { starting: 'electric' }));
    const name = (i: number) => b.model.suspects[i].fault.id;
    expect(b.faults.flat().map(name)).toContain('battery-flat');
    expect(b.faults.flat().map(name)).not.toContain('regulator-dead');
  });
});
