import { describe, expect, it } from 'vitest';
import { id, script, takeBack, uid } from '../../../test/fixtures/commands';
import { emptyState, tableNames, type State } from '../state';
import { advance, commandTypes, effectOf, isUndoable, makeCommand, undoTargets, type Command } from '.';

const run = (state: State, command: Command): State => {
  const outcome = effectOf(state, command);
  if (!outcome.ok) throw new Error(`${command.type}: ${outcome.refusal.message}`);
  return advance(state, command, outcome.changes, state.journal.length + 1, null);
};
const refusal = (state: State, command: Command) => {
  const outcome = effectOf(state, command);
  return outcome.ok ? null : outcome.refusal;
};
/** Rows without their field versions, which only ever go up. */
const rowsOf = (state: State) =>
  Object.fromEntries(
    tableNames.map((t) => [t, [...state.rows[t].values()].map((r) => ({ ...r, versions: null })).sort((a, b) => (a.id < b.id ? -1 : 1))]),
  );
const upTo = (type: string) => {
  const commands = script();
  const end = commands.findIndex((c) => c.type === type);
  return { state: commands.slice(0, end).reduce(run, emptyState()), command: commands[end], rest: commands.slice(end + 1) };
};

describe('every command type', () => {
  it('is in the script', () => {
    const written = new Set(script().map((c) => c.type));
    expect(commandTypes.map((t) => t.type).filter((t) => !written.has(t))).toEqual(['undo', 'redo']);
  });

  it('leaves the state that it was given as it was', () => {
    let state = emptyState();
    for (const c of script()) {
      const before = JSON.stringify(rowsOf(state));
      const next = run(state, c);
      expect(JSON.stringify(rowsOf(state))).toBe(before);
      state = next;
    }
  });

  it('can be undone and redone, where it may be, to exactly the rows before and after', () => {
    let state = emptyState();
    let n = 2000;
    for (const c of script()) {
      const before = rowsOf(state);
      const done = run(state, c);
      if (isUndoable(c.type)) {
        const undo = takeBack('undo', n++, c.id);
        const undone = run(done, undo);
        expect(rowsOf(undone), c.type).toEqual(before);
        expect(rowsOf(run(undone, takeBack('redo', n++, undo.id))), c.type).toEqual(rowsOf(done));
      } else expect(refusal(done, takeBack('undo', n++, c.id))?.code, c.type).toBe('not undoable');
      state = done;
    }
  });
});

describe('a bike that is back', () => {
  it('opens another job on it, while the first stays as it was', () => {
    const { state, command } = upTo('job.open');
    const after = run(state, command);
    expect([...after.rows.job.values()].map((j) => [j.id, j.bikeId, j.handedOverAt !== null])).toEqual([
      [id.job, id.bike, true],
      [id.job2, id.bike, false],
    ]);
    expect(after.rows.bike).toBe(state.rows.bike);
    expect(after.journal.at(-1)!.jobId).toBe(id.job2);
  });

  it('has to be one that is known', () => {
    const { state, command } = upTo('job.open');
    const payload = { ...(command.payload as object), bikeId: uid(77) };
    expect(refusal(state, { ...command, payload })?.code).toBe('missing');
  });
});

describe('undo', () => {
  it('is refused, with the list, when later work builds on it', () => {
    const { state, command, rest } = upTo('step.add');
    const later = run(run(state, command), rest[0]);
    const r = refusal(later, takeBack('undo', 3000, command.id))!;
    expect(r.code).toBe('depended on');
    expect(r.entries!.map((e) => e.type)).toEqual(['step.refit']);
    const undone = run(later, takeBack('undo', 3001, rest[0].id));
    expect(refusal(undone, takeBack('undo', 3002, command.id))).toBeNull();
  });

  it('happens once, and only to theirs', () => {
    const { state, command } = upTo('watch.add');
    const done = run(state, command);
    const undone = run(done, takeBack('undo', 3003, command.id));
    expect(refusal(undone, takeBack('undo', 3004, command.id))?.code).toBe('not undoable');
    expect(refusal(undone, takeBack('undo', 3005, uid(424242)))?.code).toBe('missing');
    expect(refusal(undone, takeBack('redo', 3006, command.id))?.code).toBe('not undoable');
  });

  it('offers the newest that stands, and redo until something else is done', () => {
    const { state, command } = upTo('watch.add');
    const done = run(state, command);
    expect(undoTargets(done.journal, isUndoable).undo?.id).toBe(command.id);
    const undo = takeBack('undo', 3007, command.id);
    const undone = run(done, undo);
    expect(undoTargets(undone.journal, isUndoable).redo?.id).toBe(undo.id);
    expect(undoTargets(undone.journal, isUndoable).undo?.id).not.toBe(command.id);
    const other = makeCommand({
      id: uid(3008),
      type: 'watch.add',
      kind: 'watch',
      entityId: uid(3009),
      madeAt: command.madeAt,
      after: null,
      payload: { jobId: id.job, what: 'Chain', due: 'weekly' },
    });
    expect(undoTargets(run(undone, other).journal, isUndoable).redo).toBeNull();
  });
});

