import { readFileSync } from 'node:fs';
import { parse } from 'yaml';
import { nameless, type Knowledge } from '../../src/core/knowledge';
import type { SymptomAnswer } from '../../src/core/state';
import {
  caseAfter,
  checklist,
  seededRandom,
  firstOrder,
  follow,
  greedies,
  greedy,
  inOrder,
  BikeKind,
  leastCost,
  likeliest,
  perturbed,
  random,
  sureFirst,
  school,
  BeliefNode,
  twoMovesAhead,
  unavoidable,
  type SimulatedBike,
  type SeededRandom,
  type Course,
  type Policy,
} from '../../src/core/trace/simulate';
import { stripOf } from '../../src/core/trace';
import { best } from '../../src/core/trace/decide';
import { scenarios, share } from './scenarios';
import { faultOf, onUnlisted, without, type UnlistedResult } from './unlisted';

const simple: Policy[] = [
  school('motor-first'),
  school('spark-first'),
  school('cheapest-first'),
  school('last-touched'),
  random,
  sureFirst,
  likeliest,
];

/** Where an owner gives up, in the shop's currency. */
export const cap = 3000;
const most = 3;

export interface Task {
  family: string;
  /** Bikes drawn from the model itself, over the scenarios; and from perturbed ones. */
  bikes: number;
  perturbedBikes: number;
  /** Bikes whose one fault the beliefs do not have. */
  unlistedBikes: number;
  seed: number;
  /** Training bikes a scenario, and moves tried, for the best fixed order. */
  training: number;
  rounds: number;
}

/** Two ways to draw: from the model, and from models whose odds are off. */
export type Drawing = 'as modelled' | 'perturbed';

/** The best fixed order and two moves ahead are dear to follow: they are let loose on every so many of the bikes drawn from the model. */
const someOn = { fixed: 5, twoMoves: 10 };

/** Every how many bikes the schools and the other simple policies are let loose on one as well. */
const others = 100;

/** One bike under every policy. */
export interface BikeResult {
  faults: number;
  unavoidable: number;
  /** What least cost says at the start that the whole job will cost. */
  named: number;
  courses: Record<string, Course>;
}

/** What hangs on the wall, by family. */
export const checklists = (): Record<string, string[]> =>
  parse(readFileSync('bench/trace/checklists.yaml', 'utf8')) as Record<string, string[]>;

export interface Drawn {
  bike: () => SimulatedBike;
  random: SeededRandom;
  node: BeliefNode;
  faults: string[];
}

/** Threads of thought by scenario and complaint, shared by all bikes and policies of a family. */
export class BeliefNodes {
  private readonly known = new Map<string, BeliefNode>();

  constructor(
    private readonly k: Knowledge,
    private readonly symptoms: readonly string[],
  ) {}

  of(s: number, shown: readonly string[]): BeliefNode {
    const name = `${s} ${shown.join()}`;
    let node = this.known.get(name);
    if (node) return node;
    const { bike, job } = scenarios[s];
    const told = Object.fromEntries(this.symptoms.map((id): [string, SymptomAnswer] => [id, shown.includes(id) ? 'present' : 'absent']));
    this.known.set(name, (node = new BeliefNode(this.k, { bike, job, symptoms: told })));
    return node;
  }

  /** What was thought about one scenario is not needed for the next. */
  forget(): void {
    this.known.clear();
  }
}

/** Bikes that complain of something in the family, from the truth; their complaint begins a node of the believed model. */
export function* drawBikes(
  kinds: readonly BikeKind[],
  nodes: BeliefNodes,
  { seed, symptoms, n, s }: { seed: number; symptoms: readonly string[]; n: number; s: number },
): Generator<Drawn> {
  let found = 0;
  for (let i = 0; found < n && i < n * 4000; i++) {
    const random = seededRandom((seed * 1000003 + s * 7919 + i * 2 + 1) >>> 0);
    const kind = kinds[i % kinds.length];
    const draw = () => kind.draw(random);
    const drawn = draw();
    const shown = symptoms.filter((id) => drawn.shows(id));
    if (shown.length === 0) continue;
    const faults = drawn.bringing(shown);
    if (faults.length === 0 || faults.length > most) continue;
    found++;
    yield { bike: draw, random, node: nodes.of(s, shown), faults };
  }
}

/** Tests by the mean place they have in some lists; those in few lists come later. */
function merged(lists: readonly (readonly string[])[]): string[] {
  const place = new Map<string, number[]>();
  for (const l of lists) l.forEach((id, i) => place.set(id, [...(place.get(id) ?? []), i]));
  const mean = (id: string) => {
    const at = place.get(id)!;
    return (at.reduce((a, b) => a + b, 0) + (lists.length - at.length) * 40) / lists.length;
  };
  return [...place.keys()].sort((a, b) => mean(a) - mean(b) || (a < b ? -1 : 1));
}

