import { stateOf, tableNames, type JobSnapshot } from '../../src/core/state';
import { readJournal, replay } from '../../src/server/commands/replay';
import { makePool } from '../../src/server/db/pool';
import { openShop } from '../../src/server/queries/shops';
import { TestWorkshop } from '../fixtures/workshop';
import { tablesOf, tablesOfState } from '../db/tables';
import type { OutboxItem } from '../../src/ui/device/types';
import { SimDevice } from './device';
import { History } from './history';
import { BadLine } from './network';
import { Random } from './random';
import { Stand } from './stand';

export interface ChaosReport {
  seed: number;
  cuts: number;
  serverKills: number;
  databaseKills: number;
  pagesLost: number;
  made: number;
  acknowledged: number;
  decided: number;
  journal: number;
  /** Everything that is not as it must be; empty if all is well. */
  wrong: string[];
}

const hour = 3_600_000;
/** How many devices, and how far their clocks are off. */
const skews = [0, -5 * hour, 3 * hour, 26 * hour];
const badness = 0.22;

/** Makes a workshop with one person and some bikes, over a good line. */
async function found(url: string): Promise<{ workshop: TestWorkshop; personId: string; jobIds: string[] }> {
  const workshop = await TestWorkshop.open(url, 'Chaos');
  const personId = crypto.randomUUID();
  const bookings = ['Quillon 350', 'Marram 80'].map((name) => workshop.booking(name, 'stuck'));
  await workshop.send([workshop.command('person.add', 'person', { name: 'Ines Corrow' }, personId), ...bookings.map((b) => b.command)]);
  return { workshop, personId, jobIds: bookings.map((b) => b.jobId) };
}

/**
 * Several devices work on the same bikes over a bad line, while pages are lost and the server and the database are killed;
 * in the end everything is held against the journal. The same seed takes the same choices (not the same timing).
 */
export async function chaos(
  wanted: number,
  seed: number,
  folder: string,
  say: (words: string) => void = () => undefined,
): Promise<ChaosReport> {
  const random = new Random(seed);
  const history = new History();
  const stand = new Stand(folder);
  await stand.start();
  const devices: SimDevice[] = [];
  const report = { seed, cuts: 0, serverKills: 0, databaseKills: 0, pagesLost: 0 };
  try {
    const { workshop, personId, jobIds } = await found(stand.url);
    const { shopId, cookie } = workshop;
    const line = new BadLine(stand.url, random, badness);
    for (const [i, skew] of skews.entries()) {
      const own = (await workshop.again(personId)).cookie;
      const device = new SimDevice(
        `${seed}-${i}`,
        shopId,
        line.fetchAs(() => own),
        skew,
        random,
        history,
      );
      await device.open(jobIds);
      devices.push(device);
    }
    const cuts = () => line.cuts + report.serverKills + report.databaseKills + report.pagesLost;

    const turn = async (d: SimDevice) => {
      for (let k = random.below(4); k >= 0; k--) await d.act();
      if (random.next() < 0.8) await d.send();
      if (random.next() < 0.2) await d.decideOne();
      if (random.next() < 0.6) await d.catchUp();
    };
    let told = 0;
    while (cuts() < wanted) {
      // Now and then something is killed in the middle of the others' work.
      const fate = random.below(24);
      let killed: 'server' | 'database' | null = null;
      if (fate < 2) {
        line.after(1 + random.below(8), () => {
          killed = fate === 0 ? 'server' : 'database';
          if (fate === 0) stand.killServer();
          else stand.killDatabase();
        });
      }
      const lost = fate >= 2 && fate < 6 ? random.one(devices) : null;
      await Promise.all(devices.filter((d) => d !== lost).map(turn));
      if (lost) {
        // It taps, begins to send, and its battery falls out.
        await lost.act();
        const sending = lost.send().catch(() => undefined);
        await lost.lose();
        await sending;
        await lost.open(jobIds);
        report.pagesLost++;
      }
      line.disarm();
      await line.comeLate();
      if ((killed as string | null) === 'server') {
        await stand.serverBack();
        report.serverKills++;
      }
      if ((killed as string | null) === 'database') {
        if (!(await stand.databaseBack())) history.wrong.push('the server fell when the database did');
        report.databaseKills++;
      }
      if (cuts() >= told + 100) say(`${(told = cuts())} of ${wanted} cuts`);
    }
    report.cuts = cuts();

    line.healed = true;
    for (let round = 0; ; round++) {
      const left: OutboxItem[] = [];
      for (const d of devices) {
        await d.send();
        await d.catchUp();
        while (await d.decideOne()) {
          await d.send();
          await d.catchUp();
        }
        left.push(...(await d.left()));
      }
      if (left.length === 0) break;
      if (round > 60) throw new Error(`seed ${seed}: ${left.length} entries are still not sent: ${JSON.stringify(left.slice(0, 3))}`);
    }
    for (const d of devices) await d.catchUp();
    return { ...report, ...(await check(stand, shopId, jobIds, devices, history, cookie)) };
  } finally {
    for (const d of devices) d.close();
    await stand.stop();
  }
}

