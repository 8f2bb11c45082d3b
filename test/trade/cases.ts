import { readdirSync, readFileSync } from 'node:fs';
import { parse } from 'yaml';
import { applicability, factsOf, type Knowledge } from '../../src/core/knowledge';
import { fromSi, toSi } from '../../src/core/quantity';
import {
  buildModel,
  faultProbabilities,
  infer,
  likeliestOutcome,
  outcomeWeights,
  rank,
  readCase,
  type CaseFile,
  type CaseLine,
} from '../../src/core/trace';

/** What the trade expects of one case. Faults, tests and acts by id; a place is not named. */
export interface Expected {
  /** Each among the first three suspects. */
  top3?: string[];
  /** At least one among the first three; the first of all; the first is one of these. */
  anyTop3?: string[];
  top?: string;
  anyTop?: string[];
  /** Chance of a fault at any of its places: above, below. */
  over?: Record<string, number>;
  under?: Record<string, number>;
  /** The act that is advised is one of these tests, or `repair:fault`. */
  next?: string[];
  /** One of these is among the next tests. */
  soon?: string[];
  /** None of these is advised, nor among the next tests. */
  notNext?: string[];
  /** None of these can be done now: it is not offered on this bike, or what forbids it is said. */
  never?: string[];
  may?: Partial<Record<'turn' | 'crank' | 'run' | 'ride' | 'handOver', 'yes' | 'no'>>;
}

export interface TradeCase {
  say: string;
  why: string;
  file: CaseFile;
  expect: Expected;
}

type Line = CaseLine | [test: string, result: string, at?: string | number];
type Written = Omit<CaseFile, 'format' | 'version' | 'evidence'> & { say: string; why: string; evidence?: Line[]; expect: Expected };

const lineOf = (l: Line): CaseLine =>
  Array.isArray(l) ? { test: l[0], result: String(l[1]), ...(l[2] !== undefined && { at: l[2] }) } : l;

/** Cautions are no cases of a bike: they have a file and a check of their own. */
const cautionsFile = 'cautions.yaml';

interface Cautions {
  cautions: { caution: string; why: string; tests?: string[]; faults?: string[]; not?: string[] }[];
  words: { caution: string; says: string; why: string }[];
}

export const cautionsWanted = (folder = 'test/trade'): Cautions => parse(readFileSync(`${folder}/${cautionsFile}`, 'utf8')) as Cautions;

