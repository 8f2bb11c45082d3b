import type { Fault, FindingKind, OwnFigure, Test } from '../knowledge';
import type { Own } from '../record';
import { define } from './define';
import { Refused } from './types';

/** What a shop adds to the knowledge that ships: faults, findings, tests and figures. It belongs to the shop, not to a job. */

interface Entry<T> {
  id: string;
  body: T;
}

/** Several entries at once, since a fault often comes with the test that finds it: all of them or none. */
export interface OwnAdd {
  faults: Entry<Fault>[];
  findings: Entry<FindingKind>[];
  tests: Entry<Test>[];
  figures: Entry<OwnFigure>[];
}

const ownAdd = define<OwnAdd>('own.add', {
  // Entries are taken out and put back, so that nothing that was found by them loses its meaning.
  undoable: false,
  job: () => null,
  needs: (p) => rowsOf(p).map((r) => ({ table: 'own', id: r.id })),
  draft: (d, p, c) => {
    const rows = rowsOf(p);
    if (rows.length === 0) throw new Refused({ code: 'missing', message: 'There is nothing in it.' });
    if (!rows.some((r) => r.id === c.entity.id)) throw new Refused({ code: 'missing', message: 'It names none of its own entries.' });
    for (const row of rows) d.insert('own', row);
  },
});

function rowsOf(p: OwnAdd): Omit<Own, 'versions'>[] {
  const as = (what: Own['what'], list: Entry<unknown>[]) => list.map(({ id, body }) => ({ id, what, body, retired: false }));
  return [...as('fault', p.faults), ...as('finding', p.findings), ...as('test', p.tests), ...as('figure', p.figures)] as Omit<
    Own,
    'versions'
  >[];
}

/** Another wording or figure for one entry; what it is about stays. */
export interface OwnChange {
  fault: Fault | null;
  finding: FindingKind | null;
  test: Test | null;
  figure: OwnFigure | null;
}

const ownChange = define<OwnChange>('own.change', {
  undoable: false,
  job: () => null,
  draft: (d, p, c) => {
    const row = d.need('own', c.entity.id);
    const body = p[row.what];
    if (!body) throw new Refused({ code: 'missing', message: `This entry is a ${row.what}.` });
    const same = row.what === 'figure' ? subject(row.body) === subject(body as OwnFigure) : row.body.id === (body as Fault).id;
    if (!same) throw new Refused({ code: 'exists', message: 'What an entry is about stays: make a new one instead.' });
    d.setSeen('own', row.id, { body } as Partial<Own>);
  },
});

const subject = ({ fault, test }: OwnFigure) => `${fault ?? ''} ${test ?? ''}`;

/** Takes entries out, or puts them back. */
const ownRetire = define<{ ids: string[]; retired: boolean }>('own.retire', {
  undoable: false,
  job: () => null,
  needs: (p) => p.ids.map((id) => ({ table: 'own', id })),
  draft: (d, p) => {
    for (const id of p.ids) d.set('own', id, { retired: p.retired });
  },
});

export const own = [ownAdd, ownChange, ownRetire];
