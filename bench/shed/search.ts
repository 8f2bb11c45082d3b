import { median, type Figures } from '../figures';
import { ms, openYard, selectOne } from './ask';

/** One search over many jobs, with every word right and with a slip. */
export async function search(quick: boolean): Promise<Figures> {
  const yard = await openYard('Bench search');
  const one = await selectOne(yard);
  const bikes = ['Quillon', 'Hollin', 'Marram', 'Osprane', 'Sedgeling', 'Thornback', 'Wharfe', 'Dunlin'];
  const fill = async (from: number, to: number) => {
    const all = [];
    for (let n = from; n < to; n++) {
      const { command, jobId } = yard.booking(`${bikes[n % bikes.length]} ${100 + n}`, `Will not idle, case ${n}`);
      all.push(command, yard.step(jobId, n), yard.part(jobId, n), yard.part(jobId, n + 3), yard.watch(jobId, n));
    }
    await yard.send(all);
  };
  const ask = async (q: string) => {
    const times: number[] = [];
    let found = 0;
    for (let i = 0; i < 15; i++)
      times.push(
        await ms(async () => {
          found = ((await (await yard.ask(`/api/find?q=${encodeURIComponent(q)}`)).json()) as { lines: unknown[] }).lines.length;
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
    [`shed.search ${jobs} jobs ms`]: exact,
    'shed.search per select 1': exact / one,
    'shed.search with the bike per select 1': narrow / one,
    'shed.search with a slip per select 1': slip / one,
    'shed.search, twice as many jobs': exact / half,
  };
}
