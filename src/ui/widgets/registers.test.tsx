import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { FakeServer } from '../../../test/fixtures/fakeServer';
import { id } from '../../../test/fixtures/commands';
import { drawJob, stagesReady } from '../../../test/fixtures/jobScreen';
import { snapshotAfter } from '../../../test/fixtures/snapshot';
import { after, run } from '../../../test/fixtures/state';
import { makeCommand, type Command } from '../../core/command';
import type { StageId } from '../../core/stage';
import { deviceFor } from '../device/device';

// What is written down beside the work: waits, provisional repairs, errata; the log; and entries that need a person.

await stagesReady('book-in', 'handover', 'measure', 'parts');

let sent: Command[];
let server: FakeServer;
let shopId = '';
afterEach(async () => {
  await deviceFor(shopId).send();
  vi.unstubAllGlobals();
});
function open(stage: StageId, type: string) {
  server = new FakeServer(after(type));
  sent = server.sent;
  const snapshot = snapshotAfter(type);
  shopId = snapshot.shop.id;
  drawJob(snapshot, stage);
}
type Scope = Pick<ReturnType<typeof within>, 'getByRole' | 'getByLabelText'>;
const press = (name: string | RegExp, scope: Scope = screen) => fireEvent.click(scope.getByRole('button', { name }));
const write = (label: string | RegExp, value: string, scope: Scope = screen) =>
  fireEvent.change(scope.getByLabelText(label), { target: { value } });
/** Into the field of a date, which is fetched when it is drawn. */
async function writeDate(label: string, value: string, scope: Pick<ReturnType<typeof within>, 'findByRole'>) {
  const group = await scope.findByRole('group', { name: label }, { timeout: 30_000 });
  fireEvent.change(group.querySelector('input')!, { target: { value } });
}
const last = async (type: string) => {
  await waitFor(() => expect(sent.at(-1)?.type).toBe(type));
  return sent.at(-1)!.payload as Record<string, unknown>;
};

describe('waits', () => {
  it('want a what and a time, and stand on every screen of the job until they are over', async () => {
    open('parts', 'part.add');
    press('Put on hold');
    const dialog = within(await screen.findByRole('dialog'));
    press('Put on hold', dialog);
    expect(dialog.getByText('Enter what it waits for.')).toBeInTheDocument();
    expect(await dialog.findByText('Enter when to check again, or until when.', {}, { timeout: 30_000 })).toBeInTheDocument();
    press('Curing', dialog);
    write('Waiting for', 'Sealant', dialog);
    expect(dialog.getByText(/Use the time on the sealant’s own sheet/)).toBeInTheDocument();
    await writeDate('Until', '4 May 2031, 09:30', dialog);
    press('Put on hold', dialog);
    const payload = await last('wait.start');
    expect(payload).toMatchObject({ jobId: id.job, kind: 'curing', what: 'Sealant', lookAgain: null });
    expect(new Date(payload.until as string).getTime()).toBe(new Date('2031-05-04T09:30').getTime());
    await waitFor(() => expect(screen.getByText(/Curing: Sealant\./)).toBeInTheDocument());
    press('Snooze: Sealant');
    fireEvent.click(screen.getByRole('menuitem', { name: 'Check again in four hours' }));
    const later = await last('wait.set');
    const hours = (Date.parse((later.set as { lookAgain: string }).lookAgain) - Date.now()) / 3_600_000;
    expect(hours).toBeGreaterThan(3.9);
    expect(hours).toBeLessThanOrEqual(4);
    press('Done: Sealant');
    await last('wait.end');
    await waitFor(() => expect(screen.queryByText(/Curing: Sealant/)).toBeNull());
  });
});

describe('provisional repairs', () => {
  it('want what and why, say how far it may go, and are made good', async () => {
    open('handover', 'part.add');
    const register = within(screen.getByTestId('provisional'));
    expect(register.getByText(/No temporary repairs\./)).toBeInTheDocument();
    press('Save temporary repair', register);
    expect(register.getByText('Enter the temporary repair.')).toBeInTheDocument();
    expect(register.getByText('Enter the reason.')).toBeInTheDocument();
    write('Temporary repair', 'Wire on the peg', register);
    write('Reason', 'peg bent', register);
    await writeDate('Latest date', '1 Jun 2031', register);
    fireEvent.click(register.getByLabelText('may be ridden'));
    press('Save temporary repair', register);
    expect(await last('provisional.add')).toEqual({
      jobId: id.job,
      what: 'Wire on the peg',
      why: 'peg bent',
      until: null,
      untilOn: '2031-06-01',
      mayRun: true,
      mayRide: true,
      mayLeave: false,
    });
    expect(register.getByLabelText('Temporary repair')).toHaveValue('');
    expect(register.getByText(/may run, may be ridden, may not leave/)).toBeInTheDocument();
    press('Fixed properly: Wire on the peg', register);
    await last('provisional.end');
  });
});

