import { describe, expect, it } from 'vitest';
import { CaseMaker } from '../../../test/fixtures/case';
import { shipped } from '../../../test/fixtures/knowledge';
import type { Cause, Fastener, Part, Provisional, Torque, TorqueStage, Wait } from '../state';
import { fitnessOf, type FitnessRows, type FitnessReason } from '.';

// Every reason as a mechanic reads it: what it shuts, why, what lifts it, and where.

const row = { jobId: 'job', versions: {} };
const made = (job = {}, bike = {}) => new CaseMaker({ 'noise-top': 'present' }, { starting: 'both', ...bike }, job);
const all = (c: FitnessRows): FitnessReason[] => fitnessOf(shipped, c).handOver.reasons;
const reason = (c: FitnessRows, code: string | RegExp): FitnessReason | undefined =>
  all(c).find((r) => (typeof code === 'string' ? r.code === code : code.test(r.code)));
const told = (c: FitnessRows, code: string | RegExp) => {
  const r = reason(c, code);
  return r && [r.act, r.because, r.lift, r.view];
};

const part = (patch: Partial<Part>): Part =>
  ({ ...row, id: 'p1', findingId: null, faultId: null, name: 'Kit', quantity: 1, status: 'needed', ...patch }) as Part;
const cause = (patch: Partial<Cause>): Cause => ({
  ...row,
  id: 'x1',
  complaintId: 'c0',
  faultId: 'big-end-worn',
  position: null,
  words: 'Big end',
  madeAt: '2030-01-01T08:30:00.000Z',
  ...patch,
});
const wait = (kind: Wait['kind'], patch: Partial<Wait> = {}): Wait => ({
  ...row,
  id: 'w1',
  kind,
  what: 'Bores',
  until: null,
  lookAgain: '2030-01-02T00:00:00.000Z',
  endedAt: null,
  ...patch,
});
const temporary = (patch: Partial<Provisional>): Provisional => ({
  ...row,
  id: 't1',
  what: 'Hose from the shelf',
  why: 'On order',
  until: null,
  untilOn: null,
  mayRun: true,
  mayRide: true,
  mayLeave: true,
  endedAt: null,
  ...patch,
});
const torque: Torque = {
  ...row,
  id: 'q1',
  name: 'Head nuts',
  thread: null,
  count: 4,
  figureNm: 20,
  unit: 'N·m',
  entered: '20',
  source: 'manual',
};
const stage = (n: number, doneAt: string | null): TorqueStage => ({
  ...row,
  id: `s${n}`,
  torqueId: 'q1',
  n,
  kind: 'torque',
  value: 10 * n,
  doneAt,
});

describe('a condemned part', () => {
  it('with a fault shuts what the fault shuts, until it is repaired or looks good again', () => {
    const found = () => made().finding('big-end-worn', 'replace');
    expect(told(found().c, /^part:/)).toEqual([
      'run',
      expect.stringMatching(/: replace, and it is not done$/),
      'Repair it, or look again',
      'trace',
    ]);
    expect(reason(found().c, /^part:/)!.faults).toEqual(['big-end-worn']);
    expect(reason(found().repair('big-end-worn').c, /^part:/)).toBeUndefined();
    expect(reason(found().repair('tappet-loose', '1').c, /^part:/)).toBeDefined();
    expect(reason(found().finding('big-end-worn', 'fit for use').c, /^part:/)).toBeUndefined();
    // What was repaired before it was found does not count.
    expect(reason(made().repair('big-end-worn').finding('big-end-worn', 'replace').c, /^part:/)).toBeDefined();
    for (const verdict of ['fit for use', 'clean', 'watch', 'ask the owner'] as const)
      expect(reason(made().finding('big-end-worn', verdict).c, /^part:/), verdict).toBeUndefined();
  });

  it('without a fault keeps it from being ridden until all of its parts are fitted', () => {
    const c = made().finding('big-end-worn', 'repair').c;
    const [finding] = c.findings;
    c.findings[0] = { ...finding, faultId: null, item: 'Left grip' };
    expect(told(c, /^part:/)).toEqual(['ride', 'Left grip: repair, and it is not done', 'Fit its parts, or look again', 'parts']);
    const own = { findingId: finding.id };
    expect(reason({ ...c, parts: [part({ ...own, status: 'arrived' })] }, /^part:/)).toBeDefined();
    expect(reason({ ...c, parts: [part({ ...own, status: 'fitted' })] }, /^part:/)).toBeUndefined();
    // One too many is not one that is missing; where there is nothing but spares nothing was done.
    const spare = part({ ...own, id: 'p3', status: 'spare' });
    expect(reason({ ...c, parts: [part({ ...own, status: 'fitted' }), spare] }, /^part:/)).toBeUndefined();
    expect(reason({ ...c, parts: [spare] }, /^part:/)).toBeDefined();
    expect(
      reason({ ...c, parts: [part({ ...own, status: 'fitted' }), part({ ...own, id: 'p2', status: 'ordered' })] }, /^part:/),
    ).toBeDefined();
    expect(reason({ ...c, parts: [part({ status: 'fitted' })] }, /^part:/)).toBeDefined();
  });
});

