import { cylindersOf, findingById, gradesIn, testById, type FindingKind, type Knowledge, type TestOutcome } from '../knowledge';
import type { Epochs } from '../repairs';
import { placeWords, type Evidence } from '../state';
import type { FitnessReason } from './types';
import type { FitnessRows } from './rows';

/** Ids of outcomes that every test has besides its own. */
const comesAndGoes = 'comes-and-goes';
const couldNot = 'could-not:';

/** What a row of evidence shows, by finding; nothing where it was skipped. */
function shownBy(k: Knowledge, e: Evidence): Record<string, string> {
  const test = testById(k, e.testId);
  if (!test) return {};
  const worst = (): TestOutcome | undefined => [...test.outcomes].reverse().find((o) => !o.normal);
  if (e.outcome === comesAndGoes) return worst()?.find ?? {};
  if (e.outcome.startsWith(couldNot)) return test.couldNot?.find((o) => `${couldNot}${o.id}` === e.outcome)?.find ?? {};
  return test.outcomes.find((o) => o.id === e.outcome)?.find ?? {};
}

/** A grade of a finding as it was seen last, at one place. */
interface Seen {
  kind: FindingKind;
  position: string | null;
  grade: string;
}

/** What was seen last of every finding at every place, as far as no repair since can have changed it. */
export function lastSeen(k: Knowledge, c: FitnessRows, epochs: Epochs, now: string | null): Map<string, Seen> {
  const seen = new Map<string, Seen>();
  const inOrder = c.evidence
    .filter((e) => !e.withdrawn)
    .sort((a, b) => (a.takenAt < b.takenAt ? -1 : a.takenAt > b.takenAt ? 1 : a.id < b.id ? -1 : 1));
  for (const e of inOrder)
    for (const [id, grade] of Object.entries(shownBy(k, e))) {
      const kind = findingById(k, id);
      if (!kind || epochs.of(id, e.afterRepairId).epoch !== epochs.of(id, now).epoch) continue;
      const position = kind.per === 'cylinder' ? e.position : null;
      // Of several grades that are left, the least that it can be.
      seen.set(`${id}#${position ?? ''}`, { kind, position, grade: gradesIn(grade)[0] });
    }
  return seen;
}

const gradesOf = (kind: FindingKind): string[] => kind.grades ?? ['no', 'yes'];

/** Whether a grade is one that stops something. */
function stopsAt(kind: FindingKind, grade: string): boolean {
  const from = kind.stops?.from ?? gradesOf(kind)[1];
  return gradesOf(kind).indexOf(grade) >= gradesOf(kind).indexOf(from);
}

/** Reasons from what was seen, and from complaints. */
export function reasonsSeen(k: Knowledge, c: FitnessRows, epochs: Epochs, now: string | null): FitnessReason[] {
  const seen = lastSeen(k, c, epochs, now);
  const anywhere = (id: string, grade: string) => [...seen.values()].some((s) => s.kind.id === id && s.grade === grade);
  const reason = (kind: FindingKind, position: string | null): FitnessReason => {
    const ids = new Set([kind.id, ...(kind.stops!.liftedBy ?? []).flatMap((by) => Object.keys(by))]);
    const where = placeWords(position, cylindersOf(c.bike, k));
    return {
      code: `seen:${kind.id}${position ? `#${position}` : ''}`,
      act: kind.stops!.act,
      because: where ? `${kind.stops!.because} (${where})` : kind.stops!.because,
      lift: kind.stops!.lift,
      view: 'trace',
      tests: k.tests.filter((t) => !t.retired && t.outcomes.some((o) => Object.keys(o.find).some((id) => ids.has(id)))).map((t) => t.id),
      faults: k.faults.filter((f) => kind.id in f.causes).map((f) => f.id),
    };
  };
  const reasons = [...seen.values()].filter(({ kind, grade }) => kind.stops && stopsAt(kind, grade)).map((s) => reason(s.kind, s.position));
  const open = c.complaints.filter((p) => p.state === 'open' || (p.state === 'changed' && !c.complaints.some((q) => q.linkedTo === p.id)));
  const symptoms = new Set(open.flatMap((p) => Object.entries(p.symptoms).flatMap(([id, a]) => (a === 'present' ? [id] : []))));
  for (const id of symptoms) {
    const kind = findingById(k, id);
    if (!kind?.stops) continue;
    const lifted = kind.stops.liftedBy?.some((by) => Object.entries(by).every(([f, g]) => anywhere(f, g)));
    if (!lifted) reasons.push(reason(kind, null));
  }
  return reasons;
}
