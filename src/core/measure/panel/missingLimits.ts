import { figure } from './fields';
import type { Block, BookField, Panel, PanelSubject, Values } from './types';

const fieldId = (quantity: string, side: 'low' | 'high') => `limit-${quantity}-${side}`;

/** Quantities that a panel holds against a limit while this bike's sheet has none: the general value, or nothing, stands in. */
export const missingLimits = (panel: Panel, s: PanelSubject): string[] => (panel.limits ?? []).filter((q) => s.limit(q)?.general !== false);

/** The sides that are asked for: those of the general value, else both. */
function sidesOf(quantity: string, s: PanelSubject): ('low' | 'high')[] {
  const general = s.limit(quantity);
  const known = (['low', 'high'] as const).filter((side) => general && general[side] !== null);
  return known.length ? known : ['low', 'high'];
}

/** The limit as it stands typed on the panel; null where nothing that can be read does. */
function typedLimit(quantity: string, v: Values) {
  const [low, high] = [v.figure(fieldId(quantity, 'low')), v.figure(fieldId(quantity, 'high'))];
  return low === null && high === null ? null : { low, high, source: 'as entered here', general: false };
}

/**
 * The panel with fields for the limits that the bike's sheet lacks, so that what is missing for the measurement at hand is asked
 * for there and then. What is typed in them holds at once, and is kept on the sheet with the panel. The panel itself where
 * nothing is lacking.
 */
export function withAsked(panel: Panel, s: PanelSubject): Panel {
  const lacking = missingLimits(panel, s);
  if (lacking.length === 0) return panel;
  const book = lacking.map((quantity): BookField => ({ quantity, low: fieldId(quantity, 'low'), high: fieldId(quantity, 'high') }));
  const block: Block = {
    title: 'This bike’s limits, if its manual is at hand',
    fields: lacking.flatMap((quantity) => {
      const { name, unit } = s.quantity(quantity);
      return sidesOf(quantity, s).map((side) =>
        figure(fieldId(quantity, side), `${name}, ${side === 'low' ? 'at least' : 'at most'}`, unit),
      );
    }),
    note: 'Kept on its sheet of limits, and not asked again. Without them the general value holds, and says so.',
  };
  return {
    ...panel,
    book: [...(panel.book ?? []), ...book],
    blocks: (subject, v) => [...panel.blocks(subject, v), block],
    work: (v, subject) => panel.work(v, { ...subject, limit: (q) => (lacking.includes(q) ? typedLimit(q, v) : null) ?? subject.limit(q) }),
  };
}
