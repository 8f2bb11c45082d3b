import { describe, expect, it } from 'vitest';
import { id } from '../../../test/fixtures/commands';
import { after } from '../../../test/fixtures/state';
import { applyChanges, list } from '../../core/state';
import { jobRows } from './jobRows';

describe('rows of a job', () => {
  const state = after('finding.add');

  it('are those of the job, and the same array until their table changes', () => {
    const steps = jobRows(state, 'step', id.job);
    expect(steps).toEqual(list(state, 'step').filter((s) => s.jobId === id.job));
    expect(steps.length).toBeGreaterThan(0);
    expect(jobRows(state, 'step', id.job)).toBe(steps);
    const [first] = steps;
    const next = applyChanges(state, [
      { table: 'step', op: 'update', id: first.id, set: { title: 'Another' }, was: { title: first.title } } as never,
    ]);
    expect(jobRows(next, 'step', id.job)[0].title).toBe('Another');
    expect(jobRows(state, 'step', id.job)).toBe(steps);
    // What did not change is the same.
    expect(jobRows(next, 'fastener', id.job)).toBe(jobRows(state, 'fastener', id.job));
  });

  it('of another job are none of this, and those of no job belong to all', () => {
    expect(jobRows(state, 'step', 'another')).toEqual([]);
    expect(jobRows(state, 'bike', 'another')).toEqual(list(state, 'bike'));
  });
});
