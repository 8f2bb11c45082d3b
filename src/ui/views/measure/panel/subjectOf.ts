import { cylindersOf, factsOf, type Knowledge } from '../../../../core/knowledge';
import { limitFor } from '../../../../core/measure';
import type { PanelSubject } from '../../../../core/measure/panel';
import { enteredBy, list, type State } from '../../../../core/state';
import { notedOf } from '../../../../core/strip';
import { positionsOf, type Case } from '../../../../core/trace';
import { infoOf } from '../../../widgets/test/readingDraft';

/** The bike as the panels see it: what is filled in for it, else what is usual on one of its kind. */
export function subjectOf(knowledge: Knowledge, traced: Case, state: State): PanelSubject {
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const info = (quantity: string) => infoOf(knowledge, quantity, facts);
  /** With who entered it, where that is known. */
  const limit = (quantity: string) => {
    const found = limitFor(info(quantity), traced.specs);
    const own = traced.specs.find((s) => s.quantity === quantity);
    const by = own && enteredBy(state, 'spec', own.id)?.name;
    return found && by ? { ...found, source: `${found.source}, entered by ${by}` } : found;
  };
  const { strokes, cooling, cylinders, voltage, decompressor } = facts;
  const ofJob = <T extends { jobId: string }>(rows: T[]) => rows.filter((r) => r.jobId === traced.job.id);
  const [steps, notes] = [ofJob(list(state, 'step')), ofJob(list(state, 'fact'))];
  const word = (x: unknown) => (typeof x === 'string' ? x : null);
  return {
    cylinders: positionsOf(cylinders === undefined ? cylindersOf(traced.bike, knowledge) : Number(cylinders)),
    strokes: strokes === 'two' || strokes === 'four' ? strokes : null,
    cooling: cooling === 'air' || cooling === 'liquid' ? cooling : null,
    voltage: Number(voltage ?? 12),
    decompressor: decompressor === 'automatic' || decompressor === 'manual',
    layout: word(facts.layout),
    bigEnd: word(facts.bigEnd),
    clutch: word(facts.clutch),
    battery: word(facts.battery),
    noted: (about) => notedOf(steps, notes, about),
    limit,
    quantity: (quantity) => info(quantity),
    error: (quantity) => info(quantity).error,
  };
}
