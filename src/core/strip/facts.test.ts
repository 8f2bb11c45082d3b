import { describe, expect, it } from 'vitest';
import { id, uid } from '../../../test/fixtures/commands';
import { after, run } from '../../../test/fixtures/state';
import { effectOf, makeCommand } from '../command';
import type { State, TableName } from '../state';

let n = 8100;
const command = (type: string, kind: TableName, entityId: string, payload: object) =>
  makeCommand({ id: uid(n++), type, kind, entityId, madeAt: '2030-02-01T09:00:00.000Z', after: null, payload });
const owe = (s: State, says: string | null = null, at = uid(8190)) =>
  run(s, command('fact.add', 'fact', at, { jobId: id.job, stepId: id.step, kind: 'check', about: 'Both dowels in place', says }));
const say = (s: State, says: string | null) => run(s, command('fact.say', 'fact', uid(8190), { jobId: id.job, says }));
const refit = (s: State, counts: Record<string, number>) => effectOf(s, command('step.refit', 'step', id.step, { jobId: id.job, counts }));
const all = { [id.fastener]: 4, [id.fastener2]: 2 };

describe('closing a step over a check that is owed', () => {
  it('is refused with the check by name; part of its fasteners may go on', () => {
    const off = owe(after('step.add'));
    const refused = refit(off, all);
    expect(refused.ok || refused.refusal.message).toBe('Owed before it is closed: Both dowels in place.');
    expect(refit(off, { [id.fastener]: 3 }).ok).toBe(true);
  });

  it('is possible once the check was made, and not again once that was taken back', () => {
    const made = say(owe(after('step.add')), 'both there');
    expect(refit(made, all).ok).toBe(true);
    expect(refit(say(made, null), all).ok).toBe(false);
    expect(refit(owe(after('step.add'), 'both there'), all).ok).toBe(true);
  });

  it('is possible where a person’s word goes over that check, and not over another', () => {
    const word = { jobId: id.job, act: 'turn', reason: 'Dowels on order, mocked up', codes: [`check:${uid(8190)}`], saidBy: 'Ines' };
    const over = run(owe(after('step.add')), command('overrule.say', 'overrule', uid(8195), word));
    expect(refit(over, all).ok).toBe(true);
    expect(refit(owe(over, null, uid(8191)), all).ok).toBe(false);
  });

  it('holds for the checks of this step alone', () => {
    const other = run(
      after('step.add'),
      command('step.add', 'step', uid(8180), { jobId: id.job, title: 'Rotor', access: null, bag: null, note: null, fasteners: [] }),
    );
    const owed = run(
      other,
      command('fact.add', 'fact', uid(8192), { jobId: id.job, stepId: uid(8180), kind: 'check', about: 'Key in its slot', says: null }),
    );
    expect(refit(owed, all).ok).toBe(true);
  });
});
