import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { own } from '../../../test/fixtures/own';
import { shipped } from '../../../test/fixtures/knowledge';
import { CaseMaker } from '../../../test/fixtures/case';
import type { Own } from '../state';
import { buildModel, rank, rowWords } from '../trace';
import { trailOf } from '../trace/trail';
import { mergeKnowledge, faultById, freeId, ownFile, ownProblems, testById, withOwn, type Fault, type FindingKind, type Test } from '.';
import { unsound, unsoundEntries } from './unsound';

const row = (what: Own['what'], body: unknown, patch: Partial<Own> = {}) =>
  ({ id: `row-${what}`, what, body, retired: false, versions: {}, ...patch }) as Own;
const all = [row('fault', own.fault), row('finding', own.finding), row('test', own.test), row('figure', own.figure)];

describe('what a shop knows itself', () => {
  it('stands beside what ships, with its figures in the place of the shipped ones', () => {
    const k = withOwn(shipped, all);
    expect(ownProblems(shipped, all)).toEqual([]);
    expect(faultById(k, own.fault.id)?.name).toBe('Tank liner comes off in flakes');
    expect(faultById(k, 'points-dirty')).toMatchObject({ prior: 0.01, remedy: { minutes: 25 } });
    expect(faultById(k, 'points-dirty')!.remedy.parts).toBe(faultById(shipped, 'points-dirty')!.remedy.parts);
    expect(k.hash).not.toBe(shipped.hash);
    expect(withOwn(shipped, [])).toBe(shipped);
  });

  it('is the same object for the same rows, whatever their order, and another one after a change', () => {
    const k = withOwn(shipped, all);
    expect(withOwn(shipped, structuredClone(all).reverse())).toBe(k);
    const turned = all.map((r) => ({ ...r, body: Object.fromEntries(Object.entries(r.body).reverse()) }) as Own);
    expect(withOwn(shipped, turned)).toBe(k);
    const other = withOwn(shipped, [row('fault', { ...own.fault, prior: 0.01 }), ...all.slice(1)]);
    expect(other).not.toBe(k);
    expect(other.hash).not.toBe(k.hash);
  });

  it('is reckoned with: its fault is suspected, and its test raises it', () => {
    const k = withOwn(shipped, all);
    const at = (say: (c: CaseMaker) => CaseMaker) =>
      rank(buildModel(k, say(new CaseMaker()).c), { agreedLeft: null }).suspects.find((s) => s.faultId === own.fault.id)?.probability ?? 0;
    const before = at((c) => c);
    expect(before).toBeGreaterThan(0);
    expect(at((c) => c.test(own.test.id, 'flakes'))).toBeGreaterThan(20 * before);
    expect(at((c) => c.test(own.test.id, 'clean'))).toBeLessThan(before / 3);
  });

  it('leaves out what leads nowhere, says why, and keeps the rest', () => {
    const lost = row('test', { ...own.test, id: 'own-lost', hazards: ['no-such-caution'] }, { id: 'row-lost' });
    const leaning = row('fault', { ...own.fault, id: 'own-leaning', causes: { 'own-gone': 0.5, 'no-start': 0.5 } }, { id: 'row-leaning' });
    const k = withOwn(shipped, [...all, lost, leaning]);
    expect(testById(k, 'own-lost')).toBeUndefined();
    expect(faultById(k, 'own-leaning')).toBeUndefined();
    expect(faultById(k, own.fault.id)).toBeDefined();
    expect(ownProblems(shipped, [...all, lost, leaning])).toEqual([
      { rowId: 'row-leaning', says: "finding 'own-gone' does not exist", idle: false },
      { rowId: 'row-lost', says: "hazard 'no-such-caution' does not exist", idle: false },
    ]);
  });

  it('leaves out in turn what leaned on something that was left out', () => {
    const bad = row('finding', { ...own.finding, leak: 0.5 });
    const said = ownProblems(shipped, [all[0], bad, all[2]]);
    expect(said.map((p) => p.rowId).sort()).toEqual(['row-fault', 'row-finding', 'row-test']);
    expect(withOwn(shipped, [all[0], bad, all[2]])).toBe(shipped);
  });

  it('an id that is there already, in what ships or twice in the shop, is said; a unit nobody knows as well', () => {
    const clash = row('fault', { ...own.fault, id: 'points-dirty', causes: { 'no-start': 0.5 } });
    expect(ownProblems(shipped, [clash])[0].says).toBe('this id is used twice');
    const twin = row('finding', own.finding, { id: 'row-twin' });
    expect(ownProblems(shipped, [...all, twin])).toEqual([{ rowId: 'row-twin', says: 'this id is used twice', idle: false }]);
    const measured = row('test', {
      ...own.test,
      id: 'own-measured',
      measure: {
        quantity: 'own-measured',
        unit: 'furlong',
        bands: [{ outcome: 'flakes', below: 1 }, { outcome: 'clean' }],
        error: { relative: 0, absolute: 0 },
        spread: 0,
        limit: {},
      },
    });
    expect(ownProblems(shipped, [all[0], all[1], measured])[0].says).toMatch(/'furlong' is not a unit/);
  });

  it('what nothing leads to yet counts, and is named as of no use', () => {
    const alone = row('finding', { ...own.finding, symptom: { family: 'no-start', words: 'coughs flakes' } });
    expect(ownProblems(shipped, [alone])).toEqual([{ rowId: 'row-finding', says: 'no fault brings this complaint', idle: true }]);
    expect(withOwn(shipped, [alone]).findings.at(-1)?.id).toBe(own.finding.id);
    expect(ownProblems(shipped, [{ ...alone, retired: true }])).toEqual([]);
  });

  it('taken out, it is still known by its id, and neither suspected nor offered', () => {
    const out = all.map((r) => ({ ...r, retired: true }));
    const k = withOwn(shipped, out);
    const ranking = rank(buildModel(k, new CaseMaker().c), { agreedLeft: null });
    expect(testById(k, own.test.id)?.retired).toBe(true);
    expect(ranking.suspects.some((s) => s.faultId === own.fault.id)).toBe(false);
    expect(ranking.tests.some((t) => t.testId === own.test.id)).toBe(false);
    expect(faultById(k, 'points-dirty')!.prior).toBe(faultById(shipped, 'points-dirty')!.prior);
    const found = rank(buildModel(k, new CaseMaker().test(own.test.id, 'flakes').c), { agreedLeft: null });
    expect(found.suspects.length).toBeGreaterThan(0);
  });

  it('its file holds everything once, and is read as knowledge again', () => {
    const file = ownFile([...all.slice(0, 3), { ...all[3], retired: true }]);
    expect(file).toEqual({ faults: [own.fault], findings: [own.finding], tests: [own.test] });
    expect(ownFile([{ ...all[0], retired: true } as Own])).toEqual({ faults: [{ ...own.fault, retired: true }] });
    expect(mergeKnowledge([{ name: 'own', content: file }], 'x').tests).toEqual([own.test]);
  });
});

