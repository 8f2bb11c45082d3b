import { withOwn, type Knowledge } from '../core/knowledge';
import type { Own } from '../core/record';
import {
  believe,
  buildModel,
  explain,
  rank,
  schoolViews,
  theoryOf,
  weighing,
  type Case,
  type Ranking,
  type Reason,
  type SchoolView,
  type TheoryView,
} from '../core/trace';

/** The page hands its knowledge over first, so that it is fetched once. */
export type RankRequest =
  | { kind: 'knowledge'; knowledge: Knowledge }
  | { id: number; kind: 'rank'; traced: Case; own: readonly Own[]; agreedLeft: number | null }
  | { id: number; kind: 'explain'; traced: Case; own: readonly Own[]; key: string };

export type RankReply =
  | { id: number; kind: 'ranking'; ranking: Ranking }
  | { id: number; kind: 'schools'; schools: SchoolView[] }
  | { id: number; kind: 'reasons'; key: string; start: string; now: string; reasons: Reason[]; theory: TheoryView | null };

const reply = (r: RankReply) => postMessage(r);

let shipped: Knowledge;

self.onmessage = ({ data }: MessageEvent<RankRequest>) => {
  if (data.kind === 'knowledge') {
    shipped = data.knowledge;
    return;
  }
  const knowledge = withOwn(shipped, data.own);
  if (data.kind === 'explain') {
    const theory = theoryOf(believe(buildModel(knowledge, data.traced)), data.key);
    reply({ id: data.id, kind: 'reasons', key: data.key, ...explain(knowledge, data.traced, data.key), theory });
    return;
  }
  const model = buildModel(knowledge, data.traced);
  const beliefs = believe(model);
  const weighed = weighing(beliefs);
  reply({ id: data.id, kind: 'ranking', ranking: rank(model, { agreedLeft: data.agreedLeft }, beliefs, weighed) });
  reply({ id: data.id, kind: 'schools', schools: schoolViews(beliefs, weighed) });
};
