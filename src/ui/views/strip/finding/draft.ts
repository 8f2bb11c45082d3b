import { cylindersOf, factsOf } from '../../../../core/knowledge';
import type { StoredVerdict } from '../../../../core/state';
import { renewedWith, spokenBy, spokenOf, usualVerdict, wornPart } from '../../../../core/strip';
import { faultsHere, positionsOf } from '../../../../core/trace';
import { useJob } from '../../../job/useJob';
import type { Wanted } from './Follows';
import { emptyDraft, useDraftAgainst, type FreeDraft } from '../../../widgets/FreeReading';

/** A finding as it is typed: null is what follows by itself from the rest. */
export interface FindingDraft {
  item: string | null;
  /** The step that it came off with; empty for none. */
  stepId: string | null;
  wear: string | null;
  seen: string | null;
  position: string | null;
  reading: FreeDraft;
  verdict: StoredVerdict | null;
  /** Key of a suspect that was picked by hand; empty for none of them. */
  suspect: string | null;
  past: string;
  area: string;
  /** What follows from the verdict is done as well. */
  follow: Wanted;
}

export const freshFinding: FindingDraft = {
  item: null,
  stepId: null,
  wear: null,
  seen: null,
  position: null,
  reading: emptyDraft,
  verdict: null,
  suspect: null,
  past: '',
  area: '',
  follow: { work: true, renew: true },
};

const nothing: readonly string[] = [];

/** What a draft comes to: what was typed, and what follows from the part and its wear where nothing was. */
export function useFinding(draft: FindingDraft) {
  const { rows, knowledge: k, traced } = useJob();
  const steps = rows('step');
  const step = draft.stepId === null ? steps.at(-1) : steps.find((s) => s.id === draft.stepId);
  // A step that was picked names its part until another is typed.
  const item = draft.item ?? (draft.stepId ? (step?.title ?? '') : '');
  const facts = factsOf(traced.bike, traced.job, k);
  const positions = positionsOf(cylindersOf(traced.bike, k));
  const part = wornPart(k, item, facts);
  const past = k.past.find((p) => p.id === draft.past) ?? null;
  const seen = draft.seen ?? k.wears.find((w) => w.id === draft.wear)?.name ?? past?.name ?? '';
  const spoken = spokenBy(k, { item, seen, wear: draft.wear, position: draft.position }, facts, positions);
  const against = useDraftAgainst(draft.reading);
  const suspects = faultsHere(k, traced.bike, traced.job);
  const found = suspects.find((s) =>
    draft.suspect === null ? s.fault.id === spoken.faultId && s.position === spoken.position : s.key === draft.suspect,
  );
  const placed = spoken.wear !== null && k.faults.find((f) => f.id === spokenOf(k, part, spoken.wear!, facts))?.per === 'cylinder';
  const verdict = draft.verdict ?? (past ? ('watch' as const) : spoken.wear ? usualVerdict(k, part, spoken.wear, against) : null);
  return {
    item,
    step: step ?? null,
    part,
    past,
    seen,
    wear: spoken.wear,
    verdict,
    /** What goes back new with a part that is not left as it is. */
    renews: verdict === 'replace' || verdict === 'repair' ? renewedWith(k, item, facts) : nothing,
    against,
    suspects,
    suspect: found ?? null,
    /** Cylinders to choose from, where the fault belongs to one of them. */
    places: placed && positions.length > 1 ? positions : [],
    // Another suspect that was picked brings its own place, or none.
    position: found ? found.position : spoken.position,
  };
}
