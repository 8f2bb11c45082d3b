import { readFileSync } from 'node:fs';
import { parse } from 'yaml';
import {
  cautionsHere,
  comesBefore,
  effectsFor,
  hazardsOfDoings,
  hazardsOfUsual,
  hazardsOfWork,
  usualJobs,
  type Facts,
  type Knowledge,
  type UsualStep,
  type Work,
} from '../../src/core/knowledge';
import { fromSi, toSi } from '../../src/core/quantity';
import { fitnessOf } from '../../src/core/fitness';
import type { Bike, Cleaning, Connection, FluidRow, FastenerState, FitnessAct, Piece } from '../../src/core/state';
import {
  campaignOf,
  cleanersFor,
  doseFor,
  fluidsOf,
  touch,
  waysIn,
  endOf,
  jointsToList,
  ladderFor,
  meanwhile,
  consumableOf,
  pairingsOf,
  renewedWith,
  spokenOf,
  usualVerdict,
  wornPart,
  type LooseWire,
  type TroubleApproach,
} from '../../src/core/strip';
import { limitFor, quantityInfo } from '../../src/core/measure';
import { likeliestOutcome, outcomeWeights } from '../../src/core/trace';
import { CaseMaker } from '../fixtures/case';

// Sheets of single facts, as handbooks have them; each is read from its own file and held against the knowledge.

interface Cautions {
  cautions: { caution: string; why: string; tests?: string[]; faults?: string[]; not?: string[] }[];
  words: { caution: string; says: string; why: string }[];
}

/** Every caution that is wanted and does not stand where it must, stands where it is a false alarm, or says something else. */
function uncautioned(k: Knowledge, { cautions, words }: Cautions): string[] {
  const wrong: string[] = [];
  for (const { caution, tests, faults, not } of cautions) {
    const has = (where: string, hazards: readonly string[] | undefined, wanted: boolean) => {
      if ((hazards ?? []).includes(caution) !== wanted) wrong.push(`${where}: ${caution} ${wanted ? 'is missing' : 'has no place here'}`);
    };
    const testOf = (id: string) => k.tests.find((t) => t.id === id) ?? void wrong.push(`there is no test '${id}'`);
    for (const id of tests ?? []) has(`test ${id}`, testOf(id)?.hazards, true);
    for (const id of not ?? []) has(`test ${id}`, testOf(id)?.hazards, false);
    for (const id of faults ?? []) {
      const fault = k.faults.find((f) => f.id === id);
      if (fault) has(`fault ${id}`, fault.remedy.hazards, true);
      else wrong.push(`there is no fault '${id}'`);
    }
  }
  for (const { caution, says } of words)
    if (!k.hazards.find((h) => h.id === caution)?.text.includes(says)) wrong.push(`caution ${caution} does not say '${says}'`);
  return wrong;
}

interface Figures {
  readings: { test: string; why: string; is: Record<string, number[]> }[];
  limits: { test: string; low?: [number, number]; high?: [number, number] }[];
  stops: Record<string, { why: string; faults: string[] }>;
  states: { test: string; outcome: string; sets: Record<string, string>; why: string }[];
}

/** Every reading that is judged otherwise, limit outside its latitude, fault that does not shut what it must, state not set. */
function misjudged(k: Knowledge, { readings, limits, stops, states }: Figures): string[] {
  const wrong: string[] = [];
  const measured = (id: string) => k.tests.find((t) => t.id === id)?.measure ?? void wrong.push(`'${id}' measures nothing`);
  for (const { test, is } of readings) {
    const measure = measured(test);
    if (!measure) continue;
    for (const [outcome, values] of Object.entries(is))
      for (const x of values) {
        const value = { kind: 'exact', value: toSi(x, measure.unit) } as const;
        const found = likeliestOutcome(outcomeWeights(measure, value, null));
        if (found !== outcome) wrong.push(`${test} ${x} ${measure.unit} is ${found}, not ${outcome}`);
      }
  }
  for (const { test, ...edges } of limits) {
    const measure = measured(test);
    for (const edge of ['low', 'high'] as const) {
      const latitude = edges[edge];
      const x = measure?.limit[edge];
      if (!latitude || !measure) continue;
      if (x === undefined || fromSi(x, measure.unit) < latitude[0] || fromSi(x, measure.unit) > latitude[1])
        wrong.push(`${test}: its ${edge} limit is not within ${latitude.join(' to ')} ${measure.unit}`);
    }
  }
  for (const [act, { faults }] of Object.entries(stops))
    for (const id of faults) if (k.faults.find((f) => f.id === id)?.stops !== act) wrong.push(`${id} does not shut ${act}`);
  for (const { test, outcome, sets } of states) {
    const found = k.tests.find((t) => t.id === test)?.outcomes.find((o) => o.id === outcome)?.sets ?? {};
    for (const [state, v] of Object.entries(sets))
      if (found[state as keyof typeof found] !== v) wrong.push(`${test} ${outcome} does not set ${state} ${v}`);
  }
  return wrong;
}

