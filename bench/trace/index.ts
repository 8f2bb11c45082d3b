import { readKnowledge } from '../../src/server/knowledge/load';
import { quantile, type Figures } from '../figures';
import { checklists, greedyNames, type BikeResult, type Task } from './family';
import type { OptimumTask } from './optimum';
import { namedFigures, type NamedTask } from './named';
import { runAll, type AnyTask } from './pool';
import type { OwnWorldTask } from './ownWorld';
import { pictureFigures, type PictureTask } from './picture';
import type { UnlistedResult } from './unlisted';
import { calibration, namedAndPaid, ratioOf, topThree } from './summary';

/** Held out: nothing was tuned on bikes of this seed. */
const seed = 20263;

const net = (r: BikeResult, policy: string) => r.courses[policy].money - r.unavoidable;

/** The greedy policy that costs least on these bikes, of those that were let loose on all of them. */
function betterGreedy(results: readonly BikeResult[]): string {
  const cost = (policy: string) => results.reduce((sum, r) => sum + net(r, policy), 0);
  return greedyNames.filter((name) => results.every((r) => name in r.courses)).sort((a, b) => cost(a) - cost(b))[0];
}

function figuresOf(name: string, results: readonly BikeResult[], figures: Figures): void {
  const mean = (pick: (r: BikeResult) => number) => results.reduce((s, r) => s + pick(r), 0) / results.length;
  const own = results.map((r) => net(r, 'least-cost'));
  for (const [against, policy] of [
    ['checklist', 'checklist'],
    ['static order', 'static'],
    ['two moves', 'two-moves'],
    ...greedyNames.map((name) => [name, name]),
    ['the better greedy', betterGreedy(results)],
  ]) {
    const both = results.filter((r) => policy in r.courses);
    if (both.length === 0) continue;
    const { ratio, low, high } = ratioOf(
      both.map((r) => net(r, 'least-cost')),
      both.map((r) => net(r, policy)),
    );
    const spent = (p: string) => both.reduce((sum, r) => sum + r.courses[p].money, 0);
    figures[`${name}.of ${against}`] = ratio;
    figures[`${name}.of ${against} low`] = low;
    figures[`${name}.of ${against} high`] = high;
    figures[`${name}.of ${against} with unavoidable`] = spent('least-cost') / spent(policy);
  }
  const named = ratioOf(
    results.map((r) => r.named),
    results.map((r) => r.courses['least-cost'].money),
  );
  figures[`${name}.named of paid`] = named.ratio;
  figures[`${name}.named of paid low`] = named.low;
  figures[`${name}.named of paid high`] = named.high;
  figures[`${name}.bikes`] = results.length;
  figures[`${name}.unavoidable`] = mean((r) => r.unavoidable);
  for (const policy of Object.keys(results[0].courses)) {
    const some = results.filter((r) => policy in r.courses);
    figures[`${name}.${policy} net`] = some.reduce((s, r) => s + net(r, policy), 0) / some.length;
  }
  figures[`${name}.net 90th`] = quantile(own, 0.9);
  figures[`${name}.net worst`] = Math.max(...own);
  figures[`${name}.minutes`] = mean((r) => r.courses['least-cost'].minutes);
  figures[`${name}.tests`] = mean((r) => r.courses['least-cost'].tests);
  figures[`${name}.wrong repairs`] = mean((r) => r.courses['least-cost'].wrong);
  figures[`${name}.uncured`] = mean((r) => (r.courses['least-cost'].cured ? 0 : 1));
  figures[`${name}.several faults`] = mean((r) => (r.faults > 1 ? 1 : 0));
  figures[`${name}.top three`] = topThree(results);
  const { ece, logScore } = calibration(results);
  figures[`${name}.calibration error`] = ece;
  figures[`${name}.log score`] = logScore;
}

function byNamed(name: string, results: readonly BikeResult[], figures: Figures): void {
  namedAndPaid(results).forEach(({ named, paid }, i) => {
    figures[`${name}.named, tenth ${i + 1}`] = named;
    figures[`${name}.paid, tenth ${i + 1}`] = paid;
  });
}

/**
 * What it costs to bring the cause among the first three suspects before anything is repaired, on the bikes on which that
 * was tried.
 */
function priceOfCertainty(name: string, results: readonly BikeResult[], figures: Figures): void {
  const some = results.filter((r) => 'sure-first' in r.courses);
  const { ratio, low, high } = ratioOf(
    some.map((r) => net(r, 'sure-first')),
    some.map((r) => net(r, 'least-cost')),
  );
  figures[`${name}.sure-first of least-cost`] = ratio;
  figures[`${name}.sure-first of least-cost low`] = low;
  figures[`${name}.sure-first of least-cost high`] = high;
  for (const policy of ['least-cost', 'sure-first']) {
    figures[`${name}.${policy} top three, same bikes`] = topThree(some, policy);
    figures[`${name}.${policy} wrong repairs, same bikes`] = some.reduce((s, r) => s + r.courses[policy].wrong, 0) / some.length;
  }
}

