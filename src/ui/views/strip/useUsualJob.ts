import { useMemo } from 'react';
import { comesBefore, factsOf, nextUsual, usualJobs, type UsualJob, type UsualStep } from '../../../core/knowledge';
import type { FactKind } from '../../../core/state';
import { lastStripId, templateOf, usualKey, type LastTime, type Template } from '../../../core/strip';
import { useStoredDraft } from '../../controls/useStoredDraft';
import type { JobStore } from '../../job/store';
import { useJob } from '../../job/useJob';

export interface UsualJobView {
  /** The usual jobs that this bike can have. */
  jobs: UsualJob[];
  /** The one that is followed, with its next step; null while none is, or once it is done. */
  now: { job: UsualJob; step: UsualStep; done: number; last: LastTime | null; key: string } | null;
  chosen: string;
  choose: (id: string) => void;
  skip: (step: UsualStep) => void;
  /** How many steps of it were left out, and how they come back. */
  leftOut: number;
  bringBack: () => void;
  /** A step was logged: from then on it is the strip itself that says what is followed. */
  logged: () => void;
}

/** What is followed on this device and what of it was left out: still so after a reload. */
interface Followed {
  picked: string | null;
  passed: readonly string[];
}
const nothing: Followed = { picked: null, passed: [] };

function whole(kept: unknown): Followed {
  const { picked, passed } = (kept ?? {}) as Partial<Record<keyof Followed, unknown>>;
  return {
    picked: typeof picked === 'string' ? picked : null,
    passed: Array.isArray(passed) ? passed.filter((p): p is string => typeof p === 'string') : [],
  };
}

/** The usual job that is being followed: the one that was picked, else that of the last step that followed one and is still off. */
export function useUsualJob(): UsualJobView {
  const { knowledge, rows, traced, jobId } = useJob();
  const steps = rows('step').filter((s) => !s.refittedAt);
  const { value, change } = useStoredDraft(`ivrek-usual:${jobId}`, nothing, whole);
  const { picked, passed } = value;
  const template = useLastStrip();
  const jobs = [...(template ? [template.job] : []), ...usualJobs(knowledge, factsOf(traced.bike, traced.job, knowledge))];
  // A step of one's own in between does not end it.
  const chosen = picked ?? steps.findLast((s) => s.usual)?.usual?.split('/')[0] ?? '';
  const job = jobs.find((j) => j.id === chosen);
  const off = new Set([...steps.flatMap((s) => (s.usual ? [s.usual] : [])), ...passed]);
  const logged = job?.steps.filter((s) => off.has(usualKey(job, s, template))).map((s) => s.id) ?? [];
  // What had to be off for something that is off was off, logged or not.
  const done = new Set(logged.flatMap((id) => [id, ...comesBefore(job!.steps, id)]));
  const step = job && nextUsual(job, done);
  const isOfJob = (key: string) => job !== undefined && job.steps.some((s) => usualKey(job, s, template) === key);
  const last = step && chosen === lastStripId ? (template?.last.get(step.id) ?? null) : null;
  return {
    jobs,
    now: job && step ? { job, step, done: done.size, last, key: usualKey(job, step, template) } : null,
    chosen,
    choose: (id) => change({ ...value, picked: id }),
    skip: (s) => job && change({ ...value, passed: [...passed, usualKey(job, s, template)] }),
    leftOut: passed.filter(isOfJob).length,
    logged: () => picked && change({ ...value, picked: null }),
    bringBack: () => change({ ...value, passed: passed.filter((key) => !isOfJob(key)) }),
  };
}

/** What came off this bike the last time: in this job and refitted, else in the last of its other jobs. */
function useLastStrip(): Template | null {
  const { store, knowledge, rows } = useJob();
  const [all, fasteners, facts] = [rows('step'), rows('fastener'), rows('fact')];
  const { lastStrip } = store.snapshot;
  return useMemo(() => {
    const steps = all.filter((s) => s.refittedAt);
    const strip = steps.length > 0 ? { steps, fasteners, facts } : lastStrip;
    return strip ? templateOf(knowledge, strip, 'As it came off the last time') : null;
  }, [all, fasteners, facts, lastStrip, knowledge]);
}

/** Saves that a step followed a usual job: how things stood, what nobody said left open, and the checks owed before it is closed. */
export function followed(
  store: JobStore,
  jobId: string,
  stepId: string,
  { step, key }: { step: UsualStep; key: string },
  notes: Readonly<Record<string, string>>,
): boolean {
  const fact = (kind: FactKind, about: string, says: string | null) =>
    store.act('fact.add', store.newId(), { jobId, stepId, kind, about, says }).ok;
  return (
    store.set('step.set', stepId, { usual: key }).ok &&
    (step.note ?? []).every((about) => fact('way', about, notes[about]?.trim() || null)) &&
    (step.check ?? []).every((about) => fact('check', about, null))
  );
}
