import { connect, type Socket } from 'node:net';
import { readdirSync } from 'node:fs';
import { TestWorkshop } from '../fixtures/workshop';
import { percentile, type Report } from './report';
import type { AttackStand } from './stand';

const openFiles = (pid: number) => readdirSync(`/proc/${pid}/fd`).length;

/** Clients that are slow, that do not read, that only ask and leave: nobody else is held up, and nothing of them stays. */
export async function slowClients(stand: AttackStand, quick: boolean, report: Report): Promise<void> {
  const workshop = await TestWorkshop.open(stand.home, 'Slow');
  const { pid } = stand.note().server;
  const before = openFiles(pid);
  const sockets: Socket[] = [];
  const open = (first: string) =>
    new Promise<void>((done) => {
      const s = connect(stand.port, '127.0.0.1', () => s.write(first, () => done()));
      s.on('error', () => done());
      sockets.push(s);
    });
  const line = `Host: 127.0.0.1:${stand.port}\r\nCookie: ${workshop.cookie}\r\nOrigin: ${stand.home}\r\nX-Ivrek-Shop: ${workshop.shopId}\r\n`;
  for (let i = 0; i < (quick ? 60 : 300); i++) {
    // Headers that never end, a body that never comes, a stream that is never read.
    if (i % 3 === 0) await open(`GET / HTTP/1.1\r\n${line}X-Slow: `);
    else if (i % 3 === 1)
      await open(`POST /api/commands HTTP/1.1\r\n${line}Content-Type: application/json\r\nContent-Length: 100000\r\n\r\n[`);
    else await open(`GET /api/live?shop=${workshop.shopId} HTTP/1.1\r\n${line}\r\n`);
    report.count('slow clients');
  }
  // Whoever only asks about the stream leaves nothing behind.
  for (let i = 0; i < (quick ? 100 : 500); i++) {
    const { status } = await stand.ask('home', `/api/live?shop=${workshop.shopId}`, {
      method: 'HEAD',
      headers: { cookie: workshop.cookie },
    });
    if (status !== 200) report.wrong(`HEAD /api/live: ${status}`);
    report.count('heads');
  }
  const times: number[] = [];
  for (let i = 0; i < 30; i++) {
    const { status, ms } = await stand.ask('home', '/api/health');
    if (status !== 200) report.wrong(`with slow clients health answers ${status}`);
    times.push(ms);
  }
  report.figure('slow.health p99 ms', percentile(times, 0.99));
  for (const s of sockets) s.destroy();
  for (let i = 0; i < 100 && openFiles(pid) > before + 20; i++) await new Promise((r) => setTimeout(r, 50));
  if (openFiles(pid) > before + 20) report.wrong(`${openFiles(pid) - before} connections of clients that are gone are still open`);

  // More than its own at once is refused; everybody else is not.
  const many = await Promise.all(
    Array.from({ length: 30 }, () => stand.ask('home', `/api/live?shop=${workshop.shopId}`, { headers: { cookie: workshop.cookie } })),
  );
  if (many.some((m) => ![200, 429].includes(m.status))) report.wrong('a device with many streams got an odd answer');
}

/** One workshop asks for as much as it can; what another one waits meanwhile. */
export async function busyWorkshop(stand: AttackStand, quick: boolean, report: Report): Promise<void> {
  const busy = await TestWorkshop.open(stand.home, 'Busy');
  const calm = await TestWorkshop.open(stand.home, 'Calm');
  const job = busy.booking('Quillon 350', 'stuck');
  await busy.send([job.command]);
  for (let i = 0; i < (quick ? 4 : 40); i++) await busy.send(Array.from({ length: 50 }, (_x, k) => busy.part(job.jobId, i * 50 + k)));
  const quiet: number[] = [];
  const loaded: number[] = [];
  const look = async (into: number[]) => {
    const t = performance.now();
    const r = await calm.ask('/api/find?q=quillon');
    await r.text();
    if (r.status !== 200) report.wrong(`a calm workshop was answered ${r.status}`);
    into.push(performance.now() - t);
  };
  for (let i = 0; i < 20; i++) await look(quiet);
  let going = true;
  const many = 'abcdefghijklmnopqrstuvwxyzabcdefg'.split('').join('x ');
  const load = Array.from({ length: 24 }, async (_x, i) => {
    for (let k = 0; going; k++) {
      const r =
        i % 2
          ? await busy.ask(`/api/find?q=${encodeURIComponent(`${many} ${k}`.slice(0, 190))}`)
          : await busy.ask('/api/commands', {
              method: 'POST',
              headers: { 'content-type': 'application/json' },
              body: JSON.stringify([busy.part(job.jobId, k)]),
            });
      await r.arrayBuffer();
      if (r.status === 500) report.wrong('a busy workshop was answered 500');
      report.count('busy requests');
    }
  });
  for (let i = 0; i < (quick ? 20 : 100); i++) await look(loaded);
  going = false;
  await Promise.all(load);
  report.figure('busy.calm alone p99 ms', percentile(quiet, 0.99));
  report.figure('busy.calm beside it p99 ms', percentile(loaded, 0.99));
}
