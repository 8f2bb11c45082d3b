import { spawn, spawnSync } from 'node:child_process';
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import pg from 'pg';
import { startCluster } from '../../launcher/cluster.mjs';
import { postgresBin } from '../../launcher/packages.mjs';
import { TestWorkshop } from '../fixtures/workshop';
import type { Report } from './report';
import { AttackStand, until } from './stand';

const pause = (ms: number) => new Promise((r) => setTimeout(r, ms));

/** Adds one thing after the other for as long as it is wanted; what the server said it has is remembered. */
function writer(workshop: TestWorkshop, jobId: string) {
  const kept = new Set<string>();
  let going = true;
  const done = (async () => {
    for (let k = 0; going; k++) {
      const command = workshop.watch(jobId, k);
      for (let sent = false; going && !sent;) {
        try {
          const r = await workshop.ask('/api/commands', {
            method: 'POST',
            headers: { 'content-type': 'application/json' },
            body: JSON.stringify([command]),
            signal: AbortSignal.timeout(15_000),
          });
          const { answers } = (await r.json()) as { answers?: { status: number }[] };
          sent = answers?.[0]?.status === 200;
          if (sent) kept.add(command.id);
        } catch {
          // sent again, as a device does
        }
        if (!sent) await pause(50);
      }
    }
  })();
  return { kept, stop: () => ((going = false), done) };
}

async function journalIds(workshop: TestWorkshop): Promise<string[]> {
  const ids: string[] = [];
  for (let after = 0, more = true; more;) {
    const page = (await (await workshop.ask(`/api/journal?after=${after}`)).json()) as {
      entries: { id: string }[];
      upTo: number;
      more: boolean;
    };
    ids.push(...page.entries.map((e) => e.id));
    [after, more] = [page.upTo, page.more];
  }
  return ids;
}

async function heldAgainst(workshop: TestWorkshop, kept: ReadonlySet<string>, report: Report, what: string): Promise<void> {
  const ids = await journalIds(workshop);
  const there = new Set(ids);
  if (there.size !== ids.length) report.wrong(`${what}: an entry is there twice`);
  const lost = [...kept].filter((id) => !there.has(id));
  if (lost.length) report.wrong(`${what}: ${lost.length} acknowledged entries are lost`);
  report.count('acknowledged writes', kept.size);
}

const healthy = async (stand: AttackStand) => (await stand.ask('home', '/api/health', { patienceMs: 3000 })).status === 200;

/** PostgreSQL is killed in the middle of work, again and again: it comes back by itself and nothing acknowledged is lost. */
export async function databaseKills(stand: AttackStand, times: number, report: Report): Promise<void> {
  const workshop = await TestWorkshop.open(stand.home, 'Killed');
  const job = workshop.booking('Hollin 500', 'boxes');
  await workshop.send([job.command]);
  const writers = [writer(workshop, job.jobId), writer(workshop, job.jobId)];
  for (let i = 0; i < times; i++) {
    await pause(200);
    process.kill(stand.postmaster(), 'SIGKILL');
    report.count('database kills');
    const said = await until(async () => (await stand.ask('home', '/api/health', { patienceMs: 3000 })).status === 503, 5000);
    const began = performance.now();
    if (!(await until(() => healthy(stand)))) {
      report.wrong('the database did not come back');
      break;
    }
    // It may have been back before anyone asked.
    if (said) report.figure('kill.database back ms', performance.now() - began);
  }
  for (const w of writers) await w.stop();
  await heldAgainst(workshop, new Set(writers.flatMap((w) => [...w.kept])), report, 'PostgreSQL killed');
  if (!stand.said.includes('the database is back')) report.wrong('the terminal was not told of the database');
}

/** The launcher is killed hard: the next start takes over the same port and the same data. */
export async function launcherKill(stand: AttackStand, report: Report): Promise<void> {
  const workshop = await TestWorkshop.open(stand.home, 'Orphaned');
  const before = stand.note();
  stand.child!.kill('SIGKILL');
  report.count('launcher kills');
  const again = await stand.start(['--lan', '--no-demo']);
  if (!again.ready) return report.wrong(`after the launcher was killed: ${again.said.slice(-400)}`);
  if (!again.said.includes(stand.home)) report.wrong('it came back on another port');
  if (stand.note().server.pid === before.server.pid) report.wrong('the orphan was not ended');
  const r = await workshop.ask('/api/jobs');
  if (r.status !== 200) report.wrong(`the old session: ${r.status}`);
}

