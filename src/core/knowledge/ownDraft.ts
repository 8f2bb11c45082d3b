import { sameData } from '../data';
import { freeId } from './own';
import type { Fault, FindingKind, Knowledge, OwnFigure, Strength, System, Test } from './types';

/**
 * Entries of a shop's own as a mechanic fills them in, and what becomes of them. Every figure behind the words is judgement:
 * of the order of the figures that ship, and to be replaced by the shop's own count where it has one.
 */

/** How common a fault is among bikes that are brought in: prior chances, from the range that ships (0.0003 to 0.006). */
export const howCommon = [
  { id: 'often', label: 'often', prior: 0.006 },
  { id: 'at-times', label: 'at times', prior: 0.002 },
  { id: 'seldom', label: 'seldom', prior: 0.0008 },
  { id: 'hardly', label: 'hardly ever', prior: 0.0003 },
] as const;

/** How surely a fault brings something: the chance that it does, all else being sound. */
export const howSurely = [
  { id: 'always', label: 'nearly always', chance: 0.95 },
  { id: 'mostly', label: 'mostly', chance: 0.75 },
  { id: 'half', label: 'every second time', chance: 0.5 },
  { id: 'sometimes', label: 'sometimes', chance: 0.25 },
  { id: 'seldom', label: 'seldom', chance: 0.08 },
] as const;

/** How often something shows without any of its listed causes. */
export const howStray = [
  { id: 'hardly', label: 'hardly ever', leak: 0.003 },
  { id: 'seldom', label: 'seldom', leak: 0.01 },
  { id: 'at-times', label: 'at times', leak: 0.05 },
] as const;

/** A finding in one of its grades; for a finding of two grades the second. */
export interface Shown {
  finding: string;
  grade: string;
}

export interface FaultDraft {
  name: string;
  system: System | '';
  perCylinder: boolean;
  common: string;
  brings: (Shown & { surely: string })[];
  do: string;
  minutes: string;
  parts: string;
  access: string[];
  hazards: string[];
  sideEffects: string;
  origin: string;
  area: string[];
  /** A look of its own that finds it; nothing where a test that is there already does. */
  look: LookDraft | null;
}

export interface LookDraft {
  kind: Test['kind'];
  how: string;
  shows: string;
  clean: string;
  minutes: string;
  access: string[];
  hazards: string[];
}

export interface TestDraft {
  name: string;
  system: System | '';
  kind: Test['kind'];
  perCylinder: boolean;
  how: string;
  tools: string;
  minutes: string;
  access: string[];
  hazards: string[];
  needs: string[];
  moves: string;
  /** `id` is kept where a test is changed: what was answered names it. */
  outcomes: (Shown & { says: string; id?: string })[];
  normal: string;
  normalId?: string;
  measure: { name: string; unit: string; low: string; high: string; gauge: string };
}

export interface SignDraft {
  name: string;
  perCylinder: boolean;
  stray: string;
  family: string;
  words: string;
}

export interface FigureDraft {
  about: string;
  /** One bike in so many. */
  oneIn: string;
  minutes: string;
  parts: string;
}

/** What is wrong, by field; nothing where it is sound. */
export type Wrong = Record<string, string>;
export type Made<T> = { ok: true; made: T } | { ok: false; wrong: Wrong };

const emptyLook: LookDraft = { kind: 'look', how: '', shows: '', clean: '', minutes: '', access: [], hazards: [] };
/** An empty form for how a fault looks. */
export const freshLook = (): LookDraft => ({ ...emptyLook });

/** An empty form for a fault. */
export const freshFault = (): FaultDraft => ({
  name: '',
  system: '',
  perCylinder: false,
  common: 'at-times',
  brings: [],
  do: '',
  minutes: '',
  parts: '0',
  access: [],
  hazards: [],
  sideEffects: '',
  origin: '',
  area: [],
  look: null,
});

/** An empty form for a test. */
export const freshTest = (): TestDraft => ({
  name: '',
  system: '',
  kind: 'look',
  perCylinder: false,
  how: '',
  tools: '',
  minutes: '',
  access: [],
  hazards: [],
  needs: [],
  moves: '',
  outcomes: [{ says: '', finding: '', grade: '' }],
  normal: '',
  measure: { name: '', unit: '', low: '', high: '', gauge: '2' },
});

