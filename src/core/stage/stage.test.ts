import { describe, expect, it } from 'vitest';
import { id, uid } from '../../../test/fixtures/commands';
import { shipped } from '../../../test/fixtures/knowledge';
import { after, run } from '../../../test/fixtures/state';
import { makeCommand } from '../command';
import { list, type TableName } from '../state';
import { buildModel, caseOf, rank } from '../trace';
import { checklist, dueAt, firstLook, gatesNow, nextOf, spineOf, stages, untested } from '.';

const now = '2030-01-10T08:00:00.000Z';
let n = 8000;
const command = (type: string, kind: TableName, payload: object, entity = uid(n++)) =>
  makeCommand({ id: uid(n++), type, kind, entityId: entity, madeAt: now, after: null, payload: { jobId: id.job, ...payload } });
const line = (state: ReturnType<typeof after>, stage: string) => spineOf(state, shipped, id.job, 3).find((l) => l.id === stage)!;
const next = (state: ReturnType<typeof after>) => nextOf(state, shipped, id.job, rank(buildModel(shipped, caseOf(state, id.job))), now);

describe('the spine', () => {
  it('has the trade’s stages in the trade’s order', () => {
    expect(stages.map((s) => s.name)).toEqual([
      'Book in',
      'First look',
      'Trace',
      'Strip',
      'Measure',
      'Decide',
      'Parts',
      'Rebuild',
      'First start',
      'Tune',
      'Hand over',
    ]);
  });

  it('of a bike just booked in: much not known, all of the first look, one complaint', () => {
    const state = after('bike.bookIn');
    expect(line(state, 'book-in')).toMatchObject({ state: 'open', open: '7 not known' });
    expect(line(state, 'look').open).toBe('25 to look at');
    expect(line(state, 'trace').open).toBe('3 likely');
    expect(line(state, 'strip')).toMatchObject({ state: 'untouched', open: '' });
  });

  it('counts bags out and fasteners off, and is clear once they are back', () => {
    const off = after('step.add');
    expect(line(off, 'strip').open).toBe('1 bag out');
    expect(line(off, 'rebuild').open).toBe('6 fasteners off');
    const back = after('step.refit');
    expect(line(back, 'strip')).toMatchObject({ state: 'clear', open: '' });
  });

  it('counts parts awaited and torques not signed', () => {
    expect(line(after('part.set'), 'parts').open).toBe('1 due');
    expect(line(after('torque.plan'), 'rebuild').open).toBe('1 to sign');
    expect(line(after('signature.sign'), 'rebuild').state).toBe('clear');
  });

  it('tells a repair that was not retested, and a complaint that is gone but not explained', () => {
    expect(line(after('repair.log'), 'trace').open).toBe('retest');
    expect(untested(caseOf(after('repair.log'), id.job))!.id).toBe(id.repair);
    const gone = run(
      after('repair.log'),
      command('retest.log', 'retest', {
        complaintId: id.complaint,
        repairId: id.repair,
        result: 'gone',
        conditions: {},
        note: null,
        changed: null,
      }),
    );
    expect(line(gone, 'decide').open).toBe('1 unexplained');
  });

  it('shows what is provisional at hand over, and nothing once it is gone', () => {
    expect(line(after('provisional.add'), 'handover').open).toBe('1 temporary');
    expect(line(after(), 'handover')).toMatchObject({ state: 'clear', open: '' });
  });
});

describe('first look', () => {
  it('asks for each plug of the bike, and leaves out the battery where there is no starter', () => {
    const c = caseOf(after('job.set'), id.job);
    const kick = firstLook(shipped, { ...c, bike: { ...c.bike, starting: 'kick' } });
    const ids = kick.map((l) => `${l.test.id} ${l.position ?? ''}`.trim());
    expect(ids.slice(0, 2)).toEqual(['turn-by-hand', 'oil-check']);
    expect(ids).toEqual(expect.arrayContaining(['read-plug 1', 'read-plug 2', 'tyres-look', 'levers-cables', 'crash-signs', 'bought-ask']));
    const none = { ...c, bike: { ...c.bike, traits: { battery: 'none' } } };
    expect(firstLook(shipped, none).some((l) => l.test.id === 'battery-rest')).toBe(false);
  });

  it('fits the bike and its story: no coolant on air cooling, no nests in what was ridden in', () => {
    const c = caseOf(after('job.set'), id.job);
    const ids = (patch: object, job: object = {}) =>
      firstLook(shipped, { ...c, bike: { ...c.bike, ...patch }, job: { ...c.job, ...job } }).map((l) => l.test.id);
    expect(ids({ cooling: 'air' })).not.toContain('coolant-level');
    expect(ids({ cooling: 'liquid' })).toContain('coolant-level');
    expect(ids({ strokes: 'two' })).not.toContain('oil-magnet');
    expect(ids({}, { standingMonths: 0 })).not.toContain('wires-gnawed');
    expect(ids({}, { standingMonths: 12 })).toContain('wires-gnawed');
    expect(firstLook(shipped, { ...c, bike: { ...c.bike, starting: 'electric' } }).some((l) => l.test.id === 'battery-rest')).toBe(true);
  });

  it('a stuck engine shuts one gate, which says it all', () => {
    const stuck = run(
      after('job.set'),
      command('evidence.add', 'evidence', {
        testId: 'turn-by-hand',
        position: null,
        outcome: 'stuck',
        reading: null,
        predictionId: null,
        held: null,
        conditions: {},
        note: null,
        afterRepairId: null,
        knowledgeHash: 'h',
        shown: null,
      }),
    );
    expect(gatesNow(shipped, caseOf(stuck, id.job)).map((g) => g.id)).toEqual(['turns']);
    // It stood: nothing cranks it before it was turned by hand and its oil was seen.
    expect(gatesNow(shipped, caseOf(after('job.set'), id.job)).map((g) => g.id)).toEqual(['unseen:turn', 'unseen:oil']);
  });
});

