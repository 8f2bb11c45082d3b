import { describe, expect, it } from 'vitest';
import { CaseMaker } from '../../../test/fixtures/case';
import { shipped } from '../../../test/fixtures/knowledge';
import { after } from '../../../test/fixtures/state';
import type { Fault, FindingKind, Knowledge, Test } from '../knowledge';
import { Epochs, lastRepairId } from '../repairs';
import { list, type Complaint } from '../state';
import { fitnessOf, fitnessRowsOf, type FitnessRows } from '.';
import { lastSeen } from './seen';

// A small knowledge of its own, so that each rule stands alone: a plain sign, a graded one by cylinder, and a complaint that two
// signs lift together, or a third alone.
const stops = (act: 'crank' | 'run', because: string, more = {}) => ({ act, because, lift: `Mend ${because}`, ...more });
const findings = [
  { id: 'leak', name: 'Leak', leak: 0.01, stops: stops('run', 'it leaks') },
  {
    id: 'play',
    name: 'Play',
    leak: 0.01,
    grades: ['none', 'some', 'much'],
    per: 'cylinder',
    stops: stops('crank', 'it has play', { from: 'much' }),
  },
  { id: 'quiet', name: 'Quiet', leak: 0.01 },
  {
    id: 'lamp',
    name: 'Lamp on',
    leak: 0.01,
    symptom: { family: 'oil' },
    stops: stops('run', 'the lamp is on', { liftedBy: [{ leak: 'no', quiet: 'no' }, { lies: 'yes' }] }),
  },
  { id: 'lies', name: 'Lamp lies', leak: 0.01 },
  { id: 'rattle', name: 'Rattle', leak: 0.01, symptom: { family: 'noise' } },
] as unknown as FindingKind[];
const test = (id: string, outcomes: object[], more = {}) => ({ id, name: id, outcomes, ...more }) as unknown as Test;
const tests = [
  test('leak-look', [
    { id: 'dry', find: { leak: 'no' }, normal: true },
    { id: 'wet', find: { leak: 'yes' } },
  ]),
  test(
    'play-feel',
    [
      { id: 'good', find: { play: 'none' }, normal: true },
      { id: 'some', find: { play: 'some' } },
      { id: 'at-least-some', find: { play: 'some|much' } },
      { id: 'much', find: { play: 'much' } },
    ],
    { couldNot: [{ id: 'locked', find: { play: 'much' } }, { id: 'hot' }] },
  ),
  test('quiet-listen', [
    { id: 'no', find: { quiet: 'no' }, normal: true },
    { id: 'yes', find: { quiet: 'yes', leak: 'no' } },
  ]),
  test('lamp-test', [
    { id: 'true', find: { lies: 'no' }, normal: true },
    { id: 'lies', find: { lies: 'yes' } },
  ]),
  test('old-look', [{ id: 'wet', find: { leak: 'yes' } }], { retired: true }),
];
const faults = [
  { ...shipped.faults[0], id: 'seal', system: 'fuel', stops: undefined, causes: { leak: 0.9 } },
  { ...shipped.faults[0], id: 'bush', system: 'mechanical', stops: undefined, causes: { play: 0.9 } },
] as unknown as Fault[];
const k: Knowledge = { ...shipped, findings, tests, faults, checklists: [], access: [] };
const made = (symptoms: Record<string, 'present' | 'absent'> = { rattle: 'present' }) => new CaseMaker(symptoms, { starting: 'both' });
const shut = (c: FitnessRows) => fitnessOf(k, c).ride.reasons.map((r) => `${r.code} shuts ${r.act}`);

