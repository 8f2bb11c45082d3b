import { connectionKinds, fluidActs, verdicts, type Connection, type Fastener, type Finding, type FluidRow, type Step } from '../state';
import { inOrder } from './order';

/** What is read of a strip for a file of its own, and what such a file brings. Numbers of steps begin at 1, in the order they came off. */
export interface StripFile {
  steps: { title: string; bag: string | null; note: string | null }[];
  fasteners: { step: number; size: string; count: number; place: string | null }[];
  connections: ({ step: number | null } & Pick<Connection, 'kind' | 'fromEnd' | 'toEnd' | 'colour' | 'mark' | 'route'>)[];
  findings: ({ step: number | null } & Pick<Finding, 'item' | 'seen' | 'verdict'>)[];
  fluids: ({ step: number | null } & Pick<FluidRow, 'fluid' | 'act' | 'ml' | 'grade' | 'note'>)[];
}

export interface StripRows {
  steps: readonly Step[];
  fasteners: readonly Fastener[];
  connections: readonly Connection[];
  findings: readonly Finding[];
  fluids: readonly FluidRow[];
}

/** What the columns of a line are called; each kind of line fills some of them. */
const columns = [
  'kind',
  'step',
  'name',
  'count',
  'size',
  'place',
  'bag',
  'type',
  'to',
  'colour',
  'mark',
  'route',
  'seen',
  'verdict',
  'ml',
  'grade',
  'note',
] as const;
type Column = (typeof columns)[number];
type Line = Partial<Record<Column, string>>;

/**
 * A strip without its photos and its times, as it is written into a file.
 * @param rows of one job
 * @returns every step, with what hangs on it by its number
 */
export function stripFileOf({ steps, fasteners, connections, findings, fluids }: StripRows): StripFile {
  const order = inOrder(steps);
  const numbers = new Map(order.map((s, i) => [s.id, i + 1]));
  const step = (id: string | null) => (id === null ? null : (numbers.get(id) ?? null));
  return {
    steps: order.map(({ title, bag, note }) => ({ title, bag, note })),
    fasteners: fasteners.flatMap(({ stepId, size, count, place }) =>
      numbers.has(stepId) ? [{ step: step(stepId)!, size, count, place }] : [],
    ),
    connections: connections.map(({ stepId, kind, fromEnd, toEnd, colour, mark, route }) => ({
      step: step(stepId),
      kind,
      fromEnd,
      toEnd,
      colour,
      mark,
      route,
    })),
    findings: findings.map(({ stepId, item, seen, verdict }) => ({ step: step(stepId), item, seen, verdict })),
    fluids: fluids.map(({ stepId, fluid, act, ml, grade, note }) => ({ step: step(stepId), fluid, act, ml, grade, note })),
  };
}

/**
 * The same as a table, for CSV; `readStrip` reads it back.
 * @param file what `stripFileOf` gave
 * @returns a table whose first line names its columns
 */
export function stripTable(file: StripFile): string[][] {
  const n = (x: number | null) => (x === null ? '' : String(x));
  const lines: Line[] = [
    ...file.steps.map((s, i): Line => ({ kind: 'step', step: n(i + 1), name: s.title, bag: s.bag ?? '', note: s.note ?? '' })),
    ...file.fasteners.map((f): Line => ({ kind: 'fastener', step: n(f.step), count: n(f.count), size: f.size, place: f.place ?? '' })),
    ...file.connections.map((c): Line => ({
      kind: 'connection',
      step: n(c.step),
      type: c.kind,
      name: c.fromEnd,
      to: c.toEnd,
      colour: c.colour ?? '',
      mark: c.mark ?? '',
      route: c.route ?? '',
    })),
    ...file.findings.map((f): Line => ({ kind: 'finding', step: n(f.step), name: f.item, seen: f.seen, verdict: f.verdict })),
    ...file.fluids.map((f): Line => ({
      kind: 'fluid',
      step: n(f.step),
      name: f.fluid,
      type: f.act,
      ml: n(f.ml),
      grade: f.grade ?? '',
      note: f.note ?? '',
    })),
  ];
  return [[...columns], ...lines.map((l) => columns.map((c) => l[c] ?? ''))];
}

/**
 * The same as JSON; `readStrip` reads its lines back.
 * @param bike what the bike is called
 * @param file what `stripFileOf` gave
 * @returns plain data, to be written as JSON
 */
export function stripJson(bike: string, file: StripFile): { format: 'ivrek-strip'; version: 1; bike: string; lines: Line[] } {
  const [, ...rows] = stripTable(file);
  const lines = rows.map((r) => Object.fromEntries(columns.flatMap((c, i) => (r[i] === '' ? [] : [[c, r[i]]]))) as Line);
  return { format: 'ivrek-strip', version: 1, bike, lines };
}

