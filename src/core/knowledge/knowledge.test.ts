import { describe, expect, it } from 'vitest';
import { shipped } from '../../../test/fixtures/knowledge';
import { applicability, mergeKnowledge, checkKnowledge, isMet, coverageOf, type Knowledge } from '.';

const changed = (change: (k: Knowledge) => void): string[] => {
  const k = structuredClone(shipped);
  change(k);
  return checkKnowledge(k);
};

describe('the shipped knowledge', () => {
  it('is sound, labelled as judgement, and broad enough', () => {
    expect(checkKnowledge(shipped)).toEqual([]);
    expect(shipped.label).toBe('trade judgement');
    expect(shipped.faults.length).toBeGreaterThanOrEqual(45);
    expect(shipped.tests.length).toBeGreaterThanOrEqual(50);
  });

  it('covers points and electronic ignition, four- and two-stroke, every system, and causes left by previous work', () => {
    const on = (attribute: string, value: string) => shipped.faults.filter((f) => [f.applies?.[attribute]].flat().includes(value)).length;
    expect(on('ignition', 'points')).toBeGreaterThanOrEqual(4);
    expect(on('ignition', 'electronic')).toBeGreaterThanOrEqual(4);
    expect(on('strokes', 'four')).toBeGreaterThanOrEqual(4);
    expect(on('strokes', 'two')).toBeGreaterThanOrEqual(2);
    for (const system of ['starting', 'mechanical', 'compression', 'spark', 'fuel'])
      expect(shipped.faults.filter((f) => f.system === system).length, system).toBeGreaterThanOrEqual(7);
    expect(shipped.faults.filter((f) => (f.touchedTimes ?? 0) >= 4).length).toBeGreaterThanOrEqual(10);
  });

  it('every cranking test and every test with fuel or a battery carries its caution', () => {
    const cranking = shipped.tests.filter((t) => t.needs?.includes('cranks'));
    for (const t of cranking) expect(t.hazards?.length, t.id).toBeGreaterThan(0);
    for (const t of shipped.tests.filter((x) => /starting-fluid|aux-tank|overflow|drain-bowl/.test(x.id)))
      expect(t.hazards, t.id).toContain('fuel-vapour');
  });

  it('every complaint has faults that bring it, and every fault brings some complaint or stands in a group that does', () => {
    for (const f of shipped.findings.filter((x) => x.symptom))
      expect(
        shipped.faults.some((x) => f.id in x.causes),
        f.id,
      ).toBe(true);
    const symptoms = new Set(shipped.findings.filter((f) => f.symptom).map((f) => f.id));
    const grouped = new Set(shipped.groups.flatMap((g) => g.modes.flatMap((m) => m.faults)));
    for (const f of shipped.faults) expect(Object.keys(f.causes).some((id) => symptoms.has(id)) || grouped.has(f.id), f.id).toBe(true);
  });

  it('every test has one normal outcome at most, and outcomes that differ', () => {
    for (const t of shipped.tests) {
      expect(t.outcomes.filter((o) => o.normal).length, t.id).toBeLessThanOrEqual(1);
      expect(new Set(t.outcomes.map((o) => o.id)).size, t.id).toBe(t.outcomes.length);
    }
  });

  it('keeps figures in SI once assembled', () => {
    const measure = shipped.tests.find((t) => t.id === 'compression')!.measure!;
    expect(measure.limit.low! / 6894.757).toBeCloseTo(120, 3);
    expect(shipped.tests.find((t) => t.id === 'points-gap')!.measure!.limit.low).toBeCloseTo(0.0003, 9);
  });
});

describe('the check finds', () => {
  it.each<[string, (k: Knowledge) => void, RegExp]>([
    ['an id used twice', (k) => k.faults.push(k.faults[0]), /used twice/],
    ['a finding that does not exist', (k) => (k.faults[0].causes['no-such'] = 0.5), /finding 'no-such' does not exist/],
    [
      'a grade that does not exist',
      (k) => (k.faults.find((f) => f.id === 'plug-fouled')!.causes.spark = { blue: 0.4 }),
      /has no grade 'blue'/,
    ],
    [
      'chances that add up to more than 1',
      (k) => (k.faults.find((f) => f.id === 'plug-fouled')!.causes.spark = { weak: 0.7, none: 0.7 }),
      /add up to more than 1/,
    ],
    [
      'one chance for a graded finding',
      (k) => (k.faults.find((f) => f.id === 'plug-fouled')!.causes.spark = 0.7),
      /give one chance a grade/,
    ],
    ['a leak out of range', (k) => (k.findings[0].leak = 0.4), /not between 0.001 and 0.1/],
    ['a fault that no test can find', (k) => (k.faults[0].causes = { 'no-start': 0.5 }), /no test can find it/],
    ['an unknown hazard', (k) => (k.tests[0].hazards = ['dragons']), /hazard 'dragons'/],
    ['an unknown access', (k) => (k.tests[0].access = ['moon']), /access 'moon'/],
    ['an unknown engine state', (k) => (k.tests[0].needs = ['flies']), /state 'flies'/],
    ['an unknown bypassed fault', (k) => (k.tests[0].bypasses = ['gremlin']), /fault 'gremlin'/],
    ['an unknown area', (k) => (k.faults[0].area = ['attic']), /area 'attic'/],
    ['a band without its outcome', (k) => (k.tests.find((t) => t.measure)!.measure!.bands[0].outcome = 'purple'), /band outcome 'purple'/],
    ['an outcome with a wrong grade', (k) => (k.tests[0].outcomes[0].find = { stuck: 'maybe' }), /no grade 'maybe'/],
    [
      'two outcomes that say the same',
      (k) => (k.tests[0].outcomes[1].find = { ...k.tests[0].outcomes[0].find }),
      /two outcomes say the same/,
    ],
    [
      'a cylinder spoken of by a test that is not per cylinder',
      (k) => delete k.tests.find((t) => t.id === 'read-plug')!.per,
      /not per cylinder/,
    ],
    ['a group of unknown faults', (k) => k.groups[0].modes.push({ faults: ['gremlin'], prior: 0.1 }), /fault 'gremlin'/],
    ['a replacement that does not exist', (k) => (k.faults[0].replacedBy = 'gremlin'), /replacedBy 'gremlin'/],
  ])('%s', (_what, change, message) => expect(changed(change).join('\n')).toMatch(message));
});