/** The tests that least cost did on a bike, in their order. */
function chosenOn(d: Drawn): string[] {
  const done: string[] = [];
  const watched: Policy = {
    ...leastCost,
    shared: false,
    next: (node, random) => {
      const act = leastCost.next(node, random);
      if (act.kind === 'test') done.push(act.test.id);
      return act;
    },
  };
  follow(watched, d.node, d.bike(), d.random, { cap });
  return [...new Set(done)];
}

/**
 * The best fixed order that a search over training bikes finds. It begins at the best of three: tests by what they tell
 * for their cost, by how early least cost came to them, and as the checklist has them; then tests are moved about.
 */
function bestOrder(training: readonly Drawn[], lines: readonly string[], task: Task): string[] {
  if (training.length === 0) return [];
  const cost = (order: string[], name: string) =>
    training.reduce((sum, d) => sum + follow(inOrder(name, order), d.node, d.bike(), d.random, { cap }).money, 0);
  const worth = merged([...new Set(training.map((d) => d.node))].map(firstOrder));
  const early = merged(training.map(chosenOn));
  const after = (first: readonly string[]) => [...new Set([...first, ...early, ...worth])];
  let best = worth;
  let least = Infinity;
  [after(worth), after(early), after(lines)].forEach((order, i) => {
    const c = cost(order, `start ${i}`);
    if (c < least) [best, least] = [order, c];
  });
  for (let round = 0; round < task.rounds; round++) {
    const random = seededRandom(task.seed + round + 77);
    const from = Math.floor(random('from') * Math.min(14, best.length));
    const to = Math.floor(random('to') * (round % 2 ? best.length : Math.min(8, best.length)));
    const tried = [...best];
    tried.splice(to, 0, ...tried.splice(from, 1));
    const c = cost(tried, `order ${round}`);
    if (c < least) [best, least] = [tried, c];
  }
  return best;
}

/** The greedy policies: each as it stops with the tracer, as soon as a test no longer pays, and when one repair is nine in ten. */
const [byInformation, byAnswer] = greedies.map((by): Policy[] => (['tracer', 'pays', 0.9] as const).map((stop) => greedy(by, stop)));

export const greedyNames = [...byInformation, ...byAnswer].map((p) => p.name);

export type TaskResult = Record<Drawing, BikeResult[]> & { unlisted: UnlistedResult[] };

export function runTask(k: Knowledge, task: Task): TaskResult {
  const symptoms = k.findings.filter((f) => f.symptom?.family === task.family).map((f) => f.id);
  const lines = checklists()[task.family];
  const nodes = new BeliefNodes(k, symptoms);
  const kindsOf = (s: number, truths: readonly Knowledge[]) =>
    truths.map((truth) => new BikeKind(truth, caseAfter({ ...scenarios[s], symptoms: {} }, [])));
  const own = scenarios.map((_x, s) => kindsOf(s, [k]));
  const off = Array.from({ length: task.perturbedBikes ? 20 : 0 }, (_x, i) => perturbed(k, seededRandom((task.seed + 1) * 31 + i)));
  const training = scenarios.flatMap((_x, s) => [...drawBikes(own[s], nodes, { seed: task.seed + 500, symptoms, n: task.training, s })]);
  const policies = [leastCost, checklist(lines), ...byInformation];
  const fixed = inOrder('static', bestOrder(training, lines, task));
  const results: TaskResult = { 'as modelled': [], perturbed: [], unlisted: [] };
  scenarios.forEach((_x, s) => {
    nodes.forget();
    const run = (drawing: Drawing, kinds: readonly BikeKind[], seed: number, n: number) => {
      for (const d of drawBikes(kinds, nodes, { seed, symptoms, n, s })) {
        const courses: Record<string, Course> = {};
        const nth = results[drawing].length;
        const modelled = drawing === 'as modelled';
        const all = [
          ...policies,
          ...(modelled ? byAnswer : []),
          ...(modelled && nth % someOn.fixed ? [] : [fixed]),
          ...(modelled && nth % someOn.twoMoves === 0 ? [twoMovesAhead] : []),
          ...(modelled && nth % others === 0 ? simple : []),
        ];
        for (const p of all) courses[p.name] = follow(p, d.node, d.bike(), d.random, { cap });
        const necessary = unavoidable(stripOf(d.node.beliefs.model), d.node, d.faults);
        const named = best(d.node.weighed).value;
        results[drawing].push({ faults: d.faults.length, unavoidable: necessary, named, courses });
      }
    };
    run('as modelled', own[s], task.seed, share(task.bikes, s));
    if (off.length) run('perturbed', kindsOf(s, off), task.seed + 1, share(task.perturbedBikes, s));
    for (const d of drawBikes(own[s], nodes, { seed: task.seed + 2, symptoms, n: share(task.unlistedBikes, s), s })) {
      const fault = faultOf(d.faults[0]);
      if (d.faults.length > 1 || nameless(fault)) continue;
      const lacking = new BeliefNode(without(k, fault.id), d.node.setting);
      results.unlisted.push(onUnlisted(fault.id, d.bike, d.random, d.node, lacking, cap));
    }
  });
  return results;
}
