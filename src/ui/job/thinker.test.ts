import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { CaseMaker } from '../../../test/fixtures/case';
import { shipped } from '../../../test/fixtures/knowledge';
import { buildModel, inferred, oddsOf, rank, type Ranking } from '../../core/trace';
import type { RankReply, RankRequest } from '../../workers/rank';
import { Thinker } from './thinker';

/** Hands what is asked to the test, which answers when it likes. */
class Worker {
  static last: Worker;
  readonly asked: RankRequest[] = [];
  onmessage: (e: { data: RankReply }) => void = () => undefined;
  constructor() {
    Worker.last = this;
  }
  postMessage(r: RankRequest) {
    this.asked.push(r);
  }
  terminate() {
    this.asked.length = 0;
  }
}

beforeEach(() => vi.stubGlobal('Worker', Worker));
afterEach(() => vi.unstubAllGlobals());

const noOwn: never[] = [];
const complained = () => new CaseMaker({ 'no-start': 'present' });
const answered = complained().test('spark-look', 'none', { position: '1' });
const say = (data: RankReply) => Worker.last.onmessage({ data });
const thinking = (first: Ranking | null) => {
  const thinker = new Thinker(first);
  thinker.think({ traced: answered.c, own: noOwn, agreedLeft: null });
  return thinker;
};

describe('a ranking is worked out on this device', () => {
  it('odds are shown as soon as they are known, the advice only when it is worked out', () => {
    const first = rank(buildModel(shipped, complained().c));
    const model = buildModel(shipped, answered.c);
    const thinker = thinking(first);
    const { id } = Worker.last.asked.find((r) => r.kind === 'rank')!;
    const odds = oddsOf(model, inferred(model.network, model.observations).posterior);
    expect(odds.suspects).not.toEqual(first.suspects);
    say({ id, kind: 'odds', odds });
    expect(thinker.get().ranking!.suspects).toEqual(odds.suspects);
    expect(thinker.get().ranking!.next).toEqual(first.next);
    expect(thinker.get().busy).toBe(true);
    const ranking = rank(model);
    say({ id, kind: 'ranking', ranking });
    expect(thinker.get().ranking).toEqual(ranking);
    expect(thinker.get().busy).toBe(false);
    // What was said first is what stands in the end.
    expect(ranking).toMatchObject(odds);
  });

  it('odds that stand there already are said to nobody', () => {
    const thinker = thinking(rank(buildModel(shipped, answered.c)));
    const { ranking } = thinker.get();
    let heard = 0;
    thinker.subscribe(() => heard++);
    const model = buildModel(shipped, answered.c);
    const odds = oddsOf(model, inferred(model.network, model.observations).posterior);
    const { id } = Worker.last.asked.find((r) => r.kind === 'rank')!;
    say({ id, kind: 'odds', odds: JSON.parse(JSON.stringify(odds)) as typeof odds });
    expect(heard).toBe(0);
    expect(thinker.get().ranking).toBe(ranking);
    say({ id, kind: 'odds', odds: { ...odds, tooClose: !odds.tooClose } });
    expect(heard).toBe(1);
  });

  it('an answer to an older question is not taken', () => {
    const first = rank(buildModel(shipped, complained().c));
    const thinker = thinking(first);
    say({ id: 0, kind: 'odds', odds: { suspects: [], tooClose: false, impossible: true, rough: false } });
    expect(thinker.get().ranking).toEqual(first);
  });

  it('how many are worth a look is asked for alone, and not where a ranking was asked for', () => {
    const model = buildModel(shipped, answered.c);
    const odds = oddsOf(model, inferred(model.network, model.observations).posterior);
    const about = { traced: answered.c, own: noOwn };
    const thinker = new Thinker(null);
    expect(thinker.get().standing).toBeNull();
    thinker.glance(about);
    thinker.glance(about);
    const asked = () => Worker.last.asked.filter((r) => r.kind !== 'knowledge');
    expect(asked()).toMatchObject([{ kind: 'odds' }]);
    say({ id: 1, kind: 'odds', odds });
    expect(thinker.get().standing).toBe(odds.suspects.filter((s) => s.probability >= 0.1).length);
    expect(thinker.get().standing).toBeGreaterThan(0);
    // Whoever wants advice is given it all the same.
    thinker.think({ ...about, agreedLeft: null });
    thinker.glance(about);
    expect(asked().map((r) => r.kind)).toEqual(['odds', 'rank']);
  });
});