/** An empty form for a sign. */
export const freshSign = (): SignDraft => ({ name: '', perCylinder: false, stray: 'seldom', family: '', words: '' });
/** An empty form for another figure. */
export const freshFigure = (): FigureDraft => ({ about: '', oneIn: '', minutes: '', parts: '' });

/**
 * The grades of a finding, from "nothing to see" upward.
 * @param k what ships and the workshop's own knowledge
 * @param id id of a finding
 * @returns at least "none" and one more; empty for an id that is not known
 */
export const gradesOf = (k: Knowledge, id: string): readonly string[] => k.findings.find((f) => f.id === id)?.grades ?? ['no', 'yes'];

/** Findings that some test can show. */
export const testable = (k: Knowledge): ReadonlySet<string> =>
  new Set(k.tests.filter((t) => !t.retired).flatMap((t) => t.outcomes.flatMap((o) => Object.keys(o.find))));

/** Words that must be there, and not longer than an entry can hold. */
const said = (wrong: Wrong, field: string, words: string, what: string, most = 120) => {
  if (!words.trim()) wrong[field] = what;
  else if (words.trim().length > most) wrong[field] = `At most ${most} characters: these are ${words.trim().length}.`;
};

/** A figure as it is typed: a decimal comma counts as a point. NaN where it is none. */
const figure = (text: string) => (/^\d+([.,]\d+)?$/.test(text.trim()) ? Number(text.trim().replace(',', '.')) : NaN);

function minutesOf(wrong: Wrong, field: string, text: string): number {
  const x = figure(text);
  if (!(x >= 1 && x <= 100000)) wrong[field] = 'Minutes, such as 10.';
  return x;
}

const some = <T extends object>(x: T) =>
  Object.fromEntries(
    Object.entries(x).filter(([, v]) => v !== undefined && v !== '' && !(Array.isArray(v) && v.length === 0)),
  ) as Partial<T>;

const taken = (k: Knowledge) => (id: string) => [k.faults, k.findings, k.tests].some((l) => l.some((x) => x.id === id));

/**
 * A fault, and the finding and the test that show it where it has a look of its own. `id` is kept where an entry is changed.
 * @param k what ships and the workshop's own knowledge
 * @param d the form
 * @param id of the entry that is changed, else a new one is made
 * @returns what was made, or what is wrong and in which field
 */
export function faultFrom(
  k: Knowledge,
  d: FaultDraft,
  id?: string,
): Made<{ fault: Fault; finding: FindingKind | null; test: Test | null }> {
  const wrong: Wrong = {};
  said(wrong, 'name', d.name, 'What is wrong, in a few words.');
  if (!d.system) wrong.system = 'Choose where it belongs.';
  said(wrong, 'do', d.do, 'Write what cures it.', 500);
  said(wrong, 'origin', d.origin, 'What makes it happen? Write “not known” if nobody knows.', 500);
  if (d.sideEffects.trim()) said(wrong, 'sideEffects', d.sideEffects, '', 500);
  const minutes = minutesOf(wrong, 'minutes', d.minutes);
  const parts = figure(d.parts);
  if (!(parts >= 0 && parts <= 1e6)) wrong.parts = 'A rough amount, such as 20.';
  const brings = d.brings.filter((b) => b.finding);
  if (brings.length === 0) wrong.brings = 'Say at least one thing that it brings: what the owner notices, or what a test shows.';
  else if (!d.look && !brings.some((b) => testable(k).has(b.finding)))
    wrong.brings = 'No test can show any of this. Add what a test shows, or say below how it is found.';
  const causes = strengthsOf(k, brings, wrong);
  const own = id ?? freeId(d.name, taken(k));
  const look = d.look && lookFrom(k, d, d.look, own, wrong);
  if (look) causes[look.finding.id] = 0.95;
  if (Object.keys(wrong).length) return { ok: false, wrong };
  const prior = howCommon.find((c) => c.id === d.common)?.prior ?? Number(d.common);
  const fault: Fault = {
    id: own,
    name: d.name.trim(),
    system: d.system as System,
    ...(d.perCylinder && { per: 'cylinder' as const }),
    prior,
    ...some({ area: d.area }),
    causes,
    remedy: { do: d.do.trim(), minutes, parts, ...some({ access: d.access, hazards: d.hazards, sideEffects: d.sideEffects.trim() }) },
    origin: d.origin.trim(),
  };
  return { ok: true, made: { fault, finding: look?.finding ?? null, test: look?.test ?? null } };
}

