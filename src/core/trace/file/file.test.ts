import { describe, expect, it } from 'vitest';
import { shipped } from '../../../../test/fixtures/knowledge';
import { buildModel, rank } from '..';
import { caseFileOf, readCase, type CaseFile } from '.';

const file: CaseFile = {
  format: 'ivrek-case',
  version: 1,
  bike: { name: 'old twin', archetype: 'air-cooled naked twin', ignition: 'points', voltage: 6 },
  history: { standingMonths: 30, storage: 'damp', lastTouched: ['ignition'] },
  complaint: 'cranks and cranks, will not fire',
  evidence: [
    { test: 'turn the engine by hand', result: 'turns freely' },
    { test: 'spark-look', at: 1, result: 'none' },
    { test: 'coil-volts', reading: '6.1 V' },
    { test: 'flick-points', result: 'none' },
    { test: 'bridge-points', result: 'spark' },
    { repair: 'points-dirty', then: 'same' },
  ],
};

describe('a case in a file', () => {
  const read = readCase(shipped, file);

  it('is read with ids or with a mechanic’s words, and says what it took them for', () => {
    expect(read.problems).toEqual([]);
    expect(read.traced.complaints[0].symptoms).toEqual({ 'no-start': 'present' });
    expect(read.traced.bike.archetype).toBe('air-twin');
    expect(read.traced.evidence.map((e) => [e.testId, e.position, e.outcome])).toEqual([
      ['turn-by-hand', null, 'free'],
      ['spark-look', '1', 'none'],
      ['coil-volts', null, 'good'],
      ['flick-points', null, 'none'],
      ['bridge-points', null, 'spark'],
    ]);
    expect(read.took.join('\n')).toMatch(/turn the engine by hand' taken for turn-by-hand/);
    expect(read.took.join('\n')).toMatch(/taken for no-start/);
  });

  it('can be ranked after each line, and a repair that did not help moves the suspicion', () => {
    const first = (n: number) => rank(buildModel(shipped, read.upTo(n))).suspects[0];
    expect(first(5).key).toBe('points-dirty');
    expect(first(5).probability).toBeGreaterThan(0.8);
    expect(rank(buildModel(shipped, read.upTo(6))).suspects.find((s) => s.key === 'points-dirty')!.probability).toBeLessThan(0.5);
  });

  it('comes back from the rows as the same case', () => {
    const again = readCase(shipped, caseFileOf(read.traced));
    expect(again.problems).toEqual([]);
    const ranking = (c: typeof read) => rank(buildModel(shipped, c.traced)).suspects.map((s) => [s.key, s.probability]);
    expect(ranking(again)).toEqual(ranking(read));
  });

  it('takes work that costs nothing an hour', () => {
    const read = readCase(shipped, { ...file, rate: 0 });
    expect(read.problems).toEqual([]);
    expect(readCase(shipped, caseFileOf(read.traced)).problems).toEqual([]);
  });

  it.each([
    [{ format: 'other' }, /format: ivrek-case/],
    [{ bike: { wheels: 2 } }, /bike\.wheels/],
    [{ bike: { archetype: 'sidecar' } }, /none of air-twin/],
    [{ complaint: '', symptoms: {} }, /at least one/],
    [{ symptoms: { zzzz: 'yes' } }, /nothing is known as 'zzzz'/],
    [{ evidence: [{ test: 'read the tea leaves', result: 'x' }] }, /no test is known/],
    [{ evidence: [{ test: 'spark-look', result: 'purple' }] }, /the result of spark-look is one of/],
    [{ evidence: [{ test: 'spark-look', reading: '5 V' }] }, /takes a result/],
    [{ evidence: [{ test: 'compression', reading: '11,8 bar' }] }, /comma/],
    [{ evidence: [{ repair: 'the moon' }] }, /no fault is known/],
    [{ evidence: [{ on: 'the moon' }] }, /nothing that comes off is known as 'the moon'/],
    [{ job: { standingMonths: 3 } }, /job: a case file takes format, version, bike, history/],
    [{ evidence: { test: 'spark-look' } }, /evidence: write it as a list/],
    [{ evidence: [['spark-look', 'none']] }, /evidence 1: write it as \{test/],
    [{ evidence: [{ reslt: 'none' }] }, /evidence 1: needs one of test, repair/],
    [{ evidence: [{ test: 'spark-look', reslt: 'none' }] }, /evidence 1: 'reslt' does not go with test, which takes at, result/],
    [{ evidence: [{ off: 'tank', at: 1 }] }, /'at' does not go with off/],
    [{ history: ['damp'] }, /history: write it as/],
    [{ rate: 'much' }, /rate: money an hour/],
    [{ complaints: ['dies hot'] }, /complaint 1: write it as/],
    [{ off: [{ part: 'tank' }] }, /off 1: write it as an id or words/],
    [{ evidence: [{ off: null }] }, /evidence 1: after off goes an id or words/],
    [{ evidence: [{ learned: 'damp' }] }, /evidence 1: after learned goes \{name/],
    [{ symptoms: 'no-start' }, /symptoms: write them as/],
    [{ symptoms: [5] }, /symptoms: write them as/],
    [{ complaint: { symptoms: ['no-start'] } }, /complaint: write it in words/],
    [{ complaints: [{ words: 5, symptoms: { overheats: 'yes' } }] }, /complaint 1, words: write it in words/],
    [{ complaints: [{ words: 'runs hot', symptoms: 'overheats' }] }, /complaint 1, symptoms: write them as/],
  ])('says what is wrong with %j', (patch, message) => {
    expect(readCase(shipped, { ...file, ...patch } as CaseFile).problems.join('\n')).toMatch(message);
  });
});
