import { cylindersOf, factsOf } from '../../knowledge';
import { limitFor, quantityInfo } from '../../measure';
import { show } from '../../quantity';
import {
  placeWords,
  waitKinds,
  type Checkmark,
  type Part,
  type PartStatus,
  type Provisional,
  type Torque,
  type TorqueUnit,
  type Wait,
  type WaitKind,
} from '../../state';
import { checklist } from '../../stage';
import { parseStages, parseThread } from '../../torque';

import { figure, figureWords, plainFigure, type Figure } from '../figure';
import { amount, among, cylinder, mark, maybe, number, oneOf, perhaps, said, words } from '../slots';
import { date, time } from '../times';
import { slice } from '../tokens';
import type { Found, LineAct, LineContext, Meaning, Phrase, SpokenReading, Slot } from '../types';

/** Readings and limits, parts, torques, checks, waits and what is provisional. */

const rowsOf = <T extends 'part' | 'torque' | 'torqueStage' | 'wait' | 'provisional'>(c: LineContext, table: T) =>
  [...c.state.rows[table].values()].filter((r) => r.jobId === c.jobId);

const one = (phrase: string, text: string, ...acts: LineAct[]): Meaning[] => [{ phrase, words: text, acts, cost: 0 }];

/* readings and limits */

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
  does: 'A reading for the record only',
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
  does: 'A limit from the book of this bike',
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
    const from = (source as string) || 'book of this bike';
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
  does: 'Where the book of this bike is wrong',
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
    one('erratum', `The book says “${says as string}”${page ? ` (page ${page as string})` : ''}; right is “${right as string}”`, {
      do: 'act',
      type: 'erratum.add',
      id: null,
      payload: {
        bikeId: context.traced.bike.id,
        book: 'book of this bike',
        page: (page as string | null) ?? null,
        quantity: null,
        says: says as string,
        right: right as string,
        source: context.actor?.name ?? 'found at the bench',
      },
    }),
};

/* parts */

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
    return one('need', `Needed: ${count} × ${name}${price !== '0' ? ` at ${price}` : ''}${source ? ` from ${source}` : ''}`, {
      do: 'act',
      type: 'part.add',
      id: null,
      payload: { jobId: line.context.jobId, findingId: null, name, number: null, source, quantity: count, price, dueOn: null },
    });
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
    among<PartStatus>('ordered, arrived or fitted', {
      ordered: 'ordered',
      arrived: 'arrived',
      'has arrived': 'arrived',
      fitted: 'fitted',
      needed: 'needed',
    }),
    mark,
    part,
    mark,
    price,
    mark,
    due,
  ],
  mean([status, , p, , cost, , on]) {
    const it = p as Part;
    const set = { status: status as PartStatus, ...(cost ? { price: cost as string } : {}), ...(on ? { dueOn: on as string } : {}) };
    return one('part', `${it.name}: ${status as string}${cost ? `, at ${cost as string}` : ''}${on ? `, due ${on as string}` : ''}`, {
      do: 'set',
      type: 'part.set',
      id: it.id,
      set,
    });
  },
};

/* torque */

interface TorqueWords {
  name: string;
  count: number;
  thread: string | null;
  torque: { si: number; unit: string; entered: string };
  rest: string;
  done: boolean;
}
const torqueFigure = plainFigure('torque', 'nm');

