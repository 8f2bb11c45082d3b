import type { Bike as BikeRow, Complaint, Evidence, Job, Repair, Retest, SymptomAnswer } from '../../state';
import type { Case } from '../model/case';

/** One thing that was done, and what came of it. */
export type Event =
  | { kind: 'test'; testId: string; position: string | null; outcome: string }
  /** After it the complaint was tried again: these symptoms are still there. */
  | { kind: 'repair'; key: string; left: readonly string[] };

export interface Setting {
  bike: BikeRow;
  job: Job;
  /** Symptoms that were asked for, with what the owner said. */
  symptoms: Record<string, SymptomAnswer>;
}

const row = { jobId: 'job', versions: {} };
const at = (n: number) => new Date(Date.UTC(2030, 0, 1) + n * 60000).toISOString();

/** The case as the application would have it after these events. */
export function caseAfter({ bike, job, symptoms }: Setting, events: readonly Event[]): Case {
  const complaint = (id: string, patch: Partial<Complaint>): Complaint => ({
    ...row,
    id,
    words: '',
    symptoms,
    state: 'open',
    explained: false,
    linkedTo: null,
    afterRepairId: null,
    ...patch,
  });
  const complaints = [complaint('c0', {})];
  const evidence: Evidence[] = [];
  const repairs: Repair[] = [];
  const retests: Retest[] = [];
  events.forEach((e, n) => {
    const last = repairs.at(-1)?.id ?? null;
    if (e.kind === 'test') {
      evidence.push({
        ...row,
        id: `e${n}`,
        testId: e.testId,
        position: e.position,
        outcome: e.outcome,
        readingId: null,
        predictionId: null,
        held: null,
        conditions: {},
        note: null,
        takenAt: at(n),
        afterRepairId: last,
        knowledgeHash: '',
        shown: null,
        withdrawn: null,
      });
      return;
    }
    const [faultId, position] = e.key.split('#');
    const id = `r${String(n).padStart(4, '0')}`;
    repairs.push({
      ...row,
      id,
      causeId: null,
      faultId,
      position: position ?? null,
      words: '',
      minutes: 0,
      cost: '0',
      afterRepairId: last,
      madeAt: at(n),
    });
    const now = complaints[complaints.length - 1];
    const had = Object.keys(now.symptoms).filter((s) => now.symptoms[s] === 'present');
    const changed = e.left.length > 0 && e.left.length < had.length;
    retests.push({
      ...row,
      id: `t${n}`,
      complaintId: now.id,
      repairId: id,
      result: e.left.length === 0 ? 'gone' : changed ? 'changed' : 'same',
      conditions: {},
      note: null,
      newComplaintId: changed ? `c${n + 1}` : null,
      takenAt: at(n),
    });
    if (e.left.length === 0) now.state = 'gone';
    if (!changed) return;
    now.state = 'changed';
    const left = Object.fromEntries(
      Object.keys(now.symptoms).map((s): [string, SymptomAnswer] => [s, e.left.includes(s) ? 'present' : 'absent']),
    );
    complaints.push(complaint(`c${n + 1}`, { symptoms: left, linkedTo: now.id, afterRepairId: id }));
  });
  return { bike, job, complaints, evidence, readings: [], repairs, retests, findings: [], causes: [], specs: [], steps: [] };
}