/** Holds what every device saw against the journal, the journal against the tables, and both against the screens. */
async function check(stand: Stand, shopId: string, jobIds: string[], devices: SimDevice[], history: History, cookie: string) {
  const wrong = [...history.wrong];
  const pool = makePool(stand.appUrl(), 2);
  await stand.database('replayed');
  const fresh = makePool(stand.appUrl('replayed'), 2);
  try {
    const journal = await readJournal(pool, shopId);
    const place = new Map(journal.map((e, i) => [e.id, i + 1]));
    if (place.size !== journal.length) wrong.push('an id stands twice in the journal');
    for (const [id, seq] of history.acked)
      if (place.get(id) !== seq) wrong.push(`${id} was acknowledged as ${seq} and stands at ${place.get(id)}`);

    const made = new Set(history.made.map((m) => m.item.id));
    const setUp = 1 + jobIds.length;
    for (const e of journal.slice(setUp)) if (!made.has(e.id) && !history.parted.has(e.id)) wrong.push(`nobody made ${e.type} ${e.id}`);
    for (const { item } of history.made) {
      if (!place.has(item.id) && !history.decided.has(item.id)) wrong.push(`${item.command.type} ${item.id} is lost`);
      if (place.has(item.id) && !history.acked.has(item.id)) wrong.push(`${item.id} is in the journal and its device was never told`);
    }
    for (const device of new Set(history.made.map((m) => m.device))) {
      const seqs = history.made
        .filter((m) => m.device === device && place.has(m.item.id) && !history.stopped.has(m.item.id))
        .map((m) => place.get(m.item.id)!);
      if (seqs.some((s, i) => i > 0 && s < seqs[i - 1])) wrong.push(`entries of ${device} are out of their order`);
    }

    // An act is whole: its entries stand next to each other, unless a person had to decide about one of them.
    const acts = new Map<string, OutboxItem[]>();
    for (const { item } of history.made) {
      const { group } = item.command;
      if (group) acts.set(group, [...(acts.get(group) ?? []), item]);
    }
    for (const [group, items] of acts) {
      if (items.some((i) => history.stopped.has(i.id) || history.decided.has(i.id))) continue;
      const seqs = items.map((i) => place.get(i.id));
      if (seqs.some((s, i) => s === undefined || s !== seqs[0]! + i)) wrong.push(`the act ${group} stands in pieces: ${seqs.join(', ')}`);
    }

    await openShop(fresh, shopId, 'Chaos');
    await replay(fresh, shopId, journal);
    const [is, replayed] = [await tablesOf(pool, shopId), await tablesOf(fresh, shopId)];
    for (const t of tableNames)
      if (JSON.stringify(is[t]) !== JSON.stringify(replayed[t])) wrong.push(`table ${t} is not what the journal says`);

    for (const jobId of jobIds) {
      const r = await fetch(`${stand.url}/api/jobs/${jobId}`, { headers: { cookie } });
      const said = tablesOfState(stateOf((await r.json()) as JobSnapshot));
      for (const d of devices) {
        const shown = tablesOfState(d.stores.get(jobId)!.get().state);
        for (const t of tableNames)
          if (t !== 'person' && sorted(shown[t]) !== sorted(said[t])) wrong.push(`${d.name} shows another ${t} than the server has`);
      }
    }
    return { made: history.made.length, acknowledged: history.acked.size, decided: history.decided.size, journal: journal.length, wrong };
  } finally {
    await pool.end();
    await fresh.end();
  }
}

/** A table as text in which the order of keys does not count. */
const sorted = (rows: unknown): string =>
  JSON.stringify(rows, (_k, v: unknown) =>
    typeof v === 'object' && v !== null && !Array.isArray(v)
      ? Object.fromEntries(Object.entries(v).sort(([a], [b]) => (a < b ? -1 : 1)))
      : v,
  );