describe('fields carry the version they were based on', () => {
  const set = (n: number, field: string, value: unknown, base: number) =>
    makeCommand({
      id: uid(n),
      type: 'bike.set',
      kind: 'bike',
      entityId: id.bike,
      madeAt: '2030-01-01T09:00:00.000Z',
      after: null,
      payload: { set: { [field]: value } },
      base: { [field]: base },
    });
  const { state: before, command } = upTo('bike.set');
  const state = run(before, command);

  it('two edits of two fields both stand', () => {
    const both = run(run(state, set(4000, 'year', 1968, 0)), set(4001, 'cooling', 'air', 0));
    expect(both.rows.bike.get(id.bike)).toMatchObject({ year: 1968, cooling: 'air' });
  });

  it('a second edit of one field is refused with both values, unless they agree', () => {
    const first = run(state, set(4002, 'year', 1968, 0));
    expect(refusal(first, set(4003, 'year', 1970, 0))).toMatchObject({
      code: 'conflict',
      fields: [{ field: 'year', theirs: 1968, yours: 1970 }],
    });
    expect(refusal(first, set(4004, 'year', 1968, 0))).toBeNull();
    expect(refusal(first, set(4005, 'year', 1970, 1))).toBeNull();
  });

  it('an unknown field or row is refused', () => {
    expect(refusal(state, set(4006, 'smell', 'of fuel', 0))?.code).toBe('unknown');
    expect(refusal(emptyState(), set(4007, 'year', 1968, 0))?.code).toBe('missing');
  });
});

describe('rules of the work', () => {
  it('torque stages come in order and only a finished group is signed', () => {
    const { state, rest, command } = upTo('torque.plan');
    const planned = run(state, command);
    const [first, second, sign] = rest;
    expect(refusal(planned, second)?.message).toMatch(/Stage 1 comes first/);
    expect(refusal(run(planned, first), sign)?.message).toMatch(/Stage 2 is not done/);
    expect(refusal(run(run(run(planned, first), second), sign), first)?.code).toBe('exists');
  });

  it('no more fasteners go back than came off', () => {
    const { state, command } = upTo('step.refit');
    expect(refusal(state, { ...command, payload: { jobId: id.job, counts: { [id.fastener]: 5 } } })?.message).toMatch(/only 4 came off/);
  });

  it('a part that is ordered stays on the list', () => {
    const { state, command } = upTo('part.set');
    const ordered = run(state, command);
    const remove = makeCommand({
      id: uid(5004),
      type: 'part.remove',
      kind: 'part',
      entityId: id.part,
      madeAt: command.madeAt,
      after: null,
      payload: { jobId: id.job },
    });
    expect(refusal(ordered, remove)).toMatchObject({ code: 'not yet', message: 'Condenser is ordered already, so it stays on the list.' });
    expect(refusal(state, remove)).toBeNull();
  });

  it('a bike with something provisional that may not leave is not handed over', () => {
    const { state, command } = upTo('provisional.end');
    const handOver = script().find((c) => c.type === 'job.handOver')!;
    expect(refusal(state, handOver)?.message).toMatch(/may not leave: Tie on the panel/);
    expect(refusal(run(state, command), handOver)).toBeNull();
  });

  it('a job that is handed over takes nothing more until that is undone', () => {
    const all = script().reduce(run, emptyState());
    const more = makeCommand({
      id: uid(5000),
      type: 'watch.add',
      kind: 'watch',
      entityId: uid(5001),
      madeAt: '2030-01-01T09:00:00.000Z',
      after: null,
      payload: { jobId: id.job, what: 'x', due: 'y' },
    });
    expect(refusal(all, more)?.code).toBe('closed');
    expect(refusal(run(all, takeBack('undo', 5002, all.journal.find((e) => e.type === 'job.handOver')!.id)), more)).toBeNull();
  });

  it('a wait needs a time', () => {
    const { state, command } = upTo('wait.start');
    expect(refusal(state, { ...command, payload: { ...(command.payload as object), until: null } })?.code).toBe('not yet');
  });

  it('an id that is taken is refused', () => {
    const { state, command } = upTo('watch.add');
    expect(refusal(run(state, command), { ...command, id: uid(5003) })?.code).toBe('exists');
  });
});
