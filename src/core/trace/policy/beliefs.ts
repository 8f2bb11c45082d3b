import { noTool, tellsSomething } from '../../state';
import { keyOf } from '../model/faultsHere';
import { type EngineAct, type Fault, type Test, actOf, applicability, engineActs, riskPrice, testById } from '../../knowledge';
import { fitnessOf, type Fitness } from '../../fitness';
import type { Problem, Situation, TestAct } from '../decide';
import type { Model } from '../model/build';
import { credibleExplanations, type CauseSet, type Inferred, type Posterior } from '../network';
import { missingFacts } from './missingFacts';
import { repairActs, repairCosts } from './repairActs';
import { Spending } from './spending';
import { engineStates, gateOf, type Gate } from './gates';
import { OutcomeTables, type OpenOutcome } from './outcomes';
import { unresolvedComplaints } from './unresolvedComplaints';
import { complaintLinks, type ComplaintLink } from './complaintLinks';
import { missingMinutes, money, stripOf, type Strip } from './strip';

/** A test at a place on this bike, with how likely each outcome is under each hypothesis. */
export interface OpenTest {
  key: string;
  test: Test;
  position: string | null;
  /** Money: its minutes and the access still missing, at the shop's rate, and the price of its risk. */
  cost: number;
  /** What of the cost is the price of its risk: of what is done, and of what it would harm by today's odds. */
  risk: number;
  minutes: number;
  accessMinutes: number;
  /** Why it cannot be done now; null if it can. */
  gate: Gate | null;
  /** False if no hypothesis makes any of its outcomes more or less likely than another does. */
  bears: boolean;
  readonly outcomes: readonly OpenOutcome[];
  /** Where nothing bears on it: the chance of each outcome, the same under every hypothesis. */
  readonly usual: readonly number[];
}

export type Hypothesis = Pick<CauseSet, 'states'>;

/** What is believed of a bike now: a list of hypotheses with their weights, and the tests that could part them. */
export interface BeliefState {
  model: Model;
  posterior: Posterior;
  /** True if there are too many findings at once for the list of hypotheses to explain all of them. */
  rough: boolean;
  sets: Hypothesis[];
  /** Probability of what is not in the list. */
  leftOut: number;
  /** Whether several complaints belong together. */
  ties: ComplaintLink[];
  /** Probability that is only known as "this and something more". */
  lumped: number;
  /** Indices into model.suspects: the faults that each hypothesis says are there now and bear on what is complained of. */
  faults: number[][];
  weights: Float64Array;
  tests: OpenTest[];
  strip: Strip;
  /** Money for repairing each suspect (parts, minutes, access still missing) and trying the complaint again. */
  repairCost: Float64Array;
  /** The same as a bare choice; tests and repairs by the same indices. */
  problem: Problem;
  start: Situation;
  fitness: Fitness;
}

/** Symptoms of the complaints that are open; null where only words are known, so that every fault may bear on them. */
export function openSymptoms(model: Model): string[] | null {
  const open = unresolvedComplaints(model);
  const symptoms = open.flatMap((c) => Object.entries(c.symptoms).flatMap(([id, a]) => (a === 'present' ? [id] : [])));
  return open.length > 0 && symptoms.length === 0 ? null : symptoms;
}

/** Findings of the open complaints, by their index in the network; null where every fault may bear on them. */
function aboutOf(model: Model, open: readonly string[] | null): Set<number> | undefined {
  if (open === null) return undefined;
  const wanted = new Set(open);
  const about = new Set<number>();
  model.network.findings.forEach((f, i) => {
    if (wanted.has(f.id.split('#')[0])) about.add(i);
  });
  return about;
}

/**
 * `known` is the first part of the work, if it is done already.
 * @param model the model of the case
 * @param known the inference, where it is done already
 * @returns odds, explanations and what each act would tell
 */
