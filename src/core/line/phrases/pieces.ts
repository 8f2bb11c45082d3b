import { pieceWays, type Piece, type PieceOutcome, type PieceWay } from '../../state';
import { openPieces } from '../../strip';
import { among, mark, maybe, oneOf, said, words } from '../slots';
import type { Phrase, Slot } from '../types';
import { one, rowsOf } from './common';

/** Pieces that broke off, dropped, are missing or left over, and how each is accounted for. */

const went: Slot<PieceWay> = among<PieceWay>(pieceWays.join(', '), {
  'broke off': 'broke off',
  broke: 'broke off',
  'broken off': 'broke off',
  dropped: 'dropped',
  missing: 'missing',
  'is missing': 'missing',
  'left over': 'left over',
  'is left over': 'left over',
});

const lost: Phrase = {
  id: 'piece',
  does: 'A piece that broke off, dropped, is missing or left over',
  example: 'piece rocker tang broke off, into the sump perhaps',
  slots: [
    said('piece', 'lost piece'),
    mark,
    words('which piece', ['broke', 'broken', 'dropped', 'missing', 'left', 'is']),
    went,
    mark,
    words('where it may be', [], true),
  ] as Slot<unknown>[],
  mean([, , name, way, , note], { context }) {
    const note_ = (note as string) || null;
    return one('piece', `To account for: ${name as string}, ${way as string}${note_ ? ` (${note_})` : ''}`, {
      do: 'act',
      type: 'piece.add',
      id: null,
      payload: { jobId: context.jobId, stepId: null, name: name as string, went: way as PieceWay, note: note_ },
    });
  },
};

const open: Slot<Piece> = oneOf('a piece', (c) => openPieces(rowsOf(c, 'piece')).map((p) => ({ value: p, names: [p.name] })));

const settled: Phrase = {
  id: 'piece is',
  does: 'A piece found, proved not to be inside, or spare',
  example: 'piece found rocker tang: in the sump screen',
  slots: [
    said('piece'),
    among<PieceOutcome>('found, not inside or spare', {
      found: 'found',
      'not inside': 'not inside',
      'is not inside': 'not inside',
      spare: 'spare',
    }),
    mark,
    open,
    mark,
    maybe(said('because')),
    words('where, how that is proved, or why it has no place'),
  ] as Slot<unknown>[],
  mean([, outcome, , p, , , proof], { context }) {
    const piece = p as Piece;
    if (!context.actor) return [];
    return one('piece is', `${piece.name}: ${outcome as string}, ${proof as string} (${context.actor.name})`, {
      do: 'act',
      type: 'piece.settle',
      id: piece.id,
      payload: {
        jobId: context.jobId,
        outcome: outcome as PieceOutcome,
        proof: proof as string,
        settledBy: context.actor.name,
      },
    });
  },
};

export const piecePhrases = [lost, settled];
