import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { id } from '../../../test/fixtures/commands';
import { run } from '../../../test/fixtures/state';
import { snapshotAfter } from '../../../test/fixtures/snapshot';
import { actsOf, effectOf } from '../../core/command';
import { stateOf, type Heard, type State } from '../../core/state';
import type { OutboxItem } from '../device/types';
import { actsName } from './actNames';
import { JobStore } from './store';
import { casesOf } from './conflicts';

let n = 0;
const uuid = () => `00000000-0000-4000-9000-${String(n++).padStart(12, '0')}`;
const start = () => snapshotAfter('bike.bookIn');

function storeWith(keep: (items: readonly OutboxItem[]) => Promise<void> = () => Promise.resolve()) {
  const kept: OutboxItem[] = [];
  const store = new JobStore(
    start(),
    (items) => (kept.push(...items), keep(items)),
    () => new Date(0),
    uuid,
  );
  return { store, kept };
}

/** What the server would tell about an item that it applied as number `seq`. */
function heard(item: OutboxItem, seq: number, state: State = stateOf(start())): Heard {
  const outcome = effectOf(state, item.command);
  if (!outcome.ok) throw new Error(outcome.refusal.message);
  const { id: eid, type, madeAt } = item.command;
  return {
    id: eid,
    seq,
    type,
    jobId: item.jobId,
    bikeId: null,
    madeAt,
    actorId: item.actorId,
    targetId: null,
    changes: outcome.changes,
    personal: [],
  };
}

const watch = (what: string) => ['watch.add', uuid(), { jobId: id.job, what, due: 'soon' }] as const;
const watches = (s: JobStore) => [...s.get().state.rows.watch.values()].map((w) => w.what);

/** An entry as another device would have made it. */
function foreign(what: string, seq: number): Heard {
  const { store, kept } = storeWith();
  store.act(...watch(what));
  return heard(kept[0], seq);
}