describe('errata', () => {
  it('want what it says, what is right, and how that is known', async () => {
    open('measure', 'bike.set');
    const errata = within(screen.getByTestId('errata'));
    press('Add correction', errata);
    press('Save correction', errata);
    for (const words of [
      'Enter what the manual says.',
      'Enter the correct value.',
      'Enter the evidence: a later edition, a bulletin, a measurement.',
    ])
      expect(errata.getByText(words)).toBeInTheDocument();
    write('Manual says', '8 N·m', errata);
    write('Correct value', '18 N·m', errata);
    write('Evidence', 'later edition', errata);
    press('Save correction', errata);
    expect(await last('erratum.add')).toMatchObject({ bikeId: id.bike, says: '8 N·m', right: '18 N·m', page: null });
    expect(errata.getByText('18 N·m')).toBeInTheDocument();
    press('Add correction', errata);
    press('Back', errata);
    expect(errata.getByRole('button', { name: 'Add correction' })).toBeInTheDocument();
  });
});

describe('the log', () => {
  it('lists everything, newest first; each can be taken back and put back', async () => {
    open('parts', 'part.add');
    press('Log of this job');
    const log = within(await screen.findByRole('dialog', { name: 'Log of this job' }));
    const rows = () => log.getAllByRole('listitem').map((l) => l.textContent);
    expect(rows()[0]).toContain('Condenser');
    expect(log.getByRole('link', { name: 'Export' })).toHaveAttribute('href', `/api/jobs/${id.job}/export?zip`);
    fireEvent.click(log.getByRole('button', { name: 'Undo: Part needed: Condenser' }));
    await last('undo');
    await waitFor(() => expect(rows()[1]).toContain('undone'));
    press('Redo', log);
    await last('redo');
    await waitFor(() => expect(rows().filter((r) => r!.includes('Part needed: Condenser') && r!.includes('undone'))).toEqual([]));
    // a signature or a consent is superseded, never undone
    expect(log.queryByRole('button', { name: /Undo: .*Agreed/ })).toBeNull();
  });
});

describe('an entry that needs a person', () => {
  /** Someone else set the year before this screen did. */
  async function quarrel() {
    open('book-in', 'bike.bookIn');
    server.state = run(
      server.state,
      makeCommand({
        id: crypto.randomUUID(),
        type: 'bike.set',
        kind: 'bike',
        entityId: id.bike,
        madeAt: '2030-01-01T09:00:00.000Z',
        after: null,
        payload: { set: { year: 1968 } },
        base: { year: 0 },
      }),
    );
    const year = screen.getByLabelText('Year');
    fireEvent.change(year, { target: { value: '1970' } });
    fireEvent.blur(year);
    expect(await screen.findByText('One of your entries needs a decision.')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Look' }));
    return within(await screen.findByTestId('conflict-case'));
  }

  it('shows both values; one tap keeps theirs', async () => {
    const conflicts = await quarrel();
    expect(conflicts.getByText(/it now says “1968”; you wrote “1970”\./)).toBeInTheDocument();
    press('Keep “1968”', conflicts);
    expect(await last('tray.decide')).toMatchObject({
      choice: 'theirs',
      set: {},
      theirs: { year: 1968 },
      yours: { year: 1970 },
      refusedType: 'bike.set',
    });
    await waitFor(() => expect(screen.queryByText('One of your entries needs a decision.')).toBeNull());
    expect(server.state.rows.bike.get(id.bike)!.year).toBe(1968);
  });

  it('or takes what was written here, once what stands there is known', async () => {
    const conflicts = await quarrel();
    // the screen hears of the other's entry, as it would by the stream
    const entry = server.state.journal.at(-1)!;
    act(() => deviceFor(shopId).bus.tell({ kind: 'entries', entries: [{ ...entry, seq: entry.seq!, bikeId: id.bike, personal: [] }] }));
    press('Use “1970”', conflicts);
    expect(await last('tray.decide')).toMatchObject({ choice: 'mine', set: { year: 1970 } });
    await waitFor(() => expect(server.state.rows.bike.get(id.bike)!.year).toBe(1970));
  });
});
