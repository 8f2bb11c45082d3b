import { comesAndGoes, couldNot, type TestOutcome, type Test } from '../knowledge';
import { lexiconOf, wordsOf, type Speaking } from './words';

const stems = (k: Speaking, text: string) => new Set(wordsOf(k, text));

/** What every result of a test may be called. */
const namesOf = (test: Test) => [
  ...test.outcomes.map((o) => ({ id: o.id, normal: o.normal === true, text: `${o.says} ${o.words ?? ''} ${o.id.replace(/-/g, ' ')}` })),
  ...(test.couldNot ?? []).map((o) => ({ id: `${couldNot}:${o.id}`, normal: false, text: o.says })),
];

const plain = (k: Speaking, text: string) => lexiconOf(k).phrases.reduce((t, [from, to]) => t.replace(from, to), text);

/** A result that says that something is not there or does not happen; "one click, no turning" is there. */
const saysNo = (text: string) => /^\s*(no|never)\b|\b(not|nothing|none)\b|n't\b/i.test(text);

/**
 * How well some words fit the results of a test by their names.
 *
 * @param k the vocabulary by which words are compared
 * @param test the test whose results may be meant
 * @param said what came of it, in anyone's words
 * @returns `score` 0 to 1, `ids` of the results that fit best, and `denied`: the words say that it is not so
 */
export function outcomeFit(k: Speaking, test: Test, said: string): { score: number; ids: string[]; denied: boolean } {
  const text = plain(k, said);
  const asked = wordsOf(k, text);
  const no = lexiconOf(k).denies.test(text);
  const scored = namesOf(test).map(({ id, text: name }) => {
    const own = stems(k, plain(k, name));
    const shared = asked.filter(
      (w) => own.has(w) || [...own].some((x) => x.length > 3 && (w.startsWith(x) || (w.length > 3 && x.startsWith(w)))),
    );
    // Of two that fit alike the one that says no more than that.
    const says = shared.length / Math.max(1, asked.length) + (0.05 * shared.length) / Math.max(1, own.size);
    const same = no === saysNo(name);
    // "No spark" is a result that says nothing; "does not hold" is not the one that holds.
    const nothing = no && saysNo(name) ? 0.3 : 0;
    return { id, score: says > 0 || nothing ? (same ? says + nothing : says * 0.6) : 0, denied: !same && no };
  });
  const most = Math.max(0, ...scored.map((x) => x.score));
  const fitting = scored.filter((x) => x.score > 0 && x.score >= most - 1e-9);
  // That it could not be tried is only meant where no result is.
  const results = fitting.filter((x) => !x.id.startsWith(couldNot));
  const best = results.length ? results : fitting;
  return { score: Math.min(1, most), ids: best.map((x) => x.id), denied: best.some((x) => x.denied) };
}

/** A test that asks and is answered yes or no: yes is the result that repeats what is asked, or the normal one. */
function yesOrNo(k: Speaking, test: Test, said: string): string | null {
  const answer = /^\W*(yes|yep|no|nope)\W*$/i.exec(said)?.[1];
  if (!answer || test.outcomes.length !== 2) return null;
  const asks = [...stems(k, test.name)];
  const repeats = (o: TestOutcome) =>
    wordsOf(k, o.says).filter((w) => asks.some((x) => x.length > 2 && (x.startsWith(w) || w.startsWith(x)))).length;
  const [a, b] = test.outcomes;
  if (repeats(a) === repeats(b) && !test.name.includes('?')) return null;
  const yes = repeats(a) !== repeats(b) ? (repeats(a) > repeats(b) ? a : b) : a.normal ? a : b;
  return /^y/i.test(answer) ? yes.id : yes === a ? b.id : a.id;
}

const only = <T>(list: readonly T[]): T | null => (list.length === 1 ? list[0] : null);

/**
 * The result of a test that some words mean: its id, its name, or good or bad where that is enough.
 *
 * @param k the vocabulary by which words are compared
 * @param test the test whose results may be meant
 * @param said what came of it, in anyone's words
 * @returns the id of the result, of a reason why it could not be tried, or `comes-and-goes`; null where the words are not clear
 */
export function outcomeMeant(k: Speaking, test: Test, said: string): string | null {
  const text = said.trim();
  const exact = [...namesOf(test).map((o) => o.id), comesAndGoes].find((id) => id === text);
  if (exact) return exact;
  const named = test.outcomes.find((o) => o.says.toLowerCase() === text.toLowerCase());
  if (named) return named.id;
  const fit = outcomeFit(k, test, text);
  const fitting = only(fit.ids);
  const isNormal = (id: string) => test.outcomes.some((o) => o.id === id && o.normal);
  const others = (id: string) => test.outcomes.filter((o) => (o.normal === true) !== isNormal(id));
  if (fitting && fit.denied) {
    // What denies a result is the other one, where there is only one other.
    const other = only(others(fitting));
    if (other) return other.id;
  } else if (fitting && fit.score >= 0.3) return fitting;
  const { good, bad, broken, denies, intermittent } = lexiconOf(k);
  if (intermittent.test(text)) return comesAndGoes;
  const answered = yesOrNo(k, test, text);
  if (answered) return answered;
  const asked = wordsOf(k, plain(k, text));
  const [fine, poor] = [asked.some((w) => good.has(w)), asked.some((w) => bad.has(w)) || broken.test(text)];
  if (fine === poor) return fitting && fit.score > 0 && !fit.denied ? fitting : null;
  const sound = denies.test(text) ? poor : fine;
  const meant = test.outcomes.filter((o) => (o.normal === true) === sound).map((o) => o.id);
  return only(meant) ?? only(fit.ids.filter((id) => meant.includes(id)));
}
