import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { id } from '../../../../test/fixtures/commands';
import { FakeServer } from '../../../../test/fixtures/fakeServer';
import { drawJob, stagesReady } from '../../../../test/fixtures/jobScreen';
import { snapshotAfter } from '../../../../test/fixtures/snapshot';
import { after } from '../../../../test/fixtures/state';
import type { Command } from '../../../core/command';
import type { Reading } from '../../../core/state';
import { deviceFor } from '../../device/device';
import { panels } from '../../../core/measure/panels';

await stagesReady('measure');

let sent: Command[];
let shopId = '';

/** Measure with a panel open, on the script's twin as it stands after the last command of a type. */
function open(panel: string | null, type = 'bike.set', patch: Partial<ReturnType<typeof snapshotAfter>> = {}) {
  sent = new FakeServer(after(type)).sent;
  const snapshot = { ...snapshotAfter(type), ...patch };
  shopId = snapshot.shop.id;
  return drawJob(snapshot, 'measure', { panel });
}
const field = (fieldId: string) => document.querySelector<HTMLInputElement>(`[data-field="${fieldId}"]`)!;
const type = (figures: Record<string, string>) => {
  for (const [fieldId, value] of Object.entries(figures)) fireEvent.change(field(fieldId), { target: { value } });
};
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));
const pull = (name: string | RegExp, option: string) => {
  fireEvent.mouseDown(screen.getByRole('combobox', { name }));
  fireEvent.click(within(screen.getByRole('listbox')).getByRole('option', { name: option }));
};
const types = () => sent.map((c) => c.type);
const payloads = (type: string) => sent.filter((c) => c.type === type).map((c) => c.payload as Record<string, never>);
const kept = async (count: number) => {
  press('Save');
  await waitFor(() => expect(sent).toHaveLength(count));
};

beforeEach(() => localStorage.clear());
afterEach(async () => {
  await deviceFor(shopId).send();
  vi.unstubAllGlobals();
});

describe('the rack', () => {
  it('leads to a panel and back without another page', async () => {
    open(null);
    fireEvent.click(within(screen.getByTestId('rack')).getByRole('link', { name: 'Compression' }));
    expect(location.search).toBe('?panel=compression');
    expect(await screen.findByTestId('panel')).toHaveTextContent('First stroke and peak');
    press('Panels');
    expect(screen.getByTestId('rack')).toBeInTheDocument();
    expect(location.search).toBe('');
  });
  it('shows the panels that this bike has a use for, the others on request', () => {
    open(null);
    const rack = within(screen.getByTestId('rack'));
    expect(rack.getByRole('link', { name: 'Clearances, shims' })).toBeInTheDocument();
    expect(rack.queryByRole('link', { name: 'Two-stroke mix' })).toBeNull();
    press(/more, for other kinds of engine/);
    expect(rack.getAllByRole('link')).toHaveLength(panels.length);
    press('Only those for this bike');
    expect(rack.getAllByRole('link').length).toBeLessThan(panels.length);
  });
  it('a panel that does not exist is the rack', () => {
    open('no-such-panel');
    expect(screen.getByTestId('rack')).toBeInTheDocument();
  });
});

describe('a panel', () => {
  it('judges as one types, and Enter goes down the column', () => {
    open('compression');
    expect(screen.getByTestId('verdict')).toHaveTextContent('Nothing to work out yet');
    type({ 'dry#1': '90', 'dry#2': '165' });
    expect(screen.getByTestId('verdict')).toHaveTextContent('Cylinder 1 is low');
    field('dry#1').focus();
    fireEvent.keyDown(field('dry#1'), { key: 'Enter' });
    expect(field('dry#2')).toHaveFocus();
    fireEvent.keyDown(field('dry#2'), { key: 'Enter' });
    expect(field('first#1')).toHaveFocus();
  });

  it('says what is wrong at the field, with what was meant on a button, and keeps nothing then', () => {
    open('compression');
    press('Save');
    expect(screen.getByText('Enter a reading first.')).toBeInTheDocument();
    type({ 'dry#1': '11,5 bar' });
    press('Save');
    expect(screen.getByText('One value cannot be read: it is marked above.')).toBeInTheDocument();
    type({ 'dry#2': 'x' });
    press('Save');
    expect(screen.getByText('2 values cannot be read: they are marked above.')).toBeInTheDocument();
    press('11.5 bar');
    expect(field('dry#1')).toHaveValue('11.5 bar');
    expect(sent).toEqual([]);
  });

  it('what stands typed is there again when it is opened again, until it was kept', async () => {
    const { unmount } = open('compression');
    type({ 'dry#1': '150' });
    unmount();
    open('compression');
    await waitFor(() => expect(field('dry#1')).toHaveValue('150'));
    await kept(1);
    expect(field('dry#1')).toHaveValue('');
    expect(localStorage.length === 0 || !Object.keys(localStorage).some((k) => k.startsWith('ivrek-panel:'))).toBe(true);
  });

  it('a draft that was damaged on the device is no draft', () => {
    localStorage.setItem(`ivrek-panel:${id.job}:compression`, '{"text":5');
    open('compression');
    expect(field('dry#1')).toHaveValue('');
  });
});

