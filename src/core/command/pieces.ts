import { pieceOutcomes } from '../state';
import { outcomesOf } from '../strip';
import { oneOf, words } from '../state/kinds';
import { define, from } from './define';
import { Refused } from './types';

/** Pieces that broke off, dropped, are missing or left over, and how each is accounted for. */

const pieceAdd = define({
  type: 'piece.add',
  on: 'piece',
  says: 'Piece to account for',
  payload: from('piece', 'jobId', 'stepId', 'name', 'went', 'note'),
  needs: (p) => (p.stepId ? [{ table: 'step' as const, id: p.stepId }] : []),
  draft: (d, p, c) => {
    if (p.stepId) d.need('step', p.stepId);
    d.insert('piece', { id: c.entity.id, ...p, outcome: null, proof: null, settledBy: null, madeAt: c.madeAt, settledAt: null });
  },
});

const pieceSettle = define({
  type: 'piece.settle',
  on: 'piece',
  says: 'Piece accounted for',
  payload: {
    ...from('piece', 'jobId'),
    outcome: oneOf(...pieceOutcomes),
    proof: words(500),
    settledBy: words(80),
  },
  draft: (d, p, c) => {
    const piece = d.need('piece', c.entity.id);
    if (piece.outcome)
      throw new Refused({ code: 'not yet', message: `${piece.name} is accounted for already: ${piece.outcome}, ${piece.proof}.` });
    if (!outcomesOf(piece.went).includes(p.outcome))
      throw new Refused({
        code: 'not yet',
        message:
          p.outcome === 'spare'
            ? `${piece.name} ${piece.went === 'missing' ? 'is missing' : piece.went}: it is found, or proved not to be inside. Only what is left over is spare.`
            : `${piece.name} is left over. It is in the hand: find its place, or say why it has none.`,
      });
    d.set('piece', piece.id, { outcome: p.outcome, proof: p.proof, settledBy: p.settledBy, settledAt: c.madeAt });
  },
});

export const pieces = [pieceAdd, pieceSettle];
