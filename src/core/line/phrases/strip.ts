import { accessOf, cylindersOf, factsOf, faultById } from '../../knowledge';
import { verdicts, type Step, type StoredVerdict } from '../../state';
import { accountOf, spokenBy, type ParsedFastener } from '../../strip';
import { lastRepairId, placeName, positionsOf } from '../../trace';
import { numbersAt } from '../numbers';
import { bag, fasteners, mark, maybe, oneOf, said, words } from '../slots';
import { slice } from '../tokens';
import type { Found, LineContext, Meaning, Phrase, SpokenReading, Slot } from '../types';

/** What comes off, what is found on it, and what goes back. */

const stepsOf = ({ state, jobId }: LineContext): Step[] => [...state.rows.step.values()].filter((s) => s.jobId === jobId);
const fastenersOf = ({ state }: LineContext, stepId: string) => [...state.rows.fastener.values()].filter((f) => f.stepId === stepId);

const spoken = (list: readonly { count: number; size: string }[]) => list.map((f) => `${f.count} × ${f.size}`).join(', ');

function offMeaning(
  phrase: string,
  { context }: SpokenReading,
  title: string,
  label: string | null,
  list: ParsedFastener[],
  noteText: string | null,
): Meaning[] {
  if (!title || /^(back|back on|on|refitted)$/i.test(title)) return [];
  const inUse = label !== null && stepsOf(context).some((s) => !s.refittedAt && s.bag === label);
  const access =
    accessOf(context.knowledge, context.traced.bike.archetype).find((a) => a.thing?.toLowerCase() === title.toLowerCase())?.id ?? null;
  return [
    {
      phrase,
      words: `Removed: ${title}${list.length ? `, ${spoken(list)}` : ', no fasteners'}${label ? `, bag ${label}${inUse ? ' (in use already)' : ''}` : ''}${noteText ? `; ${noteText}` : ''}`,
      acts: [
        {
          do: 'act',
          type: 'step.add',
          id: null,
          payload: { jobId: context.jobId, title, access, bag: label, note: noteText, fasteners: list },
          needIds: ['fasteners'],
        },
      ],
      cost: 0,
    },
  ];
}

const noteSlot: Slot<string | null> = maybe({
  hint: 'note …',
  read: (line, at) => {
    const from = /^[,;]$/.test(line.tokens[at]?.text ?? '') ? at + 1 : at;
    return line.tokens[from]?.low === 'note' ? words('note').read(line, line.tokens[from + 1]?.text === ':' ? from + 2 : from + 1, []) : [];
  },
});

/** Words that end where fasteners, a bag or a note begin. */
const title: Slot<string> = {
  hint: 'what comes off',
  offers: ({ knowledge, traced }) =>
    accessOf(knowledge, traced.bike.archetype).map((a) => a.name.replace(/ (off|out)$/i, '').toLowerCase()),
  read(line, at) {
    const { tokens, source } = line;
    let end = at;
    while (
      end < tokens.length &&
      tokens[end].low !== 'note' &&
      !(tokens[end].low === 'bag' && end > at) &&
      !(end > at && fasteners.read(line, end, []).length) &&
      !/^[,;:]$/.test(tokens[end].text)
    )
      end++;
    return end > at ? [{ value: slice(source, tokens, at, end), next: end }] : [];
  },
};

const bagged: Phrase = {
  id: 'bag',
  does: 'Remove a part into a bag',
  example: 'bag 7 4x m6x25 left cover',
  slots: [bag(false), mark, maybe(fasteners), mark, title, mark, maybe(fasteners), noteSlot],
  mean: ([label, , before, , what, , after, n], line) =>
    offMeaning(
      'bag',
      line,
      what as string,
      label as string,
      [...((before as ParsedFastener[]) ?? []), ...((after as ParsedFastener[]) ?? [])],
      n as string | null,
    ),
};

const off: Phrase = {
  id: 'off',
  does: 'Remove a part',
  example: 'off left cover 4x m6x25 bag 7 note gasket reused',
  slots: [
    said('off', 'take off', 'removed'),
    mark,
    title,
    mark,
    maybe(fasteners),
    mark,
    maybe(bag(false)),
    mark,
    maybe(fasteners),
    noteSlot,
  ],
  mean: ([, , what, , before, , label, , after, n], line) =>
    offMeaning(
      'off',
      line,
      what as string,
      label as string | null,
      [...((before as ParsedFastener[]) ?? []), ...((after as ParsedFastener[]) ?? [])],
      n as string | null,
    ),
};

/** A step that is off: by its title, or by the bag it went into. */
const offStep: Slot<Step> = {
  hint: 'what goes back, or its bag',
  offers: (c) => accountOf(stepsOf(c), []).off.flatMap((s) => [s.title.toLowerCase(), ...(s.bag ? [`bag ${s.bag}`] : [])]),
  read(line, at) {
    const steps = accountOf(stepsOf(line.context), []).off;
    const byBag: Found<Step>[] = bag(true)
      .read(line, at, [])
      .flatMap((b) => steps.filter((s) => s.bag === b.value).map((s) => ({ value: s, next: b.next })));
    const byTitle = oneOf<Step>('step', () => steps.map((s) => ({ value: s, names: [s.title] }))).read(line, at, []);
    return [...byBag, ...byTitle];
  },
};

