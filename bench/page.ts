import autocannon from 'autocannon';
import type { Figures } from './figures';
import { demoSession } from './session';
import { boardWorkedOut, fillWorkshop } from './workshop';

/**
 * Requests a second of a bike's page and of Next in a workshop of 200 bikes, rendered on the server, against an endpoint that only
 * asks the database for 1.
 */
export async function benchPage(quick: boolean): Promise<Figures> {
  const { url, cookie, jobs } = await demoSession();
  const run = async (path: string, as = cookie) => {
    const r = await autocannon({ url: url + path, connections: 8, duration: quick ? 3 : 10, headers: { cookie: as } });
    if (r.non2xx || r.errors) throw new Error(`${path}: ${r.non2xx} refused, ${r.errors} failed`);
    return r.requests.average;
  };
  await run(`/job/${jobs['Quillon 350']}/trace`);
  const select = await run('/api/health');
  const page = await run(`/job/${jobs['Quillon 350']}/trace`);
  const strip = await run(`/job/${jobs['Osprane 650']}/strip`);
  const bikes = quick ? 20 : 200;
  const workshop = await fillWorkshop(url, bikes);
  const workedOut = await boardWorkedOut(url, workshop.cookie);
  const next = await run('/', workshop.cookie);
  return {
    'page.select 1 per s': select,
    'page.trace per s': page,
    'page.strip per s': strip,
    'page.select 1 per trace page': select / page,
    'page.select 1 per strip page': select / strip,
    [`page.next of ${bikes} bikes per s`]: next,
    [`page.select 1 per next of ${bikes} bikes`]: select / next,
    [`page.next of ${bikes} bikes, s until worked out`]: workedOut,
  };
}
