import type { Part, PartStatus } from '../../state';
import { among, amount, mark, maybe, number, oneOf, perhaps, said, words } from '../slots';
import { date } from '../times';
import type { Phrase, Slot } from '../types';
import { one, rowsOf } from './common';

const need: Phrase = {
  id: 'need',
  does: 'A part that is needed',
  example: 'need 2 head gasket 12.50 from Harbour Stores',
  slots: [
    said('need', 'order'),
    mark,
    perhaps(number('how many', 1, 999), 0.4),
    words('which part', ['from', ',', ';']),
    mark,
    maybe(said('from')),
    words('from whom', [], true),
  ],
  mean([, , n, what, , , from], line) {
    const count = (n as number | null) ?? 1;
    if (!Number.isInteger(count)) return [];
    // A sum at the end of the name is its price.
    const m = /^(.*\S)\s+((?:0|[1-9]\d{0,8})(?:\.\d{1,2})?)$/.exec(what as string);
    const name = m ? m[1] : (what as string);
    const price = m ? m[2] : '0';
    if (/^[\d.]+$/.test(name)) return [];
    const source = (from as string) || null;
    return one(
      'need',
      `Needed: ${count} × ${name}${price !== '0' ? ` at ${price} ${line.context.currency}` : ''}${source ? ` from ${source}` : ''}`,
      {
        do: 'act',
        type: 'part.add',
        id: null,
        payload: { jobId: line.context.jobId, findingId: null, name, number: null, source, quantity: count, price, dueOn: null },
      },
    );
  },
};

const part: Slot<Part> = oneOf('a part', (c) =>
  rowsOf(c, 'part').map((p) => ({ value: p, names: [p.name, ...(p.number ? [p.number] : [])] })),
);

const due: Slot<string | null> = maybe({
  hint: 'due friday',
  offers: () => ['due tomorrow'],
  read: (line, at) => (/^(due|by)$/.test(line.tokens[at]?.low ?? '') ? date.read(line, at + 1, []) : []),
});
const price: Slot<string | null> = maybe({
  hint: 'at 12.50',
  read: (line, at) => (/^(at|for|costs?)$/.test(line.tokens[at]?.low ?? '') ? amount.read(line, at + 1, []) : []),
});

const partIs: Phrase = {
  id: 'part',
  does: 'How far a part is',
  example: 'ordered head gasket due friday',
  slots: [
    among<PartStatus>('ordered, arrived, fitted or spare', {
      ordered: 'ordered',
      arrived: 'arrived',
      'has arrived': 'arrived',
      fitted: 'fitted',
      spare: 'spare',
      needed: 'needed',
    }),
    mark,
    part,
    mark,
    price,
    mark,
    due,
  ],
  mean([status, , p, , cost, , on], { context }) {
    const it = p as Part;
    const set = { status: status as PartStatus, ...(cost ? { price: cost as string } : {}), ...(on ? { dueOn: on as string } : {}) };
    return one(
      'part',
      `${it.name}: ${status as string}${cost ? `, at ${cost as string} ${context.currency}` : ''}${on ? `, due ${on as string}` : ''}`,
      {
        do: 'set',
        type: 'part.set',
        id: it.id,
        set,
      },
    );
  },
};

/** Parts: what is needed and how it stands. */
export const partsPhrases: Phrase[] = [need, partIs];