describe('a cause that was named', () => {
  it('shuts what it shuts until its repair is logged', () => {
    const c = made().c;
    expect(told({ ...c, causes: [cause({})] }, 'cause:x1')).toEqual([
      'run',
      'Big end: named as the cause and not repaired',
      'Log the repair',
      'trace',
    ]);
    expect(reason({ ...c, causes: [cause({ faultId: 'mirror' })] }, 'cause:x1')).toBeUndefined();
    expect(reason({ ...c, causes: [cause({ faultId: null })] }, 'cause:x1')).toBeUndefined();
    const repaired = made().repair('big-end-worn').c;
    expect(reason({ ...repaired, causes: [cause({ madeAt: '2030-01-01T08:00:00.000Z' })] }, 'cause:x1')).toBeUndefined();
    expect(reason({ ...repaired, causes: [cause({ madeAt: '2031-01-01T08:00:00.000Z' })] }, 'cause:x1')).toBeDefined();
    const named = { ...repaired, repairs: repaired.repairs.map((r) => ({ ...r, faultId: null, causeId: 'x1' })) };
    expect(reason({ ...named, causes: [cause({ madeAt: '2031-01-01T08:00:00.000Z' })] }, 'cause:x1')).toBeUndefined();
  });
});

describe('what is off', () => {
  const off = (access: string | null, left: number[]): FitnessRows => {
    const c = made().step({ access, title: 'Cover' }).c;
    const fasteners = left.map(
      (n, i): Fastener =>
        ({
          ...row,
          id: `f${i}`,
          stepId: c.steps[0].id,
          count: n + 1,
          refitted: 1,
          size: 'M6',
          place: null,
        }) as Fastener,
    );
    return { ...c, fasteners };
  };
  it('says how many fasteners are out', () => {
    expect(told(off('generator-cover', [2, 1]), /^step:/)).toEqual(['run', 'Cover: not refitted (3 fasteners out)', 'Refit it', 'rebuild']);
    expect(told(off('generator-cover', [1]), /^step:/)![1]).toBe('Cover: not refitted (1 fastener out)');
    expect(told(off('generator-cover', [0]), /^step:/)![1]).toBe('Cover: not refitted');
    expect(reason(off('generator-cover', []), /^step:/)!.access).toBe('generator-cover');
  });
  it('is filled where it was drained, shuts running where nobody said what it is, and is no reason where it shuts nothing', () => {
    expect(told(off('oil-drained', []), /^step:/)).toEqual(['crank', 'Cover: not filled yet', 'Fill it and tick the step', 'rebuild']);
    expect(told(off(null, []), /^step:/)).toEqual(['run', 'Cover: not refitted', 'Refit it', 'rebuild']);
    expect(reason(off(null, []), /^step:/)).not.toHaveProperty('access');
    expect(reason(off('fuel-drained', []), /^step:/)).toBeUndefined();
    const c = off('head', [1]);
    expect(reason({ ...c, steps: c.steps.map((s) => ({ ...s, refittedAt: '2030' })) }, /^step:/)).toBeUndefined();
  });
});

