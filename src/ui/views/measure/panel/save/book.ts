import type { PanelDraft, Panel } from '../../../../../core/measure/panel';
import { show } from '../../../../../core/quantity';
import type { ReadingValue, Spec } from '../../../../../core/state';
import { enteredAs, type SpecEntry } from '../../../../../core/specification';

/** Where the figures of the manual come from, as typed on a panel. */
export const bookSource = 'book-source';

/**
 * The limits of the manual that stand typed on a panel and differ from the sheet. A side that the panel does not ask for, and a
 * service limit, stay as they are there.
 */
export function bookLimits(
  panel: Panel,
  specs: readonly Spec[],
  readingOf: (id: string) => { value: ReadingValue; unit: string } | null,
  draft: PanelDraft,
): SpecEntry[] {
  return (panel.book ?? []).flatMap((b): SpecEntry[] => {
    const low = b.low ? readingOf(b.low) : null;
    const high = b.high ? readingOf(b.high) : null;
    const unit = (low ?? high)?.unit;
    if (!unit) return [];
    const there = specs.find((x) => x.quantity === b.quantity);
    const si = (x: typeof low, otherwise: number | null | undefined) => (x?.value.kind === 'exact' ? x.value.value : (otherwise ?? null));
    const sides = { low: si(low, there?.low), high: si(high, there?.high) };
    if (there && there.low === sides.low && there.high === sides.high) return [];
    const text = (x: number | null) => (x === null ? '' : show(x, unit));
    return [
      {
        quantity: b.quantity,
        ...sides,
        serviceLow: there?.serviceLow ?? null,
        serviceHigh: there?.serviceHigh ?? null,
        unit,
        entered: enteredAs(text(sides.low), text(sides.high), unit).slice(0, 80),
        source: (draft.text[bookSource] ?? '').trim() || 'manual of this bike',
        origin: b.owner && draft.text[b.owner.field] === b.owner.is ? 'owner' : 'book',
      },
    ];
  });
}
