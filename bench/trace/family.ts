import { readFileSync } from 'node:fs';
import { parse } from 'yaml';
import type { Knowledge } from '../../src/core/knowledge';
import type { SymptomAnswer } from '../../src/core/record';
import {
  caseAfter,
  checklist,
  coinOf,
  firstOrder,
  follow,
  inOrder,
  Kind,
  leastCost,
  likeliest,
  perturbed,
  random,
  school,
  Thread,
  unavoidable,
  type Bike,
  type Coin,
  type Course,
  type Policy,
  type Setting,
} from '../../src/core/trace/simulate';
import { stripOf } from '../../src/core/trace';
import { scenarios } from './scenarios';

const simple: Policy[] = [
  school('motor-first'),
  school('spark-first'),
  school('cheapest-first'),
  school('last-touched'),
  random,
  likeliest,
];

/** Where an owner gives up, in the shop's currency. */
const cap = 3000;
const most = 3;

export interface Task {
  family: string;
  /** Drawn bikes in all, over the scenarios. */
  bikes: number;
  seed: number;
  perturbed: boolean;
  /** Training bikes a scenario, and moves tried, for the best fixed order. */
  training: number;
  rounds: number;
}

/** Every how many bikes the schools and the other simple policies are let loose on one as well. */
const others = 40;

/** One bike under every policy: cost less the unavoidable, by policy name. */
export interface BikeResult {
  faults: number;
  unavoidable: number;
  courses: Record<string, Course>;
}

const listsOf = (): Record<string, string[]> => parse(readFileSync('bench/trace/checklists.yaml', 'utf8')) as Record<string, string[]>;

interface Drawn {
  bike: () => Bike;
  coin: Coin;
  thread: Thread;
  faults: string[];
}

/** Bikes that complain of something in the family, from the truth; their complaint begins a thread of the believed model. */
function* drawBikes(
  k: Knowledge,
  truth: (seed: number) => Knowledge,
  task: Task,
  symptoms: readonly string[],
  n: number,
  s: number,
): Generator<Drawn> {
  const { bike, job } = scenarios[s];
  const threads = new Map<string, Thread>();
  const empty: Setting = { bike, job, symptoms: {} };
  const kinds = Array.from({ length: task.perturbed ? 20 : 1 }, (_x, i) => new Kind(truth(i), caseAfter(empty, [])));
  let found = 0;
  for (let i = 0; found < n && i < n * 4000; i++) {
    const coin = coinOf((task.seed * 1000003 + s * 7919 + i * 2 + 1) >>> 0);
    const kind = kinds[i % kinds.length];
    const draw = () => kind.draw(coin);
    const drawn = draw();
    const shown = symptoms.filter((id) => drawn.shows(id));
    if (shown.length === 0) continue;
    const faults = drawn.bringing(shown);
    if (faults.length === 0 || faults.length > most) continue;
    found++;
    const told = Object.fromEntries(symptoms.map((id): [string, SymptomAnswer] => [id, shown.includes(id) ? 'present' : 'absent']));
    const name = shown.join();
    let thread = threads.get(name);
    if (!thread) threads.set(name, (thread = new Thread(k, { bike, job, symptoms: told })));
    yield { bike: draw, coin, thread, faults };
  }
}

/** The best fixed order that a search over training bikes finds: the order of first worth, improved by moving tests about. */
function bestOrder(k: Knowledge, task: Task, symptoms: readonly string[]): string[] {
  const train = { ...task, seed: task.seed + 500, perturbed: false };
  const training = scenarios.flatMap((_x, s) => [...drawBikes(k, () => k, train, symptoms, task.training, s)]);
  if (training.length === 0) return [];
  const cost = (order: string[], name: string) =>
    training.reduce((sum, d) => sum + follow(inOrder(name, order), d.thread, d.bike(), d.coin, { cap }).money, 0);
  // Orders of first worth, one a complaint, merged by mean place.
  const orders = [...new Set(training.map((d) => d.thread))].map(firstOrder);
  const place = new Map<string, number[]>();
  for (const o of orders) o.forEach((id, i) => place.set(id, [...(place.get(id) ?? []), i]));
  const mean = (id: string) => {
    const at = place.get(id)!;
    return (at.reduce((a, b) => a + b, 0) + (orders.length - at.length) * 40) / orders.length;
  };
  let best = [...place.keys()].sort((a, b) => mean(a) - mean(b) || (a < b ? -1 : 1));
  let least = cost(best, 'order');
  for (let round = 0; round < task.rounds; round++) {
    const coin = coinOf(task.seed + round + 77);
    const from = Math.floor(coin('from') * Math.min(14, best.length));
    const to = Math.floor(coin('to') * (round % 2 ? best.length : Math.min(8, best.length)));
    const tried = [...best];
    tried.splice(to, 0, ...tried.splice(from, 1));
    const c = cost(tried, `order ${round}`);
    if (c < least) {
      least = c;
      best = tried;
    }
  }
  return best;
}

export function runTask(k: Knowledge, task: Task): BikeResult[] {
  const symptoms = k.findings.filter((f) => f.symptom?.family === task.family).map((f) => f.id);
  const lines = listsOf()[task.family];
  const truth = (i: number) => (task.perturbed ? perturbed(k, coinOf(task.seed * 31 + i)) : k);
  const results: BikeResult[] = [];
  const policies = [leastCost, checklist(lines), inOrder('static', bestOrder(k, task, symptoms))];
  scenarios.forEach((_s, s) => {
    const n = Math.floor(task.bikes / scenarios.length) + (s < task.bikes % scenarios.length ? 1 : 0);
    for (const d of drawBikes(k, truth, task, symptoms, n, s)) {
      const courses: Record<string, Course> = {};
      const all = !task.perturbed && results.length % others === 0 ? [...policies, ...simple] : policies;
      for (const p of all) courses[p.name] = follow(p, d.thread, d.bike(), d.coin, { cap });
      results.push({ faults: d.faults.length, unavoidable: unavoidable(stripOf(d.thread.beliefs.model), d.thread, d.faults), courses });
    }
  });
  return results;
}
