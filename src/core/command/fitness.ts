import type { AttemptResult, FitnessAct, StartAttempt } from '../record';
import { define } from './define';
import { Refused } from './types';

/** A person's word that something may be done all the same, and tries to start an engine. */

interface OverruleSay {
  jobId: string;
  act: FitnessAct;
  reason: string;
  codes: string[];
  saidBy: string;
}
const overruleSay = define<OverruleSay>('overrule.say', {
  draft: (d, p, c) => void d.insert('overrule', { id: c.entity.id, ...p, madeAt: c.madeAt, endedAt: null }),
});
const overruleEnd = define<{ jobId: string }>('overrule.end', {
  draft: (d, _p, c) => {
    const old = d.need('overrule', c.entity.id);
    if (old.endedAt) throw new Refused({ code: 'exists', message: 'This was withdrawn already.' });
    d.set('overrule', old.id, { endedAt: c.madeAt });
  },
});

type AttemptLog = { jobId: string; did: AttemptResult; afterRepairId: string | null } & Pick<
  StartAttempt,
  'choke' | 'throttle' | 'kicks' | 'seconds' | 'volts'
>;
const attemptLog = define<AttemptLog>('attempt.log', {
  needs: (p) => (p.afterRepairId ? [{ table: 'repair' as const, id: p.afterRepairId }] : []),
  draft: (d, p, c) => {
    if (p.afterRepairId) d.need('repair', p.afterRepairId);
    d.insert('startAttempt', { id: c.entity.id, ...p, madeAt: c.madeAt });
  },
});

export const fitness = [overruleSay, overruleEnd, attemptLog];
