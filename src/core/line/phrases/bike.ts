import { isUndoable, undoTargets } from '../../command';
import type { Answer } from '../../state';
import { schoolIds } from '../../trace';
import { plainFigure } from '../figure';
import { amount, among, mark, maybe, number, oneOf, said, words } from '../slots';
import type { LineAct, LineContext, Meaning, Phrase, Slot } from '../types';

/** What the bike is, where it stood, whose it is, what was agreed; and the way back. */

const one = (phrase: string, text: string, ...acts: LineAct[]): Meaning[] => [{ phrase, words: text, acts, cost: 0 }];

type Row = 'bike' | 'job';
const setOn = (row: Row, { traced, jobId }: LineContext, set: Record<string, unknown>): LineAct =>
  row === 'bike' ? { do: 'set', type: 'bike.set', id: traced.bike.id, set } : { do: 'set', type: 'job.set', id: jobId, set };

/** A phrase that sets one field from one value. */
function field(
  id: string,
  does: string,
  example: string,
  row: Row,
  name: string,
  said_: Slot<unknown>,
  value: Slot<unknown>,
  show: (v: unknown, context: LineContext) => string = String,
  tail?: Slot<unknown>,
): Phrase {
  return {
    id,
    does,
    example,
    slots: [said_, mark, value, ...(tail ? [maybe(tail)] : [])],
    mean: ([, , v], { context }) => one(id, `${does}: ${show(v, context)}`, setOn(row, context, { [name]: v })),
  };
}

/** A phrase that is its own value: "air cooled". */
function being(id: string, does: string, example: string, row: Row, name: string, values: Record<string, unknown>): Phrase {
  return {
    id,
    does,
    example,
    slots: [among(does.toLowerCase(), values)],
    mean: ([v], { context }) => one(id, `${does}: ${String(v)}`, setOn(row, context, { [name]: v })),
  };
}

const yes: Slot<Answer> = among<Answer>('yes or no', { yes: 'yes', no: 'no' });

const millimetres: Slot<number> = {
  hint: '60.5 mm',
  read: (line, at) =>
    [
      ...plainFigure('length', 'mm')
        .read(line, at, [])
        .map((f) => ({ value: Math.round(f.value.si * 1e6) / 1e3, next: f.next })),
      ...number('mm', 20, 150).read(line, at, []),
    ].slice(0, 1),
};

const months: Slot<number> = {
  hint: '18 months',
  offers: () => ['18 months', '3 years'],
  read: (line, at) =>
    number('how long', 0, 1200)
      .read(line, at, [])
      .flatMap((n) => {
        const unit = /^(month|year)s?$/.exec(line.tokens[n.next]?.low ?? '')?.[1];
        return unit ? [{ value: Math.round(n.value * (unit === 'year' ? 12 : 1)), next: n.next + 1 }] : [];
      }),
};

const count: Slot<number> = {
  hint: 'how many',
  read: (line, at) =>
    number('how many', 1, 8)
      .read(line, at, [])
      .filter((n) => Number.isInteger(n.value)),
};
const km: Slot<number> = {
  hint: '23000 km',
  read: (line, at) =>
    number('km', 0, 2e6)
      .read(line, at, [])
      .filter((n) => Number.isInteger(n.value)),
};
const year: Slot<number> = {
  hint: '1968',
  read: (line, at) =>
    number('year', 1885, 2100)
      .read(line, at, [])
      .filter((n) => Number.isInteger(n.value)),
};

const strokes: Phrase = being('strokes', 'Strokes', 'four stroke', 'bike', 'strokes', {
  'two stroke': 'two',
  'four stroke': 'four',
  '2 stroke': 'two',
  '4 stroke': 'four',
  'two-stroke': 'two',
  'four-stroke': 'four',
});

