import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { id } from '../../../test/fixtures/commands';
import { drawJob, stagesReady } from '../../../test/fixtures/jobScreen';
import { snapshotAfter } from '../../../test/fixtures/snapshot';
import { FakeServer } from '../../../test/fixtures/fakeServer';
import { after } from '../../../test/fixtures/state';
import type { Command } from '../../core/command';
import type { JobSnapshot } from '../../core/state';
import type { StageId } from '../../core/stage';
import { shipped } from '../../../test/fixtures/knowledge';
import { drawn } from '../widgets/wear/WearDrawing';
import { deviceFor } from '../device/device';

// Each stage with a job of the script on it: what it shows, and which command an act sends. The server keeps everything.

await stagesReady('book-in', 'decide', 'handover', 'look', 'measure', 'parts', 'rebuild', 'start', 'strip', 'tune');

let sent: Command[];
let seen = 0;
let shopId = '';
afterEach(async () => {
  // Nothing of one test is still on its way when the next begins.
  await deviceFor(shopId).send();
  vi.unstubAllGlobals();
});

/** A view on the script's job as it stands after the last command of a type. */
function open(stage: StageId, type: string, patch: Partial<JobSnapshot> = {}) {
  const server = new FakeServer(after(type));
  sent = server.sent;
  seen = 0;
  const snapshot = { ...snapshotAfter(type), ...patch };
  shopId = snapshot.shop.id;
  drawJob(snapshot, stage);
}

const press = (name: string | RegExp, scope: ReturnType<typeof within> = screen) => fireEvent.click(scope.getByRole('button', { name }));
const choose = (name: string, option: string) => {
  fireEvent.mouseDown(screen.getByRole('combobox', { name }));
  fireEvent.click(screen.getByRole('option', { name: option }));
};
const write = (label: string | RegExp, value: string, scope: ReturnType<typeof within> = screen) =>
  fireEvent.change(scope.getByLabelText(label), { target: { value } });
/** The next command that was sent, with everything that came before it in the same act. */
const last = async (type: string) => {
  await waitFor(() => {
    expect(sent.length).toBeGreaterThan(seen);
    expect(sent.at(-1)?.type).toBe(type);
  });
  seen = sent.length;
  return sent.at(-1)!.payload as Record<string, unknown>;
};