describe('what was seen last', () => {
  it('shuts, until it is seen otherwise', () => {
    expect(shut(made().test('leak-look', 'wet').c)).toEqual(['seen:leak shuts run']);
    expect(shut(made().test('leak-look', 'dry').c)).toEqual([]);
    expect(shut(made().test('leak-look', 'wet').test('leak-look', 'dry').c)).toEqual([]);
    expect(shut(made().test('leak-look', 'dry').test('leak-look', 'wet').c)).toEqual(['seen:leak shuts run']);
    // Another test that tells of the same counts as well; what shuts nothing is no reason.
    expect(shut(made().test('leak-look', 'wet').test('quiet-listen', 'yes').c)).toEqual([]);
    expect(shut(made().test('leak-look', 'nothing such').test('not-there', 'wet').c)).toEqual([]);
  });
  it('goes by when it was looked at, then by its id, whatever order the rows are in', () => {
    const c = made().test('leak-look', 'wet').test('leak-look', 'dry').c;
    const [wet, dry] = c.evidence;
    const of = (...evidence: typeof c.evidence) => shut({ ...c, evidence });
    expect(of(dry, wet)).toEqual([]);
    expect(of({ ...wet, takenAt: '2031' }, dry)).toEqual(['seen:leak shuts run']);
    expect(of(dry, { ...wet, takenAt: '2031' })).toEqual(['seen:leak shuts run']);
    const same = { takenAt: dry.takenAt };
    expect(of({ ...wet, ...same, id: 'b' }, { ...dry, ...same, id: 'a' })).toEqual(['seen:leak shuts run']);
    expect(of({ ...dry, ...same, id: 'a' }, { ...wet, ...same, id: 'b' })).toEqual(['seen:leak shuts run']);
    expect(of({ ...wet, ...same, id: 'a' }, { ...dry, ...same, id: 'b' })).toEqual([]);
    expect(of({ ...dry, ...same, id: 'b' }, { ...wet, ...same, id: 'a' })).toEqual([]);
  });
  it('is nothing where it was withdrawn', () =>
    expect(shut(made().test('leak-look', 'wet', { withdrawn: { at: '2030', why: 'slip' } as never }).c)).toEqual([]));
  it('stands at its cylinder, from the grade that shuts', () => {
    expect(shut(made().test('play-feel', 'much', { position: '1' }).c)).toEqual(['seen:play#1 shuts crank']);
    expect(shut(made().test('play-feel', 'some', { position: '1' }).c)).toEqual([]);
    // Of several grades that are left, the least that it can be.
    expect(shut(made().test('play-feel', 'at-least-some', { position: '1' }).c)).toEqual([]);
    const both = made().test('play-feel', 'much', { position: '1' }).test('play-feel', 'good', { position: '2' });
    expect(shut(both.c)).toEqual(['seen:play#1 shuts crank']);
    expect(shut(both.test('play-feel', 'much', { position: '2' }).c)).toEqual(['seen:play#1 shuts crank', 'seen:play#2 shuts crank']);
    // A place on a finding that is not by cylinder is no place.
    expect(shut(made().test('leak-look', 'wet', { position: '2' }).test('leak-look', 'dry').c)).toEqual([]);
  });
  it('intermittent is as bad as its worst; what could not be tried says what stood in its way', () => {
    expect(shut(made().test('leak-look', 'comes-and-goes').c)).toEqual(['seen:leak shuts run']);
    expect(shut(made().test('play-feel', 'comes-and-goes', { position: '1' }).c)).toEqual(['seen:play#1 shuts crank']);
    expect(shut(made().test('play-feel', 'could-not:locked', { position: '1' }).c)).toEqual(['seen:play#1 shuts crank']);
    expect(shut(made().test('play-feel', 'could-not:hot', { position: '1' }).c)).toEqual([]);
    expect(shut(made().test('leak-look', 'could-not:locked').c)).toEqual([]);
    expect(shut(made().test('lamp-test', 'comes-and-goes').c)).toEqual([]);
  });
  it('is looked at anew after a repair that bears on it, and only then', () => {
    expect(shut(made().test('leak-look', 'wet').repair('seal').retest('gone').c)).toEqual([]);
    expect(shut(made().test('leak-look', 'wet').repair('bush').retest('gone').c)).toEqual(['seen:leak shuts run']);
    expect(shut(made().test('leak-look', 'wet').repair('seal').retest('gone').test('leak-look', 'wet').c)).toEqual(['seen:leak shuts run']);
  });
  it('says why, what lifts it, which tests tell of it and which faults bring it', () => {
    const [r] = fitnessOf(k, made().test('play-feel', 'much', { position: '1' }).c).ride.reasons;
    expect(r).toEqual({
      code: 'seen:play#1',
      act: 'crank',
      because: 'it has play (cylinder 1)',
      lift: 'Mend it has play',
      view: 'trace',
      tests: ['play-feel'],
      faults: ['bush'],
    });
    const [leak] = fitnessOf(k, made().test('leak-look', 'wet').c).ride.reasons;
    expect(leak).toMatchObject({ code: 'seen:leak', because: 'it leaks', tests: ['leak-look', 'quiet-listen'], faults: ['seal'] });
  });
  it('is kept by finding and place', () => {
    const c = made().test('play-feel', 'at-least-some', { position: '1' }).test('quiet-listen', 'no').c;
    const seen = lastSeen(k, c, new Epochs(k, c.repairs), lastRepairId(c.repairs));
    expect([...seen].map(([id, s]) => [id, s.position, s.grade])).toEqual([
      ['play#1', '1', 'some'],
      ['quiet#', null, 'no'],
    ]);
  });
});

