import type { PhotoSubject } from '../record';
import { define, defineSet } from './define';
import { Refused } from './types';

/** Photos with their pins, and the errata of a bike's book. */

interface PhotoAdd {
  jobId: string;
  subject: PhotoSubject;
  subjectId: string | null;
  bag: string | null;
  sha256: string;
  width: number;
  height: number;
  bytes: number;
  caption: string | null;
}
const photoAdd = define<PhotoAdd>('photo.add', {
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
const photoSet = defineSet('photo.set', 'photo', (s, id) => s.rows.photo.get(id)?.jobId ?? null);

/** A photo comes off the record with its pins; its bytes stay as long as the journal names them. */
const photoRemove = define<{ jobId: string }>('photo.remove', {
  needs: (_p, c) => [{ table: 'pin', field: 'photoId', is: c.entity.id }],
  draft: (d, _p, c) => {
    for (const pin of d.rows('pin')) if (pin.photoId === c.entity.id) d.remove('pin', pin.id);
    d.remove('photo', c.entity.id);
  },
});

const pinAdd = define<{ jobId: string; photoId: string; x: number; y: number; note: string }>('pin.add', {
  needs: (p) => [{ table: 'photo', id: p.photoId }],
  draft: (d, p, c) => {
    d.need('photo', p.photoId);
    d.insert('pin', { id: c.entity.id, ...p });
  },
});
const pinSet = defineSet('pin.set', 'pin', (s, id) => s.rows.pin.get(id)?.jobId ?? null);
const pinRemove = define<{ jobId: string }>('pin.remove', { draft: (d, _p, c) => void d.remove('pin', c.entity.id) });

interface ErratumAdd {
  bikeId: string;
  book: string;
  page: string | null;
  quantity: string | null;
  says: string;
  right: string;
  source: string;
}
const erratumAdd = define<ErratumAdd>('erratum.add', {
  needs: (p) => [{ table: 'bike', id: p.bikeId }],
  job: () => null,
  draft: (d, p, c) => {
    d.need('bike', p.bikeId);
    d.insert('erratum', { id: c.entity.id, ...p });
  },
});
const erratumSet = defineSet('erratum.set', 'erratum', () => null);

export const picture = [photoAdd, photoSet, photoRemove, pinAdd, pinSet, pinRemove, erratumAdd, erratumSet];