function backMeaning(phrase: string, { context }: SpokenReading, step: Step, some: number | null): Meaning[] {
  const own = fastenersOf(context, step.id);
  if (some !== null && own.length !== 1) return [];
  const counts = Object.fromEntries(own.map((f) => [f.id, some ?? f.count]));
  return [
    {
      phrase,
      words: `Refitted: ${step.title}${own.length ? `, ${some === null ? 'all of ' : `${some} of `}${spoken(own)}` : ''}${step.bag && some === null ? `; bag ${step.bag} is empty` : ''}`,
      acts: [{ do: 'act', type: 'step.refit', id: step.id, payload: { jobId: context.jobId, counts } }],
      cost: 0,
    },
  ];
}

const some: Slot<number | null> = maybe({
  hint: 'how many of them',
  read: (line, at) =>
    numbersAt(line.tokens, at)
      .filter((n) => Number.isInteger(n.value) && n.value >= 0 && n.value <= 999)
      .map(({ value, next }) => ({ value, next })),
});

const back: Phrase = {
  id: 'back',
  does: 'Refit a part',
  example: 'back left cover',
  slots: [said('back', 'refit', 'put back', 'on'), mark, offStep, mark, some],
  mean: ([, , s, , n], line) => backMeaning('back', line, s as Step, n as number | null),
};
const backAfter: Phrase = {
  id: 'bag back',
  does: 'Refit a bag',
  example: 'bag 7 back',
  slots: [offStep, said('back', 'back on', 'refitted')],
  mean: ([s], line) => backMeaning('bag back', line, s as Step, null),
};

/** A part and what is seen on it: parted by a colon or "is"; without either, after one word or after two. */
const itemAndSeen: Slot<{ item: string; seen: string; verdict: StoredVerdict }> = {
  hint: 'part: what is seen, verdict',
  read({ source, tokens }, at) {
    const ends: { verdict: StoredVerdict; from: number }[] = [];
    for (const v of verdicts) {
      const parts = v.split(' ');
      const from = tokens.length - parts.length;
      if (from > at && parts.every((p, i) => tokens[from + i].low === p)) ends.push({ verdict: v, from });
    }
    return ends.flatMap(({ verdict, from }) => {
      const end = /^[,;:]$/.test(tokens[from - 1].text) ? from - 1 : from;
      const split = tokens.findIndex((t, i) => i > at && i < end && (t.text === ':' || t.low === 'is' || t.low === 'are'));
      const cut = (i: number, skip: number, cost: number) => ({
        value: { item: slice(source, tokens, at, i), seen: slice(source, tokens, i + skip, end).replace(/^[,;:]\s*/, ''), verdict },
        next: tokens.length,
        cost,
      });
      if (split > 0) return split + 1 < end ? [cut(split, 1, 0)] : [];
      return [1, 2].filter((n) => at + n < end).map((n) => cut(at + n, 0, 0.1));
    });
  },
};

const found: Phrase = {
  id: 'found',
  does: 'Condition of a part, verdict last',
  example: 'found piston: scored on the exhaust side, replace',
  slots: [said('found', 'finding'), mark, itemAndSeen],
  mean([, , v], { context }) {
    const { item, seen, verdict } = v as { item: string; seen: string; verdict: StoredVerdict };
    const { knowledge: k, traced } = context;
    const positions = positionsOf(cylindersOf(traced.bike, k));
    const speaks = spokenBy(k, { item, seen }, factsOf(traced.bike, traced.job, k), positions);
    const fault = speaks.faultId && faultById(k, speaks.faultId);
    return [
      {
        phrase: 'found',
        words: `${item}: ${seen}. Verdict: ${verdict}${fault ? `. Evidence on: ${placeName(fault.name, speaks.position, positions)}` : ''}`,
        acts: [
          {
            do: 'act',
            type: 'finding.add',
            id: null,
            payload: {
              jobId: context.jobId,
              stepId: stepsOf(context).at(-1)?.id ?? null,
              item,
              seen,
              reading: null,
              conditions: {},
              verdict,
              past: null,
              ...speaks,
              afterRepairId: lastRepairId(context.traced.repairs),
            },
          },
        ],
        cost: 0,
      },
    ];
  },
};

const remark: Phrase = {
  id: 'photo note',
  does: 'Caption of the last photo',
  example: 'photo how the wires run',
  slots: [said('photo', 'picture'), mark, words('what it shows')],
  mean([, , text], { context }) {
    const last = [...context.state.rows.photo.values()].filter((p) => p.jobId === context.jobId).at(-1);
    if (!last) return [];
    return [
      {
        phrase: 'photo note',
        words: `The last photo shows: ${text as string}`,
        acts: [{ do: 'set', type: 'photo.set', id: last.id, set: { caption: text as string } }],
        cost: 0,
      },
    ];
  },
};

export const stripPhrases: Phrase[] = [bagged, off, backAfter, back, found, remark];
