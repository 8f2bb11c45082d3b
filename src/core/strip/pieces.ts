import type { Overrule, Piece } from '../state';

/**
 * Pieces that are neither found nor proved not to be inside, oldest first.
 * @param pieces those of one job
 */
export const openPieces = (pieces: readonly Piece[]): Piece[] => pieces.filter((p) => !p.outcome);

/**
 * The code under which an open piece stands against an act.
 * @param p a piece
 * @returns "piece:" and its id
 */
export const pieceCode = (p: Pick<Piece, 'id'>): string => `piece:${p.id}`;

/**
 * What is open about a piece: "Rocker tang broke off and is not found".
 * @param p a piece
 * @returns a sentence without an end mark
 */
export const pieceWords = (p: Pick<Piece, 'name' | 'went'>): string =>
  p.went === 'missing' ? `${p.name} is missing and not accounted for` : `${p.name} ${p.went} and is not found`;

/**
 * Pieces over which nothing may be closed. A lost piece may lie anywhere that is open, so it is not asked which cover is meant
 * (common practice: nothing is closed until every piece is accounted for). A person's word that goes over a piece lets it pass.
 * @param pieces those of one job
 * @param overrules reasons that people gave
 */
export function piecesInTheWay(pieces: readonly Piece[], overrules: readonly Pick<Overrule, 'codes' | 'endedAt'>[]): Piece[] {
  const over = new Set(overrules.filter((o) => !o.endedAt).flatMap((o) => o.codes));
  return openPieces(pieces).filter((p) => !over.has(pieceCode(p)));
}
