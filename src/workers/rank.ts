import type { Knowledge } from '../core/knowledge';
import { believe, buildModel, explain, rank, schoolViews, type Case, type Ranking, type Reason, type SchoolView } from '../core/trace';

/** The page hands its knowledge over first, so that it is fetched once. */
export type RankRequest =
  | { kind: 'knowledge'; knowledge: Knowledge }
  | { id: number; kind: 'rank'; traced: Case; agreedLeft: number | null }
  | { id: number; kind: 'explain'; traced: Case; key: string };

export type RankReply =
  | { id: number; kind: 'ranking'; ranking: Ranking }
  | { id: number; kind: 'schools'; schools: SchoolView[] }
  | { id: number; kind: 'reasons'; key: string; start: string; now: string; reasons: Reason[] };

const reply = (r: RankReply) => postMessage(r);

let knowledge: Knowledge;

self.onmessage = ({ data }: MessageEvent<RankRequest>) => {
  if (data.kind === 'knowledge') {
    knowledge = data.knowledge;
    return;
  }
  if (data.kind === 'explain') {
    reply({ id: data.id, kind: 'reasons', key: data.key, ...explain(knowledge, data.traced, data.key) });
    return;
  }
  const model = buildModel(knowledge, data.traced);
  const beliefs = believe(model);
  reply({ id: data.id, kind: 'ranking', ranking: rank(model, { agreedLeft: data.agreedLeft }, beliefs) });
  reply({ id: data.id, kind: 'schools', schools: schoolViews(beliefs) });
};
