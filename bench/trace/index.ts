import { readKnowledge } from '../../src/server/knowledge/load';
import type { Figures } from '../figures';
import type { BikeResult, Task } from './family';
import { benchOptimum } from './optimum';
import { runAll } from './pool';
import { calibration, quantile, ratioOf, topThree } from './summary';

/** Held out: nothing was tuned on bikes of this seed. */
const seed = 20261;

const net = (r: BikeResult, policy: string) => r.courses[policy].money - r.unavoidable;

function figuresOf(name: string, results: readonly BikeResult[], figures: Figures): void {
  const mean = (pick: (r: BikeResult) => number) => results.reduce((s, r) => s + pick(r), 0) / results.length;
  const own = results.map((r) => net(r, 'least-cost'));
  for (const [against, policy] of [
    ['checklist', 'checklist'],
    ['static order', 'static'],
  ]) {
    const { ratio, low, high } = ratioOf(
      own,
      results.map((r) => net(r, policy)),
    );
    figures[`${name}.of ${against}`] = ratio;
    figures[`${name}.of ${against} low`] = low;
    figures[`${name}.of ${against} high`] = high;
    figures[`${name}.of ${against} with unavoidable`] = mean((r) => r.courses['least-cost'].money) / mean((r) => r.courses[policy].money);
  }
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

/** Drawn bikes of every family under every policy, as drawn from the model and from perturbed ones; and the exact optimum. */
export async function benchTrace(quick: boolean): Promise<Figures> {
  const { knowledge } = readKnowledge('knowledge');
  const bikes = quick ? 16 : 2000;
  const families = knowledge.families.map((f) => f.id);
  const search = quick ? { training: 1, rounds: 2 } : { training: 5, rounds: 10 };
  const tasks: Task[] = families.flatMap((family) => [
    { family, bikes, seed, perturbed: false, ...search },
    { family, bikes, seed: seed + 1, perturbed: true, ...search },
  ]);
  const results = await runAll(tasks, (done, of, t, seconds) =>
    console.error(`${done}/${of} ${t.family}${t.perturbed ? ', perturbed' : ''}: ${seconds.toFixed(0)} s`),
  );
  const figures: Figures = {};
  for (const off of [false, true]) {
    const own = tasks.flatMap((t, i) => (t.perturbed === off ? [{ t, r: results[i] }] : []));
    const name = off ? 'perturbed' : 'trace';
    figuresOf(
      `${name} all`,
      own.flatMap((x) => x.r),
      figures,
    );
    for (const { t, r } of own) if (r.length) figuresOf(`${name} ${t.family}`, r, figures);
  }
  return { ...figures, ...benchOptimum(quick ? 20 : 200) };
}
