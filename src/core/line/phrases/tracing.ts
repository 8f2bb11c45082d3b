import {
  type Fault,
  type Test,
  applicability,
  comesAndGoes,
  couldNot,
  cylindersOf,
  factsOf,
  findingById,
  headingOf,
  testById,
} from '../../knowledge';
import { forBike, limitFor, quantityInfo } from '../../measure';
import type { Complaint, Conditions, Evidence, Repair, SymptomAnswer } from '../../state';
import { openComplaints } from '../../stage';
import { lastRepairId, likeliestOutcome, outcomeWeights, placeName, positionsOf } from '../../trace';
import { figure, figureWords, type Figure } from '../figure';
import { amount, among, cylinder, mark, maybe, number, oneOf, perhaps, said, words } from '../slots';
import type { Found, LineContext, LineResult, Meaning, Phrase, Slot } from '../types';

/** Results, predictions, causes, repairs and retests: a whole trace in lines. */

const plainId = (id: string) => id.replace(/-/g, ' ');

const testsOf = ({ knowledge, traced }: LineContext): Test[] => {
  const facts = factsOf(traced.bike, traced.job, knowledge);
  return knowledge.tests.filter((t) => !t.retired && applicability(t.applies, facts, knowledge.attributes) > 0);
};

const test: Slot<Test> = oneOf('a test', (c) =>
  testsOf(c).map((t) => ({ value: t, names: [t.name, plainId(t.id), ...(t.measure?.name ? [t.measure.name] : [])] })),
);

/** What was answered: an outcome by its words, or a figure that points to one. */
type AnswerTo = { outcome: string; says: string; figure: Figure | null };

const testFigure = figure((before, { knowledge, traced }) => {
  const t = testIn(before);
  if (!t?.measure) return null;
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const info = quantityInfo(knowledge, t.measure.quantity, facts)!;
  return { info, limit: limitFor(info, traced.specs), ownUnit: traced.specs.find((s) => s.quantity === info.id)?.unit ?? null };
});

/** The test among what was read before; for "next", the one that is recommended. */
function testIn(before: readonly unknown[]): Test | null {
  return (before.find((b): b is Test => typeof b === 'object' && b !== null && 'outcomes' in b) as Test | undefined) ?? null;
}

const outcomesOf = (t: Test | null) => {
  if (!t) return [];
  const normal = t.outcomes.filter((o) => o.normal);
  return [
    ...t.outcomes.map((o) => ({
      value: { outcome: o.id, says: o.says },
      names: [
        o.says,
        plainId(o.id),
        ...(o.words ?? '').split(', ').filter(Boolean),
        ...(normal.length === 1 && o === normal[0] ? ['good', 'ok', 'fine', 'all right'] : []),
      ],
    })),
    { value: { outcome: comesAndGoes, says: 'Intermittent' }, names: ['comes and goes', 'intermittent'] },
    ...(t.couldNot ?? []).map((c) => ({ value: { outcome: `${couldNot}:${c.id}`, says: c.says }, names: [c.says] })),
    { value: { outcome: `${couldNot}:no-tool`, says: 'No tool for it' }, names: ['no tool', 'have not got the tool'] },
    { value: { outcome: 'skipped', says: 'Skipped for now' }, names: ['skipped', 'skip', 'left out'] },
  ];
};

const outcome = oneOf('what came of it', (_c, before) => outcomesOf(testIn(before)), { most: 9 });

const answer: Slot<AnswerTo> = {
  hint: 'what came of it',
  offers: (c, before) => outcome.offers!(c, before),
  read(line, at, before) {
    const t = testIn(before);
    if (!t) return [];
    const found: Found<AnswerTo>[] = outcome.read(line, at, before).map((f) => ({ ...f, value: { ...f.value, figure: null } }));
    if (t.measure) {
      const facts = factsOf(line.context.traced.bike, line.context.traced.job, line.context.knowledge);
      const measure = forBike(t.measure, facts);
      const own = line.context.traced.specs.find((s) => s.quantity === measure.quantity) ?? null;
      for (const f of testFigure.read(line, at, before)) {
        const id = likeliestOutcome(outcomeWeights(measure, f.value.value, own)) ?? t.outcomes[0].id;
        const says = t.outcomes.find((o) => o.id === id)?.says ?? id;
        found.push({ ...f, value: { outcome: id, says, figure: f.value } });
      }
    }
    return found;
  },
};

