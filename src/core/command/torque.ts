import { id, list, object } from '../state/kinds';
import { define, from } from './define';
import { Refused } from './types';

/** Torques in their stages, and signatures. */

const torquePlan = define({
  type: 'torque.plan',
  on: 'torque',
  says: 'Torque planned',
  payload: {
    ...from('torque', 'jobId', 'name', 'thread', 'count', 'figureNm', 'unit', 'entered', 'source'),
    stages: list(object({ id: id(), ...from('torqueStage', 'kind', 'value') }), 12, 1),
  },
  needs: (p) => p.stages.map((s) => ({ table: 'torqueStage' as const, id: s.id })),
  draft: (d, { stages, ...p }, c) => {
    d.insert('torque', { id: c.entity.id, ...p });
    stages.forEach((s, i) => d.insert('torqueStage', { ...s, jobId: p.jobId, torqueId: c.entity.id, n: i + 1, doneAt: null }));
  },
});

/** Stages are done in their order: a later one cannot come before an earlier one. */
const torqueStage = define({
  type: 'torque.stage',
  on: 'torqueStage',
  says: 'Torque stage done',
  payload: from('torqueStage', 'jobId', 'torqueId'),
  needs: (p) => [{ table: 'torqueStage', field: 'torqueId', is: p.torqueId }],
  draft: (d, p, c) => {
    const stage = d.need('torqueStage', c.entity.id);
    if (stage.doneAt) throw new Refused({ code: 'exists', message: 'This stage is done already.' });
    const before = d.rows('torqueStage').filter((s) => s.torqueId === p.torqueId && s.n < stage.n && !s.doneAt);
    if (before.length) throw new Refused({ code: 'not yet', message: `Stage ${before[0].n} comes first.` });
    d.set('torqueStage', stage.id, { doneAt: c.madeAt });
  },
});

const sign = define({
  type: 'signature.sign',
  on: 'signature',
  says: 'Signed',
  payload: from('signature', 'jobId', 'kind', 'subjectId', 'signedBy', 'supersedes'),
  undoable: false,
  needs: (p) =>
    p.kind === 'torque'
      ? [
          { table: 'torqueStage', field: 'torqueId', is: p.subjectId },
          { table: 'torque', id: p.subjectId },
        ]
      : [],
  draft: (d, p, c) => {
    if (p.kind === 'torque') {
      d.need('torque', p.subjectId);
      const open = d.rows('torqueStage').filter((s) => s.torqueId === p.subjectId && !s.doneAt);
      if (open.length) throw new Refused({ code: 'not yet', message: `Stage ${open[0].n} is not done yet, so this cannot be signed.` });
    }
    d.insert('signature', { id: c.entity.id, ...p, signedAt: c.madeAt });
  },
});

export const torque = [torquePlan, torqueStage, sign];
