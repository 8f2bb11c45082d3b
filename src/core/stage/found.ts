import { testById, type Knowledge } from '../knowledge';
import { keyOf, rowWords, type Case } from '../trace';

/** What mends something that was seen. */
export interface FoundWork {
  faultId: string;
  name: string;
  remedy: string;
  minutes: number;
  parts: number;
}

/** A fault alone brings what was seen this often at least. */
const settles = 0.85;
/** More faults than these would only be suspects: they belong to the trace. */
const most = 2;

/**
 * Results of the first look that are not as they should be, newest first, each with the work that mends it where what was seen
 * settles it: one or two faults that bring it nearly always.
 * @param k what ships and the workshop's own knowledge
 * @param c the case of the job
 * @returns one entry a result, `work` empty where what was seen settles nothing
 */
export function foundWork(k: Knowledge, c: Case): { evidenceId: string; says: string; work: FoundWork[] }[] {
  const newest = new Map<string, (typeof c.evidence)[number]>();
  for (const e of c.evidence) {
    const test = testById(k, e.testId);
    if (!e.withdrawn && test?.firstLook !== undefined) newest.set(keyOf(e.testId, e.position), e);
  }
  const mended = new Set(c.repairs.map((r) => r.faultId));
  return [...newest.values()].reverse().flatMap((e) => {
    const outcome = testById(k, e.testId)!.outcomes.find((o) => o.id === e.outcome);
    if (!outcome || outcome.normal) return [];
    const seen = Object.entries(outcome.find).filter(([id, grade]) => grade !== (k.findings.find((f) => f.id === id)?.grades ?? ['no'])[0]);
    const sure = k.faults.filter(
      (f) => !f.retired && seen.some(([id]) => typeof f.causes[id] === 'number' && (f.causes[id] as number) >= settles),
    );
    const work = sure.length <= most ? sure.filter((f) => !mended.has(f.id)) : [];
    return [
      {
        evidenceId: e.id,
        says: rowWords(k, c, e.id),
        work: work.map((f) => ({ faultId: f.id, name: f.name, remedy: f.remedy.do, minutes: f.remedy.minutes, parts: f.remedy.parts })),
      },
    ];
  });
}
