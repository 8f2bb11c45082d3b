import { TestWorkshop } from '../../test/fixtures/workshop';
import { median } from '../figures';

/** A workshop of its own for one part of the bench. */
export function openWorkshop(name: string): Promise<TestWorkshop> {
  const url = process.env.IVREK_URL;
  if (!url) throw new Error('IVREK_URL is not set: run ./ivrek bench');
  return TestWorkshop.open(url, name);
}

/** Milliseconds that something takes. */
export const ms = async (work: () => Promise<unknown>): Promise<number> => {
  const t = performance.now();
  await work();
  return performance.now() - t;
};

/** Milliseconds of a request that only asks the database for 1, to hold others against. */
export async function selectOne(workshop: TestWorkshop): Promise<number> {
  const times: number[] = [];
  for (let i = 0; i < 40; i++) times.push(await ms(async () => (await workshop.ask('/api/health')).text()));
  return median(times);
}
