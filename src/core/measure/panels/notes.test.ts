import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { run, subject } from '../../../../test/fixtures/panel';
import { plateNames, stackDiffers, stackFrom, stackWords, type Laid, type Plate } from '../clutch';
import { noteOf, panelNotes } from '../panel';
import { panelById } from '.';

// What a panel notes for the strip it reads back, and holds against what goes in.

const plate = fc.constantFrom(...(Object.keys(plateNames) as Plate[]));
const laid = fc.record<Laid>({ plate, turned: fc.boolean(), note: fc.constantFrom('', 'red paint', 'edge out, oil hole') });
const single = { ...subject({}), cylinders: ['1'] };
const good: Plate[] = ['lining', 'plain', 'lining', 'plain', 'narrow lining'];
const typed = (stack: readonly Plate[], when = 'off') => ({
  when,
  ...Object.fromEntries(stack.map((p, i) => [`plate#${i + 1}`, p])),
});
const noted = (stack: readonly Plate[]) => ({
  ...subject({}),
  noted: (about: string) => (about === 'Plate stack' ? stackWords(stack.map((p) => ({ plate: p, turned: false, note: '' }))) : null),
});

describe('a stack of plates', () => {
  it('is read back as it was noted', () => {
    fc.assert(
      fc.property(fc.array(laid, { minLength: 1, maxLength: 20 }), (stack) => {
        expect(stackFrom(stackWords(stack))).toEqual(stack);
      }),
    );
    expect(stackFrom('friction; a saucer')).toBeNull();
    expect(stackFrom('')).toBeNull();
  });

  it('differs wherever one plate is left out, doubled or changed, and nowhere else', () => {
    const stacks = fc.array(plate, { minLength: 1, maxLength: 12 });
    fc.assert(
      fc.property(stacks, fc.nat(), plate, (stack, n, other) => {
        const i = n % stack.length;
        expect(stackDiffers(stack, stack)).toEqual([]);
        expect(stackDiffers(stack, stack.toSpliced(i, 1))).toEqual([expect.stringMatching(/short\.$/)]);
        expect(stackDiffers(stack, stack.toSpliced(i, 0, stack[i]))).toEqual([expect.stringMatching(/too many\.$/)]);
        const changed = stack.with(i, other);
        expect(stackDiffers(stack, changed).length > 0).toBe(other !== stack[i]);
      }),
    );
    expect(stackDiffers(['lining', 'plain', 'narrow lining'], ['narrow lining', 'plain', 'lining'])).toEqual([
      'Number 1 was friction, and is narrow friction now.',
      'Number 3 was narrow friction, and is friction now.',
    ]);
  });

  it('as it came off is noted, with its check owed; as it goes back the check is made or stays open', () => {
    const off = run('clutch-order', typed(good), subject({}));
    expect(off.notes).toEqual([{ about: 'Plate stack', says: 'friction; steel; friction; steel; narrow friction' }]);
    expect(off.checks).toEqual([{ about: 'Clutch plates in their order, none short, no two friction plates together' }]);
    const back = run('clutch-order', typed(good, 'in'), noted(good));
    expect(back).toMatchObject({ tone: 'good', checks: [{ says: '3 friction, 2 steel' }] });
    expect(back.notes).toBeUndefined();
    // One steel plate left out: two friction plates lie together, and one is short.
    const short = run('clutch-order', typed(good.toSpliced(1, 1), 'in'), noted(good));
    expect(short).toMatchObject({ tone: 'bad', checks: [{ says: null }], handed: [] });
    expect(short.warnings.join(' ')).toMatch(/1 short.*Two friction plates lie on each other/);
    // It takes turns, and the odd one lies elsewhere.
    const turned = run('clutch-order', typed(['narrow lining', 'plain', 'lining', 'plain', 'lining'], 'in'), noted(good));
    expect(turned).toMatchObject({ tone: 'bad', checks: [{ says: null }] });
  });

  it('of which nothing is noted is judged by its order alone, and says so', () => {
    const back = run('clutch-order', typed(good, 'in'), subject({}));
    expect(back.checks).toEqual([
      { about: 'Clutch plates in their order, none short, no two friction plates together', says: '3 friction, 2 steel' },
    ]);
    expect(back.warnings.join()).toMatch(/not noted/);
  });
});

