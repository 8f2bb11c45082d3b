import { act, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { CaseMaker } from '../../../test/fixtures/case';
import { shipped } from '../../../test/fixtures/knowledge';
import { buildModel, inferred, oddsOf, rank } from '../../core/trace';
import type { RankReply, RankRequest } from '../../workers/rank';
import { useRanking } from './useRanking';

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

const complained = () => new CaseMaker({ 'no-start': 'present' });
const answered = complained().test('spark-look', 'none', { position: '1' });
const say = (data: RankReply) => act(() => Worker.last.onmessage({ data }));

describe('a ranking is worked out on this device', () => {
  it('odds are shown as soon as they are known, the advice only when it is worked out', () => {
    const first = rank(buildModel(shipped, complained().c));
    const model = buildModel(shipped, answered.c);
    const { result } = renderHook(() => useRanking(first, answered.c, noOwn, null));
    const { id } = Worker.last.asked.find((r) => r.kind === 'rank')!;
    const odds = oddsOf(model, inferred(model.network, model.observations).posterior);
    expect(odds.suspects).not.toEqual(first.suspects);
    say({ id, kind: 'odds', odds });
    expect(result.current.ranking.suspects).toEqual(odds.suspects);
    expect(result.current.ranking.next).toEqual(first.next);
    expect(result.current.busy).toBe(true);
    const ranking = rank(model);
    say({ id, kind: 'ranking', ranking });
    expect(result.current.ranking).toEqual(ranking);
    expect(result.current.busy).toBe(false);
    // What was said first is what stands in the end.
    expect(ranking).toMatchObject(odds);
  });

  it('an answer to an older question is not taken', () => {
    const first = rank(buildModel(shipped, complained().c));
    const { result } = renderHook(() => useRanking(first, answered.c, noOwn, null));
    say({ id: 0, kind: 'odds', odds: { suspects: [], tooClose: false, impossible: true, rough: false } });
    expect(result.current.ranking).toEqual(first);
  });
});

const noOwn: never[] = [];
