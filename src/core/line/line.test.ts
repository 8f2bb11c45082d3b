import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { commandTypes } from '../command';
import { id, uid } from '../../../test/fixtures/commands';
import { after } from '../../../test/fixtures/state';
import { lineContext, openJob } from '../../../test/fixtures/line';
import { shipped } from '../../../test/fixtures/knowledge';
import { numbersAt, subjects, tokensOf, understand, type LineAct, type LineContext, type Meaning } from '.';

const context = lineContext();
const say = (line: string, c: LineContext = context) => understand(line, c);
const only = (line: string, c: LineContext = context): Meaning => {
  const u = say(line, c);
  if (u.meanings.length !== 1) throw new Error(`${line}: ${u.meanings.map((m) => `${m.words} [${m.cost}]`).join(' | ') || u.problem}`);
  return u.meanings[0];
};
const act = (line: string, c?: LineContext) => only(line, c).acts[0];
const payload = (a: LineAct) => (a.do === 'act' ? (a.payload as Record<string, unknown>) : {});
const result = (line: string, c?: LineContext) => {
  const a = act(line, c);
  if (a.do !== 'result') throw new Error(`${line} is no result`);
  return a.result;
};
const psi = (x: number) => x * 6894.757293168;

describe('spoken numbers', () => {
  it.each([
    ['118', 118],
    ['.04', 0.04],
    ['one hundred eighteen', 118],
    ['one hundred and eighteen', 118],
    ['a hundred', 100],
    ['one eighteen', 118],
    ['one twenty five', 125],
    ['fourteen hundred', 1400],
    ['two thousand five hundred', 2500],
    ['eleven hundred and fifty', 1150],
    ['twelve point four', 12.4],
    ['point oh four', 0.04],
    ['nought point one two five', 0.125],
    ['point twenty five', 0.25],
    ['two and a half', 2.5],
    ['half', 0.5],
    ['twenty-five', 25],
    ['minus three', -3],
  ])('%s is %s', (text, value) => {
    expect(numbersAt(tokensOf(text), 0)[0]).toMatchObject({ value, next: tokensOf(text).length });
  });

  it('every whole number up to 9999 said in full is itself', () => {
    const ones =
      'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(
        ' ',
      );
    const tens = ' ten twenty thirty forty fifty sixty seventy eighty ninety'.split(' ');
    const below100 = (n: number) => (n < 20 ? ones[n] : `${tens[Math.floor(n / 10)]}${n % 10 ? ` ${ones[n % 10]}` : ''}`);
    const below1000 = (n: number) =>
      n < 100 ? below100(n) : `${ones[Math.floor(n / 100)]} hundred${n % 100 ? ` and ${below100(n % 100)}` : ''}`;
    const full = (n: number) =>
      n < 1000
        ? below1000(n)
        : `${ones[Math.floor(n / 1000)]} thousand${n % 1000 ? ` ${n % 1000 < 100 ? 'and ' : ''}${below1000(n % 1000)}` : ''}`;
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 9999 }), (n) => {
        const found = numbersAt(tokensOf(full(n)), 0);
        expect(found[0], full(n)).toMatchObject({ value: n, next: tokensOf(full(n)).length });
      }),
      { numRuns: 400 },
    );
  });

  it('words that are no number are none', () => {
    for (const text of ['left cover', 'done', 'to', '']) expect(numbersAt(tokensOf(text), 0)).toEqual([]);
  });
});

describe('everything that can be said', () => {
  const fresh = lineContext(after('bike.bookIn'));
  const gone = {
    ...context,
    traced: { ...context.traced, complaints: context.traced.complaints.map((c) => ({ ...c, state: 'gone' as const })) },
  };
  const undone = lineContext(openJob());
  it.each(subjects.flatMap((s) => s.phrases.map((p) => [p.id, p.example])))('%s: %s', (phrase, example) => {
    const c = phrase === 'explained' ? gone : undone;
    if (phrase === 'redo') return;
    const u = understand(example, c);
    expect(
      u.meanings.map((m) => m.phrase),
      `${u.problem} ${u.meanings.map((m) => m.words).join(' | ')}`,
    ).toContain(phrase);
    expect(u.meanings[0].phrase).toBe(phrase);
  });

  it('reaches every type of command that a screen can make', () => {
    const made = new Set(['evidence.add', 'torque.stage', 'redo']);
    for (const c of [context, gone, fresh])
      for (const p of subjects.flatMap((s) => s.phrases))
        for (const m of understand(p.example, c).meanings)
          for (const a of m.acts) made.add(a.do === 'owner' ? 'owner.set' : 'type' in a ? a.type : a.do);
    expect(commandTypes.filter((t) => !made.has(t.type) && !t.byHand).map((t) => t.type)).toEqual([]);
  });
});