/** The server process is killed: it is started again, and that is no reason to end. */
export async function serverKill(stand: AttackStand, report: Report): Promise<void> {
  const { server } = stand.note();
  process.kill(server.pid, 'SIGKILL');
  report.count('server kills');
  const back = await until(async () => (await healthy(stand)) && stand.note().server.pid !== server.pid);
  if (!back) report.wrong('the server did not come back');
  if (!stand.said.includes('the server ended by itself (SIGKILL)')) report.wrong('the terminal was not told how the server ended');
}

/** Two starts at once on one folder: one runs, the other says where and leaves it alone. */
export async function twoStarts(folder: string, report: Report): Promise<void> {
  const stand = new AttackStand(folder);
  await stand.prepare();
  try {
    const both = [stand.launch(['--no-demo']), stand.launch(['--no-demo'])];
    const ended = await Promise.all(both.map((b) => b.settled));
    report.count('starts at once', 2);
    const ready = ended.filter((e) => e.said.includes('Ivrek is ready'));
    const told = ended.filter((e) => e.said.includes('already running at'));
    if (ready.length !== 1 || told.length !== 1)
      report.wrong(`two starts at once said: ${ended.map((e) => e.said.slice(-200)).join(' | ')}`);
    // The one that left must not have taken the database along.
    await pause(500);
    if (!(await healthy(stand))) report.wrong('the second start ended the database of the first');
    stand.child = both.find((b) => b.child.exitCode === null)?.child;
  } finally {
    await stand.end();
  }
}

/** A power cut in the first initdb: what it left is cleared away, and what another program left is not thrown away. */
export async function firstInitCut(folder: string, report: Report): Promise<void> {
  for (const at of [30, 120, 400]) {
    rmSync(folder, { recursive: true, force: true });
    mkdirSync(folder, { recursive: true });
    const code = `import { startCluster } from './launcher/cluster.mjs'; import { postgresBin } from './launcher/packages.mjs'; await startCluster(postgresBin(), ${JSON.stringify(folder)}, { firstPort: 59680 });`;
    const child = spawn('node', ['--input-type=module', '-e', code], { stdio: 'ignore', detached: true });
    await pause(250 + at);
    try {
      process.kill(-child.pid!, 'SIGKILL');
    } catch {
      // it was quicker
    }
    report.count('first starts cut');
    try {
      const cluster = (await startCluster(postgresBin()!, folder, { firstPort: 59680 })) as { ownerUrl(db: string): string; stop(): void };
      const client = new pg.Client(cluster.ownerUrl('postgres'));
      await client.connect();
      await client.end();
      cluster.stop();
    } catch (error) {
      report.wrong(`after a power cut at ${at} ms: ${String(error)}`);
    }
  }
  rmSync(folder, { recursive: true, force: true });
}

