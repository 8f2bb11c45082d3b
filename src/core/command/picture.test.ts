import { describe, expect, it } from 'vitest';
import { id, photoHash, uid } from '../../../test/fixtures/commands';
import { after, run } from '../../../test/fixtures/state';
import { list, type State, type TableName } from '../state';
import { effectOf, makeCommand, schemaVersion, upcast, type Command } from '.';

let n = 8900;
const command = (type: string, kind: TableName, entityId: string, payload: object, base?: Record<string, number>): Command =>
  makeCommand({ id: uid(n++), type, kind, entityId, madeAt: '2030-02-01T08:00:00.000Z', after: null, payload, base });
const photo = (subject: string, subjectId: string | null, bag: string | null = null) =>
  command('photo.add', 'photo', uid(n++), {
    jobId: id.job,
    subject,
    subjectId,
    bag,
    sha256: photoHash,
    width: 10,
    height: 10,
    bytes: 9,
    caption: null,
  });
const refusal = (state: State, c: Command) => {
  const outcome = effectOf(state, c);
  return outcome.ok ? null : outcome.refusal;
};

describe('photos', () => {
  const stripped = after('step.add');

  it('belong to a step, a finding or a bag that is there', () => {
    expect(refusal(stripped, photo('step', id.step))).toBeNull();
    expect(refusal(after('finding.add'), photo('finding', id.finding))).toBeNull();
    expect(refusal(stripped, photo('bag', null, '7'))).toBeNull();
    expect(refusal(stripped, photo('step', null))).toMatchObject({ code: 'missing', message: 'Which step is this a photo of?' });
    expect(refusal(stripped, photo('finding', null))!.message).toBe('Which finding is this a photo of?');
    expect(refusal(stripped, photo('bag', null))!.message).toBe('Which bag is this a photo of?');
    expect(refusal(stripped, photo('step', uid(77)))).toMatchObject({ code: 'missing' });
  });

  it('come off with their pins, and come back with them', () => {
    const pinned = after('pin.set');
    expect(list(pinned, 'pin')).toHaveLength(1);
    const remove = command('photo.remove', 'photo', id.photo, { jobId: id.job });
    const off = run(pinned, remove);
    expect(list(off, 'pin')).toEqual([]);
    expect(list(off, 'photo').some((p) => p.id === id.photo)).toBe(false);
    const back = run(off, command('undo', 'job', id.job, { targetId: remove.id }));
    expect(list(back, 'pin').map((p) => [p.note, p.x])).toEqual([['Short screw here', 0.3]]);
    expect(list(back, 'photo')).toHaveLength(list(pinned, 'photo').length);
  });

  it('a pin wants its photo', () => {
    const pin = (photoId: string) => command('pin.add', 'pin', uid(n++), { jobId: id.job, photoId, x: 0.5, y: 0.5, note: 'here' });
    expect(refusal(after('photo.add'), pin(id.photo))).toBeNull();
    expect(refusal(after('photo.add'), pin(uid(78)))).toMatchObject({ code: 'missing' });
  });

  it('a photo that pins were put on since is not simply undone: the pins are named', () => {
    const pinned = after('pin.set');
    const added = pinned.journal.find((e) => e.type === 'photo.add')!;
    const answer = refusal(pinned, command('undo', 'job', id.job, { targetId: added.id }))!;
    expect(answer.entries!.map((e) => e.type)).toContain('pin.add');
  });
});

describe('errata', () => {
  it('stay with the bike, also after its job is handed over', () => {
    const erratum = command('erratum.add', 'erratum', uid(n++), {
      bikeId: id.bike,
      book: 'manual of this bike',
      page: null,
      quantity: null,
      says: '8 N·m',
      right: '18 N·m',
      source: 'stripped twice',
    });
    expect(refusal(after(), erratum)).toBeNull();
    expect(refusal(after(), { ...erratum, payload: { ...(erratum.payload as object), bikeId: uid(79) } })).toMatchObject({
      code: 'missing',
    });
  });
});

describe('a decision', () => {
  const decision = (set: object, base: Record<string, number>, choice: 'mine' | 'theirs') =>
    command(
      'tray.decide',
      'bike',
      id.bike,
      { ofJob: id.job, refusedId: uid(80), refusedType: 'bike.set', choice, set, theirs: { cylinders: 2 }, yours: { cylinders: 4 } },
      base,
    );

  it('sets the chosen value on the version that was seen, and only on that', () => {
    const state = after('bike.set');
    expect(run(state, decision({ cylinders: 4 }, { cylinders: 1 }, 'mine')).rows.bike.get(id.bike)!.cylinders).toBe(4);
    expect(refusal(state, decision({ cylinders: 4 }, { cylinders: 0 }, 'mine'))).toMatchObject({
      code: 'conflict',
      fields: [{ field: 'cylinders', theirs: 2, yours: 4 }],
    });
  });

  it('for what stands changes nothing and still goes into the journal', () => {
    const state = after('bike.set');
    const next = run(state, decision({}, {}, 'theirs'));
    expect(next.rows.bike.get(id.bike)).toEqual(state.rows.bike.get(id.bike));
    expect(next.journal.at(-1)!.type).toBe('tray.decide');
  });
});

describe('a command of an earlier version', () => {
  const old = { type: 'provisional.add', schemaVersion: 1, payload: { what: 'Wire', why: 'bent', until: null, mayRun: true } };

  it('is written as this version would have written it, and nothing else of it changes', () => {
    expect(upcast(old)).toEqual({ ...old, schemaVersion, payload: { ...old.payload, untilOn: null } });
    const other = { type: 'watch.add', schemaVersion: 1, payload: { what: 'Oil' } };
    expect(upcast(other)).toEqual({ ...other, schemaVersion });
  });

  it('a limit without a service limit gets none, and is the manual’s', () => {
    const limit = { type: 'spec.add', schemaVersion: 2, payload: { quantity: 'ring-gap', low: 1e-4, high: null } };
    expect(upcast(limit).payload).toEqual({ ...limit.payload, serviceLow: null, serviceHigh: null, origin: 'book' });
  });

  it('of this version is left alone, and upcasting twice is upcasting once', () => {
    const now = { type: 'provisional.add', schemaVersion, payload: { what: 'Wire', untilOn: '2030-02-01' } };
    expect(upcast(now)).toEqual(now);
    expect(upcast(upcast(old))).toEqual(upcast(old));
  });

  it.each([null, 7, 'text'])('that is no object (%s) is left for the check to refuse', (payload) => {
    expect(upcast({ type: 'provisional.add', schemaVersion: 1, payload }).payload).toEqual(payload);
  });
});
