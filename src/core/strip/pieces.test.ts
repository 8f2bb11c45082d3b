import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { id, takeBack, uid } from '../../../test/fixtures/commands';
import { after, run } from '../../../test/fixtures/state';
import { effectOf, makeCommand } from '../command';
import type { State, TableName } from '../state';
import { pieceCode, piecesInTheWay, sparesOf } from '.';

let n = 8000;
const command = (type: string, kind: TableName, entityId: string, payload: object) =>
  makeCommand({ id: uid(n++), type, kind, entityId, madeAt: '2030-02-01T09:00:00.000Z', after: null, payload });
const off = () => after('step.add');
const lose = (s: State, at = uid(8900)) =>
  run(s, command('piece.add', 'piece', at, { jobId: id.job, stepId: id.step, name: 'Dowel', went: 'dropped', note: null }));
const settle = (s: State, at = uid(8900)) =>
  run(s, command('piece.settle', 'piece', at, { jobId: id.job, outcome: 'found', proof: 'in the sump', settledBy: 'Ines' }));
const refit = (s: State, counts: Record<string, number>) => effectOf(s, command('step.refit', 'step', id.step, { jobId: id.job, counts }));
const all = { [id.fastener]: 4, [id.fastener2]: 2 };

describe('closing over a piece that is not accounted for', () => {
  it('is refused, with the piece and what to do', () => {
    expect(refit(off(), all).ok).toBe(true);
    const refused = refit(lose(off()), all);
    expect(refused.ok).toBe(false);
    if (!refused.ok)
      expect(refused.refusal.message).toBe(
        'Dowel dropped and is not found. Find it, or prove that it is not inside, before anything is closed.',
      );
    expect(refit(lose(off()), { [id.fastener]: 1 }).ok).toBe(false);
    expect(refit(settle(lose(off())), all).ok).toBe(true);
  });

  it('is possible where a person’s word goes over that piece, and not over another', () => {
    const word = { jobId: id.job, act: 'turn', reason: 'It fell on the floor, seen by two', codes: [`piece:${uid(8900)}`], saidBy: 'Ines' };
    const over = run(lose(off()), command('overrule.say', 'overrule', uid(8950), word));
    expect(refit(over, all).ok).toBe(true);
    expect(refit(lose(over, uid(8901)), all).ok).toBe(false);
  });

  it('a piece is accounted for once: a second device hears by whom and how', () => {
    const twice = effectOf(
      settle(lose(off())),
      command('piece.settle', 'piece', uid(8900), { jobId: id.job, outcome: 'not inside', proof: 'x', settledBy: 'Tam' }),
    );
    expect(twice.ok).toBe(false);
    if (!twice.ok) expect(twice.refusal.message).toContain('accounted for already: found, in the sump');
  });

  it('what is left over has its place found or is spare; what is lost is found or proved not inside', () => {
    const left = (s: State) =>
      run(s, command('piece.add', 'piece', uid(8900), { jobId: id.job, stepId: null, name: 'M6x25', went: 'left over', note: null }));
    const refused = refit(left(off()), all);
    expect(refused.ok).toBe(false);
    if (!refused.ok)
      expect(refused.refusal.message).toBe(
        'M6x25 is left over: its place is not known. Find its place, or say why it has none, before anything is closed.',
      );
    const say = (s: State, outcome: string) =>
      effectOf(
        s,
        command('piece.settle', 'piece', uid(8900), { jobId: id.job, outcome, proof: 'the set had one more', settledBy: 'Ines' }),
      );
    expect(say(left(off()), 'spare').ok).toBe(true);
    expect(say(left(off()), 'found').ok).toBe(true);
    for (const [state, outcome] of [
      [left(off()), 'not inside'],
      [lose(off()), 'spare'],
    ] as const) {
      const no = say(state, outcome);
      expect(no.ok).toBe(false);
      if (!no.ok) expect(no.refusal.message).toContain(outcome === 'spare' ? 'Only what is left over is spare.' : 'It is in the hand');
    }
    const settled = run(
      left(off()),
      command('piece.settle', 'piece', uid(8900), { jobId: id.job, outcome: 'spare', proof: 'x', settledBy: 'Ines' }),
    );
    expect(refit(settled, all).ok).toBe(true);
  });

  it('what is spare is told: what is left over without a place, and parts that came and are not wanted', () => {
    const piece = { id: 'a', name: 'M6x25', went: 'left over', outcome: 'spare', proof: 'one too many in the set' };
    const part = (status: string) => ({ id: status, name: `Seal, ${status}`, quantity: 2, status });
    const pieces = [piece, { ...piece, id: 'b', outcome: 'found' }, { ...piece, id: 'c', outcome: null }];
    expect(sparesOf(pieces as never, ['needed', 'ordered', 'arrived', 'fitted', 'spare'].map(part) as never)).toEqual([
      { id: 'a', what: 'M6x25', why: 'left over, one too many in the set' },
      { id: 'spare', what: '2 × Seal, spare', why: 'bought, not wanted' },
    ]);
  });

  it('counts every open piece that nobody went over, and no other', () => {
    const pieces = fc.array(fc.record({ settled: fc.boolean(), over: fc.boolean(), withdrawn: fc.boolean() }), { maxLength: 12 });
    fc.assert(
      fc.property(pieces, (drawn) => {
        const rows = drawn.map((d, i) => ({ id: String(i), outcome: d.settled ? ('found' as const) : null }));
        const overrules = drawn.flatMap((d, i) =>
          d.over ? [{ codes: [pieceCode({ id: String(i) })], endedAt: d.withdrawn ? '2030-01-01T00:00:00.000Z' : null }] : [],
        );
        const left = drawn.flatMap((d, i) => (!d.settled && (!d.over || d.withdrawn) ? [String(i)] : []));
        expect(piecesInTheWay(rows as never, overrules).map((p) => p.id)).toEqual(left);
      }),
    );
  });
});

