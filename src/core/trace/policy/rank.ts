import type { Fitness } from '../../fitness';
import type { Model } from '../model/build';
import { product } from '../network';
import { afterOutcome, best, repairOrder } from '../decide';
import { believe, type BeliefState, type OpenTest } from './beliefs';
import type { OpenOutcome } from './outcomes';
import { questionViews, sameStrip, whileOpen, type QuestionView } from './sharedAccess';
import { compareSchools, schoolMove, schoolIds, type Move, type SchoolId } from './schools';
import type { ComplaintLink } from './complaintLinks';
import { weighing, type Weighing } from './weighing';
import { placeName } from '../model/places';
import { symptomsToAsk, type SymptomAsk } from './asks';
import { oddsOf } from './odds';
import type { Odds } from './suspects';
import { chanceWords, inSentence, separatesWords } from './words';

export interface OutcomeView {
  id: string;
  says: string;
  chance: number;
  /** One sentence: what this outcome would do to the ranking. */
  means: string;
}

export interface TestView {
  key: string;
  testId: string;
  position: string | null;
  name: string;
  system: string;
  minutes: number;
  accessMinutes: number;
  cost: number;
  /** Expected cost of everything if this is done next; null for a gated test. */
  value: number | null;
  bits: number;
  /** What of the cost is the price of its risk. */
  risk: number;
  gate: string | null;
  separates: string[];
  outcomes: OutcomeView[];
}

export type NextView =
  { kind: 'test'; key: string; why: string; saves: number } | { kind: 'repair'; key: string; why: string } | { kind: 'none'; why: string };

/** Under this many bits no result of a test changes anything that is believed. */
const tellsNothing = (t: { bits: number; gate: unknown }): boolean => t.gate === null && t.bits < 1e-4;

/** Everything the Trace view shows, computed at once; plain data. */
export interface Ranking extends Odds {
  knowledgeHash: string;
  tests: TestView[];
  next: NextView;
  repairNow: number;
  /** Tests, by key, that are cheap because something is off already; and those that share the strip of what is next. */
  whileOpen: string[];
  sameStrip: string[];
  questions: QuestionView[];
  /** Several complaints on one bike, two by two: whether one cause explains both. */
  ties: ComplaintLink[];
  /** The one repair most likely to be enough, and the best two. */
  enough: { key: string; chance: number } | null;
  pair: { keys: [string, string]; chance: number } | null;
  askOwner: { remaining: number; expected: number } | null;
  leftOut: number;
  tableSize: number;
  /** What else is worth asking the owner. */
  asks: SymptomAsk[];
  /** Whether it may be turned, cranked, run, ridden and handed over. */
  fitness: Fitness;
  /** True if there are too many to look ahead with all of them: the advice rests on those that matter most. */
  partial: boolean;
}

export interface RankOptions {
  /** Money the owner has agreed to and that is not spent yet; null if nothing was agreed. */
  agreedLeft?: number | null;
}

/**
 * What is suspected, and what to do next and why.
 * @param model the model of the case
 * @param spending `agreedLeft` is money that may still be spent, null where no sum was agreed
 * @param b what is believed, where it is worked out already
 * @param w what each act is worth, where it is worked out already
 * @returns suspects and acts in order, each with its reason
 */
