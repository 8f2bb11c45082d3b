import { define, from } from './define';

/** What is known of a step and comes back at its refit: which way round, and what is checked before it is closed in. */

const factAdd = define({
  type: 'fact.add',
  on: 'fact',
  says: 'Noted for the refit',
  byHand: true,
  payload: from('fact', 'jobId', 'stepId', 'kind', 'about', 'says'),
  needs: (p) => [{ table: 'step' as const, id: p.stepId }],
  draft: (d, p, c) => {
    d.need('step', p.stepId);
    d.insert('fact', { id: c.entity.id, ...p, madeAt: c.madeAt, saidAt: p.says === null ? null : c.madeAt });
  },
});

/** What was found at a check, or how something stood; null opens it again. */
const factSay = define({
  type: 'fact.say',
  on: 'fact',
  says: 'Note for the refit changed',
  byHand: true,
  payload: from('fact', 'jobId', 'says'),
  draft: (d, p, c) => {
    d.need('fact', c.entity.id);
    d.set('fact', c.entity.id, { says: p.says, saidAt: p.says === null ? null : c.madeAt });
  },
});

export const facts = [factAdd, factSay];