const areas: Phrase = {
  id: 'last touched',
  does: 'Last worked on',
  example: 'last touched ignition by a neighbour',
  slots: [
    said('last touched', 'someone was at'),
    mark,
    oneOf('what was touched', ({ knowledge }) => knowledge.areas.map((a) => ({ value: a.id, names: [a.name, a.id.replace(/-/g, ' ')] }))),
    maybe(said('by')),
    words('by whom', [], true),
  ],
  mean([, , a, by, who], { context }) {
    const old = context.traced.job.lastTouched ?? [];
    const set = { lastTouched: [...new Set([...old, a as string])], ...(by && who ? { lastTouchedBy: who } : {}) };
    if (!by && who) return [];
    return one(
      'last touched',
      `Last worked on: ${set.lastTouched.join(', ')}${by ? `, by ${who as string}` : ''}`,
      setOn('job', context, set),
    );
  },
};

const noteOn: Phrase = {
  id: 'note',
  does: 'A note on this job',
  example: 'note key is in the drawer',
  slots: [said('note'), mark, words('note')],
  mean([, , text], { context }) {
    const old = context.traced.job.notes;
    return one('note', `Note: ${text as string}`, setOn('job', context, { notes: old ? `${old}\n${text as string}` : text }));
  },
};

const agreed: Phrase = {
  id: 'agreed',
  does: 'What the owner agreed to',
  example: 'agreed up to 400: find out why, ask before opening',
  slots: [said('agreed', 'owner agreed'), mark, maybe(said('up to')), { ...maybe(amount) }, mark, words('to what')],
  mean([, , upTo, sum, , text], { context }) {
    if (!upTo && sum !== null) return [];
    if (upTo && sum === null) return [];
    const last = [...context.state.rows.consent.values()].filter((c) => c.jobId === context.jobId).at(-1);
    return one(
      'agreed',
      `Agreed with the owner${sum ? `, up to ${sum as string} ${context.currency}` : ''}: ${text as string}. An agreement is never undone.`,
      {
        do: 'act',
        type: 'consent.give',
        id: null,
        payload: { jobId: context.jobId, words: text as string, upTo: sum as string | null, supersedes: last?.id ?? null },
      },
    );
  },
};

const ownerIs: Phrase = {
  id: 'owner',
  does: 'Owner and telephone',
  example: 'owner phone 014 220 731',
  slots: [
    said('owner'),
    among<'name' | 'phone'>('name or phone', { name: 'name', phone: 'phone', telephone: 'phone' }),
    mark,
    words('what'),
  ],
  mean([, which, , text], { context }) {
    const owner = context.traced.bike.ownerId ? context.state.rows.owner.get(context.traced.bike.ownerId) : undefined;
    if (!owner) return [];
    const known = context.personal.find((p) => p.id === owner.personalId);
    const asked = { [which as 'name' | 'phone']: text as string };
    const next = { name: known?.name ?? null, phone: known?.phone ?? null, email: known?.email ?? null, ...asked };
    return one('owner', `Owner: ${[next.name, next.phone].filter(Boolean).join(', ')}`, {
      do: 'owner',
      id: owner.id,
      personal: next,
    });
  },
};

const person: Phrase = {
  id: 'person',
  does: 'Someone who works here',
  example: 'person Tam Veley',
  slots: [said('person', 'new hand'), mark, words('name')],
  mean: ([, , name]) =>
    one('person', `Works here: ${name as string}`, { do: 'act', type: 'person.add', id: null, payload: { name: name as string } }),
};

const wayBack = (which: 'undo' | 'redo'): Phrase => ({
  id: which,
  does: which === 'undo' ? 'Undo the last entry' : 'Redo',
  example: which,
  slots: [said(which)],
  mean(_v, { context }) {
    const target = undoTargets(context.state.journal, isUndoable)[which];
    return target ? one(which, which === 'undo' ? 'Undo the last entry' : 'Redo the last undo', { do: which, id: target.id }) : [];
  },
});

