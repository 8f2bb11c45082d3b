import autocannon from 'autocannon';
import type { Figures } from './figures';
import { demoSession } from './session';

/** Requests a second of a bike's page, rendered on the server, against an endpoint that only asks the database for 1. */
export async function benchPage(quick: boolean): Promise<Figures> {
  const { url, cookie, jobs } = await demoSession();
  const run = async (path: string) => {
    const r = await autocannon({ url: url + path, connections: 8, duration: quick ? 3 : 10, headers: { cookie } });
    if (r.non2xx || r.errors) throw new Error(`${path}: ${r.non2xx} refused, ${r.errors} failed`);
    return r.requests.average;
  };
  await run(`/job/${jobs['Quillon 350']}/trace`);
  const select = await run('/api/health');
  const page = await run(`/job/${jobs['Quillon 350']}/trace`);
  const strip = await run(`/job/${jobs['Osprane 650']}/strip`);
  return {
    'page.select 1 per s': select,
    'page.trace per s': page,
    'page.strip per s': strip,
    'page.select 1 per trace page': select / page,
    'page.select 1 per strip page': select / strip,
  };
}
