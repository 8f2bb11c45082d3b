import type { Tables } from '../state';
import { optional, words } from '../state/kinds';
import { define, defineSet, from } from './define';
import { Refused } from './types';

/** Checks, waits, provisional repairs, what is to be watched, cautions, and the hand-over. */

const checkMark = define({
  type: 'check.mark',
  on: 'checkmark',
  says: 'Checked off',
  payload: from('checkmark', 'jobId', 'list', 'item', 'state', 'note'),
  needs: (p) => [{ table: 'checkmark', field: 'jobId', is: p.jobId }],
  draft: (d, p, c) => {
    const old = d.rows('checkmark').find((k) => k.jobId === p.jobId && k.list === p.list && k.item === p.item);
    if (old) d.set('checkmark', old.id, { state: p.state, note: p.note });
    else d.insert('checkmark', { id: c.entity.id, ...p });
  },
});

/** What lasts until somebody says that it is over. */
function defineEnd<const T extends string, K extends 'wait' | 'provisional'>(type: T, on: K, says: string) {
  return define({
    type,
    on,
    says,
    payload: from('wait', 'jobId'),
    draft: (d, _p, c) => void d.set(on, c.entity.id, { endedAt: c.madeAt } as Partial<Tables[K]>),
  });
}

const waitStart = define({
  type: 'wait.start',
  on: 'wait',
  says: 'Put on hold',
  payload: from('wait', 'jobId', 'kind', 'what', 'until', 'lookAgain'),
  draft: (d, p, c) => {
    if (!p.until && !p.lookAgain) throw new Refused({ code: 'not yet', message: 'Enter until when, or when to check again.' });
    d.insert('wait', { id: c.entity.id, ...p, endedAt: null });
  },
});
const waitEnd = defineEnd('wait.end', 'wait', 'Hold ended');
/** A wait whose end moved: look again later, or until another time. */
const waitSet = defineSet('wait.set', 'wait', 'Hold changed', ['what', 'until', 'lookAgain']);

const provisionalAdd = define({
  type: 'provisional.add',
  on: 'provisional',
  says: 'Temporary repair',
  payload: from('provisional', 'jobId', 'what', 'why', 'until', 'untilOn', 'mayRun', 'mayRide', 'mayLeave'),
  draft: (d, p, c) => void d.insert('provisional', { id: c.entity.id, ...p, endedAt: null }),
});
const provisionalEnd = defineEnd('provisional.end', 'provisional', 'Temporary repair ended');

const watchAdd = define({
  type: 'watch.add',
  on: 'watch',
  says: 'Watch list',
  payload: from('watch', 'jobId', 'what', 'due'),
  draft: (d, p, c) => void d.insert('watch', { id: c.entity.id, ...p }),
});

const hazardAcknowledge = define({
  type: 'hazard.acknowledge',
  on: 'hazardAck',
  says: 'Caution acknowledged',
  payload: from('hazardAck', 'jobId', 'hazard', 'place'),
  draft: (d, p, c) => void d.insert('hazardAck', { id: c.entity.id, ...p, acknowledgedAt: c.madeAt }),
});

/** The bike leaves. Nothing provisional leaves unless it is written that it may. */
const handOver = define({
  type: 'job.handOver',
  on: 'job',
  says: 'Handed over',
  /** It says nothing but, perhaps, a word for the journal. */
  payload: { note: optional(words(300)) },
  needs: (_p, c) => [
    { table: 'provisional', field: 'jobId', is: c.entity.id },
    { table: 'overrule', field: 'jobId', is: c.entity.id },
  ],
  job: (_p, _s, c) => c.entity.id,
  draft: (d, _p, c) => {
    const job = d.need('job', c.entity.id);
    if (job.handedOverAt) throw new Refused({ code: 'exists', message: 'This job is handed over already.' });
    const over = new Set(
      d
        .rows('overrule')
        .filter((o) => o.jobId === job.id && !o.endedAt && o.act === 'handOver')
        .flatMap((o) => o.codes),
    );
    const kept = d.rows('provisional').filter((p) => p.jobId === job.id && !p.endedAt && !p.mayLeave && !over.has(`temporary:${p.id}`));
    if (kept.length)
      throw new Refused({ code: 'not yet', message: `A temporary repair may not leave: ${kept.map((p) => p.what).join(', ')}.` });
    d.set('job', job.id, { handedOverAt: c.madeAt });
  },
});

export const care = [checkMark, waitStart, waitEnd, waitSet, provisionalAdd, provisionalEnd, watchAdd, hazardAcknowledge, handOver];