describe('strip', () => {
  it('teaches while nothing is off', () => {
    open('strip', 'bike.set');
    expect(screen.getByTestId('steps')).toHaveTextContent('Clean, photograph and drain first');
    expect(screen.getByTestId('findings')).toHaveTextContent('No finding yet');
  });

  it('reads fasteners as they are spoken, shows what it understood, and numbers the bag', async () => {
    open('strip', 'step.add');
    write('Part removed', 'Right cover');
    write('Fasteners', '3x M6x25 rim, 1 dowel');
    expect(screen.getByText('Understood: 3 × M6x25 (rim), 1 × dowel')).toBeInTheDocument();
    expect(screen.getByLabelText('Bag')).toHaveValue('8');
    press('Add step');
    const payload = await last('step.add');
    expect(payload).toMatchObject({ title: 'Right cover', bag: '8', access: null });
    expect(payload.fasteners).toMatchObject([
      { size: 'M6x25', count: 3, place: 'rim' },
      { size: 'dowel', count: 1, place: null },
    ]);
    expect(screen.getByLabelText('Part removed')).toHaveValue('');
  });

  it('says when a bag is in use', () => {
    open('strip', 'step.add');
    write('Bag', '7');
    expect(screen.getByText('in use')).toBeInTheDocument();
  });

  it('a finding wants part, what is seen and a verdict', () => {
    open('strip', 'step.add');
    press('Add finding');
    expect(screen.getByText('Which part?')).toBeInTheDocument();
    expect(screen.getByText('Enter the condition.')).toBeInTheDocument();
    expect(screen.getByText(/Choose a verdict/)).toBeInTheDocument();
    expect(sent).toEqual([]);
  });

  it('a word of wear fills in the rest, tells the tracer, and puts what is replaced on the list of parts', async () => {
    open('strip', 'step.add');
    write('Part', 'Flywheel key');
    press('cut');
    expect(screen.getByLabelText('Condition')).toHaveValue('cut');
    expect(screen.getByText('Evidence on: Flywheel key sheared')).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'replace' })).toHaveAttribute('aria-pressed', 'true');
    press('Add finding');
    await last('part.add');
    // The key, and what goes back new with it.
    const bought = sent.filter((c) => c.type === 'part.add').map((c) => c.payload as { name: string; findingId: string });
    expect(bought.map((p) => p.name)).toEqual(['Flywheel key', 'Generator cover gasket']);
    const found = sent.find((c) => c.type === 'finding.add')!;
    expect(found.payload).toMatchObject({ seen: 'cut', wear: 'cut', verdict: 'replace', faultId: 'flywheel-key', past: null });
    for (const p of bought) expect(p.findingId).toBe(found.entity.id);
    expect(screen.getByLabelText('Part')).toHaveValue('');
  });

  it('another suspect brings its own place, not that of the part', async () => {
    open('strip', 'step.add');
    write('Part', 'Piston 1');
    press('scored');
    expect(screen.getByText(/^Evidence on: Bore scored/)).toBeInTheDocument();
    press('Another suspect');
    choose('Evidence on', 'Flywheel key sheared');
    press('Add finding');
    expect(await last('finding.add')).toMatchObject({ faultId: 'flywheel-key', position: null });
  });

  it('what stays as it is keeps its own verdict and work', async () => {
    open('strip', 'step.add');
    write('Part', 'Fuel tank');
    press('More', within(screen.getByRole('group', { name: 'How it is worn' })));
    press('corroded');
    fireEvent.click(screen.getByRole('checkbox', { name: /parts to clean/ }));
    press('Add finding');
    expect(await last('finding.add')).toMatchObject({ verdict: 'clean', faultId: 'tank-rust' });
  });

  it('a sign of the last hand says where it worked, for the tracer', async () => {
    open('strip', 'step.add');
    write('Part', 'Clutch cover');
    choose('Shows of the past', 'Sealant where a gasket belongs');
    press('Add finding');
    expect(screen.getByText('Choose where it worked.')).toBeInTheDocument();
    expect(sent).toEqual([]);
    choose('The last hand worked on', 'Clutch');
    press('Add finding');
    expect(await last('job.set')).toMatchObject({ set: { lastTouched: expect.arrayContaining(['clutch']) } });
    expect(sent.find((c) => c.type === 'finding.add')!.payload).toMatchObject({ past: 'sealant', verdict: 'watch' });
  });

  it('there is a drawing for each word of wear, and none besides', () => {
    expect([...drawn].sort()).toEqual(shipped.wears.map((w) => w.id).sort());
  });
});

describe('parts', () => {
  it('takes a part through its four steps, each on the version that is shown', async () => {
    open('parts', 'part.add');
    press('Ordered: Condenser');
    expect(await last('part.set')).toEqual({ set: { status: 'ordered' } });
    expect(sent.at(-1)!.base).toEqual({ status: 0 });
    press('Arrived: Condenser');
    await waitFor(() => expect(sent).toHaveLength(2));
    expect(sent[1].base).toEqual({ status: 1 });
  });

  it('takes a part off the list as long as it is not ordered', async () => {
    open('parts', 'part.add');
    press('Not needed: Condenser');
    expect(await last('part.remove')).toEqual({ jobId: id.job });
    expect(screen.queryByText('Condenser')).toBeNull();
    expect(screen.getByText(/No parts yet/)).toBeInTheDocument();
  });

  it('a part that is ordered is not taken off it', () => {
    open('parts', 'part.set');
    expect(screen.queryByRole('button', { name: 'Not needed: Condenser' })).toBeNull();
  });

  it('a price with a comma is asked back and nothing is sent', async () => {
    open('parts', 'step.add');
    write('Part', 'Gasket');
    write(/^Price each/, '4,20');
    press('Add part');
    expect(await screen.findByText('A comma: did you mean 4.20?')).toBeInTheDocument();
    expect(screen.getByLabelText('Part')).toHaveValue('Gasket');
    expect(sent).toEqual([]);
  });

  it('adds up what stands on the list', () => {
    open('parts', 'part.set');
    expect(screen.getByTestId('parts')).toHaveTextContent('8.50 ¤');
    expect(screen.getByTestId('parts')).toHaveTextContent('expected 1 Feb 2030');
  });
});

