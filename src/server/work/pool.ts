import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { Piscina } from 'piscina';
import { Busy, Turns } from '../db/turns';
import type { Tasks } from './tasks';

const file = resolve(process.env.IVREK_WORKER ?? 'dist/server/work/worker.mjs');
/** What one task may take; what needs longer would never be waited for. */
const patienceMs = 20_000;
const mostWaiting = 100;

let made: Piscina | null | undefined;

/** The threads of this process; null under development and in tests, where they are not built anew: then it is done here. */
function threads(): Piscina | null {
  if (made === undefined)
    made =
      process.env.NODE_ENV === 'production' && existsSync(file)
        ? new Piscina({
            filename: file,
            minThreads: 1,
            maxThreads: 2,
            maxQueue: mostWaiting,
            idleTimeout: 60_000,
            resourceLimits: { maxOldGenerationSizeMb: 512 },
          })
        : null;
  return made;
}

/** A large file is handed over and not copied; whoever asked has no more use for it. */
const movable = (data: unknown): ArrayBuffer[] =>
  data instanceof Uint8Array && data.buffer instanceof ArrayBuffer && data.byteLength === data.buffer.byteLength ? [data.buffer] : [];

/** One workshop has one thread at a time: a busy one waits for itself. */
const turns = new Turns(1, mostWaiting, 30_000);

/**
 * Does a task for a workshop beside the server's own thread. It is broken off where it takes too long, or when nobody waits for it any more
 * (`signal`).
 *
 * @throws {Busy} where too much is asked at once
 */
export async function work<T extends keyof Tasks>(
  shopId: string,
  name: T,
  data: Parameters<Tasks[T]>[0],
  signal?: AbortSignal,
): Promise<ReturnType<Tasks[T]>> {
  return turns.run(shopId, async () => {
    signal?.throwIfAborted();
    const pool = threads();
    if (!pool) {
      const { tasks } = await import('./tasks');
      return (tasks[name] as (x: typeof data) => ReturnType<Tasks[T]>)(data);
    }
    const limits = [AbortSignal.timeout(patienceMs), ...(signal ? [signal] : [])];
    if (pool.queueSize >= mostWaiting) throw new Busy();
    try {
      return (await pool.run(data, { name, signal: AbortSignal.any(limits), transferList: movable(data) })) as ReturnType<Tasks[T]>;
    } catch (error) {
      if (signal?.aborted) throw error;
      const { name: kind, code } = error as Error & { code?: string };
      // Too long, too many in line, or more memory than a thread may take.
      if (kind === 'AbortError' || code === 'ERR_WORKER_OUT_OF_MEMORY') throw new Busy();
      throw error;
    }
  });
}