type Troubles = Record<string, { usual?: string[]; can?: string[]; not?: string[] }>;

/** With a cause that is usual most owners complain of it, with one that can be some do, with one that is not nobody does. */
const shares = { usual: 0.3, can: 0.02, not: 0.1 } as const;

/** Every cause that does not bring the complaint that a handbook's trouble table has it bring, or brings one that it has not. */
function untroubled(k: Knowledge, troubles: Troubles): string[] {
  const wrong: string[] = [];
  // What a fault brings through another that it leads to counts as well.
  const share = (id: string, complaint: string, deep = true): number | undefined => {
    const fault = k.faults.find((f) => f.id === id);
    if (!fault) return void wrong.push(`${complaint}: there is no fault '${id}'`);
    const p = fault.causes[complaint];
    const own = typeof p === 'number' ? p : p === undefined ? 0 : Math.max(...Object.values(p));
    const led = deep ? Object.entries(fault.leads ?? {}).map(([to, q]) => q * (share(to, complaint, false) ?? 0)) : [];
    return Math.max(own, ...led);
  };
  for (const [complaint, { usual, can, not }] of Object.entries(troubles)) {
    for (const id of usual ?? [])
      if ((share(id, complaint) ?? 1) < shares.usual) wrong.push(`${id} hardly brings ${complaint} (${share(id, complaint)})`);
    for (const id of can ?? []) if ((share(id, complaint) ?? 1) < shares.can) wrong.push(`${id} cannot bring ${complaint}`);
    for (const id of not ?? []) if ((share(id, complaint) ?? 0) > shares.not) wrong.push(`${id} brings ${complaint}`);
  }
  return wrong;
}

type Settles = Record<string, { by: string[]; can?: string[] }>;

/** What settles shows nearly always, and with hardly anything else. */
const settled = { by: 0.6, else: 0.3 } as const;

/** Every sign that its fault hardly brings, that what can bring it does not, or that something else brings often. */
function unsettled(k: Knowledge, signs: Settles): string[] {
  const wrong: string[] = [];
  for (const [sign, { by, can = [] }] of Object.entries(signs)) {
    const share = (id: string) => {
      const p = k.faults.find((f) => f.id === id)?.causes[sign];
      return typeof p === 'number' ? p : p === undefined ? 0 : Math.max(...Object.values(p));
    };
    for (const id of by) if (share(id) < settled.by) wrong.push(`${id} hardly shows ${sign} (${share(id)})`);
    for (const id of can) if (share(id) === 0) wrong.push(`${id} never shows ${sign}`);
    for (const f of k.faults)
      if (!f.retired && ![...by, ...can].includes(f.id) && share(f.id) > settled.else)
        wrong.push(`${f.id} shows ${sign} as well (${share(f.id)})`);
  }
  return wrong;
}

interface Signs {
  none: string[];
  several: Record<string, string[]>;
}

/** A sign that a fault hardly ever comes without. */
const hardlyWithout = 0.85 - 1e-9;

/** Every fault that is known by other signs than it should be, or by more than the one that settles it. */
function missigned(k: Knowledge, { none, several }: Signs): string[] {
  const complaints = new Set(k.findings.filter((f) => f.symptom).map((f) => f.id));
  return k.faults.flatMap((f) => {
    if (f.retired) return [];
    const share = (s: (typeof f.causes)[string]) => (typeof s === 'number' ? s : Object.values(s).reduce((a, b) => a + b, 0));
    const signs = Object.keys(f.causes).filter((id) => !complaints.has(id) && share(f.causes[id]) >= hardlyWithout);
    const listed = several[f.id];
    if (listed) {
      const wrong = [...signs.filter((x) => !listed.includes(x)), ...listed.filter((x) => !signs.includes(x))];
      return wrong.map((x) => `${f.id}: ${signs.includes(x) ? 'is not known by' : 'should be known by'} ${x}`);
    }
    const wanted = none.includes(f.id) ? 0 : 1;
    return signs.length === wanted ? [] : [`${f.id} is known by ${signs.join(', ') || 'nothing'}`];
  });
}

/** Signs and complaints that a fault of another system may bring, because the systems touch there: by fault, with why. */
type Across = Record<string, { signs: string[]; why: string }>;

/** From this strength on a link is a claim of its own. */
const readily = 0.45;

/** Every sign or complaint that comes readily, belongs to another system, is brought by nothing else of its own, and is not listed. */