describe('a torque', () => {
  it('is done stage by stage and then signed', () => {
    const c = made().c;
    const with_ = (stages: TorqueStage[], signed = false): FitnessRows => ({
      ...c,
      torques: [torque],
      stages,
      signatures: signed ? [{ ...row, id: 'g', kind: 'torque', subjectId: 'q1', signedBy: 'Ines', signedAt: '', supersedes: null }] : [],
    });
    expect(told(with_([stage(1, '2030'), stage(2, null)]), 'torque:q1')).toEqual([
      'run',
      'Head nuts: 1 of 2 torque stages open',
      'Torque it',
      'rebuild',
    ]);
    expect(told(with_([stage(1, '2030')]), 'torque:q1')).toEqual(['run', 'Head nuts: torque not signed', 'Sign it', 'rebuild']);
    expect(told(with_([stage(1, null)], true), 'torque:q1')![1]).toBe('Head nuts: 1 of 1 torque stage open');
    expect(reason(with_([stage(1, '2030')], true), 'torque:q1')).toBeUndefined();
    // A signature of something else signs nothing.
    const other = with_([stage(1, '2030')], true);
    expect(
      reason({ ...other, signatures: other.signatures!.map((s) => ({ ...s, kind: 'handOver' as const })) }, 'torque:q1'),
    ).toBeDefined();
    expect(reason({ ...other, signatures: other.signatures!.map((s) => ({ ...s, subjectId: 'q2' })) }, 'torque:q1')).toBeDefined();
  });
});

describe('what nobody has seen', () => {
  it('of an engine that stood three months, or in water', () => {
    expect(told(made({ standingMonths: 3 }).c, 'unseen:turn')).toEqual([
      'crank',
      'It stood, and nobody has turned it by hand',
      'Turn it by hand, plugs out',
      'look',
    ]);
    expect(told(made({ standingMonths: 3 }).c, 'unseen:oil')).toEqual([
      'crank',
      'It stood, and nobody has seen the oil',
      'Look at the oil: level, colour, smell',
      'look',
    ]);
    expect(reason(made({ standingMonths: 2 }).c, /^unseen/)).toBeUndefined();
    expect(reason(made({ storage: 'flooded' }).c, 'unseen:turn')).toBeDefined();
    expect(reason(made({ storage: 'damp' }).c, /^unseen/)).toBeUndefined();
    for (const test of ['turn-by-hand', 'compression', 'thumb', 'spark-look'])
      expect(
        reason(
          made({ standingMonths: 9 }).test(test, 'good', { outcome: shipped.tests.find((t) => t.id === test)!.outcomes[0].id }).c,
          'unseen:turn',
        ),
        test,
      ).toBeUndefined();
    for (const test of ['oil-check', 'oil-level-stand', 'oil-magnet', 'oil-colour'])
      expect(
        reason(made({ standingMonths: 9 }).test(test, shipped.tests.find((t) => t.id === test)!.outcomes[0].id).c, 'unseen:oil'),
        test,
      ).toBeUndefined();
    // Withdrawn is not seen.
    const back = made({ standingMonths: 9 }).test('turn-by-hand', 'free', { withdrawn: { at: '2030', why: 'slip' } as never });
    expect(reason(back.c, 'unseen:turn')).toBeDefined();
  });
  it('of a kick-started engine that does not turn', () => {
    const stuck = (starting: 'kick' | 'electric') => new CaseMaker({ 'will-not-turn': 'present' }, { starting }).c;
    expect(told(stuck('kick'), 'unseen:turn')![1]).toBe('It does not turn, and nobody has turned it by hand');
    expect(reason(stuck('electric'), /^unseen/)).toBeUndefined();
    const gone = stuck('kick');
    expect(reason({ ...gone, complaints: gone.complaints.map((p) => ({ ...p, state: 'gone' as const })) }, /^unseen/)).toBeUndefined();
  });
});

