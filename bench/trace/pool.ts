import { availableParallelism } from 'node:os';
import { Worker } from 'node:worker_threads';
import type { runTask, Task } from './family';
import type { Figures } from '../figures';
import type { NamedResult, NamedTask } from './named';
import type { OptimumTask } from './optimum';
import type { OwnWorldTask } from './ownWorld';
import type { PictureResult, PictureTask } from './picture';

export type AnyTask = Task | OptimumTask | OwnWorldTask | PictureTask | NamedTask;
type Result<T> = T extends Task
  ? ReturnType<typeof runTask>
  : T extends PictureTask
    ? PictureResult
    : T extends NamedTask
      ? NamedResult[]
      : Figures;

/**
 * Runs tasks over all cores, the next one on whichever is free; `told` hears of each that is done. Each has a worker of its own:
 * code that was compiled for the shapes of one task's data runs another's at half the speed.
 */
export async function runAll<T extends readonly AnyTask[]>(
  tasks: T,
  told: (done: number, of: number, t: AnyTask, seconds: number) => void,
): Promise<{ [I in keyof T]: Result<T[I]> }> {
  const results = new Array<unknown>(tasks.length);
  let next = 0;
  let done = 0;
  const alone = (task: AnyTask) =>
    new Promise<unknown>((resolve, reject) => {
      const worker = new Worker(new URL('./worker.mjs', import.meta.url), {
        workerData: task,
        resourceLimits: { maxYoungGenerationSizeMb: 96, maxOldGenerationSizeMb: 6000 },
      });
      worker.on('error', reject);
      worker.on('message', resolve);
    });
  const core = async () => {
    while (next < tasks.length) {
      const own = next++;
      const began = performance.now();
      results[own] = await alone(tasks[own]);
      told(++done, tasks.length, tasks[own], (performance.now() - began) / 1000);
    }
  };
  await Promise.all(Array.from({ length: Math.min(availableParallelism(), tasks.length) }, core));
  return results as { [I in keyof T]: Result<T[I]> };
}