describe('results', () => {
  it('a compression in psi, spelled and spoken in many ways, is one and the same', () => {
    const want = { testId: 'compression', position: '2', outcome: 'low', conditions: { temperature: 'cold', battery: 'own' }, note: null };
    for (const line of [
      'comp 2 118 psi',
      'Compression 2: 118 PSI',
      'comp cyl 2 118psi',
      'comp two one hundred eighteen psi',
      'compression cylinder two one hundred and eighteen pounds per square inch',
      'comp to one eighteen psi',
      'comp 2 118 lbs cold',
    ]) {
      const r = result(line);
      expect(r, line).toMatchObject(want);
      const { value } = r.reading!;
      expect(value.kind === 'exact' && value.value, line).toBeCloseTo(psi(118), 3);
    }
  });

  it('the same in bar and kPa, and without a unit where the usual one makes sense', () => {
    const bar = result('comp 1 8.2 bar').reading!;
    expect(bar).toMatchObject({ unit: 'bar', entered: '8.2 bar', value: { kind: 'exact' } });
    expect(bar.value.kind === 'exact' && bar.value.value).toBeCloseTo(820000, 3);
    expect(result('comp 1 820 kpa').reading!.unit).toBe('kPa');
    expect(result('comp 1 118').reading).toMatchObject({ unit: 'psi', entered: '118 psi' });
  });

  it('a bare number that may be two units is asked, and so is a missing cylinder', () => {
    const units = say('comp 1 8.2').meanings;
    expect(units.map((m) => m.reading?.unit).sort()).toEqual(['bar', 'psi']);
    const cylinders = say('comp 118 psi').meanings;
    expect(cylinders.map((m) => (m.acts[0].do === 'result' ? m.acts[0].result.position : null))).toEqual(['1', '2']);
  });

  it('on a single the cylinder need not be said', () => {
    const single = { ...context, traced: { ...context.traced, bike: { ...context.traced.bike, cylinders: 1 } } };
    expect(result('comp 118 psi', single).position).toBe('1');
  });

  it('intervals and bounds are kept as such', () => {
    expect(result('comp 1 between 110 and 120 psi').reading!.value).toMatchObject({ kind: 'interval' });
    expect(result('comp 1 110 to 120 psi').reading!.value).toMatchObject({ kind: 'interval' });
    expect(result('comp 1 over 200 psi').reading!.value).toMatchObject({ kind: 'atLeast' });
    expect(result('comp 1 under 20 psi').reading!.value).toMatchObject({ kind: 'atMost' });
  });

  it('slips are asked back and nothing is understood', () => {
    for (const [line, problem] of [
      ['comp 1 11,8 bar', 'A comma: did you mean 11.8?'],
      ['comp 1 118 bar', 'Did you mean 118 psi?'],
      ['comp 1 118 volts', "'V' measures voltage"],
      ['comp 1 11O psi', 'did you mean 110?'],
    ]) {
      const u = say(line);
      expect(u.meanings, line).toEqual([]);
      expect(u.problem, line).toContain(problem);
    }
  });

  it('outcomes go by their own words, "good" by the normal one, and what every test has', () => {
    const spark = shipped.tests.find((t) => t.id === 'spark-look')!;
    for (const o of spark.outcomes)
      expect(result(`spark look 1 ${o.says.toLowerCase()}`)).toMatchObject({ testId: 'spark-look', position: '1', outcome: o.id });
    expect(result('spark look 1 intermittent').outcome).toBe('comes-and-goes');
    expect(result('spark look 1 no tool').outcome).toBe('could-not:no-tool');
    expect(result('spark look 1 skipped note battery flat')).toMatchObject({ outcome: 'skipped', note: 'battery flat' });
    expect(result('comp 1 good hot jump battery 3 tries').conditions).toEqual({ temperature: 'hot', battery: 'helped', tries: 3 });
  });

  it('"next" answers the recommended test at its place', () => {
    expect(result('next intermittent')).toMatchObject({ testId: 'compression', position: '2' });
    expect(say('next good', { ...context, next: null }).meanings).toEqual([]);
  });

  it('every outcome of every test can be said by the name of the test', () => {
    for (const t of shipped.tests) {
      const c = {
        ...context,
        traced: {
          ...context.traced,
          bike: {
            ...context.traced.bike,
            strokes: null,
            ignition: null,
            decompressor: null,
            fuelling: null,
            starting: null,
            cooling: null,
            clutch: null,
            cylinders: 2,
          },
        },
      };
      for (const o of t.outcomes) {
        const line = `${t.id.replace(/-/g, ' ')}${t.per ? ' 1' : ''} ${o.says.toLowerCase()}`;
        const found = say(line, c)
          .meanings.flatMap((m) => m.acts)
          .filter((a) => a.do === 'result' && a.result.testId === t.id && a.result.outcome === o.id);
        expect(found.length, `${line}: ${say(line, c).problem}`).toBeGreaterThan(0);
      }
    }
  });
});

