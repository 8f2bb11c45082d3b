import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { whichBike } from './whichBike';

const jobs = ['Quillon 350', 'Quillon 500', 'Marram 80', 'Osprane 650', 'De Wharfe 125'].map((bike, i) => ({ jobId: `j${i}`, bike }));
const said = (line: string) => whichBike(line, jobs).map((m) => [m.job.bike, m.rest]);

describe('which bike a line begins with', () => {
  it.each([
    ['marram comp 1 118 psi', [['Marram 80', 'comp 1 118 psi']]],
    ['MARRAM 80 spark look nothing', [['Marram 80', 'spark look nothing']]],
    ['osp wait soaking bores', [['Osprane 650', 'wait soaking bores']]],
    ['de wharfe back left cover', [['De Wharfe 125', 'back left cover']]],
    ['marram', [['Marram 80', '']]],
    ['  marram   80  ', [['Marram 80', '']]],
  ])('%s', (line, want) => expect(said(line)).toEqual(want));

  it('of two that begin alike gives both, and the one that more words fit alone', () => {
    expect(said('quillon comp 2')).toEqual([
      ['Quillon 350', 'comp 2'],
      ['Quillon 500', 'comp 2'],
    ]);
    expect(said('quillon 5 comp 2')).toEqual([['Quillon 500', 'comp 2']]);
  });

  it('keeps the rest as it was written', () => {
    expect(said('marram repaired Cleaned the Jets, 20 min')).toEqual([['Marram 80', 'repaired Cleaned the Jets, 20 min']]);
  });

  it.each(['', '   ', 'comp 2 118 psi', 'm', 'xyz', '350 quillon'])('names none in “%s”', (line) => expect(said(line)).toEqual([]));

  it('finds every bike by its whole name, whatever follows', () => {
    fc.assert(
      fc.property(fc.constantFrom(...jobs), fc.stringMatching(/^[a-z]{1,8}( [a-z0-9]{1,8}){0,4}$/), (job, rest) => {
        // A rest that begins like the name's own figures is part of the name no more: the name is whole already.
        expect(whichBike(`${job.bike} ${rest}`, jobs)).toEqual([{ job, rest }]);
      }),
    );
  });

  it('never throws and never invents words', () => {
    fc.assert(
      fc.property(fc.string(), (line) => {
        for (const { job, rest } of whichBike(line, jobs)) {
          expect(jobs).toContain(job);
          expect(line.trimEnd().endsWith(rest)).toBe(true);
        }
      }),
    );
  });
});