describe('what is kept', () => {
  it('a reading that a test of the tracer asks for is evidence with its reading and its circumstances', async () => {
    open('compression');
    type({ 'dry#1': '90', 'wet#1': '135' });
    pull('Engine', 'warm');
    pull('Turned by', 'the starter');
    await kept(3);
    expect(payloads('evidence.add')).toMatchObject([
      {
        testId: 'compression',
        position: '1',
        outcome: 'low',
        conditions: { temperature: 'warm' },
        reading: { quantity: 'compression', entered: '90 psi' },
      },
      { testId: 'wet-test', position: '1', outcome: 'rises', reading: { quantity: 'compression-wet', entered: '135 psi' } },
    ]);
    expect(screen.getByText(/Saved: 2 readings, 2 results for the tracer/)).toBeInTheDocument();
    // What turned it is no reading: it stands in the record with the verdict.
    expect(payloads('finding.add')[0].seen).toMatch(/\(Turned by: the starter\)$/);
  });

  it('one press takes back all that was kept, and what was typed stands there again', async () => {
    open('compression');
    type({ 'dry#1': '90', 'wet#1': '135', 'limit-compression-low': '120' });
    await kept(3);
    press('Undo');
    expect(screen.getByText(/Undone\. Your entries/)).toBeInTheDocument();
    expect(field('dry#1')).toHaveValue('90');
    expect(field('wet#1')).toHaveValue('135');
    await waitFor(() => expect(types().slice(3)).toEqual(['undo', 'undo', 'undo']));
    const targets = payloads('undo').map((p) => p.targetId as string);
    expect(targets).toEqual(
      sent
        .slice(0, 3)
        .map((c) => c.id)
        .reverse(),
    );
    expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull();
  });

  it('what was taken back in the bar is not taken back twice on the panel', async () => {
    open('crank');
    type({ 'run-out': '0.02', pin: '0.01' });
    await kept(2);
    press(/^Undo: /);
    press('Undo');
    expect(screen.getByText(/Undone\. Your entries/)).toBeInTheDocument();
    await waitFor(() => expect(types().slice(2)).toEqual(['undo', 'undo']));
    expect(new Set(payloads('undo').map((p) => p.targetId as string))).toEqual(new Set(sent.slice(0, 2).map((c) => c.id)));
  });

  it('what was typed about the circumstances goes along with every figure', async () => {
    open('crank');
    type({ 'run-out': '0.02', air: '17.5' });
    fireEvent.change(screen.getByLabelText('What else may have mattered'), { target: { value: 'in the lathe' } });
    await kept(1);
    expect(payloads('reading.add')[0].conditions).toEqual({ air: 290.65, note: 'in the lathe' });
    expect(screen.getByText(/1 reading, the last 0.02 mm on .*, air 18 °C, in the lathe/)).toBeInTheDocument();
  });

  it('a figure that came from an instrument says so; typed over it is no figure of the instrument', async () => {
    localStorage.setItem(
      `ivrek-panel:${id.job}:crank`,
      JSON.stringify({
        text: { 'run-out': '0.02', pin: '0.01' },
        unit: {},
        by: { 'run-out': 'Dial indicator', pin: 'Dial indicator' },
      }),
    );
    open('crank');
    await waitFor(() => expect(field('pin')).toHaveValue('0.01'));
    type({ pin: '0.02' });
    await kept(2);
    const by = payloads('reading.add').map(({ reading }) => [(reading as Reading).quantity, (reading as Reading).instrument]);
    expect(by).toContainEqual(['crank-run-out', 'Dial indicator']);
    expect(by.filter(([, instrument]) => instrument === null)).toHaveLength(1);
  });

  it('what a simulated instrument reads is practice and is not kept; typed over it is a reading', async () => {
    const by = 'Dial indicator, simulated';
    localStorage.setItem(`ivrek-panel:${id.job}:crank`, JSON.stringify({ text: { 'run-out': '0.02' }, unit: {}, by: { 'run-out': by } }));
    open('crank');
    expect(await screen.findByTestId('practice')).toHaveTextContent('these values are of no bike');
    fireEvent.click(screen.getByRole('button', { name: 'Save' }));
    expect(screen.getByRole('alert')).toHaveTextContent('Practice readings are not saved');
    expect(sent).toEqual([]);
    type({ 'run-out': '0.03' });
    expect(screen.queryByTestId('practice')).toBeNull();
    await kept(1);
  });

  it('where the cranking spoils it, it is a reading and speaks to nobody', async () => {
    open('compression');
    type({ 'dry#1': '90' });
    pull('Throttle', 'shut');
    await kept(2);
    expect(types()).toEqual(['reading.add', 'finding.add']);
    expect(payloads('finding.add')[0].seen).toMatch(/\(Throttle: shut\)$/);
  });

  it('rings, directions and bolts keep their place: none is taken for a cylinder', async () => {
    open('rings');
    type({ 'top#2': '0.25', 'second#2': '0.30' });
    await kept(2);
    expect(payloads('reading.add').map((p) => p.position)).toEqual(['2 top ring', '2 second ring']);
    fireEvent.click(screen.getByRole('button', { name: 'Panels' }));
    expect(screen.getByTestId('readings')).toHaveTextContent('Cylinder 2, top ring');
    expect(screen.getByTestId('readings')).not.toHaveTextContent('Spread');
  });

  it('a feeler gauge leaves two bounds, and they are kept as such', async () => {
    open('valves-screws');
    type({ 'found#in-1': '0.08-0.10' });
    await kept(1);
    expect(payloads('reading.add')[0]).toMatchObject({
      position: 'in 1',
      reading: {
        quantity: 'valve-clearance-inlet',
        value: { kind: 'interval', low: expect.closeTo(8e-5, 9) as number },
        entered: '0.08-0.10 mm',
      },
    });
  });

  it('a verdict that is still open loses nothing of what was typed', async () => {
    open('valves-shims');
    type({ 'found#in-1': '0.09', 'shim#in-1': '2.50' });
    expect(screen.getByTestId('verdict')).toHaveTextContent('Enter the band of the manual');
    await kept(2);
    expect(payloads('finding.add')[0]).toMatchObject({
      verdict: 'watch',
      seen: expect.stringContaining('Shim in it, In 1: 2.50 mm') as string,
    });
  });

  it('what is only worked out is a line of the record, with the figures it came from', async () => {
    open('mix');
    type({ fuel: '5', ratio: '25' });
    press('Save');
    // The maker's ratio is open: nothing is settled yet.
    expect(screen.getByText('Nothing to save yet.')).toBeInTheDocument();
    type({ makers: '25' });
    await kept(1);
    expect(payloads('finding.add')[0]).toMatchObject({
      item: 'Two-stroke mix',
      verdict: 'fit for use',
      seen: expect.stringMatching(/^200 ml.*Fuel: 5 l; Ratio: 25/) as string,
    });
  });
});