export type StripRead = { ok: true; file: StripFile } | { ok: false; problems: string[] };

const isOne = <T extends string>(of: readonly T[], text: string): text is T => (of as readonly string[]).includes(text);

/**
 * Reads the lines of a strip. All of it, or nothing and every line that is wrong with what is wrong in it.
 * @param lines cells by column; as many as there are
 * @param fluids ids of the fluids that are known
 * @returns the strip, or what is wrong by line
 */
export function readStrip(lines: readonly Readonly<Record<string, unknown>>[], fluids: ReadonlySet<string>): StripRead {
  const problems: string[] = [];
  const file: StripFile = { steps: [], fasteners: [], connections: [], findings: [], fluids: [] };
  const known = lines.filter((l) => l.kind === 'step').length;
  lines.forEach((l, i) => {
    const wrong = (what: string) => void problems.push(`Line ${i + 1}: ${what}`);
    const text = (c: Column, most: number): string => {
      const v = l[c];
      const t = typeof v === 'string' || typeof v === 'number' ? String(v).trim() : '';
      if (t.length > most) wrong(`${c} is longer than ${most} letters.`);
      return t;
    };
    const maybe = (c: Column, most: number) => text(c, most) || null;
    const need = (c: Column, most: number): string => {
      const t = text(c, most);
      if (!t) wrong(`it has no ${c}.`);
      return t;
    };
    const stepText = text('step', 6);
    const step = stepText === '' ? null : Number(stepText);
    if (step !== null && !(Number.isInteger(step) && step >= 1 && step <= known)) return wrong(`there is no step ${stepText}.`);
    const kind = text('kind', 20);
    if (kind === 'step') {
      if (step !== null && step !== file.steps.length + 1)
        wrong(`steps are numbered in their order; this is the ${file.steps.length + 1}.`);
      file.steps.push({ title: need('name', 200), bag: maybe('bag', 40), note: maybe('note', 2000) });
    } else if (kind === 'fastener') {
      const count = Number(text('count', 4) || '1');
      if (!(Number.isInteger(count) && count >= 1 && count <= 999)) wrong('count is a whole number from 1 to 999.');
      if (step === null) return wrong('a fastener belongs to a step.');
      file.fasteners.push({ step, size: need('size', 60), count, place: maybe('place', 200) });
    } else if (kind === 'connection') {
      const type = text('type', 20) || 'wire';
      if (!isOne(connectionKinds, type)) return wrong(`"${type}" is none of ${connectionKinds.join(', ')}.`);
      const ends = { fromEnd: need('name', 120), toEnd: need('to', 120) };
      file.connections.push({
        step,
        kind: type,
        ...ends,
        colour: maybe('colour', 40),
        mark: maybe('mark', 40),
        route: maybe('route', 300),
      });
    } else if (kind === 'finding') {
      const verdict = text('verdict', 20);
      if (!isOne(verdicts, verdict)) return wrong(`"${verdict}" is none of ${verdicts.join(', ')}.`);
      file.findings.push({ step, item: need('name', 120), seen: need('seen', 2000), verdict });
    } else if (kind === 'fluid') {
      const [fluid, act, ml] = [need('name', 60), text('type', 20), text('ml', 12)];
      if (fluid && !fluids.has(fluid)) wrong(`"${fluid}" is none of ${[...fluids].join(', ')}.`);
      if (!isOne(fluidActs, act)) return wrong(`"${act}" is none of ${fluidActs.join(', ')}.`);
      if (ml !== '' && !(Number(ml) >= 0 && Number(ml) <= 100_000)) wrong('ml is a number from 0 to 100000.');
      if (ml === '' && act === 'left in') wrong('what stays in has an amount.');
      file.fluids.push({ step, fluid, act, ml: ml === '' ? null : Number(ml), grade: maybe('grade', 80), note: maybe('note', 500) });
    } else wrong(kind ? `"${kind}" is no kind of line.` : 'it has no kind.');
  });
  if (lines.length === 0) problems.push('There is nothing in it.');
  return problems.length > 0 ? { ok: false, problems } : { ok: true, file };
}

/**
 * A table as lines by column, for `readStrip`.
 * @param table the first row names the columns
 * @returns one object a row
 */
export const linesOf = ([head = [], ...rows]: readonly (readonly string[])[]): Record<string, string>[] =>
  rows.map((r) => Object.fromEntries(head.map((c, i) => [c.trim(), r[i] ?? ''])));