describe('brakes', () => {
  it('that were worked on are proved on the road, by the list', () => {
    const c = made().repair('pads-worn').retest('gone').c;
    expect(told(c, 'brakes:worked')).toEqual([
      'ride',
      'The brakes were worked on, and nobody has proved the brakes',
      'Tick the brakes in the road test list',
      'handover',
    ]);
    const tick = (state: 'done' | 'open', item = 'brakes', list = 'road-test') => ({
      ...c,
      checks: [{ ...row, id: 'k', list, item, state, note: null }],
    });
    expect(reason(tick('done'), /^brakes/)).toBeUndefined();
    for (const x of [tick('open'), tick('done', 'lights'), tick('done', 'brakes', 'tune')])
      expect(reason(x, 'brakes:worked')).toBeDefined();
    // A look before the repair proves nothing of it.
    expect(reason(made().test('brake-lever-feel', 'firm').repair('pads-worn').retest('gone').c, 'brakes:worked')).toBeDefined();
  });
  it('that stood, or crashed, are tried before it is ridden', () => {
    expect(told(made({ standingMonths: 6 }).c, 'brakes:stood')).toEqual([
      'ride',
      'It stood, and nobody has proved the brakes',
      'Try levers and brakes in the first look',
      'look',
    ]);
    expect(reason(made({ standingMonths: 5 }).c, /^brakes/)).toBeUndefined();
    expect(told(made({ crash: 'yes' }).c, 'brakes:stood')![1]).toBe('It was crashed, and nobody has proved the brakes');
    expect(reason(made({ crash: 'no' }).c, /^brakes/)).toBeUndefined();
  });
});

describe('lists, waits and temporary repairs', () => {
  it('an engine that was opened is started by the list', () => {
    const c = made().step({ access: 'head', title: 'Head', refittedAt: '2030' }).c;
    const gates = shipped.checklists.find((l) => l.id === 'first-start')!.items.filter((i) => i.gate);
    expect(told(c, 'checks:first-start')).toEqual([
      'run',
      `The engine was opened: ${gates.length} of ${gates.length} checks before the first start are open`,
      'Run the checks',
      'start',
    ]);
    const checks = gates.map((g, i) => ({ ...row, id: `k${i}`, list: 'first-start', item: g.id, state: 'done' as const, note: null }));
    expect(told({ ...c, checks: checks.slice(1) }, 'checks:first-start')![1]).toMatch(/: 1 of \d+ checks/);
    expect(reason({ ...c, checks }, 'checks:first-start')).toBeUndefined();
    expect(reason(made().step({ access: 'tank', title: 'Tank', refittedAt: '2030' }).c, 'checks:first-start')).toBeUndefined();
  });
  it('each item of the road test is ticked before it leaves', () => {
    const [item] = shipped.checklists.find((l) => l.id === 'road-test')!.items.filter((i) => i.id !== 'brakes');
    expect(told(made().c, `check:${item.id}`)).toEqual(['handOver', `Not ticked: ${item.text}`, 'Tick it when it is done', 'handover']);
    const marked = (state: 'done' | 'notNeeded') => ({
      ...made().c,
      checks: [{ ...row, id: 'k', list: 'road-test', item: item.id, state, note: null }],
    });
    for (const state of ['done', 'notNeeded'] as const) expect(reason(marked(state), `check:${item.id}`)).toBeUndefined();
  });
  it('a temporary repair shuts the least that it does not allow', () => {
    const of = (p: Partial<Provisional>) => told({ ...made().c, provisionals: [temporary(p)] }, 'temporary:t1');
    expect(of({ mayRun: false, mayRide: false })).toEqual(['run', 'Temporary repair: Hose from the shelf', 'Fix it properly', 'handover']);
    expect(of({ mayRide: false })![0]).toBe('ride');
    expect(of({ mayLeave: false })![0]).toBe('handOver');
    expect(of({})).toBeUndefined();
    expect(of({ mayRun: false, endedAt: '2030' })).toBeUndefined();
  });
  it.each([
    ['soaking', 'crank', 'Let it soak, then turn it by hand'],
    ['curing', 'run', 'Let it cure as its sheet says'],
    ['cooling', 'run', 'Let it cool right down'],
    ['charging', 'crank', 'Let it charge, then rest it'],
    ['owner', 'handOver', 'Get the owner’s answer'],
  ] as const)('a wait for %s shuts %s', (kind, act, lift) => {
    expect(told({ ...made().c, waits: [wait(kind)] }, 'wait:w1')).toEqual([act, 'On hold: Bores', lift, 'decide']);
    expect(reason({ ...made().c, waits: [wait(kind, { endedAt: '2030' })] }, 'wait:w1')).toBeUndefined();
  });
  it('a battery on charge keeps nobody from kicking; a part that is on its way shuts nothing', () => {
    expect(reason({ ...made({}, { starting: 'kick' }).c, waits: [wait('charging')] }, 'wait:w1')).toBeUndefined();
    expect(reason({ ...made({}, { starting: 'kick' }).c, waits: [wait('soaking')] }, 'wait:w1')).toBeDefined();
    expect(reason({ ...made().c, waits: [wait('part')] }, 'wait:w1')).toBeUndefined();
  });
});

