import { act, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { FakeServer } from '../../../test/fixtures/fakeServer';
import { id } from '../../../test/fixtures/commands';
import { snapshotAfter } from '../../../test/fixtures/snapshot';
import { after } from '../../../test/fixtures/state';
import { deviceFor } from '../device/device';
import { JobProvider, useJob, useJobView, type UsedJob } from './useJob';

// A tap, a key or a photo on its way draws only what hangs on it.

const drawn = { tables: 0, name: 0 };
let used: UsedJob;

function Tables() {
  used = useJob();
  drawn.tables++;
  return <>{used.rows('watch').map((w) => w.what)}</>;
}

function Name() {
  const name = useJobView((v) => v.actor?.name ?? 'nobody');
  drawn.name++;
  return <b>{name}</b>;
}

afterEach(async () => {
  await deviceFor(used.store.snapshot.shop.id).send();
  vi.unstubAllGlobals();
});

it('a photo on its way, a line that is cut and an outbox that is read again draw no table anew, an entry does so once', async () => {
  new FakeServer(after('bike.bookIn'));
  render(
    <JobProvider snapshot={snapshotAfter('bike.bookIn')} ranking={null} standing={null}>
      <Tables />
      <Name />
    </JobProvider>,
  );
  // What the outbox holds and what was missed are asked for when the screen opens.
  await act(() => deviceFor(used.store.snapshot.shop.id).send());
  const { store } = used;
  const before = { ...drawn };
  act(() => {
    store.applyNews({ kind: 'photoPart', part: 0.4 });
    store.applyNews({ kind: 'line', line: 'cut' });
    store.takeUp([]);
    store.caughtUp([], store.heardUpTo + 3);
  });
  expect(drawn).toEqual(before);
  act(() => void store.act('watch.add', store.newId(), { jobId: id.job, what: 'Weeping cover', due: 'soon' }));
  expect(screen.getByText(/Weeping cover/)).toBeInTheDocument();
  expect(drawn).toEqual({ tables: before.tables + 1, name: before.name });
  act(() => store.setActor({ id: id.person, name: 'Wen' }));
  expect(screen.getByText('Wen')).toBeInTheDocument();
  expect(drawn).toEqual({ tables: before.tables + 1, name: before.name + 1 });
});
