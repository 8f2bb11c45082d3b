import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { FakeServer } from '../../../../test/fixtures/fakeServer';
import { HereWorker } from '../../../../test/fixtures/hereWorker';
import { drawJob, stagesReady } from '../../../../test/fixtures/jobScreen';
import { snapshotAfter } from '../../../../test/fixtures/snapshot';
import { after } from '../../../../test/fixtures/state';
import type { Command } from '../../../core/command';
import { deviceFor } from '../../device/device';

// Panels line on a screen of a job: what it shows before anything is kept, and what keeping sends.

await stagesReady('strip');

let sent: Command[];
let shopId = '';
beforeEach(() => vi.stubGlobal('Worker', HereWorker));
afterEach(async () => {
  await deviceFor(shopId).send();
  vi.unstubAllGlobals();
  history.replaceState(null, '', '/');
});

function open(type = 'step.add', search = '') {
  const server = new FakeServer(after(type));
  sent = server.sent;
  const snapshot = snapshotAfter(type);
  shopId = snapshot.shop.id;
  drawJob(snapshot, 'strip', { search });
}
const field = () => screen.getByLabelText('Type a line. ? lists what you can type.');
const panel = () => screen.findByTestId('line-panel');
const say = async (line: string) => {
  act(() => field().focus());
  fireEvent.change(field(), { target: { value: line } });
  return within(await panel());
};
const key = (name: string) => fireEvent.keyDown(field(), { key: name });
const types = () => sent.map((c) => c.type);

describe('the bench line', () => {
  it('shows what a line means and keeps it with Enter; it can be taken back at once', async () => {
    open();
    const shown = await say('bag 8 3x m6x16 right cover');
    expect(await shown.findByText(/3 × M6x16, bag 8/)).toBeInTheDocument();
    expect(sent).toEqual([]);
    key('Enter');
    expect(field()).toHaveValue('');
    expect(await shown.findByText(/^Saved: /)).toBeInTheDocument();
    await waitFor(() => expect(types()).toEqual(['step.add']));
    fireEvent.click(shown.getByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(types()).toEqual(['step.add', 'undo']));
  });

  it('a reading stands on its limit bar before it is kept', async () => {
    open('spec.add');
    const shown = await say('comp 2 one hundred and eighteen psi');
    expect(await shown.findByRole('img', { name: /118 psi.*Limit: 142/ })).toBeInTheDocument();
    expect(shown.getByText(/so: Low/)).toBeInTheDocument();
    fireEvent.click(shown.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(types()).toContain('evidence.add'));
  });

  it('keeps nothing of a line with several meanings until one is chosen', async () => {
    open('spec.add');
    const shown = await say('comp 118 psi');
    expect(await shown.findByText('This can mean several things. Choose one to save it.')).toBeInTheDocument();
    key('Enter');
    expect(field()).toHaveValue('comp 118 psi');
    expect(sent).toEqual([]);
    key('ArrowDown');
    key('ArrowDown');
    key('Enter');
    await waitFor(() => expect(types()).toContain('evidence.add'));
    expect((sent.find((c) => c.type === 'evidence.add')!.payload as { position: string }).position).toBe('2');
  });

  it('completes with this bike’s own words: Tab takes the first, arrows choose another', async () => {
    open();
    const shown = await say('back ');
    expect(await shown.findByRole('button', { name: /back left cover/i })).toBeInTheDocument();
    key('Tab');
    expect((field() as HTMLInputElement).value.toLowerCase()).toMatch(/^back (left cover|bag 7) $/);
  });

  it('says what it does not understand, and Escape clears it', async () => {
    open();
    const shown = await say('flarp the gribble');
    expect(await shown.findByText(/not understood/)).toBeInTheDocument();
    key('Enter');
    expect(sent).toEqual([]);
    key('Escape');
    expect(field()).toHaveValue('');
    key('Escape');
    expect(field()).not.toHaveFocus();
  });

  it('a question mark lists what can be said; an example is taken with one tap', async () => {
    open();
    fireEvent.click(screen.getByRole('button', { name: 'Help' }));
    const shown = within(await panel());
    for (const subject of ['Trace', 'Strip and rebuild', 'Bike, owner, way back'])
      expect(await shown.findByText(subject)).toBeInTheDocument();
    fireEvent.click(shown.getByRole('button', { name: /^wait soaking bores/ }));
    expect((field() as HTMLInputElement).value).toMatch(/^wait soaking bores/);
  });

  it('the slash comes to it from anywhere, but not out of a field', async () => {
    open();
    const title = screen.getByLabelText('Part removed');
    title.focus();
    fireEvent.keyDown(title, { key: '/' });
    expect(title).toHaveFocus();
    title.blur();
    act(() => void fireEvent.keyDown(document.body, { key: '/' }));
    await waitFor(() => expect(field()).toHaveFocus());
  });

  it('goes on with a line that was begun on another screen', async () => {
    open('step.add', '?line=bag%209%20two%20m8%20nuts');
    await waitFor(() => expect(field()).toHaveValue('bag 9 two m8 nuts'));
    expect(location.search).toBe('');
  });

  it('what cannot be kept says why and stays as it was written', async () => {
    open('job.handOver');
    const shown = await say('bag 8 3x m6x16 right cover');
    fireEvent.click(await shown.findByRole('button', { name: 'Save' }));
    expect(await shown.findByRole('alert')).toHaveTextContent('handed over');
    expect(field()).toHaveValue('bag 8 3x m6x16 right cover');
    expect(sent).toEqual([]);
  });
});