describe('what is worked out and seen beside the gauge', () => {
  it('is a reading of its own, has its history, and what no reading holds stands in words', async () => {
    open('chain');
    pull('Number', '520');
    pull('They look', 'hooked');
    type({ spaces: '20', length: '325' });
    await kept(3);
    expect(payloads('reading.add')[0]).toMatchObject({
      reading: {
        quantity: 'chain-wear',
        value: { kind: 'exact', value: expect.closeTo(0.0236, 3) as number },
        entered: '2.4 %, worked out',
      },
    });
    expect(payloads('evidence.add')[0]).toMatchObject({ testId: 'sprocket-look', outcome: 'bad' });
    expect(payloads('finding.add')[0]).toMatchObject({
      item: 'Chain and sprockets',
      verdict: 'watch',
      seen: expect.stringMatching(/Number: 520; Over so many spaces: 20; Length: 325 mm; They look: hooked/) as string,
    });
    expect(await screen.findByRole('heading', { name: 'What it said before' })).toBeInTheDocument();
    expect(screen.getByRole('heading', { name: 'Wear of the chain' })).toBeInTheDocument();
  });

  it('air lost is kept cylinder by cylinder', async () => {
    open('leak-down');
    type({ supply: '100', 'held#1': '94', 'held#2': '70' });
    press('Save');
    await waitFor(() => expect(payloads('reading.add')).toHaveLength(2));
    expect(payloads('reading.add').map((p) => p.position)).toEqual(['1', '2']);
  });
});

