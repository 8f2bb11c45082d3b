import { availableParallelism } from 'node:os';
import { Worker } from 'node:worker_threads';
import type { BikeResult, Task } from './family';

/** Runs tasks over all cores, the next one to whoever is free; `told` hears of each that is done. */
export async function runAll(
  tasks: readonly Task[],
  told: (done: number, of: number, t: Task, seconds: number) => void,
): Promise<BikeResult[][]> {
  const results: BikeResult[][] = new Array<BikeResult[]>(tasks.length);
  let next = 0;
  let done = 0;
  const work = (n: number) =>
    new Promise<void>((resolve, reject) => {
      const worker = new Worker(new URL('./worker.mjs', import.meta.url), { workerData: n });
      let own = -1;
      let began = 0;
      worker.on('error', reject);
      worker.on('message', (m: string | BikeResult[]) => {
        if (Array.isArray(m)) {
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
  return results;
}
