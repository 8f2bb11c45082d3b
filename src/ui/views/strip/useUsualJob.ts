import { useState } from 'react';
import { comesBefore, factsOf, nextUsual, usualJobs, type UsualJob, type UsualStep } from '../../../core/knowledge';
import type { FactKind } from '../../../core/state';
import type { JobStore } from '../../job/store';
import { useJob } from '../../job/useJob';

export interface UsualJobView {
  /** The usual jobs that this bike can have. */
  jobs: UsualJob[];
  /** The one that is followed, with its next step; null while none is, or once it is done. */
  now: { job: UsualJob; step: UsualStep; done: number } | null;
  chosen: string;
  choose: (id: string) => void;
  skip: (step: UsualStep) => void;
}

/** The usual job that is being followed: the one that was picked, else that of the last step that was logged. */
export function useUsualJob(): UsualJobView {
  const { knowledge, rows, traced } = useJob();
  const steps = rows('step').filter((s) => !s.refittedAt);
  const [picked, setPicked] = useState<string | null>(null);
  const [passed, setPassed] = useState<ReadonlySet<string>>(new Set());
  const jobs = usualJobs(knowledge, factsOf(traced.bike, traced.job, knowledge));
  const chosen = picked ?? steps.at(-1)?.usual?.split('/')[0] ?? '';
  const job = jobs.find((j) => j.id === chosen);
  const off = new Set([...steps.flatMap((s) => (s.usual ? [s.usual] : [])), ...passed]);
  const logged = job?.steps.map((s) => s.id).filter((id) => off.has(`${chosen}/${id}`)) ?? [];
  // What had to be off for something that is off was off, logged or not.
  const done = new Set(logged.flatMap((id) => [id, ...comesBefore(job!.steps, id)]));
  const step = job && nextUsual(job, done);
  return {
    jobs,
    now: job && step ? { job, step, done: done.size } : null,
    chosen,
    choose: setPicked,
    skip: (s) => setPassed(new Set([...passed, `${chosen}/${s.id}`])),
  };
}

/**
 * Saves that a step followed a usual job: how things stood, with what was not said left open, and the checks that are owed before
 * it is closed in again.
 */
export function followed(
  store: JobStore,
  jobId: string,
  stepId: string,
  { job, step }: { job: UsualJob; step: UsualStep },
  notes: Readonly<Record<string, string>>,
): boolean {
  const fact = (kind: FactKind, about: string, says: string | null) =>
    store.act('fact.add', store.newId(), { jobId, stepId, kind, about, says }).ok;
  return (
    store.set('step.set', stepId, { usual: `${job.id}/${step.id}` }).ok &&
    (step.note ?? []).every((about) => fact('way', about, notes[about]?.trim() || null)) &&
    (step.check ?? []).every((about) => fact('check', about, null))
  );
}
