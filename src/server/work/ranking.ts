import { knowledge as shipped } from 'virtual:knowledge';
import { billOf, cents } from '../../core/money';
import { withOwn } from '../../core/knowledge';
import { list, type State } from '../../core/record';
import { caseOf, type Ranking } from '../../core/trace';
import { work } from './pool';
import type { RankTask } from './tasks';

/** Rankings by job and journal number: a cache that any process can do without. */
const cache = new Map<string, Ranking>();
const most = 200;

interface Asked {
  answer: Promise<Ranking>;
  waiting: number;
  stop: AbortController;
}

/** Rankings that are being worked out; who asks for the same waits for the same. */
const asked = new Map<string, Asked>();

function taskOf(state: State, jobId: string): RankTask {
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

/** The ranking of a job as its state stands. Broken off when nobody waits for it any more. */
export async function rankJob(shopId: string, state: State, jobId: string, signal?: AbortSignal): Promise<Ranking> {
  const lastEntry = state.journal.at(-1)?.id ?? '';
  const { hash } = withOwn(shipped, list(state, 'own'));
  const key = `${shopId} ${jobId} ${hash} ${state.journal.length} ${lastEntry} ${JSON.stringify(state.experience)}`;
  const known = cache.get(key);
  if (known) return known;
  let one = asked.get(key);
  if (!one) {
    const stop = new AbortController();
    const answer = work(shopId, 'rank', taskOf(state, jobId), stop.signal)
      .then((ranking) => {
        if (cache.size >= most) cache.delete(cache.keys().next().value!);
        cache.set(key, ranking);
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