describe('rebuild', () => {
  it('leads back the last step off first, with every fastener', async () => {
    open('rebuild', 'step.add');
    const back = within(screen.getByTestId('back-on'));
    expect(screen.getByTestId('back-on')).toHaveTextContent('1 step, 6 fasteners, 1 bag to go');
    expect(back.getByText('gasket reused')).toBeInTheDocument();
    press('All refitted', back);
    expect(await last('step.refit')).toEqual({ jobId: id.job, counts: { [id.fastener]: 4, [id.fastener2]: 2 } });
    expect(screen.getByTestId('back-on')).toHaveTextContent('Everything logged is refitted');
  });

  it('does not call it done while a part or a torque is open', () => {
    open('rebuild', 'torque.plan');
    const back = screen.getByTestId('back-on');
    expect(back).not.toHaveTextContent('Everything logged is refitted');
    expect(back).toHaveTextContent(/Still open:.*Head nuts: 2 of 2 torque stages open/);
  });

  it('warns at work that can hurt as it is written down', () => {
    open('rebuild', 'part.set');
    expect(within(screen.getByTestId('torque-form')).queryByRole('note')).toBeNull();
    write('Fasteners', 'Front axle');
    expect(within(screen.getByTestId('torque-form')).getByRole('note', { name: 'Caution' })).toHaveTextContent(/Brakes and steering/);
  });

  it('shows a figure in all four units and refuses stages that make no sense', () => {
    open('rebuild', 'part.set');
    write('Torque', '25');
    expect(screen.getByTestId('torque-form')).toHaveTextContent('25.0 N·m = 18.4 lbf·ft = 221 lbf·in = 2.55 kgf·m');
    write('Stages', '90°');
    expect(screen.getByText(/Begin with a torque/)).toBeInTheDocument();
    write('Thread', '9/16 odd');
    expect(screen.getByText(/leave it empty for other threads/)).toBeInTheDocument();
  });

  it('only the next stage can be done, and signing comes last', async () => {
    open('rebuild', 'torque.plan');
    expect(screen.getByRole('button', { name: /^Stage 2 done/ })).toBeDisabled();
    expect(screen.queryByRole('button', { name: /^Sign as/ })).toBeNull();
    press(/^Stage 1 done/);
    press(/^Stage 2 done/);
    press('Sign as Ines Corrow');
    expect(await last('signature.sign')).toMatchObject({ kind: 'torque', subjectId: id.torque, signedBy: 'Ines Corrow' });
    expect(sent.map((c) => c.type)).toEqual(['torque.stage', 'torque.stage', 'signature.sign']);
  });
});

describe('first start', () => {
  it('counts the shut gates and opens them one by one', async () => {
    open('start', 'signature.sign');
    expect(screen.getByRole('heading', { name: 'Don’t start: 7 of 7 checks open' })).toBeInTheDocument();
    press('Checked');
    expect(await last('check.mark')).toMatchObject({ list: 'first-start', item: 'oil', state: 'done' });
    expect(screen.getByRole('heading', { name: 'Don’t start: 6 of 7 checks open' })).toBeInTheDocument();
  });

  it('names torques that are not signed', () => {
    open('start', 'torque.plan');
    expect(screen.getByTestId('reasons-run')).toHaveTextContent('Head nuts: 2 of 2 torque stages open');
  });

  it('cautions stand at their gates and are acknowledged there', async () => {
    open('start', 'signature.sign');
    const [first] = screen.getAllByRole('note', { name: 'Caution' });
    press('Understood', within(first));
    expect(await last('hazard.acknowledge')).toMatchObject({ hazard: 'fuel-vapour', place: 'first-start' });
    // Then its name stays, and a tap shows the whole again.
    expect(first).not.toHaveTextContent('no flame, no spark');
    press('Fuel vapour', within(first));
    expect(first).toHaveTextContent('no flame, no spark');
  });
});

