import type { PanelNote } from '../measure/panel';
import type { Fact, Step } from '../state';
import { namedBy } from './named';
import { inOrder } from './order';

/**
 * The step that the notes of a panel belong to: the one that carries them already, else the last one off whose name says that it is
 * about them.
 * @param note what a panel shares with the strip
 * @param steps those of one job
 * @param facts those of one job
 * @returns a step that is off, or null where none is about it
 */
export function stepOfNote(note: PanelNote, steps: readonly Step[], facts: readonly Fact[]): Step | null {
  const off = inOrder(steps).filter((s) => !s.refittedAt);
  const carries = off.find((s) => facts.some((f) => f.stepId === s.id && (f.about === note.about || f.about === note.check)));
  return carries ?? off.findLast((s) => namedBy([{ words: note.words }], s.title) !== null) ?? null;
}

/**
 * How something stood, as a step has it that is off.
 * @param steps those of one job
 * @param facts those of one job
 * @param about what the note is about
 * @returns what it says, the newest of several; null where nobody noted it
 */
export function notedOf(steps: readonly Step[], facts: readonly Fact[], about: string): string | null {
  const off = new Set(steps.filter((s) => !s.refittedAt).map((s) => s.id));
  return facts.findLast((f) => f.kind === 'way' && f.about === about && f.says !== null && off.has(f.stepId))?.says ?? null;
}
