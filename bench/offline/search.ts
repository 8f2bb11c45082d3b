import { median, type Figures } from '../figures';
import { ms, openWorkshop, selectOne } from './ask';

/** One search over many jobs, with every word right and with a slip. */
export async function search(quick: boolean): Promise<Figures> {
  const workshop = await openWorkshop('Bench search');
  const one = await selectOne(workshop);
  const bikes = ['Quillon', 'Hollin', 'Marram', 'Osprane', 'Sedgeling', 'Thornback', 'Wharfe', 'Dunlin'];
  const fill = async (from: number, to: number) => {
    const all = [];
    for (let n = from; n < to; n++) {
      const { command, jobId } = workshop.booking(`${bikes[n % bikes.length]} ${100 + n}`, `Will not idle, case ${n}`);
      all.push(command, workshop.step(jobId, n), workshop.part(jobId, n), workshop.part(jobId, n + 3), workshop.watch(jobId, n));
    }
    await workshop.send(all);
  };
  const ask = async (q: string) => {
    const times: number[] = [];
    let found = 0;
    for (let i = 0; i < 15; i++)
      times.push(
        await ms(async () => {
          found = ((await (await workshop.ask(`/api/find?q=${encodeURIComponent(q)}`)).json()) as { lines: unknown[] }).lines.length;
        }),
      );
    if (!found) throw new Error(`${q} was not found`);
    return median(times);
  };
  const jobs = quick ? 100 : 1000;
  await fill(0, jobs / 2);
  const half = await ask('condenser');
  await fill(jobs / 2, jobs);
  const exact = await ask('condenser');
  const narrow = await ask(`${bikes[0].toLowerCase()} cond`);
  const slip = await ask('condensr 40');
  return {
    [`offline.search ${jobs} jobs ms`]: exact,
    'offline.search per select 1': exact / one,
    'offline.search with the bike per select 1': narrow / one,
    'offline.search with a slip per select 1': slip / one,
    'offline.search, twice as many jobs': exact / half,
  };
}
