import { describe, expect, it } from 'vitest';
import { id, script } from '../../../test/fixtures/commands';
import { advance, effectOf, type Command } from '../../core/command';
import { emptyState, tableNames, type JobSnapshot } from '../../core/record';
import type { Post, PostAnswer } from './post';
import { JobStore, type Shelf, type Waiting } from './store';

function bookedIn(): JobSnapshot {
  const state = script()
    .slice(0, 2)
    .reduce((s, c) => {
      const o = effectOf(s, c);
      if (!o.ok) throw new Error(o.refusal.message);
      return advance(s, c, o.changes, s.journal.length + 1, null);
    }, emptyState());
  const rows = Object.fromEntries(tableNames.map((t) => [t, [...state.rows[t].values()]]));
  return {
    shop: { id: 's', name: 'S', rate: '35.00', currency: '¤', seq: 2 },
    actor: { id: id.person, name: 'Ines Corrow' },
    jobId: id.job,
    rows,
    personal: [],
    journal: state.journal,
  };
}

class Memory implements Shelf {
  kept: Waiting[] = [];
  read = () => this.kept;
  write = (w: Waiting[]) => void (this.kept = w);
}

let n = 0;
const uuid = () => `00000000-0000-4000-9000-${String(n++).padStart(12, '0')}`;
const storeWith = (post: Post, shelf: Shelf = new Memory()) => new JobStore(bookedIn(), post, shelf, () => new Date(0), uuid);
const settled = () => new Promise((r) => setImmediate(r));

/** What a command does to the job as it was booked in. */
const changesOf = (c: Command) => {
  const o = effectOf(storeWith(() => Promise.resolve({ kind: 'cut' })).get().state, c);
  return o.ok ? o.changes : [];
};

/** A server that keeps everything, as the real one would. */
function goodServer() {
  let seq = 2;
  const seen: Command[] = [];
  const post: Post = (c) => {
    seen.push(c);
    return Promise.resolve<PostAnswer>({ kind: 'kept', seq: ++seq, changes: changesOf(c) });
  };
  return { post, seen };
}

const watch = (what: string) => ['watch.add', 'watch', uuid(), { jobId: id.job, what, due: 'soon' }] as const;

describe('the job on one device', () => {
  it('shows what is done at once and sends it in order', async () => {
    const { post, seen } = goodServer();
    const store = storeWith(post);
    store.act(...watch('a'));
    store.act(...watch('b'));
    expect([...store.get().state.rows.watch.values()].map((w) => w.what)).toEqual(['a', 'b']);
    expect(store.get().waiting).toBe(2);
    await settled();
    expect(seen.map((c) => (c.payload as { what: string }).what)).toEqual(['a', 'b']);
    expect(store.get().waiting).toBe(0);
    expect(store.get().state.journal.at(-1)!.seq).toBe(4);
  });

  it('without a server keeps what was done, over a new start, and sends each once', async () => {
    const shelf = new Memory();
    const first = storeWith(() => Promise.resolve({ kind: 'cut' }), shelf);
    first.act(...watch('a'));
    await settled();
    expect(first.get()).toMatchObject({ waiting: 1, cut: true });
    const { post, seen } = goodServer();
    const second = storeWith(post, shelf);
    second.resume();
    expect([...second.get().state.rows.watch.values()]).toHaveLength(1);
    await settled();
    expect(seen).toHaveLength(1);
    expect(shelf.kept).toEqual([]);
    expect(second.get().cut).toBe(false);
  });

  it('a refusal known here changes nothing and says why', () => {
    const store = storeWith(() => Promise.resolve({ kind: 'cut' }));
    const r = store.act('torque.stage', 'torqueStage', uuid(), { jobId: id.job, torqueId: uuid() });
    expect(r.ok).toBe(false);
    expect(store.get().waiting).toBe(0);
    expect(store.get().refused!.refusal.code).toBe('missing');
    store.dismiss();
    expect(store.get().refused).toBeNull();
  });

  it('a refusal by the server takes back that one and what stood on it; the rest goes on', async () => {
    let sent = 0;
    const refuseFirst: Post = (c) => {
      sent++;
      if (sent === 1)
        return Promise.resolve({
          kind: 'refused',
          refusal: {
            code: 'conflict',
            message: 'Someone changed this in the meantime.',
            fields: [{ field: 'year', theirs: 1968, yours: 1970 }],
          },
        });
      return Promise.resolve({ kind: 'kept', seq: 3, changes: changesOf(c) });
    };
    const store = storeWith(refuseFirst);
    store.set('bike.set', 'bike', id.bike, { year: 1970 });
    store.act(...watch('a'));
    await settled();
    expect(store.get().state.rows.bike.get(id.bike)!.year).toBeNull();
    expect([...store.get().state.rows.watch.values()]).toHaveLength(1);
    expect(store.get().refused!.refusal.fields).toEqual([{ field: 'year', theirs: 1968, yours: 1970 }]);
  });

  it('sets fields on the versions that it shows', () => {
    const sent: Command[] = [];
    const store = storeWith((c) => (sent.push(c), Promise.resolve({ kind: 'cut' })));
    store.set('bike.set', 'bike', id.bike, { year: 1968 });
    store.set('bike.set', 'bike', id.bike, { year: 1969 });
    const last = store.get().state.journal.at(-1)!;
    expect(last.changes[0]).toMatchObject({ op: 'update', was: { year: 1968 } });
    expect(sent[0].base).toEqual({ year: 0 });
    expect(store.targets().undo!.id).toBe(last.id);
  });
});