describe('a limit that the sheet lacks', () => {
  it('is asked for on the panel, holds at once, is kept, and is not asked again', async () => {
    open('compression');
    const least = 'limit-compression-low';
    type({ 'dry#1': '105', 'dry#2': '108', [least]: '125' });
    expect(screen.getByTestId('verdict')).toHaveTextContent(/low|below|under/i);
    fireEvent.change(screen.getByLabelText('Manual page'), { target: { value: 'page 61' } });
    press('Save');
    await waitFor(() => expect(types()).toContain('spec.add'));
    expect(payloads('spec.add')[0]).toMatchObject({ quantity: 'compression', source: 'page 61', origin: 'book' });
    await waitFor(() => expect(field(least)).toBeNull());
  });
});

describe('figures of the manual on a panel', () => {
  it('go to the specification with their page, and are not asked again', async () => {
    open('crank');
    type({ 'run-out': '0.02', 'run-out-most': '0.05' });
    fireEvent.change(screen.getByLabelText('Manual page'), { target: { value: 'book, page 40' } });
    await kept(2);
    expect(payloads('spec.add')[0]).toMatchObject({
      quantity: 'crank-run-out',
      low: null,
      high: expect.closeTo(5e-5, 9) as number,
      source: 'book, page 40',
      origin: 'book',
    });
    type({ 'run-out': '0.09' });
    expect(screen.getByTestId('verdict')).toHaveTextContent('Over: crank run-out');
  });

  it('change the side that was typed; the other side and the service limits stay', async () => {
    open(null);
    const sheet = within(screen.getByTestId('sheet'));
    fireEvent.mouseDown(sheet.getByRole('combobox', { name: /Limit of/ }));
    fireEvent.click(screen.getByRole('option', { name: 'Ring gap in the bore' }));
    for (const [label, value] of [
      ['From', '0.15'],
      ['To', '0.35'],
      ['Service limit, max', '0.8'],
      ['Manual page', 'page 3'],
    ] as const)
      fireEvent.change(sheet.getByLabelText(label), { target: { value } });
    press('Enter the limit');
    await waitFor(() => expect(types()).toContain('spec.add'));
    fireEvent.click(within(screen.getByTestId('rack')).getByRole('link', { name: 'Ring gaps' }));
    type({ 'top#1': '0.2', high: '0.40' });
    press('Save');
    await waitFor(() => expect(types()).toContain('spec.set'));
    expect(payloads('spec.set')[0]).toMatchObject({
      set: {
        low: expect.closeTo(1.5e-4, 9) as number,
        high: expect.closeTo(4e-4, 9) as number,
        serviceHigh: expect.closeTo(8e-4, 9) as number,
      },
    });
  });

  it('that cannot be are said, and nothing at all is kept', () => {
    open('rings');
    type({ 'top#1': '0.2', low: '0.5', high: '0.3' });
    press('Save');
    expect(screen.getByText(/ring gap in the bore cannot be: from is over to/)).toBeInTheDocument();
    expect(sent).toEqual([]);
  });

  it('an owner’s own setting is kept as that', async () => {
    open('forks');
    type({ 'gap#l': '140', wanted: '140' });
    pull('It is', 'the owner’s own');
    await kept(2);
    expect(payloads('spec.add')[0]).toMatchObject({ quantity: 'fork-air-gap', origin: 'owner' });
  });
});