function astray(k: Knowledge, across: Across): string[] {
  const complaints = new Set(k.findings.filter((f) => f.symptom).map((f) => f.id));
  const systems = new Map<string, Set<string>>();
  for (const t of k.tests)
    for (const o of t.outcomes) for (const id of Object.keys(o.find)) systems.set(id, (systems.get(id) ?? new Set()).add(t.system));
  const share = (s: number | Record<string, number>) => (typeof s === 'number' ? s : Math.max(...Object.values(s)));
  return k.faults.flatMap((f) =>
    Object.entries(f.causes).flatMap(([id, s]) => {
      if (f.retired || share(s) < readily || (!complaints.has(id) && systems.get(id)?.has(f.system))) return [];
      const kin = k.faults.some((g) => g !== f && g.system === f.system && id in g.causes);
      return kin || across[f.id]?.signs.includes(id) ? [] : [`${f.id} (${f.system}) has no business with ${id}`];
    }),
  );
}

/** Under this a link says less than the ordinary error of what is looked at. */
const leastLink = 0.05;

/** Every link that is too weak to be worth writing down. */
const idle = (k: Knowledge): string[] =>
  k.faults.flatMap((f) =>
    Object.entries(f.causes).flatMap(([id, s]) =>
      !f.retired && (typeof s === 'number' ? s : Object.values(s).reduce((a, b) => a + b, 0)) < leastLink
        ? [`${f.id} hardly brings ${id}`]
        : [],
    ),
  );

type Written = { says: string; access?: string; kind?: string; cautions?: string[]; not?: string[] };

interface WorkSheet {
  steps: Written[];
  accesses: Written[];
  torques: Written[];
  waits: Written[];
  temporary: Written[];
  bikes: { caution: string; attributes: Facts; stands: boolean }[];
}

/** Every caution that what a mechanic writes down should bring and does not, or brings for nothing. */
function unwarned(k: Knowledge, { bikes, ...kinds }: WorkSheet): string[] {
  const wrong: string[] = [];
  for (const [list, all] of Object.entries(kinds))
    for (const { says, access, kind, cautions, not } of all as Written[]) {
      const work: Work = { words: [says], access, wait: kind, tightening: list === 'torques' };
      const has = hazardsOfWork(k, work);
      for (const c of cautions ?? []) if (!has.includes(c)) wrong.push(`${list} '${says}': ${c} is missing`);
      for (const c of not ?? []) if (has.includes(c)) wrong.push(`${list} '${says}': ${c} has no place here`);
    }
  for (const { caution, attributes, stands } of bikes)
    if (cautionsHere(k, [caution], attributes).includes(caution) !== stands)
      wrong.push(`${caution} on ${JSON.stringify(attributes)}: ${stands ? 'is missing' : 'has no place here'}`);
  return wrong;
}

/** A sheet by its name, and everything of it that the knowledge does not bear out, in words. */
export interface Sheet {
  name: string;
  wrong(k: Knowledge): string[];
}

/** What a step of a usual job says or owes. */
const toldBySteps = ['how', 'trap', 'does', 'note', 'back', 'check', 'fresh'] as const;

interface Strips {
  order: { job: string; bike?: Facts; first: string; then: string }[];
  says: { job: string; step: string; about: string }[];
  checks: { job: string; bike?: Facts; step: string; about: string }[];
  fresh: { job: string; step: string; about: string }[];
  notes: { job: string; step: string; about: string }[];
  cautions: { job: string; step: string; is: string[] }[];
  absent: { job: string; bike: Facts; step: string }[];
  jobs: { job: string; bike: Facts; has: boolean }[];
  always: ({ part: string } & Partial<Record<(typeof toldBySteps)[number], string>>)[];
}

