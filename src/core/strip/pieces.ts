import type { Overrule, Part, Piece, PieceOutcome, PieceWay } from '../state';

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
 * How a piece may be accounted for: what is in the hand is not inside by itself, so that its place is found or it has none.
 * @param went how it went
 */
export const outcomesOf = (went: PieceWay): readonly PieceOutcome[] =>
  went === 'left over' ? ['found', 'spare'] : ['found', 'not inside'];

/**
 * What is open about a piece: "Rocker tang broke off and is not found".
 * @param p a piece
 * @returns a sentence without an end mark
 */
export function pieceWords(p: Pick<Piece, 'name' | 'went'>): string {
  if (p.went === 'left over') return `${p.name} is left over: its place is not known`;
  return p.went === 'missing' ? `${p.name} is missing and not accounted for` : `${p.name} ${p.went} and is not found`;
}

/**
 * What settles a piece.
 * @param p a piece
 * @returns a sentence without an end mark
 */
export const pieceLift = (p: Pick<Piece, 'went'>): string =>
  p.went === 'left over' ? 'Find its place, or say why it has none' : 'Find it, or prove that it is not inside';

/** Something that is in the hand and has no place on the bike. */
export interface Spare {
  id: string;
  what: string;
  why: string;
}

/**
 * What is spare: pieces that were left over and have no place, and parts that came and are not wanted. It goes with the bike, or back.
 * @param pieces those of one job
 * @param parts those of one job
 */
export const sparesOf = (pieces: readonly Piece[], parts: readonly Pick<Part, 'id' | 'name' | 'quantity' | 'status'>[]): Spare[] => [
  ...pieces.filter((p) => p.outcome === 'spare').map((p) => ({ id: p.id, what: p.name, why: `left over, ${p.proof}` })),
  ...parts
    .filter((p) => p.status === 'spare')
    .map((p) => ({ id: p.id, what: p.quantity > 1 ? `${p.quantity} × ${p.name}` : p.name, why: 'bought, not wanted' })),
];

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