describe('hand over', () => {
  it('is signed by whoever works with the device: where nobody said so, that is asked for first', async () => {
    open('handover', 'torque.plan', { actor: null });
    expect(screen.queryByRole('button', { name: /signed|Sign as/ })).toBeNull();
    const who = within(screen.getByTestId('choose-who'));
    expect(screen.getByTestId('choose-who')).toHaveTextContent('Choose who is working first');
    press('Ines Corrow', who);
    expect(await screen.findByRole('button', { name: 'Sign as Ines Corrow and hand over' })).toBeInTheDocument();
  });

  it('lists what still stands against it, and leaves only with a person’s word and reason', async () => {
    open('handover', 'torque.plan');
    const tag = within(screen.getByTestId('hand-over'));
    expect(screen.getByTestId('hand-over')).toHaveTextContent('Head nuts: 2 of 2 torque stages open');
    const leave = tag.getByRole('button', { name: /hand over$/ });
    expect(leave).toBeDisabled();
    press('Allow anyway', tag);
    const dialog = within(await screen.findByRole('dialog'));
    press('Allow as Ines Corrow', dialog);
    expect(dialog.getByText('Enter the reason.')).toBeInTheDocument();
    expect(sent).toEqual([]);
    write('Reason', 'The owner finishes it himself', dialog);
    press('Allow as Ines Corrow', dialog);
    const said = (await last('overrule.say')) as { act: string; codes: string[] };
    expect(said).toMatchObject({ act: 'handOver', reason: 'The owner finishes it himself', saidBy: 'Ines Corrow' });
    expect(said.codes).toEqual(expect.arrayContaining([`torque:${id.torque}`, 'check:brakes']));
    expect(leave).toBeEnabled();
    expect(screen.getByTestId('hand-over')).toHaveTextContent('Ines Corrow allows it anyway');
  });

  it('a temporary repair that may not leave is among the reasons, and is gone once it is fixed', async () => {
    open('handover', 'provisional.add');
    const tag = screen.getByTestId('hand-over');
    const all = within(tag).queryByRole('button', { name: /Show all/ });
    if (all) fireEvent.click(all);
    expect(tag).toHaveTextContent('Temporary repair: Tie on the panel');
    press('Fixed properly: Tie on the panel');
    expect(await last('provisional.end')).toEqual({ jobId: id.job });
    expect(tag).not.toHaveTextContent('Temporary repair: Tie on the panel');
  });

  it('what is provisional wants a reason', () => {
    open('handover', 'wait.end');
    const tag = within(screen.getByTestId('provisional'));
    write('Temporary repair', 'Borrowed hose', tag);
    press('Save temporary repair', tag);
    expect(tag.getByText('Enter the reason.')).toBeInTheDocument();
    expect(sent).toEqual([]);
  });
});

describe('measure and tune', () => {
  it('shows readings of one quantity together, with their spread and this bike’s limit', () => {
    open('measure', 'reading.add');
    const readings = screen.getByTestId('readings');
    expect(readings).toHaveTextContent('Spread 0.0 % of the highest');
    expect(within(readings).getAllByRole('img')).toHaveLength(2);
    expect(within(readings).getAllByRole('img')[0].getAttribute('aria-label')).toMatch(/Limit: 142 to 185 psi, book, page 62/);
  });

  it('an idle speed is held against the general value', async () => {
    open('tune', 'signature.sign');
    fireEvent.change(screen.getByRole('textbox', { name: 'Reading' }), { target: { value: '1100' } });
    expect(screen.getByRole('img').getAttribute('aria-label')).toMatch(/1100 rpm, within limits.*general value/);
    press('Save reading');
    expect(await last('reading.add')).toMatchObject({ reading: { quantity: 'idle-speed', entered: '1100 rpm', value: { kind: 'exact' } } });
  });
});