/** Every usual job that comes apart in another order, says too little, or stands where a bike has no such thing. */
function unstripped(k: Knowledge, wanted: Strips): string[] {
  const wrong: string[] = [];
  const on = (bike: Facts | undefined, job: string) => usualJobs(k, bike ?? {}).find((j) => j.id === job);
  const stepOf = (job: string, step: string, bike?: Facts) =>
    on(bike, job)?.steps.find((s) => s.id === step) ?? void wrong.push(`${job}: there is no step '${step}'`);
  for (const { job, bike, first, then } of wanted.order) {
    const steps = on(bike, job)?.steps ?? [];
    if (!stepOf(job, first, bike) || !stepOf(job, then, bike)) continue;
    if (!comesBefore(steps, then).has(first)) wrong.push(`${job}: ${then} can come off before ${first}`);
  }
  const tells = (
    list: readonly { job: string; bike?: Facts; step: string; about: string }[],
    said: (s: UsualStep) => (string | undefined)[],
  ) => {
    for (const { job, bike, step, about } of list) {
      const s = stepOf(job, step, bike);
      if (s && !said(s).join(' ').toLowerCase().includes(about.toLowerCase())) wrong.push(`${job}, ${step}: says nothing of '${about}'`);
    }
  };
  tells(wanted.says, (s) => [s.how, s.trap]);
  tells(wanted.checks, (s) => s.check ?? []);
  tells(wanted.fresh, (s) => s.fresh ?? []);
  tells(wanted.notes, (s) => s.note ?? []);
  for (const { job, step, is } of wanted.cautions) {
    const s = stepOf(job, step);
    const has = s ? hazardsOfUsual(k, s) : [];
    for (const h of is) if (!has.includes(h)) wrong.push(`${job}, ${step}: ${h} is missing`);
  }
  for (const { part, ...rule } of wanted.always) {
    const such = k.strips.flatMap((j) => j.steps.filter((s) => new RegExp(part).test(s.part)).map((s) => ({ j, s })));
    if (such.length === 0) wrong.push(`no step takes '${part}' off`);
    for (const { j, s } of such)
      for (const what of toldBySteps)
        if (rule[what] && !new RegExp(rule[what], 'i').test([s[what] ?? []].flat().join(' · ')))
          wrong.push(`${j.id}, ${s.id}: '${what}' says nothing of ${rule[what]}`);
  }
  for (const { job, bike, step } of wanted.absent)
    if (on(bike, job)?.steps.some((s) => s.id === step)) wrong.push(`${job}: ${step} is not there on this bike`);
  for (const { job, bike, has } of wanted.jobs)
    if ((on(bike, job) !== undefined) !== has) wrong.push(`${job}: ${has ? 'is missing' : 'has no place'} on this bike`);
  return wrong;
}

interface Fasteners {
  ways: { state: FastenerState; has: string[]; not: string[] }[];
  order: { state: FastenerState; approach: TroubleApproach; first: string; then: string }[];
  cautions: { way: string; is: string[] }[];
  not: { way: string; is: string[] }[];
  says: { way: string; about: string }[];
}

/** Every way with a fastener in trouble that is missing, senseless, in the wrong order, or says too little. */
function unfastened(k: Knowledge, wanted: Fasteners): string[] {
  const wrong: string[] = [];
  const ladder = (state: FastenerState, approach: TroubleApproach) =>
    ladderFor(k.fastenerWays, state, [], 35, approach).map((r) => r.way.id);
  for (const { state, has, not } of wanted.ways) {
    const ways = ladder(state, 'patience');
    for (const w of has) if (!ways.includes(w)) wrong.push(`${state}: ${w} is missing`);
    for (const w of not) if (ways.includes(w)) wrong.push(`${state}: ${w} has no place`);
  }
  for (const { state, approach, first, then } of wanted.order) {
    const ways = ladder(state, approach);
    if (!(ways.indexOf(first) >= 0 && ways.indexOf(first) < ways.indexOf(then)))
      wrong.push(`${state}, ${approach}: ${then} comes before ${first}`);
  }
  const wayOf = (id: string) => k.fastenerWays.find((w) => w.id === id) ?? void wrong.push(`there is no way '${id}'`);
  for (const { way, is } of wanted.cautions) {
    const has = hazardsOfDoings(k, wayOf(way)?.does ?? []);
    for (const h of is) if (!has.includes(h)) wrong.push(`${way}: ${h} is missing`);
  }
  for (const { way, is } of wanted.not)
    for (const h of hazardsOfDoings(k, wayOf(way)?.does ?? [])) if (is.includes(h)) wrong.push(`${way}: ${h} is a false alarm`);
  for (const { way, about } of wanted.says) if (!wayOf(way)?.how.includes(about)) wrong.push(`${way}: says nothing of '${about}'`);
  return wrong;
}

interface Wires {
  ends: { says: string; is: string; earth?: string }[];
  safer: { ends: string[]; with: string[]; first: [string, string] }[];
  counts: { colours: number[]; is: number }[];
  meanwhile: { ends: string[]; says: string }[];
  joints: { when?: Facts; has?: string[]; not?: string[] }[];
  drops: Record<'fine' | 'borderline' | 'bad', number[]>;
}

const looseWire = (fromEnd: string, toEnd: string, colour = 'black/white', i = 0): LooseWire => ({
  id: `${colour}-${i}`,
  kind: 'wire',
  fromEnd,
  toEnd,
  colour,
  mark: null,
  joinedAt: null,
});