describe('a complaint that shuts', () => {
  const lamp = () => made({ lamp: 'present' });
  it('shuts while it is open, with the tests that lift it', () => {
    expect(shut(lamp().c)).toEqual(['seen:lamp shuts run']);
    expect(fitnessOf(k, lamp().c).ride.reasons[0]).toMatchObject({
      because: 'the lamp is on',
      tests: ['leak-look', 'quiet-listen', 'lamp-test'],
      faults: [],
    });
    expect(shut(made({ lamp: 'absent', rattle: 'present' }).c)).toEqual([]);
  });
  it('is lifted by all of one way, not by half of it', () => {
    expect(shut(lamp().test('leak-look', 'dry').c)).toEqual(['seen:lamp shuts run']);
    expect(shut(lamp().test('leak-look', 'dry').test('quiet-listen', 'no').c)).toEqual([]);
    expect(shut(lamp().test('lamp-test', 'lies').c)).toEqual([]);
    expect(shut(lamp().test('lamp-test', 'true').c)).toEqual(['seen:lamp shuts run']);
    expect(shut(lamp().test('leak-look', 'wet').test('quiet-listen', 'no').c)).toEqual(['seen:leak shuts run', 'seen:lamp shuts run']);
  });
  it('counts while no other has taken its place', () => {
    const c = lamp().c;
    const as = (state: Complaint['state'], next: Partial<Complaint>[] = []) => ({
      ...c,
      complaints: [{ ...c.complaints[0], state }, ...next.map((n) => ({ ...c.complaints[0], id: 'c9', symptoms: {}, ...n }))],
    });
    expect(shut(as('gone'))).toEqual([]);
    expect(shut(as('changed'))).toEqual(['seen:lamp shuts run']);
    expect(shut(as('changed', [{ linkedTo: 'c0' }]))).toEqual([]);
    expect(shut(as('changed', [{ linkedTo: 'other' }]))).toEqual(['seen:lamp shuts run']);
    expect(shut(as('gone', [{ linkedTo: null }]))).toEqual([]);
  });
});

describe('the rows of one job', () => {
  it('are its own, of every kind, and of no other', () => {
    const state = after();
    const [job] = list(state, 'job');
    const rows = fitnessRowsOf(state, job.id);
    expect([rows.job.id, rows.bike.id]).toEqual([job.id, job.bikeId]);
    const kinds = {
      complaints: 'complaint',
      evidence: 'evidence',
      repairs: 'repair',
      retests: 'retest',
      findings: 'finding',
      causes: 'cause',
      steps: 'step',
      fasteners: 'fastener',
      torques: 'torque',
      stages: 'torqueStage',
      signatures: 'signature',
      parts: 'part',
      checks: 'checkmark',
      provisionals: 'provisional',
      waits: 'wait',
      overrules: 'overrule',
    } as const;
    let some = 0;
    for (const [name, kind] of Object.entries(kinds)) {
      const own = (list(state, kind) as { jobId: string }[]).filter((r) => r.jobId === job.id);
      expect(rows[name as keyof typeof kinds], name).toEqual(own);
      if (own.length) some++;
    }
    expect(some).toBeGreaterThan(8);
    const other = { ...job, id: 'other' };
    const two = { ...state, rows: { ...state.rows, job: new Map([...state.rows.job, ['other', other]]) } } as typeof state;
    expect(fitnessRowsOf(two, 'other').evidence).toEqual([]);
    expect(() => fitnessRowsOf(state, 'nothing')).toThrow('job nothing is not in this state');
    const lost = { ...state, rows: { ...state.rows, bike: new Map() } } as typeof state;
    expect(() => fitnessRowsOf(lost, job.id)).toThrow(/is not in this state/);
  });
});