export function believe(model: Model, known?: Inferred): BeliefState {
  const open = openSymptoms(model);
  const about = aboutOf(model, open);
  const { sets: all, leftOut, lumped, posterior, quiet, rough } = credibleExplanations(model.network, model.observations, { about, known });
  const { sets, faults, weights } = hypotheses(model, all, about);
  const strip = stripOf(model);
  const fitness = fitnessOf(model.knowledge, model.case, model.epochs);
  const tests = openTests(model, { tables: new OutcomeTables(model, sets, quiet), strip, faults, weights, fitness });
  const rate = Number(model.case.job.rate);
  const repairs = repairActs(model, strip);
  const locks = tests.map((t) => locksOf(tests, t));
  const spending = new Spending(tests);
  const lifting = new Set(locks.flatMap((l) => l ?? []).flat());
  const problem: Problem = {
    faults,
    access: strip.states,
    repairs,
    tests: tests.map((t, i): TestAct => {
      let likelihood: Float64Array[] | undefined;
      let spent: number[] | undefined;
      return {
        cost: money(t.minutes, rate) + t.risk,
        want: strip.states.want(t.test.access),
        bears: t.bears,
        ...(lifting.has(i) && { sound: t.test.outcomes.map((o) => o.normal === true) }),
        locks: locks[i] ?? undefined,
        get spends() {
          return (spent ??= t.bears ? spending.by(t) : []);
        },
        get likelihood() {
          return (likelihood ??= t.outcomes.map((o) => o.likelihood));
        },
      };
    }),
  };
  const start: Situation = {
    weights,
    state: strip.now,
    shut: Uint8Array.from(tests, (t, i) => (t.gate && !locks[i] ? 1 : 0)),
    mended: new Uint8Array(repairs.length),
  };
  const repairCost = repairCosts(strip, repairs);
  const ties = complaintLinks(model, all);
  return { model, posterior, rough, sets, leftOut, lumped, ties, faults, weights, tests, strip, repairCost, problem, start, fitness };
}

/** More hypotheses than these hardly change which act is best. */
const mostHypotheses = 400;

/**
 * The explanations as hypotheses about what has to be mended for the complaint to go: the faults that brought it here.
 * Beyond the heaviest ones, each explanation's weight goes to the heaviest that shares a fault with it.
 */
function hypotheses(
  model: Model,
  all: readonly CauseSet[],
  about: ReadonlySet<number> | undefined,
): { sets: Hypothesis[]; faults: number[][]; weights: Float64Array } {
  const index = new Map(model.suspects.map((s, i) => [s.key, i]));
  const members = model.groups.map((g) => g.states.map((s) => s.members.map((key) => index.get(key)!)));
  const bears = (raised: readonly number[]) => !about || raised.some((f) => about.has(f));
  // Of faults that come together only those that bring it have to be mended for it to go.
  const open = openSymptoms(model);
  const bring = members.map((states) =>
    states.map((own) => {
      const those = own.filter((i) => open?.some((id) => id in model.suspects[i].fault.causes));
      return those.length ? those : own;
    }),
  );
  const mend = (e: CauseSet) => {
    const there = e.states.flatMap(([g, s], i) => (bears(e.raised[i]) ? bring[g][s] : []));
    return there.length > 1 ? [...new Set(there)].sort((a, b) => a - b) : there;
  };
  const sets: Hypothesis[] = [];
  const faults: number[][] = [];
  const weights: number[] = [];
  // Explanations that differ only in which finding came from which mode say the same of what is there.
  const known = new Map<string, number>();
  const first = new Map<number, number>();
  for (const e of all) {
    const name = e.states.map(([g, s], i) => `${g}.${s}${bears(e.raised[i]) ? '' : '-'}`).join();
    const same = known.get(name);
    if (same !== undefined) {
      weights[same] += e.probability + e.more;
      continue;
    }
    const own = mend(e);
    // That nothing is wrong at all needs no mending: what is done next is chosen for a complaint that is real.
    if (own.length === 0) continue;
    if (sets.length >= mostHypotheses) {
      const near = own.flatMap((i) => first.get(i) ?? []);
      if (near.length) weights[Math.min(...near)] += e.probability + e.more;
      continue;
    }
    known.set(name, sets.length);
    for (const i of own) if (!first.has(i)) first.set(i, sets.length);
    sets.push({ states: e.states });
    faults.push(own);
    weights.push(e.probability + e.more);
  }
  const total = weights.reduce((a, b) => a + b, 0);
  return { sets, faults, weights: Float64Array.from(weights, (w) => w / total) };
}

/** How much of the harm a single test of minutes does. Judgement. */
const harmShare = { turn: 0.05, crank: 0.1, run: 0.15, ride: 0.6 } as const;

/**
 * Price of what a fault is harmed by, for each act: in one test of minutes, the share of what is lost if it is gone on with.
 */