/** A disk that is full: entries are refused and kept by the devices, pages say why; with room again all goes on by itself. */
export async function fullDisk(folder: string, times: number, report: Report): Promise<boolean> {
  mkdirSync(folder, { recursive: true });
  // A small disk of its own; where that may not be made, this is left out.
  if (process.getuid?.() !== 0 || spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=260m', 'tmpfs', folder]).status !== 0) return false;
  const stand = new AttackStand(`${folder}/data`, { IVREK_LEAST_FREE_MB: '40' });
  try {
    await stand.prepare();
    const started = await stand.start(['--no-demo']);
    if (!started.ready) {
      report.wrong(`on a small disk: ${started.said.slice(-400)}`);
      return true;
    }
    const workshop = await TestWorkshop.open(stand.home, 'Small disk');
    const job = workshop.booking('Hollin 500', 'boxes');
    await workshop.send([job.command]);
    const w = writer(workshop, job.jobId);
    for (let i = 0; i < times; i++) {
      const before = w.kept.size;
      spawnSync('dd', ['if=/dev/zero', `of=${folder}/filler`, 'bs=1M'], { stdio: 'ignore' });
      // PostgreSQL writes into what it has for a while; a checkpoint has to find the disk full, and it stops.
      const bytes = Buffer.alloc(1_000_000, 7);
      await until(async () => {
        await workshop.ask(`/api/photos/${'ab'.repeat(32)}`, { method: 'PUT', body: bytes }).catch(() => undefined);
        return !(await healthy(stand)) || w.kept.size > before + 1500;
      }, 20_000);
      try {
        process.kill(stand.postmaster(), 'SIGKILL');
      } catch {
        // it stopped already
      }
      // Where it can live with what it has, the better.
      const away = await until(async () => (await stand.ask('home', '/api/health', { patienceMs: 3000 })).status === 503, 10_000);
      const said = away ? await (await workshop.ask('/')).text() : '';
      if (away && !/disk is full|being brought back/.test(said)) report.wrong(`with a full disk the page says: ${said.slice(0, 600)}`);
      report.count('full disks');
      rmSync(`${folder}/filler`, { force: true });
      if (!(await until(() => healthy(stand), 60_000))) report.wrong('with room again the database did not come back');
    }
    await w.stop();
    await heldAgainst(workshop, w.kept, report, 'a full disk');
  } finally {
    await stand.end();
    spawnSync('umount', ['-l', folder]);
  }
  return true;
}

/** A restore that is killed at any moment: what was there is there, or what was restored; never nothing, never an empty one. */
export async function restoresCut(stand: AttackStand, steps: number, folder: string, report: Report): Promise<void> {
  mkdirSync(folder, { recursive: true });
  const file = `${folder}/all.tar`;
  const ivrek = (...args: string[]) => spawnSync('node', ['launcher/main.mjs', ...args], { env: stand.environment(), encoding: 'utf8' });
  const workshop = await TestWorkshop.open(stand.home, 'Before the backup');
  const made = ivrek('backup', file);
  if (made.status !== 0) return report.wrong(`the backup: ${made.stderr.slice(-300)}`);
  const later = await TestWorkshop.open(stand.home, 'After the backup');
  await stand.stop();
  const shops = async (): Promise<string[] | null> => {
    const cluster = (await startCluster(postgresBin()!, stand.base)) as { ownerUrl(db: string): string; stop(): void };
    const client = new pg.Client(cluster.ownerUrl('ivrek'));
    try {
      await client.connect();
      return (await client.query('select id from shop')).rows.map((r) => r.id as string);
    } catch {
      return null;
    } finally {
      await client.end().catch(() => undefined);
    }
  };
  const whole = (async () => {
    const began = Date.now();
    const r = ivrek('restore', file);
    if (r.status !== 0) report.wrong(`the restore: ${r.stderr.slice(-300)}`);
    return Date.now() - began;
  })();
  const takes = await whole;
  const back = /put back|restore --back (\w+)/.exec(ivrek('restore', '--list').stderr);
  void back;
  let last = (await shops()) ?? [];
  if (!last.includes(workshop.shopId) || last.includes(later.shopId)) report.wrong('the restore did not bring what was backed up');
  for (let i = 0; i < steps; i++) {
    const child = spawn('node', ['launcher/main.mjs', 'restore', file], { env: stand.environment(), stdio: 'ignore', detached: true });
    await pause(Math.round((takes * (i + 0.5)) / steps));
    try {
      process.kill(-child.pid!, 'SIGKILL');
    } catch {
      // it was quicker
    }
    await new Promise((r) => (child.exitCode !== null || child.signalCode !== null ? r(0) : child.once('exit', r)));
    report.count('restores cut');
    const now = await shops();
    if (!now) report.wrong(`a restore that was cut in step ${i + 1} of ${steps} left no database`);
    else if (!now.includes(workshop.shopId)) report.wrong(`a restore that was cut in step ${i + 1} of ${steps} left an empty database`);
    else last = now;
  }
  writeFileSync(`${folder}/done`, '');
  const again = await stand.start(['--lan', '--no-demo']);
  if (!again.ready) report.wrong(`after cut restores it does not start: ${again.said.slice(-400)}`);
}
