import { applicability, factsOf } from '../../../../core/knowledge';
import { forBike } from '../../../../core/measure';
import {
  fieldsOf,
  valuesOf,
  type Draft,
  type Field,
  type Handed,
  type Panel,
  type Result,
  type Subject,
} from '../../../../core/measure/panel';
import { lastRepairId, likeliestOutcome, outcomeWeights } from '../../../../core/trace';
import { show } from '../../../../core/quantity';
import type { ReadingValue, Spec } from '../../../../core/record';
import { crossing, enteredAs, type SpecEntry } from '../../../../core/specification';
import { keepSpec } from '../sheet/keepSpec';
import { enterResult } from '../../../job/evidence';
import { infoOf } from '../../../parts/test/readingDraft';
import type { UsedJob } from '../../../job/useJob';

/** Where the figures of the book come from, as typed on a panel. */
export const bookSource = 'book-source';

export interface Kept {
  readings: number;
  results: number;
  limits: number;
  /** What was worked out from figures that are no reading of their own stands in the record in words. */
  findings: number;
}

/** As it was typed, with its unit. */
const entered = (text: string, unit: string) => (/[a-z°%µ"]/i.test(text) ? text.trim() : `${text.trim()} ${unit}`.trim());

/** The outcome that a test's own bands give a reading; the panel's own where it named one. */
function outcomeOf({ knowledge, traced }: UsedJob, h: Handed, value: ReadingValue | null): string | null {
  if (h.outcome) return h.outcome;
  const test = knowledge.tests.find((t) => t.id === h.testId);
  if (!test?.measure || !value) return null;
  const measure = forBike(test.measure, factsOf(traced.bike, traced.job, knowledge));
  const own = traced.specs.find((s) => s.quantity === measure.quantity) ?? null;
  return likeliestOutcome(outcomeWeights(measure, value, own));
}

/**
 * Keeps a panel: what speaks to the tracer goes to it with its reading, every other figure of a quantity is a reading of its
 * own. Nothing is typed twice. Null where something was refused (the screen then says why), a problem where figures cannot be:
 * then nothing was kept.
 */
export function keepPanel(used: UsedJob, panel: Panel, subject: Subject, draft: Draft, result: Result): Kept | { problem: string } | null {
  const { store, knowledge, traced, jobId } = used;
  const { conditions = {} } = result;
  const { blocks, read } = valuesOf(panel, subject, draft);
  const fields = fieldsOf(blocks).flatMap((f) => (f.kind === 'figure' ? [f] : []));
  const readingOf = (id: string) => {
    const field = fields.find((f) => f.id === id);
    const r = read.get(id);
    if (!field || !r?.ok) return null;
    return { field, value: r.value, unit: r.unit, entered: entered(draft.text[id], draft.unit[id] ?? field.unit) };
  };
  const done = new Set<string>();
  const kept: Kept = { readings: 0, results: 0, limits: 0, findings: 0 };
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const limits = bookLimits(panel, traced.specs, readingOf, draft);
  for (const l of limits) {
    const wrong = crossing(l);
    if (wrong)
      return { problem: `The figures of the book for ${infoOf(knowledge, l.quantity, facts).name.toLowerCase()} cannot be: ${wrong}` };
  }
  for (const h of result.handed) {
    const test = knowledge.tests.find((t) => t.id === h.testId && !t.retired && applicability(t.applies, facts, knowledge.attributes) > 0);
    const taken = h.fieldId ? readingOf(h.fieldId) : null;
    const outcome = test && outcomeOf(used, h, taken?.value ?? null);
    if (!test || !outcome) continue;
    const quantity = test.measure?.quantity ?? taken?.field.quantity;
    const reading = taken && quantity ? { quantity, value: taken.value, unit: taken.unit, entered: taken.entered } : null;
    const position = test.per === 'cylinder' ? (h.position ?? subject.cylinders[0]) : null;
    if (!enterResult(used, { testId: test.id, position, outcome, reading, conditions }, null)) return null;
    kept.results++;
    if (reading && h.fieldId) {
      kept.readings++;
      done.add(h.fieldId);
    }
  }
  for (const f of fields) {
    const taken = f.quantity && !done.has(f.id) ? readingOf(f.id) : null;
    if (!taken || !f.quantity) continue;
    const id = store.newId();
    const ok = store.act('reading.add', 'reading', id, {
      jobId,
      position: f.where ?? null,
      conditions,
      reading: {
        id,
        bikeId: traced.bike.id,
        quantity: f.quantity,
        value: taken.value,
        unit: taken.unit,
        entered: taken.entered,
        instrument: null,
      },
    }).ok;
    if (!ok) return null;
    kept.readings++;
  }
  for (const l of limits) {
    if (!keepSpec(used, l)) return null;
    kept.limits++;
  }
  if (kept.readings + kept.results === 0 && result.tone !== 'open') {
    const ok = store.act('finding.add', 'finding', store.newId(), {
      jobId,
      stepId: null,
      item: panel.name,
      position: null,
      seen: `${result.words} ${typedWords(fieldsOf(blocks), draft)}`.trim().slice(0, 2000),
      reading: null,
      conditions,
      verdict: result.tone === 'good' ? 'fit for use' : 'watch',
      faultId: null,
      afterRepairId: lastRepairId(traced.repairs),
    }).ok;
    if (!ok) return null;
    kept.findings++;
  }
  return kept;
}

/** Everything that stands typed, as a line: what it was worked out from. */
function typedWords(fields: readonly Field[], draft: Draft): string {
  const said = fields.flatMap((f) => {
    const text = (draft.text[f.id] ?? '').trim();
    if (!text) return [];
    if (f.kind === 'choice') return [`${f.label}: ${f.options.find((o) => o.value === text)?.label ?? text}`];
    return [`${f.label}: ${f.kind === 'figure' ? entered(text, draft.unit[f.id] ?? f.unit) : text}`];
  });
  return said.length ? `(${said.join('; ')})` : '';
}

/**
 * The limits of the book that stand typed on a panel and differ from the sheet. A side that the panel does not ask for, and a
 * service limit, stay as they are there.
 */
function bookLimits(
  panel: Panel,
  specs: readonly Spec[],
  readingOf: (id: string) => { value: ReadingValue; unit: string } | null,
  draft: Draft,
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
        source: (draft.text[bookSource] ?? '').trim() || 'book of this bike',
        origin: b.owner && draft.text[b.owner.field] === b.owner.is ? 'owner' : 'book',
      },
    ];
  });
}