/** Fasteners, perhaps how many of which thread, the figure, stages after it, "done". */
const torqueLine: Slot<TorqueWords> = {
  hint: 'which fasteners and their figure, like sump plug 25 nm',
  read(line, at) {
    const { tokens, source } = line;
    const found: Found<TorqueWords>[] = [];
    for (let i = at + 1; i < tokens.length; i++) {
      for (const f of torqueFigure.read(line, i, []).slice(0, 1)) {
        let end = i;
        let thread: string | null = null;
        let count = 1;
        const sized = /^m\d+(\.\d)?(x[\d.]+)?$/i.test(tokens[end - 1].text) && parseThread(tokens[end - 1].text);
        if (sized) thread = tokens[--end].text.toUpperCase().replace('X', 'x');
        const many =
          /^(\d+)[x×]?$/.exec(tokens[end - 1]?.low ?? '') ??
          (/^[x×]$/.test(tokens[end - 1]?.low ?? '') ? /^(\d+)$/.exec(tokens[end - 2]?.low ?? '') : null);
        if (many && end - 1 > at) {
          count = Number(many[1]);
          end -= /^[x×]$/.test(tokens[end - 1].low) ? 2 : 1;
        }
        let stop = tokens.length;
        const done = tokens[stop - 1].low === 'done';
        if (done) stop--;
        const name = slice(source, tokens, at, end)
          .replace(/[,;:]$/, '')
          .trim();
        const rest = stop > f.next ? slice(source, tokens, f.next, stop).replace(/^(then|and|,)\s*/i, '') : '';
        if (name && count >= 1 && count <= 99)
          found.push({ value: { name, count, thread, torque: f.value, rest, done }, next: tokens.length });
      }
      if (found.length) break;
    }
    return found;
  },
};

const same = (a: string, b: string) => a.toLowerCase().replace(/\W+/g, ' ').trim() === b.toLowerCase().replace(/\W+/g, ' ').trim();

/** All stages of a torque that are still open, as acts in their order. */
function stageActs(c: LineContext, torqueId: string): LineAct[] {
  return rowsOf(c, 'torqueStage')
    .filter((s) => s.torqueId === torqueId && !s.doneAt)
    .sort((a, b) => a.n - b.n)
    .map((s) => ({ do: 'act', type: 'torque.stage', id: s.id, payload: { jobId: c.jobId, torqueId } }));
}

const torque: Phrase = {
  id: 'torque',
  does: 'A torque to do, or done',
  example: 'sump plug 25 nm done',
  slots: [maybe(said('torque')), mark, torqueLine],
  mean([, , v], { context, problems, tokens }) {
    const { name, count, thread, torque: t, rest, done } = v as TorqueWords;
    const planned = rowsOf(context, 'torque').find((x) => same(x.name, name) && Math.abs(x.figureNm - t.si) < 0.05 + 0.01 * t.si);
    if (planned && done && !rest) {
      const acts = stageActs(context, planned.id);
      if (acts.length === 0) return [];
      return one(
        'torque',
        `${planned.name}, ${planned.entered}: ${acts.length === 1 ? 'the last stage' : `all ${acts.length} stages`} done`,
        ...acts,
      );
    }
    const stages = parseStages(rest ? `${t.entered}, ${rest.replace(/\bthen\b/gi, ',')}` : '', t.unit, t.si);
    if (!stages.ok) {
      problems.push({ at: tokens.length, message: stages.message });
      return [];
    }
    const list = stages.stages.map((s) => ({ kind: s.kind, value: s.value }));
    const said = list.map((s) => (s.kind === 'angle' ? `${s.value}°` : `${show(s.value, t.unit)} ${t.unit}`)).join(', then ');
    return [
      {
        phrase: 'torque',
        words: `Torque: ${name}${count > 1 || thread ? `, ${count} × ${thread ?? 'thread not noted'}` : ''}, ${t.entered} in ${list.length === 1 ? 'one go' : `${list.length} stages (${said})`}${done ? '; done' : ''}`,
        acts: [
          {
            do: 'act',
            type: 'torque.plan',
            id: null,
            payload: {
              jobId: context.jobId,
              name,
              thread,
              count,
              figureNm: t.si,
              unit: t.unit as TorqueUnit,
              entered: t.entered,
              source: 'as said at the bench',
              stages: list,
            },
            needIds: ['stages'],
            ...(done && { allDone: true }),
          },
        ],
        cost: 0,
      },
    ];
  },
};

const openTorque: Slot<Torque> = oneOf('a torque', (c) => rowsOf(c, 'torque').map((t) => ({ value: t, names: [t.name] })));