describe('the job on one device', () => {
  it('shows what is done at once and hands it over to be kept, with who did it and what it knew', () => {
    const { store, kept } = storeWith();
    store.act(...watch('a'));
    store.act(...watch('b'));
    expect(watches(store)).toEqual(['a', 'b']);
    expect(store.get().waiting).toBe(2);
    expect(kept.map((k) => [k.actorId, k.command.after, k.state])).toEqual([
      [id.person, 2, 'waiting'],
      [id.person, 2, 'waiting'],
    ]);
  });

  it('counts an entry as waiting until it is answered, and as sent once its number is reached', () => {
    const { store, kept } = storeWith();
    store.act(...watch('a'));
    const h = heard(kept[0], 3);
    store.applyNews({ kind: 'answered', id: h.id, jobId: id.job, seq: 3, changes: h.changes });
    expect(store.get().waiting).toBe(0);
    expect(store.heardUpTo).toBe(3);
    expect(store.get().state.journal.at(-1)).toMatchObject({ id: h.id, seq: 3 });
  });

  it('an answer ahead of what was heard waits for what is missing, and asks for it', () => {
    const { store, kept } = storeWith();
    let gaps = 0;
    store.onGap = () => gaps++;
    store.act(...watch('mine'));
    const mine = heard(kept[0], 5);
    store.applyNews({ kind: 'answered', id: mine.id, jobId: id.job, seq: 5, changes: mine.changes });
    expect(gaps).toBeGreaterThan(0);
    expect(store.heardUpTo).toBe(2);
    expect(watches(store)).toEqual(['mine']);
    const [c, d] = [foreign('third', 3), foreign('fourth', 4)];
    store.applyNews({ kind: 'entries', entries: [d] });
    expect(store.heardUpTo).toBe(2);
    store.applyNews({ kind: 'entries', entries: [c] });
    expect(store.heardUpTo).toBe(5);
    expect(watches(store)).toEqual(['third', 'fourth', 'mine']);
    expect(store.get().waiting).toBe(0);
  });

  it('whatever the order and however often news comes, the state is that of the journal', () => {
    const entries = Array.from({ length: 6 }, (_x, i) => foreign(`w${i}`, i + 3));
    fc.assert(
      fc.property(fc.shuffledSubarray([...entries, ...entries], { minLength: 0, maxLength: 12 }), (order) => {
        const { store } = storeWith();
        for (const e of order) store.applyNews({ kind: 'entries', entries: [e] });
        store.caughtUp(entries, 8);
        expect(watches(store)).toEqual(['w0', 'w1', 'w2', 'w3', 'w4', 'w5']);
        expect(store.heardUpTo).toBe(8);
        expect(new Set(store.get().state.journal.map((e) => e.id)).size).toBe(store.get().state.journal.length);
      }),
    );
  });

  it('entries of other jobs only move the number on', () => {
    const { store } = storeWith();
    store.applyNews({ kind: 'entries', entries: [{ ...foreign('x', 3), jobId: uuid() }] });
    expect(store.heardUpTo).toBe(3);
    expect(watches(store)).toEqual([]);
  });

  it('a new hand and new personal data of the owner come with the news', () => {
    const { store } = storeWith();
    const person: Heard = {
      ...foreign('x', 3),
      type: 'person.add',
      jobId: null,
      changes: [{ op: 'insert', table: 'person', row: { id: uuid(), name: 'Tam Veley', versions: {} } }],
    };
    store.applyNews({ kind: 'entries', entries: [person] });
    expect([...store.get().state.rows.person.values()].map((p) => p.name)).toContain('Tam Veley');
    store.caughtUp([{ ...foreign('y', 4), personal: [{ id: id.personal2, name: 'New owner', phone: null, email: null }] }], 4);
    expect(store.get().personal.map((p) => p.name)).toContain('New owner');
  });

  it('a refusal known here changes nothing and says why', () => {
    const { store, kept } = storeWith();
    const r = store.act('torque.stage', uuid(), { jobId: id.job, torqueId: uuid() });
    expect(r.ok).toBe(false);
    expect(kept).toEqual([]);
    expect(store.get().refused!.refusal.code).toBe('missing');
    store.dismiss();
    expect(store.get().refused).toBeNull();
  });

  it('says when the device cannot keep an entry', async () => {
    const { store } = storeWith(() => Promise.reject(new Error('full')));
    store.act(...watch('a'));
    await Promise.resolve();
    await Promise.resolve();
    expect(store.get().unkept).toBe(true);
    expect(watches(store)).toEqual(['a']);
  });

  it('takes up what an earlier visit left, without doubling what is done meanwhile', () => {
    const first = storeWith();
    first.store.act(...watch('left'));
    const second = storeWith();
    second.store.act(...watch('new'));
    second.store.takeUp(first.kept);
    expect(watches(second.store).sort()).toEqual(['left', 'new']);
    second.store.takeUp([...first.kept, ...second.kept]);
    expect(second.store.get().waiting).toBe(2);
  });

  it('opened with the end of a long journal, it has no entry twice that lies before it, and its copy says what is missing', () => {
    const { store, kept } = storeWith();
    store.act(...watch('sent long ago'));
    const sent = heard(kept[0], 3);
    const later = foreign('later', 4);
    const whole = storeWith().store;
    whole.applyNews({ kind: 'entries', entries: [sent, later] });
    const known = whole.toSnapshot();
    // Of the workshop's own lines the server hands none to a job.
    const all = { ...known, journal: known.journal.filter((e) => e.type !== 'person.add') };
    // The answer to it was lost, so that it still lies here as waiting.
    const cut = { ...all, journal: all.journal.slice(-1), journalFrom: 4 };
    const opened = new JobStore(cut, () => Promise.resolve(), undefined, uuid, [kept[0]]);
    opened.applyNews({ kind: 'answered', id: kept[0].id, jobId: id.job, seq: 3, changes: sent.changes });
    expect(opened.toSnapshot().journalFrom).toBe(4);
    expect(new JobStore(opened.toSnapshot(), () => Promise.resolve()).journalFrom).toBe(4);
    const earlier = all.journal.slice(0, -1).map((e) => ({ ...e, seq: e.seq ?? 0, personal: [] }));
    opened.takeEarlier([...earlier, { ...foreign('elsewhere', 2), jobId: uuid() }]);
    expect(watches(opened)).toEqual(['sent long ago', 'later']);
    expect(opened.get().waiting).toBe(0);
    expect(opened.get().state.journal).toEqual(all.journal);
    expect(opened.toSnapshot()).toEqual(all);
    expect(opened.undo(sent.id)).toBe(true);
    expect(watches(opened)).toEqual(['later']);
  });

  it('a refused entry leaves the screen and lies among the conflicts with what was held by it', () => {
    const { store, kept } = storeWith();
    store.set('bike.set', id.bike, { year: 1970 });
    store.set('bike.set', id.bike, { year: 1971 });
    store.act(...watch('a'));
    const refusal = { code: 'conflict' as const, message: 'x', fields: [{ field: 'year', theirs: 1968, yours: 1970 }] };
    store.takeUp([{ ...kept[0], state: 'refused', refusal }, { ...kept[1], state: 'held', heldBy: kept[0].id }, kept[2]]);
    expect(store.get().state.rows.bike.get(id.bike)!.year).toBeNull();
    expect(watches(store)).toEqual(['a']);
    const [one] = casesOf(store.get().conflicts);
    expect(one.fields).toEqual([{ field: 'year', theirs: 1968, yours: 1971 }]);
    expect(one.covered.map((c) => c.id)).toEqual([kept[1].id]);
    expect(one.behind).toBe(0);
  });

  it('a refused entry of which a copy arrived after all is no case: it is asked about again, so that what it holds goes on', () => {
    const { store, kept } = storeWith();
    const late: string[] = [];
    store.onLate = (i) => late.push(i.id);
    store.act(...watch('first'));
    store.act(...watch('behind'));
    const refusal = { code: 'depended on' as const, message: 'x' };
    const items: OutboxItem[] = [
      { ...kept[0], state: 'refused', refusal },
      { ...kept[1], state: 'held', heldBy: kept[0].id },
    ];
    store.takeUp(items);
    expect(casesOf(store.get().conflicts)).toHaveLength(1);
    expect(late).toEqual([]);
    store.applyNews({ kind: 'entries', entries: [heard(kept[0], 3)] });
    expect(late).toEqual([kept[0].id]);
    store.takeUp(items);
    expect(late).toEqual([kept[0].id, kept[0].id]);
    expect(casesOf(store.get().conflicts)).toEqual([]);
    expect(watches(store)).toEqual(['first']);
    // As the device has it after asking again.
    store.takeUp([{ ...kept[1] }]);
    expect(watches(store)).toEqual(['first', 'behind']);
  });

  it('sets fields on the versions that it shows', () => {
    const { store, kept } = storeWith();
    store.set('bike.set', id.bike, { year: 1968 });
    store.set('bike.set', id.bike, { year: 1969 });
    expect(kept.map((k) => k.command.base)).toEqual([{ year: 0 }, { year: 1 }]);
    const last = store.get().state.journal.at(-1)!;
    expect(last.changes[0]).toMatchObject({ op: 'update', was: { year: 1968 } });
    expect(store.targets().undo!.id).toBe(last.id);
  });

  it('what it knows to be at the server can be opened again, without what waits', () => {
    const { store, kept } = storeWith();
    store.act(...watch('sent'));
    store.act(...watch('waits'));
    store.applyNews({ kind: 'entries', entries: [heard(kept[0], 3)] });
    const again = new JobStore(store.toSnapshot(), () => Promise.resolve(), undefined, uuid, [kept[1]]);
    expect(watches(again)).toEqual(['sent', 'waits']);
    expect(again.get().waiting).toBe(1);
    expect(again.heardUpTo).toBe(3);
    expect(run(stateOf(store.toSnapshot()), kept[1].command).rows.watch.size).toBe(2);
  });

  it('confirmed in its order and as it was made, only the numbers are new; anything else is worked out anew', () => {
    // Two devices with the same history: one hears its own entries back, the other sees them as news.
    const entries = Array.from({ length: 4 }, (_x, i) => ['watch.add', uuid(), { jobId: id.job, what: `w${i}`, due: 'soon' }] as const);
    const { store, kept } = storeWith();
    for (const e of entries) store.act(...e);
    const other = storeWith().store;
    for (const [i, seq] of [3, 4, 5, 6].entries()) {
      const h = heard(kept[i], seq);
      // in turn by the answer and by the stream
      if (i % 2) store.applyNews({ kind: 'entries', entries: [h] });
      else store.applyNews({ kind: 'answered', id: h.id, jobId: id.job, seq, changes: h.changes });
      other.applyNews({ kind: 'entries', entries: [h] });
      expect(store.get().waiting).toBe(3 - i);
    }
    expect(store.get().state.rows).toEqual(other.get().state.rows);
    expect(store.get().state.journal.map((e) => e.seq)).toEqual(other.get().state.journal.map((e) => e.seq));
    expect(stateOf(store.toSnapshot()).rows).toEqual(store.get().state.rows);
  });

  it('what the server made of an entry counts, where it is not what was shown here', () => {
    const { store, kept } = storeWith();
    store.set('bike.set', id.bike, { year: 1970 });
    const h = heard(kept[0], 3);
    const other = h.changes.map((c) => (c.op === 'update' ? { ...c, set: { year: 1969 } } : c));
    store.applyNews({ kind: 'answered', id: h.id, jobId: id.job, seq: 3, changes: other });
    expect(store.get().state.rows.bike.get(id.bike)!.year).toBe(1969);
    expect(store.get().waiting).toBe(0);
  });

  it('an entry that could not be written down and was refused is told at once and leaves the screen', async () => {
    const { store, kept } = storeWith(() => Promise.reject(new Error('full')));
    store.act(...watch('a'));
    store.act(...watch('b'));
    await expect.poll(() => store.get().unkept).toBe(true);
    const refusal = { code: 'closed' as const, message: 'This job is handed over.' };
    store.applyNews({ kind: 'turnedDown', id: kept[0].id, type: 'watch.add', refusal });
    expect(watches(store)).toEqual(['b']);
    expect(store.get().refused).toEqual({ type: 'watch.add', refusal });
    expect(store.get().unkept).toBe(true);
    store.applyNews({ kind: 'turnedDown', id: uuid(), type: 'watch.add', refusal });
    const h = heard(kept[1], 3);
    store.applyNews({ kind: 'answered', id: h.id, jobId: id.job, seq: 3, changes: h.changes });
    expect(store.get().unkept).toBe(false);
  });

  it('shows how far a photo has come', () => {
    const { store } = storeWith();
    store.applyNews({ kind: 'photoPart', part: 0.4 });
    expect(store.get().photoPart).toBe(0.4);
    store.applyNews({ kind: 'photoPart', part: null });
    expect(store.get().photoPart).toBeNull();
  });
});