describe('entries looked at by themselves', () => {
  const gone = ['gone'];
  const faultErrors: Partial<Fault>[] = [
    {},
    { causes: { gone: 0.5 } },
    { area: gone },
    { applies: { gone: 'yes' } },
    { replacedBy: 'gone' },
    { leads: { gone: 0.5 } },
  ];
  const findingErrors: Partial<FindingKind>[] = [{}, { leak: 0.5 }, { symptom: { family: 'gone', words: 'gone' } }];
  const testErrors: Partial<Test>[] = [
    {},
    { hazards: gone },
    { needs: gone },
    { after: gone },
    { access: gone },
    { moves: 'gone' },
    { applies: { cooling: 'gone' } },
    { outcomes: [{ id: 'a', says: 'a', find: { gone: 'yes' } }] },
  ];
  /** Copies of what ships, each with one of some errors, under an id of their own or under the one that is taken. */
  const copies = <T extends { id: string }>(list: readonly T[], errors: readonly Partial<T>[], clash: boolean) =>
    fc.array(
      fc
        .tuple(fc.nat(list.length - 1), fc.constantFrom(...errors), fc.boolean())
        .map(([i, error, same]) => ({ ...list[i], ...error, id: same && clash ? list[i].id : `own-${i}` }) as T),
      { maxLength: 3 },
    );

  it('are found wrong in the same things as among all that is known', () => {
    const drawn = fc.record({
      faults: copies(shipped.faults, faultErrors, true),
      // One under an id that is taken is left out for that; until then faults that name it are held against its grades.
      findings: copies(shipped.findings, findingErrors, false),
      tests: copies(shipped.tests, testErrors, true),
    });
    let wrong = 0;
    fc.assert(
      fc.property(drawn, (entries) => {
        const k = {
          ...shipped,
          faults: [...shipped.faults, ...entries.faults],
          findings: [...shipped.findings, ...entries.findings],
          tests: [...shipped.tests, ...entries.tests],
        };
        const said = unsoundEntries(k, entries);
        wrong += said.length;
        expect([...said].sort()).toEqual([...unsound(k)].sort());
      }),
      { numRuns: 60 },
    );
    expect(wrong).toBeGreaterThan(60);
  });

  it('leave what ships as it is: a figure of one fault makes no other fault anew', () => {
    const k = withOwn(shipped, all);
    expect(faultById(k, 'coil-crack')).toBeDefined();
    expect(faultById(k, 'coil-crack')).toBe(faultById(shipped, 'coil-crack'));
    expect(faultById(k, 'points-dirty')).not.toBe(faultById(shipped, 'points-dirty'));
  });
});

describe('a job that speaks of knowledge nobody has here', () => {
  it('is ranked without it: its test says nothing, its repair is one of something not listed', () => {
    const c = new CaseMaker().test('own-elsewhere', 'flakes').repair('own-elsewhere-fault').c;
    const model = buildModel(shipped, c);
    expect(rank(model, { agreedLeft: null }).suspects.length).toBeGreaterThan(0);
    expect(rowWords(shipped, c, c.evidence[0].id)).toContain('own-elsewhere');
    expect(trailOf(shipped, c, []).length).toBeGreaterThan(0);
  });
});

describe('ids of new entries', () => {
  it('are made of the name, short, and free', () => {
    const taken = new Set(['own-tank-liner', 'own-tank-liner-2']);
    expect(freeId('Tank liner', (x) => taken.has(x))).toBe('own-tank-liner-3');
    expect(freeId('Müde Kupplung! ', () => false)).toBe('own-mude-kupplung');
    expect(freeId('???', () => false)).toBe('own-entry');
    expect(freeId('x'.repeat(200), () => false).length).toBeLessThanOrEqual(60);
  });
});