export const bikePhrases: Phrase[] = [
  field('name', 'Name of the bike', 'name Quillon 350', 'bike', 'name', said('name', 'bike'), words('name')),
  field('year', 'Year', 'year 1968', 'bike', 'year', said('year'), year),
  field('mileage', 'Mileage', 'mileage 23000 km', 'bike', 'mileageKm', said('mileage', 'odometer'), km, (v) => `${String(v)} km`, said('km')),
  field('frame', 'Frame number', 'frame Q350-20417', 'bike', 'frameNo', said('frame number', 'frame no', 'frame'), words('number')),
  field('engine', 'Engine number', 'engine number Q350-20417', 'bike', 'engineNo', said('engine number', 'engine no'), words('number')),
  field('cylinders', 'Cylinders', 'cylinders 2', 'bike', 'cylinders', said('cylinders'), count),
  strokes,
  being('cooling', 'Cooling', 'air cooled', 'bike', 'cooling', { 'air cooled': 'air', 'liquid cooled': 'liquid', 'water cooled': 'liquid', 'air-cooled': 'air', 'liquid-cooled': 'liquid' }),
  field('ignition', 'Ignition', 'ignition points', 'bike', 'ignition', said('ignition'), among('points, electronic or magneto', { points: 'points', electronic: 'electronic', magneto: 'magneto' })),
  field('fuelling', 'Fuelling', 'fuelling carburettor', 'bike', 'fuelling', said('fuelling', 'fuel by'), among('carburettor or injection', { carburettor: 'carburettor', injection: 'injection', carb: 'carburettor', carbs: 'carburettor' })),
  field('decompressor', 'Decompressor', 'decompressor none', 'bike', 'decompressor', said('decompressor'), among('none, manual or automatic', { none: 'none', no: 'none', manual: 'manual', automatic: 'automatic' })),
  being('voltage', 'Voltage', '6 volt', 'bike', 'voltage', { '6 volt': 6, '12 volt': 12, 'six volt': 6, 'twelve volt': 12, '6 volts': 6, '12 volts': 12 }),
  field('starting', 'Starting', 'starting kick', 'bike', 'starting', said('starting', 'starts by'), among('kick, electric or both', { kick: 'kick', electric: 'electric', both: 'both' })),
  field('clutch', 'Clutch', 'clutch cable', 'bike', 'clutch', said('clutch'), among('cable, hydraulic or automatic', { cable: 'cable', hydraulic: 'hydraulic', automatic: 'automatic' })),
  field('bore', 'Bore', 'bore 60 mm', 'bike', 'boreMm', said('bore'), millimetres, (v) => `${String(v)} mm`),
  field('stroke', 'Stroke', 'stroke 61 mm', 'bike', 'strokeMm', said('stroke'), millimetres, (v) => `${String(v)} mm`),
  field('ratio', 'Compression ratio', 'ratio 8.5', 'bike', 'compressionRatio', said('ratio', 'compression ratio'), number('ratio', 4, 20), String, said('to one', 'to 1', ': 1')),
  field('standing', 'Off the road', 'standing 18 months', 'job', 'standingMonths', said('standing', 'stood', 'stood for'), months, (v) => `${String(v)} months`),
  field('stored', 'Where it stood', 'stored damp', 'job', 'storage', said('stored', 'kept'), among('dry, damp, flooded or outside', { dry: 'dry', damp: 'damp', flooded: 'flooded', outside: 'outside' })),
  field('fuel left', 'Fuel was left in it', 'fuel left yes', 'job', 'fuelLeft', said('fuel left'), yes),
  field('crash', 'Crashed', 'crashed no', 'job', 'crash', said('crashed', 'crash'), yes),
  field('ran', 'It ran when parked', 'ran when parked yes', 'job', 'ranWhenParked', said('ran when parked', 'ran'), yes),
  areas,
  field('touched when', 'When it was last worked on', 'touched when a year ago, new plug', 'job', 'lastTouchedWhen', said('touched when'), words('when and what')),
  field('school', 'Approach', 'approach spark first', 'job', 'school', said('approach', 'school'), among('which approach', Object.fromEntries(schoolIds.flatMap((s) => [[s.replace(/-/g, ' '), s], [s, s]])))),
  field('rate', 'Rate an hour', 'rate 35', 'job', 'rate', said('rate'), amount, (v, c) => `${String(v)} ${c.currency}`),
  noteOn,
  agreed,
  ownerIs,
  person,
  wayBack('undo'),
  wayBack('redo'),
]; // prettier-ignore
