import { describe, expect, it } from 'vitest';
import { factRow, stepRow } from '../../../test/fixtures/strip';
import { noteOf } from '../measure/panel';
import { notedOf, stepOfNote } from '.';

const step = (i: number, title: string, refittedAt: string | null = null) => stepRow(i, { title, refittedAt });
const fact = (stepId: string, about: string, says: string | null, kind: 'way' | 'check' = 'way') => factRow(stepId, kind, about, says);
const plates = noteOf('clutch-order')!;

describe('the step that a panel’s notes belong to', () => {
  const steps = [step(0, 'Exhaust'), step(1, 'Clutch cover'), step(2, 'Friction plates'), step(3, 'Starter')];

  it('is the last one off that is about it, or the one that carries them already', () => {
    expect(stepOfNote(plates, steps, [])?.id).toBe('s2');
    expect(stepOfNote(plates, steps, [fact('s1', plates.check!, null, 'check')])?.id).toBe('s1');
    expect(stepOfNote(plates, [steps[0], steps[3]], [])).toBeNull();
  });

  it('is none that is back on, and what was noted of one is not read any more', () => {
    const back = [step(2, 'Friction plates', '2030-02-01T08:00:00.000Z')];
    const notes = [fact('s2', plates.about, 'friction; steel; friction')];
    expect(stepOfNote(plates, back, notes)).toBeNull();
    expect(notedOf(back, notes, plates.about)).toBeNull();
    expect(notedOf(steps, notes, plates.about)).toBe('friction; steel; friction');
    expect(notedOf(steps, [fact('s2', plates.about, null)], plates.about)).toBeNull();
  });
});