/** Every end that is taken for something else, pairing in an order that risks more, joint that is missing, drop judged otherwise. */
function miswired(k: Knowledge, wanted: Wires): string[] {
  const wrong: string[] = [];
  for (const { says, is, earth } of wanted.ends) {
    const found = endOf(k.wireEnds, says, earth ? { earth } : {}, k.attributes)?.id ?? 'unknown';
    if (found !== is) wrong.push(`${says} is ${found}, not ${is}`);
  }
  const pairings = (wires: LooseWire[]) => pairingsOf(k, wires, [], {});
  for (const { ends, with: to, first } of wanted.safer) {
    // As the record would have it if somebody had written it down the wrong way round: the safest comes first all the same.
    const [best] = pairings(ends.map((e, i) => looseWire(e, [...to].reverse()[i], 'black', i))).list;
    const joins = best.joins.map((j) => [ends[Number(j.id.split('-')[1])], j.to]);
    if (!joins.some((j) => first.every((f) => j.includes(f)))) wrong.push(`first tried is ${joins.map((j) => j.join(' on ')).join(', ')}`);
  }
  for (const { colours, is } of wanted.counts) {
    const wires = colours.flatMap((n, c) =>
      Array.from({ length: n }, (_x, i) => looseWire(`From ${c}${i}`, `To ${c}${i}`, `colour${c}`, i)),
    );
    const { count } = pairings(wires);
    if (count !== is) wrong.push(`${colours.join(' and ')} alike: ${count} pairings, not ${is}`);
  }
  for (const { ends, says } of wanted.meanwhile) {
    const said = meanwhile(k, [looseWire(ends[0], ends[1], 'black', 0), looseWire(ends[0], ends[1], 'black', 1)], {}).join(' ');
    if (!said.includes(says)) wrong.push(`${ends.join(' and ')}: says nothing of '${says}', but '${said}'`);
  }
  for (const { when = {}, has, not } of wanted.joints) {
    const ids = jointsToList(k, [], when).map((j) => j.id);
    for (const j of has ?? []) if (!ids.includes(j)) wrong.push(`joint ${j} is missing`);
    for (const j of not ?? []) if (ids.includes(j)) wrong.push(`joint ${j} has no place on ${JSON.stringify(when)}`);
  }
  const limit = limitFor(quantityInfo(k, 'joint-drop', {})!, []);
  const is = { fine: 'in', borderline: 'borderline', bad: 'high' };
  for (const [what, volts] of Object.entries(wanted.drops) as ['fine' | 'borderline' | 'bad', number[]][])
    for (const v of volts) {
      const joint = { kind: 'earth', dropBefore: v, dropAfter: null } as Connection;
      const verdict = campaignOf([joint], limit)[0].now?.verdict;
      if (verdict !== is[what]) wrong.push(`${v} V at a joint is ${verdict}, not ${is[what]}`);
    }
  return wrong;
}

interface CleaningSheet {
  touches: { cleaner: string; on: string; is: string }[];
  doses: { cleaner: string; litres: number; is: number; unit: string }[];
  after: { cleaner: string; has?: string[]; not?: string[] }[];
  cautions: { cleaner: string; is?: string[]; not?: string[] }[];
  says: { caution?: string; about?: string; cleaner?: string; kind?: string }[];
  for: { what: string; on: string; first?: string; has?: string[]; not?: string[] }[];
}

/** Every cleaner that may touch what it must not, is dosed otherwise, is followed by too little, warns of too little or is offered for what it ruins. */
function miscleaned(k: Knowledge, wanted: CleaningSheet): string[] {
  const wrong: string[] = [];
  const find = (id: string) => k.cleaners.find((c) => c.id === id) ?? void wrong.push(`there is no cleaner '${id}'`);
  for (const { cleaner, on, is } of wanted.touches) {
    const c = find(cleaner);
    if (c && touch(c, on) !== is) wrong.push(`${cleaner} on ${on} is ${touch(c, on)}, not ${is}`);
  }
  for (const { cleaner, litres, is, unit } of wanted.doses) {
    const c = find(cleaner);
    const dose = c && doseFor(c, litres);
    if (dose?.amount !== is || dose.unit !== unit) wrong.push(`${cleaner}, ${litres} l: ${dose?.amount} ${dose?.unit}, not ${is} ${unit}`);
  }
  for (const { cleaner, has = [], not = [] } of wanted.after) {
    const after = find(cleaner)?.after ?? [];
    if (after.filter((a) => has.includes(a)).join() !== has.join()) wrong.push(`${cleaner} is followed by ${after.join(', ')}`);
    for (const n of not) if (after.includes(n)) wrong.push(`${cleaner}: ${n} has no place`);
  }
  for (const { cleaner, is = [], not = [] } of wanted.cautions) {
    const has = hazardsOfDoings(k, find(cleaner)?.does ?? []);
    for (const h of is) if (!has.includes(h)) wrong.push(`${cleaner}: ${h} is missing`);
    for (const h of not) if (has.includes(h)) wrong.push(`${cleaner}: ${h} is a false alarm`);
  }
  for (const { caution, about, cleaner, kind } of wanted.says) {
    if (caution && !k.hazards.find((h) => h.id === caution)?.text.includes(about!))
      wrong.push(`caution ${caution} does not say '${about}'`);
    if (cleaner && find(cleaner)?.kind !== kind) wrong.push(`${cleaner} is no ${kind}`);
  }
  for (const { what, on, first, has = [], not = [] } of wanted.for) {
    const offered = cleanersFor(k.cleaners, what, [on]);
    const open = offered.filter((o) => o.touch !== 'no').map((o) => o.cleaner.id);
    if (first && open[0] !== first) wrong.push(`${what} on ${on}: first is ${open[0]}, not ${first}`);
    for (const h of has) if (!open.includes(h)) wrong.push(`${what} on ${on}: ${h} is missing`);
    for (const n of not) if (open.includes(n)) wrong.push(`${what} on ${on}: ${n} ruins it`);
  }
  return wrong;
}

