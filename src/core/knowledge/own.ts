import { unitOf } from '../quantity';
import { testInSi, withFigures } from './merge';
import { idle } from './idle';
import { unsoundEntries } from './unsound';
import { remedyDone, testDone } from './doings';
import type { Fault, FindingKind, Knowledge, OwnEntry, OwnFigure, Test } from './types';

/** What is wrong with an entry of a shop's own, in words. */
export interface OwnProblem {
  rowId: string;
  says: string;
  /** True if it is reckoned with, but nothing leads to it yet. */
  idle: boolean;
}

interface Merged {
  knowledge: Knowledge;
  /** Entries that are left out. */
  wrong: readonly OwnProblem[];
  /** Entries that count. */
  standing: readonly OwnEntry[];
}

/**
 * What ships and what the shop knows itself, as one body of knowledge. An entry whose references lead nowhere is left out and
 * named, the others count; entries taken out stay known by their ids and are no longer offered. The result is the same object
 * as long as the rows say the same.
 * @param base what ships
 * @param rows the workshop's own entries
 * @returns a new body of knowledge; `base` is left as it is
 */
export function withOwn(base: Knowledge, rows: readonly OwnEntry[]): Knowledge {
  return mergedOf(base, rows).knowledge;
}

/**
 * The entries that are left out by `withOwn` or are of no use yet, each with the first reason.
 * @param base what ships
 * @param rows the workshop's own entries
 * @returns one problem an entry
 */
export function ownProblems(base: Knowledge, rows: readonly OwnEntry[]): OwnProblem[] {
  const { knowledge, wrong, standing } = mergedOf(base, rows);
  return [...wrong, ...atEntries(standing, standing.length ? idle(knowledge) : [], true)];
}

/** The last few, since a screen looks at the shop's entries with and without its figures. */
const recent = new WeakMap<Knowledge, { key: string; merged: Merged }[]>();
const mostRecent = 3;

function mergedOf(base: Knowledge, rows: readonly OwnEntry[]): Merged {
  if (rows.length === 0) return { knowledge: base, wrong: [], standing: [] };
  const ordered = [...rows].sort((a, b) => (a.id < b.id ? -1 : 1));
  const key = JSON.stringify(
    ordered.map(({ id, what, retired, body }) => [id, what, retired, body]),
    inOneOrder,
  );
  const kept = recent.get(base) ?? [];
  const known = kept.find((r) => r.key === key);
  if (known) return known.merged;
  const merged = merge(base, ordered, key);
  recent.set(base, [{ key, merged }, ...kept.slice(0, mostRecent - 1)]);
  return merged;
}

/** Keys in one order: the database gives them back in another than they were written in, and it is the same entry. */
function inOneOrder(_key: string, value: unknown): unknown {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return value;
  return Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)));
}

function merge(base: Knowledge, rows: readonly OwnEntry[], key: string): Merged {
  const seen = new Set<string>();
  const twice = rows.filter((r) => r.what !== 'figure' && seen.size === seen.add(nameOf(r)).size);
  const problems: OwnProblem[] = twice.map((r) => ({ rowId: r.id, says: 'this id is used twice', idle: false }));
  let standing = rows.filter((r) => !twice.includes(r));
  // Leaving one entry out may leave another without what it names, so it is looked at again until nothing is wrong.
  for (;;) {
    const { knowledge, wrong } = put(base, standing);
    const bad = atEntries(standing, wrong, false);
    if (bad.length === 0) return { knowledge: { ...knowledge, hash: `${base.hash}+${shortHash(key)}` }, wrong: problems, standing };
    problems.push(...bad);
    standing = standing.filter((r) => !bad.some((b) => b.rowId === r.id));
    if (standing.length === 0) return { knowledge: base, wrong: problems, standing };
  }
}

/** What the checks say, at the entries they say it of; the first for each. */
function atEntries(rows: readonly OwnEntry[], said: readonly string[], isIdle: boolean): OwnProblem[] {
  return rows.flatMap((r) => {
    if (isIdle && r.retired) return [];
    const name = `${nameOf(r)}: `;
    const says = said.find((w) => w.startsWith(name));
    return says ? [{ rowId: r.id, says: says.slice(name.length), idle: isIdle }] : [];
  });
}

