import type { TestAct } from './problem';

/** A test that tells less than this many bits is not worth anyone's while. */
export const leastBits = 0.005;

const telling = new WeakMap<TestAct, boolean>();

/**
 * Whether a test can ever tell as much as `leastBits`, whatever is believed. What it tells (the mutual information) is at
 * most the greatest divergence of one hypothesis' outcomes from another's, and that at most their chi-square distance: a
 * spread of d in an outcome of chance p tells at most d²/(p·ln 2) bits.
 */
export function canTell(t: TestAct): boolean {
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

/** x·log2(x) of every likelihood, worked out once for each test. */
const surprises = new WeakMap<TestAct, Float64Array[]>();

function surpriseOf(t: TestAct): Float64Array[] {
  let s = surprises.get(t);
  if (!s) surprises.set(t, (s = t.likelihood.map(surprise)));
  return s;
}

function surprise(likelihood: Float64Array): Float64Array {
  const out = new Float64Array(likelihood.length);
  // Most hypotheses have nothing to do with a test and give its outcome the same chance.
  let x = NaN;
  let known = 0;
  for (let h = 0; h < out.length; h++) {
    if (likelihood[h] !== x) {
      x = likelihood[h];
      known = x > 0 ? x * Math.log2(x) : 0;
    }
    out[h] = known;
  }
  return out;
}

/** What a test is expected to tell, in bits: the mutual information of its outcome and the hypothesis. */
export function information(weights: Float64Array, t: TestAct): number {
  const surprise = surpriseOf(t);
  let bits = 0;
  for (let o = 0; o < surprise.length; o++) {
    const likelihood = t.likelihood[o];
    const own = surprise[o];
    let chance = 0;
    let known = 0;
    for (let h = 0; h < weights.length; h++) {
      const w = weights[h];
      chance += w * likelihood[h];
      known += w * own[h];
    }
    bits += known;
    if (chance > 0) bits -= chance * Math.log2(chance);
  }
  return Math.max(0, bits);
}