interface WearSheet {
  speaks: { part: string; wear: string; of: string; on?: Facts }[];
  silent: { part: string; wear: string; on?: Facts }[];
  verdicts: { part: string; wear: string; is: string }[];
  past: { sign: string; of: string }[];
  renews: { part: string; new: string[]; on?: Facts }[];
  plain: string[];
  belongs: { to: string[]; parts: string[] }[];
}

/**
 * Every worn part that speaks of another fault than it should or of none, verdict that is not usual, part that goes back without its new
 * seals or clips, and sign of the past that is missing.
 */
function misread(k: Knowledge, wanted: WearSheet): string[] {
  const wrong: string[] = [];
  const spoken = (part: string, wear: string, on: Facts = {}) => spokenOf(k, wornPart(k, part, on), wear, on);
  for (const { part, wear, of, on } of wanted.speaks) {
    const is = spoken(part, wear, on);
    if (is !== of) wrong.push(`${part}, ${wear}: speaks of ${is ?? 'nothing'}, not of ${of}`);
  }
  for (const { part, wear, on } of wanted.silent) {
    const is = spoken(part, wear, on);
    if (is) wrong.push(`${part}, ${wear}: speaks of ${is}`);
  }
  for (const { part, wear, is } of wanted.verdicts) {
    const verdict = usualVerdict(k, wornPart(k, part, {}), wear, 'unknown');
    if (verdict !== is) wrong.push(`${part}, ${wear}: ${verdict}, not ${is}`);
  }
  for (const { part, new: fresh, on } of wanted.renews) {
    const named = renewedWith(k, part, on ?? {});
    for (const name of fresh)
      if (!named.some((n) => n.toLowerCase().includes(name))) wrong.push(`${part}: goes back without a new ${name}`);
    for (const n of named) if (!consumableOf(k.consumables, n)) wrong.push(`${part}: it is not known why ${n} goes back new`);
  }
  for (const part of wanted.plain) for (const n of renewedWith(k, part, {})) wrong.push(`${part}: a new ${n} with it, which it has not`);
  const placed = new Set<string>();
  for (const { to, parts } of wanted.belongs)
    for (const name of parts) {
      const part = wornPart(k, name, {});
      if (!part) wrong.push(`there is no part '${name}'`);
      else placed.add(part.id);
      for (const id of Object.values(part?.wears ?? {}).flat()) {
        const system = k.faults.find((f) => f.id === id)?.system;
        if (system && !to.includes(system)) wrong.push(`${name}: speaks of ${id}, which is ${system}`);
      }
    }
  for (const p of k.wornParts)
    if (Object.keys(p.wears).length > 0 && !placed.has(p.id)) wrong.push(`${p.name}: nobody says where it belongs`);
  for (const { sign, of } of wanted.past) if (k.past.find((p) => p.name === sign)?.of !== of) wrong.push(`'${sign}' is no sign of a ${of}`);
  return wrong;
}

interface EffectsSheet {
  effects: { effect: string; sets?: Record<string, string>; raises?: string[]; caution?: string; says: string[] }[];
  not: { effect: string; on: Facts }[];
}

/** Every side effect that is missing, sets or raises something else, warns of too little, or is offered where it has no use. */
function uneffected(k: Knowledge, wanted: EffectsSheet): string[] {
  const wrong: string[] = [];
  const find = (name: string) => k.effects.find((e) => e.name === name) ?? void wrong.push(`there is no side effect '${name}'`);
  for (const { effect, sets = {}, raises = [], caution, says } of wanted.effects) {
    const e = find(effect);
    if (!e) continue;
    if (JSON.stringify(e.sets ?? {}) !== JSON.stringify(sets)) wrong.push(`${effect} sets ${JSON.stringify(e.sets)}`);
    for (const f of raises) if (!e.raises?.[f]) wrong.push(`${effect} does not raise ${f}`);
    if (caution && !hazardsOfDoings(k, e.does ?? []).includes(caution)) wrong.push(`${effect}: ${caution} is missing`);
    for (const s of says) if (!e.says.join(' ').toLowerCase().includes(s)) wrong.push(`${effect} says nothing of '${s}'`);
  }
  for (const { effect, on } of wanted.not)
    if (effectsFor(k, on).some((e) => e.name === effect)) wrong.push(`${effect} has no place on ${JSON.stringify(on)}`);
  return wrong;
}

