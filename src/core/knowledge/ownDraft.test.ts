import { describe, expect, it } from 'vitest';
import { checkCommand } from '../../contract';
import { own } from '../../../test/fixtures/own';
import { shipped } from '../../../test/fixtures/knowledge';
import { uid } from '../../../test/fixtures/commands';
import { makeCommand } from '../command';
import type { Own } from '../state';
import {
  draftOfFault,
  draftOfFigure,
  draftOfSign,
  draftOfTest,
  faultChanged,
  faultFrom,
  figureFrom,
  freshFault,
  freshFigure,
  freshLook,
  freshSign,
  freshTest,
  ownProblems,
  signChanged,
  signFrom,
  testFrom,
  type FaultDraft,
  type TestDraft,
} from '.';

const flakes: FaultDraft = {
  ...freshFault(),
  name: 'Tank liner comes off in flakes',
  system: 'fuel',
  brings: [{ finding: 'no-start', grade: 'yes', surely: 'half' }],
  do: 'Strip the liner',
  minutes: '180',
  parts: '40,5',
  origin: 'Poured over rust',
  look: { ...freshLook(), how: 'Half a glass against the light', shows: 'Flakes in the glass', clean: 'Clean fuel', minutes: '4' },
};
const made = <T>(x: { ok: true; made: T } | { ok: false; wrong: Record<string, string> }): T => {
  if (!x.ok) throw new Error(JSON.stringify(x.wrong));
  return x.made;
};
const wrong = (x: { ok: boolean; wrong?: Record<string, string> }) => Object.keys(x.wrong ?? {}).sort();
/** Problems of entries as the page would keep them, the contract's and those of the knowledge. */
function kept(bodies: { fault?: object; finding?: object | null; test?: object | null; figure?: object }): string[] {
  const entry = (body: object | null | undefined, n: number) => (body ? [{ id: uid(n), body }] : []);
  const payload = {
    faults: entry(bodies.fault, 1),
    findings: entry(bodies.finding, 2),
    tests: entry(bodies.test, 3),
    figures: entry(bodies.figure, 4),
  };
  const first = Object.values(payload).flat()[0].id;
  const command = makeCommand({
    id: uid(9),
    type: 'own.add',
    kind: 'own',
    entityId: first,
    madeAt: '2030-01-01T08:00:00.000Z',
    after: null,
    payload,
  });
  const checked = checkCommand(command);
  const rows = Object.entries(bodies).flatMap(([what, body]) =>
    body ? [{ id: what, what, body, retired: false, versions: {} } as unknown as Own] : [],
  );
  return [...(checked.ok ? [] : checked.faults.map((f) => `${f.path}: ${f.message}`)), ...ownProblems(shipped, rows).map((p) => p.says)];
}

