import { Yard } from '../../test/fixtures/yard';
import { median } from '../figures';

/** A workshop of its own for one part of the bench. */
export function openYard(name: string): Promise<Yard> {
  const url = process.env.IVREK_URL;
  if (!url) throw new Error('IVREK_URL is not set: run ./ivrek bench');
  return Yard.open(url, name);
}

/** Milliseconds that something takes. */
export const ms = async (work: () => Promise<unknown>): Promise<number> => {
  const t = performance.now();
  await work();
  return performance.now() - t;
};

/** Milliseconds of a request that only asks the database for 1, to hold others against. */
export async function selectOne(yard: Yard): Promise<number> {
  const times: number[] = [];
  for (let i = 0; i < 40; i++) times.push(await ms(async () => (await yard.ask('/api/health')).text()));
  return median(times);
}
