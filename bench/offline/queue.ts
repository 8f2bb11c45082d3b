import 'fake-indexeddb/auto';
import type { Heard, JobSnapshot } from '../../src/core/state';
import { Bus } from '../../src/ui/device/bus';
import { openShelves } from '../../src/ui/device/database';
import { Outbox } from '../../src/ui/device/outbox';
import { sendOver } from '../../src/ui/device/post';
import { Sender } from '../../src/ui/device/sender';
import { JobStore } from '../../src/ui/job/store';
import type { TestWorkshop } from '../../test/fixtures/workshop';
import { median, type Figures } from '../figures';
import { ms, openWorkshop, selectOne } from './ask';

/** What waited on a tablet, sent and applied; and what a tablet missed, fetched and applied. */
export async function queueAndCatchUp(quick: boolean): Promise<Figures> {
  const workshop = await openWorkshop('Bench queue');
  const one = await selectOne(workshop);
  const { command, jobId } = workshop.booking('Quillon 350', 'stuck');
  await workshop.send([command]);
  const snapshot = (await (await workshop.ask(`/api/jobs/${jobId}`)).json()) as JobSnapshot;
  const queue = async (n: number): Promise<number> => {
    const db = await openShelves(`bench-${n}`);
    const outbox = new Outbox(db, workshop.shopId);
    const bus = new Bus(`bench-${n}`);
    const upload = () => Promise.resolve({ kind: 'kept' as const });
    const sender = new Sender(db, outbox, { send: sendOver(workshop.ask), upload }, bus, (work) => work());
    const store = new JobStore(snapshot, (items) => outbox.add(items));
    bus.subscribe((news) => store.applyNews(news));
    for (let i = 0; i < n; i++) store.act('watch.add', crypto.randomUUID(), { jobId, what: `Oil level ${i}`, due: 'soon' });
    while ((await outbox.all()).length < n) await new Promise((later) => setImmediate(later));
    const took = await ms(() => sender.run());
    if ((await outbox.all()).length) throw new Error('not everything was sent');
    bus.close();
    db.close();
    return took;
  };
  await queue(20);
  const size = quick ? 100 : 500;
  const small = await queue(size);
  const large = await queue(size * 2);

  const entries = quick ? 1000 : 5000;
  const rest = entries - (await count(workshop, jobId));
  await workshop.send(Array.from({ length: Math.max(0, rest) }, (_, i) => workshop.watch(jobId, i)));
  const catchUp = (most: number) =>
    ms(async () => {
      const store = new JobStore(snapshot, () => Promise.resolve());
      for (let more = true; more && store.heardUpTo < most;) {
        const page = (await (await workshop.ask(`/api/journal?after=${store.heardUpTo}&job=${jobId}`)).json()) as {
          entries: Heard[];
          upTo: number;
          more: boolean;
        };
        store.caughtUp(page.entries, page.upTo);
        more = page.more;
      }
    });
  await catchUp(entries);
  const half = median([await catchUp(entries / 2), await catchUp(entries / 2), await catchUp(entries / 2)]);
  const whole = median([await catchUp(entries), await catchUp(entries), await catchUp(entries)]);
  return {
    'offline.select 1 ms': one,
    [`offline.queue of ${size} ms`]: small,
    'offline.queue, a command per select 1': small / size / one,
    'offline.queue, twice as many': large / small,
    [`offline.catch up ${entries} ms`]: whole,
    'offline.catch up, 100 entries per select 1': (whole / entries) * (100 / one),
    'offline.catch up, twice as many': whole / half,
  };
}

const count = async (workshop: TestWorkshop, jobId: string) =>
  ((await (await workshop.ask(`/api/jobs/${jobId}`)).json()) as JobSnapshot).journal.length;
