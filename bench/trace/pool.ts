import { availableParallelism } from 'node:os';
import { Worker } from 'node:worker_threads';
import type { runTask, Task } from './family';
import type { benchOptimum, OptimumTask } from './optimum';

type Result<T> = T extends Task ? ReturnType<typeof runTask> : ReturnType<typeof benchOptimum>;

/** Runs tasks over all cores, the next one to whoever is free; `told` hears of each that is done. */
export async function runAll<T extends readonly (Task | OptimumTask)[]>(
  tasks: T,
  told: (done: number, of: number, t: Task | OptimumTask, seconds: number) => void,
): Promise<{ [I in keyof T]: Result<T[I]> }> {
  const results = new Array<unknown>(tasks.length);
  let next = 0;
  let done = 0;
  const work = (n: number) =>
    new Promise<void>((resolve, reject) => {
      const worker = new Worker(new URL('./worker.mjs', import.meta.url), {
        workerData: n,
        resourceLimits: { maxYoungGenerationSizeMb: 96, maxOldGenerationSizeMb: 6000 },
      });
      let own = -1;
      let began = 0;
      worker.on('error', reject);
      worker.on('message', (m: unknown) => {
        if (typeof m !== 'string') {
          results[own] = m;
          told(++done, tasks.length, tasks[own], (performance.now() - began) / 1000);
        }
        if (next === tasks.length) {
          void worker.terminate();
          resolve();
          return;
        }
        own = next++;
        began = performance.now();
        worker.postMessage(tasks[own]);
      });
    });
  await Promise.all(Array.from({ length: Math.min(availableParallelism(), tasks.length) }, (_x, i) => work(i)));
  return results as { [I in keyof T]: Result<T[I]> };
}