describe('before it leaves', () => {
  it('complaints are cured, repairs retested and parts fitted', () => {
    const c = made().c;
    expect(told(c, 'complaint:c0')).toEqual(['handOver', 'Complaint open: will not start', 'Cure and retest it', 'trace']);
    const turned = (linked: boolean) => ({
      ...c,
      complaints: [
        { ...c.complaints[0], state: 'changed' as const },
        ...(linked ? [{ ...c.complaints[0], id: 'c1', linkedTo: 'c0', state: 'gone' as const }] : []),
      ],
    });
    expect(reason(turned(false), 'complaint:c0')).toBeDefined();
    expect(reason(turned(true), 'complaint:c0')).toBeUndefined();
    const repaired = made().repair('tappet-loose', '1');
    expect(told(repaired.c, /^retest:/)).toEqual(['handOver', 'Not retested after: done', 'Retest the complaint', 'trace']);
    expect(reason(repaired.retest('gone').c, /^retest:/)).toBeUndefined();
    expect(told({ ...c, parts: [part({})] }, 'fit:p1')).toEqual([
      'handOver',
      'Part not fitted: Kit',
      'Fit it, take it off the list, or put it down as spare',
      'parts',
    ]);
    expect(reason({ ...c, parts: [part({ status: 'fitted' })] }, 'fit:p1')).toBeUndefined();
  });
});

describe('the newest look at a part', () => {
  const c = made().finding('big-end-worn', 'replace').finding('big-end-worn', 'fit for use').c;
  const [bad, good] = c.findings;
  const shut = (...findings: typeof c.findings) => all({ ...c, findings }).some((r) => r.code.startsWith('part:'));
  it('counts, whatever order they are in', () => {
    expect(shut(bad, good)).toBe(false);
    expect(shut(good, bad)).toBe(false);
    expect(shut({ ...bad, takenAt: '2031' }, good)).toBe(true);
    expect(shut(good, { ...bad, takenAt: '2031' })).toBe(true);
  });
  it('is that of the same part at the same place', () => {
    const at = (f: typeof bad, position: string | null) => ({ ...f, position });
    expect(shut(at(bad, '1'), at(good, '1'))).toBe(false);
    expect(shut(at(bad, '1'), at(good, '2'))).toBe(true);
    expect(shut(at(bad, null), at(good, '1'))).toBe(true);
    const named = (f: typeof bad, item: string) => ({ ...f, faultId: null, item });
    expect(shut(named(bad, 'Left grip'), named(good, ' left GRIP '))).toBe(false);
    expect(shut(named(bad, 'Left grip'), named(good, 'Right grip'))).toBe(true);
    expect(shut(named(bad, 'part'), good)).toBe(true);
  });
  it('is done by a repair at its place, or of the whole', () => {
    const of = (position: string | null, repaired: string | null) =>
      all(made().finding('big-end-worn', 'replace', position).repair('big-end-worn', repaired).retest('gone').c).some((r) =>
        r.code.startsWith('part:'),
      );
    expect([of('1', '1'), of('1', '2'), of(null, '2'), of('1', null), of(null, null)]).toEqual([false, true, false, true, false]);
  });
  it('of a fault that stops nothing keeps it from leaving', () => {
    expect(told(made().finding('mirror', 'replace').c, /^part:/)![0]).toBe('handOver');
    const still = shipped.faults.find((f) => !f.stops)!;
    expect(told(made().finding(still.id, 'repair').c, /^part:/)![0]).toBe('handOver');
  });
});

