import { describe, expect, it } from 'vitest';
import { id } from '../../../test/fixtures/commands';
import { shipped } from '../../../test/fixtures/knowledge';
import { after } from '../../../test/fixtures/state';
import { list, put } from '../state';
import { recordNotice, recordOf } from '.';

const of = (type?: string) => {
  const record = recordOf(after(type), shipped, id.job, { workshop: 'Lantern Yard', owner: 'Orla Fennimore', currency: '¤', zone: 'UTC' });
  return { ...record, section: (title: string) => record.sections.find((s) => s.title === title)! };
};

describe('the record', () => {
  it('holds what was found, measured, fitted, torqued, provisional, and to be watched', () => {
    const r = of();
    expect(r.sections.map((s) => s.title)).toEqual([
      'Complaint',
      'Results',
      'Readings',
      'Repairs and parts',
      'Not as the manual has it',
      'Retests',
      'Checks',
      'Torques',
      'Checked before closing',
      'Connections',
      'Cleaned',
      'Fluids',
      'Pieces accounted for',
      'Temporary repairs',
      'Allowed anyway',
      'Watch list',
      'Bill',
    ]);
    expect(r.section('Results').lines).toContainEqual(['Cause', 'Oxide on the contacts', 'repaired, then the complaint was changed']);
    expect(r.section('Results').lines).toContainEqual(['Contacts', 'blue film', 'clean']);
    expect(r.section('Torques').lines[0]).toEqual([
      'Head nuts (4 × M8)',
      '18 lbf·ft = 24.4 N·m',
      expect.stringContaining('signed Ines Corrow') as string,
    ]);
    expect(r.section('Checked before closing').lines).toEqual([['Both dowels in place', 'both there', 'Left cover']]);
    expect(r.section('Pieces accounted for').lines).toEqual([
      ['Dowel: dropped', 'found: behind the sprocket', expect.stringMatching(/^by Ines Corrow, \d+ \w+ \d{4}$/) as string],
    ]);
    expect(r.section('Watch list').lines).toEqual([['Oil level', 'after 100 km', '']]);
  });

  it('tells what is spare with the pieces: a part that came and is not wanted goes with the bike or back', () => {
    const state = after();
    for (const p of list(state, 'part')) put(state, 'part', { ...p, status: 'spare' });
    const { sections } = recordOf(state, shipped, id.job, { workshop: 'Lantern Yard', owner: null, currency: '¤', zone: 'UTC' });
    const own = list(state, 'part').filter((p) => p.jobId === id.job);
    expect(own.length).toBeGreaterThan(0);
    const { lines } = sections.find((s) => s.title === 'Pieces accounted for')!;
    for (const p of own) expect(lines).toContainEqual([expect.stringContaining(p.name) as string, 'spare: bought, not wanted', '']);
    expect(
      sections
        .find((s) => s.title === 'Bill')!
        .lines.flat()
        .join(),
    ).not.toContain(own[0].name);
  });

  it('gives each reading with its place, its verdict and what it was held against', () => {
    const [about, figure, verdict] = of().section('Readings').lines[0];
    expect(about).toBe('Compression, cylinder 1');
    expect(figure).toBe('170 psi');
    expect(verdict).toMatch(/Within limits\. 142–185 psi, book, page 62/);
  });

  it('says who wrote it and for whom, what was retested and checked, and who allowed what', () => {
    const r = of();
    expect(r.under[0]).toBe('Lantern Yard, for Orla Fennimore');
    expect(r.under.at(-1)).toMatch(/handed over 1 Jan 2030$/);
    expect(r.section('Retests').lines[0]).toEqual([
      'Will not start',
      'after: Cleaned and set',
      expect.stringMatching(/^changed; .*1 Jan 2030$/) as string,
    ]);
    // A check that was opened again is not in it.
    expect(r.section('Checks').lines).toEqual([]);
    expect(of('signature.sign').section('Checks').lines).toEqual([]);
    expect(r.section('Allowed anyway').lines).toContainEqual(['Run', 'Only to hear it once', 'by Ines Corrow, 1 Jan 2030']);
    expect(r.section('Allowed anyway').lines[0][2]).toMatch(/^by Ines Corrow, 1 Jan 2030, withdrawn/);
  });

  it('of a cause whose repair changed nothing says so', () => {
    const state = after('retest.log');
    state.rows.retest.set(id.retest, { ...state.rows.retest.get(id.retest)!, result: 'same' });
    const found = recordOf(state, shipped, id.job, { workshop: 'W', owner: null, currency: '¤', zone: 'UTC' }).sections.find(
      (s) => s.title === 'Results',
    )!;
    expect(found.lines).toContainEqual([
      'Suspected',
      'Oxide on the contacts',
      'repaired, and the complaint was the same: not the cause, or not alone',
    ]);
  });

  it('leaves out what was withdrawn and what is made good', () => {
    expect(JSON.stringify(of().section('Results'))).not.toContain('Spark, points flicked');
    expect(of().section('Temporary repairs')).toMatchObject({ lines: [], empty: 'No temporary repair on the bike.' });
    expect(of('provisional.add').section('Temporary repairs').lines[0]).toEqual(['Tie on the panel', 'lug broken', 'may be ridden']);
  });

  it('adds up the bill: work at the rate, materials, and only parts that were fitted', () => {
    // 20 min at 35 an hour is 11.67; the condenser is only ordered
    expect(
      of()
        .section('Bill')
        .lines.map((l) => l[2]),
    ).toEqual(['2.50 ¤', '11.67 ¤', '14.17 ¤']);
  });

  it('says that it is not handed over yet, or when it was', () => {
    expect(of('watch.add').under.at(-1)).toMatch(/not handed over yet$/);
    expect(of().under.at(-1)).toMatch(/handed over 1 Jan 2030$/);
  });

  it('of a bike just booked in says plainly that there is nothing', () => {
    const r = of('bike.bookIn');
    expect(r.section('Readings')).toMatchObject({ lines: [], empty: 'No readings.' });
    expect(recordNotice).toMatch(/maker’s manual/);
  });
});
