import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { id } from '../../../../test/fixtures/commands';
import { shipped } from '../../../../test/fixtures/knowledge';
import { drawJob, stagesReady } from '../../../../test/fixtures/jobScreen';
import { snapshotAfter } from '../../../../test/fixtures/snapshot';
import { HereWorker } from '../../../../test/fixtures/hereWorker';
import { FakeServer } from '../../../../test/fixtures/fakeServer';
import { after } from '../../../../test/fixtures/state';
import type { Command } from '../../../core/command';
import type { Experience } from '../../../core/state';
import { buildModel, caseOf, rank, type Ranking } from '../../../core/trace';
import { deviceFor } from '../../device/device';

// The Trace view with the real ranking; the worker's work is done in this thread, the server keeps everything.

await stagesReady('trace');

let sent: Command[];
beforeEach(() => {
  vi.stubGlobal('Worker', HereWorker);
  // The stand-in for a browser has nothing to scroll.
  Element.prototype.scrollIntoView = () => undefined;
});
let shopId = '';
afterEach(async () => {
  // Nothing of one test is still on its way when the next begins.
  await deviceFor(shopId).send();
  vi.unstubAllGlobals();
});

/** `at` is what of the server's ranking is otherwise; the device works it out anew. */
function open(type: string, experience?: Experience, at: (r: Ranking) => Partial<Ranking> = () => ({})) {
  const server = new FakeServer(after(type));
  sent = server.sent;
  const snapshot = { ...snapshotAfter(type), experience };
  shopId = snapshot.shop.id;
  const ranking = rank(buildModel(shipped, caseOf({ ...server.state, experience }, id.job)));
  drawJob(snapshot, 'trace', { ranking: { ...ranking, ...at(ranking) } });
  return ranking;
}
const suspects = () => within(screen.getByTestId('suspects'));
const settled = () => waitFor(() => expect(suspects().queryByText('working…')).toBeNull());

/** Takes another test by a part of its name, and answers it. */
async function take(name: string, answer: string) {
  const other = screen.getByRole('combobox', { name: 'Take another test' });
  act(() => other.focus());
  fireEvent.change(other, { target: { value: name } });
  await screen.findAllByRole('option');
  fireEvent.keyDown(other, { key: 'Enter' });
  fireEvent.click(await screen.findByRole('button', { name: new RegExp(`^\\d?${answer}`) }));
  await waitFor(() => expect(sent.at(-1)?.type).toBe('evidence.add'));
}