describe('next', () => {
  it('is the first look, before anything is spun', () => {
    expect(next(after('job.set')).act).toMatchObject({ stage: 'look', words: 'Turn the engine by hand' });
  });

  it('after a repair it is the retest', () => {
    expect(next(after('repair.log')).act).toMatchObject({
      stage: 'trace',
      words: expect.stringContaining('Retest') as string,
    });
  });

  it('a wait holds what it holds, and is told with its time', () => {
    const waiting = run(
      after('job.set'),
      command('wait.start', 'wait', {
        kind: 'soaking',
        what: 'Penetrant',
        until: '2030-01-20T08:00:00.000Z',
        lookAgain: '2030-01-12T08:00:00.000Z',
      }),
    );
    const r = next(waiting);
    expect(r.act).toBeNull();
    expect(r.waiting.map(dueAt)).toEqual(['2030-01-12T08:00:00.000Z']);
  });

  it('a wait for a part leaves the trace free', () => {
    const waiting = run(
      after('job.set'),
      command('wait.start', 'wait', { kind: 'part', what: 'Gasket', until: '2030-01-20T08:00:00.000Z', lookAgain: null }),
    );
    expect(next(waiting).act?.stage).toBe('look');
  });

  it('a wait whose time has come asks for someone', () => {
    const due = run(
      after('job.set'),
      command('wait.start', 'wait', { kind: 'soaking', what: 'Penetrant', until: '2030-01-09T08:00:00.000Z', lookAgain: null }),
    );
    expect(next(due)).toMatchObject({ act: { stage: 'trace', words: 'Check: Penetrant' }, waiting: [] });
  });

  it('tells the first thing that may not be done, and why', () => {
    expect(next(after('job.set')).against).toEqual({ act: 'crank', because: 'It stood, and nobody has turned it by hand' });
    expect(next(after('bike.bookIn')).against).toBeNull();
  });

  it('offers neither tuning nor the hand-over while something stands against them, but what lifts it', () => {
    const cured = list(after('repair.log'), 'complaint').reduce(
      (s, x) =>
        run(s, {
          ...command('complaint.set', 'complaint', { set: { state: 'gone', explained: true } }, x.id),
          base: { state: 0, explained: 0, ...x.versions },
        }),
      after('repair.log'),
    );
    const tick = (s: typeof cured, listId: string) =>
      shipped.checklists
        .find((l) => l.id === listId)!
        .items.reduce((t, i) => run(t, command('check.mark', 'checkmark', { list: listId, item: i.id, state: 'done', note: null })), s);
    // It stood: what has to be seen before it is cranked comes first.
    const stood = tick(cured, 'first-start');
    expect(next(stood).act).toMatchObject({ stage: 'look', words: 'Look at the oil: level, colour, smell' });
    const started = run(stood, {
      ...command('job.set', 'job', { set: { standingMonths: 0 } }, id.job),
      base: { standingMonths: 1 },
    });
    expect(next(started).act).toMatchObject({ stage: 'tune' });
    const held = {
      what: 'Hose from the shelf',
      why: 'The right one is on order',
      until: null,
      untilOn: null,
      mayRun: false,
      mayRide: false,
      mayLeave: false,
    };
    const temporary = run(started, command('provisional.add', 'provisional', held));
    expect(next(temporary).act).toEqual({
      stage: 'handover',
      words: 'Fix it properly',
      why: 'Temporary repair: Hose from the shelf.',
    });
    const tuned = tick(started, 'tune');
    expect(next(tuned).act).toMatchObject({ stage: 'trace', why: 'Not retested after: Cleaned and set.' });
    const result = { complaintId: id.complaint, repairId: id.repair, result: 'gone', conditions: {}, note: null, changed: null };
    const retested = run(tuned, command('retest.log', 'retest', result));
    expect(next(retested).act?.why).toMatch(/^Not ticked: /);
    expect(next(tick(retested, 'road-test')).act).toMatchObject({ stage: 'handover', words: 'Hand over' });
  });

  it('is nothing after the hand-over', () => {
    expect(next(after()).act).toBeNull();
    expect(next(after()).against).toBeNull();
  });
});

describe('checklists', () => {
  it('carry the marks of this job', () => {
    const items = checklist(after('check.mark'), shipped, id.job, 'first-start');
    expect(items.filter((i) => i.gate)).toHaveLength(7);
    expect(items.find((i) => i.id === 'oil')!.mark).toMatchObject({ state: 'open', note: 'drained again' });
    expect(checklist(after(), shipped, id.job, 'no-such-list')).toEqual([]);
  });
});
