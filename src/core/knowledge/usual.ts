import { applicability, type Facts } from './facts';
import type { Attribute, UsualJob, UsualStep } from './types';

/** Where it is not known whether a bike has a step, it is shown if at least this share of bikes has it. */
const worthAStep = 0.3;

/**
 * A usual job as it is on this bike: its own steps only, and what stands `after` a step that is not there stands after what that one
 * stood after.
 *
 * @param facts what is known of the bike
 * @param attributes what bikes may be, with the share of each: a step of an unknown attribute stays where three bikes in ten have it
 */
export function adapted(job: UsualJob, facts: Facts, attributes: readonly Attribute[]): UsualJob {
  const here = new Set(job.steps.filter((s) => applicability(s.when, facts, attributes) >= worthAStep).map((s) => s.id));
  const stepOf = new Map(job.steps.map((s) => [s.id, s]));
  const standing = (id: string, seen: ReadonlySet<string>): string[] =>
    here.has(id) ? [id] : seen.has(id) ? [] : (stepOf.get(id)?.after ?? []).flatMap((a) => standing(a, new Set([...seen, id])));
  return {
    ...job,
    steps: job.steps
      .filter((s) => here.has(s.id))
      .map(({ after, ...s }) => {
        const left = [...new Set((after ?? []).flatMap((a) => standing(a, new Set())))];
        return left.length ? { ...s, after: left } : s;
      }),
  };
}

/**
 * The usual jobs that this bike can have, as they are on it.
 * @param k of which the usual jobs and the attributes are read
 * @param facts what is known of the bike
 * @returns jobs in the order of the knowledge, steps that the bike has not left out
 */
export const usualJobs = (k: { strips: readonly UsualJob[]; attributes: readonly Attribute[] }, facts: Facts): UsualJob[] =>
  k.strips.filter((j) => applicability(j.when, facts, k.attributes) > 0).map((j) => adapted(j, facts, k.attributes));

/**
 * Everything that has to be off before a step, through all steps between; a step of a circle stands before itself.
 * @param steps all steps of a job
 * @param id the step that is asked about
 * @returns ids of steps
 */
export function comesBefore(steps: readonly Pick<UsualStep, 'id' | 'after'>[], id: string): Set<string> {
  const afterOf = new Map(steps.map((s) => [s.id, s.after ?? []]));
  const found = new Set<string>();
  const open = [...(afterOf.get(id) ?? [])];
  for (let next = open.pop(); next !== undefined; next = open.pop()) {
    if (found.has(next)) continue;
    found.add(next);
    open.push(...(afterOf.get(next) ?? []));
  }
  return found;
}

/** Steps that wait for each other in a circle, so that none of them can be the first. */
export const circleIn = (steps: readonly Pick<UsualStep, 'id' | 'after'>[]): string[] =>
  steps.filter((s) => comesBefore(steps, s.id).has(s.id)).map((s) => s.id);

/**
 * The step that is proposed next: the first whose forerunners are all off.
 *
 * @param job the usual job, as it is on this bike
 * @param off ids of the steps that are off
 * @returns null once all are off
 */
export const nextUsual = (job: UsualJob, off: ReadonlySet<string>): UsualStep | null =>
  job.steps.find((s) => !off.has(s.id) && (s.after ?? []).every((a) => off.has(a))) ?? null;
