import { figureOf, type Control } from '../../../../core/instrument';
import type { PanelDraft } from '../../../../core/measure/panel';
import type { Takes } from '../../../../core/instrument/takes';
import type { LinkState } from '../../../instrument/link';

/** A figure that an instrument shows now, and the field that it belongs to. */
export interface LiveFigure {
  field: string;
  text: string;
  unit: string;
  /** What the instrument calls itself. */
  by: string;
}

/** What a choice stands at: what was chosen, else its first option. */
export const chosenOf = (c: Control, controls: Readonly<Record<string, string>>): string | null =>
  c.kind === 'choice' ? (controls[c.id] ?? c.options[0]) : null;

/** Where everything that is shown now would go. */
export function takenFrom({ live, controls }: LinkState, takes: readonly Takes[]): LiveFigure[] {
  const { hello } = live;
  const own = takes.find((t) => t.kind === hello?.kind);
  if (!hello || !own) return [];
  const chosen: Record<string, string> = { ...controls };
  for (const c of hello.controls) {
    const v = chosenOf(c, controls);
    if (v !== null) chosen[c.id] = v;
  }
  return hello.channels.flatMap((c) => {
    const now = live.channels.get(c.id);
    const figure = now && figureOf(hello, now);
    const field = own.field(c.id, chosen);
    return figure && field
      ? [
          {
            field,
            text: figure.value.toFixed(figure.decimals),
            unit: c.unit,
            by: hello.simulated ? `${hello.name.slice(0, 60)}${simulatedMark}` : hello.name.slice(0, 80),
          },
        ]
      : [];
  });
}

const simulatedMark = ', simulated';

/** The simulated instruments that figures of a draft come from: practice, and no evidence about any bike. */
export const practiceIn = (draft: PanelDraft): string[] =>
  [...new Set(Object.values(draft.by ?? {}))].filter((by) => by.endsWith(simulatedMark));

/** A draft with what the instrument shows in it. */
export const withTaken = (draft: PanelDraft, taken: readonly LiveFigure[]): PanelDraft => ({
  text: { ...draft.text, ...Object.fromEntries(taken.map((t) => [t.field, t.text])) },
  unit: { ...draft.unit, ...Object.fromEntries(taken.map((t) => [t.field, t.unit])) },
  by: { ...draft.by, ...Object.fromEntries(taken.map((t) => [t.field, t.by])) },
});

/**
 * A draft as the panel judges it while an instrument moves: what it shows stands in for fields that are empty or were taken from it.
 * What was typed stays as it was typed, and a gauge at rest says nothing.
 */
export const withLive = (draft: PanelDraft, taken: readonly LiveFigure[]): PanelDraft =>
  withTaken(
    draft,
    taken.filter((t) => Number(t.text) !== 0 && ((draft.text[t.field] ?? '').trim() === '' || draft.by?.[t.field] !== undefined)),
  );
