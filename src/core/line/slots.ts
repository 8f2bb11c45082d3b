import { cylindersOf } from '../knowledge';
import { parseFasteners, type ParsedFastener } from '../strip';
import { numbersAt } from './numbers';
import { slice } from './tokens';
import type { Found, LineContext, SpokenReading, Slot } from './types';

/** Parts that phrases of every subject are made of. */

const plainWords = (text: string) =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}.]+/gu, ' ')
    .trim()
    .split(' ')
    .filter(Boolean);

/** One of some fixed sayings, each of one or more words. */
export function said(...sayings: string[]): Slot<string> {
  return {
    hint: sayings[0],
    offers: () => [sayings[0]],
    read: ({ tokens }, at) =>
      sayings.flatMap((s) => {
        const words = s.split(' ');
        return words.every((w, i) => tokens[at + i]?.low === w) ? [{ value: s, next: at + words.length }] : [];
      }),
  };
}

/** A part that may be missing; where it can be read, it is. */
export function maybe<T>(slot: Slot<T>): Slot<T | null> {
  return {
    ...slot,
    read(line, at, before) {
      const found = slot.read(line, at, before);
      return found.length ? found : [{ value: null, next: at }];
    },
  };
}

/** A part that may be missing even where it could be read: both ways are tried. */
export function perhaps<T>(slot: Slot<T>, cost = 1): Slot<T | null> {
  return { ...slot, read: (line, at, before) => [...slot.read(line, at, before), { value: null, next: at, cost }] };
}

/** Punctuation that helps to part what belongs together; never needed by itself. */
export const mark: Slot<null> = {
  hint: ':',
  read: ({ tokens }, at) => [{ value: null, next: /^[:;,]$/.test(tokens[at]?.text ?? '') ? at + 1 : at }],
};

/** Words up to one of some stops, or to the end. At least one word unless `empty`. */
export function words(hint: string, stops: readonly string[] = [], empty = false, offers?: (c: LineContext) => string[]): Slot<string> {
  return {
    hint,
    offers,
    read({ source, tokens }, at) {
      let end = at;
      while (end < tokens.length && !stops.includes(tokens[end].low)) end++;
      const text = slice(source, tokens, at, end)
        .replace(/[,;:]$/, '')
        .trim();
      return text || empty ? [{ value: text, next: end }] : [];
    },
  };
}

/** A plain whole or decimal number, in figures or words. */
export function number(hint: string, low = -Infinity, high = Infinity): Slot<number> {
  return {
    hint,
    read: ({ tokens }, at) =>
      numbersAt(tokens, at)
        .filter((n) => n.value >= low && n.value <= high)
        .map(({ value, next }) => ({ value, next })),
  };
}

/** A sum of money, exact: "12.50" or "twelve". */
export const amount: Slot<string> = {
  hint: 'an amount',
  read: ({ tokens }, at) =>
    numbersAt(tokens, at)
      .filter((n) => /^(0|[1-9]\d{0,8})(\.\d{1,2})?$/.test(n.text))
      .map(({ text, next }) => ({ value: text, next })),
};

/**
 * One of some named things, by any of the words of its names; a word may be cut short. The thing whose name is met best
 * wins; others that are met as well stand beside it.
 */
export function oneOf<T>(
  hint: string,
  things: (context: LineContext, before: readonly unknown[]) => { value: T; names: string[] }[],
  { most = 6, offered = true }: { most?: number; offered?: boolean } = {},
): Slot<T> {
  return {
    hint,
    offers: offered ? (c, before) => things(c, before).map((t) => t.names[0]) : undefined,
    read({ tokens, context }, at, before) {
      const found: (Found<T> & { met: number })[] = [];
      for (const { value, names } of things(context, before)) {
        for (const name of names) {
          const own = plainWords(name);
          const left = [...own];
          let score = 0;
          let end = at;
          while (end < tokens.length && end - at < most) {
            const parts = plainWords(tokens[end].text);
            // A comma inside a name is nothing to stumble over.
            if (parts.length === 0 && end > at && tokens[end].text === ',') {
              end++;
              continue;
            }
            if (parts.length === 0) break;
            const hits = parts.map((p) => left.findIndex((w) => w === p || (p.length >= 3 && w.startsWith(p)) || near(w, p)));
            if (hits.some((h) => h < 0)) break;
            for (const [i, h] of hits.entries()) {
              score += left[h] === parts[i] ? 1 : 0.8;
              left[h] = '\u0000';
            }
            end++;
            // Each end is a way to read it: what follows may belong to the next part.
            found.push({ value, next: end, met: score / own.length });
          }
        }
      }
      const best = new Map<string, (typeof found)[number]>();
      for (const f of found) {
        const key = `${f.next} ${JSON.stringify(f.value)}`;
        if ((best.get(key)?.met ?? -1) < f.met) best.set(key, f);
      }
      return [...best.values()].map(({ met, ...f }) => ({ ...f, cost: 1 - met }));
    },
  };
}

/** Singular and plural, and one slip of the finger in a longer word. */
function near(word: string, typed: string): boolean {
  if (`${word}s` === typed || word === `${typed}s`) return true;
  if (word.length < 5 || Math.abs(word.length - typed.length) > 1) return false;
  let i = 0;
  while (i < word.length && word[i] === typed[i]) i++;
  const rest = (a: number, b: number) => word.slice(i + a) === typed.slice(i + b);
  const swapped = word[i] === typed[i + 1] && word[i + 1] === typed[i] && rest(2, 2);
  return rest(1, 1) || rest(1, 0) || rest(0, 1) || swapped;
}

