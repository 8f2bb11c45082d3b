import { knowledge as shipped } from 'virtual:knowledge';
import { withOwn } from '../core/knowledge';
import { buildModel, caseOf, rank, type Ranking } from '../core/trace';
import { billOf, cents } from '../core/money';
import { list, type State } from '../core/record';

/** Rankings by job and journal number: a cache that any process can do without. */
const cache = new Map<string, Ranking>();
const most = 200;

/** The ranking of a job as its state stands. */
export function rankJob(state: State, jobId: string): Ranking {
  const lastEntry = state.journal.at(-1)?.id ?? '';
  const knowledge = withOwn(shipped, list(state, 'own'));
  const key = `${jobId} ${knowledge.hash} ${state.journal.length} ${lastEntry} ${JSON.stringify(state.experience)}`;
  const known = cache.get(key);
  if (known) return known;
  const traced = caseOf(state, jobId);
  const own = <T extends { jobId: string }>(rows: T[]) => rows.filter((r) => r.jobId === jobId);
  const consent = own(list(state, 'consent')).at(-1);
  const spent = billOf(
    own(list(state, 'part')).filter((p) => p.status !== 'needed'),
    traced.repairs,
    traced.job.rate,
  ).totalCents;
  const ranking = rank(buildModel(knowledge, traced), { agreedLeft: consent?.upTo ? (cents(consent.upTo) - spent) / 100 : null });
  if (cache.size >= most) cache.delete(cache.keys().next().value!);
  cache.set(key, ranking);
  return ranking;
}
