import type { Knowledge, UsualJob, UsualStep } from '../knowledge';
import { groupBy, type Fact, type Fastener, type Step } from '../state';
import { inOrder } from './order';
import { usualOf } from './plan';

/** A strip of this bike that is over: what came off, with its fasteners and its notes. */
export interface LastStrip {
  steps: readonly Step[];
  fasteners: readonly Fastener[];
  facts: readonly Fact[];
}

/** What is known of a step from the last time, beside what a usual step has. */
export interface LastTime {
  /** As they are typed: "7x M6x30 rim, 2x dowel". */
  fasteners: string;
  /** The step of a usual job that it followed; null where it followed none. */
  usual: string | null;
  /** How things stood. */
  stood: Readonly<Record<string, string>>;
}

/** The last strip as a usual job, with what was noted of each step. */
export interface Template {
  job: UsualJob;
  last: ReadonlyMap<string, LastTime>;
}

/** The id of the usual job that the last strip is. */
export const lastStripId = 'last-strip';

/**
 * What is kept of a step that follows a usual job: the job and the step; of the last strip the one that it followed then, if it did.
 * @param job the usual job
 * @param step a step of it
 * @param template the last strip, where there is one
 * @returns "clutch/cover"
 */
export const usualKey = (job: Pick<UsualJob, 'id'>, step: Pick<UsualStep, 'id'>, template: Template | null): string =>
  (job.id === lastStripId && template?.last.get(step.id)?.usual) || `${job.id}/${step.id}`;

/**
 * The last strip of a bike as a usual job: its steps in their order, with what the usual job knows of those that followed one, the
 * fasteners that came out, and how things stood.
 * @param k usual jobs
 * @param strip steps, fasteners and notes of that strip
 * @param name what the job is called
 * @returns a usual job, or null where nothing came off
 */
export function templateOf(k: Pick<Knowledge, 'strips'>, { steps, fasteners, facts }: LastStrip, name: string): Template | null {
  if (steps.length === 0) return null;
  const last = new Map<string, LastTime>();
  const [factsBy, fastenersBy] = [groupBy(facts, (f) => f.stepId), groupBy(fasteners, (f) => f.stepId)];
  const list = inOrder(steps).map((s): UsualStep => {
    const usual = usualOf(k, s);
    const own = factsBy.get(s.id) ?? [];
    const stood = own.filter((f) => f.kind === 'way' && f.says !== null);
    last.set(s.id, {
      fasteners: (fastenersBy.get(s.id) ?? []).map((f) => [`${f.count}x`, f.size, f.place].filter(Boolean).join(' ')).join(', '),
      usual: usual ? s.usual : null,
      stood: Object.fromEntries(stood.map((f) => [f.about, f.says!])),
    });
    const note = [...new Set([...(usual?.note ?? []), ...stood.map((f) => f.about)])];
    const check = [...new Set([...(usual?.check ?? []), ...own.filter((f) => f.kind === 'check').map((f) => f.about)])];
    return {
      ...(usual ?? { minutes: [0, 0] as [number, number] }),
      id: s.id,
      part: s.title,
      after: undefined,
      when: undefined,
      access: s.access ?? usual?.access,
      how: [usual?.how, s.note && `Last time: ${s.note}`].filter(Boolean).join(' ') || 'As last time.',
      ...(note.length > 0 && { note }),
      ...(check.length > 0 && { check }),
    };
  });
  return { job: { id: lastStripId, name, steps: list }, last };
}