export function rank(
  model: Model,
  { agreedLeft = null }: RankOptions = {},
  b: BeliefState = believe(model),
  w: Weighing = weighing(b),
): Ranking {
  const odds = oddsOf(model, b.posterior, b.repairCost);
  const { suspects } = odds;
  const name = (key: string) => suspects.find((s) => s.key === key)?.name ?? key;
  const school = (schoolIds as readonly string[]).includes(model.case.job.school) ? (model.case.job.school as SchoolId) : 'least-cost';
  const least = best(w.weighed).value;
  // The likeliest repair now, and the best way on from there.
  const repairNow = Math.min(repairOrder(b.problem, b.start).expected, ...w.weighed.repairs.map((r) => r.value));
  const now = marginals(b, b.weights);
  const values = new Map(w.weighed.tests.map((t) => [w.rough.tests[t.index], t.value]));
  // What was weighed stands in its order: acts that cost as good as the same by what they tell.
  const place = new Map(w.weighed.tests.map((t, i) => [b.tests[w.rough.tests[t.index]].key, i]));
  const tests = b.tests
    .map((t, i) => {
      const value = t.gate ? null : (values.get(i) ?? repairNow + t.cost);
      return testView(b, t, { value, now, bits: w.bits[i], inFull: values.has(i) });
    })
    // What tells nothing comes after what does, however cheap it is.
    .sort(
      (x, y) =>
        Number(tellsNothing(x)) - Number(tellsNothing(y)) ||
        (place.get(x.key) ?? values.size) - (place.get(y.key) ?? values.size) ||
        (x.value ?? 1e9 + x.cost) - (y.value ?? 1e9 + y.cost) ||
        (x.key < y.key ? -1 : 1),
    );
  const move = schoolMove(b, w, school);
  const next: NextView =
    move.kind === 'test'
      ? {
          kind: 'test',
          key: move.test.key,
          why:
            move.opens !== undefined
              ? `Needed first for: ${b.tests[move.opens].test.name}. ${b.tests[move.opens].gate!.says}`
              : whyTest(tests.find((t) => t.key === move.test.key)!),
          saves:
            move.opens !== undefined
              ? 0
              : savesOf(
                  tests.find((t) => t.key === move.test.key)!,
                  repairNow,
                ),
        }
      : move.kind === 'repair'
        ? {
            kind: 'repair',
            key: model.suspects[move.suspect].key,
            why: `No test left pays for itself: ${name(model.suspects[move.suspect].key)} is ${suspects.find((s) => s.key === model.suspects[move.suspect].key)!.words}.`,
          }
        : { kind: 'none', why: 'No complaint is open.' };
  // Sets that leave findings out do not say what one repair is enough for.
  const { enough, pair } = b.rough ? { enough: null, pair: null } : repairsEnough(b);
  return {
    ...odds,
    knowledgeHash: model.knowledge.hash,
    tests,
    next,
    repairNow,
    asks: symptomsToAsk(model, b.posterior),
    whileOpen: whileOpen(b, w.bits).map((t) => t.key),
    sameStrip: (move.kind === 'none'
      ? []
      : sameStrip(
          b,
          w.bits,
          move.kind === 'test' ? move.test.test.access : model.suspects[move.suspect].fault.remedy.access,
          move.kind === 'test' ? move.test.key : '',
        )
    ).map((t) => t.key),
    questions: questionViews(b),
    ties: b.ties,
    enough,
    pair,
    askOwner: agreedLeft !== null && least > agreedLeft ? { remaining: agreedLeft, expected: least } : null,
    leftOut: b.leftOut,
    tableSize: b.posterior.tableSize,
    fitness: b.fitness,
    partial: b.rough,
  };
}

export interface SchoolView {
  id: SchoolId;
  expected: number;
  next: string;
}

/**
 * What each school would do next and what following it is expected to cost; a longer computation than the ranking.
 * @param b what is believed now
 * @param w what each act is worth
 * @returns one view a school: its next act and money
 */
export function schoolViews(b: BeliefState, w: Weighing = weighing(b)): SchoolView[] {
  return compareSchools(b, w).map(({ id, expected, move }) => ({ id, expected, next: moveName(b, move) }));
}

function moveName(b: BeliefState, m: Move): string {
  if (m.kind === 'test') return placeName(m.test.test.name, m.test.position, b.model.positions);
  return m.kind === 'repair' ? `repair: ${b.model.suspects[m.suspect].fault.name}` : 'nothing';
}

function marginals(b: BeliefState, weights: Float64Array): Float64Array {
  const p = new Float64Array(b.model.suspects.length);
  for (let h = 0; h < b.faults.length; h++) for (const i of b.faults[h]) p[i] += weights[h];
  return p;
}

