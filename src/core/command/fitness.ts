import { define, from } from './define';
import { Refused } from './types';

/** A person's word that something may be done all the same, and tries to start an engine. */

const overruleSay = define({
  type: 'overrule.say',
  on: 'overrule',
  says: 'Allowed anyway',
  payload: from('overrule', 'jobId', 'act', 'reason', 'codes', 'saidBy'),
  draft: (d, p, c) => void d.insert('overrule', { id: c.entity.id, ...p, madeAt: c.madeAt, endedAt: null }),
});
const overruleEnd = define({
  type: 'overrule.end',
  on: 'overrule',
  says: 'No longer allowed anyway',
  payload: from('overrule', 'jobId'),
  draft: (d, _p, c) => {
    const old = d.need('overrule', c.entity.id);
    if (old.endedAt) throw new Refused({ code: 'exists', message: 'Already withdrawn.' });
    d.set('overrule', old.id, { endedAt: c.madeAt });
  },
});

const attemptLog = define({
  type: 'attempt.log',
  on: 'startAttempt',
  says: 'Start attempt',
  payload: from('startAttempt', 'jobId', 'choke', 'throttle', 'kicks', 'seconds', 'volts', 'did', 'afterRepairId'),
  needs: (p) => (p.afterRepairId ? [{ table: 'repair' as const, id: p.afterRepairId }] : []),
  draft: (d, p, c) => {
    if (p.afterRepairId) d.need('repair', p.afterRepairId);
    d.insert('startAttempt', { id: c.entity.id, ...p, madeAt: c.madeAt });
  },
});

export const fitness = [overruleSay, overruleEnd, attemptLog];
