import { applicability, factsOf } from '../../../../../core/knowledge';
import { forBike } from '../../../../../core/measure';
import {
  fieldsOf,
  noteOf,
  valuesOf,
  type PanelDraft,
  type Field,
  type FigureField,
  type Handed,
  type Panel,
  type Result,
  type PanelSubject,
} from '../../../../../core/measure/panel';
import { lastRepairId, likeliestOutcome, outcomeWeights } from '../../../../../core/trace';
import { show } from '../../../../../core/quantity';
import type { ReadingValue } from '../../../../../core/state';
import { crossing, type SpecEntry } from '../../../../../core/specification';
import { stepOfNote } from '../../../../../core/strip';
import { saveSpec } from '../../sheet/saveSpec';
import { enterResult } from '../../../../job/evidence';
import { infoOf } from '../../../../widgets/test/readingDraft';
import type { UsedJob } from '../../../../job/useJob';
import { bookLimits } from './book';
import { entered, heldElsewhere, typedWords } from './words';

export interface SavedPanel {
  readings: number;
  results: number;
  limits: number;
  /** What was worked out from figures that are no reading of their own stands in the record in words. */
  findings: number;
  /** Notes and checks of the step that it came off with. */
  notes: number;
  /** The act that it is in the journal, by its newest entry; null where there was nothing to keep. */
  act: string | null;
}

/** A panel on its way into the record. */
interface Saving {
  used: UsedJob;
  panel: Panel;
  subject: PanelSubject;
  draft: PanelDraft;
  result: Result;
  fields: readonly Field[];
  readingOf(id: string): Typed | null;
  kept: Omit<SavedPanel, 'act'>;
  /** Figures that went to the tracer with a result. */
  done: Set<string>;
}

interface Typed {
  field: FigureField;
  value: ReadingValue;
  unit: string;
  entered: string;
  instrument: string | null;
}

/** The outcome that a test's own bands give a reading; the panel's own where it named one. */
function outcomeOf({ knowledge, traced }: UsedJob, h: Handed, value: ReadingValue | null): string | null {
  if (h.outcome) return h.outcome;
  const test = knowledge.tests.find((t) => t.id === h.testId);
  if (!test?.measure || !value) return null;
  const measure = forBike(test.measure, factsOf(traced.bike, traced.job, knowledge));
  const own = traced.specs.find((s) => s.quantity === measure.quantity) ?? null;
  return likeliestOutcome(outcomeWeights(measure, value, own));
}

function saveResults({ used, subject, result, readingOf, kept, done }: Saving): boolean {
  const { knowledge, traced } = used;
  const facts = factsOf(traced.bike, traced.job, knowledge);
  for (const h of result.handed) {
    const test = knowledge.tests.find((t) => t.id === h.testId && !t.retired && applicability(t.applies, facts, knowledge.attributes) > 0);
    const taken = h.fieldId ? readingOf(h.fieldId) : null;
    const outcome = test && outcomeOf(used, h, taken?.value ?? null);
    if (!test || !outcome) continue;
    const quantity = test.measure?.quantity ?? taken?.field.quantity;
    const reading =
      taken && quantity ? { quantity, value: taken.value, unit: taken.unit, entered: taken.entered, instrument: taken.instrument } : null;
    const position = test.per === 'cylinder' ? (h.position ?? subject.cylinders[0]) : null;
    if (!enterResult(used, { testId: test.id, position, outcome, reading, conditions: result.conditions ?? {} }, null)) return false;
    kept.results++;
    if (!reading || !h.fieldId) continue;
    kept.readings++;
    done.add(h.fieldId);
  }
  return true;
}

function addReading(
  { used: { store, traced, jobId }, result: { conditions = {} }, kept }: Saving,
  position: string | null,
  reading: { quantity: string; value: ReadingValue; unit: string; entered: string; instrument: string | null },
): boolean {
  const id = store.newId();
  const whole = { id, bikeId: traced.bike.id, ...reading };
  if (!store.act('reading.add', id, { jobId, position, conditions, reading: whole }).ok) return false;
  kept.readings++;
  return true;
}

/** What the panel worked out itself and wants kept as a reading. */
const saveWorkedOut = (k: Saving): boolean =>
  k.result.lines.every(
    ({ keep, value, unit }) =>
      !keep ||
      value.kind !== 'exact' ||
      addReading(k, keep.position, {
        quantity: keep.quantity,
        value,
        unit,
        entered: `${show(value.value, unit)} ${unit}, worked out`,
        instrument: null,
      }),
  );

