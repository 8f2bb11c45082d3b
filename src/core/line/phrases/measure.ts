import { cylindersOf, factsOf } from '../../knowledge';
import { limitFor, quantityInfo } from '../../measure';
import { placeWords } from '../../state';
import { figure, type Figure, figureWords } from '../figure';
import { cylinder, mark, maybe, oneOf, perhaps, said, words } from '../slots';
import type { LineContext, Phrase, Slot } from '../types';
import { one } from './common';

interface Measured {
  id: string;
  name: string;
}
const quantity: Slot<Measured> = oneOf('what was measured', ({ knowledge }) => [
  ...knowledge.tests.flatMap((t) =>
    t.measure
      ? [
          {
            value: { id: t.measure.quantity, name: t.measure.name ?? t.name },
            names: [t.measure.name ?? t.name, t.measure.quantity.replace(/-/g, ' ')],
          },
        ]
      : [],
  ),
  ...knowledge.quantities.map((q) => ({ value: { id: q.id, name: q.name }, names: [q.name, q.id.replace(/-/g, ' ')] })),
]);

const infoFor = (before: readonly unknown[], { knowledge, traced }: LineContext) => {
  const q = before.find((b): b is Measured => typeof b === 'object' && b !== null && 'id' in b && 'name' in b);
  const info = q && quantityInfo(knowledge, q.id, factsOf(traced.bike, traced.job, knowledge));
  return info ? { info, limit: limitFor(info, traced.specs), ownUnit: traced.specs.find((s) => s.quantity === q.id)?.unit ?? null } : null;
};
const reading = figure(infoFor);

const read: Phrase = {
  id: 'read',
  does: 'A reading for the record',
  example: 'read idle speed 1150 rpm',
  slots: [said('read', 'measured', 'reading'), mark, quantity, perhaps(cylinder, 0.15), mark, reading],
  mean([, , q, position, , f], { context }) {
    const { id, name } = q as Measured;
    const { value, unit, entered } = f as Figure;
    const place = (position as string | null) ?? null;
    return [
      {
        phrase: 'read',
        words: `${[name, placeWords(place, cylindersOf(context.traced.bike, context.knowledge))].filter(Boolean).join(', ')}: ${figureWords({ value, unit })}`,
        acts: [
          {
            do: 'act',
            type: 'reading.add',
            id: null,
            payload: {
              jobId: context.jobId,
              position: place,
              conditions: {},
              reading: { bikeId: context.traced.bike.id, quantity: id, value, unit, entered, instrument: null },
            },
            needIds: ['reading'],
          },
        ],
        reading: { quantity: id, value, unit },
        cost: 0,
      },
    ];
  },
};

const limit: Phrase = {
  id: 'limit',
  does: 'A limit from this bike’s manual',
  example: 'limit compression 142 to 195 psi book page 61',
  slots: [said('limit', 'spec'), mark, quantity, mark, reading, mark, words('where it stands', [], true)],
  mean([, , q, , f, , source], { context }) {
    const { id, name } = q as Measured;
    const { value, unit, entered } = f as Figure;
    const bounds =
      value.kind === 'interval'
        ? [value.low, value.high]
        : value.kind === 'atLeast'
          ? [value.bound, null]
          : value.kind === 'atMost'
            ? [null, value.bound]
            : null;
    if (!bounds) return [];
    const from = (source as string) || 'manual of this bike';
    const old = context.traced.specs.find((s) => s.quantity === id);
    const set = {
      low: bounds[0],
      high: bounds[1],
      serviceLow: null,
      serviceHigh: null,
      unit,
      entered,
      source: from,
      origin: 'book' as const,
    };
    return one(
      'limit',
      `Limit of ${name}: ${figureWords({ value, unit })}, from ${from}${old ? ' (takes the place of the one there)' : ''}`,
      old
        ? { do: 'set', type: 'spec.set', id: old.id, set: { low: bounds[0], high: bounds[1], unit, entered, source: from, origin: 'book' } }
        : { do: 'act', type: 'spec.add', id: null, payload: { bikeId: context.traced.bike.id, quantity: id, ...set } },
    );
  },
};

const erratum: Phrase = {
  id: 'erratum',
  does: 'Where this bike’s manual is wrong',
  example: 'erratum page 61: says 25 nm -> 15 nm',
  slots: [
    said('erratum', 'the book is wrong'),
    mark,
    maybe({
      hint: 'page 61',
      read: ({ tokens }, at) =>
        /^(page|p\.?)$/.test(tokens[at]?.low ?? '') && tokens[at + 1] ? [{ value: tokens[at + 1].text, next: at + 2 }] : [],
    }),
    mark,
    maybe(said('says', 'it says')),
    words('what the book says', ['->', '→', 'but', 'right']),
    said('->', '→', 'but it is', 'right is', 'but'),
    words('what is right'),
  ],
  mean: ([, , page, , , says, , right], { context }) =>
    one('erratum', `The manual says “${says as string}”${page ? ` (page ${page as string})` : ''}; right is “${right as string}”`, {
      do: 'act',
      type: 'erratum.add',
      id: null,
      payload: {
        bikeId: context.traced.bike.id,
        book: 'manual of this bike',
        page: (page as string | null) ?? null,
        quantity: null,
        says: says as string,
        right: right as string,
        source: context.actor?.name ?? 'found at the bench',
      },
    }),
};

/** Readings, limits and where the book is wrong. */
export const measurePhrases: Phrase[] = [read, limit, erratum];