/** A cylinder: "2", "cyl 2", "number two". Counted from 1; only one that this bike has. */
export const cylinder: Slot<string> = {
  hint: 'which cylinder',
  offers: ({ traced, knowledge }) => {
    const most = cylindersOf(traced.bike, knowledge) ?? 1;
    return most > 1 ? Array.from({ length: most }, (_x, i) => `cylinder ${i + 1}`) : [];
  },
  read({ tokens, context }, at) {
    const most = cylindersOf(context.traced.bike, context.knowledge) ?? 1;
    const glued = /^(?:c|cyl|cylinder|no|#)\.?(\d)$/.exec(tokens[at]?.low ?? '');
    if (glued) return Number(glued[1]) >= 1 && Number(glued[1]) <= most ? [{ value: glued[1], next: at + 1 }] : [];
    const named = /^(cyl|cylinder|number|no|no\.|#|pot)$/.test(tokens[at]?.low ?? '');
    if (most === 1 && !named) return [];
    return numbersAt(tokens, at + (named ? 1 : 0), true)
      .filter((n) => Number.isInteger(n.value) && n.value >= 1 && n.value <= most)
      .map((n) => ({ value: String(n.value), next: n.next }));
  },
};

/** A bag's label, by number or name. */
export function bag(out: boolean): Slot<string> {
  const bags = ({ state, jobId }: LineContext) => [
    ...new Set([...state.rows.step.values()].filter((s) => s.jobId === jobId && (!out || !s.refittedAt) && s.bag).map((s) => s.bag!)),
  ];
  return {
    hint: 'which bag',
    offers: (c) => bags(c).map((b) => `bag ${b}`),
    read(line, at) {
      if (line.tokens[at]?.low !== 'bag') return [];
      const spoken = numbersAt(line.tokens, at + 1, true).map((n) => ({ value: String(n.value), next: n.next }));
      if (spoken.length) return spoken;
      const word = line.tokens[at + 1];
      return word && /^[\p{L}\p{N}-]{1,12}$/u.test(word.text) ? [{ value: word.text, next: at + 2 }] : [];
    },
  };
}

const sizeWord =
  /^(m\d+(\.\d)?([x×*]\d+(\.\d+)?)*|[\d/]+-\d+|ba\d|\d+ba|dowels?|nuts?|screws?|bolts?|washers?|studs?|pins?|circlips?|clips?|springs?)$/i;

/** Fasteners as they are spoken: "4x m6x25", "four m6 by 25, 2 dowels". Ends where no count and size follow. */
export const fasteners: Slot<ParsedFastener[]> = {
  hint: 'fasteners, like 4x M6x25',
  offers: () => ['4x M6x25'],
  read({ tokens }, at) {
    const list: ParsedFastener[] = [];
    const found: Found<ParsedFastener[]>[] = [];
    let i = at;
    for (;;) {
      const one = oneKind(
        tokens.map((t) => t.low),
        i,
        (k) => numbersAt(tokens, k),
      );
      if (!one) break;
      list.push(one.fastener);
      i = one.next;
      found.push({ value: [...list], next: i });
      const more = tokens[i]?.low;
      if (more === ',' || more === 'and' || more === 'plus') i++;
    }
    return found.slice(-1);
  },
};

type Numbers = (at: number) => { value: number; next: number }[];

function oneKind(low: string[], at: number, numbers: Numbers): { fastener: ParsedFastener; next: number } | null {
  let i = at;
  let count = 1;
  const glued = /^(\d+)[x×*]$/.exec(low[i] ?? '');
  const all = /^(\d+)[x×*](m\d.*)$/.exec(low[i] ?? '');
  if (all) return read(`${all[1]}x ${all[2]}`, i + 1);
  if (glued) {
    count = Number(glued[1]);
    i++;
  } else {
    const n = numbers(i).find((x) => Number.isInteger(x.value) && x.value >= 1 && x.value <= 999);
    if (n) {
      count = n.value;
      i = n.next;
      if (/^([x×]|off|of|times)$/.test(low[i] ?? '')) i++;
    }
  }
  let size = low[i] ?? '';
  if (size === 'm') {
    const n = numbers(i + 1)[0];
    if (!n) return null;
    size = `m${n.value}`;
    i = n.next - 1;
  }
  if (!sizeWord.test(size)) return null;
  i++;
  // "m6 by 25", "m6 x 25"
  while (/^(by|x|×)$/.test(low[i] ?? '')) {
    const n = numbers(i + 1)[0];
    if (!n) break;
    size += `x${n.value}`;
    i = n.next;
  }
  return read(`${count}x ${size}`, i);
}

function read(text: string, next: number): { fastener: ParsedFastener; next: number } | null {
  const parsed = parseFasteners(text);
  return parsed.ok && parsed.fasteners.length === 1 ? { fastener: parsed.fasteners[0], next } : null;
}

/** Fixed values by what they are called. */
export const among = <T>(hint: string, values: Record<string, T>): Slot<T> => ({
  hint,
  offers: () => Object.keys(values),
  read: (line: SpokenReading, at: number) =>
    Object.entries(values).flatMap(([name, value]) =>
      said(name)
        .read(line, at, [])
        .map((f) => ({ value, next: f.next })),
    ),
});
