import type { Answer, Complaint, Conditions, Evidence, ReadingValue, Retest, Shown, Spec, SymptomAnswer } from '../record';
import { define, defineSet } from './define';
import type { Draft } from './draft';
import { complaintRow } from './intake';
import { Refused } from './types';

/** Evidence, predictions, readings, limits, causes, repairs and retests. */

export interface ReadingPart {
  id: string;
  bikeId: string;
  quantity: string;
  value: ReadingValue;
  unit: string;
  entered: string;
  instrument: string | null;
}

export interface EvidenceAdd {
  jobId: string;
  testId: string;
  position: string | null;
  outcome: string;
  reading: ReadingPart | null;
  predictionId: string | null;
  held: Answer | null;
  conditions: Conditions;
  note: string | null;
  afterRepairId: string | null;
  knowledgeHash: string;
  shown: Shown | null;
}

export function insertReading(
  d: Draft,
  reading: ReadingPart | null,
  at: { jobId: string; position: string | null; conditions: Conditions; takenAt: string },
): string | null {
  if (!reading) return null;
  d.insert('reading', { ...at, ...reading });
  return reading.id;
}

const evidenceAdd = define<EvidenceAdd>('evidence.add', {
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

const evidenceWithdraw = define<{ jobId: string; reason: string }>('evidence.withdraw', {
  draft: (d, p, c) => {
    const e: Evidence = d.need('evidence', c.entity.id);
    if (e.withdrawn) throw new Refused({ code: 'exists', message: 'This was withdrawn already.' });
    d.set('evidence', e.id, { withdrawn: p.reason });
  },
});

const predictionWrite = define<{ jobId: string; testId: string; position: string | null; words: string; expected: string | null }>(
  'prediction.write',
  {
    draft: (d, p, c) => void d.insert('prediction', { id: c.entity.id, ...p, madeAt: c.madeAt }),
  },
);

const readingAdd = define<{ jobId: string; position: string | null; conditions: Conditions; reading: ReadingPart }>('reading.add', {
  draft: (d, p, c) =>
    void insertReading(
      d,
      { ...p.reading, id: c.entity.id },
      { jobId: p.jobId, position: p.position, conditions: p.conditions, takenAt: c.madeAt },
    ),
});

export type SpecAdd = Omit<Spec, 'id' | 'versions'>;
const specAdd = define<SpecAdd>('spec.add', {
  needs: (p) => [{ table: 'bike', id: p.bikeId }],
  job: () => null,
  draft: (d, p, c) => {
    d.need('bike', p.bikeId);
    d.insert('spec', { id: c.entity.id, ...p });
  },
});
const specSet = defineSet('spec.set', 'spec', () => null);

const causeName = define<{ jobId: string; complaintId: string; faultId: string | null; position: string | null; words: string }>(
  'cause.name',
  {
    needs: (p) => [{ table: 'complaint', id: p.complaintId }],
    draft: (d, p, c) => {
      d.need('complaint', p.complaintId);
      d.insert('cause', { id: c.entity.id, ...p, madeAt: c.madeAt });
    },
  },
);

interface RepairLog {
  jobId: string;
  causeId: string | null;
  faultId: string | null;
  position: string | null;
  words: string;
  minutes: number;
  cost: string;
  afterRepairId: string | null;
}
const repairLog = define<RepairLog>('repair.log', {
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

interface RetestLog {
  jobId: string;
  complaintId: string;
  repairId: string;
  result: Retest['result'];
  conditions: Conditions;
  note: string | null;
  /** For "changed": the complaint as it is now. */
  changed: { id: string; words: string; symptoms: Record<string, SymptomAnswer> } | null;
}
const retestLog = define<RetestLog>('retest.log', {
  needs: (p) => [
    { table: 'complaint', id: p.complaintId },
    { table: 'repair', id: p.repairId },
    ...(p.changed ? [{ table: 'complaint' as const, id: p.changed.id }] : []),
  ],
  draft: (d, { changed, ...p }, c) => {
    const old: Complaint = d.need('complaint', p.complaintId);
    d.need('repair', p.repairId);
    if (p.result === 'changed' && !changed) throw new Refused({ code: 'not yet', message: 'Say what the complaint is now.' });
    if (changed)
      d.insert('complaint', {
        ...complaintRow(changed.id, p.jobId, changed.words, changed.symptoms),
        linkedTo: old.id,
        afterRepairId: p.repairId,
      });
    d.insert('retest', { id: c.entity.id, ...p, newComplaintId: changed?.id ?? null, takenAt: c.madeAt });
    if (p.result !== 'same') d.set('complaint', old.id, { state: p.result === 'back' ? 'open' : p.result });
    else d.set('complaint', old.id, { state: 'open' });
  },
});

export const tracing = [evidenceAdd, evidenceWithdraw, predictionWrite, readingAdd, specAdd, specSet, causeName, repairLog, retestLog];
