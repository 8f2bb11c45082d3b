import type { Fault, FindingKind, OwnFigure, Test } from '../knowledge';
import type { Own } from '../state';
import { id, list, maybe, object, special, truth, type ObjectOf } from '../state/kinds';
import { define } from './define';
import { Refused, type PayloadOf } from './types';

/** What a workshop knows itself. */

/** The most entries that one command may bring. */
const mostOwnEntries = 400;

const fault = special<Fault>('fault entry');
const finding = special<FindingKind>('finding entry');
const test = special<Test>('test entry');
const figure = special<OwnFigure>('value entry');

const entries = {
  faults: list(object({ id: id(), body: fault }), mostOwnEntries),
  findings: list(object({ id: id(), body: finding }), mostOwnEntries),
  tests: list(object({ id: id(), body: test }), mostOwnEntries),
  figures: list(object({ id: id(), body: figure }), mostOwnEntries),
};
export type OwnAdd = ObjectOf<typeof entries>;

const ownAdd = define({
  type: 'own.add',
  on: 'own',
  says: 'Own knowledge',
  byHand: true,
  payload: entries,
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
  const as = (what: Own['what'], entries: { id: string; body: unknown }[]) =>
    entries.map(({ id, body }) => ({ id, what, body, retired: false }));
  return [...as('fault', p.faults), ...as('finding', p.findings), ...as('test', p.tests), ...as('figure', p.figures)] as Omit<
    Own,
    'versions'
  >[];
}

/** Another wording or figure for one entry; what it is about stays. */
const ownChange = define({
  type: 'own.change',
  on: 'own',
  says: 'Own knowledge changed',
  byHand: true,
  payload: { fault: maybe(fault), finding: maybe(finding), test: maybe(test), figure: maybe(figure) },
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
const ownRetire = define({
  type: 'own.retire',
  on: 'own',
  says: 'Own knowledge removed or restored',
  byHand: true,
  payload: { ids: list(id(), mostOwnEntries, 1), retired: truth },
  undoable: false,
  job: () => null,
  needs: (p) => p.ids.map((id) => ({ table: 'own', id })),
  draft: (d, p) => {
    for (const id of p.ids) d.set('own', id, { retired: p.retired });
  },
});

export type OwnChange = PayloadOf<typeof ownChange>;

export const own = [ownAdd, ownChange, ownRetire];
