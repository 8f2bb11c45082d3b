import { describe, expect, it } from 'vitest';
import { id, uid } from '../../../test/fixtures/commands';
import { shipped } from '../../../test/fixtures/knowledge';
import { after, run } from '../../../test/fixtures/state';
import { makeCommand } from '../command';
import { waitKinds, type State, type Wait, type WaitKind } from '../state';
import { buildModel, caseOf, rank } from '../trace';
import { dueAt, nextOf, provisionalOf, spineOf, stageOfWait, stages } from '.';
import { holds } from './waits';

let n = 8800;
const act = (state: State, type: string, kind: 'wait' | 'provisional', payload: object, entityId = uid(n++)): State =>
  run(
    state,
    makeCommand({
      id: uid(n++),
      type,
      kind,
      entityId,
      madeAt: '2030-01-10T08:00:00.000Z',
      after: null,
      payload: { jobId: id.job, ...payload },
    }),
  );
const wait = (state: State, kind: WaitKind, until: string | null, lookAgain: string | null, what = 'it') =>
  act(state, 'wait.start', 'wait', { kind, what, until, lookAgain });
const next = (state: State, now: string) => nextOf(state, shipped, id.job, rank(buildModel(shipped, caseOf(state, id.job))), now);

describe('a wait', () => {
  it.each([
    ['2030-01-12T08:00:00.000Z', null, '2030-01-12T08:00:00.000Z'],
    [null, '2030-01-11T08:00:00.000Z', '2030-01-11T08:00:00.000Z'],
    ['2030-01-12T08:00:00.000Z', '2030-01-11T08:00:00.000Z', '2030-01-11T08:00:00.000Z'],
    ['2030-01-12T08:00:00.000Z', '2030-01-15T08:00:00.000Z', '2030-01-12T08:00:00.000Z'],
  ])('until %s, look again %s: asks for someone at %s', (until, lookAgain, due) => {
    expect(dueAt({ until, lookAgain } as Wait)).toBe(due);
  });

  it('of every kind is looked after at a stage there is and holds stages there are', () => {
    const ids = stages.map((s) => s.id);
    for (const kind of waitKinds) {
      expect(ids).toContain(stageOfWait[kind]);
      expect(holds[kind].length).toBeGreaterThan(0);
      for (const s of holds[kind]) expect(ids).toContain(s);
    }
  });

  it('holds what cannot go on: nothing is cranked while it soaks, but a part can be ordered', () => {
    const soaking = wait(after('bike.bookIn'), 'soaking', null, '2030-01-12T09:00:00.000Z');
    expect(next(soaking, '2030-01-10T09:00:00.000Z')).toMatchObject({ act: null });
    const needed = wait(after('part.add'), 'soaking', null, '2030-01-12T09:00:00.000Z');
    expect(next(needed, '2030-01-10T09:00:00.000Z').act).toMatchObject({ stage: 'parts', words: 'Order: Condenser' });
  });

  it('whose time has come is the next thing, whatever else could be done', () => {
    const soaking = wait(after('part.add'), 'soaking', null, '2030-01-12T09:00:00.000Z', 'Penetrant in the bore');
    const came = next(soaking, '2030-01-12T09:00:00.000Z');
    expect(came.act).toEqual({ stage: 'trace', words: 'Check: Penetrant in the bore', why: 'Due now.' });
    expect(came.waiting).toEqual([]);
    expect(came.due).toHaveLength(1);
  });

  it('for a part says that it was due', () => {
    const s = wait(after('part.add'), 'part', '2030-01-12T09:00:00.000Z', null, 'Condenser');
    expect(next(s, '2030-01-13T09:00:00.000Z').act).toMatchObject({ stage: 'parts', why: 'It is due.' });
  });

  it('that is over holds nothing and shows nowhere', () => {
    const waitId = uid(n++);
    const begun = act(
      after('bike.bookIn'),
      'wait.start',
      'wait',
      { kind: 'soaking', what: 'it', until: null, lookAgain: '2030-01-12T09:00:00.000Z' },
      waitId,
    );
    const over = act(begun, 'wait.end', 'wait', {}, waitId);
    expect(next(over, '2030-01-10T09:00:00.000Z').act).not.toBeNull();
    const marks = (s: State) => spineOf(s, shipped, id.job, 3).flatMap((l) => (l.waits.length ? [l.id] : []));
    expect(marks(begun)).toEqual(['trace']);
    expect(marks(over)).toEqual([]);
  });
});

describe('provisional repairs', () => {
  const add = (state: State, what: string, entityId: string) =>
    act(
      state,
      'provisional.add',
      'provisional',
      { what, why: 'on order', until: null, untilOn: '2030-02-01', mayRun: true, mayRide: false, mayLeave: false },
      entityId,
    );

  it('are those that are still on the bike, with how far it may go', () => {
    const [a, b] = [uid(n++), uid(n++)];
    const both = add(add(after('bike.bookIn'), 'Wire', a), 'Tape', b);
    expect(provisionalOf(both, id.job).map((p) => p.what)).toEqual(['Wire', 'Tape']);
    const one = act(both, 'provisional.end', 'provisional', {}, a);
    expect(provisionalOf(one, id.job)).toEqual([{ what: 'Tape', until: null, untilOn: '2030-02-01', mayRide: false, mayLeave: false }]);
    expect(provisionalOf(one, uid(4242))).toEqual([]);
  });
});
