import { factsOf, type Knowledge } from '../../../../core/knowledge';
import { limitFor } from '../../../../core/measure';
import type { Subject } from '../../../../core/measure/panel';
import { positionsOf, type Case } from '../../../../core/trace';
import { infoOf } from '../../../parts/test/readingDraft';

/** The bike as the panels see it: what is filled in for it, else what is usual on one of its kind. */
export function subjectOf(knowledge: Knowledge, traced: Case): Subject {
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const info = (quantity: string) => infoOf(knowledge, quantity, facts);
  const { strokes, cooling, cylinders, voltage, decompressor } = facts;
  return {
    cylinders: positionsOf(cylinders === undefined ? traced.bike.cylinders : Number(cylinders)),
    strokes: strokes === 'two' || strokes === 'four' ? strokes : null,
    cooling: cooling === 'air' || cooling === 'liquid' ? cooling : null,
    voltage: Number(voltage ?? 12),
    decompressor: decompressor === 'automatic' || decompressor === 'manual',
    limit: (quantity) => limitFor(info(quantity), traced.specs),
    error: (quantity) => info(quantity).error,
  };
}
