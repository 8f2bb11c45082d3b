import { id, list, maybe, object, optional, special } from '../state/kinds';
import { firstOf } from '../state';
import { define, defineSet, from } from './define';
import { owedAtClosing, pieceLift, piecesInTheWay, pieceWords, placesFor } from '../strip';
import { insertReading, readingPart } from './tracing';
import { Refused } from './types';

/** Strip and refit, what was found on the way, and parts. */

const stepAdd = define({
  type: 'step.add',
  on: 'step',
  says: 'Removed',
  payload: {
    ...from('step', 'jobId', 'title', 'access', 'bag', 'note'),
    fasteners: list(object({ id: id(), ...from('fastener', 'size', 'count', 'place') }), 60),
  },
  needs: (p) => p.fasteners.map((f) => ({ table: 'fastener' as const, id: f.id })),
  draft: (d, { fasteners, ...p }, c) => {
    d.insert('step', { id: c.entity.id, ...p, usual: null, before: null, madeAt: c.madeAt, refittedAt: null });
    for (const f of fasteners) d.insert('fastener', { ...firstOf('fastener'), ...f, jobId: p.jobId, stepId: c.entity.id });
  },
});

/** What was written of a step. */
const stepSet = defineSet('step.set', 'step', 'Step changed', ['title', 'access', 'bag', 'note', 'usual'], { byHand: true });

/** A step goes where it belongs in the order in which things came off; `before` null is its place in the log. */
const stepPlace = define({
  type: 'step.place',
  on: 'step',
  says: 'Step moved',
  byHand: true,
  payload: from('step', 'jobId', 'before'),
  needs: (p) => [{ table: 'step', field: 'jobId', is: p.jobId }],
  draft: (d, p, c) => {
    const step = d.need('step', c.entity.id);
    const steps = d.rows('step').filter((s) => s.jobId === p.jobId);
    const target = p.before === null ? null : steps.find((s) => s.id === p.before);
    if (target === undefined) throw new Refused({ code: 'missing', message: 'That step is not there any more.' });
    if (target && !placesFor(steps, step.id).includes(target))
      throw new Refused({ code: 'not yet', message: `${target.title} came off before ${step.title} already: move that one first.` });
    d.set('step', step.id, { before: p.before });
  },
});

/** A step goes back on: what is refitted now is counted, and a bag is empty only when every fastener is accounted for. */
const stepRefit = define({
  type: 'step.refit',
  on: 'step',
  says: 'Refitted',
  payload: { ...from('step', 'jobId'), counts: special<Record<string, number>>('counts by id') },
  needs: (p, c) => [
    { table: 'fastener', field: 'stepId', is: c.entity.id },
    { table: 'piece', field: 'jobId', is: p.jobId },
    { table: 'overrule', field: 'jobId', is: p.jobId },
    { table: 'fact', field: 'stepId', is: c.entity.id },
    { table: 'connection', field: 'stepId', is: c.entity.id },
  ],
  draft: (d, p, c) => {
    d.need('step', c.entity.id);
    const own = d.rows('fastener').filter((f) => f.stepId === c.entity.id);
    const closes = own.length === 0 || own.some((f) => (p.counts[f.id] ?? f.refitted) > f.refitted);
    const ofJob = <T extends { jobId: string }>(rows: readonly T[]) => rows.filter((r) => r.jobId === p.jobId);
    const overrules = ofJob(d.rows('overrule'));
    const lost = closes ? piecesInTheWay(ofJob(d.rows('piece')), overrules) : [];
    if (lost.length > 0)
      throw new Refused({
        code: 'not yet',
        message: `${lost.map(pieceWords).join('; ')}. ${[...new Set(lost.map(pieceLift))].join('. ')}, before anything is closed.`,
      });
    const all = own.every((f) => (p.counts[f.id] ?? f.refitted) === f.count);
    const rows = { facts: d.rows('fact'), fasteners: own, connections: d.rows('connection'), overrules };
    const owed = all ? owedAtClosing(rows, c.entity.id) : [];
    if (owed.length > 0)
      throw new Refused({ code: 'not yet', message: `Owed before it is closed: ${owed.map((o) => o.words).join('; ')}.` });
    for (const f of own) {
      const refitted = p.counts[f.id] ?? f.refitted;
      if (refitted > f.count)
        throw new Refused({ code: 'not yet', message: `${f.size}: ${refitted} refitted, but only ${f.count} came off.` });
      d.set('fastener', f.id, { refitted });
    }
    d.set('step', c.entity.id, { refittedAt: all ? c.madeAt : null });
  },
});