interface ConsumablesSheet {
  never: string[];
  again: { part: string; says: string }[];
}

/** Every consumable that may go back again and must not, the other way round, or that does not say how; and usual ones that nothing is known of. */
function misused(k: Knowledge, { never, again }: ConsumablesSheet): string[] {
  const wrong: string[] = [];
  const of = (name: string) => consumableOf(k.consumables, name) ?? void wrong.push(`nothing is known of '${name}'`);
  for (const name of never) if (of(name)?.again) wrong.push(`${name} must not go back again`);
  for (const { part, says } of again) if (!of(part)?.again?.toLowerCase().includes(says)) wrong.push(`${part} goes back again, '${says}'`);
  for (const name of k.strips.flatMap((j) => j.steps.flatMap((s) => s.fresh ?? []))) of(name);
  return wrong;
}

interface Fluids {
  has: { when: Facts; has?: string[]; not?: string[] }[];
  owed: { seen?: string; cleaned?: string; is: string[] }[];
  shuts: { fluid: string; no: FitnessAct[]; yes: FitnessAct[] }[];
  says: { fluid: string; about: string }[];
}

/** Every fluid that a bike has not got or lacks, change that is owed for nothing or not owed, act that is open over a dry engine. */
function misfilled(k: Knowledge, wanted: Fluids): string[] {
  const wrong: string[] = [];
  const none = { fluids: [], cleanings: [], evidence: [] };
  const water = { cooling: 'liquid', brakes: 'disc', clutch: 'hydraulic' } as Partial<Bike>;
  for (const { when, has, not } of wanted.has) {
    const ids = fluidsOf(k, none, when).map((f) => f.fluid.id);
    for (const f of has ?? []) if (!ids.includes(f)) wrong.push(`${JSON.stringify(when)}: ${f} is missing`);
    for (const f of not ?? []) if (ids.includes(f)) wrong.push(`${JSON.stringify(when)}: ${f} has no place`);
  }
  const at = '2030-01-01T08:00:00.000Z';
  for (const { seen, cleaned, is } of wanted.owed) {
    const finds = (o: { find: Record<string, string> }) => seen !== undefined && o.find[seen] !== undefined && o.find[seen] !== 'no';
    const test = k.tests.find((t) => t.outcomes.some(finds));
    if (seen && !test) wrong.push(`nothing finds '${seen}'`);
    const evidence = test ? [{ testId: test.id, outcome: test.outcomes.find(finds)!.id, takenAt: at, withdrawn: null }] : [];
    const cleanings = cleaned ? [{ cleaner: cleaned, madeAt: at } as Cleaning] : [];
    const owed = fluidsOf(k, { fluids: [], cleanings, evidence }, { strokes: 'four' }).flatMap((f) => (f.owed.length ? [f.fluid.id] : []));
    if (owed.join() !== is.join())
      wrong.push(`after ${seen ?? cleaned} is owed ${owed.join() || 'nothing'}, not ${is.join() || 'nothing'}`);
  }
  for (const { fluid, no, yes } of wanted.shuts) {
    const drained: FluidRow = {
      id: 'f',
      jobId: 'job',
      stepId: null,
      fluid,
      act: 'drained',
      ml: 900,
      grade: null,
      note: null,
      madeAt: at,
      versions: {},
    };
    const of = (fluids: FluidRow[]) =>
      fitnessOf(k, { ...new CaseMaker({ 'clutch-slips': 'present' }, { starting: 'both', ...water }, { standingMonths: 0 }).c, fluids });
    const dry = of([drained]);
    const shut = (act: FitnessAct) => dry[act].reasons.some((r) => r.code === `fluid:${fluid}`);
    for (const act of no) if (!shut(act)) wrong.push(`${fluid} out: ${act} must not be done`);
    for (const act of yes) if (shut(act)) wrong.push(`${fluid} out: ${act} may be done`);
    const full = of([drained, { ...drained, id: 'g', act: 'filled', madeAt: '2030-01-02T08:00:00.000Z' }]);
    if (full.handOver.reasons.some((r) => r.code === `fluid:${fluid}`)) wrong.push(`${fluid} filled: it is still missed`);
  }
  for (const { fluid, about } of wanted.says)
    if (!k.fluids.find((f) => f.id === fluid)?.fill.includes(about)) wrong.push(`${fluid}: filling says nothing of '${about}'`);
  return wrong;
}