describe('moving a step', () => {
  const two = () =>
    run(
      off(),
      command('step.add', 'step', uid(8970), { jobId: id.job, title: 'Hose', access: null, bag: null, note: null, fasteners: [] }),
    );
  const place = (s: State, step: string, before: string | null) =>
    effectOf(s, command('step.place', 'step', step, { jobId: id.job, before }));
  it('refuses a circle and a step that is not there, in words', () => {
    const moved = run(two(), command('step.place', 'step', uid(8970), { jobId: id.job, before: id.step }));
    const circle = place(moved, id.step, uid(8970));
    expect(circle.ok).toBe(false);
    if (!circle.ok) expect(circle.refusal.message).toBe('Hose came off before Left cover already: move that one first.');
    const gone = place(moved, id.step, uid(8999));
    expect(gone.ok).toBe(false);
    if (!gone.ok) expect(gone.refusal.message).toBe('That step is not there any more.');
    expect(place(moved, uid(8970), null).ok).toBe(true);
  });

  it('keeps the step that others stand in front of, and that pieces name, from being taken back first', () => {
    const added = command('step.add', 'step', uid(8971), {
      jobId: id.job,
      title: 'Airbox',
      access: null,
      bag: null,
      note: null,
      fasteners: [],
    });
    const named = run(run(two(), added), command('step.place', 'step', uid(8970), { jobId: id.job, before: uid(8971) }));
    const piece = { jobId: id.job, stepId: uid(8971), name: 'Clip', went: 'dropped', note: null };
    const back = effectOf(run(named, command('piece.add', 'piece', uid(8972), piece)), takeBack('undo', 8990, added.id));
    expect(back.ok).toBe(false);
    if (!back.ok) expect(back.refusal.entries!.map((e) => e.type).sort()).toEqual(['piece.add', 'step.place']);
  });
});