describe('a fault of the shop', () => {
  it('comes with the sign and the test that find it, and all of it is sound', () => {
    const { fault, finding, test } = made(faultFrom(shipped, flakes));
    expect(fault).toMatchObject({
      id: 'own-tank-liner-comes-off-in-flakes',
      prior: 0.002,
      causes: { 'no-start': 0.5 },
      remedy: { minutes: 180, parts: 40.5 },
    });
    expect(fault.causes[finding!.id]).toBe(0.95);
    expect(test!.outcomes.map((o) => o.find)).toEqual([{ [finding!.id]: 'yes' }, { [finding!.id]: 'no' }]);
    expect(kept({ fault, finding, test })).toEqual([]);
  });

  it('wants what is missing, at its field', () => {
    expect(wrong(faultFrom(shipped, freshFault()))).toEqual(['brings', 'do', 'minutes', 'name', 'origin', 'system']);
    expect(wrong(faultFrom(shipped, { ...flakes, minutes: '0', parts: 'much', look: freshLook() }))).toEqual([
      'look.clean',
      'look.how',
      'look.minutes',
      'look.shows',
      'minutes',
      'parts',
    ]);
  });

  it('is not longer than an entry can hold, said at the field', () => {
    const long = faultFrom(shipped, { ...flakes, name: 'x'.repeat(121), sideEffects: 'y'.repeat(501), origin: 'z'.repeat(500) });
    expect(wrong(long)).toEqual(['name', 'sideEffects']);
    const most = made(faultFrom(shipped, { ...flakes, name: 'x'.repeat(120), do: 'y'.repeat(500) }));
    expect(kept(most)).toEqual([]);
    expect(
      wrong(
        testFrom(shipped, {
          ...stroke,
          name: 'x'.repeat(130),
          normal: 'y'.repeat(201),
          outcomes: [{ ...stroke.outcomes[0], says: 'z'.repeat(201) }],
        }),
      ),
    ).toEqual(['name', 'normal', 'outcomes']);
  });

  it('must be something that a test can find, or say how it is found', () => {
    const unseen = faultFrom(shipped, { ...flakes, look: null });
    expect(wrong(unseen)).toEqual(['brings']);
    const seen = { ...flakes, look: null, brings: [{ finding: 'comp', grade: 'low', surely: 'mostly' }] };
    expect(kept({ fault: made(faultFrom(shipped, seen)).fault })).toEqual([]);
  });

  it('two grades of one finding cannot both come nearly always', () => {
    const both = (surely: string): FaultDraft => ({
      ...flakes,
      brings: ['low', 'none'].map((grade) => ({ finding: 'comp', grade, surely })),
    });
    expect(wrong(faultFrom(shipped, both('mostly')))).toEqual(['brings']);
    expect(made(faultFrom(shipped, both('sometimes'))).fault.causes.comp).toEqual({ low: 0.25, none: 0.25 });
  });

  it('opened again and kept, it is as it was, with what the form does not show', () => {
    const rich = {
      ...own.fault,
      raised: [{ when: { storage: 'damp' }, times: 2, because: 'rust under it' }],
      remedy: { ...own.fault.remedy, spoils: true },
    };
    const again = made(faultFrom(shipped, { ...draftOfFault(shipped, rich), look: freshLookFor() }, rich.id)).fault;
    expect(faultChanged(rich, { ...again, causes: rich.causes })).toEqual(rich);
    for (const f of shipped.faults.slice(0, 60)) {
      const same = faultFrom(shipped, draftOfFault(shipped, f), f.id);
      if (same.ok) expect(faultChanged(f, same.made.fault), f.id).toEqual(f);
    }
  });
});

const freshLookFor = () => flakes.look;

const stroke: TestDraft = {
  ...freshTest(),
  name: 'Weigh the oil that drains',
  system: 'lubrication',
  kind: 'look',
  how: 'Drain into a jug',
  minutes: '10',
  tools: 'jug, funnel ;',
  outcomes: [
    { says: 'Nothing at the plug', finding: 'spark', grade: 'none' },
    { says: 'Weak', finding: 'spark', grade: 'weak' },
  ],
  normal: 'Blue and snapping',
  perCylinder: true,
};