describe('notes of the panels', () => {
  const cases: [panel: string, typed: Record<string, string>, cylinders: number][] = [
    ['clutch-order', { ...typed(good), 'turn#1': 'slot', 'note#3': 'red paint' }, 1],
    ['valves-shims', { 'found#in-1': '0.15', 'found#ex-1': '0.25', 'shim#in-1': '2.50', 'shim#ex-1': '2.45' }, 1],
    ['valves-shims', { each: '4', 'shim#in-1a': '2.525', 'shim#ex-2b': '2.400', 'found#in-1a': '0.12' }, 2],
    [
      'jets',
      { 'found#main': '1.05', 'found#pilot': '0.4', 'was#groove': '3', 'was#slide': '2.5', 'found#float': '14', 'found#screw': '1.5' },
      1,
    ],
    ['jets', { 'found#main': '1.05', 'each-main#2': '1.1' }, 2],
  ];
  it.each(cases)('%s reads back what it noted', (panel, fields, cylinders) => {
    const on = { ...subject({}), cylinders: Array.from({ length: cylinders }, (_x, i) => String(i + 1)) };
    const { notes = [] } = run(panel, fields, on);
    const note = noteOf(panel)!;
    const says = notes.find((n) => n.about === note.about)?.says;
    expect(says).toBeTruthy();
    const recalled = panelById(panel)!.recall!({ ...on, noted: (about) => (about === note.about ? says! : null) });
    const figures = (f: Record<string, string>) =>
      Object.fromEntries(Object.entries(f).map(([id, t]) => [id, Number.isNaN(Number(t)) ? t : Number(t)]));
    // What stands on the bench beside the parts themselves is not of the strip.
    const kept = Object.fromEntries(
      Object.entries(fields).filter(([id]) => id !== 'when' && !(panel === 'valves-shims' && id.startsWith('found'))),
    );
    expect(figures(recalled)).toEqual(figures(kept));
  });

  it('are none where nothing is noted, and each panel that is named is there', () => {
    for (const n of panelNotes) expect(panelById(n.panel)!.recall!({ ...subject({}), noted: () => null })).toEqual({});
  });

  it('of jets say what was found and what was chosen apart', () => {
    const { notes } = run('jets', { 'found#main': '1.05', 'book#main': '1.00', 'chosen#main': '1.00' }, subject({}));
    expect(notes).toEqual([
      { about: 'Jets', says: 'Main jet: 1.05 mm' },
      { about: 'Jets to fit', says: 'Main jet: 1 mm' },
    ]);
  });

  it('of shims owe the clearances again after one was changed, and are content when every valve is in its band', () => {
    const band = { 'in-low': '0.10', 'in-high': '0.20', 'ex-low': '0.20', 'ex-high': '0.30' };
    const shims = { 'shim#in-1': '2.50', 'shim#ex-1': '2.45' };
    const tight = run('valves-shims', { ...band, ...shims, 'found#in-1': '0.05', 'found#ex-1': '0.25' }, single);
    expect(tight.checks).toEqual([{ about: 'Clearances with these shims' }]);
    expect(tight.notes!.map((n) => n.about)).toEqual(['Shims', 'Shims to fit']);
    const fine = run('valves-shims', { ...band, ...shims, 'found#in-1': '0.15', 'found#ex-1': '0.25' }, single);
    expect(fine.checks).toEqual([{ about: 'Clearances with these shims', says: 'all 2 within the band' }]);
    // A valve that was not measured is not known to be within.
    const half = run('valves-shims', { ...band, ...shims, 'found#in-1': '0.15' }, single);
    expect(half.checks).toEqual([{ about: 'Clearances with these shims' }]);
  });
});
