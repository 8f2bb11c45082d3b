import { get } from 'node:http';
import { readFileSync } from 'node:fs';
import { TestWorkshop } from '../fixtures/workshop';
import { percentile, type Report } from './report';
import type { AttackStand } from './stand';

const residentMb = (pid: number) => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;

/** How many of something come through in a second, asked by eight at once. */
async function rate(ms: number, one: (n: number) => Promise<boolean>): Promise<number> {
  let done = 0;
  const until = Date.now() + ms;
  await Promise.all(
    Array.from({ length: 8 }, async (_x, k) => {
      for (let n = 0; Date.now() < until; n++) if (await one(n * 8 + k)) done++;
    }),
  );
  return (done * 1000) / ms;
}

/** Writes a second beside what the server does with a question that costs nothing (`select 1`), in the same run. */
export async function writesBesideNothing(stand: AttackStand, ms: number, report: Report): Promise<void> {
  const workshops = await Promise.all(Array.from({ length: 8 }, (_x, i) => TestWorkshop.open(stand.home, `Writers ${i}`)));
  const jobs = workshops.map((y) => y.booking('Quillon 350', 'stuck'));
  await Promise.all(workshops.map((y, i) => y.send([jobs[i].command])));
  const write = (y: number, n: number) =>
    workshops[y]
      .ask('/api/commands', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify([workshops[y].watch(jobs[y].jobId, n)]),
      })
      .then(async (r) => ((await r.json()) as { answers: { status: number }[] }).answers[0].status === 200);
  const nothing = await rate(ms, async () => (await workshops[0].ask('/api/health')).status === 200);
  const one = await rate(ms, (n) => write(0, n));
  const eight = await rate(ms, (n) => write(n % 8, n));
  report.figure('load.select 1 a second', nothing);
  report.figure('load.writes a second, one workshop', one);
  report.figure('load.writes a second, eight workshops', eight);
}

/** Two hundred devices that listen: each hears every entry once, and how long that takes. */
export async function manyStreams(stand: AttackStand, streams: number, report: Report): Promise<void> {
  const workshop = await TestWorkshop.open(stand.home, 'Listened to');
  const job = workshop.booking('Quillon 350', 'stuck');
  await workshop.send([job.command]);
  const devices = await Promise.all(Array.from({ length: Math.ceil(streams / 10) }, () => workshop.again('')));
  const made = new Map<string, number>();
  const heard = new Map<string, number>();
  const late: number[] = [];
  let open = 0;
  const close = Array.from({ length: streams }, (_x, i) => {
    const { cookie } = devices[Math.floor(i / 10)];
    const r = get(`${stand.home}/api/live?shop=${workshop.shopId}&after=1`, { headers: { cookie }, agent: false }, (answer) => {
      open++;
      let rest = '';
      answer.setEncoding('utf8').on('data', (text: string) => {
        const parts = (rest + text).split('\n\n');
        rest = parts.pop()!;
        for (const p of parts) {
          const id = /"id":"([\da-f-]{36})"/.exec(p)?.[1];
          if (!id || !made.has(id)) continue;
          heard.set(id, (heard.get(id) ?? 0) + 1);
          late.push(performance.now() - made.get(id)!);
        }
      });
      answer.on('error', () => undefined);
    });
    r.on('error', () => undefined);
    return () => r.destroy();
  });
  for (let i = 0; i < 200 && open < streams; i++) await new Promise((r) => setTimeout(r, 50));
  if (open < streams) report.wrong(`only ${open} of ${streams} streams were opened`);
  for (let n = 0; n < 40; n++) {
    const command = workshop.watch(job.jobId, n);
    made.set(command.id, performance.now());
    await workshop.send([command]);
  }
  for (let i = 0; i < 100 && [...made.keys()].some((id) => (heard.get(id) ?? 0) < open); i++) await new Promise((r) => setTimeout(r, 50));
  const wrong = [...made.keys()].filter((id) => heard.get(id) !== open);
  if (wrong.length) report.wrong(`${wrong.length} of ${made.size} entries were not heard once by each of ${open} streams`);
  report.figure(`streams.${streams} heard p99 ms`, percentile(late, 0.99));
  for (const c of close) c();
}

/** Mixed work for some minutes: what the server holds at the end beside what it held once it was warm. */
export async function soak(stand: AttackStand, minutes: number, report: Report): Promise<void> {
  const workshop = await TestWorkshop.open(stand.home, 'Soaked');
  const bikes = Array.from({ length: 6 }, (_x, i) => workshop.booking(`Bike ${i}`, 'no pull'));
  await workshop.send(bikes.map((b) => b.command));
  const pid = stand.note().server.pid;
  const until = Date.now() + minutes * 60_000;
  const memory: number[] = [];
  let requests = 0;
  const sample = setInterval(() => memory.push(residentMb(pid)), (minutes * 60_000) / 60);
  await Promise.all(
    Array.from({ length: 4 }, async (_x, k) => {
      for (let n = 0; Date.now() < until; n++) {
        const { jobId } = bikes[(n + k) % bikes.length];
        const path = [
          '/',
          `/job/${jobId}/trace`,
          `/job/${jobId}/strip`,
          `/api/jobs/${jobId}`,
          '/api/find?q=bike',
          '/api/journal?after=0',
          `/job/${jobId}/measure`,
        ][n % 7];
        const r = await workshop.ask(path);
        await r.arrayBuffer();
        if (r.status !== 200) report.wrong(`in the soak ${path} answered ${r.status}`);
        if (n % 10 === 0 && requests < 20_000) await workshop.send([workshop.watch(jobId, n)]);
        requests++;
      }
    }),
  );
  clearInterval(sample);
  report.count('soak requests', requests);
  // The first third warms it up: caches fill to their size.
  const third = Math.floor(memory.length / 3);
  const mean = (xs: readonly number[]) => xs.reduce((a, b) => a + b, 0) / Math.max(1, xs.length);
  const [middle, end] = [mean(memory.slice(third, 2 * third)), mean(memory.slice(2 * third))];
  report.figure('soak.minutes', minutes);
  report.figure('soak.middle MB', middle);
  report.figure('soak.end MB', end);
  report.figure('soak.end to middle', end / middle);
  if (minutes >= 5 && end > middle * 1.25) report.wrong(`memory grew from ${middle.toFixed(0)} to ${end.toFixed(0)} MB`);
}
