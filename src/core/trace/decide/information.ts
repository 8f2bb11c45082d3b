import type { TestAction } from './problem';

/** A test that tells less than this many bits is not worth anyone's while. */
export const leastBits = 0.005;

const telling = new WeakMap<TestAction, boolean>();

/**
 * Whether a test can ever tell as much as `leastBits`, whatever is believed. What it tells (the mutual information) is at
 * most the greatest divergence of one hypothesis' outcomes from another's, and that at most their chi-square distance: a
 * spread of d in an outcome of chance p tells at most d²/(p·ln 2) bits.
 */
export function canTell(t: TestAction): boolean {
  if (t.bears === false) return false;
  let can = telling.get(t);
  if (can === undefined) {
    let most = 0;
    for (const l of t.likelihood) {
      let low = Infinity;
      let high = 0;
      for (let h = 0; h < l.length; h++) {
        if (l[h] < low) low = l[h];
        if (l[h] > high) high = l[h];
      }
      if (high > low) most += low > 0 ? (high - low) ** 2 / (low * Math.LN2) : Infinity;
    }
    telling.set(t, (can = most >= leastBits));
  }
  return can;
}

/**
 * A test's likelihoods as one ordinary row of chances, and the hypotheses that differ from it. Most hypotheses have nothing
 * to do with a test and give its outcomes the same chances, so that only few have to be looked at.
 */
interface Telling {
  /** By outcome: the ordinary chance, and x·log2(x) of it. */
  chance: Float64Array;
  known: Float64Array;
  /** Hypotheses that differ; by outcome after outcome, how much their chance and their x·log2(x) differ. */
  at: Int32Array;
  chanceMore: Float64Array;
  knownMore: Float64Array;
}

const tellings = new WeakMap<TestAction, Telling>();

function tellingOf(t: TestAction): Telling {
  let telling = tellings.get(t);
  if (!telling) tellings.set(t, (telling = apart(t.likelihood)));
  return telling;
}

const surprise = (x: number): number => (x > 0 ? x * Math.log2(x) : 0);

/** The hypothesis whose chance of the first outcome is the commonest. */
function ordinary(likelihood: Float64Array): number {
  const counts = new Map<number, number>();
  let most = 0;
  let found = 0;
  for (let h = 0; h < likelihood.length; h++) {
    const n = (counts.get(likelihood[h]) ?? 0) + 1;
    counts.set(likelihood[h], n);
    if (n > most) [most, found] = [n, h];
  }
  return found;
}

function apart(likelihood: readonly Float64Array[]): Telling {
  const [first] = likelihood;
  const usual = ordinary(first);
  const others: number[] = [];
  for (let h = 0; h < first.length; h++) {
    for (const l of likelihood) {
      if (l[h] === l[usual]) continue;
      others.push(h);
      break;
    }
  }
  const n = others.length;
  const telling: Telling = {
    chance: Float64Array.from(likelihood, (l) => l[usual]),
    known: Float64Array.from(likelihood, (l) => surprise(l[usual])),
    at: Int32Array.from(others),
    chanceMore: new Float64Array(n * likelihood.length),
    knownMore: new Float64Array(n * likelihood.length),
  };
  likelihood.forEach((l, o) => {
    let x = NaN;
    let more = 0;
    for (let i = 0; i < n; i++) {
      // Neighbours are often alike.
      if (l[others[i]] !== x) more = surprise((x = l[others[i]])) - telling.known[o];
      telling.chanceMore[o * n + i] = x - telling.chance[o];
      telling.knownMore[o * n + i] = more;
    }
  });
  return telling;
}

/**
 * Says of a test that is another one over fewer hypotheses (`place` is where a hypothesis stands among them, -1 if nowhere)
 * what is known of that other one already.
 */
export function sameTelling(of: TestAction, all: TestAction, place: Int32Array): void {
  const { chance, known, at, chanceMore, knownMore } = tellingOf(all);
  const n = at.length;
  let count = 0;
  for (let i = 0; i < n; i++) if (place[at[i]] >= 0) count++;
  const telling: Telling = {
    chance,
    known,
    at: new Int32Array(count),
    chanceMore: new Float64Array(count * chance.length),
    knownMore: new Float64Array(count * chance.length),
  };
  let k = 0;
  for (let i = 0; i < n; i++) {
    const here = place[at[i]];
    if (here < 0) continue;
    telling.at[k] = here;
    for (let o = 0; o < chance.length; o++) {
      telling.chanceMore[o * count + k] = chanceMore[o * n + i];
      telling.knownMore[o * count + k] = knownMore[o * n + i];
    }
    k++;
  }
  tellings.set(of, telling);
}

/**
 * What a test is expected to tell, in bits: the mutual information of its outcome and the hypothesis. `weights` add up
 * to 1.
 */
export function information(weights: Float64Array, t: TestAction): number {
  const { chance, known, at, chanceMore, knownMore } = tellingOf(t);
  const n = at.length;
  let bits = 0;
  for (let o = 0; o < chance.length; o++) {
    let p = chance[o];
    bits += known[o];
    for (let i = 0, k = o * n; i < n; i++, k++) {
      const w = weights[at[i]];
      p += w * chanceMore[k];
      bits += w * knownMore[k];
    }
    if (p > 0) bits -= p * Math.log2(p);
  }
  return Math.max(0, bits);
}

/** What each of some tests is expected to tell, in bits; nothing for those that are shut. */
export const bitsOf = (tests: readonly TestAction[], weights: Float64Array, shut?: Uint8Array): Float64Array =>
  Float64Array.from(tests, (t, i) => (shut?.[i] !== 1 && canTell(t) ? information(weights, t) : 0));