describe('strip and rebuild', () => {
  it('a bag with its fasteners and what they held', () => {
    for (const line of ['bag 8 4x m6x25 right cover', 'bag eight, four m6 by 25: right cover', 'off right cover 4x M6x25 bag 8']) {
      expect(payload(act(line)), line).toMatchObject({ title: 'right cover', bag: '8', fasteners: [{ count: 4, size: 'M6x25' }] });
    }
    expect(payload(act('off tank'))).toMatchObject({ title: 'tank', bag: null, fasteners: [], access: 'tank' });
    expect(payload(act('off head 4x m8, 2 dowels bag 9 note gasket reused'))).toMatchObject({
      bag: '9',
      note: 'gasket reused',
      fasteners: [
        { count: 4, size: 'M8' },
        { count: 2, size: 'dowels' },
      ],
    });
  });

  it('says when a bag is in use', () => {
    expect(only('bag 7 2x m6x20 flap').words).toContain('in use already');
  });

  it('back by bag or by name, all or some', () => {
    for (const line of ['bag 7 back', 'back left cover', 'back bag 7', 'refit left cover']) {
      expect(act(line), line).toMatchObject({ type: 'step.refit', id: uid(6010), payload: { counts: { [uid(6011)]: 4 } } });
    }
    expect(payload(act('back left cover 3'))).toMatchObject({ counts: { [uid(6011)]: 3 } });
  });

  it('a finding without a colon may be split in two ways: both are shown', () => {
    expect(payload(act('found piston: scored on the exhaust side, replace'))).toMatchObject({
      item: 'piston',
      seen: 'scored on the exhaust side',
      verdict: 'replace',
    });
    expect(payload(act('found piston ring is broken replace'))).toMatchObject({ item: 'piston ring', seen: 'broken' });
    expect(say('found piston skirt scored replace').meanings.length).toBe(2);
    expect(payload(act('found bush: worn, ask the owner')).verdict).toBe('ask the owner');
  });
});

