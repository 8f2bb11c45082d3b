import { crossedWords } from '../strip';
import { define, defineSet, from } from './define';
import { Refused } from './types';

/** Wires, hoses and cables that are parted and joined again, joints, and pairings that were tried. */

const connectionAdd = define({
  type: 'connection.add',
  on: 'connection',
  says: 'Connection',
  byHand: true,
  payload: from('connection', 'jobId', 'stepId', 'kind', 'fromEnd', 'toEnd', 'colour', 'mark', 'route'),
  needs: (p) => (p.stepId ? [{ table: 'step' as const, id: p.stepId }] : []),
  draft: (d, p, c) => {
    if (p.stepId) d.need('step', p.stepId);
    d.insert('connection', { id: c.entity.id, ...p, dropBefore: null, dropAfter: null, madeAt: c.madeAt, joinedAt: null, joinedTo: null });
  },
});

/** What is written of it, and the voltage lost at a joint. */
const connectionSet = defineSet(
  'connection.set',
  'connection',
  'Connection changed',
  ['fromEnd', 'toEnd', 'colour', 'mark', 'route', 'dropBefore', 'dropAfter'],
  { byHand: true },
);

/** Joined again, on the end that the record has or on another. */
const connectionJoin = define({
  type: 'connection.join',
  on: 'connection',
  says: 'Connected',
  byHand: true,
  payload: from('connection', 'jobId', 'joinedTo'),
  draft: (d, p, c) => {
    const connection = d.need('connection', c.entity.id);
    const crossed = crossedWords({ ...connection, joinedAt: c.madeAt, joinedTo: p.joinedTo });
    d.set('connection', connection.id, { joinedAt: c.madeAt, joinedTo: crossed ? p.joinedTo : null });
  },
});

const connectionPart = define({
  type: 'connection.part',
  on: 'connection',
  says: 'Disconnected again',
  byHand: true,
  payload: from('connection', 'jobId'),
  draft: (d, _p, c) => {
    d.need('connection', c.entity.id);
    d.set('connection', c.entity.id, { joinedAt: null, joinedTo: null });
  },
});

/** A pairing that was tried. The one that cures is the record from then on, and its wires are joined. */
const wireTry = define({
  type: 'wire.try',
  on: 'wireTry',
  says: 'Pairing tried',
  byHand: true,
  payload: from('wireTry', 'jobId', 'pairing', 'says', 'result'),
  needs: (p) => [{ table: 'connection', field: 'jobId', is: p.jobId }],
  draft: (d, p, c) => {
    const all = d.rows('connection').filter((x) => x.jobId === p.jobId);
    const joins = p.pairing.split(' ').map((join) => {
      const [wire, at] = join.split('>').map((id) => all.find((x) => x.id === id));
      if (!wire || !at) throw new Refused({ code: 'missing', message: 'A wire of this pairing is not in the list any more.' });
      return { wire, at };
    });
    d.insert('wireTry', { id: c.entity.id, ...p, madeAt: c.madeAt });
    if (p.result !== 'cures') return;
    for (const { wire, at } of joins) d.set('connection', wire.id, { toEnd: at.toEnd, joinedAt: c.madeAt, joinedTo: null });
  },
});

export const wires = [connectionAdd, connectionSet, connectionJoin, connectionPart, wireTry];
