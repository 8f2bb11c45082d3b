import { describe, expect, it } from 'vitest';
import { id, script, uid } from '../../../test/fixtures/commands';
import { after, run } from '../../../test/fixtures/state';
import { makeCommand } from '../../core/command';
import { derived } from './derived';

const command = (type: string) => script().find((c) => c.type === type)!;

describe('what follows from a job', () => {
  const before = after('job.set');

  it('is the same object for one state', () => {
    expect(derived(before, id.job)).toBe(derived(before, id.job));
  });

  it('has the same case after an entry that is no part of it, and another after one that is', () => {
    const first = derived(before, id.job).traced;
    const renamed = derived(run(before, command('owner.set')), id.job);
    expect(renamed.traced).toBe(first);
    const turned = makeCommand({
      id: uid(9200),
      type: 'bike.set',
      kind: 'bike',
      entityId: id.bike,
      madeAt: '2030-01-02T08:00:00.000Z',
      after: null,
      payload: { set: { strokes: 'two' } },
      base: { strokes: 1 },
    });
    expect(derived(run(before, turned), id.job).traced).not.toBe(first);
  });
});