export function harmOf({ harm, stops }: Fault): Record<EngineAct, number> {
  const price = { turn: 0, crank: 0, run: 0, ride: 0 };
  if (harm && stops) for (const act of engineActs.slice(engineActs.indexOf(stops))) price[act] = harm * harmShare[act];
  return price;
}

/** The same by today's odds. */
function expectedHarm(model: Model, faults: readonly number[][], weights: Float64Array): Record<EngineAct, number> {
  const expected = { turn: 0, crank: 0, run: 0, ride: 0 };
  for (let h = 0; h < faults.length; h++)
    for (const i of faults[h]) {
      const { fault } = model.suspects[i];
      if (!fault.harm || !fault.stops) continue;
      const price = harmOf(fault);
      for (const act of engineActs) expected[act] += weights[h] * price[act];
    }
  return expected;
}

interface Offered {
  tables: OutcomeTables;
  strip: Strip;
  faults: readonly number[][];
  weights: Float64Array;
  fitness: Fitness;
}

function openTests(model: Model, { tables, strip, faults, weights, fitness }: Offered): OpenTest[] {
  const rate = Number(model.case.job.rate);
  const { knowledge } = model;
  const states = engineStates(model);
  const done = doneTests(model);
  const nothingOff = strip.states.state([]);
  const opened = (access: readonly string[] | undefined) =>
    strip.states.off(strip.states.reach(nothingOff, strip.states.want(access)).next);
  const harm = expectedHarm(model, faults, weights);
  const context = { states, fitness, done, toolless: toollessTests(model), knowledge, opened };
  const tests: OpenTest[] = [];
  for (const test of knowledge.tests) {
    if (test.kind === 'ask' || test.retired || applicability(test.applies, model.facts, knowledge.attributes) === 0) continue;
    if (test.onlyDead && states.get('runs') !== 'no') continue;
    const accessMinutes = missingMinutes(strip, test.access);
    const act = actOf(test.does, knowledge.doings);
    const risk = riskPrice(test.does, knowledge.doings) + (act ? harm[act] : 0);
    const cost = money(test.minutes, rate) + risk + strip.states.reach(strip.now, strip.states.want(test.access)).cost;
    for (const position of test.per === 'cylinder' ? model.positions : [null]) {
      const key = keyOf(test.id, position);
      if (done.has(key)) continue;
      const gate = gateOf(test, position, context);
      const bears = tables.bears(test);
      // Worked out when they are asked for: most tests have nothing to do with what is believed.
      let outcomes: OpenOutcome[] | undefined;
      tests.push({
        key,
        test,
        position,
        minutes: test.minutes,
        accessMinutes,
        cost,
        risk,
        gate,
        bears,
        get outcomes() {
          return (outcomes ??= tables.of(test, position));
        },
        get usual() {
          return tables.usual(test, position);
        },
      });
    }
  }
  for (const { test, outcomes } of missingFacts(model, faults))
    tests.push({
      key: test.id,
      test,
      position: null,
      minutes: test.minutes,
      accessMinutes: 0,
      risk: 0,
      cost: money(test.minutes, rate),
      gate: null,
      bears: true,
      outcomes,
      usual: [],
    });
  return tests;
}

/** What shuts a test as locks: the tests that lift each reason. Null if nothing shuts it, or something that no test lifts. */
function locksOf(tests: readonly OpenTest[], { gate }: OpenTest): number[][] | null {
  if (!gate?.reasons.length) return null;
  const locks = gate.reasons.map((r) => [...tests.keys()].filter((i) => r.tests.includes(tests[i].test.id)));
  return locks.every((any) => any.length > 0) ? locks : null;
}

/** Tests that somebody said there was no tool for: one cylinder's answer goes for all of them. */
const toollessTests = (model: Model): Set<string> =>
  new Set(model.case.evidence.filter((e) => !e.withdrawn && e.outcome === noTool).map((e) => e.testId));

/** The tests, by key, that were done and whose result still holds. */
function doneTests(model: Model): Set<string> {
  const done = new Set<string>();
  for (const e of model.case.evidence) {
    if (e.withdrawn || !tellsSomething(e)) continue;
    const test = testById(model.knowledge, e.testId);
    if (test && model.epochs.holds(test, e.afterRepairId, model.now.epoch || null)) done.add(keyOf(e.testId, e.position));
  }
  return done;
}