/** Circumstances, in any order: cold, hot, helped battery, 3 tries. */
export const conditions: Slot<Conditions> = {
  hint: 'cold, warm, hot, jump battery, 3 tries',
  offers: () => ['cold', 'hot', 'jump battery'],
  read(line, at) {
    const one = among<Conditions>('circumstances', {
      cold: { temperature: 'cold' },
      warm: { temperature: 'warm' },
      hot: { temperature: 'hot' },
      'own battery': { battery: 'own' },
      'jump battery': { battery: 'helped' },
      'helped battery': { battery: 'helped' },
      'with a jump battery': { battery: 'helped' },
      'with a helped battery': { battery: 'helped' },
      'weak battery': { battery: 'weak' },
    });
    let value: Conditions = { temperature: 'cold', battery: 'own' };
    let i = at;
    for (;;) {
      if (line.tokens[i]?.text === ',') i++;
      const set = one.read(line, i, []).sort((a, b) => b.next - a.next)[0];
      const tries = number('tries', 1, 999)
        .read(line, i, [])
        .find((n) => Number.isInteger(n.value) && /^tr(y|ies)$/.test(line.tokens[n.next]?.low ?? ''));
      if (set) {
        value = { ...value, ...set.value };
        i = set.next;
      } else if (tries) {
        value = { ...value, tries: tries.value };
        i = tries.next + 1;
      } else return [{ value, next: i }];
    }
  },
};

const note: Slot<string | null> = maybe({
  hint: 'note …',
  read: (line, at) =>
    line.tokens[at]?.low === 'note' ? words('note').read(line, line.tokens[at + 1]?.text === ':' ? at + 2 : at + 1, []) : [],
});

const conditionWords = ({ temperature, battery, tries }: Conditions) =>
  [
    temperature,
    battery === 'helped' ? 'jump battery' : battery === 'weak' ? 'weak battery' : 'own battery',
    tries && tries > 1 ? `${tries} tries` : '',
  ]
    .filter(Boolean)
    .join(', ');

function resultMeanings(
  phrase: string,
  context: LineContext,
  t: Test,
  position: string | null,
  a: AnswerTo,
  cond: Conditions,
  noteText: string | null,
): Meaning[] {
  const all = positionsOf(cylindersOf(context.traced.bike, context.knowledge));
  if (t.per !== 'cylinder' && position !== null) return [];
  // "comp 2" is the beginning of something about cylinder 2, not a reading of 2.
  const v = a.figure?.value;
  if (
    t.per === 'cylinder' &&
    position === null &&
    all.length > 1 &&
    a.figure?.bare &&
    v?.kind === 'exact' &&
    all.includes(a.figure.entered.split(' ')[0])
  )
    return [];
  const places = t.per === 'cylinder' ? (position ? [position] : all) : [null];
  return places.map((p): Meaning => {
    const result: LineResult = {
      testId: t.id,
      position: p,
      outcome: a.outcome,
      reading:
        a.figure && t.measure
          ? { quantity: t.measure.quantity, value: a.figure.value, unit: a.figure.unit, entered: a.figure.entered }
          : null,
      conditions: cond,
      note: noteText,
    };
    const read = a.figure ? `${figureWords(a.figure)}, so: ${a.says}` : a.says;
    return {
      phrase,
      words: `${placeName(headingOf(t), p, all)}: ${read} (${conditionWords(cond)}${noteText ? `; ${noteText}` : ''})`,
      acts: [{ do: 'result', result }],
      ...(a.figure && t.measure && { reading: { quantity: t.measure.quantity, value: a.figure.value, unit: a.figure.unit } }),
      cost: 0,
    };
  });
}

