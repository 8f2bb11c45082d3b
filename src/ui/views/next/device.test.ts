import { afterEach, describe, expect, it, vi } from 'vitest';
import { id } from '../../../../test/fixtures/commands';
import { snapshotAfter } from '../../../../test/fixtures/snapshot';
import type { JobSnapshot } from '../../../core/state';
import { Device } from '../../device/device';
import type { OutboxItem } from '../../device/types';
import { JobStore } from '../../job/store';
import { saveBikes } from './saveBikes';
import { localBoard, localState } from './localBoard';

const now = '2030-06-15T09:00:00.000Z';
afterEach(() => vi.unstubAllGlobals());

/** Repair done on a snapshot without a server. */
function waiting(snapshot: JobSnapshot, work: (s: JobStore) => void): OutboxItem[] {
  const items: OutboxItem[] = [];
  work(new JobStore(snapshot, (i) => (items.push(...i), Promise.resolve())));
  return items;
}

describe('the board of a device without a server', () => {
  it('ranks what is open on it, and knows whose bike it is', () => {
    const board = localBoard([snapshotAfter('bike.bookIn')], [], now);
    expect(board.lines).toHaveLength(1);
    expect(board.lines[0]).toMatchObject({ bike: 'Quillon 350', owner: 'Orla Fennimore', complaint: 'Will not start', waiting: [] });
    expect(board.lines[0].act).not.toBeNull();
  });

  it('counts what was entered here and is not sent', () => {
    const snapshot = snapshotAfter('bike.bookIn');
    const items = waiting(snapshot, (s) =>
      s.act('wait.start', s.newId(), {
        jobId: id.job,
        kind: 'soaking',
        what: 'bores',
        until: null,
        lookAgain: '2030-06-16T09:00:00.000Z',
      }),
    );
    expect(localBoard([snapshot], items, now).lines[0]).toMatchObject({
      act: null,
      against: { act: 'crank', because: 'On hold: bores' },
      waiting: [{ kind: 'soaking', what: 'bores', due: '2030-06-16T09:00:00.000Z' }],
    });
    // a refused one waits for a person and counts for nothing
    const refused = items.map((i) => ({ ...i, state: 'refused' as const }));
    expect(localBoard([snapshot], refused, now).lines[0].waiting).toEqual([]);
  });

  it('keeps what is handed over apart', () => {
    const board = localBoard([snapshotAfter()], [], now);
    expect(board.lines).toEqual([]);
    expect(board.gone).toMatchObject([{ jobId: id.job, bike: 'Quillon 350' }]);
  });

  it('shows no job that was never sent and is held back', () => {
    const empty = { ...snapshotAfter('person.add'), rows: {} };
    expect(localState(empty, [])).toBeNull();
    expect(localBoard([empty], [], now)).toEqual({ now, lines: [], gone: [] });
  });
});

describe('bringing the open bikes onto a device', () => {
  const asked: string[] = [];
  const server = (snapshot: JobSnapshot, cutAfter = 99) => {
    asked.length = 0;
    vi.stubGlobal('fetch', (path: string) => {
      asked.push(path);
      return asked.length > cutAfter ? Promise.reject(new TypeError('cut')) : Promise.resolve(Response.json(snapshot));
    });
  };
  const line = (last: number, jobId: string = id.job) => ({ jobId, last });

  it('asks only for those that changed since', async () => {
    const snapshot = snapshotAfter('bike.bookIn');
    const device = new Device(snapshot.shop.id);
    server(snapshot);
    await saveBikes(device, [line(2)], () => true);
    await saveBikes(device, [line(2)], () => true);
    expect(asked).toEqual([`/api/jobs/${id.job}`]);
    const kept = await (await device.shelves())!.db.get('snapshot', [device.shopId, id.job]);
    expect(kept!.snapshot.rows.bike).toEqual(snapshot.rows.bike);
    await saveBikes(device, [line(3)], () => true);
    expect(asked).toHaveLength(2);
  });

  it('stops with the line, and with the screen', async () => {
    const snapshot = snapshotAfter('bike.bookIn');
    const device = new Device(snapshot.shop.id);
    server(snapshot, 0);
    await saveBikes(device, [line(2, 'a'), line(2, 'b')], () => true);
    expect(asked).toEqual(['/api/jobs/a']);
    server(snapshot);
    await saveBikes(device, [line(2, 'a'), line(2, 'b')], () => asked.length < 1);
    expect(asked).toEqual(['/api/jobs/a']);
  });

  it('takes forty at most by itself', async () => {
    const snapshot = snapshotAfter('bike.bookIn');
    const device = new Device(snapshot.shop.id);
    server({ ...snapshot, shop: { ...snapshot.shop, seq: 0 } });
    await saveBikes(
      device,
      Array.from({ length: 60 }, (_x, i) => line(9, `j${i}`)),
      () => true,
    );
    expect(asked).toHaveLength(40);
  });
});