function testView(
  b: BeliefState,
  t: OpenTest,
  { value, now, bits, inFull }: { value: number | null; now: Float64Array; bits: number; inFull: boolean },
): TestView {
  const { model } = b;
  const label = (i: number) => placeName(model.suspects[i].fault.name, model.suspects[i].position, model.positions);
  const swing = new Float64Array(inFull ? now.length : 0);
  const little = (o: { id: string; says: string }, chance: number): OutcomeView => ({
    id: o.id,
    says: o.says,
    chance,
    means: 'Changes little.',
  });
  const inWords = (o: OpenOutcome): OutcomeView => {
    if (!inFull) return little(o, product(b.weights, o.likelihood));
    const { chance, weights } = afterOutcome(b.weights, o.likelihood);
    const then = marginals(b, weights);
    const moved = [...then.keys()]
      .filter((i) => Math.abs(then[i] - now[i]) > 0.01)
      .sort((x, y) => Math.abs(then[y] - now[y]) - Math.abs(then[x] - now[x]));
    for (const i of moved) swing[i] += chance * Math.abs(then[i] - now[i]);
    const up = moved.find((i) => then[i] > now[i]);
    const down = moved.find((i) => then[i] < now[i]);
    const said = [
      up !== undefined ? `${label(up)} up to ${chanceWords(then[up])}` : '',
      down !== undefined ? `${up !== undefined ? inSentence(label(down)) : label(down)} down to ${chanceWords(then[down])}` : '',
    ].filter(Boolean);
    return { id: o.id, says: o.says, chance, means: said.length ? `${said.join('; ')}.` : 'Changes little.' };
  };
  const outcomes = t.bears ? t.outcomes.map(inWords) : t.test.outcomes.map((o, i) => little(o, t.usual[i]));
  const parted = [...swing.keys()]
    .filter((i) => swing[i] > 0.005)
    .sort((x, y) => swing[y] - swing[x])
    .slice(0, 3);
  return {
    key: t.key,
    testId: t.test.id,
    position: t.position,
    name: placeName(t.test.name, t.position, model.positions),
    system: t.test.system,
    minutes: t.minutes,
    accessMinutes: t.accessMinutes,
    cost: t.cost,
    value,
    bits,
    risk: t.risk,
    gate: t.gate?.says ?? null,
    separates: parted.map((i) => inSentence(label(i))),
    outcomes,
  };
}

/** What a test is expected to save over repairing the likeliest fault now. Money. */
const savesOf = (t: TestView, repairNow: number): number => Math.max(0, repairNow - (t.value ?? repairNow));

function whyTest(t: TestView): string {
  const minutes = t.minutes + t.accessMinutes;
  return separatesWords(t.separates) || `${minutes} min.`;
}

/** The single repair, and the pair, most likely to cure everything that is open. */
function repairsEnough(b: BeliefState): Pick<Ranking, 'enough' | 'pair'> {
  const n = b.model.suspects.length;
  const single = new Float64Array(n);
  const pairs = new Map<number, number>();
  for (let h = 0; h < b.faults.length; h++) {
    const f = b.faults[h];
    if (f.length === 1) single[f[0]] += b.weights[h];
    if (f.length === 2) pairs.set(f[0] * n + f[1], (pairs.get(f[0] * n + f[1]) ?? 0) + b.weights[h]);
  }
  let best = -1;
  for (let i = 0; i < n; i++) if (single[i] > 0 && (best < 0 || single[i] > single[best])) best = i;
  if (best < 0) return { enough: null, pair: null };
  let two: [number, number] | null = null;
  let most = 0;
  // Only the leading suspects can make the best pair.
  const leaders = [...single.keys()].sort((x, y) => single[y] - single[x]).slice(0, 12);
  const candidates = new Set<number>(pairs.keys());
  for (const i of leaders) for (const j of leaders) if (i < j) candidates.add(i * n + j);
  for (const code of candidates) {
    const [i, j] = [Math.floor(code / n), code % n];
    const chance = single[i] + single[j] + (pairs.get(code) ?? 0);
    if (chance > most) {
      most = chance;
      two = [i, j];
    }
  }
  const key = (i: number) => b.model.suspects[i].key;
  return { enough: { key: key(best), chance: single[best] }, pair: two && { keys: [key(two[0]), key(two[1])], chance: most } };
}