describe('decide', () => {
  it('sets what is spent against what was agreed', () => {
    open('decide', 'part.set');
    // 20 min at 35 and 2.50 of materials, and the condenser ordered at 8.50
    expect(screen.getByText('22.67 ¤')).toBeInTheDocument();
    expect(screen.getByText('400.00 ¤')).toBeInTheDocument();
    expect(screen.getByText('377.33 ¤')).toBeInTheDocument();
    expect(screen.getByTestId('causes')).toHaveTextContent('Oxide on the contacts');
  });
});

describe('first look', () => {
  it('takes each item in any order, one tap where it is fine', async () => {
    open('look', 'job.set');
    const list = within(screen.getByTestId('look-list'));
    press('Sound: Look at the tyres: age, cracks, tread', list);
    expect(await last('evidence.add')).toMatchObject({ testId: 'tyres-look', outcome: 'good', afterRepairId: null });
    press('Turns freely: Turn the engine by hand', list);
    expect(await last('evidence.add')).toMatchObject({ testId: 'turn-by-hand', outcome: 'free' });
    expect(list.queryByRole('button', { name: 'Turns freely: Turn the engine by hand' })).toBeNull();
  });

  it('what is not fine opens with its answers, shuts what it forbids and goes to the parts list', async () => {
    open('look', 'job.set');
    press('Not fine: Look at the tyres: age, cracks, tread');
    press('Old or cracked');
    expect(await last('evidence.add')).toMatchObject({ testId: 'tyres-look', outcome: 'old' });
    expect(screen.getByRole('button', { name: 'May it be ridden? No' })).toBeInTheDocument();
    press('Add to parts: Tyre old or cracked');
    expect(await last('part.add')).toMatchObject({ name: 'Tyre old or cracked', quantity: 1 });
    expect(screen.getByTestId('found-work')).toHaveTextContent('On the parts list');
  });

  it('a stuck engine is told at once', () => {
    open('look', 'job.set');
    press('Not fine: Turn the engine by hand');
    press('Will not turn');
    expect(screen.getByTestId('fitness')).toHaveTextContent('It does not turn by hand. Free it first, never by starter or kick.');
    expect(screen.getByRole('button', { name: 'May it be cranked? No' })).toBeInTheDocument();
  });
});

describe('book in', () => {
  it('sets one field at a time and clears it again', async () => {
    open('book-in', 'bike.bookIn');
    press('four-stroke');
    expect(await last('bike.set')).toEqual({ set: { strokes: 'four' } });
    press('four-stroke');
    await waitFor(() => expect(sent).toHaveLength(2));
    expect(sent[1]).toMatchObject({ payload: { set: { strokes: null } }, base: { strokes: 1 } });
  });

  it('history and hands: several areas may have been touched', async () => {
    open('book-in', 'bike.bookIn');
    press('Ignition');
    press('Tank');
    await waitFor(() => expect(sent).toHaveLength(2));
    expect(sent[1].payload).toEqual({ set: { lastTouched: ['ignition', 'tank'] } });
  });

  it('the owner’s name travels beside the command, not in it', async () => {
    open('book-in', 'bike.bookIn');
    const name = screen.getByLabelText('Name');
    expect(name).toHaveValue('Orla Fennimore');
    fireEvent.change(name, { target: { value: 'Orla Teague' } });
    fireEvent.blur(name);
    await last('owner.set');
    const whole = sent.at(-1) as Command & { personal: { name: string }[] };
    expect(whole.personal[0].name).toBe('Orla Teague');
    expect(JSON.stringify(whole.payload)).not.toContain('Orla');
  });

  it('undo in the bar names what it would take back', () => {
    open('book-in', 'bike.set');
    press('points');
    expect(screen.getByRole('button', { name: 'Undo: Bike changed' })).toBeEnabled();
    press('Undo: Bike changed');
    expect(screen.getByRole('button', { name: 'points' })).toHaveAttribute('aria-pressed', 'false');
    expect(screen.getByRole('button', { name: 'Redo' })).toBeEnabled();
  });
});
