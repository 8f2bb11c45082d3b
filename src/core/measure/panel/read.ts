import { parseQuantity, toSi, type Parsed } from '../../quantity';
import type { ReadingValue } from '../../state';
import { at } from './fields';
import {
  isGrid,
  type Block,
  type Field,
  type FigureField,
  type Grid,
  type ListField,
  type Panel,
  type PanelSubject,
  type Values,
} from './types';

/** What stands in one field, read; the unit is the one that was chosen or typed. */
type Wrong = { ok: false; message: string; guess?: string };
export type ReadField = { ok: true; value: ReadingValue; si: number; unit: string } | Wrong | null;

const bracket = /^\s*([\d.]+)\s*(?:-|–|\.\.|to|goes)\s*([\d.]+)\s*(.*)$/;

/**
 * Reads a field as typed: one figure, or what goes and what does not where the field takes a feeler gauge. Null where it is
 * empty. Never guesses silently.
 */
export function readField(field: FigureField, text: string, unit: string): ReadField {
  if (text.trim() === '') return null;
  const one = (t: string): Parsed => parseQuantity(t, unit, field.plausible);
  const pair = field.bracket ? bracket.exec(text) : null;
  if (!pair) {
    const parsed = one(text);
    return parsed.ok ? { ok: true, value: { kind: 'exact', value: parsed.si }, si: parsed.si, unit: parsed.unit } : parsed;
  }
  const [low, high] = [one(`${pair[1]} ${pair[3]}`), one(`${pair[2]} ${pair[3]}`)];
  if (!low.ok) return low;
  if (!high.ok) return high;
  if (low.si > high.si)
    return { ok: false, message: 'The blade that goes is thicker than the one that does not.', guess: `${pair[2]}-${pair[1]}` };
  if (low.si === high.si) return { ok: true, value: { kind: 'exact', value: low.si }, si: low.si, unit: low.unit };
  return { ok: true, value: { kind: 'interval', low: low.si, high: high.si }, si: (low.si + high.si) / 2, unit: low.unit };
}

/**
 * Reads figures with blanks, semicolons or a comma and a blank between, in SI. What cannot be read is said, with what was meant in
 * the place of it.
 */
export function readList(field: ListField, text: string): { ok: true; si: number[] } | Wrong {
  const words = text.split(/(?:[\s;]|,(?=\s|$))+/).filter(Boolean);
  const si: number[] = [];
  for (const [i, word] of words.entries()) {
    const parsed = parseQuantity(word, field.unit, field.plausible);
    if (!parsed.ok) {
      const guess = parsed.guess && words.with(i, parsed.guess.replace(' ', '')).join(' ');
      return { ok: false, message: parsed.message, ...(guess && { guess }) };
    }
    si.push(parsed.si);
  }
  return { ok: true, si };
}

/** Where a reading in a table is taken: `2`, `2 top ring`, `bolt 3`, `top across`; a cylinder that is the only one is not named. */
function whereOf(b: Grid, p: Grid['places'][number], c: Field): string | null {
  const which = c.kind === 'figure' ? (c.at ?? '') : '';
  const place = b.cylinders ? p.id : p.label.toLowerCase();
  return [b.cylinder ?? '', place, which].filter(Boolean).join(' ').slice(0, 20) || null;
}

/** Every field of a panel with its place in the id. */
export function fieldsOf(blocks: readonly Block[]): Field[] {
  return blocks.flatMap((b) =>
    isGrid(b)
      ? b.places.flatMap((p) =>
          b.columns.map((c) => ({ ...c, id: at(c.id, p.id), label: `${c.label}, ${p.label}`, where: whereOf(b, p, c) })),
        )
      : [...b.fields],
  );
}

export interface PanelDraft {
  text: Readonly<Record<string, string>>;
  unit: Readonly<Record<string, string>>;
  /** Instruments by the field whose figure was taken from one, and not typed. */
  by?: Readonly<Record<string, string>>;
}

export const emptyDraft: PanelDraft = { text: {}, unit: {} };

/** A panel's values from what was typed. A panel may ask more once something is known, so that blocks and values are read together. */
export function valuesOf(
  panel: Panel,
  subject: PanelSubject,
  draft: PanelDraft,
): { blocks: readonly Block[]; values: Values; read: ReadonlyMap<string, ReadField> } {
  const read = new Map<string, ReadField>();
  const lists = new Map<string, number[]>();
  const values: Values = {
    figure: (id) => {
      const r = read.get(id);
      return r?.ok ? r.si : null;
    },
    reading: (id) => {
      const r = read.get(id);
      return r?.ok ? r.value : null;
    },
    figures: (id) => lists.get(id) ?? [],
    choice: (id) => draft.text[id] || null,
    text: (id) => draft.text[id] ?? '',
  };
  let blocks = panel.blocks(subject, values);
  for (let round = 0; round < 2; round++) {
    read.clear();
    lists.clear();
    for (const f of fieldsOf(blocks)) {
      if (f.kind === 'figure') read.set(f.id, readField(f, draft.text[f.id] ?? '', draft.unit[f.id] ?? f.unit));
      if (f.kind !== 'list') continue;
      const l = readList(f, draft.text[f.id] ?? '');
      read.set(f.id, l.ok ? null : l);
      if (l.ok) lists.set(f.id, l.si);
    }
    blocks = panel.blocks(subject, values);
  }
  return { blocks, values, read };
}

/** Bounds of what is plausible, from two figures in a unit. */
export const plausible = (low: number, high: number, unit: string): { low: number; high: number } => ({
  low: toSi(low, unit),
  high: toSi(high, unit),
});