describe('several things as one act', () => {
  const names = (s: JobStore) => s.get().state.journal.map((e) => e.type);
  const part = (name: string) =>
    [
      'part.add',
      uuid(),
      { jobId: id.job, findingId: null, name, number: null, source: null, quantity: 1, price: '1', dueOn: null },
    ] as const;

  it('are left to be kept in one piece, under one name', () => {
    const pieces: (readonly OutboxItem[])[] = [];
    const { store } = storeWith((items) => (pieces.push(items), Promise.resolve()));
    let shown = 0;
    store.subscribe(() => shown++);
    expect(store.together(() => store.act(...watch('a')).ok && store.act(...watch('b')).ok)).toBe(true);
    expect(pieces.map((p) => p.length)).toEqual([2]);
    expect(new Set(pieces[0].map((i) => i.command.group)).size).toBe(1);
    expect(pieces[0][0].command.group).toBeTruthy();
    expect(shown).toBe(1);
    const { entries } = actsOf(store.get().state.journal).at(-1)!;
    expect(actsName(entries)).toBe('Watch list (2)');
    expect(actsName([entries[0], { ...entries[1], type: 'part.add' }])).toBe('Watch list, part needed');
  });

  it('one thing is an act by itself', () => {
    const { store, kept } = storeWith();
    store.together(() => store.act(...watch('a')).ok);
    expect(kept[0].command).not.toHaveProperty('group');
    expect(store.get().state.journal.at(-1)!.groupId).toBeNull();
  });

  it('leave nothing behind where one is refused, and say why', () => {
    const { store, kept } = storeWith();
    const before = store.get();
    expect(store.together(() => store.act(...watch('a')).ok && store.act('wait.end', uuid(), { jobId: id.job }).ok)).toBe(false);
    expect(kept).toEqual([]);
    expect(store.get().state).toBe(before.state);
    expect(store.get().waiting).toBe(0);
    expect(store.get().refused?.refusal.code).toBe('missing');
    store.act(...watch('c'));
    expect(watches(store)).toEqual(['c']);
  });

  it('leave nothing behind where the screen fails in the middle', () => {
    const { store, kept } = storeWith();
    const fails = () =>
      store.together(() => {
        store.act(...watch('a'));
        throw new Error('a mistake');
      });
    expect(fails).toThrow('a mistake');
    expect(kept).toEqual([]);
    expect(watches(store)).toEqual([]);
    expect(store.act(...watch('b')).ok).toBe(true);
    expect(kept).toHaveLength(1);
  });

  it('are taken back with one press and put back with one, also after a reload', () => {
    const { store, kept } = storeWith();
    store.together(() => store.act(...watch('a')).ok && store.act(...part('Seal')).ok);
    const again = new JobStore(store.toSnapshot(), (items) => (kept.push(...items), Promise.resolve()), undefined, uuid, kept);
    expect(again.undo(again.targets().undo!.id)).toBe(true);
    expect(watches(again)).toEqual([]);
    expect(again.get().state.rows.part.size).toBe(0);
    expect(names(again).slice(-4)).toEqual(['watch.add', 'part.add', 'undo', 'undo']);
    expect(kept.slice(-2).map((i) => i.command.group)).toEqual([kept.at(-1)!.command.group, kept.at(-1)!.command.group]);
    expect(again.redo(again.targets().redo!.id)).toBe(true);
    expect(watches(again)).toEqual(['a']);
    expect(again.get().state.rows.part.size).toBe(1);
    expect(again.undo(again.targets().undo!.id)).toBe(true);
    expect(watches(again)).toEqual([]);
  });

  it('stay whole where one of them cannot be taken back any more', () => {
    const { store } = storeWith();
    const [type, partId, payload] = part('Seal');
    store.together(() => store.act(...watch('a')).ok && store.act(type, partId, payload).ok);
    const act = store.targets().undo!.id;
    store.set('part.set', partId, { status: 'ordered' });
    expect(store.undo(act)).toBe(false);
    expect(store.get().refused?.refusal.code).toBe('depended on');
    expect(watches(store)).toEqual(['a']);
  });
});

describe('what is drawn anew', () => {
  it('nothing of the tables, where nothing was missed, an outbox holds what is known, or a photo is on its way', () => {
    const { store, kept } = storeWith();
    store.act(...watch('a'));
    store.takeUp(kept);
    const { state } = store.get();
    store.takeUp(kept);
    store.caughtUp([], store.heardUpTo);
    store.applyNews({ kind: 'photoPart', part: 0.5 });
    store.applyNews({ kind: 'line', line: 'away' });
    expect(store.get().state).toBe(state);
    expect(store.get().photoPart).toBe(0.5);
  });

  it('the state without it, where what was done is turned down after it showed', () => {
    const { store, kept } = storeWith();
    store.caughtUp([], store.heardUpTo);
    store.act(...watch('a'));
    expect(watches(store)).toEqual(['a']);
    const refusal = { code: 'missing', message: 'It is not there.' } as const;
    store.applyNews({ kind: 'turnedDown', id: kept[0].id, type: 'watch.add', refusal });
    expect(watches(store)).toEqual([]);
  });
});
