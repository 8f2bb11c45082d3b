import { define, defineSet, from } from './define';
import { Refused } from './types';

/** Parts and settings that are not as the manual has them. They belong to the bike, and stay with it over its jobs. */

const substituteAdd = define({
  type: 'substitute.add',
  on: 'substitute',
  says: 'Not as the manual has it',
  byHand: true,
  payload: from('substitute', 'bikeId', 'item', 'asFound', 'manual', 'chosen', 'why', 'modified', 'effects'),
  needs: (p) => [{ table: 'bike', id: p.bikeId }],
  job: () => null,
  draft: (d, p, c) => {
    d.need('bike', p.bikeId);
    d.insert('substitute', { id: c.entity.id, ...p, fittedAt: c.madeAt, endedAt: null });
  },
});

const substituteSet = defineSet(
  'substitute.set',
  'substitute',
  'Not as the manual has it, changed',
  ['item', 'asFound', 'manual', 'chosen', 'why', 'modified', 'effects'],
  { byHand: true },
);

/** It is as the manual has it again: what it brought is over. */
const substituteEnd = define({
  type: 'substitute.end',
  on: 'substitute',
  says: 'As the manual has it again',
  byHand: true,
  payload: from('substitute', 'bikeId'),
  job: () => null,
  draft: (d, _p, c) => {
    const row = d.need('substitute', c.entity.id);
    if (row.endedAt) throw new Refused({ code: 'not yet', message: `${row.item} is as the manual has it already.` });
    d.set('substitute', row.id, { endedAt: c.madeAt });
  },
});

export const substitutes = [substituteAdd, substituteSet, substituteEnd];
