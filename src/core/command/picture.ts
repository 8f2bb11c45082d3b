import { define, defineSet, from } from './define';
import { Refused } from './types';

/** Photos with their pins, and corrections of a bike's manual. */

const photoAdd = define({
  type: 'photo.add',
  on: 'photo',
  says: 'Photo taken',
  byHand: true,
  payload: from('photo', 'jobId', 'subject', 'subjectId', 'bag', 'sha256', 'width', 'height', 'bytes', 'caption'),
  needs: (p) => (p.subjectId && (p.subject === 'step' || p.subject === 'finding') ? [{ table: p.subject, id: p.subjectId }] : []),
  draft: (d, p, c) => {
    if (p.subject === 'step' || p.subject === 'finding') {
      if (!p.subjectId) throw new Refused({ code: 'missing', message: `Which ${p.subject} is this a photo of?` });
      d.need(p.subject, p.subjectId);
    }
    if (p.subject === 'bag' && !p.bag) throw new Refused({ code: 'missing', message: 'Which bag is this a photo of?' });
    d.insert('photo', { id: c.entity.id, ...p, takenAt: c.madeAt });
  },
});
const photoSet = defineSet('photo.set', 'photo', 'Photo changed', ['caption']);

/** A photo comes off the record with its pins; its bytes stay as long as the journal names them. */
const photoRemove = define({
  type: 'photo.remove',
  on: 'photo',
  says: 'Photo deleted',
  byHand: true,
  payload: from('photo', 'jobId'),
  needs: (_p, c) => [{ table: 'pin', field: 'photoId', is: c.entity.id }],
  draft: (d, _p, c) => {
    for (const pin of d.rows('pin')) if (pin.photoId === c.entity.id) d.remove('pin', pin.id);
    d.remove('photo', c.entity.id);
  },
});

const pinAdd = define({
  type: 'pin.add',
  on: 'pin',
  says: 'Pin set',
  byHand: true,
  payload: from('pin', 'jobId', 'photoId', 'x', 'y', 'note'),
  needs: (p) => [{ table: 'photo', id: p.photoId }],
  draft: (d, p, c) => {
    d.need('photo', p.photoId);
    d.insert('pin', { id: c.entity.id, ...p });
  },
});
const pinSet = defineSet('pin.set', 'pin', 'Pin changed', ['x', 'y', 'note'], { byHand: true });
const pinRemove = define({
  type: 'pin.remove',
  on: 'pin',
  says: 'Pin deleted',
  byHand: true,
  payload: from('pin', 'jobId'),
  draft: (d, _p, c) => void d.remove('pin', c.entity.id),
});

const erratumAdd = define({
  type: 'erratum.add',
  on: 'erratum',
  says: 'Manual correction',
  payload: from('erratum', 'bikeId', 'book', 'page', 'quantity', 'says', 'right', 'source'),
  needs: (p) => [{ table: 'bike', id: p.bikeId }],
  job: () => null,
  draft: (d, p, c) => {
    d.need('bike', p.bikeId);
    d.insert('erratum', { id: c.entity.id, ...p });
  },
});
const erratumSet = defineSet(
  'erratum.set',
  'erratum',
  'Manual correction changed',
  ['book', 'page', 'quantity', 'says', 'right', 'source'],
  {
    byHand: true,
  },
);

export const picture = [photoAdd, photoSet, photoRemove, pinAdd, pinSet, pinRemove, erratumAdd, erratumSet];