/** Every other figure of a quantity. */
const saveFigures = (k: Saving): boolean =>
  k.fields.every((f) => {
    const quantity = f.kind === 'figure' && !k.done.has(f.id) ? f.quantity : undefined;
    const taken = quantity ? k.readingOf(f.id) : null;
    if (!quantity || !taken) return true;
    const { value, unit, entered: typed, instrument } = taken;
    return addReading(k, f.where ?? null, { quantity, value, unit, entered: typed, instrument });
  });

const saveLimits = ({ used, kept }: Saving, limits: readonly SpecEntry[]): boolean =>
  limits.every((l) => {
    if (!saveSpec(used, l)) return false;
    kept.limits++;
    return true;
  });

/** What the strip keeps of it: how it stood, how it goes back, and the check before it is closed. */
function saveNotes({ used: { store, rows, jobId }, panel, result, kept }: Saving): boolean {
  const note = noteOf(panel.id);
  const facts = rows('fact');
  const step = note && stepOfNote(note, rows('step'), facts);
  if (!step) return true;
  const own = (about: string) => facts.findLast((f) => f.stepId === step.id && f.about === about);
  const put = (kind: 'way' | 'check', about: string, says: string | null | undefined) => {
    const had = own(about);
    if (had && (says === undefined || had.says === says)) return true;
    kept.notes++;
    return had
      ? store.act('fact.say', had.id, { jobId, says: says ?? null }).ok
      : store.act('fact.add', store.newId(), { jobId, stepId: step.id, kind, about, says: says ?? null }).ok;
  };
  return (
    (result.notes ?? []).every((n) => put('way', n.about, n.says.slice(0, 500))) &&
    (result.checks ?? []).every((c) => put('check', c.about, c.says))
  );
}

/** What no reading, result or limit holds would be lost: it goes into the record in words, with the verdict. */
function saveWords({ used, panel, draft, result, fields, kept, done }: Saving): boolean {
  const { store, jobId, traced } = used;
  const { conditions = {} } = result;
  const words = typedWords(
    fields.filter((f) => !done.has(f.id) && !heldElsewhere(f, panel, conditions)),
    draft,
  );
  // Once something was kept the panel is cleared, so that the rest must be kept too, whatever is still open.
  const begun = kept.readings + kept.results + kept.limits > 0;
  if (!(begun ? words : result.tone !== 'open')) return true;
  const { ok } = store.act('finding.add', store.newId(), {
    jobId,
    stepId: null,
    item: panel.name,
    position: null,
    seen: `${result.words} ${words}`.trim().slice(0, 2000),
    reading: null,
    conditions,
    verdict: result.tone === 'good' ? 'fit for use' : 'watch',
    faultId: null,
    afterRepairId: lastRepairId(traced.repairs),
  });
  if (ok) kept.findings++;
  return ok;
}

/**
 * Keeps a panel: what speaks to the tracer goes to it with its reading, every other figure of a quantity is a reading of its
 * own. Nothing is typed twice. Null where something was refused (the screen then says why), a problem where figures cannot be:
 * then nothing was kept.
 */
export function savePanel(
  used: UsedJob,
  panel: Panel,
  subject: PanelSubject,
  draft: PanelDraft,
  result: Result,
): SavedPanel | { problem: string } | null {
  const { store, knowledge, traced } = used;
  const { blocks, read } = valuesOf(panel, subject, draft);
  const fields = fieldsOf(blocks);
  const readingOf = (id: string): Typed | null => {
    const field = fields.find((f) => f.id === id);
    const r = read.get(id);
    if (field?.kind !== 'figure' || !r?.ok) return null;
    const typed = entered(draft.text[id], draft.unit[id] ?? field.unit);
    return { field, value: r.value, unit: r.unit, entered: typed, instrument: draft.by?.[id] ?? null };
  };
  const limits = bookLimits(panel, traced.specs, readingOf, draft);
  for (const l of limits) {
    const wrong = crossing(l);
    const facts = factsOf(traced.bike, traced.job, knowledge);
    if (wrong) return { problem: `The manual’s values for ${infoOf(knowledge, l.quantity, facts).name.toLowerCase()} cannot be: ${wrong}` };
  }
  const kept = { readings: 0, results: 0, limits: 0, findings: 0, notes: 0 };
  const k: Saving = { used, panel, subject, draft, result, fields, readingOf, kept, done: new Set() };
  const whole = store.together(
    () => saveResults(k) && saveWorkedOut(k) && saveFigures(k) && saveLimits(k, limits) && saveWords(k) && saveNotes(k),
  );
  if (!whole) return null;
  const any = kept.readings + kept.results + kept.limits + kept.findings + kept.notes > 0;
  return { ...kept, act: any ? store.get().state.journal.at(-1)!.id : null };
}
