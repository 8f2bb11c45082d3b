import { decide } from '../../src/core/trace/decide';
import { followed, optimum, randomModel } from '../../test/oracle/optimum';
import { Random } from '../../test/chaos/random';
import { quantile, type Figures } from '../figures';

export interface OptimumTask {
  /** Random models of each kind. */
  models: number;
}

/** The shipped policy against dynamic programming over everything that can be done, on random small models. */
export function benchOptimum({ models }: OptimumTask): Figures {
  const figures: Figures = {};
  for (const [kind, most] of [
    ['single', { faults: 8, tests: 8 }],
    ['multi', { faults: 4, tests: 5 }],
  ] as const) {
    const ratios = Array.from({ length: models }, (_x, i) => {
      const draw = new Random(40000 + i);
      const { problem, start } = randomModel(() => draw.next(), kind, most);
      return followed(problem, start, (p, s) => decide(p, s).choice) / optimum(problem, start);
    });
    figures[`optimum ${kind}.mean`] = ratios.reduce((a, b) => a + b, 0) / models;
    figures[`optimum ${kind}.95th`] = quantile(ratios, 0.95);
    figures[`optimum ${kind}.worst`] = Math.max(...ratios);
  }
  return figures;
}