describe('what counts as tried', () => {
  const outcome = (test: string) => shipped.tests.find((t) => t.id === test)!.outcomes[0].id;
  it.each(['brake-lever-feel', 'brake-return', 'brake-arm', 'lever-hold', 'levers-cables'])('%s proves brakes that stood', (id) => {
    expect(reason(made({ standingMonths: 9 }).test(id, outcome(id)).c, 'brakes:stood')).toBeUndefined();
    expect(reason(made({ standingMonths: 9 }).test(id, 'skipped').c, 'brakes:stood')).toBeDefined();
    expect(
      reason(made({ standingMonths: 9 }).test(id, outcome(id), { withdrawn: { at: '', why: '' } as never }).c, 'brakes:stood'),
    ).toBeDefined();
  });
  it('something else does not', () => {
    expect(reason(made({ standingMonths: 9 }).test('spark-look', 'good').c, 'brakes:stood')).toBeDefined();
    expect(reason(made({ standingMonths: 9 }).test('turn-by-hand', 'skipped').c, 'unseen:turn')).toBeDefined();
    expect(reason(made({ standingMonths: 9 }).repair('tappet-loose', '1').c, 'brakes:worked')).toBeUndefined();
    expect(reason(made({ standingMonths: 9 }).repair(null).c, 'brakes:worked')).toBeUndefined();
    expect(reason(made({ standingMonths: 9 }, { strokes: 'two' }).c, 'unseen:oil')).toBeUndefined();
  });
  it('brakes cannot be put away as not needed', () => {
    const c = made().c;
    const marked = (state: 'done' | 'notNeeded') => ({
      ...c,
      checks: [{ ...row, id: 'k', list: 'road-test', item: 'brakes', state, note: null }],
    });
    expect(reason(marked('notNeeded'), 'check:brakes')).toBeDefined();
    expect(reason(marked('done'), 'check:brakes')).toBeUndefined();
  });
  it('a part on order or arrived is not fitted', () => {
    for (const status of ['needed', 'ordered', 'arrived'] as const)
      expect(reason({ ...made().c, parts: [part({ status })] }, 'fit:p1'), status).toBeDefined();
    for (const status of ['fitted', 'spare'] as const)
      expect(reason({ ...made().c, parts: [part({ status })] }, 'fit:p1'), status).toBeUndefined();
  });
  it('only the last repair asks for its retest', () => {
    const c = made().repair('tappet-loose', '1').repair('big-end-worn');
    expect(all(c.c).filter((r) => r.code.startsWith('retest:')).length).toBe(1);
    expect(reason(c.retest('same').c, /^retest:/)).toBeUndefined();
  });
});

describe('advice beside the decision', () => {
  const advice = (m: CaseMaker) => fitnessOf(shipped, m.c).advice;
  const sees = (finding: string) => {
    const test = shipped.tests.find((t) => !t.retired && t.outcomes.some((o) => o.find[finding] === 'yes'))!;
    return [test.id, test.outcomes.find((o) => o.find[finding] === 'yes')!.id] as const;
  };
  it.each(['frame-marks', 'crash-marks', 'hand-seen', 'mileage-doubtful', 'oil-metal', 'crack-seen'])(
    'bought lately, and %s: the buyer settles first',
    (sign) => {
      const lately = sees('bought-lately');
      expect(
        advice(
          made()
            .test(...lately)
            .test(...sees(sign)),
        ),
      ).toEqual([
        'Bought days ago, and hidden damage shows: stop stripping, keep the evidence, photograph it, and let the buyer settle with the seller first.',
      ]);
      expect(advice(made().test(...sees(sign)))).toEqual([]);
      expect(advice(made().test(...lately))).toEqual([]);
    },
  );
});
