import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { CaseMaker } from '../../../test/fixtures/case';
import { shipped } from '../../../test/fixtures/knowledge';
import { fitnessActs, type Overrule, type Piece, type Provisional, type Wait } from '../state';
import { fitnessOf, reachOf, type FitnessRows } from '.';

const may = (c: FitnessRows) => {
  const f = fitnessOf(shipped, c);
  return fitnessActs.filter((a) => f[a].may);
};
const rides = { 'noise-top': 'present' } as const;
const made = () => new CaseMaker(rides, { starting: 'both' });
const row = { jobId: 'job', versions: {} };

describe('fitness', () => {
  it('of a bike that rides in with a tick: everything but handing over', () => {
    expect(may(made().c)).toEqual(['turn', 'crank', 'run', 'ride']);
  });

  it('riding implies running implies cranking, whatever was found', () => {
    const results = shipped.tests.flatMap((t) => t.outcomes.map((o) => [t.id, o.id, t.per] as const));
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...results), { maxLength: 6 }), (taken) => {
        const m = made();
        for (const [test, outcome, per] of taken) m.test(test, outcome, { position: per ? '1' : null });
        const f = fitnessOf(shipped, m.c);
        for (const [i, act] of fitnessActs.entries())
          if (f[act].may) for (const before of fitnessActs.slice(0, i)) expect(f[before].may, `${act} but not ${before}`).toBe(true);
      }),
      { numRuns: 60 },
    );
  });

  it('metal shuts running until it is looked at again and is clean, or what sheds it is repaired', () => {
    const m = made().test('oil-magnet', 'metal');
    expect(may(m.c)).toEqual(['turn', 'crank']);
    const [reason] = fitnessOf(shipped, m.c).run.reasons;
    expect(reason).toMatchObject({ act: 'run', because: 'There is metal in the oil' });
    expect(reason.tests).toContain('oil-magnet');
    expect(may(made().test('oil-magnet', 'metal').test('oil-magnet', 'clean').c)).toContain('run');
    expect(may(made().test('oil-magnet', 'metal').repair('big-end-worn').retest('gone').c)).toContain('run');
    // A repair that cannot have shed it lifts nothing.
    expect(may(made().test('oil-magnet', 'metal').repair('tappet-loose', '1').retest('gone').c)).not.toContain('run');
  });

  it('a complaint that stops something is lifted by what it names', () => {
    const lamp = () => new CaseMaker({ 'oil-light-on': 'present' });
    expect(may(lamp().c)).toEqual(['turn', 'crank']);
    expect(may(lamp().test('oil-gauge', 'good').c)).toContain('run');
    expect(may(lamp().test('light-wire', 'stays').c)).toContain('run');
    expect(may(lamp().test('oil-gauge', 'oil-pressure-none').c)).not.toContain('run');
  });

  it('an engine that stood is turned by hand and its oil seen before it is cranked; a two-stroke has no oil to see', () => {
    const stood = (strokes: 'two' | 'four') => new CaseMaker(rides, { strokes }, { standingMonths: 24 });
    expect(may(stood('four').c)).toEqual(['turn']);
    expect(may(stood('four').test('turn-by-hand', 'free').c)).toEqual(['turn']);
    expect(may(stood('four').test('turn-by-hand', 'free').test('oil-check', 'right').c)).toContain('crank');
    expect(may(stood('two').test('turn-by-hand', 'free').c)).toContain('crank');
  });

  it('what is off, drained, not torqued, temporary or waiting shuts what it says', () => {
    const provisional = (p: Partial<Provisional>): Provisional => ({
      ...row,
      id: 'p',
      what: 'Tie',
      why: 'w',
      until: null,
      untilOn: null,
      mayRun: true,
      mayRide: true,
      mayLeave: true,
      endedAt: null,
      ...p,
    });
    const wait = (kind: Wait['kind']): Wait => ({
      ...row,
      id: 'w',
      kind,
      what: 'x',
      until: null,
      lookAgain: '2030-01-02T00:00:00.000Z',
      endedAt: null,
    });
    const off = (access: string) => made().step({ access }).c;
    expect(may(off('head'))).toEqual(['turn']);
    expect(may(off('tensioner'))).toEqual([]);
    expect(may(off('tank'))).toContain('run');
    expect(may(off('tank'))).not.toContain('ride');
    expect(may(off('oil-drained'))).toEqual(['turn']);
    expect(may(off('fuel-drained'))).toContain('ride');
    expect(may({ ...made().c, provisionals: [provisional({ mayRun: false })] })).not.toContain('run');
    expect(may({ ...made().c, provisionals: [provisional({ mayRide: false })] })).toContain('run');
    expect(may({ ...made().c, waits: [wait('curing')] })).not.toContain('run');
    expect(may({ ...made().c, waits: [wait('part')] })).toContain('ride');
    const torque = {
      ...row,
      id: 't',
      name: 'Head nuts',
      thread: null,
      count: 4,
      figureNm: 20,
      unit: 'N·m' as const,
      entered: '20',
      source: 'book',
    };
    const stage = (doneAt: string | null) => ({ ...row, id: 's', torqueId: 't', n: 1, kind: 'torque' as const, value: 20, doneAt });
    expect(may({ ...made().c, torques: [torque], stages: [stage(null)] })).not.toContain('run');
    const signed = { ...row, id: 'g', kind: 'torque' as const, subjectId: 't', signedBy: 'Ines', signedAt: '', supersedes: null };
    expect(may({ ...made().c, torques: [torque], stages: [stage('2030')] })).not.toContain('run');
    expect(may({ ...made().c, torques: [torque], stages: [stage('2030')], signatures: [signed] })).toContain('run');
  });

  it('brakes that could not be tried for want of a tool are as unproved as brakes that nobody looked at', () => {
    const stood = () =>
      new CaseMaker(rides, { starting: 'both' }, { standingMonths: 12 }).test('turn-by-hand', 'free').test('oil-check', 'right');
    const codes = (c: FitnessRows) => fitnessOf(shipped, c).ride.reasons.map((r) => r.code);
    expect(codes(stood().c)).toContain('brakes:stood');
    expect(codes(stood().test('brake-lever-feel', 'could-not:no-tool').c)).toContain('brakes:stood');
    expect(codes(stood().test('brake-lever-feel', 'good').c)).not.toContain('brakes:stood');
  });

  it('brakes cannot be put away: not ridden, and not handed over as not applicable', () => {
    expect(may(new CaseMaker({ 'brakes-bad': 'present' }).c)).toEqual(['turn', 'crank', 'run']);
    const away = { ...row, id: 'k', list: 'road-test', item: 'brakes', state: 'notNeeded' as const, note: null };
    expect(fitnessOf(shipped, { ...made().c, checks: [away] }).handOver.reasons.map((r) => r.code)).toContain('check:brakes');
  });

  it('a person overrules what there was, not what comes after, and only as far as they said', () => {
    const m = made().test('oil-magnet', 'metal');
    const [{ code }] = fitnessOf(shipped, m.c).run.reasons;
    const over: Overrule = { ...row, id: 'o', act: 'run', reason: 'one minute', codes: [code], saidBy: 'Ines', madeAt: '', endedAt: null };
    const f = fitnessOf(shipped, { ...m.c, overrules: [over] });
    expect(f.run.may).toBe(true);
    expect(f.run.overruled[0].by.saidBy).toBe('Ines');
    expect(f.ride.may).toBe(false);
    m.test('oil-gauge', 'oil-pressure-none');
    expect(fitnessOf(shipped, { ...m.c, overrules: [over] }).run.may).toBe(false);
    expect(fitnessOf(shipped, { ...m.c, overrules: [{ ...over, endedAt: '2030' }] }).run.may).toBe(false);
  });

  it('bought days ago with hidden damage: stop, keep the evidence', () => {
    expect(fitnessOf(shipped, made().test('bought-ask', 'days').c).advice).toEqual([]);
    expect(fitnessOf(shipped, made().test('bought-ask', 'days').test('crash-signs', 'frame').c).advice[0]).toMatch(/keep the evidence/);
  });

  it('every reason says what lifts it, and every stop of the knowledge can be lifted by a test or a repair', () => {
    for (const kind of shipped.findings.filter((f) => f.stops)) {
      const looks = shipped.tests.some((t) => t.outcomes.some((o) => kind.id in o.find));
      const lifted = (kind.stops!.liftedBy ?? []).length > 0;
      const caused = shipped.faults.some((f) => kind.id in f.causes);
      expect(looks || lifted || caused, kind.id).toBe(true);
      expect(kind.stops!.because).not.toMatch(/\.$/);
      expect(reachOf(kind.stops!.act)).toBeLessThan(4);
    }
  });
});