describe('torque, parts, waits and the rest', () => {
  it('a torque in one breath', () => {
    expect(only('sump plug 25 nm done').acts[0]).toMatchObject({
      type: 'torque.plan',
      allDone: true,
      payload: { name: 'sump plug', figureNm: 25 },
    });
    const staged = payload(act('cylinder head 4 x m8 20 newton metres then 90 degrees then 90 degrees'));
    expect(staged).toMatchObject({
      name: 'cylinder head',
      count: 4,
      thread: 'M8',
      stages: [
        { kind: 'torque', value: 20 },
        { kind: 'angle', value: 90 },
        { kind: 'angle', value: 90 },
      ],
    });
    expect(payload(act('clutch springs eight foot pounds')).figureNm).toBeCloseTo(10.85, 2);
    expect(say('side cover then 90 degrees').meanings).toEqual([]);
  });

  it('stages of a planned torque go one by one, or all at once', () => {
    expect(act('head nuts done')).toMatchObject({ type: 'torque.stage', id: uid(6031) });
    expect(only('head nuts 20 nm done').acts.map((a) => ('id' in a ? a.id : ''))).toEqual([uid(6031), uid(6032)]);
    expect(payload(act('sign head nuts')).signedBy).toBe('Ines Corrow');
    expect(payload(act('sign head nuts by ines corrow')).signedBy).toBe('Ines Corrow');
    // nobody signs in the name of another
    expect(say('sign head nuts by Tam Veley').meanings).toEqual([]);
  });

  it('waits until, and looks again, in local time', () => {
    // It is 11:00 local time on Friday, 1 February 2030.
    expect(payload(act('wait soaking bores until tomorrow 9:00'))).toMatchObject({
      kind: 'soaking',
      what: 'bores',
      until: '2030-02-02T08:00:00.000Z',
    });
    expect(payload(act('wait part gasket look again monday'))).toMatchObject({ lookAgain: '2030-02-04T07:00:00.000Z', until: null });
    expect(payload(act('wait curing sealant in two hours'))).toMatchObject({ until: '2030-02-01T12:00:00.000Z' });
    expect(act('later bores in 2 hours')).toMatchObject({ do: 'set', set: { lookAgain: '2030-02-01T12:00:00.000Z' } });
    expect(act('over bores')).toMatchObject({ type: 'wait.end', id: uid(6040) });
    expect(say('wait soaking bores').meanings).toEqual([]);
  });

  it('sums carry the workshop’s currency', () => {
    for (const [line, words] of [
      ['need 2 head gasket 12.50 from Harbour Stores', 'at 12.50 CR'],
      ['repaired cleaned the points, 20 min, 2.50', 'parts 2.50 CR'],
      ['agreed up to 400: find out why', 'up to 400 CR'],
      ['rate 35', 'Rate an hour: 35 CR'],
    ])
      expect(only(line).words).toContain(words);
  });

  it('pieces to account for, found or proved not to be inside', () => {
    expect(payload(act('piece dowel dropped towards the sprocket'))).toMatchObject({
      name: 'dowel',
      went: 'dropped',
      note: 'towards the sprocket',
    });
    expect(payload(act('piece M6x25 left over'))).toMatchObject({ name: 'M6x25', went: 'left over', note: null });
    expect(payload(act('lost piece circlip is missing'))).toMatchObject({ name: 'circlip', went: 'missing', note: null });
    expect(act('piece found rocker tang: in the sump screen')).toMatchObject({
      id: uid(6070),
      payload: { outcome: 'found', proof: 'in the sump screen', settledBy: 'Ines Corrow' },
    });
    expect(payload(act('piece not inside rocker tang, sump off and seen with a lamp'))).toMatchObject({ outcome: 'not inside' });
    expect(say('piece found rocker tang: in the sump', lineContext(undefined, { actor: null })).meanings).toEqual([]);
  });

  it('parts by name, with price and day', () => {
    expect(payload(act('need 2 fork seals 9.50 from Harbour Stores'))).toMatchObject({
      quantity: 2,
      name: 'fork seals',
      price: '9.50',
      source: 'Harbour Stores',
    });
    expect(act('ordered head gasket at 11 due friday')).toMatchObject({
      id: uid(6020),
      set: { status: 'ordered', price: '11', dueOn: '2030-02-08' },
    });
    expect(act('fitted HG-1')).toMatchObject({ id: uid(6020), set: { status: 'fitted' } });
    expect(act('spare head gasket')).toMatchObject({ id: uid(6020), set: { status: 'spare' } });
  });

  it('a provisional repair says what it may', () => {
    expect(payload(act('provisional tape on the hose because it is split, until new hose, may run, not ride'))).toMatchObject({
      what: 'tape on the hose',
      why: 'it is split',
      until: 'new hose',
      mayRun: true,
      mayRide: false,
      mayLeave: false,
    });
  });

  it('the bike and its history', () => {
    expect(act('standing two years')).toMatchObject({ set: { standingMonths: 24 } });
    expect(act('bore 2.36 inches')).toMatchObject({ set: { boreMm: 59.944 } });
    expect(act('six volt')).toMatchObject({ set: { voltage: 6 } });
    expect(act('name Marram 80')).toMatchObject({ set: { name: 'Marram 80' } });
    expect(say('cylinders 20').meanings).toEqual([]);
  });

  it('a limit is two bounds, and takes the place of the one that is there', () => {
    expect(act('limit compression 140 to 190 psi page 7')).toMatchObject({
      do: 'set',
      type: 'spec.set',
      id: id.spec,
      set: { unit: 'psi', entered: '140 to 190 psi' },
    });
    expect(payload(act('limit contact gap 0.35 to 0.45 mm'))).toMatchObject({ quantity: 'points-gap' });
  });
});

describe('the way on', () => {
  it('offers this bike’s own words', () => {
    expect(say('bag ').offers).toEqual([]);
    expect(say('back ').offers).toEqual(expect.arrayContaining(['back left cover', 'back bag 7']));
    expect(say('comp ').offers).toEqual(expect.arrayContaining(['comp cylinder 1', 'comp cylinder 2']));
    expect(say('sign ').offers).toContain('sign Head nuts');
    expect(say('wi').offers).toContain('withdraw');
    expect(say('spark look 1 ').offers.length).toBeGreaterThan(1);
  });

  it('says what is missing, and asks for help with "?"', () => {
    expect(say('comp 2').problem).toContain('Then');
    expect(say('blorb').problem).toContain('not understood');
    expect(say('?')).toMatchObject({ help: true, meanings: [] });
    expect(say('')).toMatchObject({ help: false, meanings: [], problem: null });
  });

  it('never throws, whatever is typed, and is the same every time', () => {
    const word = fc.oneof(
      fc.constantFrom(
        'comp',
        '2',
        'bag',
        '7',
        'psi',
        '118',
        'until',
        'tomorrow',
        ':',
        ',',
        'done',
        '25',
        'nm',
        'two',
        'point',
        'found',
        'replace',
        'between',
        'and',
        'then',
        'note',
        'may',
        'not',
      ),
      fc.string({ maxLength: 6 }),
    );
    fc.assert(
      fc.property(fc.array(word, { maxLength: 9 }), (ws) => {
        const line = ws.join(' ');
        const u = say(line);
        expect(JSON.stringify(say(line))).toBe(JSON.stringify(u));
        if (u.meanings.length === 0 && line.trim() && line.trim() !== '?') expect(u.problem).toBeTruthy();
      }),
      { numRuns: 300 },
    );
  });
});
