import type { Token } from './tokens';

/** A number found in a line: its value, the text that stands for it, and the token after it. */
export interface FoundNumber {
  value: number;
  text: string;
  next: number;
}

const small: Record<string, number> = {
  zero: 0, nought: 0, naught: 0, nil: 0, oh: 0, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10,
  eleven: 11, twelve: 12, thirteen: 13, fourteen: 14, fifteen: 15, sixteen: 16, seventeen: 17, eighteen: 18, nineteen: 19,
}; // prettier-ignore
const tens: Record<string, number> = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fourty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
};

/** What dictation writes for a digit that sounds like another word; only where nothing but a number can stand. */
const soundsLike: Record<string, string> = { to: 'two', too: 'two', for: 'four', won: 'one', ate: 'eight' };

/** Words of one token: "twenty-five" is two. */
const wordsOf = (token: Token) => token.low.replace(/^-|-$/g, '').split('-');

interface Spoken {
  value: number;
  used: number;
}

/** Two digits as they are said: "eighteen", "forty two", "oh four". */
function belowHundred(words: string[], at: number): Spoken | null {
  const w = words[at];
  if (w === undefined) return null;
  if (w in tens) {
    const unit = small[words[at + 1] ?? ''];
    return unit !== undefined && unit > 0 && unit < 10 ? { value: tens[w] + unit, used: 2 } : { value: tens[w], used: 1 };
  }
  return w in small ? { value: small[w], used: 1 } : null;
}

/**
 * A whole number as it is said: "one hundred and eighteen", "a hundred", "fourteen hundred", "two thousand five hundred",
 * and the short way of the trade, "one eighteen" for 118.
 */
function whole(words: string[], at: number): Spoken[] {
  const found: Spoken[] = [];
  let total = 0;
  let i = at;
  let part =
    words[i] === 'a' && (words[i + 1] === 'hundred' || words[i + 1] === 'thousand') ? { value: 1, used: 1 } : belowHundred(words, i);
  if (!part) return [];
  const first = part;
  for (;;) {
    let value = part.value;
    i += part.used;
    if (words[i] === 'hundred') {
      value *= 100;
      i++;
      const skip = words[i] === 'and' ? 1 : 0;
      const rest = belowHundred(words, i + skip);
      if (rest) {
        value += rest.value;
        i += skip + rest.used;
      }
    }
    if (words[i] === 'thousand') {
      total += value * 1000;
      i++;
      const skip = words[i] === 'and' ? 1 : 0;
      const more = belowHundred(words, i + skip);
      if (more) {
        i += skip;
        part = more;
        continue;
      }
      found.push({ value: total, used: i - at });
      break;
    }
    found.push({ value: total + value, used: i - at });
    break;
  }
  // "one eighteen", "one twenty five": hundreds without the word.
  if (first.used === 1 && first.value >= 1 && first.value <= 9 && found[0].used === 1) {
    const rest = belowHundred(words, at + 1);
    if (rest && rest.value >= 10) found.unshift({ value: first.value * 100 + rest.value, used: 1 + rest.used });
  }
  return found;
}

/** Digits after "point", one by one or as a number: "point oh four", "point one two five", "point twenty five". */
function decimals(words: string[], at: number): { text: string; used: number } | null {
  let text = '';
  let i = at;
  for (; i < words.length; i++) {
    const w = words[i];
    if (/^\d+$/.test(w)) text += w;
    else if (w in tens) {
      const two = belowHundred(words, i)!;
      text += String(two.value);
      i += two.used - 1;
    } else if (w in small) text += String(small[w]);
    else break;
  }
  return text === '' ? null : { text, used: i - at };
}

/**
 * Numbers that begin at a token, the longest first: digits (118, 12.4, .04, 1 172 is two), or words. A decimal comma is
 * read as nothing: what was meant is asked. `loose` also takes what dictation mishears (to, for).
 * @param tokens a line, split
 * @param at index of the first token
 * @param loose whether one letter may be wrong in a word that stands for a number
 * @returns value and count of tokens of each; empty where no number begins there
 */
export function numbersAt(tokens: readonly Token[], at: number, loose = false): FoundNumber[] {
  const first = tokens[at];
  if (!first) return [];
  const digits = /^([+-]?(?:\d+(?:\.\d+)?|\.\d+))$/.exec(first.low);
  if (digits) return [{ value: Number(digits[1]), text: digits[1], next: at + 1 }];
  // Words from here on, with the token each belongs to.
  const words: string[] = [];
  const owner: number[] = [];
  for (let i = at; i < Math.min(tokens.length, at + 9); i++)
    for (const w of wordsOf(tokens[i])) {
      words.push(loose && i === at && w in soundsLike ? soundsLike[w] : w);
      owner.push(i);
    }
  const minus = words[0] === 'minus' ? 1 : 0;
  const results: { value: number; used: number }[] = [];
  const point = (from: number) => (words[from] === 'point' || words[from] === 'decimal' ? decimals(words, from + 1) : null);
  const bare = point(minus);
  if (bare) results.push({ value: Number(`0.${bare.text}`), used: minus + 1 + bare.used });
  for (const w of whole(words, minus)) {
    const end = minus + w.used;
    const frac = point(end);
    if (frac) results.push({ value: Number(`${w.value}.${frac.text}`), used: end + 1 + frac.used });
    else if (words[end] === 'and' && words[end + 1] === 'a' && words[end + 2] === 'half')
      results.push({ value: w.value + 0.5, used: end + 3 });
    else results.push({ value: w.value, used: end });
  }
  if (words[minus] === 'half') results.push({ value: 0.5, used: minus + (words[minus + 1] === 'a' ? 2 : 1) });
  return results
    .filter((r) => r.used === words.length || owner[r.used] !== owner[r.used - 1])
    .map((r) => ({
      value: minus ? -r.value : r.value,
      text: String(minus ? -r.value : r.value),
      next: r.used === words.length ? owner[r.used - 1] + 1 : owner[r.used],
    }))
    .sort((a, b) => b.next - a.next);
}