const torqueDone: Phrase = {
  id: 'done',
  does: 'The next stage of a torque is done',
  example: 'head nuts done',
  slots: [openTorque, maybe(said('stage', 'next stage')), said('done')],
  mean([t], { context }) {
    const it = t as Torque;
    const acts = stageActs(context, it.id);
    if (acts.length === 0) return [];
    const all = rowsOf(context, 'torqueStage').filter((s) => s.torqueId === it.id).length;
    return one('done', `${it.name}: stage ${all - acts.length + 1} of ${all} done`, acts[0]);
  },
};

const sign: Phrase = {
  id: 'sign',
  does: 'Sign for a torque',
  example: 'sign head nuts',
  slots: [said('sign', 'signed'), mark, openTorque, maybe(said('by')), words('who signs', [], true)],
  mean([, , t, , who], { context }) {
    const it = t as Torque;
    // Whoever works with this device signs, and nobody in the name of another.
    const name = context.actor?.name;
    if (!name || (who && (who as string).toLowerCase() !== name.toLowerCase())) return [];
    const old = [...context.state.rows.signature.values()].filter((s) => s.subjectId === it.id).at(-1);
    return one('sign', `${it.name}, ${it.entered}: signed by ${name}. A signature is never undone.`, {
      do: 'act',
      type: 'signature.sign',
      id: null,
      payload: { jobId: context.jobId, kind: 'torque', subjectId: it.id, signedBy: name, supersedes: old?.id ?? null },
    });
  },
};

/* checks and cautions */

const items = (c: LineContext) =>
  c.knowledge.checklists.flatMap((l) =>
    checklist(c.state, c.knowledge, c.jobId, l.id).map((i) => ({ list: l.id, item: i.id, text: i.text })),
  );
const item = oneOf('what was checked', (c) => items(c).map((i) => ({ value: i, names: [i.item.replace(/-/g, ' '), i.text] })));
const check: Phrase = {
  id: 'check',
  does: 'Something on a checklist',
  example: 'check kill switch',
  slots: [
    among<'done' | 'notNeeded' | 'open'>('check, not needed or open again', {
      check: 'done',
      checked: 'done',
      'not needed': 'notNeeded',
      'open again': 'open',
    }),
    mark,
    item,
    mark,
    words('note', [], true),
  ],
  mean([state, , i, , n], { context }) {
    const { list, item: id, text } = i as { list: string; item: string; text: string };
    const said = { done: 'checked', notNeeded: 'not needed', open: 'open again' }[state as 'done' | 'notNeeded' | 'open'];
    return one('check', `${text}: ${said}${n ? ` (${n as string})` : ''}`, {
      do: 'act',
      type: 'check.mark',
      id: null,
      payload: { jobId: context.jobId, list, item: id, state: state as Checkmark['state'], note: (n as string) || null },
    });
  },
};

const caution: Phrase = {
  id: 'caution',
  does: 'A caution that was read',
  example: 'caution fuel vapour',
  slots: [
    said('caution', 'aware of'),
    mark,
    oneOf('a caution', ({ knowledge }) => knowledge.hazards.map((h) => ({ value: h, names: [h.id.replace(/-/g, ' '), h.text] }))),
  ],
  mean([, , h], { context }) {
    const { id, text } = h as { id: string; text: string };
    return one('caution', `Read: ${text}`, {
      do: 'act',
      type: 'hazard.acknowledge',
      id: null,
      payload: { jobId: context.jobId, hazard: id, place: context.next?.testId ?? 'bench line' },
    });
  },
};

/* waits */

const when = (iso: string, { aheadMinutes }: LineContext) => {
  const t = new Date(Date.parse(iso) + aheadMinutes * 60_000).toISOString();
  return `${t.slice(0, 10)} ${t.slice(11, 16)}`;
};
const kinds = Object.fromEntries(waitKinds.map((k) => [k, k])) as Record<WaitKind, WaitKind>;

