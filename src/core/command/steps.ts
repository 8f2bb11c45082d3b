import { firstOf, type TableName } from '../state';
import { id, list } from '../state/kinds';
import { define, from } from './define';
import type { Draft } from './draft';
import { Refused, type Need } from './types';

/** Steps of the strip cut in two and put together, with everything that hangs on them. */

/** The tables of which rows hang on a step. */
const hanging = ['fastener', 'fact', 'outline', 'connection', 'treatedPart', 'fluid', 'piece', 'finding'] as const satisfies TableName[];

const needsOf = (stepId: string): Need[] => [
  ...hanging.map((table) => ({ table, field: 'stepId', is: stepId })),
  { table: 'photo' as const, field: 'subjectId', is: stepId },
];

/** Everything that hangs on a step hangs on another from now on; of some tables only the rows that are named. */
function hangOn(d: Draft, fromId: string, toId: string, only?: ReadonlySet<string>): void {
  for (const table of hanging)
    for (const row of d.rows(table))
      if (row.stepId === fromId && (!only || only.has(row.id))) d.set<(typeof hanging)[number]>(table, row.id, { stepId: toId });
  if (only) return;
  for (const photo of d.rows('photo'))
    if (photo.subject === 'step' && photo.subjectId === fromId) d.set('photo', photo.id, { subjectId: toId });
}

/** What came off first becomes a step of its own, right in front of the rest; what is named goes with it. */
const stepSplit = define({
  type: 'step.split',
  on: 'step',
  says: 'Step split',
  byHand: true,
  payload: { ...from('step', 'jobId', 'title', 'bag'), newId: id(), rows: list(id(), 300) },
  needs: (p, c) => [...needsOf(c.entity.id), { table: 'step', id: p.newId }],
  draft: (d, p, c) => {
    const step = d.need('step', c.entity.id);
    if (step.refittedAt) throw new Refused({ code: 'not yet', message: `${step.title} is refitted: there is nothing left to split.` });
    const part = { jobId: p.jobId, title: p.title, bag: p.bag, access: null, note: null };
    d.insert('step', { ...firstOf('step'), ...part, id: p.newId, before: step.id, madeAt: c.madeAt });
    hangOn(d, step.id, p.newId, new Set(p.rows));
  },
});

/** Two steps that were one: what hangs on the one hangs on the other, and what stood in front of it stands in front of both. */
const stepJoin = define({
  type: 'step.join',
  on: 'step',
  says: 'Steps joined',
  byHand: true,
  payload: { ...from('step', 'jobId'), into: id('step') },
  needs: (p, c) => [...needsOf(c.entity.id), { table: 'step', field: 'jobId', is: p.jobId }],
  draft: (d, p, c) => {
    const [gone, kept] = [d.need('step', c.entity.id), d.need('step', p.into)];
    const not = (message: string) => new Refused({ code: 'not yet', message });
    if (gone.id === kept.id) throw not('A step is not joined with itself.');
    if (gone.refittedAt || kept.refittedAt) throw not('Only steps that are both off are joined.');
    if (gone.access && kept.access && gone.access !== kept.access)
      throw not(`${gone.title} and ${kept.title} give access to different things.`);
    if (gone.usual && kept.usual) throw not(`${gone.title} and ${kept.title} are two steps of a usual job.`);
    hangOn(d, gone.id, kept.id);
    for (const s of d.rows('step').filter((x) => x.before === gone.id && x.id !== kept.id)) d.set('step', s.id, { before: kept.id });
    const other = gone.bag && kept.bag && gone.bag !== kept.bag ? `bag ${gone.bag} too` : null;
    const note = [kept.note, gone.note, other].filter(Boolean).join('; ');
    d.set('step', kept.id, {
      title: kept.title === gone.title ? kept.title : `${kept.title}, ${gone.title}`.slice(0, 200),
      bag: kept.bag ?? gone.bag,
      access: kept.access ?? gone.access,
      usual: kept.usual ?? gone.usual,
      note: note ? note.slice(0, 2000) : null,
      ...(kept.before === gone.id && { before: gone.before === kept.id ? null : gone.before }),
    });
    d.remove('step', gone.id);
  },
});

export const steps = [stepSplit, stepJoin];
