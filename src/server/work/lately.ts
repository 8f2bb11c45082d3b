import { createHash } from 'node:crypto';
import { knowledge as shipped } from 'virtual:knowledge';
import { withOwn } from '../../core/knowledge';
import type { Question } from '../../core/trace';

/** A question in short. What the shop knows itself stands in it by its hash. */
export function keyOf(shopId: string, { traced, own, agreedLeft }: Question): string {
  const question = JSON.stringify([shopId, traced, withOwn(shipped, own).hash, agreedLeft]);
  return createHash('sha256').update(question).digest('base64');
}

/** The last so many answers by their questions: a cache that any process can do without. */
export class Lately<T> {
  private readonly answers = new Map<string, T>();

  constructor(private readonly most: number) {}

  get(key: string): T | undefined {
    const answer = this.answers.get(key);
    if (answer !== undefined) this.set(key, answer);
    return answer;
  }

  /** Of those that are over the number the one goes that was not asked for the longest. */
  set(key: string, answer: T): void {
    this.answers.delete(key);
    this.answers.set(key, answer);
    if (this.answers.size > this.most) this.answers.delete(this.answers.keys().next().value!);
  }
}