interface WaitWords {
  what: string;
  until: string | null;
  lookAgain: string | null;
}
/** What is waited for, then "until" or "look again" and a time; either or both. */
const waitLine: Slot<WaitWords> = {
  hint: 'what, then until or look again, and when',
  read(line, at) {
    const stops = ['until', 'look', 'in', 'tomorrow', 'tonight', 'today'];
    const what = words('what', stops).read(line, at, [])[0];
    if (!what) return [];
    let found: Found<WaitWords>[] = [{ value: { what: what.value, until: null, lookAgain: null }, next: what.next }];
    for (let round = 0; round < 2; round++)
      found = found.flatMap((f) => {
        const i = /^[,;]$/.test(line.tokens[f.next]?.text ?? '') ? f.next + 1 : f.next;
        const until = line.tokens[i]?.low === 'until';
        const look = line.tokens[i]?.low === 'look' && line.tokens[i + 1]?.low === 'again';
        if (round === 1 && !until && !look) return [f];
        const times = time.read(line, until ? i + 1 : look ? i + 2 : i, []);
        if (times.length === 0) return [f];
        return times.map((t) => ({ value: { ...f.value, [look ? 'lookAgain' : 'until']: t.value }, next: t.next }));
      });
    return found.filter((f) => f.value.until ?? f.value.lookAgain);
  },
};
const wait: Phrase = {
  id: 'wait',
  does: 'Something must wait',
  example: 'wait soaking bores until tomorrow 9:00',
  slots: [
    said('wait', 'wait for', 'waiting'),
    mark,
    perhaps(among<WaitKind>('soaking, curing, cooling, part, owner, outside work, charging', kinds), 0.3),
    mark,
    waitLine,
  ],
  mean([, , k, , w], { context }) {
    const { what, until, lookAgain } = w as WaitWords;
    const kind = (k as WaitKind | null) ?? 'owner';
    if (!k) return [];
    return one(
      'wait',
      `Waits, ${kind}: ${what}${lookAgain ? `; look again ${when(lookAgain, context)}` : ''}${until ? `; until ${when(until, context)}` : ''}`,
      { do: 'act', type: 'wait.start', id: null, payload: { jobId: context.jobId, kind, what, until, lookAgain } },
    );
  },
};
const openWait: Slot<Wait> = oneOf('a wait', (c) =>
  rowsOf(c, 'wait')
    .filter((w) => !w.endedAt)
    .map((w) => ({ value: w, names: [w.what, `${w.kind} ${w.what}`] })),
);
const over: Phrase = {
  id: 'over',
  does: 'A wait is over',
  example: 'over bores',
  slots: [said('over', 'wait over'), mark, openWait],
  mean: ([, , w], { context }) =>
    one('over', `No longer waited for: ${(w as Wait).what}`, {
      do: 'act',
      type: 'wait.end',
      id: (w as Wait).id,
      payload: { jobId: context.jobId },
    }),
};
const later: Phrase = {
  id: 'later',
  does: 'Look at a wait again later',
  example: 'later bores in 2 hours',
  slots: [said('later'), mark, openWait, maybe(said('look again')), time],
  mean: ([, , w, , t], { context }) =>
    one('later', `${(w as Wait).what}: look again ${when(t as string, context)}`, {
      do: 'set',
      type: 'wait.set',
      id: (w as Wait).id,
      set: { lookAgain: t as string },
    }),
};

/* provisional, to be watched */

