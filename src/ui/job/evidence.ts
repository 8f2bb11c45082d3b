import type { Conditions, ReadingValue, Shown } from '../../core/state';
import { lastRepairId, type Ranking } from '../../core/trace';
import type { UsedJob } from './useJob';

export interface Taken {
  testId: string;
  position: string | null;
  outcome: string;
  reading?: { quantity: string; value: ReadingValue; unit: string; entered: string; instrument?: string | null } | null;
  conditions: Conditions;
  prediction?: { words: string; expected: string | null } | null;
  note?: string | null;
}

/** What the ranking looked like when a result was entered: kept beside it, as history. */
export function shownOf(ranking: Ranking | null): Shown | null {
  if (!ranking) return null;
  const round = (p: number) => Math.round(p * 1e6) / 1e6;
  return {
    suspects: ranking.suspects.slice(0, 12).map((s) => [s.key, round(s.probability)]),
    next: ranking.next.kind === 'none' ? null : ranking.next.key,
  };
}

/** Enters one result: its prediction first where one was written, then the evidence with its reading. */
export function enterResult(used: UsedJob, taken: Taken, ranking: Ranking | null): boolean {
  return used.store.together(() => enterBoth(used, taken, ranking));
}

function enterBoth({ store, knowledge, jobId, traced }: UsedJob, taken: Taken, ranking: Ranking | null): boolean {
  const { testId, position, outcome, reading = null, conditions, prediction = null, note = null } = taken;
  let predictionId: string | null = null;
  if (prediction) {
    predictionId = store.newId();
    if (
      !store.act('prediction.write', predictionId, {
        jobId,
        testId,
        position,
        words: prediction.words,
        expected: prediction.expected,
      }).ok
    )
      return false;
  }
  const held = prediction?.expected ? (prediction.expected === outcome ? 'yes' : 'no') : null;
  return store.act('evidence.add', store.newId(), {
    jobId,
    testId,
    position,
    outcome,
    reading: reading && { id: store.newId(), bikeId: traced.bike.id, instrument: null, ...reading },
    predictionId,
    held,
    conditions,
    note,
    afterRepairId: lastRepairId(traced.repairs),
    knowledgeHash: knowledge.hash,
    shown: shownOf(ranking),
  }).ok;
}