interface WaysIn {
  first: { bike: string; to: string; by: string[]; not?: string }[];
  off: { bike: string; off: string[]; to: string; by: string[] }[];
  before: { to: string; has: string[]; not?: string[] }[];
  risks: { to: string; snaps?: string; drops?: string }[];
}

/** Every way that is taken first and should not be, that leaves out what must come off, or that is silent about what snaps or drops. */
function misled(k: Knowledge, wanted: WaysIn): string[] {
  const wrong: string[] = [];
  const best = (bike: string | null, to: string, off: string[] = []) => waysIn(k, bike, to, new Set(off), 40)[0];
  for (const { bike, to, by, off, not } of [
    ...wanted.first.map((x) => ({ off: [], ...x })),
    ...wanted.off.map((x) => ({ not: undefined, ...x })),
  ]) {
    const steps = best(bike, to, off)?.steps.map((s) => s.id) ?? [];
    const leads = by.every((b) => steps.includes(b)) && (by.length > 0 || steps.length === 1);
    if (!leads || (not && steps.includes(not))) wrong.push(`${bike}, ${to}: first by ${steps.join(', ')}`);
  }
  for (const { to, has, not = [] } of wanted.before) {
    const steps = best(null, to)?.steps.map((s) => s.id) ?? [];
    for (const h of has) if (!steps.includes(h)) wrong.push(`${to}: ${h} does not come off`);
    for (const n of not) if (steps.includes(n)) wrong.push(`${to}: ${n} can stay`);
  }
  for (const { to, snaps, drops } of wanted.risks) {
    const way = best(null, to);
    if (snaps && !way?.risks.some((r) => r.what.includes(snaps))) wrong.push(`${to}: nothing is said of the ${snaps}`);
    if (drops && !way?.fallsIn.some((f) => f.includes(drops))) wrong.push(`${to}: nothing is said of the ${drops}`);
  }
  return wrong;
}

interface Pieces {
  say: string;
  lost: Pick<Piece, 'name' | 'went' | 'outcome'>[];
  no?: FitnessAct[];
  yes?: FitnessAct[];
}

/** Every bike with a lost piece of which something may be done that must not be, or the other way round. */
function unaccounted(k: Knowledge, pieces: readonly Pieces[]): string[] {
  const bike = () => new CaseMaker({ 'clutch-slips': 'present' }, { starting: 'both' }, { ranWhenParked: 'yes', standingMonths: 0 }).c;
  return pieces.flatMap(({ say, lost, no, yes }) => {
    const rows = lost.map((p, i): Piece => ({
      id: `p${i}`,
      jobId: 'job',
      stepId: null,
      note: null,
      madeAt: '2030-01-01T08:00:00.000Z',
      versions: {},
      ...p,
      outcome: p.outcome ?? null,
      proof: p.outcome ? 'seen' : null,
      settledBy: p.outcome ? 'Ines' : null,
      settledAt: p.outcome ? '2030-01-02T08:00:00.000Z' : null,
    }));
    const fitness = fitnessOf(k, { ...bike(), pieces: rows });
    return [
      ...(no ?? []).filter((act) => fitness[act].may).map((act) => `${say}: ${act} must not be done`),
      ...(yes ?? []).filter((act) => !fitness[act].may).map((act) => `${say}: ${act} may be done`),
    ];
  });
}

const sheet = <T>(name: string, check: (k: Knowledge, wanted: T) => string[], folder = 'test/trade/sheets'): Sheet => {
  const wanted = parse(readFileSync(`${folder}/${name}.yaml`, 'utf8')) as T;
  return { name, wrong: (k) => check(k, wanted) };
};

export const sheets: readonly Sheet[] = [
  sheet('cautions', uncautioned),
  sheet('figures', misjudged),
  sheet('troubles', (k, { complaints }: { complaints: Troubles }) => untroubled(k, complaints)),
  sheet('work', unwarned),
  sheet('signs', missigned),
  sheet('across', (k, { across }: { across: Across }) => [...astray(k, across), ...idle(k)]),
  sheet('strips', unstripped),
  sheet('fasteners', unfastened),
  sheet('wires', miswired),
  sheet('cleaning', miscleaned),
  sheet('fluids', misfilled),
  sheet('waysin', misled),
  sheet('wear', misread),
  sheet('effects', uneffected),
  sheet('consumables', misused),
  sheet('pieces', (k, { pieces }: { pieces: Pieces[] }) => unaccounted(k, pieces)),
  sheet('settles', (k, { signs }: { signs: Settles }) => unsettled(k, signs)),
];

/** The cautions that a sheet wants somewhere. */
export const cautionsWanted = (): string[] =>
  (parse(readFileSync('test/trade/sheets/cautions.yaml', 'utf8')) as Cautions).cautions.map((c) => c.caution);