/** What is wrong with a fastener, and with how many of its kind. */
const fastenerSet = defineSet('fastener.set', 'fastener', 'Fastener', ['state', 'affected'], { byHand: true });

/**
 * A way that was tried on a fastener, and what came of it: freed, it is out of trouble; made worse, it is snapped. Where others of its
 * kind are in trouble too the snapped one is a kind of its own from then on.
 */
const fastenerTry = define({
  type: 'fastener.try',
  on: 'fastenerAttempt',
  says: 'Tried on a fastener',
  byHand: true,
  payload: {
    ...from('fastenerAttempt', 'jobId', 'fastenerId', 'way', 'result', 'note'),
    // Earlier releases did not part the snapped one from the rest.
    newId: optional(id()),
  },
  needs: (p) => [{ table: 'fastener' as const, id: p.fastenerId }, ...(p.newId ? [{ table: 'fastener' as const, id: p.newId }] : [])],
  draft: (d, { newId, ...p }, c) => {
    const fastener = d.need('fastener', p.fastenerId);
    if (!fastener.state || fastener.affected === 0)
      throw new Refused({ code: 'not yet', message: `${fastener.size} is not in trouble any more.` });
    d.insert('fastenerAttempt', { id: c.entity.id, ...p, madeAt: c.madeAt });
    if (p.result === 'worked') {
      const affected = fastener.affected - 1;
      d.set('fastener', fastener.id, { affected, ...(affected === 0 && { state: null }) });
    }
    if (p.result !== 'worse' || (fastener.state !== 'corroded' && fastener.state !== 'rounded')) return;
    const apart = newId && fastener.affected > 1 && fastener.refitted < fastener.count;
    if (!apart) return d.set('fastener', fastener.id, { state: 'snapped' });
    const { count, affected, stepId, size, place } = fastener;
    d.set('fastener', fastener.id, { count: count - 1, affected: affected - 1 });
    d.insert('fastener', {
      ...firstOf('fastener'),
      id: newId,
      jobId: p.jobId,
      stepId,
      size,
      place,
      count: 1,
      state: 'snapped',
      affected: 1,
    });
  },
});

const findingAdd = define({
  type: 'finding.add',
  on: 'finding',
  says: 'Finding added',
  payload: {
    ...from('finding', 'jobId', 'stepId', 'item', 'position', 'seen', 'verdict', 'faultId', 'afterRepairId'),
    ...from('reading', 'conditions'),
    reading: maybe(readingPart),
    // Earlier releases did not say them.
    wear: optional(from('finding', 'wear').wear),
    past: optional(from('finding', 'past').past),
  },
  needs: (p) => [
    ...(p.stepId ? [{ table: 'step' as const, id: p.stepId }] : []),
    ...(p.reading ? [{ table: 'reading' as const, id: p.reading.id }] : []),
  ],
  draft: (d, { reading, conditions, wear = null, past = null, ...p }, c) => {
    if (p.stepId) d.need('step', p.stepId);
    const readingId = insertReading(d, reading, { jobId: p.jobId, position: p.position, conditions, takenAt: c.madeAt });
    d.insert('finding', { id: c.entity.id, ...p, wear, past, readingId, takenAt: c.madeAt });
  },
});

const partAdd = define({
  type: 'part.add',
  on: 'part',
  says: 'Part needed',
  payload: from('part', 'jobId', 'findingId', 'name', 'number', 'source', 'quantity', 'price', 'dueOn'),
  draft: (d, p, c) => void d.insert('part', { ...firstOf('part'), id: c.entity.id, ...p }),
});
const partSet = defineSet('part.set', 'part', 'Part changed', ['name', 'number', 'source', 'quantity', 'price', 'status', 'dueOn']);

/** A part that is not needed after all. What is ordered stays on the list: it comes, and is paid for. */
const partRemove = define({
  type: 'part.remove',
  on: 'part',
  says: 'Part not needed',
  byHand: true,
  payload: from('part', 'jobId'),
  draft: (d, _p, c) => {
    const part = d.need('part', c.entity.id);
    if (part.status !== 'needed')
      throw new Refused({ code: 'not yet', message: `${part.name} is ${part.status} already, so it stays on the list.` });
    d.remove('part', part.id);
  },
});

export const strip = [stepAdd, stepSet, stepPlace, stepRefit, fastenerSet, fastenerTry, findingAdd, partAdd, partSet, partRemove];