describe('conditions', () => {
  it('hold for a value, one of several, or bounds', () => {
    expect(isMet({ storage: 'damp' }, { storage: 'damp' })).toBe(true);
    expect(isMet({ storage: ['damp', 'outside'] }, { storage: 'dry' })).toBe(false);
    expect(isMet({ standingMonths: { atLeast: 6 } }, { standingMonths: 6 })).toBe(true);
    expect(isMet({ standingMonths: { atMost: 6 } }, { standingMonths: 7 })).toBe(false);
  });
  it('are not met by what nobody knows', () => expect(isMet({ storage: 'damp' }, {})).toBe(false));
  it('apply in full, not at all, or by how common the value is', () => {
    const a = shipped.attributes;
    expect(applicability({ ignition: 'points' }, { ignition: 'points' }, a)).toBe(1);
    expect(applicability({ ignition: 'points' }, { ignition: 'magneto' }, a)).toBe(0);
    expect(applicability({ ignition: ['points', 'magneto'] }, {}, a)).toBeCloseTo(0.55, 9);
    expect(applicability({ ignition: 'points', strokes: 'four' }, { strokes: 'four' }, a)).toBeCloseTo(0.45, 9);
    expect(applicability(undefined, {}, a)).toBe(1);
  });
});

describe('assembling', () => {
  it('joins files in whatever order they come', () => {
    const files = [
      { name: 'a', content: { faults: [{ id: 'x' }] } },
      { name: 'b', content: { label: 'trade judgement', faults: [{ id: 'y' }], tests: [] } },
    ];
    const k = mergeKnowledge(files, 'h');
    expect(k.faults.map((f) => f.id)).toEqual(['x', 'y']);
    expect(k).toMatchObject({ hash: 'h', label: 'trade judgement', hazards: [] });
  });
});

describe('breadth', () => {
  const { counts, weak, breadth } = coverageOf(shipped);

  it('covers every complaint a mechanic is handed, with the kinds of bike they come on', () => {
    expect(counts.faults).toBeGreaterThanOrEqual(340);
    expect(counts.tests).toBeGreaterThanOrEqual(370);
    expect(counts.complaints).toBeGreaterThanOrEqual(40);
    expect(counts.archetypes).toBeGreaterThanOrEqual(20);
    expect(weak.length).toBeLessThan(counts.faults / 10);
  });

  it('has something of every system on every kind of bike, and a test for each', () => {
    expect(breadth.filter((b) => b.faults === 0 || b.tests === 0)).toEqual([]);
  });

  it('says where it is thin', () => {
    const thin = structuredClone(shipped) as Knowledge;
    thin.faults.find((f) => f.id === 'thermostat-shut')!.causes = { overheats: 0.5, 'heat-uneven': 0.3 };
    expect(coverageOf(thin).weak.join()).toMatch(/thermostat-shut: no test shows it more often than 0.30/);
    expect(checkKnowledge(thin).join()).toMatch(/fault thermostat-shut: no test settles it on faired-four/);
  });
});

describe('the heading of a result', () => {
  it('is wanted where the name of a test says what to do or asks', () => {
    const without = (id: string) =>
      changed((k) => {
        delete k.tests.find((t) => t.id === id)!.heading;
      }).join();
    expect(without('spark-look')).toMatch(/test spark-look: 'Look at the spark' says what to do, and there is no heading/);
    expect(without('brake-judder')).toMatch(/test brake-judder: .* there is no heading/);
    expect(without('stator-ground')).toBe('');
  });
});

describe('the vocabulary', () => {
  it('takes one list of words from a file of the workshop beside its own', () => {
    const more = { name: 'own.yaml', content: { vocabulary: { alike: [['fuel-tap', 'spigot']] } } };
    const { vocabulary } = mergeKnowledge([{ name: 'a.yaml', content: { vocabulary: shipped.vocabulary } }, more], 'x');
    expect(vocabulary.alike.at(-1)).toEqual(['fuel-tap', 'spigot']);
    expect(vocabulary.good).toEqual(shipped.vocabulary.good);
  });
  it.each<[string, (v: Knowledge['vocabulary']) => void, RegExp]>([
    ['a word in two lines', (v) => v.alike.push(['puddle', 'pool']), /vocabulary puddle: it stands in two lines/],
    ['a word both good and bad', (v) => v.good.push('seized'), /vocabulary seized: it speaks well and badly/],
    ['a word that is ignored', (v) => v.ignored.push('petrol'), /vocabulary petrol: it is ignored and means something/],
  ])('is not sound with %s', (_, change, problem) => {
    expect(changed((k) => change(k.vocabulary)).join()).toMatch(problem);
  });
});
