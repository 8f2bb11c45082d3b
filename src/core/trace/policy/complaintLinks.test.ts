import { describe, expect, it } from 'vitest';
import { CaseMaker } from '../../../../test/fixtures/case';
import { shipped } from '../../../../test/fixtures/knowledge';
import type { SymptomAnswer } from '../../state';
import { buildModel } from '../model';
import { believe } from './beliefs';
import { apart, joined } from './complaintLinks';

const twin = { archetype: 'air-twin', cylinders: 2, starting: 'electric', voltage: 12 } as const;
const two = (first: Record<string, SymptomAnswer>, second: Record<string, SymptomAnswer>) => {
  const m = new CaseMaker(first, twin);
  m.c.complaints.push({ ...m.c.complaints[0], id: 'c1', words: 'and', symptoms: second });
  return m;
};
const ties = (m: CaseMaker) => believe(buildModel(shipped, m.c)).ties;

describe('several complaints on one bike', () => {
  it('one alone has nothing to be joined with', () => {
    expect(ties(new CaseMaker({ 'not-charging': 'present' }, twin))).toEqual([]);
  });

  it('are joined where one cause explains both', () => {
    const [tie] = ties(two({ 'not-charging': 'present' }, { 'battery-flat-overnight': 'present', 'turns-slowly': 'present' }));
    expect(tie.complaints).toEqual(['c0', 'c1']);
    const [far] = ties(two({ 'not-charging': 'present' }, { 'clutch-slips': 'present' }));
    expect(far.chance).toBeLessThan(apart);
    expect(tie.chance).toBeGreaterThan(far.chance * 3);
  });

  it('with smoke and oil use are nearly always one', () => {
    const [tie] = ties(two({ 'smoke-blue': 'present' }, { 'uses-oil': 'present' }));
    expect(tie.chance).toBeGreaterThan(joined);
  });

  it('does not tie two ways of telling the same thing', () => {
    const [tie] = ties(two({ 'no-start': 'present' }, { 'no-start': 'present', 'clutch-slips': 'present' }));
    expect(tie.chance).toBeLessThan(apart);
  });
});