function strengthsOf(k: Knowledge, brings: FaultDraft['brings'], wrong: Wrong): Record<string, Strength> {
  const causes: Record<string, Strength> = {};
  for (const { finding, grade, surely } of brings) {
    const chance = howSurely.find((s) => s.id === surely)?.chance ?? Number(surely);
    const grades = gradesOf(k, finding);
    if (grades.length === 2) {
      causes[finding] = chance;
      continue;
    }
    const byGrade = { ...(causes[finding] as Record<string, number> | undefined), [grade]: chance };
    const sum = Object.values(byGrade).reduce((a, b) => a + b, 0);
    // A fault brings one grade at a time: two that are both nearly certain cannot be.
    if (sum > 1) wrong.brings = 'The same finding in two grades: together they come more than every time.';
    causes[finding] = byGrade;
  }
  return causes;
}

function lookFrom(k: Knowledge, d: FaultDraft, look: LookDraft, fault: string, wrong: Wrong): { finding: FindingKind; test: Test } {
  said(wrong, 'look.how', look.how, 'Write how it is looked for.', 2000);
  said(wrong, 'look.shows', look.shows, 'What does one see, hear or read if this is the fault?');
  said(wrong, 'look.clean', look.clean, 'And if it is not?', 200);
  const minutes = minutesOf(wrong, 'look.minutes', look.minutes);
  const per = d.perCylinder ? { per: 'cylinder' as const } : {};
  const finding: FindingKind = { id: freeId(`${fault.replace(/^own-/, '')} seen`, taken(k)), name: look.shows.trim(), ...per, leak: 0.01 };
  const test: Test = {
    id: freeId(`look for ${fault.replace(/^own-/, '')}`, taken(k)),
    name: `Look for: ${d.name.trim().toLowerCase()}`,
    system: d.system as System,
    kind: look.kind,
    ...per,
    how: look.how.trim(),
    minutes,
    ...some({ access: look.access, hazards: look.hazards }),
    outcomes: [
      { id: 'seen', says: look.shows.trim(), find: { [finding.id]: 'yes' } },
      { id: 'clean', says: look.clean.trim(), find: { [finding.id]: 'no' }, normal: true },
    ],
  };
  return { finding, test };
}

/**
 * A test of the shop's own.
 * @param k what ships and the workshop's own knowledge
 * @param d the form
 * @param id of the entry that is changed, else a new one is made
 * @returns what was made, or what is wrong and in which field
 */
