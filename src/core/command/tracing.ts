import type { Conditions } from '../state';
import { id, maybe, object, words, type ObjectOf } from '../state/kinds';
import { define, defineSet, from } from './define';
import type { Draft } from './draft';
import { complaintRow } from './intake';
import { Refused } from './types';

/** Evidence, predictions, readings, limits, causes, repairs and retests. */

const readingFields = { id: id(), bikeId: id(), ...from('reading', 'quantity', 'value', 'unit', 'entered', 'instrument') };
/** A reading that comes along with what it was taken for. */
export const readingPart = object(readingFields);
type ReadingPart = ObjectOf<typeof readingFields>;

export function insertReading(
  d: Draft,
  reading: ReadingPart | null,
  at: { jobId: string; position: string | null; conditions: Conditions; takenAt: string },
): string | null {
  if (!reading) return null;
  d.insert('reading', { ...at, ...reading });
  return reading.id;
}

const evidenceAdd = define({
  type: 'evidence.add',
  on: 'evidence',
  says: 'Result entered',
  payload: {
    ...from('evidence', 'jobId', 'testId', 'position', 'outcome', 'predictionId', 'held', 'conditions', 'note', 'afterRepairId'),
    ...from('evidence', 'knowledgeHash', 'shown'),
    reading: maybe(readingPart),
  },
  needs: (p) => [
    ...(p.reading ? [{ table: 'reading' as const, id: p.reading.id }] : []),
    ...(p.predictionId ? [{ table: 'prediction' as const, id: p.predictionId }] : []),
    ...(p.afterRepairId ? [{ table: 'repair' as const, id: p.afterRepairId }] : []),
  ],
  draft: (d, { reading, ...p }, c) => {
    if (p.predictionId) d.need('prediction', p.predictionId);
    if (p.afterRepairId) d.need('repair', p.afterRepairId);
    const readingId = insertReading(d, reading, { jobId: p.jobId, position: p.position, conditions: p.conditions, takenAt: c.madeAt });
    d.insert('evidence', { id: c.entity.id, ...p, readingId, takenAt: c.madeAt, withdrawn: null });
  },
});

const evidenceWithdraw = define({
  type: 'evidence.withdraw',
  on: 'evidence',
  says: 'Result withdrawn',
  payload: { ...from('evidence', 'jobId'), reason: words(300) },
  draft: (d, p, c) => {
    const e = d.need('evidence', c.entity.id);
    if (e.withdrawn) throw new Refused({ code: 'exists', message: 'Already withdrawn.' });
    d.set('evidence', e.id, { withdrawn: p.reason });
  },
});

const predictionWrite = define({
  type: 'prediction.write',
  on: 'prediction',
  says: 'Prediction',
  payload: from('prediction', 'jobId', 'testId', 'position', 'words', 'expected'),
  draft: (d, p, c) => void d.insert('prediction', { id: c.entity.id, ...p, madeAt: c.madeAt }),
});

const readingAdd = define({
  type: 'reading.add',
  on: 'reading',
  says: 'Reading taken',
  payload: { ...from('reading', 'jobId', 'position', 'conditions'), reading: readingPart },
  draft: (d, p, c) =>
    void insertReading(
      d,
      { ...p.reading, id: c.entity.id },
      { jobId: p.jobId, position: p.position, conditions: p.conditions, takenAt: c.madeAt },
    ),
});

const limit = ['low', 'high', 'serviceLow', 'serviceHigh', 'unit', 'entered', 'source', 'origin'] as const;
const specAdd = define({
  type: 'spec.add',
  on: 'spec',
  says: 'Limit entered',
  payload: from('spec', 'bikeId', 'quantity', ...limit),
  needs: (p) => [{ table: 'bike', id: p.bikeId }],
  job: () => null,
  draft: (d, p, c) => {
    d.need('bike', p.bikeId);
    d.insert('spec', { id: c.entity.id, ...p });
  },
});
const specSet = defineSet('spec.set', 'spec', 'Limit changed', [...limit]);

const causeName = define({
  type: 'cause.name',
  on: 'cause',
  says: 'Cause named',
  payload: from('cause', 'jobId', 'complaintId', 'faultId', 'position', 'words'),
  needs: (p) => [{ table: 'complaint', id: p.complaintId }],
  draft: (d, p, c) => {
    d.need('complaint', p.complaintId);
    d.insert('cause', { id: c.entity.id, ...p, madeAt: c.madeAt });
  },
});

const repairLog = define({
  type: 'repair.log',
  on: 'repair',
  says: 'Repair logged',
  payload: from('repair', 'jobId', 'causeId', 'faultId', 'position', 'words', 'minutes', 'cost', 'afterRepairId'),
  needs: (p) => [
    ...(p.causeId ? [{ table: 'cause' as const, id: p.causeId }] : []),
    ...(p.afterRepairId ? [{ table: 'repair' as const, id: p.afterRepairId }] : []),
  ],
  draft: (d, p, c) => {
    if (p.causeId) d.need('cause', p.causeId);
    if (p.afterRepairId) d.need('repair', p.afterRepairId);
    d.insert('repair', { id: c.entity.id, ...p, madeAt: c.madeAt });
  },
});

const retestLog = define({
  type: 'retest.log',
  on: 'retest',
  says: 'Retest',
  payload: {
    ...from('retest', 'jobId', 'complaintId', 'repairId', 'result', 'conditions', 'note'),
    /** For "changed": the complaint as it is now. */
    changed: maybe(object({ id: id(), ...from('complaint', 'words', 'symptoms') })),
  },
  needs: (p) => [
    { table: 'complaint', id: p.complaintId },
    { table: 'repair', id: p.repairId },
    ...(p.changed ? [{ table: 'complaint' as const, id: p.changed.id }] : []),
  ],
  draft: (d, { changed, ...p }, c) => {
    const old = d.need('complaint', p.complaintId);
    d.need('repair', p.repairId);
    if (p.result === 'changed' && !changed) throw new Refused({ code: 'not yet', message: 'Enter the complaint as it is now.' });
    if (changed) d.insert('complaint', { ...complaintRow(changed.id, p.jobId, changed), linkedTo: old.id, afterRepairId: p.repairId });
    d.insert('retest', { id: c.entity.id, ...p, newComplaintId: changed?.id ?? null, takenAt: c.madeAt });
    d.set('complaint', old.id, { state: p.result === 'same' || p.result === 'back' ? 'open' : p.result });
  },
});

export const tracing = [evidenceAdd, evidenceWithdraw, predictionWrite, readingAdd, specAdd, specSet, causeName, repairLog, retestLog];
