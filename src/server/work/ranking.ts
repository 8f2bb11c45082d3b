import type { State } from '../../core/state';
import { questionOf, type Ranking } from '../../core/trace';
import { keyOf, Lately } from './lately';
import { work } from './pool';

const known = new Lately<Ranking>(500);

interface Asked {
  answer: Promise<Ranking>;
  waiting: number;
  stop: AbortController;
}

/** Rankings that are being worked out; who asks for the same waits for the same. */
const asked = new Map<string, Asked>();

/** What is seen at once of the ranking of a job as its state stands (core/trace/policy/atOnce). Broken off when nobody waits for it any more. */
export async function rankJob(shopId: string, state: State, jobId: string, signal?: AbortSignal): Promise<Ranking> {
  const question = questionOf(state, jobId);
  const key = keyOf(shopId, question);
  const there = known.get(key);
  if (there) return there;
  let one = asked.get(key);
  if (!one) {
    const stop = new AbortController();
    const answer = work(shopId, 'rank', question, stop.signal)
      .then((ranking) => {
        known.set(key, ranking);
        return ranking;
      })
      .finally(() => asked.delete(key));
    // Whoever gave up does not hear of it any more.
    answer.catch(() => undefined);
    one = { answer, waiting: 0, stop };
    asked.set(key, one);
  }
  one.waiting++;
  const mine = one;
  const leave = () => {
    if (--mine.waiting === 0) mine.stop.abort();
  };
  signal?.addEventListener('abort', leave, { once: true });
  try {
    return await mine.answer;
  } finally {
    signal?.removeEventListener('abort', leave);
  }
}