interface ProvisionalWords {
  what: string;
  why: string;
  until: string | null;
  mayRun: boolean;
  mayRide: boolean;
  mayLeave: boolean;
}
const provisionalLine: Slot<ProvisionalWords> = {
  hint: 'what, because why, until …, may ride',
  read(line, at) {
    const { tokens, source } = line;
    const what = words('what', ['because', ':']).read(line, at, [])[0];
    if (!what || what.next >= tokens.length) return [];
    const isMay = (i: number) =>
      tokens[i]?.low === 'may' || (/^(not|no)$/.test(tokens[i]?.low ?? '') && tokens[i + 1]?.low === 'may') ? true : false;
    let end = what.next + 1;
    while (end < tokens.length && tokens[end].low !== 'until' && !isMay(end)) end++;
    const why = slice(source, tokens, what.next + 1, end)
      .replace(/[,;]$/, '')
      .trim();
    let until: string | null = null;
    if (tokens[end]?.low === 'until') {
      let stop = end + 1;
      while (stop < tokens.length && !isMay(stop) && !(tokens[stop].text === ',' && isMay(stop + 1))) stop++;
      until =
        slice(source, tokens, end + 1, stop)
          .replace(/[,;]$/, '')
          .trim() || null;
      end = stop;
    }
    const may = { mayRun: false, mayRide: false, mayLeave: false };
    while (end < tokens.length) {
      if (/^(,|;|and|may)$/.test(tokens[end].low)) {
        end++;
        continue;
      }
      const not = tokens[end].low === 'not';
      const verb = tokens[not ? end + 1 : end]?.low ?? '';
      const field = ({ run: 'mayRun', ride: 'mayRide', ridden: 'mayRide', leave: 'mayLeave' } as const)[verb as 'run'];
      if (!field) return [];
      may[field] = !not;
      end += not ? 2 : 1;
    }
    return why ? [{ value: { what: what.value, why, until, ...may }, next: end }] : [];
  },
};
const mayWords = (p: Pick<Provisional, 'mayRun' | 'mayRide' | 'mayLeave'>) =>
  [
    p.mayRun ? 'may run' : 'may not run',
    p.mayRide ? 'may be ridden' : 'may not be ridden',
    p.mayLeave ? 'may leave' : 'may not leave',
  ].join(', ');
const provisional: Phrase = {
  id: 'provisional',
  does: 'A repair that is only for now',
  example: 'provisional wire on the panel because the lug broke until new panel, may run, may ride',
  slots: [said('provisional', 'for now'), mark, provisionalLine],
  mean([, , v], { context }) {
    const p = v as ProvisionalWords;
    return one('provisional', `Provisional: ${p.what}, because ${p.why}${p.until ? `, until ${p.until}` : ''}; ${mayWords(p)}`, {
      do: 'act',
      type: 'provisional.add',
      id: null,
      payload: { jobId: context.jobId, ...p, untilOn: null },
    });
  },
};
const openProvisional: Slot<Provisional> = oneOf('a provisional repair', (c) =>
  rowsOf(c, 'provisional')
    .filter((p) => !p.endedAt)
    .map((p) => ({ value: p, names: [p.what] })),
);
const provisionalOver: Phrase = {
  id: 'provisional over',
  does: 'A provisional repair is done properly',
  example: 'proper wire on the panel',
  slots: [said('proper', 'provisional over', 'no longer provisional'), mark, openProvisional],
  mean: ([, , p], { context }) =>
    one('provisional over', `No longer provisional: ${(p as Provisional).what}`, {
      do: 'act',
      type: 'provisional.end',
      id: (p as Provisional).id,
      payload: { jobId: context.jobId },
    }),
};

const watch: Phrase = {
  id: 'watch',
  does: 'Something to keep an eye on',
  example: 'watch base gasket, after 500 km',
  slots: [said('watch', 'keep an eye on'), mark, words('what', [',', ';', 'after', 'at', 'every', 'until', 'when']), mark, words('when')],
  mean: ([, , what, , on], { context }) =>
    one('watch', `To be watched: ${what as string}, ${on as string}`, {
      do: 'act',
      type: 'watch.add',
      id: null,
      payload: { jobId: context.jobId, what: what as string, due: on as string },
    }),
};

const handOver: Phrase = {
  id: 'hand over',
  does: 'The bike leaves',
  example: 'hand over',
  slots: [said('hand over', 'handed over')],
  mean: (_v, { context }: SpokenReading) =>
    one('hand over', 'The bike is handed over, and this job is closed.', {
      do: 'act',
      type: 'job.handOver',
      id: context.jobId,
      payload: {},
    }),
};

export const workPhrases: Phrase[] = [
  read, limit, erratum, need, partIs, torque, torqueDone, sign, check, caution, wait, over, later, provisional, provisionalOver, watch, handOver,
]; // prettier-ignore