export function testFrom(k: Knowledge, d: TestDraft, id?: string): Made<Test> {
  const wrong: Wrong = {};
  said(wrong, 'name', d.name, 'Name it by what one does.');
  if (!d.system) wrong.system = 'Choose where it belongs.';
  said(wrong, 'how', d.how, 'Write how it is done, so that another can do it.', 2000);
  if (d.kind === 'swap') said(wrong, 'moves', d.moves, 'What moves with the part, if the part is bad?', 200);
  if (d.needs.includes('cranks') && d.hazards.length === 0)
    wrong.hazards = 'The engine is cranked or runs: choose the caution that goes with it.';
  const minutes = minutesOf(wrong, 'minutes', d.minutes);
  const shown = d.outcomes.filter((o) => o.finding);
  if (shown.length === 0) wrong.outcomes = 'Choose what a result would show.';
  const measured = d.kind === 'measure' ? measureFrom(d, wrong) : null;
  if (!measured) {
    said(wrong, 'normal', d.normal, 'What does one see if all is well?', 200);
    if (shown.some((o) => !o.says.trim() || o.says.length > 200))
      wrong.outcomes = 'Say for each result what one sees, in at most 200 characters.';
  }
  for (const o of shown)
    if (o.grade === gradesOf(k, o.finding)[0]) wrong.outcomes = 'A result shows something; what one sees if all is well stands below.';
  if (!d.perCylinder && shown.some((o) => k.findings.find((f) => f.id === o.finding)?.per === 'cylinder'))
    wrong.perCylinder = 'It speaks of a cylinder, so test each cylinder.';
  if (Object.keys(wrong).length) return { ok: false, wrong };
  const ids = resultIds(shown);
  const clear = Object.fromEntries(shown.map((o) => [o.finding, gradesOf(k, o.finding)[0]]));
  const outcomes: Test['outcomes'] = measured
    ? measured.outcomes.map(({ id: outcome, says, side }) => {
        const hit = shown[side === 'high' ? shown.length - 1 : 0];
        return side ? { id: outcome, says, find: { [hit.finding]: hit.grade } } : { id: outcome, says, find: clear, normal: true };
      })
    : [
        ...shown.map((o, i) => ({ id: ids[i], says: o.says.trim(), find: { [o.finding]: o.grade } })),
        { id: d.normalId ?? 'normal', says: d.normal.trim(), find: clear, normal: true },
      ];
  const own = id ?? freeId(d.name, taken(k));
  return {
    ok: true,
    made: {
      id: own,
      name: d.name.trim(),
      system: d.system as System,
      kind: d.kind,
      ...(d.perCylinder && { per: 'cylinder' as const }),
      how: d.how.trim(),
      ...some({
        moves: d.kind === 'swap' ? d.moves.trim() : '',
        tools: d.tools
          .split(/[,;\n]/)
          .map((t) => t.trim())
          .filter(Boolean),
        hazards: d.hazards,
        access: d.access,
        needs: d.needs,
      }),
      minutes,
      outcomes,
      ...(measured && { measure: { ...measured.measure, quantity: own } }),
    },
  };
}

/** Ids for the results: the one a result has, or the first that no other has. */
function resultIds(all: TestDraft['outcomes']): string[] {
  const taken = new Set(all.flatMap((o) => o.id ?? []));
  return all.map((o) => {
    if (o.id) return o.id;
    for (let n = 1; ; n++) if (taken.size < taken.add(`result-${n}`).size) return `result-${n}`;
  });
}

type Sided = { id: string; says: string; side: 'low' | 'high' | null };

/** Bands of a measurement between a lower and an upper limit, either of which may be missing. Limits in the unit as typed. */
function measureFrom(
  { measure: m }: TestDraft,
  wrong: Wrong,
): { measure: Omit<NonNullable<Test['measure']>, 'quantity'>; outcomes: Sided[] } {
  said(wrong, 'measure.name', m.name, 'What is measured?');
  said(wrong, 'measure.unit', m.unit, 'Choose the unit.');
  const read = (field: string, text: string) => {
    if (!text.trim()) return null;
    const x = Number(text.trim().replace(',', '.'));
    if (!Number.isFinite(x)) wrong[field] = 'Enter a number, such as 0.15.';
    return x;
  };
  const low = read('measure.low', m.low);
  const high = read('measure.high', m.high);
  if (low === null && high === null) wrong['measure.low'] = 'At least one limit is needed.';
  if (low !== null && high !== null && low >= high) wrong['measure.high'] = 'The upper limit is not above the lower one.';
  const gauge = figure(m.gauge);
  if (!(gauge >= 0 && gauge <= 50)) wrong['measure.gauge'] = 'Per cent of the reading, such as 2.';
  const outcomes: Sided[] = [
    ...(low !== null ? [{ id: 'low', says: 'Below the limit', side: 'low' as const }] : []),
    { id: 'within', says: 'Within the limits', side: null },
    ...(high !== null ? [{ id: 'high', says: 'Above the limit', side: 'high' as const }] : []),
  ];
  const ends = { low, within: high, high: null };
  return {
    measure: {
      name: m.name.trim(),
      unit: m.unit,
      bands: outcomes.map((o) => ({
        outcome: o.id,
        ...(ends[o.id as keyof typeof ends] !== null && { below: ends[o.id as keyof typeof ends]! }),
      })),
      error: { relative: gauge / 100, absolute: 0 },
      // A limit of the shop's own is no more exact than its gauge.
      spread: 0.05,
      limit: { ...(low !== null && { low }), ...(high !== null && { high }) },
    },
    outcomes,
  };
}

