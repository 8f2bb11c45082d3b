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
export async function benchTrace(quick: boolean, wanted?: number): Promise<Figures> {
  const { knowledge } = readKnowledge('knowledge');
  const size = quick
    ? { bikes: 8, perturbedBikes: 8, training: 1, rounds: 1 }
    : { bikes: wanted ?? 2000, perturbedBikes: Math.ceil((wanted ?? 2000) / 4), training: 3, rounds: 10 };
  const tasks: Task[] = knowledge.families.map(({ id }) => ({ family: id, seed, ...size }));
  const results = await runAll(tasks, (done, of, t, seconds) => console.error(`${done}/${of} ${t.family}: ${seconds.toFixed(0)} s`));
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
  return { ...figures, ...benchOptimum(quick ? 20 : 200) };
}