/** Every caution that is wanted and does not stand where it must, stands where it is a false alarm, or says something else. */
export function uncautioned(k: Knowledge, { cautions, words }: Cautions): string[] {
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

/** Neither are readings and what shuts what. */
const figuresFile = 'figures.yaml';

interface Figures {
  readings: { test: string; why: string; is: Record<string, number[]> }[];
  limits: { test: string; low?: [number, number]; high?: [number, number] }[];
  stops: Record<string, { why: string; faults: string[] }>;
  states: { test: string; outcome: string; sets: Record<string, string>; why: string }[];
}

export const figuresWanted = (folder = 'test/trade'): Figures => parse(readFileSync(`${folder}/${figuresFile}`, 'utf8')) as Figures;

/** Every reading that is judged otherwise, limit outside its latitude, fault that does not shut what it must, state not set. */
export function misjudged(k: Knowledge, { readings, limits, stops, states }: Figures): string[] {
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

/** Nor are trouble tables. */
const troublesFile = 'troubles.yaml';

type Troubles = Record<string, { usual?: string[]; can?: string[]; not?: string[] }>;

export const troublesWanted = (folder = 'test/trade'): Troubles =>
  (parse(readFileSync(`${folder}/${troublesFile}`, 'utf8')) as { complaints: Troubles }).complaints;

/** With a cause that is usual most owners complain of it, with one that can be some do, with one that is not nobody does. */
const shares = { usual: 0.3, can: 0.02, not: 0.1 } as const;

/** Every cause that does not bring the complaint that a handbook's trouble table has it bring, or brings one that it has not. */
export function untroubled(k: Knowledge, troubles: Troubles): string[] {
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

/** Nor is what a sign settles. */
const settlesFile = 'settles.yaml';

type Settles = Record<string, { by: string[]; can?: string[] }>;

export const settlesWanted = (folder = 'test/trade'): Settles =>
  (parse(readFileSync(`${folder}/${settlesFile}`, 'utf8')) as { signs: Settles }).signs;

/** What settles shows nearly always, and with hardly anything else. */
const settled = { by: 0.6, else: 0.3 } as const;

/** Every sign that its fault hardly brings, that what can bring it does not, or that something else brings often. */
export function unsettled(k: Knowledge, signs: Settles): string[] {
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

/** Every case of a folder, by its family. */
export function tradeCases(folder = 'test/trade'): { family: string; cases: TradeCase[] }[] {
  return readdirSync(folder)
    .filter((f) => f.endsWith('.yaml') && ![cautionsFile, figuresFile, troublesFile, settlesFile].includes(f))
    .map((f) => {
      const { family, cases } = parse(readFileSync(`${folder}/${f}`, 'utf8')) as { family: string; cases: Written[] };
      return {
        family,
        cases: cases.map(({ say, why, expect, evidence, ...rest }) => ({
          say,
          why,
          expect,
          file: { format: 'ivrek-case', version: 1, ...rest, evidence: (evidence ?? []).map(lineOf) } satisfies CaseFile,
        })),
      };
    });
}

/** How many of the tests that can be done count as the next ones. */
const near = 5;

/** Everything that the case expects and does not find, in words; nothing where all of it holds. */
export function misses(k: Knowledge, t: TradeCase): string[] {
  const { traced, problems } = readCase(k, t.file);
  const wrong = problems.map((p) => `not understood: ${p}`);
  const model = buildModel(k, traced);
  const ranking = rank(model);
  const faultOf = (key: string) => key.split('#')[0];
  const leaders = [...new Set(ranking.suspects.map((s) => s.faultId))].slice(0, 3);
  const odds = faultProbabilities(model, infer(model.network, model.observations));
  const chance = (id: string) => 1 - [...odds].filter(([key]) => faultOf(key) === id).reduce((q, [, p]) => q * (1 - p), 1);
  const open = [...new Set(ranking.tests.filter((x) => !x.gate).map((x) => x.testId))];
  const advised =
    ranking.next.kind === 'none'
      ? 'none'
      : ranking.next.kind === 'repair'
        ? `repair:${faultOf(ranking.next.key)}`
        : faultOf(ranking.next.key);
  const say = (what: string) => void wrong.push(what);
  const first = `the first are ${leaders.map((id) => `${id} ${chance(id).toFixed(3)}`).join(', ')}`;
  const e = t.expect;
  const faults = [...(e.top3 ?? []), ...(e.anyTop3 ?? []), ...(e.anyTop ?? []), ...(e.top ? [e.top] : []), ...Object.keys(e.over ?? {})];
  const tests = [...(e.next ?? []), ...(e.soon ?? []), ...(e.notNext ?? []), ...(e.never ?? [])].filter((id) => !id.startsWith('repair:'));
  const nameless = (id: string) => !k.faults.some((f) => f.id === id);
  for (const id of faults) if (nameless(id) && !(e.anyTop3 ?? e.anyTop ?? []).includes(id)) say(`there is no fault '${id}'`);
  void tests;
  for (const id of e.top3 ?? []) if (!leaders.includes(id)) say(`${id} is not among the first three: ${first}`);
  if (e.anyTop3 && !e.anyTop3.some((id) => leaders.includes(id))) say(`none of ${e.anyTop3.join(', ')} is among the first three: ${first}`);
  if (e.top && leaders[0] !== e.top) say(`${e.top} does not lead: ${first}`);
  if (e.anyTop && !e.anyTop.includes(leaders[0])) say(`none of ${e.anyTop.join(', ')} leads: ${first}`);
  for (const [id, p] of Object.entries(e.over ?? {}))
    if (!(chance(id) > p)) say(`${id} stands at ${chance(id).toFixed(3)}, not over ${p}; ${first}`);
  for (const [id, p] of Object.entries(e.under ?? {}))
    if (!(chance(id) < p)) say(`${id} stands at ${chance(id).toFixed(3)}, not under ${p}; ${first}`);
  if (e.next && !e.next.includes(advised)) say(`advised is ${advised}, not one of ${e.next.join(', ')}`);
  if (e.soon && ![advised, ...open.slice(0, near)].some((id) => e.soon!.includes(id)))
    say(`next are ${open.slice(0, near).join(', ')}, none of ${e.soon.join(', ')}`);
  for (const id of e.notNext ?? [])
    if (advised === id || (!id.startsWith('repair:') && open.slice(0, near).includes(id)))
      say(`${id} is among the next: advised ${advised}; ${open.slice(0, near).join(', ')}`);
  for (const id of e.never ?? []) if (open.includes(id)) say(`${id} can be done`);
  for (const [act, may] of Object.entries(e.may ?? {})) {
    const verdict = ranking.fitness[act as 'run'];
    if (verdict.may !== (may === 'yes')) say(`${act}: ${verdict.may ? 'yes' : `no (${verdict.reasons.map((r) => r.because).join('; ')})`}`);
  }
  return wrong;
}

/** The kinds of bike, complaints and answers that a list of cases covers. */
export function covered(k: Knowledge, all: readonly TradeCase[]) {
  const complaints = new Map<string, number>();
  const kinds = new Set<string>();
  for (const t of all) {
    const { traced } = readCase(k, t.file);
    if (traced.bike.archetype) kinds.add(traced.bike.archetype);
    const ids = new Set(traced.complaints.flatMap((c) => Object.keys(c.symptoms).filter((id) => c.symptoms[id] === 'present')));
    for (const id of ids) complaints.set(id, (complaints.get(id) ?? 0) + 1);
  }
  return { complaints, kinds };
}

/** True if a test can be offered on the bike of a case at all. */
export const possible = (k: Knowledge, t: TradeCase, testId: string): boolean => {
  const { traced } = readCase(k, t.file);
  const test = k.tests.find((x) => x.id === testId);
  return test !== undefined && applicability(test.applies, factsOf(traced.bike, traced.job, k), k.attributes) > 0;
};
