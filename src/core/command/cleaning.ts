import { define, defineSet, from } from './define';
import { Refused } from './types';

/** Parts that are being made ready to go back, what they are cleaned with, and the ledger of fluids. */

const treatedAdd = define({
  type: 'treated.add',
  on: 'treatedPart',
  says: 'Part to clean',
  byHand: true,
  payload: from('treatedPart', 'jobId', 'stepId', 'item', 'materials'),
  needs: (p) => (p.stepId ? [{ table: 'step' as const, id: p.stepId }] : []),
  draft: (d, p, c) => {
    if (p.stepId) d.need('step', p.stepId);
    d.insert('treatedPart', { id: c.entity.id, ...p, state: 'as removed', at: null, madeAt: c.madeAt, changedAt: c.madeAt });
  },
});

const treatedSet = defineSet('treated.set', 'treatedPart', 'Part being cleaned', ['item', 'materials'], { byHand: true });

/** How far it is. Only what is away is at somebody's. */
const treatedMove = define({
  type: 'treated.move',
  on: 'treatedPart',
  says: 'Part being cleaned',
  byHand: true,
  payload: from('treatedPart', 'jobId', 'state', 'at'),
  draft: (d, p, c) => {
    d.need('treatedPart', c.entity.id);
    d.set('treatedPart', c.entity.id, { state: p.state, at: p.state === 'away' ? p.at : null, changedAt: c.madeAt });
  },
});

const cleaningLog = define({
  type: 'cleaning.log',
  on: 'cleaning',
  says: 'Cleaned',
  byHand: true,
  payload: from('cleaning', 'jobId', 'partId', 'cleaner', 'litres', 'rounds', 'note'),
  needs: (p) => [{ table: 'treatedPart' as const, id: p.partId }],
  draft: (d, p, c) => {
    const part = d.need('treatedPart', p.partId);
    if (part.state === 'away')
      throw new Refused({
        code: 'not yet',
        message: `${part.item} is away${part.at ? `, at ${part.at}` : ''}. Say first that it is back.`,
      });
    d.insert('cleaning', { id: c.entity.id, ...p, madeAt: c.madeAt });
  },
});

const fluidLog = define({
  type: 'fluid.log',
  on: 'fluid',
  says: 'Fluid',
  byHand: true,
  payload: from('fluid', 'jobId', 'stepId', 'fluid', 'act', 'ml', 'grade', 'note'),
  needs: (p) => (p.stepId ? [{ table: 'step' as const, id: p.stepId }] : []),
  draft: (d, p, c) => {
    if (p.stepId) d.need('step', p.stepId);
    if (p.act === 'left in' && p.ml === null) throw new Refused({ code: 'not yet', message: 'How much stays in is measured or guessed.' });
    d.insert('fluid', { id: c.entity.id, ...p, madeAt: c.madeAt });
  },
});

export const cleaning = [treatedAdd, treatedSet, treatedMove, cleaningLog, fluidLog];