describe('a test of the shop', () => {
  it('says of each result what it shows, and of a good one that it shows nothing', () => {
    const test = made(testFrom(shipped, stroke));
    expect(test).toMatchObject({ tools: ['jug', 'funnel'], per: 'cylinder' });
    expect(test.outcomes.at(-1)).toEqual({ id: 'normal', says: 'Blue and snapping', find: { spark: 'good' }, normal: true });
    expect(kept({ test })).toEqual([]);
  });

  it('wants what is missing, and the safe and the certain thing', () => {
    expect(wrong(testFrom(shipped, freshTest()))).toEqual(['how', 'minutes', 'name', 'normal', 'outcomes', 'system']);
    expect(wrong(testFrom(shipped, { ...stroke, kind: 'swap', needs: ['cranks'], perCylinder: false }))).toEqual([
      'hazards',
      'moves',
      'perCylinder',
    ]);
    expect(wrong(testFrom(shipped, { ...stroke, outcomes: [{ says: 'Good', finding: 'spark', grade: 'good' }] }))).toEqual(['outcomes']);
  });

  it('a measurement has its bands from its limits', () => {
    const gap = (low: string, high: string): TestDraft => ({
      ...stroke,
      kind: 'measure',
      outcomes: [
        { says: '', finding: 'spark', grade: 'weak' },
        { says: '', finding: 'spark', grade: 'none' },
      ],
      measure: { name: 'Gap', unit: 'mm', low, high, gauge: '2' },
    });
    const both = made(testFrom(shipped, gap('0,4', '0.6')));
    expect(both.measure).toMatchObject({
      unit: 'mm',
      bands: [{ outcome: 'low', below: 0.4 }, { outcome: 'within', below: 0.6 }, { outcome: 'high' }],
      limit: { low: 0.4, high: 0.6 },
      error: { relative: 0.02 },
    });
    expect(both.outcomes.map((o) => o.find.spark)).toEqual(['weak', 'good', 'none']);
    expect(made(testFrom(shipped, gap('', '0.6'))).measure!.bands).toEqual([{ outcome: 'within', below: 0.6 }, { outcome: 'high' }]);
    expect(kept({ test: both })).toEqual([]);
    expect(wrong(testFrom(shipped, gap('', '')))).toEqual(['measure.low']);
    expect(wrong(testFrom(shipped, gap('0.7', '0.6')))).toEqual(['measure.high']);
    expect(wrong(testFrom(shipped, { ...gap('x', ''), measure: { name: '', unit: '', low: 'x', high: '', gauge: '-1' } }))).toEqual([
      'measure.gauge',
      'measure.low',
      'measure.name',
      'measure.unit',
    ]);
  });

  it('opened again it is the same; one that says more than the form can hold is left to its file', () => {
    for (const draft of [
      stroke,
      {
        ...stroke,
        kind: 'measure' as const,
        measure: { name: 'Gap', unit: 'mm', low: '0.4', high: '', gauge: '2' },
        outcomes: stroke.outcomes.slice(0, 1),
      },
    ]) {
      const test = made(testFrom(shipped, draft));
      expect(made(testFrom(shipped, draftOfTest(shipped, test)!, test.id))).toEqual(test);
    }
    expect(draftOfTest(shipped, { ...own.test, firstLook: 3 })).toBeNull();
  });
});

describe('signs and figures of the shop', () => {
  it('a complaint has its family and its words; a sign has neither', () => {
    expect(wrong(signFrom(shipped, { ...freshSign(), family: 'no-start' }))).toEqual(['name', 'words']);
    const complaint = made(signFrom(shipped, { ...freshSign(), name: 'Coughs flakes', family: 'no-start', words: 'spits bits' }));
    expect(complaint).toEqual({
      id: 'own-coughs-flakes',
      name: 'Coughs flakes',
      leak: 0.01,
      symptom: { family: 'no-start', words: 'spits bits' },
    });
    expect(made(signFrom(shipped, draftOfSign(complaint), complaint.id))).toEqual(complaint);
    const graded = { ...complaint, grades: ['none', 'few', 'many'], leak: { few: 0.01, many: 0.01 } };
    expect(signChanged(graded, complaint)).toEqual(graded);
    expect(kept({ finding: complaint })).toEqual(['no fault brings this complaint']);
  });

  it('a figure is about something, and says at least one thing', () => {
    expect(wrong(figureFrom(shipped, freshFigure()))).toEqual(['about']);
    expect(wrong(figureFrom(shipped, { ...freshFigure(), about: 'fault:points-dirty' }))).toEqual(['minutes']);
    expect(wrong(figureFrom(shipped, { about: 'fault:points-dirty', oneIn: '1', minutes: 'x', parts: '-' }))).toEqual([
      'minutes',
      'oneIn',
      'parts',
    ]);
    const figure = made(figureFrom(shipped, { about: 'fault:points-dirty', oneIn: '80', minutes: '25', parts: '' }));
    expect(figure).toEqual({ fault: 'points-dirty', prior: 1 / 80, minutes: 25 });
    expect(draftOfFigure(figure)).toEqual({ about: 'fault:points-dirty', oneIn: '80', minutes: '25', parts: '' });
    expect(kept({ figure })).toEqual([]);
  });
});