const result: Phrase = {
  id: 'result',
  does: 'A result for the tracer',
  example: 'comp 2 118 psi cold',
  slots: [test, perhaps(cylinder, 0.15), mark, answer, conditions, note],
  mean([t, position, , a, cond, n], { context }) {
    return resultMeanings('result', context, t as Test, position as string | null, a as AnswerTo, cond as Conditions, n as string | null);
  },
};

/** "next" stands for the test that is recommended at the moment. */
const recommended: Slot<Test> = {
  hint: 'next',
  offers: () => ['next'],
  read({ tokens, context }, at) {
    const t = context.next && testById(context.knowledge, context.next!.testId);
    return t && tokens[at]?.low === 'next' ? [{ value: t, next: at + 1 }] : [];
  },
};
const next: Phrase = {
  id: 'next',
  does: 'Result of the recommended test',
  example: 'next 118 psi',
  slots: [recommended, mark, answer, conditions, note],
  mean([t, , a, cond, n], { context }) {
    return resultMeanings('next', context, t as Test, context.next!.position, a as AnswerTo, cond as Conditions, n as string | null);
  },
};

const predict: Phrase = {
  id: 'predict',
  does: 'Your prediction',
  example: 'predict comp 2: low, because it was wet',
  slots: [said('predict', 'i expect', 'expect'), test, maybe(cylinder), mark, perhaps(outcome, 0.4), mark, words('why', [], true)],
  mean([, t, position, , o, , why], { context }) {
    const chosen = t as Test;
    const expected = o as { outcome: string; says: string } | null;
    const text = [expected?.says, why as string].filter(Boolean).join(', ');
    if (!text || (chosen.per !== 'cylinder' && position !== null)) return [];
    const all = positionsOf(cylindersOf(context.traced.bike, context.knowledge));
    const places = chosen.per === 'cylinder' ? (position ? [position as string] : all) : [null];
    return places.map((p) => ({
      phrase: 'predict',
      words: `Expected of ${placeName(chosen.name, p, all)}: ${text}`,
      acts: [
        {
          do: 'act',
          type: 'prediction.write',
          id: null,
          payload: { jobId: context.jobId, testId: chosen.id, position: p, words: text, expected: expected?.outcome ?? null },
        },
      ],
      cost: 0,
    }));
  },
};

const standing = ({ traced }: LineContext): Evidence[] => traced.evidence.filter((e) => !e.withdrawn);
const entry = oneOf<Evidence>('a result', (c) =>
  [...standing(c)].reverse().map((e) => {
    const t = testById(c.knowledge, e.testId);
    return {
      value: e,
      names: [t?.name, t?.heading, e.testId]
        .flatMap((name) => (name ? [`${name}${e.position ? ` ${e.position}` : ''}`] : []))
        .concat(plainId(e.testId)),
    };
  }),
);
const withdraw: Phrase = {
  id: 'withdraw',
  does: 'Withdraw a result',
  example: 'withdraw comp because the gauge leaked',
  slots: [said('withdraw', 'strike'), entry, perhaps(cylinder, 0.2), mark, maybe(said('because', 'since')), words('why')],
  mean([, e, position, , , why], { context }) {
    const it = e as Evidence;
    if (position !== null && it.position !== position) return [];
    const t = testById(context.knowledge, it.testId);
    return [
      {
        phrase: 'withdraw',
        words: `Withdrawn: ${placeName(t ? headingOf(t) : it.testId, it.position, positionsOf(cylindersOf(context.traced.bike, context.knowledge)))}, because ${why as string}`,
        acts: [{ do: 'act', type: 'evidence.withdraw', id: it.id, payload: { jobId: context.jobId, reason: why as string } }],
        cost: 0,
      },
    ];
  },
};

const fault: Slot<Fault> = oneOf('a fault', ({ knowledge, traced }) => {
  const facts = factsOf(traced.bike, traced.job, knowledge);
  return knowledge.faults
    .filter((f) => !f.retired && applicability(f.applies, facts, knowledge.attributes) > 0)
    .map((f) => ({ value: f, names: [f.name, plainId(f.id)] }));
});

