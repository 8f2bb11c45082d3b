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
  /** As a browser asks; `anew` by an address that was never asked for, so that nothing drawn before answers. */
  const run = async (path: string, as = cookie, anew = false) => {
    const headers = { cookie: as, 'accept-encoding': 'gzip' };
    const address = url + path + (anew ? '?anew=[<id>]' : '');
    const r = await autocannon({ url: address, idReplacement: anew, connections: 8, duration: quick ? 3 : 10, headers });
    if (r.non2xx || r.errors) throw new Error(`${path}: ${r.non2xx} refused, ${r.errors} failed`);
    return r.requests.average;
  };
  await run(`/job/${jobs['Quillon 350']}/trace`);
  const select = await run('/api/health');
  const page = await run(`/job/${jobs['Quillon 350']}/trace`);
  const pageAnew = await run(`/job/${jobs['Quillon 350']}/trace`, cookie, true);
  const strip = await run(`/job/${jobs['Osprane 650']}/strip`);
  const stripAnew = await run(`/job/${jobs['Osprane 650']}/strip`, cookie, true);
  const bikes = quick ? 20 : 200;
  const workshop = await fillWorkshop(url, bikes);
  const workedOut = await boardWorkedOut(url, workshop.cookie);
  const next = await run('/', workshop.cookie);
  const nextAnew = await run('/', workshop.cookie, true);
  return {
    'page.select 1 per s': select,
    'page.trace per s': page,
    'page.strip per s': strip,
    'page.select 1 per trace page': select / page,
    'page.select 1 per trace page drawn anew': select / pageAnew,
    'page.select 1 per strip page': select / strip,
    'page.select 1 per strip page drawn anew': select / stripAnew,
    [`page.next of ${bikes} bikes per s`]: next,
    [`page.select 1 per next of ${bikes} bikes`]: select / next,
    [`page.select 1 per next of ${bikes} bikes drawn anew`]: select / nextAnew,
    [`page.next of ${bikes} bikes, s until worked out`]: workedOut,
  };
}