describe('the history', () => {
  const earlier = (n: number, bar: number): Reading => ({
    id: crypto.randomUUID(),
    versions: {},
    jobId: crypto.randomUUID(),
    bikeId: id.bike,
    quantity: 'compression',
    position: '1',
    value: { kind: 'exact', value: bar * 1e5 },
    unit: 'bar',
    entered: `${bar} bar`,
    instrument: null,
    conditions: {},
    takenAt: `202${n}-05-01T10:00:00.000Z`,
  });
  it('holds readings of the bike’s other jobs against new ones', async () => {
    open('compression', 'bike.set', { earlier: [earlier(4, 11), earlier(5, 10.4)] });
    expect(await screen.findByRole('heading', { name: 'Earlier on this bike' })).toBeInTheDocument();
    expect(screen.getByText(/2 readings, the last 151 psi on 1 May 2025/)).toBeInTheDocument();
  });
  it('is not there where there is none', () => {
    open('compression');
    expect(screen.queryByRole('heading', { name: 'Earlier on this bike' })).toBeNull();
  });
});

describe('the specification sheet', () => {
  const upload = (label: string, text: string) => {
    const file = new File([text], 'limits.csv', { type: 'text/csv' });
    Object.defineProperty(file, 'text', { value: () => Promise.resolve(text) });
    fireEvent.change(screen.getByLabelText(label), { target: { files: [file] } });
  };
  it('takes a whole file, or nothing and says which lines are wrong', async () => {
    open(null);
    upload('Import limits from a file', 'quantity,low,high,unit,source\nring-gap,0.15,0.35,mm,p. 3\nnonsense,1,2,mm,p. 4\n');
    expect(await screen.findByText('Nothing was imported from limits.csv.')).toBeInTheDocument();
    expect(screen.getByText(/Line 2: "nonsense"/)).toBeInTheDocument();
    expect(sent).toEqual([]);
    upload('Import limits from a file', 'quantity,low,high,unit,source\nring-gap,0.15,0.35,mm,p. 3\nchain-slack,20,30,mm,p. 9\n');
    await waitFor(() => expect(types()).toEqual(['spec.add', 'spec.add']));
    expect(screen.getByText('2 limits imported from limits.csv.')).toBeInTheDocument();
  });

  it('names what is still to be looked up, and begins it with a tap', () => {
    open(null);
    const sheet = within(screen.getByTestId('sheet'));
    expect(sheet.getByText(/To look up for/)).toBeInTheDocument();
    press(/\d+ more$/);
    fireEvent.click(sheet.getByRole('button', { name: 'Crank run-out' }));
    expect(sheet.getByRole('button', { name: 'Enter the limit' })).toBeEnabled();
    press('Enter the limit');
    expect(sheet.getByText('Enter the source.')).toBeInTheDocument();
    expect(sheet.getByText('Enter at least one value.')).toBeInTheDocument();
  });

  it('says who entered a limit and when, and where the manual is wrong about it', async () => {
    open(null);
    const sheet = within(screen.getByTestId('sheet'));
    press(/\d+ more$/);
    fireEvent.click(sheet.getByRole('button', { name: 'Crank run-out' }));
    for (const [label, value] of [
      ['To', '0.05'],
      ['Manual page', 'page 40'],
    ] as const)
      fireEvent.change(sheet.getByLabelText(label), { target: { value } });
    press('Enter the limit');
    await waitFor(() => expect(types()).toContain('spec.add'));
    expect(sheet.getByText(/page 40 · entered/)).toBeInTheDocument();
    const errata = within(screen.getByTestId('errata'));
    fireEvent.click(errata.getByRole('button', { name: 'Add correction' }));
    pull(/Limit concerned/, 'Crank run-out');
    for (const [label, value] of [
      ['Manual says', '0.5'],
      ['Correct value', '0.05'],
      ['Evidence', 'later edition'],
    ] as const)
      fireEvent.change(errata.getByLabelText(label), { target: { value } });
    fireEvent.click(errata.getByRole('button', { name: 'Save correction' }));
    await waitFor(() => expect(payloads('erratum.add')[0]).toMatchObject({ quantity: 'crank-run-out' }));
    expect(sheet.getByText(/Manual corrections: it says/)).toHaveTextContent('it says 0.5, right is 0.05 (later edition)');
  });

  it('says so where the server cannot tell of other bikes', async () => {
    open(null);
    press('Copy from another bike');
    expect(await screen.findByText(/The server does not answer/)).toBeInTheDocument();
  });
});