/**
 * Something that is noticed: a complaint of owners, or a sign that only a test shows.
 * @param k what ships and the workshop's own knowledge
 * @param d the form
 * @param id of the entry that is changed, else a new one is made
 * @returns what was made, or what is wrong and in which field
 */
export function signFrom(k: Knowledge, d: SignDraft, id?: string): Made<FindingKind> {
  const wrong: Wrong = {};
  said(wrong, 'name', d.name, 'What is noticed, in a few words.');
  if (d.family) said(wrong, 'words', d.words, 'In what other words do owners say it?', 500);
  if (Object.keys(wrong).length) return { ok: false, wrong };
  return {
    ok: true,
    made: {
      id: id ?? freeId(d.name, taken(k)),
      name: d.name.trim(),
      ...(d.perCylinder && { per: 'cylinder' as const }),
      leak: howStray.find((s) => s.id === d.stray)?.leak ?? Number(d.stray),
      ...(d.family && { symptom: { family: d.family, words: d.words.trim() } }),
    },
  };
}

/**
 * Another figure for a fault or a test that is there: `about` is "fault:ID" or "test:ID".
 * @param k what ships and the workshop's own knowledge
 * @param d the form
 * @returns what was made, or what is wrong and in which field
 */
export function figureFrom(k: Knowledge, d: FigureDraft): Made<OwnFigure> {
  const wrong: Wrong = {};
  const [kind, id] = d.about.split(':') as ['fault' | 'test', string];
  const known = kind === 'fault' ? k.faults.some((f) => f.id === id) : kind === 'test' && k.tests.some((t) => t.id === id);
  if (!known) wrong.about = 'Choose the fault or the test that it is about.';
  const made: OwnFigure = { [kind]: id };
  const take = (field: 'minutes' | 'parts', least: number) => {
    if (!d[field].trim()) return;
    const x = figure(d[field]);
    if (!(x >= least && x <= 1e6)) wrong[field] = field === 'minutes' ? 'Minutes, such as 10.' : 'A rough amount, such as 20.';
    else made[field] = x;
  };
  take('minutes', 1);
  if (kind === 'fault') {
    take('parts', 0);
    if (d.oneIn.trim()) {
      const n = figure(d.oneIn);
      if (!(n >= 2 && n <= 100000)) wrong.oneIn = 'One bike in how many? A number from 2 up.';
      else made.prior = 1 / n;
    }
  }
  if (!Object.keys(wrong).length && made.minutes === undefined && made.parts === undefined && made.prior === undefined)
    wrong.minutes = 'Enter at least one value.';
  return Object.keys(wrong).length ? { ok: false, wrong } : { ok: true, made };
}

const text = (x: number | undefined) => (x === undefined ? '' : String(x));

/**
 * The draft that would make this fault, for changing it.
 * @param k what ships and the workshop's own knowledge
 * @param f a fault of the workshop's own
 * @returns the form as it would be filled in
 */
export function draftOfFault(k: Knowledge, f: Fault): FaultDraft {
  const brings = Object.entries(f.causes).flatMap(([finding, s]): FaultDraft['brings'] => {
    const one = (grade: string, chance: number) => ({
      finding,
      grade,
      surely: howSurely.find((h) => h.chance === chance)?.id ?? String(chance),
    });
    return typeof s === 'number' ? [one(gradesOf(k, finding)[1], s)] : Object.entries(s).map(([grade, chance]) => one(grade, chance));
  });
  return {
    name: f.name,
    system: f.system,
    perCylinder: f.per === 'cylinder',
    common: howCommon.find((c) => c.prior === f.prior)?.id ?? String(f.prior),
    brings,
    do: f.remedy.do,
    minutes: text(f.remedy.minutes),
    parts: text(f.remedy.parts),
    access: f.remedy.access ?? [],
    hazards: f.remedy.hazards ?? [],
    sideEffects: f.remedy.sideEffects ?? '',
    origin: f.origin,
    area: f.area ?? [],
    look: null,
  };
}

