import { readdirSync, readFileSync } from 'node:fs';
import { parse } from 'yaml';
import { applicability, factsOf, type Knowledge } from '../../src/core/knowledge';
import { buildModel, faultProbabilities, infer, rank, readCase, type CaseFile, type CaseLine } from '../../src/core/trace';

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

/** Every case of a folder, by its family. */
export function tradeCases(folder = 'test/trade'): { family: string; cases: TradeCase[] }[] {
  return readdirSync(folder)
    .filter((f) => f.endsWith('.yaml'))
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

const expectations: readonly (keyof Expected)[] = [
  'top3',
  'anyTop3',
  'top',
  'anyTop',
  'over',
  'under',
  'next',
  'soon',
  'notNext',
  'never',
  'may',
];

/** How many of the tests that can be done count as the next ones. */
const near = 5;

/** Everything that the case expects and does not find, in words; nothing where all of it holds. */
export function misses(k: Knowledge, t: TradeCase): string[] {
  const { traced, problems } = readCase(k, t.file);
  const wrong = problems.map((p) => `not understood: ${p}`);
  for (const name of Object.keys(t.expect))
    if (!(expectations as readonly string[]).includes(name)) wrong.push(`nothing is expected by '${name}'`);
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
  const nameless = (id: string) => !k.faults.some((f) => f.id === id);
  for (const id of faults) if (nameless(id) && !(e.anyTop3 ?? e.anyTop ?? []).includes(id)) say(`there is no fault '${id}'`);
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
