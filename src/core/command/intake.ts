import { freshBike, freshJob, type Complaint, type SymptomAnswer } from '../record';
import { define, defineSet } from './define';

/** Booking in, the bike, its owner, the complaint and what the owner agreed to. */

export interface BookIn {
  bikeId: string;
  jobId: string;
  ownerId: string;
  personalId: string;
  complaintId: string;
  name: string;
  words: string;
  symptoms: Record<string, SymptomAnswer>;
  rate: string;
}

const bookIn = define<Omit<BookIn, 'jobId'> & { newJobId: string }>('bike.bookIn', {
  needs: (p) => [
    { table: 'job', id: p.newJobId },
    { table: 'owner', id: p.ownerId },
    { table: 'complaint', id: p.complaintId },
  ],
  job: (p) => p.newJobId,
  draft: (d, p, c) => {
    d.insert('owner', { id: p.ownerId, personalId: p.personalId });
    d.insert('bike', { ...freshBike, id: p.bikeId, ownerId: p.ownerId, name: p.name });
    d.insert('job', { ...freshJob, id: p.newJobId, bikeId: p.bikeId, openedAt: c.madeAt, rate: p.rate });
    d.insert('complaint', complaintRow(p.complaintId, p.newJobId, p.words, p.symptoms));
  },
});

interface OpenJob {
  bikeId: string;
  complaintId: string;
  words: string;
  symptoms: Record<string, SymptomAnswer>;
  rate: string;
}
/** A bike that was here before comes back: another visit of it, with what is known of the bike, its book and its owner. */
const openJob = define<OpenJob>('job.open', {
  needs: (p) => [
    { table: 'bike', id: p.bikeId },
    { table: 'complaint', id: p.complaintId },
  ],
  job: (_p, _s, c) => c.entity.id,
  draft: (d, p, c) => {
    d.need('bike', p.bikeId);
    d.insert('job', { ...freshJob, id: c.entity.id, bikeId: p.bikeId, openedAt: c.madeAt, rate: p.rate });
    d.insert('complaint', complaintRow(p.complaintId, c.entity.id, p.words, p.symptoms));
  },
});

/** A complaint as it begins: open, not explained. */
export function complaintRow(
  id: string,
  jobId: string,
  words: string,
  symptoms: Record<string, SymptomAnswer>,
): Omit<Complaint, 'versions'> {
  return { id, jobId, words, symptoms, state: 'open', explained: false, linkedTo: null, afterRepairId: null };
}

const bikeSet = defineSet('bike.set', 'bike', () => null);
const jobSet = defineSet('job.set', 'job', (_s, id) => id);

/** New personal data are a new row beside the journal; the owner then points to it. */
const ownerSet = defineSet('owner.set', 'owner', () => null);

interface ComplaintAdd {
  jobId: string;
  words: string;
  symptoms: Record<string, SymptomAnswer>;
  afterRepairId: string | null;
}
const complaintAdd = define<ComplaintAdd>('complaint.add', {
  draft: (d, p, c) =>
    void d.insert('complaint', { ...complaintRow(c.entity.id, p.jobId, p.words, p.symptoms), afterRepairId: p.afterRepairId }),
});

const complaintSet = defineSet('complaint.set', 'complaint', (s, id) => s.rows.complaint.get(id)?.jobId ?? null);

interface ConsentGive {
  jobId: string;
  words: string;
  upTo: string | null;
  supersedes: string | null;
}
const consentGive = define<ConsentGive>('consent.give', {
  undoable: false,
  draft: (d, p, c) => void d.insert('consent', { id: c.entity.id, ...p, givenAt: c.madeAt }),
});

const personAdd = define<{ name: string }>('person.add', {
  job: () => null,
  draft: (d, p, c) => void d.insert('person', { id: c.entity.id, name: p.name }),
});

export const intake = [bookIn, openJob, bikeSet, jobSet, ownerSet, complaintAdd, complaintSet, consentGive, personAdd];