const complaintFor = ({ traced }: LineContext): Complaint[] => {
  const open = openComplaints(traced);
  return open.length ? open : traced.complaints.filter((c) => c.state === 'gone' && !c.explained).slice(-1);
};

const cause: Phrase = {
  id: 'cause',
  does: 'Name the cause',
  example: 'cause points dirty',
  slots: [said('cause', 'the cause is', 'it is', "it's"), mark, perhaps(fault, 0.6), perhaps(cylinder, 0.2), words('more', [], true)],
  mean([, , f, position, more], { context }) {
    const named = f as Fault | null;
    const text = [
      named
        ? placeName(named.name, (position as string | null) ?? null, positionsOf(cylindersOf(context.traced.bike, context.knowledge)))
        : '',
      more as string,
    ]
      .filter(Boolean)
      .join(', ');
    if (!text || (!named && position !== null) || (named && named.per !== 'cylinder' && position !== null)) return [];
    return complaintFor(context).map((c) => ({
      phrase: 'cause',
      words: `Cause of “${c.words}”: ${text}`,
      acts: [
        {
          do: 'act',
          type: 'cause.name',
          id: null,
          payload: {
            jobId: context.jobId,
            complaintId: c.id,
            faultId: named?.id ?? null,
            position: (position as string | null) ?? null,
            words: text,
          },
        },
      ],
      cost: 0,
    }));
  },
};

const minutes: Slot<number> = {
  hint: '20 min',
  offers: () => ['20 min'],
  read: (line, at) =>
    number('minutes', 0, 100_000)
      .read(line, at, [])
      .flatMap((n) => {
        const unit = /^(min(ute)?s?|h(ours?)?)$/.exec(line.tokens[n.next]?.low ?? '')?.[1];
        return unit ? [{ value: Math.round(n.value * (unit.startsWith('h') ? 60 : 1)), next: n.next + 1 }] : [];
      }),
};

/** Words, then minutes, then money at the end of the line. */
const doneThing: Slot<{ text: string; minutes: number; cost: string }> = {
  hint: 'what was done, 20 min, 2.50',
  read(line, at) {
    const found: Found<{ text: string; minutes: number; cost: string }>[] = [];
    for (let i = at + 1; i < line.tokens.length; i++)
      for (const m of minutes.read(line, i, [])) {
        const j = line.tokens[m.next]?.text === ',' ? m.next + 1 : m.next;
        const text = words('what', [line.tokens[i].low]).read(line, at, [])[0];
        if (!text || text.next !== i) continue;
        const parts = /^(parts?|cost|for)$/.test(line.tokens[j]?.low ?? '') ? j + 1 : j;
        const costs = amount.read(line, parts, []);
        if (costs.length) found.push({ value: { text: text.value, minutes: m.value, cost: costs[0].value }, next: costs[0].next });
        else found.push({ value: { text: text.value, minutes: m.value, cost: '0' }, next: m.next });
      }
    return found.slice(-1);
  },
};

const repair: Phrase = {
  id: 'repair',
  does: 'Repair',
  example: 'repaired cleaned and set the points, 20 min, 2.50',
  slots: [said('repaired', 'repair', 'fixed'), mark, doneThing],
  mean([, , d], { context }) {
    const { text, minutes: m, cost } = d as { text: string; minutes: number; cost: string };
    const done = new Set(context.traced.repairs.map((r) => r.causeId));
    const last = [...context.traced.causes].reverse().find((c) => !done.has(c.id)) ?? null;
    return [
      {
        phrase: 'repair',
        words: `Repaired: ${text}, ${m} min, parts ${cost} ${context.currency}${last ? ` (cause: ${last.words})` : ' (no cause is named for it)'}`,
        acts: [
          {
            do: 'act',
            type: 'repair.log',
            id: null,
            payload: {
              jobId: context.jobId,
              causeId: last?.id ?? null,
              faultId: last?.faultId ?? null,
              position: last?.position ?? null,
              words: text,
              minutes: m,
              cost,
              afterRepairId: lastRepairId(context.traced.repairs),
            },
          },
        ],
        cost: 0,
      },
    ];
  },
};

