import { list, object, id } from '../state/kinds';
import { define, defineSet, from } from './define';

/** Outlines of covers with their holes, so that each screw goes back where it was. */

const outlineDraw = define({
  type: 'outline.draw',
  on: 'outline',
  says: 'Outline drawn',
  byHand: true,
  payload: from('outline', 'jobId', 'stepId', 'shape', 'corners'),
  needs: (p) => [{ table: 'step' as const, id: p.stepId }],
  draft: (d, p, c) => {
    d.need('step', p.stepId);
    d.insert('outline', { id: c.entity.id, ...p, madeAt: c.madeAt });
  },
});

const outlineSet = defineSet('outline.set', 'outline', 'Outline changed', ['shape', 'corners'], { byHand: true });

/** An outline goes, with its holes; the screws stay. */
const outlineRemove = define({
  type: 'outline.remove',
  on: 'outline',
  says: 'Outline removed',
  byHand: true,
  payload: from('outline', 'jobId'),
  needs: (_p, c) => [{ table: 'hole', field: 'outlineId', is: c.entity.id }],
  draft: (d, _p, c) => {
    const outline = d.need('outline', c.entity.id);
    for (const h of d.rows('hole').filter((x) => x.outlineId === outline.id)) d.remove('hole', h.id);
    d.remove('outline', outline.id);
  },
});

/** One hole, or all those that lie alike, in one act. */
const holesAdd = define({
  type: 'holes.add',
  on: 'outline',
  says: 'Holes marked',
  byHand: true,
  payload: { ...from('hole', 'jobId', 'fastenerId'), holes: list(object({ id: id(), ...from('hole', 'x', 'y') }), 60, 1, 'Mark a hole.') },
  needs: (p) => [
    ...(p.fastenerId ? [{ table: 'fastener' as const, id: p.fastenerId }] : []),
    ...p.holes.map((h) => ({ table: 'hole' as const, id: h.id })),
  ],
  draft: (d, p, c) => {
    d.need('outline', c.entity.id);
    if (p.fastenerId) d.need('fastener', p.fastenerId);
    for (const h of p.holes) d.insert('hole', { ...h, jobId: p.jobId, outlineId: c.entity.id, fastenerId: p.fastenerId });
  },
});

const holeSet = defineSet('hole.set', 'hole', 'Hole changed', ['x', 'y', 'fastenerId'], { byHand: true });

const holeRemove = define({
  type: 'hole.remove',
  on: 'hole',
  says: 'Hole removed',
  byHand: true,
  payload: from('hole', 'jobId'),
  draft: (d, _p, c) => {
    d.need('hole', c.entity.id);
    d.remove('hole', c.entity.id);
  },
});

export const outlines = [outlineDraw, outlineSet, outlineRemove, holesAdd, holeSet, holeRemove];
