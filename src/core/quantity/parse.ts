import { sameKind, toSi, unitOf } from './units';

export type Parsed = { ok: true; si: number; value: number; unit: string } | { ok: false; message: string; guess?: string };

/** Bounds that no reading of a kind goes beyond in a workshop, in SI: beyond them a slip is likelier than the value. */
export interface Plausible {
  low: number;
  high: number;
}

const shape = /^([+-]?\d+(?:\.\d+)?|[+-]?\.\d+)\s*(.*)$/;

/**
 * Reads one figure with an optional unit. Never guesses silently: a decimal comma, a letter for a digit, a unit of
 * another kind or an impossible value gives a message that says what may have been meant.
 * @param text what was typed
 * @param unitId id of a unit of the same kind
 * @param plausible bounds (SI) outside of which is asked back
 * @returns SI value and the unit, or a message
 */
export function parseQuantity(text: string, unitId: string, plausible?: Plausible): Parsed {
  const t = text.trim();
  if (t === '') return { ok: false, message: 'Nothing entered yet.' };
  if (/^[+-]?\d+,\d+/.test(t)) {
    const guess = t.replace(',', '.');
    return { ok: false, message: `A comma: did you mean ${guess}?`, guess };
  }
  const digits = t.replace(/[oO](?=[\d.]|$)|(?<=[\d.])[oO]/g, '0').replace(/(?<=\d|^)[lI](?=\d)|(?<=\d)[lI](?=\d|$)/g, '1');
  const m = shape.exec(t);
  if (!m) {
    const again = shape.exec(digits);
    return again && again[2] === ''
      ? { ok: false, message: `'${t}' is not a number: did you mean ${digits}?`, guess: digits }
      : { ok: false, message: `'${t}' is not a number. Write it like 118 or 12.4.` };
  }
  const value = Number(m[1]);
  const unit = m[2] === '' ? unitOf(unitId)! : unitOf(m[2], unitOf(unitId)!.kind);
  if (!unit) {
    const wrong = shape.exec(digits);
    if (wrong && wrong[2] === '') return { ok: false, message: `'${t}' is not a number: did you mean ${digits}?`, guess: digits };
    return { ok: false, message: `'${m[2]}' is not a unit I know here. Use ${sameKind(unitId).join(', ')}.` };
  }
  if (unit.kind !== unitOf(unitId)!.kind)
    return {
      ok: false,
      message: `'${m[2]}' measures ${unit.kind}, but this is ${unitOf(unitId)!.kind}. Use ${sameKind(unitId).join(', ')}.`,
    };
  const si = toSi(value, unit.id);
  if (plausible && (si < plausible.low || si > plausible.high)) {
    const other = sameKind(unit.id).find((u) => u !== unit.id && inside(toSi(value, u), plausible));
    const guess = other ? `${m[1]} ${other}` : undefined;
    return { ok: false, message: `${m[1]} ${unit.id} cannot be right here.${guess ? ` Did you mean ${guess}?` : ' Look again.'}`, guess };
  }
  return { ok: true, si, value, unit: unit.id };
}

const inside = (x: number, { low, high }: Plausible) => x >= low && x <= high;