/** How soon it may come to "none of the list", in costs of the same bike with its fault in the list. */
const soon = 2.5;

/** The price of a cause that is not in the knowledge: when the advice comes to that, beside what the bike costs where it is. */
function priceOfUnlisted(results: readonly UnlistedResult[], figures: Figures): void {
  const found = results.filter((r) => r.found !== null);
  const sum = (xs: readonly number[]) => xs.reduce((a, b) => a + b, 0);
  figures['unlisted.bikes'] = results.length;
  figures['unlisted.never found'] = 1 - found.length / results.length;
  figures['unlisted.spent until found of cost where known'] = sum(found.map((r) => r.found!)) / sum(found.map((r) => r.known));
  figures[`unlisted.found before ${soon} times`] =
    results.filter((r) => r.found !== null && r.found <= soon * r.known).length / results.length;
}

function nameOf(t: AnyTask): string {
  if ('family' in t) return t.family;
  if ('pictured' in t) return t.pictured;
  if ('named' in t) return t.named;
  return 'models' in t ? 'optimum' : 'own world';
}

const told = (done: number, of: number, t: AnyTask, seconds: number) =>
  console.error(`${done}/${of} ${nameOf(t)}: ${seconds.toFixed(0)} s`);

/** What each thing that the choice knows of is worth: left out in turn, on drawn bikes; and what is expected before each step beside what comes. */
export async function benchPicture(quick: boolean): Promise<Figures> {
  const { knowledge } = readKnowledge('knowledge');
  const tasks = knowledge.families.map(({ id }): PictureTask => ({ pictured: id, bikes: quick ? 1 : 3, seed }));
  return pictureFigures(await runAll(tasks, told));
}

/** Nothing was tuned on bikes of these seeds either. */
const namedSeeds = [911, 912];

/** What is named at the start beside what is paid, on more bikes than all policies could be let loose on. */
export async function benchNamed(quick: boolean): Promise<Figures> {
  const { knowledge } = readKnowledge('knowledge');
  const bikes = quick ? 6 : 100;
  const tasks = namedSeeds.flatMap((s) => knowledge.families.map(({ id }): NamedTask => ({ named: id, bikes, seed: s })));
  const results = await runAll(tasks, told);
  return namedFigures(tasks.map((t, i) => ({ family: t.named, results: results[i] })));
}

/** Drawn bikes of every family under every policy, as drawn from the model and from perturbed ones; and the exact optimum. */
export async function benchTrace(quick: boolean, wanted?: number): Promise<Figures> {
  const { knowledge } = readKnowledge('knowledge');
  const size = quick
    ? { bikes: 8, perturbedBikes: 8, unlistedBikes: 4, training: 1, rounds: 1 }
    : {
        bikes: wanted ?? 200,
        perturbedBikes: Math.ceil((wanted ?? 200) / 5),
        unlistedBikes: Math.ceil((wanted ?? 200) / 40),
        training: 2,
        rounds: 4,
      };
  const without = knowledge.families.filter((f) => !(f.id in checklists()));
  if (without.length) throw new Error(`no checklist for ${without.map((f) => f.id).join(', ')} in bench/trace/checklists.yaml`);
  // The dearest first, so that no core is left with one of them in the end: a family with many faults takes longest.
  const faults = (family: string) => {
    const symptoms = knowledge.findings.filter((f) => f.symptom?.family === family).map((f) => f.id);
    return knowledge.faults.filter((f) => symptoms.some((id) => id in f.causes)).length;
  };
  const tasks = knowledge.families
    .map(({ id }): Task => ({ family: id, seed, ...size }))
    .sort((a, b) => faults(b.family) - faults(a.family));
  const [optimum, ownWorld, ...results] = await runAll(
    [{ models: quick ? 20 : 200 }, { kinds: quick ? [1] : [1, 4, 6] }, ...tasks] as [OptimumTask, OwnWorldTask, ...Task[]],
    told,
  );
  const figures: Figures = {};
  for (const [drawing, name] of [
    ['as modelled', 'trace'],
    ['perturbed', 'perturbed'],
  ] as const) {
    figuresOf(
      `${name} all`,
      results.flatMap((r) => r[drawing]),
      figures,
    );
    tasks.forEach((t, i) => {
      if (results[i][drawing].length) figuresOf(`${name} ${t.family}`, results[i][drawing], figures);
    });
  }
  const modelled = results.flatMap((r) => r['as modelled']);
  priceOfCertainty('trace all', modelled, figures);
  byNamed('trace all', modelled, figures);
  priceOfUnlisted(
    results.flatMap((r) => r.unlisted),
    figures,
  );
  return { ...figures, ...optimum, ...ownWorld };
}
