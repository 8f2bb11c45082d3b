import { Random } from '../chaos/random';
import { id, photoHash, script } from '../fixtures/commands';
import type { Command } from '../../src/core/command';
import { TestWorkshop } from '../fixtures/workshop';
import { busyWorkshop, slowClients } from './clients';
import { heavyFindings } from './heavy';
import { badInputs } from './inputs';
import { manyStreams, soak, writesBesideNothing } from './load';
import { databaseKills, firstInitCut, fullDisk, launcherKill, restoresCut, serverKill, twoStarts } from './kills';
import { Report } from './report';
import { walkRoutes, type Role } from './roles';
import { AttackStand } from './stand';

export interface AttackReport {
  seed: number;
  counts: Record<string, number>;
  figures: Record<string, number>;
  /** Everything that broke; empty if it holds. */
  wrong: string[];
}

const asJson = { 'content-type': 'application/json' };

/** A tablet that was let in by its code, as a person does it. */
async function pairedTablet(stand: AttackStand, home: Role): Promise<Role> {
  const headers = { cookie: home.cookie!, 'x-ivrek-shop': home.shopId!, 'content-type': 'application/json' };
  const { code } = JSON.parse((await stand.ask('home', '/api/devices', { method: 'POST', headers })).text) as { code: string };
  const answer = await stand.ask('lan', '/api/pair', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ code, name: 'Tablet' }),
  });
  return { name: 'tablet', door: 'lan', cookie: answer.headers['set-cookie']![0].split(';')[0], shopId: home.shopId };
}

/** A tablet that is sent away, and a session that is left: cut at once, and worth nothing afterwards. */
async function sentAway(stand: AttackStand, home: Role, report: Report): Promise<void> {
  const tablet = await pairedTablet(stand, home);
  const headers = { cookie: tablet.cookie!, 'x-ivrek-shop': tablet.shopId! };
  if ((await stand.ask('lan', '/api/jobs', { headers })).status !== 200) report.wrong('a paired tablet is not let in');
  const own = { cookie: home.cookie!, 'x-ivrek-shop': home.shopId!, 'content-type': 'application/json' };
  const { devices } = JSON.parse((await stand.ask('home', '/api/devices', { headers: own })).text) as { devices: { id: string }[] };
  for (const { id: device } of devices)
    await stand.ask('home', '/api/devices', { method: 'DELETE', headers: own, body: JSON.stringify({ id: device }) });
  const after = await stand.ask('lan', '/api/jobs', { headers });
  if (after.status !== 401) report.wrong(`a tablet that was sent away is still let in: ${after.status} ${after.text.slice(0, 100)}`);
  const guess = await stand.ask('lan', '/api/pair', {
    method: 'POST',
    headers: { 'content-type': 'application/json', 'x-forwarded-for': '203.0.113.9' },
    body: JSON.stringify({ code: '000000', name: 'Guesser' }),
  });
  const { text } = await stand.ask('home', '/api/devices', { headers: own });
  if (guess.status === 403 && (!text.includes('Guesser') || text.includes('203.0.113.9')))
    report.wrong('who was refused at the door is not told, or told as the request said itself');
  const guest = await TestWorkshop.open(stand.home, 'Guest');
  await guest.ask('/api/session', { method: 'DELETE' });
  if ((await guest.ask('/api/jobs')).status !== 401) report.wrong('a cookie is still good after leaving');
}

/**
 * Ivrek as a person starts it, attacked from its own computer: everything in bounds of count and time, and on loopback only. The
 * same seed tries the same inputs.
 */
export async function attack({
  quick,
  seed,
  folder,
  say = () => undefined,
}: {
  quick: boolean;
  seed: number;
  folder: string;
  say?: (words: string) => void;
}): Promise<AttackReport> {
  const report = new Report();
  const random = new Random(seed);
  const stand = new AttackStand(`${folder}/main`);
  const step = async (name: string, work: () => Promise<unknown>) => {
    const began = Date.now();
    try {
      await work();
    } catch (error) {
      report.wrong(`${name}: ${String((error as Error).stack ?? error)}`);
    }
    say(`${name}: ${((Date.now() - began) / 1000).toFixed(1)} s, ${report.faults.length} wrong so far`);
  };
  await step('two starts at once', () => twoStarts(`${folder}/two`, report));
  await step('a first start that is cut', () => firstInitCut(`${folder}/cut`, report));
  await stand.prepare();
  try {
    const started = await stand.start();
    if (!started.ready) throw new Error(started.said.slice(-600));
    const workshop = await TestWorkshop.open(stand.home, 'Attacked');
    const other = await TestWorkshop.open(stand.home, 'Another');
    // The script of every command, but for the hand-over and a photo that is not there.
    const commands = script().filter(
      (c) => !['job.handOver', 'job.open', 'signature.sign'].includes(c.type) && !/^(photo|pin)\./.test(c.type),
    );
    const sound = JSON.parse(JSON.stringify(commands).replaceAll(photoHash, photoHash)) as Command[];
    for (const c of sound) {
      const r = await workshop.ask('/api/commands', { method: 'POST', headers: asJson, body: JSON.stringify(c) });
      if (r.status !== 200 && !/undo|redo|tray/.test(c.type)) report.wrong(`the script itself: ${c.type}: ${await r.text()}`);
      // What needs a name is done by the first person.
      if (c.type === 'person.add')
        await workshop.ask('/api/session', { method: 'PUT', headers: asJson, body: JSON.stringify({ personId: c.entity.id }) });
    }
    const home: Role = { name: 'home', door: 'home', cookie: workshop.cookie, shopId: workshop.shopId };
    const roles: Role[] = [
      { name: 'nobody here', door: 'home' },
      { name: 'nobody in the network', door: 'lan' },
      home,
      { name: 'other workshop', door: 'home', cookie: other.cookie, shopId: other.shopId },
    ];
    await step('everyone on every route', async () =>
      walkRoutes(stand, [...roles, await pairedTablet(stand, home)], id.job, report, quick),
    );
    await step('sent away and left', () => sentAway(stand, home, report));
    await step('bad inputs', () => badInputs(stand, home, quick ? 400 : 10_000, random, report));
    await step('many findings', () => heavyFindings(stand, quick, report));
    await step('slow clients', () => slowClients(stand, quick, report));
    await step('a busy workshop', () => busyWorkshop(stand, quick, report));
    await step('many streams', () => manyStreams(stand, quick ? 40 : 200, report));
    await step('writes beside nothing', () => writesBesideNothing(stand, quick ? 500 : 10_000, report));
    if (!quick) await step('a soak', () => soak(stand, Number(process.env.IVREK_SOAK_MINUTES ?? 10), report));
    await step('the server killed', () => serverKill(stand, report));
    await step('PostgreSQL killed', () => databaseKills(stand, quick ? 2 : 25, report));
    await step('the launcher killed', () => launcherKill(stand, report));
    await step('restores cut', () => restoresCut(stand, quick ? 2 : 20, `${folder}/backup`, report));
    if (!quick) await step('a full disk', () => fullDisk(`${folder}/disk`, 3, report));
  } finally {
    await stand.end();
  }
  return { seed, counts: report.counts, figures: report.figures, wrong: report.faults };
}
