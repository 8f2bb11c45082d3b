import { createHash } from 'node:crypto';
import { knowledge as shipped } from 'virtual:knowledge';
import { withOwn } from '../../core/knowledge';
import { billOf, cents } from '../../core/money';
import { list, type State } from '../../core/record';
import { caseOf } from '../../core/trace';
import type { RankTask } from './tasks';

/** What is asked about a job as its state stands. */
export function taskOf(state: State, jobId: string): RankTask {
  const traced = caseOf(state, jobId);
  const ofJob = <T extends { jobId: string }>(rows: T[]) => rows.filter((r) => r.jobId === jobId);
  const consent = ofJob(list(state, 'consent')).at(-1);
  const spent = billOf(
    ofJob(list(state, 'part')).filter((p) => p.status !== 'needed'),
    traced.repairs,
    traced.job.rate,
  ).totalCents;
  return { traced, own: list(state, 'own'), agreedLeft: consent?.upTo ? (cents(consent.upTo) - spent) / 100 : null };
}

/** Everything that an answer depends on, and nothing else: the same question has the same answer. */
export function keyOf(shopId: string, { traced, own, agreedLeft }: RankTask): string {
  const question = JSON.stringify([shopId, traced, withOwn(shipped, own).hash, agreedLeft]);
  return createHash('sha256').update(question).digest('base64');
}

/** The last answers by their questions: a cache that any process can do without. */
export class Lately<T> {
  private readonly answers = new Map<string, T>();

  constructor(private readonly most: number) {}

  get(key: string): T | undefined {
    return this.answers.get(key);
  }

  set(key: string, answer: T): void {
    if (this.answers.size >= this.most) this.answers.delete(this.answers.keys().next().value!);
    this.answers.set(key, answer);
  }
}
