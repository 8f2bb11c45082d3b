import { type Knowledge, faultById } from '../../knowledge';
import { repairsInOrder } from '../../repairs';
import type { Case } from '../model/case';
import { rowWords } from '../policy/rowWords';
import { chanceWords } from '../policy/words';

/** One thing on the way from the first symptom to where the job stands. */
export interface TrailStep {
  kind: 'complaint' | 'result' | 'repair' | 'retest';
  at: string;
  words: string;
  /** Circumstances, prediction, note: what belongs to it. */
  more: string[];
  /** Who led when it was done, by what was shown then; null where nothing was. */
  led: string | null;
}

/** Repairs that were made without trying the complaint in between: which of them helped stays unassigned. */
export function changedTogether(c: Pick<Case, 'repairs' | 'retests'>): string[][] {
  const groups: string[][] = [];
  let open: string[] = [];
  for (const r of repairsInOrder(c.repairs)) {
    open.push(r.id);
    if (!c.retests.some((t) => t.repairId === r.id)) continue;
    if (open.length > 1) groups.push(open);
    open = [];
  }
  return groups;
}

/** The way that was taken, in the order of what each step came after, then of its time. */
export function trailOf(k: Knowledge, c: Case, predictions: readonly { id: string; words: string }[] = []): TrailStep[] {
  const place = new Map(repairsInOrder(c.repairs).map((r, i) => [r.id, i + 1]));
  const steps: { after: number; turn: number; step: TrailStep }[] = [];
  const name = (key: string) => faultById(k, key.split('#')[0])?.name ?? key;
  for (const p of c.complaints)
    steps.push({
      after: place.get(p.afterRepairId ?? '') ?? 0,
      turn: 0,
      step: { kind: 'complaint', at: '', words: `“${p.words}”`, more: [], led: null },
    });
  for (const e of c.evidence) {
    if (e.withdrawn) continue;
    const prediction = predictions.find((x) => x.id === e.predictionId);
    const { temperature, battery, tries } = e.conditions;
    const reading = c.readings.find((r) => r.id === e.readingId);
    const [leader] = e.shown?.suspects ?? [];
    steps.push({
      after: place.get(e.afterRepairId ?? '') ?? 0,
      turn: 1,
      step: {
        kind: 'result',
        at: e.takenAt,
        words: rowWords(k, c, e.id),
        more: [
          ...(reading ? [`read ${reading.entered}`] : []),
          ...[temperature, battery === 'helped' ? 'jump battery' : null, tries && tries > 1 ? `${tries} tries` : null]
            .filter(Boolean)
            .map(String),
          ...(prediction
            ? [`expected “${prediction.words}”: ${e.held === null ? 'not judged' : e.held === 'yes' ? 'held' : 'did not hold'}`]
            : []),
          ...(e.note ? [e.note] : []),
        ],
        led: leader ? `${name(leader[0])}, ${chanceWords(leader[1])}` : null,
      },
    });
  }
  for (const r of c.repairs)
    steps.push({
      after: place.get(r.id)! - 1,
      turn: 2,
      step: { kind: 'repair', at: r.madeAt, words: `Repair: ${r.words}`, more: [], led: null },
    });
  for (const t of c.retests)
    steps.push({
      after: place.get(t.repairId) ?? 0,
      turn: -1,
      step: {
        kind: 'retest',
        at: t.takenAt,
        words: `Retest: ${t.result === 'same' ? 'the same' : t.result}`,
        more: t.note ? [t.note] : [],
        led: null,
      },
    });
  return steps.sort((a, b) => a.after - b.after || a.turn - b.turn || (a.step.at < b.step.at ? -1 : 1)).map((s) => s.step);
}
