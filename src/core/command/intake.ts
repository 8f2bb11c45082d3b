import { firstOf, type Complaint } from '../state';
import { id } from '../state/kinds';
import { define, defineSet, from } from './define';

/** Booking in, the bike, its owner, the complaint and what the owner agreed to. */

const bookIn = define({
  type: 'bike.bookIn',
  on: 'bike',
  says: 'Booked in',
  byHand: true,
  payload: {
    bikeId: id(),
    newJobId: id(),
    ownerId: id(),
    personalId: id(),
    complaintId: id(),
    ...from('bike', 'name'),
    ...from('complaint', 'words', 'symptoms'),
    ...from('job', 'rate'),
  },
  needs: (p) => [
    { table: 'job', id: p.newJobId },
    { table: 'owner', id: p.ownerId },
    { table: 'complaint', id: p.complaintId },
  ],
  job: (p) => p.newJobId,
  draft: (d, p, c) => {
    d.insert('owner', { id: p.ownerId, personalId: p.personalId });
    d.insert('bike', { ...firstOf('bike'), id: p.bikeId, ownerId: p.ownerId, name: p.name });
    d.insert('job', { ...firstOf('job'), id: p.newJobId, bikeId: p.bikeId, openedAt: c.madeAt, rate: p.rate });
    d.insert('complaint', complaintRow(p.complaintId, p.newJobId, p));
  },
});

/** A bike that was here before comes back: another visit of it, with what is known of the bike, its book and its owner. */
const openJob = define({
  type: 'job.open',
  on: 'job',
  says: 'Came back',
  byHand: true,
  payload: { bikeId: id(), complaintId: id(), ...from('complaint', 'words', 'symptoms'), ...from('job', 'rate') },
  needs: (p) => [
    { table: 'bike', id: p.bikeId },
    { table: 'complaint', id: p.complaintId },
  ],
  job: (_p, _s, c) => c.entity.id,
  draft: (d, p, c) => {
    d.need('bike', p.bikeId);
    d.insert('job', { ...firstOf('job'), id: c.entity.id, bikeId: p.bikeId, openedAt: c.madeAt, rate: p.rate });
    d.insert('complaint', complaintRow(p.complaintId, c.entity.id, p));
  },
});

/** A complaint as it begins: open, not explained. */
export function complaintRow(
  id: string,
  jobId: string,
  { words, symptoms }: Pick<Complaint, 'words' | 'symptoms'>,
): Omit<Complaint, 'versions'> {
  return { ...firstOf('complaint'), id, jobId, words, symptoms };
}

const bikeSet = defineSet('bike.set', 'bike', 'Bike changed', [
  'name',
  'year',
  'colour',
  'frameNo',
  'engineNo',
  'mileageKm',
  'strokes',
  'cylinders',
  'cooling',
  'ignition',
  'fuelling',
  'decompressor',
  'voltage',
  'starting',
  'clutch',
  'boreMm',
  'strokeMm',
  'compressionRatio',
  'archetype',
  'traits',
]);
const jobSet = defineSet('job.set', 'job', 'Job changed', [
  'standingMonths',
  'storage',
  'fuelLeft',
  'crash',
  'ranWhenParked',
  'lastTouched',
  'lastTouchedBy',
  'lastTouchedWhen',
  'notes',
  'pinned',
  'pairings',
  'counts',
  'school',
  'rate',
]);

/** New personal data are a new row beside the journal; the owner then points to it. */
const ownerSet = defineSet('owner.set', 'owner', 'Owner changed', ['personalId']);

const complaintAdd = define({
  type: 'complaint.add',
  on: 'complaint',
  says: 'Complaint added',
  payload: from('complaint', 'jobId', 'words', 'symptoms', 'afterRepairId'),
  draft: (d, p, c) => void d.insert('complaint', { ...complaintRow(c.entity.id, p.jobId, p), afterRepairId: p.afterRepairId }),
});
const complaintSet = defineSet('complaint.set', 'complaint', 'Complaint changed', ['words', 'symptoms', 'state', 'explained']);

const consentGive = define({
  type: 'consent.give',
  on: 'consent',
  says: 'Agreed with the owner',
  payload: from('consent', 'jobId', 'words', 'upTo', 'supersedes'),
  undoable: false,
  draft: (d, p, c) => void d.insert('consent', { id: c.entity.id, ...p, givenAt: c.madeAt }),
});

const personAdd = define({
  type: 'person.add',
  on: 'person',
  says: 'Person added',
  payload: from('person', 'name'),
  job: () => null,
  draft: (d, p, c) => void d.insert('person', { id: c.entity.id, name: p.name }),
});

export const intake = [bookIn, openJob, bikeSet, jobSet, ownerSet, complaintAdd, complaintSet, consentGive, personAdd];