/** How the checks name an entry. */
function nameOf(row: OwnEntry): string {
  if (row.what !== 'figure') return `${row.what} ${row.body.id}`;
  return `figure ${row.body.fault ?? row.body.test}`;
}

/** A test that was written down when engine states were named one by one: what it does follows from what it needed. */
function asNow(test: Test): Test {
  const old = test.needs ?? [];
  if (!old.includes('fit-to-crank')) return test;
  const does = old.includes('runs') ? 'runs' : old.includes('cranks') ? 'cranks' : 'button';
  return { ...test, needs: old.filter((n) => n !== 'fit-to-crank'), does: [...(test.does ?? []), does] };
}

function put(base: Knowledge, rows: readonly OwnEntry[]): { knowledge: Knowledge; wrong: string[] } {
  const faults: Fault[] = [...base.faults];
  const findings: FindingKind[] = [...base.findings];
  const tests: Test[] = [...base.tests];
  const figures: OwnFigure[] = [];
  const wrong: string[] = [];
  for (const row of rows) {
    const retired = row.retired && { retired: true };
    if (row.what === 'fault') faults.push({ ...row.body, remedy: remedyDone(row.body.remedy, base.doings, base.access), ...retired });
    else if (row.what === 'finding') findings.push(row.body);
    else if (row.what === 'test') {
      const unit = row.body.measure?.unit;
      if (unit === undefined || unitOf(unit)) tests.push({ ...testDone(testInSi(asNow(row.body)), base.doings, base.access), ...retired });
      else wrong.push(`${nameOf(row)}: '${unit}' is not a unit that Ivrek knows`);
    } else if (!row.retired) figures.push(row.body);
  }
  const own = { ...base, faults, findings, tests };
  const { knowledge, problems } = withFigures(own, figures);
  // What ships was found sound when it was built, and an entry of one's own stands beside it and changes none of it.
  const entries = {
    faults: knowledge.faults.slice(base.faults.length),
    findings: findings.slice(base.findings.length),
    tests: knowledge.tests.slice(base.tests.length),
  };
  return { knowledge, wrong: [...wrong, ...problems, ...unsoundEntries(knowledge, entries)] };
}

/** FNV-1a over the text's UTF-16 units: tells two bodies of knowledge apart, guards against nothing. */
function shortHash(text: string): string {
  let h = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) h = Math.imul(h ^ text.charCodeAt(i), 0x01000193);
  return (h >>> 0).toString(16).padStart(8, '0');
}

/**
 * An id for a new entry: "own-" and its name in small letters, with a number where that is taken. At most 60 characters.
 * @param name what the entry is called
 * @param taken whether an id is in use
 * @returns small letters, digits and hyphens
 */
export function freeId(name: string, taken: (id: string) => boolean): string {
  const plain = name
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');
  const stem = `own-${plain || 'entry'}`.slice(0, 55).replace(/-$/, '');
  if (!taken(stem)) return stem;
  for (let n = 2; ; n++) if (!taken(`${stem}-${n}`)) return `${stem}-${n}`;
}

/**
 * The shop's entries as one file of knowledge: what `--own` and the import take. Entries taken out stand in it as such.
 * @param rows the workshop's own entries
 * @returns plain data, to be written as YAML
 */
export function ownFile(rows: readonly OwnEntry[]): Record<string, unknown> {
  const bodies = (what: OwnEntry['what']) => rows.filter((r) => r.what === what).map((r) => r.body);
  const offered = (what: OwnEntry['what']) =>
    rows.filter((r) => r.what === what).map((r) => (r.retired ? { ...r.body, retired: true } : r.body));
  const figures = rows.filter((r) => r.what === 'figure' && !r.retired).map((r) => r.body);
  const lists = { faults: offered('fault'), findings: bodies('finding'), tests: offered('test'), figures };
  return Object.fromEntries(Object.entries(lists).filter(([, l]) => l.length));
}
