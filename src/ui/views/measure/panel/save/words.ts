import { circumstanceFields, type PanelDraft, type Field, type Panel } from '../../../../../core/measure/panel';
import type { Conditions } from '../../../../../core/state';
import { bookSource } from './book';

/** As it was typed, with its unit. */
export const entered = (text: string, unit: string): string => (/[a-z°%µ"]/i.test(text) ? text.trim() : `${text.trim()} ${unit}`.trim());

/** Whether what is typed in a field is kept by itself: as a reading, on the specification or as a circumstance. */
export function heldElsewhere(f: Field, panel: Panel, conditions: Conditions): boolean {
  if (f.kind === 'figure' && f.quantity) return true;
  if (f.id === bookSource || circumstanceFields.includes(f.id)) return true;
  if (panel.book?.some((b) => f.id === b.low || f.id === b.high || f.id === b.owner?.field)) return true;
  return f.id === 'battery' && conditions.battery !== undefined;
}

/** What stands typed in fields, as a line. */
export function typedWords(fields: readonly Field[], draft: PanelDraft): string {
  const said = fields.flatMap((f) => {
    const text = (draft.text[f.id] ?? '').trim();
    if (!text) return [];
    if (f.kind === 'choice') return [`${f.label}: ${f.options.find((o) => o.value === text)?.label ?? text}`];
    return [`${f.label}: ${f.kind === 'text' ? text : entered(text, draft.unit[f.id] ?? f.unit)}`];
  });
  return said.length ? `(${said.join('; ')})` : '';
}