const lastRepair = ({ traced }: LineContext): Repair | null => traced.repairs.find((r) => r.id === lastRepairId(traced.repairs)) ?? null;

const retest: Phrase = {
  id: 'retest',
  does: 'Retest after a repair',
  example: 'retest gone hot',
  slots: [
    said('retest', 'tried again', 'try again'),
    mark,
    among<'gone' | 'same' | 'changed'>('gone, same or changed', {
      gone: 'gone',
      cured: 'gone',
      same: 'same',
      'the same': 'same',
      changed: 'changed',
    }),
    mark,
    conditions,
    mark,
    words('what it is now', [], true),
  ],
  mean([, , r, , cond, , text], { context }) {
    const after = lastRepair(context);
    if (!after) return [];
    const kind = r as 'gone' | 'same' | 'changed';
    if (kind === 'changed' && !text) return [];
    return openComplaints(context.traced).map((c) => ({
      phrase: 'retest',
      words: `“${c.words}” after ${after.words}: ${kind}${kind === 'changed' ? `, now: ${text as string}` : ''} (${conditionWords(cond as Conditions)})`,
      acts: [
        {
          do: 'act',
          type: 'retest.log',
          id: null,
          payload: {
            jobId: context.jobId,
            complaintId: c.id,
            repairId: after.id,
            result: kind,
            conditions: cond as Conditions,
            note: kind !== 'changed' && text ? (text as string) : null,
            changed: kind === 'changed' ? { words: text as string, symptoms: {} } : null,
          },
          ...(kind === 'changed' && { needIds: ['changed'] }),
        },
      ],
      cost: 0,
    }));
  },
};

const explain: Phrase = {
  id: 'explained',
  does: 'Cause explained',
  example: 'explained',
  slots: [said('explained', 'cause explained')],
  mean: (_v, { context }) =>
    context.traced.complaints
      .filter((c) => !c.explained && c.state === 'gone')
      .map((c) => ({
        phrase: 'explained',
        words: `“${c.words}”: the cause explains it`,
        acts: [{ do: 'set', type: 'complaint.set', id: c.id, set: { explained: true } }],
        cost: 0,
      })),
};

const complain: Phrase = {
  id: 'complaint',
  does: 'Another complaint, in the owner’s words',
  example: 'complaint it drips under the left cover',
  slots: [said('complaint', 'also'), mark, words('what is wrong')],
  mean: ([, , text], { context }) => [
    {
      phrase: 'complaint',
      words: `Another complaint: ${text as string}`,
      acts: [
        {
          do: 'act',
          type: 'complaint.add',
          id: null,
          payload: { jobId: context.jobId, words: text as string, symptoms: {}, afterRepairId: lastRepairId(context.traced.repairs) },
        },
      ],
      cost: 0,
    },
  ],
};

const symptom: Phrase = {
  id: 'symptom',
  does: 'Symptom: yes or no',
  example: 'symptom smells of fuel no',
  slots: [
    said('symptom'),
    oneOf('a symptom', ({ knowledge }) =>
      knowledge.findings.flatMap((f) =>
        f.symptom ? [{ value: f.id, names: [f.name, plainId(f.id), ...f.symptom.words.split(', ')] }] : [],
      ),
    ),
    mark,
    among<'present' | 'absent'>('yes or no', { yes: 'present', no: 'absent', there: 'present', 'not there': 'absent' }),
  ],
  mean: ([, id, , value], { context }) =>
    openComplaints(context.traced).map((c) => ({
      phrase: 'symptom',
      words: `${findingById(context.knowledge, String(id))?.name ?? String(id)}: ${value === 'present' ? 'yes' : 'no'} (“${c.words}”)`,
      acts: [{ do: 'set', type: 'complaint.set', id: c.id, set: { symptoms: { ...c.symptoms, [id as string]: value as SymptomAnswer } } }],
      cost: 0,
    })),
};

export const tracingPhrases: Phrase[] = [result, next, predict, withdraw, cause, repair, retest, explain, complain, symptom];
