import { withOwn, type Knowledge } from '../core/knowledge';
import type { Own } from '../core/state';
import {
  believe,
  buildModel,
  explain,
  inferred,
  oddsOf,
  rank,
  schoolViews,
  theoryOf,
  valueInstead,
  weighing,
  type BeliefState,
  type Case,
  type Instead,
  type Odds,
  type Question,
  type Ranking,
  type Reason,
  type SchoolView,
  type TheoryView,
  type Weighing,
} from '../core/trace';

/** The page hands its knowledge over first, so that it is fetched once. */
export type RankRequest =
  | { kind: 'knowledge'; knowledge: Knowledge }
  | ({ id: number; kind: 'rank' } & Question)
  /** The odds and nothing else. */
  | { id: number; kind: 'odds'; traced: Case; own: readonly Own[] }
  | { id: number; kind: 'explain'; traced: Case; own: readonly Own[]; key: string }
  /** Of the case that was asked about last. */
  | { id: number; kind: 'instead' };

export type RankReply =
  /** Sent first: it takes a fraction of the time that the rest takes. */
  | { id: number; kind: 'odds'; odds: Odds }
  | { id: number; kind: 'ranking'; ranking: Ranking }
  | { id: number; kind: 'instead'; instead: Instead }
  | { id: number; kind: 'schools'; schools: SchoolView[] }
  | { id: number; kind: 'reasons'; key: string; start: string; now: string; reasons: Reason[]; theory: TheoryView | null };

const reply = (r: RankReply) => postMessage(r);

let shipped: Knowledge;
/** The case that was asked about last, as it was weighed. */
let last: { id: number; beliefs: BeliefState; weighed: Weighing } | null = null;

/** Lets what was asked meanwhile come in; false if that is about another case. */
async function still(id: number): Promise<boolean> {
  await new Promise((done) => setTimeout(done));
  return id === last?.id;
}

/** So long is worked on at a time, milliseconds. */
const slice = 20;

function odds({ id, traced, own }: Extract<RankRequest, { kind: 'rank' | 'odds' }>) {
  const model = buildModel(withOwn(shipped, own), traced);
  const known = inferred(model.network, model.observations);
  reply({ id, kind: 'odds', odds: oddsOf(model, known.posterior) });
  return { model, known };
}

/** The odds at once, then what to do next; the approaches if nothing newer is asked. */
async function answer(asked: RankRequest & { kind: 'rank' }): Promise<void> {
  const { id, agreedLeft } = asked;
  const { model, known } = odds(asked);
  const beliefs = believe(model, known);
  const weighed = weighing(beliefs);
  last = { id, beliefs, weighed };
  reply({ id, kind: 'ranking', ranking: rank(model, { agreedLeft }, beliefs, weighed) });
  if (await still(id)) reply({ id, kind: 'schools', schools: schoolViews(beliefs, weighed) });
}

/** Given up as soon as another case is asked about. */
async function price(id: number): Promise<void> {
  if (last?.id !== id) return;
  const all = valueInstead(last.beliefs, last.weighed);
  let step = all.next();
  let began = performance.now();
  while (!step.done) {
    if (performance.now() - began > slice) {
      if (!(await still(id))) return;
      began = performance.now();
    }
    step = all.next();
  }
  reply({ id, kind: 'instead', instead: step.value });
}

self.onmessage = ({ data }: MessageEvent<RankRequest>) => {
  if (data.kind === 'knowledge') shipped = data.knowledge;
  else if (data.kind === 'rank') void answer(data);
  else if (data.kind === 'odds') odds(data);
  else if (data.kind === 'instead') void price(data.id);
  else {
    const knowledge = withOwn(shipped, data.own);
    const theory = theoryOf(believe(buildModel(knowledge, data.traced)), data.key);
    reply({ id: data.id, kind: 'reasons', key: data.key, ...explain(knowledge, data.traced, data.key), theory });
  }
};
