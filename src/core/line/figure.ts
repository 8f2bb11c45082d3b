import type { Limit, QuantityInfo } from '../measure';
import { plausibleFor } from '../measure';
import { parseQuantity, sameKind, show, toSi, unitOf } from '../quantity';
import type { ReadingValue } from '../state';
import { numbersAt } from './numbers';
import type { Found, LineContext, SpokenReading, Slot } from './types';

export interface Figure {
  value: ReadingValue;
  unit: string;
  /** As it was entered, with its unit. */
  entered: string;
  /** No unit was said. */
  bare?: boolean;
}

interface Quantity {
  info: QuantityInfo;
  limit: Limit | null;
  /** The unit this bike's own limit is written in, if it has one. */
  ownUnit: string | null;
}

/** A unit in any usual spelling, of up to five words: "foot pounds", "pounds per square inch", "n m". */
function unitAt(line: SpokenReading, at: number): { id: string; kind: string; next: number } | null {
  for (let n = Math.min(5, line.tokens.length - at); n > 0; n--) {
    const text = line.tokens
      .slice(at, at + n)
      .map((t) => t.text)
      .join(' ');
    const unit = unitOf(text) ?? unitOf(text.toLowerCase());
    if (unit && unit.id !== '') return { id: unit.id, kind: unit.kind, next: at + n };
  }
  return null;
}

interface Bare {
  text: string;
  value: number;
  unit: string | null;
  next: number;
}

/** Numbers with or without a unit at a place; glued units ("118psi") are parted. */
function bareAt(line: SpokenReading, at: number): Bare[] {
  const token = line.tokens[at];
  if (!token) return [];
  const glued = /^([+-]?(?:\d+(?:\.\d+)?|\.\d+))([a-zµωΩ°"/][^\s]*)$/i.exec(token.text);
  if (glued) {
    const whole = unitOf(glued[2]) ?? unitOf(glued[2].toLowerCase());
    if (whole) return [{ text: glued[1], value: Number(glued[1]), unit: whole.id, next: at + 1 }];
  }
  if (/^[\d.]*\d,\d+$/.test(token.text)) {
    line.problems.push({ at: at + 1, message: `A comma: did you mean ${token.text.replace(',', '.')}?` });
    return [];
  }
  if (/\d/.test(token.text) && /^[\doOlI.]+$/.test(token.text) && !/^[\d.]+$/.test(token.text)) {
    const guess = token.text.replace(/[oO]/g, '0').replace(/[lI]/g, '1');
    line.problems.push({ at: at + 1, message: `'${token.text}' is not a number: did you mean ${guess}?` });
    return [];
  }
  return numbersAt(line.tokens, at, true).map((n) => {
    const unit = unitAt(line, n.next);
    return { text: n.text, value: n.value, unit: unit?.id ?? null, next: unit?.next ?? n.next };
  });
}

/** Units a bare number may have been meant in: the usual one, and others only where the usual one makes little sense. */
function guessUnits(value: number, { info, limit, ownUnit }: Quantity): string[] {
  const usual = ownUnit ?? info.unit;
  const within = (unit: string) => {
    const si = toSi(value, unit);
    const bounds = plausibleFor(info, limit);
    if (bounds && (si < bounds.low || si > bounds.high)) return false;
    if (!limit) return true;
    return (limit.low === null || si >= limit.low / 6) && (limit.high === null || si <= limit.high * 3);
  };
  if (within(usual)) return [usual];
  const others = sameKind(usual).filter((u) => u !== usual && within(u));
  const bounds = plausibleFor(info, limit);
  const possible = !bounds || (toSi(value, usual) >= bounds.low && toSi(value, usual) <= bounds.high);
  return possible ? [usual, ...others] : others.length ? others : [usual];
}

const over = ['over', 'above', 'at least', 'more than'];
const under = ['under', 'below', 'at most', 'less than'];

function sayingAt(line: SpokenReading, at: number, sayings: readonly string[]): number | null {
  for (const s of sayings) {
    const words = s.split(' ');
    if (words.every((w, i) => line.tokens[at + i]?.low === w)) return at + words.length;
  }
  return null;
}

/** A reading of some quantity: exact, between two values, over or under one. */
export function figure(of: (before: readonly unknown[], context: LineContext) => Quantity | null, example = '118 psi'): Slot<Figure> {
  return {
    hint: `a reading, like ${example}`,
    read(line, at, before) {
      const quantity = of(before, line.context);
      if (!quantity) return [];
      const found: Found<Figure>[] = [];
      const checked = (text: string, unit: string, end: number) => {
        const parsed = parseQuantity(`${text} ${unit}`, quantity.info.unit, plausibleFor(quantity.info, quantity.limit));
        if (!parsed.ok) line.problems.push({ at: end, message: parsed.message });
        return parsed.ok ? parsed.si : null;
      };
      const unitsFor = (b: Bare) => (b.unit ? [b.unit] : guessUnits(b.value, quantity));
      const between = sayingAt(line, at, ['between']);
      for (const a of bareAt(line, between ?? at)) {
        const to = sayingAt(line, a.next, between === null ? ['to'] : ['and', 'to']);
        if (to === null) continue;
        for (const b of bareAt(line, to))
          for (const unit of unitsFor(b)) {
            const [low, high] = [checked(a.text, a.unit ?? unit, b.next), checked(b.text, unit, b.next)];
            if (low !== null && high !== null && low <= high)
              found.push({
                value: { value: { kind: 'interval', low, high }, unit, entered: `${a.text} to ${b.text} ${unit}` },
                next: b.next,
              });
          }
      }
      if (between !== null) return found;
      for (const [sayings, kind] of [
        [over, 'atLeast'],
        [under, 'atMost'],
      ] as const) {
        const from = sayingAt(line, at, sayings);
        if (from === null) continue;
        for (const b of bareAt(line, from))
          for (const unit of unitsFor(b)) {
            const bound = checked(b.text, unit, b.next);
            if (bound !== null)
              found.push({ value: { value: { kind, bound }, unit, entered: `${sayings[0]} ${b.text} ${unit}` }, next: b.next });
          }
      }
      for (const b of bareAt(line, at))
        for (const unit of unitsFor(b)) {
          const si = checked(b.text, unit, b.next);
          if (si !== null)
            found.push({
              value: { value: { kind: 'exact', value: si }, unit, entered: `${b.text} ${unit}`, bare: b.unit === null },
              next: b.next,
            });
        }
      return found;
    },
  };
}

/** A reading in words. */
export function figureWords({ value, unit }: Pick<Figure, 'value' | 'unit'>): string {
  switch (value.kind) {
    case 'exact':
      return `${show(value.value, unit)} ${unit}`;
    case 'interval':
      return `${show(value.low, unit)} to ${show(value.high, unit)} ${unit}`;
    case 'atLeast':
      return `over ${show(value.bound, unit)} ${unit}`;
    case 'atMost':
      return `under ${show(value.bound, unit)} ${unit}`;
    case 'none':
      return `not obtained: ${value.reason}`;
  }
}

/** A torque or another quantity with a unit that must be said. */
export function plainFigure(kind: string, unitFor: string): Slot<{ si: number; unit: string; entered: string }> {
  return {
    hint: `a figure, like 25 ${unitFor}`,
    read(line, at) {
      return bareAt(line, at).flatMap((b) => {
        const unit = b.unit ? unitOf(b.unit) : undefined;
        return unit?.kind === kind
          ? [{ value: { si: toSi(b.value, unit.id), unit: unit.id, entered: `${b.text} ${unit.id}` }, next: b.next }]
          : [];
      });
    },
  };
}