describe('a piece that is not accounted for', () => {
  const piece = (patch: Partial<Piece> = {}): Piece => ({
    ...row,
    id: 'p',
    stepId: null,
    name: 'Rocker tang',
    went: 'broke off',
    note: null,
    outcome: null,
    proof: null,
    settledBy: null,
    madeAt: '2030-01-01T08:00:00.000Z',
    settledAt: null,
    ...patch,
  });
  const with_ = (pieces: Piece[], overrules: Overrule[] = []): FitnessRows => ({ ...made().c, pieces, overrules });

  it('shuts everything, turning by hand first (common practice), and says what it is', () => {
    expect(may(with_([piece()]))).toEqual([]);
    expect(fitnessOf(shipped, with_([piece()])).turn.reasons[0]).toMatchObject({
      code: 'piece:p',
      because: 'Rocker tang broke off and is not found',
      lift: 'Find it, or prove that it is not inside',
      view: 'strip',
    });
    expect(fitnessOf(shipped, with_([piece({ went: 'missing', name: 'Dowel' })])).turn.reasons[0].because).toBe(
      'Dowel is missing and not accounted for',
    );
  });

  it('left over is the same from the other side: something went together without it (common practice)', () => {
    const over = piece({ went: 'left over', name: 'Shim washer' });
    expect(may(with_([over]))).toEqual([]);
    expect(fitnessOf(shipped, with_([over])).turn.reasons[0]).toMatchObject({
      because: 'Shim washer is left over: its place is not known',
      lift: 'Find its place, or say why it has none',
    });
    const spare = {
      outcome: 'spare',
      proof: 'the set had one too many',
      settledBy: 'Ines',
      settledAt: '2030-01-02T08:00:00.000Z',
    } as const;
    expect(may(with_([piece({ ...over, ...spare })]))).toContain('run');
  });

  it('is lifted by finding it or by proof, each piece by itself', () => {
    const found = { outcome: 'found', proof: 'in the screen', settledBy: 'Ines', settledAt: '2030-01-02T08:00:00.000Z' } as const;
    expect(may(with_([piece(found)]))).toContain('run');
    expect(may(with_([piece({ ...found, outcome: 'not inside' })]))).toContain('run');
    expect(may(with_([piece(found), piece({ id: 'q' })]))).toEqual([]);
  });
});
