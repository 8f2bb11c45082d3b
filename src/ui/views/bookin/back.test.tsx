import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { id } from '../../../../test/fixtures/commands';
import { FakeServer } from '../../../../test/fixtures/fakeServer';
import { drawJob, stagesReady } from '../../../../test/fixtures/jobScreen';
import { snapshotAfter } from '../../../../test/fixtures/snapshot';
import { after } from '../../../../test/fixtures/state';
import type { JobSnapshot } from '../../../core/state';
import type { StageId } from '../../../core/stage';
import { openShelves } from '../../device/database';
import { deviceFor } from '../../device/device';
import { localState } from '../next/localBoard';
import { KnownBikes } from './KnownBikes';

// A bike that was here before, and a booking in that is taken back.

await stagesReady('book-in', 'handover');

let shopId = '';
const assign = vi.fn();
beforeEach(() => {
  const { href } = location;
  vi.stubGlobal('location', { ...location, assign, pathname: '/', toString: () => href });
});
afterEach(async () => {
  if (shopId) await deviceFor(shopId).send();
  vi.unstubAllGlobals();
  assign.mockReset();
});

function open(stage: StageId, type: string): FakeServer {
  const server = new FakeServer(after(type));
  const snapshot = snapshotAfter(type);
  shopId = snapshot.shop.id;
  drawJob(snapshot, stage);
  return server;
}

const kept = async (jobId: string) => (await (await openShelves()).get('snapshot', [shopId, jobId]))!.snapshot as JobSnapshot;

describe('a bike that is back', () => {
  it('is not asked about while it is here', async () => {
    open('handover', 'watch.add');
    await screen.findByTestId('hand-over');
    expect(screen.queryByTestId('back-again')).toBeNull();
  });

  it('is booked in again with what is wrong now, and with all that is known of it', async () => {
    const server = open('handover', 'job.handOver');
    const back = within(await screen.findByTestId('back-again'));
    fireEvent.click(back.getByRole('button', { name: 'Book it in again' }));
    expect(back.getByRole('alert')).toHaveTextContent('Enter the complaint.');
    expect(server.sent).toEqual([]);
    fireEvent.change(back.getByLabelText(/Complaint now/), { target: { value: ' Smokes since the autumn ' } });
    fireEvent.click(back.getByRole('button', { name: 'Book it in again' }));
    await waitFor(() => expect(assign).toHaveBeenCalled());
    const [command] = server.sent;
    expect(command).toMatchObject({ type: 'job.open', payload: { bikeId: id.bike, words: 'Smokes since the autumn', rate: '35.00' } });
    expect(assign).toHaveBeenCalledWith(`/job/${command.entity.id}/look`);
    // Place opened without a server: the bike, its book and its owner are there, the last visit's work is not.
    const snapshot = await kept(command.entity.id);
    expect(snapshot.rows.bike).toHaveLength(1);
    expect(snapshot.rows.spec!.length).toBeGreaterThan(0);
    expect(snapshot.rows.step).toBeUndefined();
    expect(snapshot.personal[0].name).toBe('Orla Fennimore');
    expect(snapshot.earlier!.some((r) => r.id === id.reading)).toBe(true);
  });

  it('can be booked in again without a server', async () => {
    open('handover', 'job.handOver');
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no server')));
    const back = within(await screen.findByTestId('back-again'));
    fireEvent.change(back.getByLabelText(/Complaint now/), { target: { value: 'Cuts out' } });
    fireEvent.click(back.getByRole('button', { name: 'Book it in again' }));
    await waitFor(() => expect(assign).toHaveBeenCalled());
    const jobId = (assign.mock.calls[0][0] as string).split('/')[2];
    const state = localState(await kept(jobId), await deviceFor(shopId).items(jobId))!;
    expect(state.rows.job.get(jobId)).toMatchObject({ bikeId: id.bike, handedOverAt: null });
    expect([...state.rows.complaint.values()].map((c) => c.words)).toEqual(['Cuts out']);
  });
});

describe('a name that is typed at booking in', () => {
  const lines = (...bikes: { bike: string; handedOverAt: string | null; near?: boolean; kind?: string }[]) =>
    vi.stubGlobal('fetch', () =>
      Promise.resolve(
        Response.json({ lines: bikes.map((b, i) => ({ kind: 'bike', id: `b${i}`, jobId: `j${i}`, words: b.bike, near: false, ...b })) }),
      ),
    );

  it('brings up bikes that are known by it, and where each is', async () => {
    lines(
      { bike: 'Marram 80', handedOverAt: '2030-03-12T10:00:00.000Z' },
      { bike: 'Marram 80 S', handedOverAt: null },
      { bike: 'Marrow 80', handedOverAt: null, near: true },
      { bike: 'Marram 80', handedOverAt: null, kind: 'reading' },
    );
    const { rerender } = render(<KnownBikes name="Marram" />);
    const links = within(await screen.findByRole('status', { name: 'Known here' })).getAllByRole('link');
    expect(links.map((l) => l.getAttribute('href'))).toEqual(['/job/j0/handover', '/job/j1/book-in']);
    expect(links[0]).toHaveTextContent('Marram 80, handed over 12 Mar');
    expect(links[1]).toHaveTextContent('in the workshop now');
    rerender(<KnownBikes name="Ma" />);
    await waitFor(() => expect(screen.queryByRole('status')).toBeNull());
  });

  it('says nothing where there is no server', async () => {
    const asked = vi.fn(() => Promise.reject(new TypeError('no server')));
    vi.stubGlobal('fetch', asked);
    render(<KnownBikes name="Marram" />);
    await waitFor(() => expect(asked).toHaveBeenCalled());
    expect(screen.queryByRole('status')).toBeNull();
  });
});

describe('a booking in that is taken back', () => {
  it('leaves a page that says so, and can be put back as it was', async () => {
    open('book-in', 'bike.bookIn');
    fireEvent.click(screen.getByRole('button', { name: 'Undo: Booked in' }));
    expect(await screen.findByRole('heading', { name: 'The booking was undone' })).toBeInTheDocument();
    expect(screen.getByRole('link', { name: 'What can be done now' })).toHaveAttribute('href', '/');
    fireEvent.click(screen.getByRole('button', { name: 'Restore it' }));
    expect(await screen.findByLabelText('Name')).toHaveValue('Orla Fennimore');
  });
});