/**
 * The draft that would make this finding, for changing it.
 * @param f a finding of the workshop's own
 * @returns the form as it would be filled in
 */
export const draftOfSign = (f: FindingKind): SignDraft => ({
  name: f.name,
  perCylinder: f.per === 'cylinder',
  stray: howStray.find((s) => s.leak === f.leak)?.id ?? String(f.leak),
  family: f.symptom?.family ?? '',
  words: f.symptom?.words ?? '',
});

/**
 * The draft that would make this figure, for changing it.
 * @param f a figure of the workshop's own
 * @returns the form as it would be filled in
 */
export const draftOfFigure = (f: OwnFigure): FigureDraft => ({
  about: f.fault !== undefined ? `fault:${f.fault}` : `test:${f.test}`,
  oneIn: f.prior === undefined ? '' : String(Math.round(1 / f.prior)),
  minutes: text(f.minutes),
  parts: text(f.parts),
});

/**
 * A changed fault with what the form does not show, as it was.
 * @param was the fault before
 * @param made the one that the form makes
 * @returns the fault to keep
 */
export function faultChanged(was: Fault, made: Fault): Fault {
  const { words, place, applies, raised, touchedTimes, intermittent, shows, helpedBattery, stops, leads, harm, unless, replacedBy } = was;
  const { does, doesNot, residual, spoils, others } = was.remedy;
  const rest = some({
    words,
    place,
    applies,
    raised,
    touchedTimes,
    intermittent,
    shows,
    helpedBattery,
    stops,
    leads,
    harm,
    unless,
    replacedBy,
  });
  return { ...made, ...rest, remedy: { ...made.remedy, ...some({ does, doesNot, residual, spoils, others }) } };
}

/**
 * A changed sign with its grades and what it sets, as they were.
 * @param was the finding before
 * @param made the one that the form makes
 * @returns the finding to keep
 */
export function signChanged(was: FindingKind, made: FindingKind): FindingKind {
  const sets = was.symptom?.sets;
  return {
    ...made,
    ...some({ grades: was.grades, stops: was.stops, retired: was.retired, replacedBy: was.replacedBy }),
    ...(made.symptom && { symptom: { ...made.symptom, ...some({ sets }) } }),
    ...(typeof was.leak === 'object' && { leak: was.leak }),
  };
}

/**
 * The draft that would make this test, or null if it says more than the form can hold: such a one is changed in its file.
 * @param k what ships and the workshop's own knowledge
 * @param t a test of the workshop's own
 * @returns the form as it would be filled in
 */
export function draftOfTest(k: Knowledge, t: Test): TestDraft | null {
  const normal = t.outcomes.find((o) => o.normal);
  const others = t.outcomes.filter((o) => o !== normal);
  const m = t.measure;
  const draft: TestDraft = {
    name: t.name,
    system: t.system,
    kind: t.kind,
    perCylinder: t.per === 'cylinder',
    how: t.how,
    tools: (t.tools ?? []).join(', '),
    minutes: text(t.minutes),
    access: t.access ?? [],
    hazards: t.hazards ?? [],
    needs: t.needs ?? [],
    moves: t.moves ?? '',
    outcomes: others.map((o) => ({ id: o.id, says: o.says, finding: Object.keys(o.find)[0], grade: Object.values(o.find)[0] })),
    normal: normal?.says ?? '',
    normalId: normal?.id,
    measure: {
      name: m?.name ?? '',
      unit: m?.unit ?? '',
      low: text(m?.limit.low),
      high: text(m?.limit.high),
      gauge: m ? text(m.error.relative * 100) : '2',
    },
  };
  const again = testFrom(k, draft, t.id);
  return again.ok && sameData(again.made, t) ? draft : null;
}