describe('trace', () => {
  it('shows complaint, suspects with their odds in words, and the one test worth doing with its reason', async () => {
    open('job.set');
    expect(screen.getByRole('heading', { name: '“Will not start”' })).toBeInTheDocument();
    const first = suspects().getAllByRole('listitem')[0];
    expect(first).toHaveTextContent(/\d+ in \d+/);
    expect(Number(first.getAttribute('data-probability'))).toBeGreaterThan(0.05);
    const card = screen.getByTestId('test-card');
    expect(card).toHaveTextContent('Worth doing next');
    expect(card).toHaveTextContent(/\d+ min/);
    await settled();
  });

  it('a school’s radio says what following it costs, and choosing one is a command', async () => {
    open('bike.set');
    const schools = within(screen.getByTestId('schools'));
    await waitFor(() => expect(schools.getAllByText(/^about \d+ ¤$/)).toHaveLength(5));
    fireEvent.click(schools.getByRole('radio', { name: /^Motor first/ }));
    await waitFor(() =>
      expect(sent.at(-1)).toMatchObject({ type: 'job.set', payload: { set: { school: 'motor-first' } }, base: { school: 0 } }),
    );
  });

  it('the reasons of an open suspect are those of what is known now: something new has them worked out again', async () => {
    open('job.set');
    await settled();
    const key = suspects().getAllByRole('listitem')[0].dataset.suspect!;
    const open1 = () => document.querySelector<HTMLElement>(`[data-suspect="${key}"]`)!;
    fireEvent.click(within(open1()).getAllByRole('button')[0]);
    await waitFor(() => expect(open1()).toHaveTextContent('At the start'));
    const before = open1().textContent;
    await take('Drain the float bowl', 'Water or dirt');
    await settled();
    const all = screen.queryByRole('button', { name: 'Show all' });
    if (all) fireEvent.click(all);
    await waitFor(() => expect(open1()).toHaveTextContent('At the start'));
    expect(open1().textContent).not.toBe(before);
  });

  it('what is half typed for another test stays when the advice changes', async () => {
    open('job.set');
    await settled();
    const heading = () => within(screen.getByTestId('test-card')).getByRole('heading', { level: 2 }).textContent;
    const before = heading();
    fireEvent.click(screen.getAllByRole('button').find((b) => b.hasAttribute('data-main'))!);
    const other = screen.getByRole('combobox', { name: 'Take another test' });
    act(() => other.focus());
    fireEvent.change(other, { target: { value: 'contacts' } });
    await waitFor(() => expect(heading()).not.toBe(before));
    expect(other).toHaveValue('contacts');
    expect(other).toHaveFocus();
  });

  it('what is half typed beside a repair stays when a test is advised instead', async () => {
    open('job.set', undefined, ({ suspects: [first] }) => ({ next: { kind: 'repair', key: first.key, why: 'It is the likeliest.' } }));
    const other = screen.getByRole('combobox', { name: 'Take another test' });
    expect(screen.getByTestId('repair-card')).toContainElement(other);
    act(() => other.focus());
    fireEvent.change(other, { target: { value: 'contacts' } });
    await settled();
    expect(screen.getByTestId('test-card')).toContainElement(other);
    expect(other).toHaveValue('contacts');
  });

  it('a test that is taken instead, and a repair on suspicion, say what they cost in all', async () => {
    const { tests } = open('job.set');
    const [dear] = tests.filter((t) => !t.gate).sort((a, b) => b.cost - a.cost);
    await settled();
    // Every test of the bike is valued, on a machine that does other things.
    const late = { timeout: 20_000 };
    const other = screen.getByRole('combobox', { name: 'Take another test' });
    act(() => other.focus());
    fireEvent.change(other, { target: { value: dear.name } });
    await waitFor(() => expect(screen.getAllByRole('option')[0]).toHaveTextContent(/\d+ more in all/), late);
    fireEvent.keyDown(other, { key: 'Enter' });
    const card = await screen.findByTestId('test-card');
    expect(card).toHaveTextContent('Your choice');
    await waitFor(() => expect(card).toHaveTextContent(/Costs about \d+ \S+ more in all than the cheapest way\./), late);
    const worst = [...document.querySelectorAll<HTMLElement>('[data-suspect]')].at(-1)!;
    fireEvent.click(within(worst).getAllByRole('button')[0]);
    fireEvent.click(await within(worst).findByRole('button', { name: /repair/i }));
    const dialog = await screen.findByRole('dialog');
    await waitFor(() => expect(dialog).toHaveTextContent(/Repairing now costs about \d+ \S+ more in all/), late);
  });

  it('an answer keeps what was shown, what was expected and whether it held', async () => {
    open('job.set');
    await settled();
    const card = within(screen.getByTestId('test-card'));
    fireEvent.change(card.getByLabelText('Your prediction'), { target: { value: 'It will be wet' } });
    const [answer] = screen.getAllByRole('button').filter((b) => b.hasAttribute('data-main'));
    fireEvent.click(answer);
    await waitFor(() => expect(sent.map((c) => c.type)).toEqual(['prediction.write', 'evidence.add']));
    const payload = sent[1].payload as {
      predictionId: string;
      held: null;
      shown: { suspects: unknown[]; next: string };
      knowledgeHash: string;
    };
    expect(payload.predictionId).toBe(sent[0].entity.id);
    expect(payload.held).toBeNull();
    expect(payload.shown.suspects.length).toBeGreaterThan(5);
    expect(payload.knowledgeHash).toBe(shipped.hash);
    expect(screen.getByTestId('ledger')).toHaveTextContent('Expected: “It will be wet”');
  });

  it('a suspect opens into its reasons and into its repair', async () => {
    open('evidence.withdraw');
    await settled();
    const [first] = suspects().getAllByRole('button', { expanded: false });
    fireEvent.click(first);
    expect(await suspects().findByText(/At the start/)).toBeInTheDocument();
    expect(within(await screen.findByTestId('theory')).getByText(/Repairing now wastes/)).toBeInTheDocument();
    fireEvent.click(suspects().getByRole('button', { name: 'Confirmed: log repair' }));
    const dialog = within(await screen.findByRole('dialog'));
    fireEvent.change(dialog.getByLabelText('Minutes'), { target: { value: 'ten' } });
    fireEvent.click(dialog.getByRole('button', { name: 'Log the repair' }));
    expect(await dialog.findByText('Whole minutes, such as 45.')).toBeInTheDocument();
    expect(sent).toEqual([]);
    fireEvent.change(dialog.getByLabelText('Minutes'), { target: { value: '10' } });
    fireEvent.click(dialog.getByRole('button', { name: 'Log the repair' }));
    await waitFor(() => expect(sent.map((c) => c.type)).toEqual(['cause.name', 'repair.log']));
    expect(screen.getByTestId('retest-card')).toHaveTextContent('Retest');
  });

  it('a retest that changed the complaint wants to know what it is now', async () => {
    open('repair.log');
    const card = within(screen.getByTestId('retest-card'));
    fireEvent.click(card.getByRole('button', { name: 'Changed' }));
    fireEvent.click(card.getByRole('button', { name: 'Save change' }));
    expect(card.getByText('Enter the complaint as it is now.')).toBeInTheDocument();
    fireEvent.change(card.getByLabelText('Complaint now'), { target: { value: 'Starts and dies' } });
    fireEvent.click(card.getByRole('button', { name: 'Save change' }));
    await waitFor(() =>
      expect(sent.at(-1)).toMatchObject({
        type: 'retest.log',
        payload: { result: 'changed', repairId: id.repair, changed: { words: 'Starts and dies' } },
      }),
    );
    expect(screen.getByRole('heading', { name: '“Starts and dies”' })).toBeInTheDocument();
  });

  it('withdrawing strikes a line and leaves it in the ledger with its reason', async () => {
    open('evidence.add');
    fireEvent.click(screen.getByRole('button', { name: /^Withdraw: Spark, points flicked apart/ }));
    await waitFor(() => expect(sent.at(-1)).toMatchObject({ type: 'evidence.withdraw', payload: { reason: 'undone' } }));
    expect(screen.getByTestId('ledger')).toHaveTextContent('withdrawn: undone');
  });

  it('a reading in the ledger stands on its limit bar, with the prediction that it held', () => {
    open('evidence.add');
    const ledger = within(screen.getByTestId('ledger'));
    expect(ledger.getByRole('img', { name: /170 psi, within limits\. Limit: 142 to 185 psi/ })).toBeInTheDocument();
    expect(screen.getByTestId('ledger')).toHaveTextContent('Expected: “Well over 140” — it held');
  });

  it('a theory is held with the job, stays in the list, and is let go of again', async () => {
    open('evidence.withdraw');
    await settled();
    fireEvent.click(suspects().getAllByRole('button', { expanded: false })[1]);
    expect(suspects().getByRole('img', { name: /^Place on the bike: / })).toBeInTheDocument();
    fireEvent.click(suspects().getByRole('button', { name: 'Pin theory' }));
    await waitFor(() => expect(sent.at(-1)).toMatchObject({ type: 'job.set', base: { pinned: expect.any(Number) } }));
    const { pinned } = (sent.at(-1)!.payload as { set: { pinned: string[] } }).set;
    expect(pinned).toHaveLength(2);
    expect(suspects().getAllByText(/your theory/)).not.toHaveLength(0);
    fireEvent.click(suspects().getByRole('button', { name: 'Unpin theory' }));
    await waitFor(() => expect(sent.at(-1)!.payload).toMatchObject({ set: { pinned: ['points-dirty'] } }));
  });

  it('the trail is followed back step by step', async () => {
    open('retest.log');
    fireEvent.click(screen.getByRole('button', { name: 'Follow the trail back' }));
    const dialog = within(await screen.findByRole('dialog'));
    expect(dialog.getByRole('status')).toHaveTextContent(/^Step 1 of \d+$/);
    expect(dialog.getByRole('button', { name: 'Step back' })).toBeDisabled();
    fireEvent.click(dialog.getByRole('button', { name: 'Step on' }));
    expect(dialog.getByRole('status')).toHaveTextContent(/^Step 2 of/);
    expect(dialog.getAllByRole('listitem')[1]).toHaveAttribute('aria-current', 'step');
    const print = vi.spyOn(window, 'print').mockImplementation(() => undefined);
    fireEvent.click(dialog.getByRole('button', { name: 'Print' }));
    expect(print).toHaveBeenCalledOnce();
  });

  it('a digit answers the test that is open, but not while something is typed', async () => {
    open('job.set');
    await settled();
    const before = sent.length;
    fireEvent.keyDown(screen.getByLabelText('Your prediction'), { key: '1' });
    fireEvent.keyDown(document.body, { key: '9' });
    expect(sent).toHaveLength(before);
    fireEvent.keyDown(document.body, { key: '1' });
    await waitFor(() => expect(sent.at(-1)?.type).toBe('evidence.add'));
  });

  it('like-coloured wires are tried pairing by pair, with a table of what is left', async () => {
    open('job.set');
    await settled();
    // It stood: nothing cranks it before it was turned by hand and its oil was seen.
    await take('Turn the engine by hand', 'Turns freely');
    await take('Look at the oil', 'Right level');
    await settled();
    const other = screen.getByRole('combobox', { name: 'Take another test' });
    // Its own buttons have no name that an answer may have.
    expect(screen.queryByRole('button', { name: /^(Open|Close|Clear)$/ })).toBeNull();
    act(() => other.focus());
    fireEvent.change(other, { target: { value: 'like-coloured' } });
    // Only what has these words in its name, the first of it ready for Enter.
    expect((await screen.findAllByRole('option')).map((o) => o.textContent)).toEqual([expect.stringMatching(/^Try like-coloured wires/)]);
    fireEvent.keyDown(other, { key: 'Enter' });
    const table = within(await screen.findByTestId('pairings'));
    expect(table.getByText(/^1 tried, 4 left/)).toBeInTheDocument();
    fireEvent.click(table.getByRole('button', { name: 'Pairing 1–2 2–1 3–3: left' }));
    await waitFor(() =>
      expect(sent.at(-1)).toMatchObject({ type: 'job.set', payload: { set: { pairings: ['pair-wires:1-3-2', 'pair-wires:2-1-3'] } } }),
    );
    expect(table.getByText(/^2 tried, 3 left/)).toBeInTheDocument();
    fireEvent.click(table.getByRole('button', { name: '2' }));
    expect(table.getByText(/^0 tried, 1 left/)).toBeInTheDocument();
  });

  it('two complaints are said to belong together or not', async () => {
    open('complaint.set');
    await settled();
    expect(screen.getByTestId('tie')).toHaveTextContent(
      /^“Will not start” and “It also leaks”\. (Joined|Kept apart|One cause or two).*one cause for both: /,
    );
  });

  it('what the shop has closed before counts, says so, and is left out with one tap', async () => {
    open('bike.set', { causes: 7, found: { 'points-dirty': 3 } });
    await settled();
    const chance = () =>
      Number(
        suspects()
          .getAllByRole('listitem')
          .find((li) => li.dataset.suspect === 'points-dirty')!.dataset.probability,
      );
    const counted = chance();
    expect(
      suspects().getByText(/^The 7 causes this workshop has closed count as well; the trade’s values weigh as 200\./),
    ).toBeInTheDocument();
    fireEvent.click(suspects().getByRole('button', { name: 'Leave them out' }));
    await waitFor(() => expect(sent.at(-1)).toMatchObject({ type: 'job.set', payload: { set: { counts: 'no' } } }));
    await waitFor(() => expect(chance()).toBeLessThan(counted));
    fireEvent.click(suspects().getByRole('button', { name: 'Count them' }));
    await waitFor(() => expect(chance()).toBe(counted));
  });
});
