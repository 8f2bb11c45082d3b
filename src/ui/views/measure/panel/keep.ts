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
import type { Conditions, ReadingValue } from '../../../../core/record';
import { crossing } from '../../../../core/specification';
import { bookLimits, bookSource } from './book';
import { keepSpec } from '../sheet/keepSpec';
import { enterResult } from '../../../job/evidence';
import { infoOf } from '../../../parts/test/readingDraft';
import type { UsedJob } from '../../../job/useJob';

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
  const addReading = (quantity: string, position: string | null, value: ReadingValue, unit: string, typed: string): boolean => {
    const id = store.newId();
    const reading = { id, bikeId: traced.bike.id, quantity, value, unit, entered: typed, instrument: null };
    if (!store.act('reading.add', 'reading', id, { jobId, position, conditions, reading }).ok) return false;
    kept.readings++;
    return true;
  };
  for (const { keep, value, unit } of result.lines) {
    if (!keep || value.kind !== 'exact') continue;
    if (!addReading(keep.quantity, keep.position, value, unit, `${show(value.value, unit)} ${unit}, worked out`)) return null;
  }
  for (const f of fields) {
    const taken = f.quantity && !done.has(f.id) ? readingOf(f.id) : null;
    if (!taken || !f.quantity) continue;
    if (!addReading(f.quantity, f.where ?? null, taken.value, taken.unit, taken.entered)) return null;
  }
  for (const l of limits) {
    if (!keepSpec(used, l)) return null;
    kept.limits++;
  }
  // What no reading, result or limit holds would be lost: it goes into the record in words, with the verdict.
  const rest = fieldsOf(blocks).filter((f) => !done.has(f.id) && !heldElsewhere(f, panel, conditions));
  const restWords = typedWords(rest, draft);
  // Once something was kept the panel is cleared, so that the rest must be kept too, whatever is still open.
  const begun = kept.readings + kept.results + kept.limits > 0;
  if (begun ? restWords : result.tone !== 'open') {
    const ok = store.act('finding.add', 'finding', store.newId(), {
      jobId,
      stepId: null,
      item: panel.name,
      position: null,
      seen: `${result.words} ${restWords}`.trim().slice(0, 2000),
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

/** Whether what is typed in a field is kept by itself: as a reading, on the specification or as a circumstance. */
function heldElsewhere(f: Field, panel: Panel, conditions: Conditions): boolean {
  if (f.kind === 'figure' && f.quantity) return true;
  if (f.id === bookSource) return true;
  if (panel.book?.some((b) => f.id === b.low || f.id === b.high || f.id === b.owner?.field)) return true;
  return (f.id === 'engine' && conditions.temperature !== undefined) || (f.id === 'battery' && conditions.battery !== undefined);
}

/** What stands typed in fields, as a line. */
function typedWords(fields: readonly Field[], draft: Draft): string {
  const said = fields.flatMap((f) => {
    const text = (draft.text[f.id] ?? '').trim();
    if (!text) return [];
    if (f.kind === 'choice') return [`${f.label}: ${f.options.find((o) => o.value === text)?.label ?? text}`];
    return [`${f.label}: ${f.kind === 'figure' ? entered(text, draft.unit[f.id] ?? f.unit) : text}`];
  });
  return said.length ? `(${said.join('; ')})` : '';
}
